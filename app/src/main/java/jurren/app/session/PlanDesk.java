package jurren.app.session;

import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.util.Duration;

/**
 * Works plans out beside the window's thread. Only the newest job counts: what was asked for before
 * and not yet begun is dropped.
 */
final class PlanDesk {
    private static final double QUIET_MS = 120;

    private final Planner planner = new Planner();
    private final Consumer<Plan> done;
    private final Consumer<Throwable> failed;
    private final AtomicReference<Wanted> wanted = new AtomicReference<>();
    private final PauseTransition quiet = new PauseTransition(Duration.millis(QUIET_MS));
    /** What is wanted has not been given to the worker yet; only the window's thread looks at it. */
    private boolean waiting;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("planner").factory());

    private record Wanted(Job job, Shop shop) {
    }

    PlanDesk(Consumer<Plan> done, Consumer<Throwable> failed) {
        this.done = done;
        this.failed = failed;
    }

    void want(Job job, Shop shop) {
        if (wanted.getAndSet(new Wanted(job, shop)) == null || waiting) {
            waiting = false;
            worker.execute(this::work);
        }
    }

    /** The same once nothing more came for a moment: a drag would otherwise compete with its own plans. */
    void wantSoon(Job job, Shop shop) {
        waiting |= wanted.getAndSet(new Wanted(job, shop)) == null;
        quiet.setOnFinished(_ -> {
            if (waiting) {
                waiting = false;
                worker.execute(this::work);
            }
        });
        quiet.playFromStart();
    }

    private void work() {
        Wanted next = wanted.getAndSet(null);
        if (next == null) {
            return;
        }
        try {
            Plan plan = planner.plan(next.job, next.shop);
            Platform.runLater(() -> done.accept(plan));
        } catch (RuntimeException | StackOverflowError e) {
            Platform.runLater(() -> failed.accept(e));
        }
    }

    void close() {
        quiet.stop();
        worker.shutdownNow();
    }
}
