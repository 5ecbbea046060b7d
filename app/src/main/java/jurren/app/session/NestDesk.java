package jurren.app.session;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.app.desk.Lane;
import jurren.app.desk.Order;
import jurren.app.theme.Texts;
import jurren.core.job.Job;
import jurren.core.load.Layouts;
import jurren.core.load.Nesting;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.plan.TighterLayouts;

/**
 * Looks for tighter layouts beside the window, for as long as somebody looks at the loads, one film after the other. What
 * it finds is offered; a person takes it.
 */
public final class NestDesk {
    /** For each film; a step is about a fifth of a second. */
    public static final int MOST_STEPS = 40;

    private static final String NOBODYS_WAIT = "";
    private static final long OFFERED_EVERY_NS = 1_000_000_000L;

    private final Session session;
    private final Planner planner;
    private final Lane lane;
    private final Map<Nesting.Request, Nesting.Search> searches = new HashMap<>();
    private boolean wanted;
    private boolean stopped;
    private boolean running;
    /** Something was found since the last offer was worked out, or the plan is another. */
    private boolean stale;

    private Optional<TighterLayouts> offer = Optional.empty();
    private long offeredAt;

    NestDesk(Session session, Planner planner) {
        this.session = session;
        this.planner = planner;
        this.lane = session.desk().lane();
    }

    /** Somebody looks at the loads, or does no more. */
    public void want(boolean isWanted) {
        wanted = isWanted;
        if (wanted) {
            next();
        }
    }

    /** It is tight enough. */
    public void stop() {
        stopped = true;
        next();
        session.tell();
    }

    /** On and on from where it was. */
    public void goOn() {
        stopped = false;
        next();
    }

    public boolean isStopped() {
        return stopped;
    }

    /** Steps done and to do, over all films. */
    public int done() {
        return session.plan()
                .map(p -> p.nests().stream()
                        .mapToInt(r -> Math.min(MOST_STEPS, steps(r)))
                        .sum())
                .orElse(0);
    }

    public int all() {
        return session.plan().map(p -> p.nests().size() * MOST_STEPS).orElse(0);
    }

    private int steps(Nesting.Request request) {
        return Optional.ofNullable(searches.get(request))
                .map(Nesting.Search::steps)
                .orElse(0);
    }

    /** What was found and would spare something, for the job as it is. */
    public Optional<TighterLayouts> offer() {
        return offer.filter(o -> session.isSettled());
    }

    /** The layouts that are offered become the job's: an edit of its own. */
    public void take() {
        offer().ifPresent(o -> {
            Job job = session.job();
            session.edit(
                    job.withLaying(job.laying().withLayouts(o.job().laying().layouts())));
        });
    }

    /** There is another plan: what is laid otherwise now is no longer looked at. */
    void planned(Plan plan) {
        searches.keySet().retainAll(plan.nests());
        offer = Optional.empty();
        stale = !searches.isEmpty();
        next();
    }

    private void next() {
        if (!wanted || session.bench() != Bench.LOADS || running || !session.isSettled()) {
            return;
        }
        Plan plan = session.plan().orElseThrow();
        List<Nesting.Request> open =
                plan.nests().stream().filter(r -> steps(r) < MOST_STEPS).toList();
        boolean over = stopped || open.isEmpty();
        boolean offering = stale && (over || System.nanoTime() - offeredAt > OFFERED_EVERY_NS);
        if (over && !offering) {
            return;
        }
        running = true;
        if (offering) {
            workOutOffer(plan);
        } else {
            // the one that was looked at least, so that all become better together
            step(plan, open.stream().min(Comparator.comparingInt(this::steps)).orElseThrow());
        }
    }

    private void step(Plan plan, Nesting.Request request) {
        Nesting.Search begun = searches.get(request);
        Layouts kept = plan.job().laying().layouts();
        lane.want(new Order<>(
                NOBODYS_WAIT,
                _ -> {
                    Nesting.Search search = begun == null ? planner.nesting().search(request, kept) : begun;
                    return new Step(search, search.steps() < MOST_STEPS && search.step());
                },
                step -> {
                    running = false;
                    if (session.plan().filter(p -> p.nests().contains(request)).isPresent()) {
                        searches.put(request, step.search);
                        stale |= step.better;
                    }
                    session.tell();
                    next();
                },
                this::failed));
    }

    private void workOutOffer(Plan plan) {
        stale = false;
        Collection<Nesting.Search> known = List.copyOf(searches.values());
        lane.want(new Order<>(
                NOBODYS_WAIT,
                _ -> TighterLayouts.of(planner, plan, known),
                found -> {
                    running = false;
                    offeredAt = System.nanoTime();
                    if (session.plan().filter(p -> p == plan).isPresent()) {
                        offer = found;
                    }
                    session.tell();
                    next();
                },
                this::failed));
    }

    private void failed(Throwable why) {
        running = false;
        session.notices().trouble(Texts.of("work.failed", Texts.reason(why)));
    }

    private record Step(Nesting.Search search, boolean better) {}
}
