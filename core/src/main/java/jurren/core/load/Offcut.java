package jurren.core.load;

import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * A sheet, or what is left of a piece of film: of any outline, with holes. It is stuck on a mat to be cut.
 *
 * @param outline as it lies in the cutter, its lower left corner at the origin
 * @param whole   a sheet as it was bought
 */
public record Offcut(String id, String materialId, Colour colour, Region outline, boolean whole, String since) implements Stock {
    /** Its edges were cut by hand, and the tape that holds it down lies there. */
    public static final double EDGE_MM = 3;
    /** Smaller is waste. */
    public static final double LEAST_MM2 = 400;
    private static final double LARGEST_MM = 5000;

    public Offcut {
        if (outline.isEmpty() || outline.areaMm2() < 1) {
            throw new IllegalArgumentException("offcut " + id + " has no area");
        }
        Box box = outline.bounds();
        if (box.widthMm() > LARGEST_MM || box.heightMm() > LARGEST_MM) {
            throw new IllegalArgumentException("offcut " + id + " is larger than 5 m");
        }
        if (box.minXMm() != 0 || box.minYMm() != 0) {
            outline = outline.placed(Placement.moved(-box.minXMm(), -box.minYMm()));
        }
    }

    @Override
    public double widthMm() {
        return outline.bounds().heightMm();
    }

    @Override
    public double lengthMm() {
        return outline.bounds().widthMm();
    }

    @Override
    public Region usable(Cutter cutter) {
        return widthMm() > cutter.usableMm(cutter.widthMm()) ? Region.EMPTY : outline.grown(-EDGE_MM, CornerStyle.MITRED);
    }
}
