package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.TooMuch;
import jurren.core.art.Treatment;
import jurren.core.geometry.Box;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * Filled with zigzag bands: each rises and falls once in {@code lengthMm} by half of that. Widths are
 * measured straight down. Cut through or in a second colour.
 * From there it can be moved and turned; each part may have its own.
 */
public record Chevrons(
        double widthMm,
        double gapMm,
        double lengthMm,
        boolean cutThrough,
        Colour colour,
        double shiftMm,
        double downMm,
        double degrees,
        boolean eachPart)
        implements Treatment {
    private static final int MOST_CORNERS = 10_000;

    public Chevrons {
        Pattern.Tiling.check(shiftMm, downMm, degrees);
        Limits.ofPattern("a band", widthMm);
        Limits.ofPattern("a gap", gapMm);
        Limits.within("a zigzag", lengthMm, 0.5, 2_000);
    }

    /** Upright, even about the middle of the whole. */
    public Chevrons(double widthMm, double gapMm, double lengthMm, boolean cutThrough, Colour colour) {
        this(widthMm, gapMm, lengthMm, cutThrough, colour, 0, 0, 0, false);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Pattern.fill(
                paints,
                new Pattern.Tiling(shiftMm, downMm, degrees, false, eachPart),
                s -> bands(s.bounds()),
                cutThrough,
                colour);
    }

    private Pattern bands(Box all) {
        double pitch = widthMm + gapMm;
        double rise = lengthMm / 2;
        if ((all.heightMm() + rise) / pitch * (all.widthMm() / lengthMm + 2) > MOST_CORNERS) {
            throw new TooMuch("zigzags so small would have more than " + MOST_CORNERS + " corners");
        }
        return piece -> {
            Box b = piece.bounds();
            int first = (int) Math.floor((b.minXMm() - all.centre().xMm()) / lengthMm) * 2 - 1;
            int last = (int) Math.ceil((b.maxXMm() - all.centre().xMm()) / lengthMm) * 2 + 1;
            int firstRow = (int) Math.floor((b.minYMm() - rise - widthMm - all.minYMm()) / pitch);
            int lastRow = (int) Math.ceil((b.maxYMm() - all.minYMm()) / pitch);
            List<Region> bands = new ArrayList<>();
            for (int row = firstRow; row <= lastRow; row++) {
                double y = all.minYMm() + row * pitch;
                List<Point> band = new ArrayList<>();
                for (int i = first; i <= last; i++) {
                    band.add(corner(all, i, y, rise));
                }
                for (int i = last; i >= first; i--) {
                    band.add(corner(all, i, y + widthMm, rise));
                }
                bands.add(Region.enclosedBy(List.of(Outline.of(band)), FillRule.NON_ZERO));
            }
            return Region.together(bands);
        };
    }

    /** The middle of the shape is the top of a zigzag. */
    private Point corner(Box all, int i, double y, double rise) {
        return new Point(all.centre().xMm() + i * lengthMm / 2, y + (Math.floorMod(i, 2) == 0 ? 0 : rise));
    }
}
