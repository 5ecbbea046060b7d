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
 * Filled with stripes of a width, as far apart as a gap, at an angle. Cut through, the stripes are taken
 * away; otherwise they lie on top in a second colour. They are set about the middle so that what stays
 * at both edges is equal, and no stripe narrower than a fifth of its width begins at an edge.
 * From there it can be moved and turned; each part may have its own.
 */
public record Stripes(
        double widthMm,
        double gapMm,
        double degrees,
        boolean cutThrough,
        Colour colour,
        double shiftMm,
        double downMm,
        boolean eachPart)
        implements Treatment {
    private static final int MOST = 3_000;

    public Stripes {
        Pattern.Tiling.check(shiftMm, downMm, degrees);
        Limits.ofPattern("a stripe", widthMm);
        Limits.ofPattern("a gap", gapMm);
    }

    /** Even about the middle of the whole. */
    public Stripes(double widthMm, double gapMm, double degrees, boolean cutThrough, Colour colour) {
        this(widthMm, gapMm, degrees, cutThrough, colour, 0, 0, false);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Pattern.fill(paints, Pattern.Tiling.of(shiftMm, downMm, eachPart), this::stripes, cutThrough, colour);
    }

    private Pattern stripes(Region shape) {
        Placement level = Placement.turned(-degrees);
        Placement back = Placement.turned(degrees);
        Box all = shape.placed(level).bounds();
        double pitch = widthMm + gapMm;
        if (all.heightMm() / pitch > MOST) {
            throw new TooMuch("so close it would be more than " + MOST + " stripes");
        }
        int count = (int) Math.max(1, Math.floor((all.heightMm() + gapMm - widthMm * SLIVER * 2) / pitch));
        double top = all.centre().yMm() - (count * pitch - gapMm) / 2;
        return piece -> {
            Box b = piece.bounds().placed(level);
            // moved stripes run on to the edges, even ones end where what stays is equal
            boolean moved = shiftMm != 0 || downMm != 0;
            int first = Math.max(moved ? Integer.MIN_VALUE : 0, (int) Math.floor((b.minYMm() - top - widthMm) / pitch));
            int last = Math.min(moved ? Integer.MAX_VALUE : count - 1, (int) Math.ceil((b.maxYMm() - top) / pitch));
            List<Region> stripes = new ArrayList<>();
            for (int i = first; i <= last; i++) {
                stripes.add(Region.of(Box.ofSize(b.minXMm() - 1, top + i * pitch, b.widthMm() + 2, widthMm)));
            }
            return Region.together(stripes).placed(back);
        };
    }

    private static final double SLIVER = 0.2;
}
