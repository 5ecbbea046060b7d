package jurren.app.cli;

import java.util.List;
import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.core.load.Nesting;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;

/** A plan on the tightest layouts that are found in a time. */
final class TightLayouts {
    static final double MOST_SECONDS = 3600;

    private TightLayouts() {}

    /** All films take turns, so that none waits for another. */
    static Plan plan(Planner planner, Job job, Shop shop, double seconds) {
        Plan first = planner.plan(job, shop);
        List<Nesting.Search> searches =
                first.nests().stream().map(planner.nesting()::search).toList();
        long until = System.nanoTime() + (long) (seconds * 1e9);
        for (int turn = 0; !searches.isEmpty() && System.nanoTime() < until; turn++) {
            searches.get(turn % searches.size()).step();
        }
        return planner.plan(job, shop);
    }
}
