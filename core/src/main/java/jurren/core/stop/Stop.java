package jurren.core.stop;

import java.util.concurrent.CancellationException;

/**
 * Whether anybody still waits for what a thread works out. A thread is told by an interrupt that nobody
 * does; work that it spreads over others is not, so it takes its stop along: {@code Stop stop = Stop.here()}
 * outside, {@code stop.look()} inside. What looks often enough ends within its longest stretch between two looks.
 */
public final class Stop {
    private final Thread waiting;

    private Stop(Thread waiting) {
        this.waiting = waiting;
    }

    /** The stop of the thread that asks. */
    public static Stop here() {
        return new Stop(Thread.currentThread());
    }

    /** For a single look on the thread that was told. */
    public static void lookHere() {
        here().look();
    }

    /** Ends the work with a {@link CancellationException} when nobody waits for it; the interrupt stays set. */
    public void look() {
        if (waiting.isInterrupted()) {
            throw new CancellationException("nobody waits for this any more");
        }
    }
}
