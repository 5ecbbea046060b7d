package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Region;

/** Tips narrower than {@code leastMm} are cut off; parts that are narrow between wider ones stay. */
public record Blunt(double leastMm) implements Treatment {
    /** A right corner loses less than this share of the width's square to the opening. */
    private static final double CORNER_SHARE = 0.5;

    private static final double TOUCH_MM = 0.01;

    public Blunt {
        Limits.above("a tip", leastMm, 0);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Paint.each(paints, r -> {
            Region opened = r.grown(-leastMm / 2, CornerStyle.ROUND).grown(leastMm / 2, CornerStyle.ROUND);
            List<Region> tips = r.minus(opened).pieces().stream()
                    .map(Piece::region)
                    .filter(p -> p.areaMm2() > CORNER_SHARE * leastMm * leastMm && isEnd(p, opened))
                    .toList();
            return tips.isEmpty() ? r : r.minus(Region.weld(tips).grown(TOUCH_MM, CornerStyle.MITRED));
        });
    }

    /** It hangs on the wider rest at one place only. */
    private boolean isEnd(Region tip, Region rest) {
        return tip.grown(2 * TOUCH_MM, CornerStyle.MITRED)
                        .intersect(rest)
                        .withoutCrumbs(TOUCH_MM * TOUCH_MM)
                        .pieceCount()
                == 1;
    }
}
