package jurren.core.way;

import java.util.LinkedHashMap;
import java.util.Map;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/** Ink carried on beyond an edge, so that a cut a little beside it leaves no bare rim. */
public final class Bleed {
    /** General practice. */
    public static final double USUAL_MM = 3;

    private Bleed() {
    }

    /** Each colour runs on outwards where nothing else is printed; where two would meet, the first keeps the place. */
    public static Map<Colour, Region> of(Map<Colour, Region> colours, double mm) {
        Region taken = Region.weld(colours.values());
        Map<Colour, Region> out = new LinkedHashMap<>();
        for (Map.Entry<Colour, Region> e : colours.entrySet()) {
            Region more = e.getValue().grown(mm, CornerStyle.ROUND).minus(taken);
            out.put(e.getKey(), e.getValue().weld(more));
            taken = taken.weld(more);
        }
        return out;
    }

}
