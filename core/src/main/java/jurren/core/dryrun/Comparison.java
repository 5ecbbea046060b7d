package jurren.core.dryrun;

import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import java.util.Map;

/**
 * One finished copy beside its art.
 *
 * @param result       what the eye sees of each colour on the finished piece
 * @param wrong        where the two differ
 * @param agreeingMm2  where both have the same colour
 * @param allMm2       where either has any
 * @param worstMm      the largest distance from an edge of one to the nearest edge of the same colour on the other
 */
public record Comparison(String lineId, String size, int copy, Map<Colour, Region> result, Region wrong,
                         double agreeingMm2, double allMm2, double worstMm) {
    public double matchPercent() {
        return allMm2 == 0 ? 0 : 100 * agreeingMm2 / allMm2;
    }
}
