package jurren.app.cli;

import java.util.List;
import jurren.core.load.Layouts;
import jurren.core.load.Nesting;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.plan.TighterLayouts;

/** Looks for the tightest layouts of a plan's films. All films take turns, so that none waits for another. */
final class TightLayouts {
    static final double MOST_SECONDS = 3600;

    private final Planner planner;
    private final Plan first;
    private final List<Nesting.Search> searches;
    private int turns;

    private TightLayouts(Planner planner, Plan first, List<Nesting.Search> searches) {
        this.planner = planner;
        this.first = first;
        this.searches = searches;
    }

    static TightLayouts of(Planner planner, Plan first) {
        Layouts kept = first.job().laying().layouts();
        return new TightLayouts(
                planner,
                first,
                first.nests().stream()
                        .map(r -> planner.nesting().search(r, kept))
                        .toList());
    }

    /** @param steps of each film, at most */
    void look(int steps, double seconds) {
        long until = System.nanoTime() + (long) (seconds * 1e9);
        long most = (long) steps * searches.size();
        while (turns < most && System.nanoTime() < until) {
            searches.get(turns % searches.size()).step();
            turns++;
        }
    }

    Plan first() {
        return first;
    }

    /** As many as every film was looked at. */
    int fewestSteps() {
        return searches.isEmpty() ? 0 : turns / searches.size();
    }

    /** With what was found, where it spares anything. */
    Plan tighter() {
        return TighterLayouts.of(planner, first, searches)
                .map(t -> planner.plan(t.job(), first.shop()))
                .orElse(first);
    }
}
