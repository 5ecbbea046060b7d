package jurren.core.layer;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import jurren.core.art.Art;
import jurren.core.art.Painted;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.material.Film;

/**
 * Takes art apart into what is made of one film, and what is one print.
 *
 * <ol>
 *   <li>What the eye sees of each film, in the order in which the films first show from below: one
 *       part each.
 *   <li>A part runs on under those above it as far as it was painted there, but never over what is
 *       seen of a part below it.
 *   <li>From the top down, each layer above cuts it back as its join says: not at all; to what is seen of it and an
 *       overlap beyond that; or to a gap outside the upper layer's edge.
 * </ol>
 *
 * <p>Example: a 10 mm disc of cream over a 30 mm disc of tangerine. Laid over, tangerine is cut as a
 * full disc of 30; knocked out with 1 mm it is a ring from 8 to 30 mm across; butted with 0.5 mm, a
 * ring from 11 to 30.
 */
public final class Separation {
    /** Narrower strips are left by subtracting one curve from its own copy, not by a person. */
    private static final double HAIR_MM = 0.02;

    private Separation() {}

    /**
     * @param by    what each paint is a part of: its film, or a print
     * @param joins how each part meets those under it
     */
    public static List<Part> of(Art art, Function<Painted, Film> by, Function<Film, Join> joins) {
        Map<Film, Region> seen = art.seen(by);
        List<Film> order = List.copyOf(seen.keySet());
        Map<Film, Region> cut = new LinkedHashMap<>();
        for (int i = order.size() - 1; i >= 0; i--) {
            Film film = order.get(i);
            cut.put(film, cutBack(runningUnder(art, by, order, i), seen.get(film), cut, joins));
        }
        List<Part> parts = new ArrayList<>();
        for (Film film : order) {
            Region region = cut.get(film);
            if (!region.isEmpty()) {
                Art own = art.only(p -> by.apply(p).equals(film));
                parts.add(new Part(
                        film,
                        region,
                        seen.get(film),
                        colours(own, film, region),
                        own.unwelded(_ -> true),
                        parts.isEmpty() ? Join.LAID_OVER : joins.apply(film)));
            }
        }
        return parts;
    }

    private static Print colours(Art own, Film film, Region region) {
        return film.colour().map(c -> Print.flat(Map.of(c, region))).orElseGet(() -> Print.of(own, region));
    }

    private static Region runningUnder(Art art, Function<Painted, Film> by, List<Film> order, int i) {
        return art.notCovered(p -> by.apply(p).equals(order.get(i)), p -> order.indexOf(by.apply(p)) < i);
    }

    /** @param above the layers above as they are cut, with what of them runs under others */
    private static Region cutBack(Region full, Region seen, Map<Film, Region> above, Function<Film, Join> joins) {
        Region region = full;
        for (Map.Entry<Film, Region> upper : above.entrySet()) {
            region = switch (joins.apply(upper.getKey())) {
                case Join.LaidOver _ -> region;
                case Join.KnockedOut k ->
                    withoutHairs(region.minus(upper.getValue().minus(seen.grown(k.overlapMm(), CornerStyle.ROUND))));
                case Join.Butted b -> withoutHairs(region.minus(upper.getValue().grown(b.gapMm(), CornerStyle.ROUND)));
            };
        }
        return region;
    }

    /** Where two edges should have met, rounding leaves spikes and strips of no width. */
    private static Region withoutHairs(Region region) {
        return region.grown(-HAIR_MM / 2, CornerStyle.MITRED).grown(HAIR_MM / 2, CornerStyle.MITRED);
    }
}
