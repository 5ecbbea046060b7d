package jurren.core.run;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import jurren.core.job.Progress;

/**
 * How a run that was begun stands to what was to be. The rest of it is ordered from now on, so all that was slower than
 * was thought shows in when it will be ready.
 *
 * @param ready   when it will be
 * @param late    by how much that is after what was to be; below zero it is ahead
 * @param overdue how long ago what comes first should have been done, where it should
 */
public record Punctuality(Instant ready, Duration late, Optional<Duration> overdue) {
    /** Nobody minds less. */
    private static final Duration AS_MEANT = Duration.ofSeconds(90);

    /** @param ordered when the schedule was made: its times count from then */
    public static Punctuality of(Progress.Begun begun, WholeRun run, Instant ordered, Instant now) {
        double firstS = run.schedule().slots().stream()
                .mapToDouble(Schedule.Slot::endS)
                .min()
                .orElse(0);
        Instant due = ordered.plusMillis(Math.round(firstS * 1000));
        boolean overdue = !run.tasks().isEmpty() && now.isAfter(due);
        // what should be done and is not holds up all the rest
        Instant from = overdue ? now.minus(Duration.between(ordered, due)) : ordered;
        Instant ready = from.plusMillis(Math.round(run.schedule().endS() * 1000));
        return new Punctuality(
                ready,
                Duration.between(begun.ready(), ready),
                overdue ? Optional.of(Duration.between(due, now)) : Optional.empty());
    }

    public boolean isLate() {
        return late.compareTo(AS_MEANT) > 0;
    }

    public boolean isAhead() {
        return late.negated().compareTo(AS_MEANT) > 0;
    }
}
