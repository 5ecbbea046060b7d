package jurren.core.finish;

import java.util.ArrayList;
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

    /** This, and then another. */
    Solved then(Solved next) {
        if (closings.isEmpty() || next.closings.isEmpty()) {
            return closings.isEmpty() ? next : this;
        }
        List<Closing> all = new ArrayList<>(closings);
        all.addAll(next.closings);
        List<Set<Limit>> both = new ArrayList<>(clashes);
        both.addAll(next.clashes);
        return new Solved(all, looked + next.looked, false, both);
    }
}
