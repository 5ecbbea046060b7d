package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;

/** A level band is taken out, its middle at a share of the height from the top: room for a name in a letter. */
public record SplitBand(double heightMm, double percent) implements Treatment {
    public SplitBand {
        Limits.above("a band", heightMm, 0);
        Limits.within("a place", percent, 0, 100);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Paint.box(paints)
                .map(b -> {
                    double middle = b.minYMm() + percent / 100 * b.heightMm();
                    Region band =
                            Region.of(Box.ofSize(b.minXMm() - 1, middle - heightMm / 2, b.widthMm() + 2, heightMm));
                    return Paint.each(paints, r -> r.minus(band));
                })
                .orElse(paints);
    }
}
