package jurren.formats.drawing;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jurren.core.art.Drawing;
import jurren.core.art.DrawnShape;
import jurren.core.material.Colour;

/** Colours of a drawing that are nearly the same, as when a logo was put together from several sources. */
public final class NearColours {
    /** What is nearer cannot be told apart on film. */
    private static final double NEAR = 18;

    private NearColours() {}

    /** Which colours may be made another: each to the one used most that is near. */
    public static Map<Colour, Colour> of(Drawing drawing) {
        Map<Colour, Integer> uses = new LinkedHashMap<>();
        for (DrawnShape shape : drawing.shapes()) {
            uses.merge(shape.colour(), 1, Integer::sum);
        }
        List<Colour> byUse = new ArrayList<>(uses.keySet());
        byUse.sort((a, b) -> Integer.compare(uses.get(b), uses.get(a)));
        Map<Colour, Colour> near = new LinkedHashMap<>();
        List<Colour> kept = new ArrayList<>();
        for (Colour c : byUse) {
            kept.stream()
                    .filter(k -> k.differenceFrom(c) < NEAR)
                    .findFirst()
                    .ifPresentOrElse(k -> near.put(c, k), () -> kept.add(c));
        }
        return near;
    }
}
