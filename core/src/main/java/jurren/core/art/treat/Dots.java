package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Ellipses;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * Filled with dots in rows, every second row set off by half, whole dots only: those that would cross
 * the edge, or come nearer to it than a quarter of their size, are left out. Cut through or in a second colour.
 * From there it can be moved and turned; each part may have its own.
 */
public record Dots(
        double acrossMm,
        double spacingMm,
        boolean cutThrough,
        Colour colour,
        double shiftMm,
        double downMm,
        double degrees,
        boolean alongEdge,
        boolean whole,
        boolean eachPart)
        implements Treatment {
    public Dots {
        Pattern.Tiling.check(shiftMm, downMm, degrees);
        Limits.ofPattern("a dot", acrossMm);
        Limits.ofPattern("a spacing", spacingMm);
    }

    /** Whole ones only, level, even about the middle of the whole. */
    public Dots(double acrossMm, double spacingMm, boolean cutThrough, Colour colour) {
        this(acrossMm, spacingMm, cutThrough, colour, 0, 0, 0, false, true, false);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        double pitch = acrossMm + spacingMm;
        Region dot = Curves.of(Ellipses.of(-acrossMm / 2, -acrossMm / 2, acrossMm, acrossMm))
                .enclosed();
        return Pattern.fill(
                paints,
                new Pattern.Tiling(shiftMm, downMm, degrees, alongEdge, eachPart),
                s -> {
                    Lattice lattice = new Lattice(s.bounds(), pitch, pitch * Math.sqrt(3) / 2);
                    return whole ? lattice.whole(dot, acrossMm * 0.75) : lattice.everywhere(dot);
                },
                cutThrough,
                colour);
    }
}
