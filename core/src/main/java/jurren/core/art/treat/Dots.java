package jurren.core.art.treat;

import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import java.awt.geom.Ellipse2D;
import java.util.ArrayList;
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
        if (shape.isEmpty()) {
            return paints;
        }
        Region room = shape.grown(-acrossMm * 0.75, CornerStyle.ROUND);
        Box b = shape.bounds();
        double pitch = acrossMm + spacingMm;
        double rowPitch = pitch * Math.sqrt(3) / 2;
        if (b.areaMm2() / (pitch * rowPitch) > MOST) {
            throw new IllegalArgumentException("dots so small would be more than " + MOST);
        }
        List<Region> dots = new ArrayList<>();
        int row = 0;
        for (double y = b.minYMm() + pitch / 2; y < b.maxYMm(); y += rowPitch, row++) {
            for (double x = b.minXMm() + pitch / 2 + (row % 2) * pitch / 2; x < b.maxXMm(); x += pitch) {
                if (room.contains(new Point(x, y))) {
                    dots.add(dot(x, y));
                }
            }
        }
        return Limits.filled(paints, Region.weld(dots), cutThrough, colour);
    }

    private Region dot(double x, double y) {
        return Curves.of(new Ellipse2D.Double(x - acrossMm / 2, y - acrossMm / 2, acrossMm, acrossMm)).enclosed();
    }

    private static final int MOST = 20_000;
}
