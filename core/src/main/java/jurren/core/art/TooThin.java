package jurren.core.art;

import java.util.List;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;

/**
 * What of a shape is thinner than a film can hold: what an opening by half that width takes away, the tips
 * of corners left out.
 */
public final class TooThin {
    /** Of the square of the width; the tip of a right-angled corner is a twentieth. */
    private static final double TIP = 0.35;

    private static final double SLACK = 0.03;

    private TooThin() {}

    /** The places, each a piece of its own; empty when everything holds. */
    public static List<Region> of(Region shape, double leastMm) {
        if (shape.isEmpty() || leastMm <= 0) {
            return List.of();
        }
        Region holds = shape.grown(-leastMm / 2, CornerStyle.ROUND)
                .grown(leastMm / 2 * (1 + SLACK) + SLACK / 10, CornerStyle.ROUND);
        return shape.minus(holds).pieces().stream()
                .map(p -> p.region())
                .filter(r -> r.areaMm2() > TIP * leastMm * leastMm)
                .toList();
    }
}
