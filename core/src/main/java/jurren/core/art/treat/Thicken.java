package jurren.core.art.treat;

import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import java.util.ArrayList;
import java.util.List;

/**
 * What is narrower than {@code leastMm} is made wider: the strips that an opening by half of it would
 * take away grow by half of what they lack at their narrowest, which makes them at least that wide
 * there. The rest stays as it is.
 */
public record Thicken(double leastMm) implements Treatment {
    public Thicken {
        Limits.above("a least width", leastMm, 0);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Paint.each(paints, r -> {
            Region opened = r.grown(-leastMm / 2, CornerStyle.ROUND).grown(leastMm / 2, CornerStyle.ROUND);
            List<Region> thin = new ArrayList<>();
            for (var piece : r.minus(opened).pieces()) {
                double narrow = Math.min(leastMm, piece.region().thinnest().widthMm());
                if (piece.region().areaMm2() > CORNER_SHARE * leastMm * leastMm) {
                    thin.add(piece.region().grown((leastMm - narrow) / 2, CornerStyle.ROUND));
                }
            }
            thin.add(r);
            return Region.weld(thin);
        });
    }

    /** A right corner loses less than this share of the width's square to the opening. */
    private static final double CORNER_SHARE = 0.06;
}
