package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Placement;

/** Made as large as fits into a box, around the motif's origin; in proportion, or filling it both ways. */
public record FitBox(double widthMm, double heightMm, boolean stretched) implements Treatment {
    public FitBox {
        Limits.above("a box", widthMm, 0);
        Limits.above("a box", heightMm, 0);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Paint.box(paints)
                .map(b -> {
                    double x = widthMm / b.widthMm();
                    double y = heightMm / b.heightMm();
                    Placement fit = Placement.moved(
                                    -b.centre().xMm(), -b.centre().yMm())
                            .then(stretched ? Placement.scaled(x, y) : Placement.scaled(Math.min(x, y)));
                    return Paint.placed(paints, fit);
                })
                .orElse(paints);
    }
}
