package jurren.core.plan;

import jurren.core.layer.Layer;

/**
 * One sheet to be printed, so many times.
 *
 * @param reversed whether it is printed as in a mirror
 */
public record PrintSheet(int order, String lineId, String size, int copies, Layer layer, boolean reversed) {
}
