package jurren.core.finish;

import java.util.List;
import java.util.Set;

/**
 * The best sequence of closings for what must be pressed.
 *
 * @param closings in their order
 * @param looked   how many steps of sequences were weighed for it
 * @param exact    whether nothing shorter is allowed; otherwise it is the best of very many
 * @param clashes  smallest sets of limits that cannot all be kept; those of the sequence are kept but for these
 */
public record Solved(List<Closing> closings, long looked, boolean exact, List<Set<Limit>> clashes) {
    public static final Solved NOTHING = new Solved(List.of(), 0, true, List.of());

    public Solved {
        closings = List.copyOf(closings);
        clashes = clashes.stream().map(Set::copyOf).toList();
    }
}
