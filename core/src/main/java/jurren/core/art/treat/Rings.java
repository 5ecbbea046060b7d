package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * Several outlines in one go behind everything so far, each {@code distanceMm} beyond the last, in two
 * colours in turn from the inside out.
 *
 * <p>Example: 3 rings of 2 mm round a shape 10 mm wide make it 22 mm wide.
 */
public record Rings(int count, double distanceMm, CornerStyle corners, Colour first, Colour second)
        implements Treatment {
    public Rings {
        Limits.within("rings", count, 1, 12);
        Limits.above("a ring", distanceMm, 0);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        Region shape = Paint.welded(paints);
        if (shape.isEmpty()) {
            return paints;
        }
        List<Paint> all = new ArrayList<>();
        for (int i = count; i >= 1; i--) {
            all.add(new Paint(i % 2 == 1 ? first : second, List.of(shape.grown(i * distanceMm, corners))));
        }
        all.addAll(paints);
        return all;
    }
}
