package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Shape;
import jurren.core.art.Treatment;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * Filled with five-pointed stars in rows, whole ones only. Cut through or in a second colour.
 * From there it can be moved and turned; each part may have its own.
 */
public record Stars(
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
    private static final double CLEAR = 0.6;

    public Stars {
        Pattern.Tiling.check(shiftMm, downMm, degrees);
        Limits.ofPattern("a star", acrossMm);
        Limits.ofPattern("a spacing", spacingMm);
    }

    /** Whole ones only, level, even about the middle of the whole. */
    public Stars(double acrossMm, double spacingMm, boolean cutThrough, Colour colour) {
        this(acrossMm, spacingMm, cutThrough, colour, 0, 0, 0, false, true, false);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        double pitch = acrossMm + spacingMm;
        Region star = new Shape(Shape.Kind.STAR, acrossMm, acrossMm * 0.951, 5, 0.6, colour).region();
        return Pattern.fill(
                paints,
                new Pattern.Tiling(shiftMm, downMm, degrees, alongEdge, eachPart),
                s -> {
                    Lattice lattice = new Lattice(s.bounds(), pitch, pitch * Math.sqrt(3) / 2);
                    return whole ? lattice.whole(star, acrossMm * CLEAR) : lattice.everywhere(star);
                },
                cutThrough,
                colour);
    }
}
