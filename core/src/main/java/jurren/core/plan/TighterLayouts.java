package jurren.core.plan;

import java.util.Collection;
import java.util.Optional;
import jurren.core.cut.CutRun;
import jurren.core.job.Job;
import jurren.core.load.KeptLayout;
import jurren.core.load.Layouts;
import jurren.core.load.Load;
import jurren.core.load.Nesting;

/**
 * Layouts that were found and not yet taken.
 *
 * @param job     the job with them
 * @param filmMm  less that is taken from rolls; below 0 where offcuts are worth more
 * @param money   less that the job costs
 */
public record TighterLayouts(Job job, double filmMm, double money) {
    private static final double LEAST_MM = 0.1;

    /**
     * What the searches have found so far against what a plan would cut, worked out as the plan that would be with it;
     * empty when it spares nothing that a person would see.
     */
    public static Optional<TighterLayouts> of(
            Planner planner, Plan plan, Collection<? extends Nesting.Search> searches) {
        Layouts kept = plan.job().laying().layouts();
        Layouts all = kept;
        for (Nesting.Search search : searches) {
            Optional<KeptLayout> found = search.found(kept);
            all = found.isPresent() ? all.with(found.get()) : all;
        }
        if (all.equals(kept)) {
            return Optional.empty();
        }
        Plan tighter = planner.plan(withLayouts(plan, all), plan.shop());
        double film = plan.filmUsedMm() - tighter.filmUsedMm();
        double money = plan.quote().total() - tighter.quote().total();
        if (film < LEAST_MM && money <= 0) {
            return Optional.empty();
        }
        Layouts told = kept;
        for (KeptLayout k : all.kept()) {
            told = kept.kept().contains(k) ? told : told.with(k.sparing(rollMm(plan, k) - rollMm(tighter, k)));
        }
        return Optional.of(new TighterLayouts(withLayouts(plan, told), film, money));
    }

    private static Job withLayouts(Plan plan, Layouts layouts) {
        return plan.job().withLaying(plan.job().laying().withLayouts(layouts));
    }

    /** What a film takes of its rolls. */
    private static double rollMm(Plan plan, KeptLayout film) {
        return plan.runs().stream()
                .map(CutRun::load)
                .filter(l -> l.material().id().equals(film.materialId())
                        && l.colour().equals(film.colour())
                        && l.stock().comesOffRoll())
                .mapToDouble(Load::usedMm)
                .sum();
    }
}
