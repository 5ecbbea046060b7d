package jurren.app.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import jurren.app.desk.Desk;
import jurren.app.desk.Lane;
import jurren.app.desk.Order;
import jurren.app.theme.Texts;
import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;

/** The newest plan, and what waits for the next. */
final class Planning {
    private final Planner planner;
    private final Lane lane;
    private final Consumer<Plan> planned;
    private final Consumer<Throwable> failed;
    private final List<Consumer<Plan>> waiting = new ArrayList<>();
    private Plan plan;
    /** How often the shop was another, and when the plan was wanted. */
    private int shops;

    private int plannedShops;

    /**
     * @param planned told every plan, before those who wait for it
     * @param failed  told why there is none
     */
    Planning(Planner planner, Desk desk, Consumer<Plan> planned, Consumer<Throwable> failed) {
        this.planner = planner;
        this.lane = desk.lane();
        this.planned = planned;
        this.failed = failed;
    }

    /** Which may lag behind the job by a moment; empty before the first. */
    Optional<Plan> plan() {
        return Optional.ofNullable(plan);
    }

    boolean isOf(Job job) {
        return plan != null && plannedShops == shops && plan.job().equals(job);
    }

    /** What is planned from now on is for another shop. */
    void shopChanged() {
        shops++;
    }

    /** Of another job. */
    void forget() {
        plan = null;
    }

    /** @param quietMs not before it was quiet for so long: a drag would otherwise compete with its own plans */
    void want(Job job, Shop shop, long quietMs) {
        int wantedFor = shops;
        lane.want(new Order<>(
                Texts.of("work.planning"),
                _ -> {
                    if (quietMs > 0) {
                        TimeUnit.MILLISECONDS.sleep(quietMs);
                    }
                    return planner.plan(job, shop);
                },
                made -> {
                    plannedShops = wantedFor;
                    take(made);
                },
                failed));
    }

    private void take(Plan newPlan) {
        plan = newPlan;
        planned.accept(newPlan);
        List<Consumer<Plan>> all = List.copyOf(waiting);
        waiting.clear();
        all.forEach(w -> w.accept(newPlan));
    }

    /** Told once, with the next plan. */
    void whenPlanned(Consumer<Plan> then) {
        waiting.add(then);
    }
}
