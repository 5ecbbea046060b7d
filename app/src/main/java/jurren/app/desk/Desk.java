package jurren.app.desk;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BiConsumer;

/**
 * Works orders out beside the window's thread, as many at once as are given. Orders are given, stopped and answered
 * on the window's thread only. After {@link #close} nothing is told any more; what writes is waited for.
 */
public final class Desk implements AutoCloseable {
    /** From here on a person would wonder. */
    public static final double SLOW_S = 0.5;

    private static final int PATIENCE_S = 10;
    private static final AtomicInteger NUMBER = new AtomicInteger();

    private final Executor window;
    private final ExecutorService workers = Executors.newCachedThreadPool(work -> {
        Thread thread = new Thread(work, "desk " + NUMBER.incrementAndGet());
        thread.setDaemon(true);
        return thread;
    });
    private final Map<String, Double> usualS = new HashMap<>();
    private final List<Errand> running = new ArrayList<>();
    private final List<Runnable> watchers = new ArrayList<>();
    private final BiConsumer<String, Throwable> failures;
    private boolean tellingFailure;
    private volatile boolean closed;

    /** @param window runs what it is given on the window's thread, in order */
    public Desk(Executor window) {
        this(window, (_, _) -> {});
    }

    /** @param failures told every failure as a whole, before the order is */
    public Desk(Executor window, BiConsumer<String, Throwable> failures) {
        this.window = window;
        this.failures = failures;
    }

    /** Whether a failure is just being told to the order it belongs to. */
    public boolean isTellingFailure() {
        return tellingFailure;
    }

    public <T> Errand give(Order<T> order) {
        Errand errand = new Errand(order.name(), order.finishes(), usualS.getOrDefault(order.name(), Double.NaN));
        if (closed) {
            return errand;
        }
        running.add(errand);
        tell();
        workers.execute(() -> work(errand, order));
        return errand;
    }

    /** Orders of which only the newest counts. */
    public Lane lane() {
        return new Lane(this);
    }

    private <T> void work(Errand errand, Order<T> order) {
        errand.takenBy(Thread.currentThread());
        T answer = null;
        Throwable trouble = null;
        try {
            answer = order.work().work(errand.pace());
        } catch (Throwable t) {
            // an Error too is a person's business: their work did not get done
            trouble = t;
        } finally {
            errand.letGo();
        }
        T result = answer;
        Throwable why = trouble;
        if (!closed) {
            window.execute(() -> deliver(errand, order, result, why));
        }
    }

    private <T> void deliver(Errand errand, Order<T> order, T answer, Throwable why) {
        running.remove(errand);
        if (closed) {
            return;
        }
        tell();
        if (errand.isStopped()) {
            return;
        }
        if (why == null) {
            usualS.put(order.name(), errand.secondsSoFar());
            order.done().accept(answer);
        } else if (!(why instanceof CancellationException || why instanceof InterruptedException)) {
            failures.accept(order.name(), why);
            tellingFailure = true;
            try {
                order.failed().accept(why);
            } finally {
                tellingFailure = false;
            }
        }
    }

    /** Everything under way, the oldest first. */
    public List<Errand> running() {
        return List.copyOf(running);
    }

    /** What takes long enough that a person should see it. */
    public List<Errand> slow() {
        return running.stream()
                .filter(e -> !e.isStopped() && !e.name().isEmpty() && e.secondsSoFar() > SLOW_S)
                .toList();
    }

    /** Nobody waits for anything; what has no name is nobody's wait. */
    public boolean isIdle() {
        return running.stream().allMatch(e -> e.name().isEmpty());
    }

    /** Told when an errand begins or ends. */
    public void watch(Runnable watcher) {
        watchers.add(watcher);
    }

    public void unwatch(Runnable watcher) {
        watchers.remove(watcher);
    }

    private void tell() {
        List.copyOf(watchers).forEach(Runnable::run);
    }

    public boolean isClosed() {
        return closed;
    }

    @Override
    public void close() {
        closed = true;
        running.forEach(Errand::stop);
        workers.shutdown();
        try {
            if (running.stream().anyMatch(e -> !e.canStop())) {
                workers.awaitTermination(PATIENCE_S, TimeUnit.SECONDS);
            }
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
        }
        running.clear();
        watchers.clear();
    }
}
