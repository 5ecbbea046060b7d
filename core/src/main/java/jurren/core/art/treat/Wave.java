package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Warp;

/** Moved up and down along a wave of a height and a length. */
public record Wave(double heightMm, double lengthMm) implements Treatment {
    public Wave {
        Limits.within("a wave", heightMm, 0, 1_000);
        Limits.within("a wave's length", lengthMm, 1, 10_000);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        double curve = lengthMm * lengthMm / (4 * Math.PI * Math.PI * Math.max(heightMm / 2, 1e-6));
        Warp wave = Bent.of(Math.min(curve, 1e4), (x, y, to, at) -> {
            to[at] = x;
            to[at + 1] = y - heightMm / 2 * Math.sin(2 * Math.PI * x / lengthMm);
        });
        return Paint.each(paints, r -> r.warped(wave).sound());
    }
}
