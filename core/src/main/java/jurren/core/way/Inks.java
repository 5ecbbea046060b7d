package jurren.core.way;

import java.util.Comparator;
import java.util.Map;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/** The colours of a print. */
public final class Inks {
    private Inks() {
    }

    /** The colour that covers most. */
    public static Colour most(Map<Colour, Region> colours) {
        return colours.entrySet().stream().max(Map.Entry.comparingByValue(Comparator.comparingDouble(Region::areaMm2)))
                .orElseThrow().getKey();
    }
}
