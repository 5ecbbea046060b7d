package jurren.core.plan;

import jurren.core.layer.Layer;

/**
 * One sheet to be printed, so many times.
 *
 * @param place the face it goes onto
 */
public record PrintSheet(int order, String lineId, String place, String size, int copies, Layer layer) {
    /** Whether it is printed as in a mirror. */
    public boolean reversed() {
        return layer.making().reversed();
    }
}
