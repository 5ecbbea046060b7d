package jurren.app.session;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jurren.app.desk.Lane;
import jurren.app.desk.Order;
import jurren.app.theme.Texts;
import jurren.core.load.Nesting;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;

/**
 * Looks for tighter layouts beside the window, for as long as somebody looks at the loads, one film after the other.
 */
public final class NestDesk {
    /** For each film; a step is about a fifth of a second. */
    public static final int MOST_STEPS = 40;

    private static final String NOBODYS_WAIT = "";
    private static final long SHOWN_EVERY_NS = 1_000_000_000L;

    private final Session session;
    private final Planner planner;
    private final Lane lane;
    private final Map<Nesting.Request, Nesting.Search> searches = new HashMap<>();
    private boolean wanted;
    private boolean stopped;
    private boolean running;
    private boolean better;
    private long shownAt;

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
                        .mapToInt(r -> Math.min(MOST_STEPS, planner.nesting().steps(r)))
                        .sum())
                .orElse(0);
    }

    public int all() {
        return session.plan().map(p -> p.nests().size() * MOST_STEPS).orElse(0);
    }

    /** There is another plan: what is laid otherwise now is no longer looked at. */
    void planned(Plan plan) {
        searches.keySet().retainAll(plan.nests());
        next();
    }

    private void next() {
        if (!wanted || session.bench() != Bench.LOADS || stopped || running || !session.isSettled()) {
            return;
        }
        List<Nesting.Request> open = session.plan().orElseThrow().nests().stream()
                .filter(r -> planner.nesting().steps(r) < MOST_STEPS)
                .toList();
        if (open.isEmpty()) {
            searches.clear();
            return;
        }
        // the one that was looked at least, so that all become better together
        Nesting.Request request = open.stream()
                .min(Comparator.comparingInt(planner.nesting()::steps))
                .orElseThrow();
        Nesting.Search search = searches.get(request);
        running = true;
        lane.want(new Order<>(
                NOBODYS_WAIT,
                _ -> {
                    Nesting.Search s = search == null ? planner.nesting().search(request) : search;
                    return new Step(s, s.step());
                },
                step -> {
                    running = false;
                    searches.put(request, step.search);
                    better |= step.better;
                    // a plan a second is enough to see it become tighter
                    if (better && (System.nanoTime() - shownAt > SHOWN_EVERY_NS || done() >= all())) {
                        better = false;
                        shownAt = System.nanoTime();
                        session.layouts();
                    } else {
                        session.tell();
                        next();
                    }
                },
                why -> {
                    running = false;
                    session.trouble(Texts.of("work.failed", Texts.reason(why)));
                }));
    }

    private record Step(Nesting.Search search, boolean better) {}
}
