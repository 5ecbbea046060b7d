package jurren.core.layer;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.core.material.Film;

/**
 * What of the art is made of one film, or is one print, before it is known how that is made.
 *
 * @param region   with what of it runs under those above
 * @param seen     what of it stays in sight
 * @param colours  the region by colour; they do not overlap
 * @param unwelded overlapping parts whose own edges a knife would follow
 * @param join     how it meets those under it
 */
public record Part(Film film, Region region, Region seen, Map<Colour, Region> colours, List<Region> unwelded, Join join) {
    public Part {
        colours = Collections.unmodifiableMap(new LinkedHashMap<>(colours));
        unwelded = List.copyOf(unwelded);
    }
}
