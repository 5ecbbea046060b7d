package jurren.core.load;

import jurren.core.geometry.Point;

/**
 * Where a person laid one layer of one piece, or where it was cut.
 *
 * @param layer   its order in the stack
 * @param stock   the piece of film
 * @param degrees counter-clockwise as the knife sees it
 * @param at      where the origin of its face comes to lie on the film
 */
public record Pin(
        String lineId, String place, String size, int copy, int layer, String stock, double degrees, Point at) {
    public Pin {
        if (!Double.isFinite(degrees) || !Double.isFinite(at.xMm()) || !Double.isFinite(at.yMm())) {
            throw new IllegalArgumentException("a pin needs a place that is a number");
        }
    }

    /** As something lies. */
    public static Pin of(Placed p, String stock) {
        CutItem i = p.item();
        return new Pin(
                i.lineId(),
                i.place(),
                i.size(),
                i.copy(),
                i.layer().order(),
                stock,
                p.degrees(),
                new Point(p.onto().dxMm(), p.onto().dyMm()));
    }

    public boolean isOf(CutItem item) {
        return isOf(
                item.lineId(),
                item.place(),
                item.size(),
                item.copy(),
                item.layer().order());
    }

    boolean isOfSame(Pin other) {
        return isOf(other.lineId, other.place, other.size, other.copy, other.layer);
    }

    private boolean isOf(String ofLine, String ofPlace, String ofSize, int ofCopy, int ofLayer) {
        return lineId.equals(ofLine)
                && place.equals(ofPlace)
                && size.equals(ofSize)
                && copy == ofCopy
                && layer == ofLayer;
    }
}
