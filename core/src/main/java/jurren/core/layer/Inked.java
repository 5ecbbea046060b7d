package jurren.core.layer;

import java.util.Optional;
import jurren.core.art.Ink;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * One colour, picture or shade of a print.
 *
 * @param colour what it is roughly, where it has an ink of its own
 */
public record Inked(Colour colour, Optional<Ink> ink, Region region) {
    public boolean isFlat() {
        return ink.isEmpty();
    }

    boolean covers() {
        return ink.map(Ink::isOpaque).orElse(true);
    }

    public Inked withRegion(Region newRegion) {
        return new Inked(colour, ink, newRegion);
    }

    public Inked placed(Placement placement) {
        return new Inked(colour, ink.map(i -> i.placed(placement)), region.placed(placement));
    }

    /** Its colour somewhere, 0xAARRGGBB. */
    public int argb(double xMm, double yMm) {
        return ink.map(i -> i.argb(xMm, yMm)).orElse(0xFF000000 | colour.rgb());
    }
}
