package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;

/**
 * Corners rounded to a radius: outer ones by shrinking and growing again, inner ones the other way.
 * Parts narrower than twice the radius would vanish, so they are left as they are.
 */
public record RoundCorners(double radiusMm) implements Treatment {
    public RoundCorners {
        Limits.above("a radius", radiusMm, 0);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Paint.each(paints, r -> {
            Region opened = r.grown(-radiusMm, CornerStyle.ROUND).grown(radiusMm, CornerStyle.ROUND);
            Region kept = opened.isEmpty() ? r : opened.weld(lost(r, opened));
            return kept.grown(radiusMm, CornerStyle.ROUND)
                    .grown(-radiusMm, CornerStyle.ROUND)
                    .sound();
        });
    }

    /** What an opening takes away and is no corner: longer than a corner of this radius can be. */
    private Region lost(Region r, Region opened) {
        return Region.weld(r.minus(opened).pieces().stream()
                .map(p -> p.region())
                .filter(p -> p.areaMm2() > radiusMm * radiusMm)
                .toList());
    }
}
