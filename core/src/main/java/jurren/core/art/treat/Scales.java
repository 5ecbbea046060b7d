package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Box;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Ellipses;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * Crossed by the edges of overlapping scales: the lower halves of circles {@code acrossMm} wide, every
 * second row set off by half. The edges are cut through or in a second colour.
 * From there it can be moved and turned; each part may have its own.
 */
public record Scales(
        double acrossMm,
        double widthMm,
        boolean cutThrough,
        Colour colour,
        double shiftMm,
        double downMm,
        double degrees,
        boolean eachPart)
        implements Treatment {
    public Scales {
        Pattern.Tiling.check(shiftMm, downMm, degrees);
        Limits.ofPattern("a scale", acrossMm);
        Limits.ofPattern("an edge", widthMm);
        if (widthMm >= acrossMm / 2) {
            throw new IllegalArgumentException(
                    "an edge must be narrower than half a scale, " + acrossMm / 2 + " mm, but was " + widthMm);
        }
    }

    /** Level, even about the middle of the whole. */
    public Scales(double acrossMm, double widthMm, boolean cutThrough, Colour colour) {
        this(acrossMm, widthMm, cutThrough, colour, 0, 0, 0, false);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        Region arc = circle(acrossMm)
                .minus(circle(acrossMm - 2 * widthMm))
                .intersect(Region.of(Box.ofSize(-acrossMm, 0, 2 * acrossMm, acrossMm)));
        return Pattern.fill(
                paints,
                new Pattern.Tiling(shiftMm, downMm, degrees, false, eachPart),
                s -> new Lattice(s.bounds(), acrossMm - widthMm, acrossMm / 2).everywhere(arc),
                cutThrough,
                colour);
    }

    private static Region circle(double across) {
        return Curves.of(Ellipses.of(-across / 2, -across / 2, across, across)).enclosed();
    }
}
