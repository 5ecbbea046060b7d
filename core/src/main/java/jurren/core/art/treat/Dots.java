package jurren.core.art.treat;

import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import java.awt.geom.Ellipse2D;
import java.util.List;

/**
 * Filled with dots in rows, every second row set off by half, whole dots only: those that would cross
 * the edge, or come nearer to it than a quarter of their size, are left out. Cut through or in a second colour.
 */
public record Dots(double acrossMm, double spacingMm, boolean cutThrough, Colour colour) implements Treatment {
    public Dots {
        Limits.above("a dot", acrossMm, 0);
        Limits.above("a spacing", spacingMm, 0);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        Region shape = Paint.welded(paints);
        double pitch = acrossMm + spacingMm;
        Region dot = Curves.of(new Ellipse2D.Double(-acrossMm / 2, -acrossMm / 2, acrossMm, acrossMm)).enclosed();
        return shape.isEmpty() ? paints : Pattern.fill(paints, shape, new Lattice(shape.bounds(), pitch, pitch * Math.sqrt(3) / 2)
                .whole(dot, acrossMm * 0.75), cutThrough, colour);
    }
}
