package jurren.core.art.treat;

import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import java.util.ArrayList;
import java.util.List;

/**
 * Filled with stripes of a width, as far apart as a gap, at an angle. Cut through, the stripes are taken
 * away; otherwise they lie on top in a second colour. They are set about the middle so that what stays
 * at both edges is equal, and no stripe narrower than a fifth of its width begins at an edge.
 */
public record Stripes(double widthMm, double gapMm, double degrees, boolean cutThrough, Colour colour) implements Treatment {
    public Stripes {
        Limits.above("a stripe", widthMm, 0);
        Limits.above("a gap", gapMm, 0);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        Region shape = Paint.welded(paints);
        if (shape.isEmpty()) {
            return paints;
        }
        return Limits.filled(paints, stripes(shape).intersect(shape), cutThrough, colour);
    }

    private Region stripes(Region shape) {
        Placement level = Placement.turned(-degrees);
        Box b = shape.bounds().placed(level);
        double pitch = widthMm + gapMm;
        double height = shape.placed(level).bounds().heightMm();
        double middle = shape.placed(level).bounds().centre().yMm();
        int count = (int) Math.max(1, Math.floor((height + gapMm - widthMm * SLIVER * 2) / pitch));
        double top = middle - (count * pitch - gapMm) / 2;
        List<Region> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            all.add(Region.of(Box.ofSize(b.minXMm() - 1, top + i * pitch, b.widthMm() + 2, widthMm)));
        }
        return Region.weld(all).placed(Placement.turned(degrees));
    }

    private static final double SLIVER = 0.2;
}
