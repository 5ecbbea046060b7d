package jurren.core.finish;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The shortest press sequence that no layer suffers from. Where there is none, the smallest sets of limits that cannot
 * all be kept are named, and the sequence is the best that keeps the others.
 */
public final class PressSolver {
    private static final int MOST_CLASHES = 6;
    private static final Set<Limit.Kind> NEEDS = EnumSet.of(
            Limit.Kind.LEAST_CELSIUS,
            Limit.Kind.LEAST_SECONDS,
            Limit.Kind.ONCE,
            Limit.Kind.WISHED_SECONDS,
            Limit.Kind.WISHED_ORDER);

    private PressSolver() {}

    public static Solved solve(Pressing pressing) {
        if (pressing.layers().isEmpty()) {
            return Solved.NOTHING;
        }
        Pressing p = pressing;
        List<Set<Limit>> clashes = new ArrayList<>();
        boolean exact = p.layers().size() <= Pressing.MOST_EXACT;
        ClosingSearch search = new ClosingSearch(p);
        Optional<List<Closing>> found = best(search, p, exact);
        long looked = search.looked();
        while (found.isEmpty() && clashes.size() < MOST_CLASHES) {
            Set<Limit> clash = smallestClash(p);
            clashes.add(clash);
            p = p.waiving(leastNeeded(clash));
            search = new ClosingSearch(p);
            found = best(search, p, exact);
            looked += search.looked();
        }
        if (found.isEmpty()) {
            p = p.waiving(new HashSet<>(p.limits()));
            search = new ClosingSearch(p);
            found = search.best();
        }
        Pressing kept = p;
        return new Solved(found.map(c -> Dwells.spread(kept, c)).orElse(List.of()), looked, exact, clashes);
    }

    /** Not looked for where it is quickly told that there is none. */
    private static Optional<List<Closing>> best(ClosingSearch search, Pressing p, boolean exact) {
        return exact && !ClosingSearch.isPossible(p) ? Optional.empty() : search.best();
    }

    /** Of limits that clash, what is given up to show a sequence at all: a wish before anything else. */
    private static Set<Limit> leastNeeded(Set<Limit> clash) {
        return clash.stream().filter(Limit::isWish).findFirst().map(Set::of).orElse(clash);
    }

    /**
     * The fewest limits that cannot be kept even where nothing else is asked: one, two, or what is left when none can
     * be spared.
     */
    private static Set<Limit> smallestClash(Pressing p) {
        if (p.layers().size() > Pressing.MOST_EXACT) {
            Optional<Set<Limit>> among = amongTwo(p);
            if (among.isPresent()) {
                return among.get();
            }
        }
        List<Limit> limits = p.limits();
        for (Limit one : p.layers().size() > Pressing.MOST_EXACT ? List.<Limit>of() : limits) {
            if (cannotKeepOnly(p, limits, Set.of(one))) {
                return Set.of(one);
            }
        }
        boolean few = p.layers().size() <= Pressing.MOST_EXACT;
        Set<Limit> needed = new LinkedHashSet<>(limits);
        // what lies on what and heat say more than seconds, so they are spared last
        for (Limit.Kind kind : List.of(Limit.Kind.values()).reversed()) {
            spare(
                    p,
                    limits,
                    needed,
                    limits.stream().filter(l -> l.kind() == kind).toList());
        }
        for (Limit l : few ? List.copyOf(needed) : List.<Limit>of()) {
            spare(p, limits, needed, List.of(l));
        }
        return few && needed.size() > 2 ? pair(p, limits).orElse(needed) : needed;
    }

    /** Of very many layers first what clashes between one of them and another that lies on it. */
    private static Optional<Set<Limit>> amongTwo(Pressing p) {
        for (int i = 0; i < p.layers().size(); i++) {
            for (int j = i; j < p.layers().size(); j++) {
                if (i == j || p.lying().isOn(j, i)) {
                    Pressing two = p.of(i == j ? List.of(i) : List.of(i, j));
                    if (!ClosingSearch.isPossible(two)) {
                        return Optional.of(smallestClash(two));
                    }
                }
            }
        }
        return Optional.empty();
    }

    /** Leaves out what a clash does not need. */
    private static void spare(Pressing p, List<Limit> limits, Set<Limit> needed, List<Limit> some) {
        Set<Limit> without = new HashSet<>(needed);
        without.removeAll(some);
        if (without.size() < needed.size() && cannotKeepOnly(p, limits, without)) {
            needed.retainAll(without);
        }
    }

    /** Two that cannot both be kept: what something needs, and what something bears. */
    private static Optional<Set<Limit>> pair(Pressing p, List<Limit> limits) {
        List<Limit> needs =
                limits.stream().filter(l -> NEEDS.contains(l.kind())).toList();
        for (Limit need : needs) {
            for (Limit other : limits) {
                boolean opposed = !NEEDS.contains(other.kind())
                        || other.kind() == Limit.Kind.ONCE
                        || other.isWish()
                        || need.isWish();
                if (opposed && !other.equals(need) && cannotKeepOnly(p, limits, Set.of(need, other))) {
                    return Optional.of(Set.of(need, other));
                }
            }
        }
        return Optional.empty();
    }

    private static boolean cannotKeepOnly(Pressing p, List<Limit> limits, Set<Limit> only) {
        Set<Limit> rest = new HashSet<>(limits);
        rest.removeAll(only);
        return !ClosingSearch.isPossible(p.waiving(rest));
    }
}
