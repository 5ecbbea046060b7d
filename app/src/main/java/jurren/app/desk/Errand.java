package jurren.app.desk;

import java.util.OptionalDouble;

/** One order under way. */
public final class Errand {
    private static final double NANOS = 1e9;

    private final String name;
    private final boolean finishes;
    private final Pace pace = new Pace();
    private final double usualS;
    private final long began = System.nanoTime();
    private volatile boolean stopped;
    private volatile boolean over;
    private Thread worker;

    /** @param usualS how long the last of its name took; NaN when there was none */
    Errand(String name, boolean finishes, double usualS) {
        this.name = name;
        this.finishes = finishes;
        this.usualS = usualS;
    }

    public String name() {
        return name;
    }

    /** Writing is not stopped half-way. */
    public boolean canStop() {
        return !finishes;
    }

    /** Nobody waits for it any more: it ends at its next look, and nothing comes of it. */
    public synchronized void stop() {
        if (!finishes) {
            stopped = true;
            if (worker != null) {
                worker.interrupt();
            }
        }
    }

    public boolean isStopped() {
        return stopped;
    }

    public boolean isOver() {
        return over;
    }

    public double secondsSoFar() {
        return (System.nanoTime() - began) / NANOS;
    }

    /** From 0 to 1; told by the work, otherwise by how long the last one took; absent when neither is known. */
    public OptionalDouble share() {
        double told = pace.share();
        if (!Double.isNaN(told)) {
            return OptionalDouble.of(told);
        }
        return Double.isNaN(usualS) || usualS <= 0
                ? OptionalDouble.empty()
                : OptionalDouble.of(Math.min(0.95, secondsSoFar() / usualS));
    }

    /** At the pace so far. */
    public OptionalDouble secondsLeft() {
        double told = pace.share();
        if (told > 0) {
            return OptionalDouble.of(secondsSoFar() * (1 - told) / told);
        }
        return Double.isNaN(usualS) ? OptionalDouble.empty() : OptionalDouble.of(Math.max(0, usualS - secondsSoFar()));
    }

    Pace pace() {
        return pace;
    }

    synchronized void takenBy(Thread thread) {
        worker = thread;
        if (stopped) {
            thread.interrupt();
        }
    }

    /** From here on an interrupt would hit somebody else's work. */
    synchronized void letGo() {
        worker = null;
        over = true;
        Thread.interrupted();
    }
}
