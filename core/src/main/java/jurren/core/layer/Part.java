package jurren.core.layer;

import java.util.List;
import jurren.core.geometry.Region;
import jurren.core.material.Film;

/**
 * What of the art is made of one film, or is one print, before it is known how that is made.
 *
 * @param region   with what of it runs under those above
 * @param seen     what of it stays in sight
 * @param colours  what is painted in it
 * @param unwelded overlapping parts whose own edges a knife would follow
 * @param join     how it meets those under it
 */
public record Part(Film film, Region region, Region seen, Print colours, List<Region> unwelded, Join join) {
    public Part {
        unwelded = List.copyOf(unwelded);
    }
}
