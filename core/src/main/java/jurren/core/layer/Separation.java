package jurren.core.layer;

import jurren.core.art.Art;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import java.util.ArrayList;
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
 *   <li>Each layer above then cuts it back as its join says: not at all; to what is seen of it and an
 *       overlap beyond that; or to a gap outside the upper layer's edge.
 * </ol>
 *
 * <p>Example: a 10 mm disc of cream over a 30 mm disc of tangerine. Laid over, tangerine is cut as a
 * full disc of 30; knocked out with 1 mm it is a ring from 8 to 30 mm across; butted with 0.5 mm, a
 * ring from 11 to 30.
 */
public final class Separation {
    /** Slivers narrower than this are left by subtracting one curve from its own copy, not by a person. */
    private static final double NOTHING_MM = 0.02;

    private Separation() {
    }

    /** @param joins how the layer of each colour meets those under it */
    public static List<Layer> of(Art art, Function<Colour, Join> joins) {
        Map<Colour, Region> seen = art.seen();
        List<Colour> order = List.copyOf(seen.keySet());
        List<Layer> layers = new ArrayList<>();
        for (int i = 0; i < order.size(); i++) {
            Colour colour = order.get(i);
            Region region = cutBack(runningUnder(art, order, i), seen, order, i, joins);
            if (!region.isEmpty()) {
                layers.add(new Layer(layers.size() + 1, colour, region, seen.get(colour), art.unwelded(colour),
                        layers.isEmpty() ? Join.LAID_OVER : joins.apply(colour), region.thinnest()));
            }
        }
        return layers;
    }

    private static Region runningUnder(Art art, List<Colour> order, int i) {
        return art.notCovered(order.get(i), other -> order.indexOf(other) < i);
    }

    private static Region cutBack(Region full, Map<Colour, Region> seen, List<Colour> order, int i,
                                  Function<Colour, Join> joins) {
        Region region = full;
        for (Colour above : order.subList(i + 1, order.size())) {
            Region upper = seen.get(above);
            region = switch (joins.apply(above)) {
                case Join.LaidOver _ -> region;
                case Join.KnockedOut k -> withoutSlivers(region.minus(upper.minus(
                        seen.get(order.get(i)).grown(k.overlapMm(), CornerStyle.ROUND))));
                case Join.Butted b -> withoutSlivers(region.minus(upper.grown(b.gapMm(), CornerStyle.ROUND)));
            };
        }
        return region;
    }

    private static Region withoutSlivers(Region region) {
        return Region.weld(region.pieces().stream()
                .filter(p -> p.region().areaMm2() > NOTHING_MM * p.outer().lengthMm() / 2)
                .map(p -> p.region()).toList());
    }
}
