package jurren.core.art;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;

/**
 * A motif after its whole chain, around its own origin.
 *
 * @param paints the colours from the bottom up
 * @param pieces how many separate parts there were at the start and after each treatment
 * @param source the box of the source before any treatment; absent when it is empty
 * @param halo   what is cut out of everything below it; empty when nothing is
 * @param idle   the places in the chain of treatments that found nothing to do
 * @param undone the places of those that would make too much, {@link #SOURCE} where the motif itself does
 */
public record BuiltMotif(
        List<Painted> paints,
        List<Integer> pieces,
        Optional<Box> source,
        Region halo,
        Set<Integer> idle,
        Set<Integer> undone) {
    /** Nothing is made that reaches further: no roll is so long. */
    public static final double MOST_MM = 20_000;
    /** No treatment makes more of it: a knife would be busy for days, and joins of more fill the memory. */
    public static final long MOST_CORNERS = 1_000_000;
    /** Stands among what was left out for the motif itself. */
    public static final int SOURCE = -1;

    public BuiltMotif {
        idle = Set.copyOf(idle);
        undone = Set.copyOf(undone);
        paints = List.copyOf(paints);
        pieces = List.copyOf(pieces);
    }

    /** Everything it covers, whatever the colour. */
    public Region region() {
        return Region.weld(paints.stream().map(Painted::region).toList());
    }

    public boolean isEmpty() {
        return paints.stream().allMatch(p -> p.region().isEmpty());
    }

    /** The box of everything; absent when there is nothing. */
    public Optional<Box> bounds() {
        return paints.stream()
                .map(Painted::region)
                .filter(r -> !r.isEmpty())
                .map(Region::bounds)
                .reduce(Box::joined);
    }

    public BuiltMotif placed(Placement placement) {
        return new BuiltMotif(
                paints.stream().map(p -> p.placed(placement)).toList(),
                pieces,
                source,
                halo.placed(placement),
                idle,
                undone);
    }
}
