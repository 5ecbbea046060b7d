package jurren.core.load;

import jurren.core.geometry.Point;

/**
 * Where a person laid one layer of one piece, or where it was cut.
 *
 * @param layer   its order in the stack
 * @param stock   the piece of film
 * @param degrees counter-clockwise as the knife sees it
 * @param middle  of the rectangle around it, on the film
 */
public record Pin(String lineId, String place, String size, int copy, int layer, String stock, double degrees, Point middle) {
    public Pin {
        if (!Double.isFinite(degrees) || !Double.isFinite(middle.xMm()) || !Double.isFinite(middle.yMm())) {
            throw new IllegalArgumentException("a pin needs a place that is a number");
        }
    }

    public boolean isOf(CutItem item) {
        return lineId.equals(item.lineId()) && place.equals(item.place()) && size.equals(item.size()) && copy == item.copy()
                && layer == item.layer().order();
    }
}
