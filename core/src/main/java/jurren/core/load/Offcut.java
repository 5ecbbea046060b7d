package jurren.core.load;

import java.util.Optional;
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
public record Offcut(
        String id,
        String materialId,
        Colour colour,
        Region outline,
        boolean whole,
        String since,
        Optional<Double> price)
        implements Stock {
    /** Its edges were cut by hand, and the tape that holds it down lies there. */
    public static final double EDGE_MM = 3;
    /** Smaller is waste. */
    public static final double LEAST_MM2 = 2000;

    private static final double LARGEST_MM = 5000;

    /** Which corner of a rectangle is missing, the leading edge at the left. */
    public enum Corner {
        NONE,
        UPPER_RIGHT,
        LOWER_RIGHT,
        UPPER_LEFT,
        LOWER_LEFT
    }

    /**
     * A rectangle measured with a ruler, one corner of which may be missing.
     *
     * @param missingLengthMm of the rectangle that is missing there
     */
    public static Region measured(
            double lengthMm, double widthMm, Corner corner, double missingLengthMm, double missingWidthMm) {
        Region whole = Region.of(Box.ofSize(0, 0, lengthMm, widthMm));
        if (corner == Corner.NONE) {
            return whole;
        }
        if (!(missingLengthMm > 0 && missingWidthMm > 0 && missingLengthMm < lengthMm && missingWidthMm < widthMm)) {
            throw new IllegalArgumentException("the missing corner must be smaller than the piece");
        }
        boolean right = corner == Corner.UPPER_RIGHT || corner == Corner.LOWER_RIGHT;
        boolean upper = corner == Corner.UPPER_RIGHT || corner == Corner.UPPER_LEFT;
        return whole.minus(Region.of(Box.ofSize(
                right ? lengthMm - missingLengthMm : 0,
                upper ? widthMm - missingWidthMm : 0,
                missingLengthMm,
                missingWidthMm)));
    }

    public Offcut(String id, String materialId, Colour colour, Region outline, boolean whole, String since) {
        this(id, materialId, colour, outline, whole, since, Optional.empty());
    }

    public Offcut {
        price = Stock.checked(price);
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
    public Offcut withPrice(Optional<Double> newPrice) {
        return new Offcut(id, materialId, colour, outline, whole, since, newPrice);
    }

    @Override
    public Offcut named(String newId) {
        return new Offcut(newId, materialId, colour, outline, whole, since, price);
    }

    @Override
    public Optional<Region> ownOutline() {
        return Optional.of(outline);
    }

    @Override
    public boolean comesOffRoll() {
        return false;
    }

    @Override
    public boolean ridesOnMat(Cutter cutter) {
        return true;
    }

    /** Of a sheet the share of its length; an offcut was paid for long ago. */
    @Override
    public double cost(double usedMm, double perMetre) {
        return price.orElse(0.0) * Math.min(1, usedMm / lengthMm());
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
        boolean fits = cutter.isOnMats()
                ? widthMm() <= cutter.widthMm() && lengthMm() <= cutter.matMm()
                : widthMm() <= cutter.usableMm(cutter.widthMm());
        return fits ? outline.grown(-EDGE_MM, CornerStyle.MITRED) : Region.EMPTY;
    }
}
