package jurren.core.art.treat;

import jurren.core.art.Paint;
import jurren.core.art.Shape;
import jurren.core.art.Treatment;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import java.util.List;

/** Filled with five-pointed stars in rows, whole ones only. Cut through or in a second colour. */
public record Stars(double acrossMm, double spacingMm, boolean cutThrough, Colour colour) implements Treatment {
    private static final double CLEAR = 0.6;

    public Stars {
        Limits.above("a star", acrossMm, 0);
        Limits.above("a spacing", spacingMm, 0);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        Region shape = Paint.welded(paints);
        double pitch = acrossMm + spacingMm;
        Region star = new Shape(Shape.Kind.STAR, acrossMm, acrossMm * 0.951, 5, 0.6, colour).region();
        return shape.isEmpty() ? paints : Pattern.fill(paints, shape, new Lattice(shape.bounds(), pitch, pitch * Math.sqrt(3) / 2)
                .whole(star, acrossMm * CLEAR), cutThrough, colour);
    }
}
