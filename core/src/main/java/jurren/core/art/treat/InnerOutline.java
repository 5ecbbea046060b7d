package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * A second colour on top of everything so far, {@code distanceMm} inside its edge. Where the shape is
 * narrower than twice that, nothing is on top.
 */
public record InnerOutline(double distanceMm, CornerStyle corners, Colour colour) implements Treatment {
    public InnerOutline {
        Limits.above("an outline", distanceMm, 0);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        Region inner = Paint.welded(paints).grown(-distanceMm, corners);
        if (inner.isEmpty()) {
            return paints;
        }
        List<Paint> all = new ArrayList<>(paints);
        all.add(new Paint(colour, List.of(inner)));
        return all;
    }
}
