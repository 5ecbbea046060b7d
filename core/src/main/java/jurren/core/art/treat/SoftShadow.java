package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jurren.core.art.Ink;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/** A shadow behind everything, moved aside and fading out over {@code blurMm}. Only a printer can make it. */
public record SoftShadow(double acrossMm, double downMm, double blurMm, double strengthPercent, Colour colour)
        implements Treatment {
    public SoftShadow {
        Limits.within("a way across", acrossMm, -1000, 1000);
        Limits.within("a way down", downMm, -1000, 1000);
        Limits.within("a blur", blurMm, 0.1, 100);
        Limits.within("a strength", strengthPercent, 1, 100);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        Region shape = Paint.welded(paints);
        if (shape.isEmpty()) {
            return paints;
        }
        Region moved = shape.placed(Placement.moved(acrossMm, downMm));
        Blurred blurred = Blurred.of(moved, blurMm, colour);
        List<Paint> all = new ArrayList<>();
        all.add(new Paint(
                colour,
                Optional.of(new Ink.OfPicture(blurred, blurred.toMm(), strengthPercent / 100)),
                List.of(moved.grown(blurMm, CornerStyle.ROUND))));
        all.addAll(paints);
        return all;
    }
}
