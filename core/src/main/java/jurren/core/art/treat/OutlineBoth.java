package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * A line of a second colour along the edge, on top of everything so far, reaching from {@code insideMm}
 * inside it to {@code outsideMm} outside.
 *
 * <p>Example: 1 mm and 2 mm on a square of 10 mm leave 8 mm of it free and make it 14 mm wide.
 */
public record OutlineBoth(double insideMm, double outsideMm, CornerStyle corners, Colour colour) implements Treatment {
    public OutlineBoth {
        Limits.above("an outline", insideMm, 0);
        Limits.above("an outline", outsideMm, 0);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        Region shape = Paint.welded(paints);
        if (shape.isEmpty()) {
            return paints;
        }
        List<Paint> all = new ArrayList<>(paints);
        all.add(new Paint(colour, List.of(shape.grown(outsideMm, corners).minus(shape.grown(-insideMm, corners)))));
        return all;
    }
}
