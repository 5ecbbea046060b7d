package jurren.app.bench.finish;

import java.util.function.LongSupplier;

/**
 * Counts one step down. Pure but for the clock it is given, in nanoseconds: tests give their own.
 */
final class StepTimer {
    private static final double NANOS = 1e9;

    private final LongSupplier clock;
    private double wholeS;
    private double leftAtStartS;
    private long startedAt;
    private boolean running;

    StepTimer(LongSupplier clock) {
        this.clock = clock;
    }

    void set(double seconds) {
        wholeS = seconds;
        leftAtStartS = seconds;
        running = false;
    }

    void start() {
        if (!running) {
            startedAt = clock.getAsLong();
            running = true;
        }
    }

    void hold() {
        leftAtStartS = leftS();
        running = false;
    }

    boolean isRunning() {
        return running;
    }

    double leftS() {
        double passed = running ? (clock.getAsLong() - startedAt) / NANOS : 0;
        return Math.max(0, leftAtStartS - passed);
    }

    boolean isOver() {
        return wholeS > 0 && leftS() == 0;
    }
}
