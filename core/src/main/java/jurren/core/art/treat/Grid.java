package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.TooMuch;
import jurren.core.art.Treatment;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * Crossed by lines of a width, {@code gapMm} apart both ways, even about the middle. Cut through or in a second colour.
 * From there it can be moved and turned; each part may have its own.
 */
public record Grid(
        double widthMm,
        double gapMm,
        double degrees,
        boolean cutThrough,
        Colour colour,
        double shiftMm,
        double downMm,
        boolean eachPart)
        implements Treatment {
    private static final int MOST_LINES = 500;
    private static final int MOST_CROSSINGS = 20_000;

    public Grid {
        Pattern.Tiling.check(shiftMm, downMm, degrees);
        Limits.ofPattern("a line", widthMm);
        Limits.ofPattern("a gap", gapMm);
    }

    /** Even about the middle of the whole. */
    public Grid(double widthMm, double gapMm, double degrees, boolean cutThrough, Colour colour) {
        this(widthMm, gapMm, degrees, cutThrough, colour, 0, 0, false);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Pattern.fill(paints, Pattern.Tiling.of(shiftMm, downMm, eachPart), this::lines, cutThrough, colour);
    }

    private Pattern lines(Region shape) {
        Placement level = Placement.turned(-degrees);
        Placement back = Placement.turned(degrees);
        Box all = shape.placed(level).bounds();
        double pitch = widthMm + gapMm;
        if (all.widthMm() / pitch * (all.heightMm() / pitch) > MOST_CROSSINGS
                || Math.max(all.widthMm(), all.heightMm()) / pitch > MOST_LINES) {
            throw new TooMuch("so close it would be more than " + MOST_LINES + " lines");
        }
        return piece -> {
            Box b = piece.bounds().placed(level);
            List<Region> lines = new ArrayList<>();
            for (double x = first(all.centre().xMm(), b.minXMm(), pitch); x < b.maxXMm() + widthMm; x += pitch) {
                lines.add(Region.of(Box.ofSize(x - widthMm / 2, b.minYMm() - 1, widthMm, b.heightMm() + 2)));
            }
            for (double y = first(all.centre().yMm(), b.minYMm(), pitch); y < b.maxYMm() + widthMm; y += pitch) {
                lines.add(Region.of(Box.ofSize(b.minXMm() - 1, y - widthMm / 2, b.widthMm() + 2, widthMm)));
            }
            return Region.weld(lines).placed(back).sound();
        };
    }

    /** Lines stand half a pitch to both sides of the middle. */
    private static double first(double middle, double least, double pitch) {
        return middle - pitch / 2 - Math.ceil((middle - least) / pitch) * pitch;
    }
}
