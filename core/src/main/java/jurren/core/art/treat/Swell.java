package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Box;
import jurren.core.geometry.Warp;

/** The middle swollen up and down (or, below zero, pinched) by a share of the height; the ends stay. */
public record Swell(double percent) implements Treatment {
    public Swell {
        Limits.within("a swelling", percent, -90, 300);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Paint.box(paints)
                .map(b -> Paint.each(paints, r -> r.warped(warp(b)).sound()))
                .orElse(paints);
    }

    private Warp warp(Box b) {
        double middleY = b.centre().yMm();
        double half = Math.max(b.widthMm() / 2, 1e-6);
        double middleX = b.centre().xMm();
        return Bent.of(b.widthMm() / 4, (x, y, to, at) -> {
            double t = Math.clamp((x - middleX) / half, -1, 1);
            to[at] = x;
            to[at + 1] = middleY + (y - middleY) * (1 + percent / 100 * (1 - t * t));
        });
    }
}
