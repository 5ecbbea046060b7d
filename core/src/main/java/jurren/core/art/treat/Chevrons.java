package jurren.core.art.treat;

import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Box;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import java.util.ArrayList;
import java.util.List;

/**
 * Filled with zigzag bands: each rises and falls once in {@code lengthMm} by half of that. Widths are
 * measured straight down. Cut through or in a second colour.
 */
public record Chevrons(double widthMm, double gapMm, double lengthMm, boolean cutThrough, Colour colour) implements Treatment {
    private static final int MOST_CORNERS = 50_000;

    public Chevrons {
        Limits.above("a band", widthMm, 0);
        Limits.above("a gap", gapMm, 0);
        Limits.above("a zigzag", lengthMm, 0);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        Region shape = Paint.welded(paints);
        return shape.isEmpty() ? paints : Limits.filled(paints, bands(shape.bounds()).intersect(shape), cutThrough, colour);
    }

    private Region bands(Box b) {
        double pitch = widthMm + gapMm;
        double rise = lengthMm / 2;
        int rows = (int) Math.ceil((b.heightMm() + 2 * rise) / pitch) + 1;
        int teeth = (int) Math.ceil(b.widthMm() / lengthMm) + 2;
        if ((double) rows * teeth > MOST_CORNERS) {
            throw new IllegalArgumentException("zigzags so small would have more than " + MOST_CORNERS + " corners");
        }
        double left = b.centre().xMm() - teeth / 2.0 * lengthMm;
        List<Region> all = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            double y = b.minYMm() - rise + row * pitch;
            List<Point> band = new ArrayList<>();
            for (int i = 0; i <= 2 * teeth; i++) {
                band.add(new Point(left + i * lengthMm / 2, y + (i % 2 == 0 ? rise : 0)));
            }
            for (int i = 2 * teeth; i >= 0; i--) {
                band.add(new Point(left + i * lengthMm / 2, y + widthMm + (i % 2 == 0 ? rise : 0)));
            }
            all.add(Region.enclosedBy(List.of(Outline.of(band)), jurren.core.geometry.FillRule.NON_ZERO));
        }
        return Region.weld(all);
    }
}
