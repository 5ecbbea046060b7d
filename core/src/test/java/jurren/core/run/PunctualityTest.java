package jurren.core.run;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import jurren.core.job.Progress;
import jurren.core.material.Colour;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Film in 40 s, 120 s cut, 50 s weeded, 200 s pressed: cut at 160, ready at 410 after it was begun. */
class PunctualityTest {
    private static final Instant BEGUN = Instant.parse("2026-11-27T09:00:00Z");
    private static final RunTask CUT = task("cut", RunTask.Kind.CUT, Machine.Kind.CUTTER, 120, 20, 0, "red");
    private static final RunTask WEED = task("weed", RunTask.Kind.WEED, Machine.Kind.WEEDING, 50, 50, 0, "", "cut");
    private static final RunTask PRESS =
            task("press", RunTask.Kind.PRESS, Machine.Kind.PRESS, 200, 200, 72, "", "weed");

    private static RunTask task(
            String id,
            RunTask.Kind kind,
            Machine.Kind machine,
            double s,
            double handsS,
            double celsius,
            String film,
            String... after) {
        return new RunTask(
                id,
                kind,
                new Machine(machine, id, id),
                Set.of("A"),
                0,
                id,
                Colour.of("#7C2E57"),
                1,
                s,
                handsS,
                celsius,
                film,
                List.of(after));
    }

    private static WholeRun run(RunTask... tasks) {
        return WholeRun.of(List.of(tasks), Means.ONE_PAIR);
    }

    private static Punctuality at(WholeRun run, long orderedS, long nowS) {
        return Punctuality.of(
                new Progress.Begun(BEGUN, BEGUN.plusSeconds(410)),
                run,
                BEGUN.plusSeconds(orderedS),
                BEGUN.plusSeconds(nowS));
    }

    @Test
    void aRunThatGoesAsMeantIsReadyAsMeant() {
        Punctuality p = at(run(CUT, WEED, PRESS), 0, 100);
        assertThat(p).isEqualTo(new Punctuality(BEGUN.plusSeconds(410), Duration.ZERO, java.util.Optional.empty()));
        assertThat(p.isLate() || p.isAhead()).isFalse();
    }

    /** Five minutes after the cut should have been done it is not: all the rest is five minutes later. */
    @Test
    void whatIsNotDoneHoldsUpTheRest() {
        Punctuality p = at(run(CUT, WEED, PRESS), 0, 460);
        assertThat(p.overdue()).contains(Duration.ofSeconds(300));
        assertThat(p.late()).isEqualTo(Duration.ofSeconds(300));
        assertThat(p.ready()).isEqualTo(BEGUN.plusSeconds(710));
        assertThat(p.isLate()).isTrue();
    }

    /** Weeded 120 s early, the press still takes its time to warm (4 · (72 − 22)) and its 200 s. */
    @Test
    void whatIsDoneSoonerIsAhead() {
        WholeRun rest = run(PRESS);
        Punctuality p = at(rest, 90, 90);
        assertThat(rest.schedule().endS()).isEqualTo(400);
        assertThat(p.late()).isEqualTo(Duration.ofSeconds(80));
        Punctuality warm = at(run(task("lay", RunTask.Kind.LAY, Machine.Kind.TABLE, 100, 100, 0, "")), 90, 90);
        assertThat(warm.late()).isEqualTo(Duration.ofSeconds(-220));
        assertThat(warm.isAhead()).isTrue();
    }

    @Test
    void nothingLeftIsNotOverdue() {
        assertThat(at(run(), 400, 9000).overdue()).isEmpty();
    }
}
