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
public record Pin(String lineId, String place, String size, int copy, int layer, String stock, double degrees, Point at) {
    public Pin {
        if (!Double.isFinite(degrees) || !Double.isFinite(at.xMm()) || !Double.isFinite(at.yMm())) {
            throw new IllegalArgumentException("a pin needs a place that is a number");
        }
    }

    /** As something lies. */
    public static Pin of(Placed p, String stock) {
        CutItem i = p.item();
        return new Pin(i.lineId(), i.place(), i.size(), i.copy(), i.layer().order(), stock, p.degrees(), new Point(p.onto().dxMm(), p.onto().dyMm()));
    }

    public boolean isOf(CutItem item) {
        return lineId.equals(item.lineId()) && place.equals(item.place()) && size.equals(item.size()) && copy == item.copy()
                && layer == item.layer().order();
    }
}
