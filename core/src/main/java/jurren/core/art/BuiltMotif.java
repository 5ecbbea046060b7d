package jurren.core.art;

import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import java.util.List;
import java.util.Optional;

/**
 * A motif after its whole chain, around its own origin.
 *
 * @param paints the colours from the bottom up
 * @param pieces how many separate parts there were at the start and after each treatment
 * @param source the box of the source before any treatment; absent when it is empty
 */
public record BuiltMotif(List<Painted> paints, List<Integer> pieces, Optional<Box> source) {
    public BuiltMotif {
        paints = List.copyOf(paints);
        pieces = List.copyOf(pieces);
    }

    public boolean isEmpty() {
        return paints.stream().allMatch(p -> p.region().isEmpty());
    }

    /** The box of everything; absent when there is nothing. */
    public Optional<Box> bounds() {
        return paints.stream().map(Painted::region).filter(r -> !r.isEmpty()).map(Region::bounds).reduce(Box::joined);
    }

    public BuiltMotif placed(Placement placement) {
        return new BuiltMotif(paints.stream().map(p -> p.placed(placement)).toList(), pieces, source);
    }
}
