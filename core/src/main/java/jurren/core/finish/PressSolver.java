package jurren.core.finish;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The shortest press sequence that no layer suffers from. Where there is none, the smallest sets of limits that cannot all
 * be kept are named, and the sequence is the best that keeps the others.
 */
public final class PressSolver {
    private static final int MOST_CLASHES = 6;
    /** With more limits than this pairs are not all tried. */
    private static final int MOST_IN_PAIRS = 60;

    private PressSolver() {
    }

    public static Solved solve(Pressing pressing) {
        if (pressing.layers().isEmpty()) {
            return Solved.NOTHING;
        }
        Pressing p = pressing;
        List<Set<Limit>> clashes = new ArrayList<>();
        ClosingSearch search = new ClosingSearch(p);
        Optional<List<Closing>> found = search.best();
        long looked = search.looked();
        while (found.isEmpty() && clashes.size() < MOST_CLASHES) {
            Set<Limit> clash = smallestClash(p);
            clashes.add(clash);
            p = p.waiving(leastNeeded(clash));
            search = new ClosingSearch(p);
            found = search.best();
            looked += search.looked();
        }
        if (found.isEmpty()) {
            p = p.waiving(new HashSet<>(p.limits()));
            search = new ClosingSearch(p);
            found = search.best();
        }
        Pressing kept = p;
        return new Solved(found.map(c -> Dwells.spread(kept, c)).orElse(List.of()), looked, pressing.layers().size() <= Pressing.MOST_EXACT, clashes);
    }

    /** Of limits that clash, what is given up to show a sequence at all: a wish before anything else. */
    private static Set<Limit> leastNeeded(Set<Limit> clash) {
        return clash.stream().filter(Limit::isWish).findFirst().map(Set::of).orElse(clash);
    }

    /** The fewest limits that cannot be kept even where nothing else is asked: one, two, or what is left when none can be spared. */
    private static Set<Limit> smallestClash(Pressing p) {
        List<Limit> limits = p.limits();
        for (Limit one : limits) {
            if (cannotKeepOnly(p, limits, Set.of(one))) {
                return Set.of(one);
            }
        }
        if (limits.size() <= MOST_IN_PAIRS) {
            for (int i = 0; i < limits.size(); i++) {
                for (int j = i + 1; j < limits.size(); j++) {
                    Set<Limit> pair = Set.of(limits.get(i), limits.get(j));
                    if (cannotKeepOnly(p, limits, pair)) {
                        return pair;
                    }
                }
            }
        }
        Set<Limit> needed = new LinkedHashSet<>(limits);
        for (Limit l : limits) {
            Set<Limit> without = new HashSet<>(needed);
            without.remove(l);
            if (cannotKeepOnly(p, limits, without)) {
                needed.remove(l);
            }
        }
        return needed;
    }

    private static boolean cannotKeepOnly(Pressing p, List<Limit> limits, Set<Limit> only) {
        Set<Limit> rest = new HashSet<>(limits);
        rest.removeAll(only);
        return new ClosingSearch(p.waiving(rest)).best().isEmpty();
    }
}
