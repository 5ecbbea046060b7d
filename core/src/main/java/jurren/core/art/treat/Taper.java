package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Box;
import jurren.core.geometry.Warp;

/**
 * Narrower towards the top (or, below zero, towards the foot): at the top of the box widths are
 * {@code percent} smaller, at the foot as they were.
 */
public record Taper(double percent) implements Treatment {
    public Taper {
        Limits.within("a taper", percent, -95, 95);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Paint.box(paints)
                .map(b -> Paint.each(paints, r -> r.warped(warp(b)).sound()))
                .orElse(paints);
    }

    private Warp warp(Box b) {
        double foot = percent >= 0 ? b.maxYMm() : b.minYMm();
        double narrow = Math.abs(percent) / 100 / b.heightMm();
        double middle = b.centre().xMm();
        return Bent.of(b.widthMm(), (x, y, to, at) -> {
            to[at] = middle + (x - middle) * (1 - narrow * Math.abs(foot - y));
            to[at + 1] = y;
        });
    }
}
