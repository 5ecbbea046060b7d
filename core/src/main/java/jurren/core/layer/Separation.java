package jurren.core.layer;

import jurren.core.art.Art;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * Takes art apart into layers.
 *
 * <ol>
 *   <li>What the eye sees of each colour, in the order in which the colours first show from below:
 *       one layer each.
 *   <li>A layer runs on under those above it as far as it was painted there, but never over what is
 *       seen of a layer below it.
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

    private Separation() {
    }

    /** @param joins how the layer of each colour meets those under it */
    public static List<Layer> of(Art art, Function<Colour, Join> joins) {
        Map<Colour, Region> seen = art.seen();
        List<Colour> order = List.copyOf(seen.keySet());
        Map<Colour, Region> cut = new LinkedHashMap<>();
        for (int i = order.size() - 1; i >= 0; i--) {
            Colour colour = order.get(i);
            cut.put(colour, cutBack(runningUnder(art, order, i), seen.get(colour), cut, joins));
        }
        List<Layer> layers = new ArrayList<>();
        for (Colour colour : order) {
            Region region = cut.get(colour);
            if (!region.isEmpty()) {
                layers.add(new Layer(layers.size() + 1, colour, region, seen.get(colour), art.unwelded(colour),
                        layers.isEmpty() ? Join.LAID_OVER : joins.apply(colour), region.thinnest(), Map.of()));
            }
        }
        return layers;
    }

    private static Region runningUnder(Art art, List<Colour> order, int i) {
        return art.notCovered(order.get(i), other -> order.indexOf(other) < i);
    }

    /** @param above the layers above as they are cut, with what of them runs under others */
    private static Region cutBack(Region full, Region seen, Map<Colour, Region> above, Function<Colour, Join> joins) {
        Region region = full;
        for (Map.Entry<Colour, Region> upper : above.entrySet()) {
            region = switch (joins.apply(upper.getKey())) {
                case Join.LaidOver _ -> region;
                case Join.KnockedOut k -> withoutHairs(region.minus(
                        upper.getValue().minus(seen.grown(k.overlapMm(), CornerStyle.ROUND))));
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
