package jurren.core.nest;

import jurren.core.geometry.Box;
import jurren.core.geometry.Region;

/**
 * What cutouts are laid on.
 *
 * @param usable where they may lie
 * @param open   whether the less of its length is taken the better, as from a roll; such a bed is a rectangle
 * @param full   whether nothing lies on it but what is pinned there
 */
public record Bed(Region usable, boolean open, boolean full) {
    public Bed(Region usable, boolean open) {
        this(usable, open, false);
    }

    public Bed {
        Box box = usable.bounds();
        if (open && Math.abs(box.areaMm2() - usable.areaMm2()) > 1e-6 * box.areaMm2()) {
            throw new IllegalArgumentException("a roll is a rectangle");
        }
    }

    /** The stretch of a roll between the rollers; from x = 0, y = 0. */
    public static Bed roll(double widthMm, double longestMm) {
        return new Bed(Region.of(Box.ofSize(0, 0, longestMm, widthMm)), true);
    }
}
