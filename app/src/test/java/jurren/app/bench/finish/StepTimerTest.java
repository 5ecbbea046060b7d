package jurren.app.bench.finish;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** A clock that the test moves. */
class StepTimerTest {
    private long now;
    private final StepTimer timer = new StepTimer(() -> now);

    private void pass(double seconds) {
        now += (long) (seconds * 1e9);
    }

    @Test
    void itCountsDownWhileItRunsAndStopsAtNothing() {
        timer.set(12);
        pass(5);
        assertThat(timer.leftS()).as("not begun").isEqualTo(12);
        timer.start();
        pass(5);
        assertThat(timer.leftS()).isEqualTo(7);
        assertThat(timer.isOver()).isFalse();
        pass(8);
        assertThat(timer.leftS()).isZero();
        assertThat(timer.isOver()).isTrue();
    }

    @Test
    void heldTimeStandsStill() {
        timer.set(10);
        timer.start();
        pass(4);
        timer.hold();
        pass(100);
        assertThat(timer.leftS()).isEqualTo(6);
        assertThat(timer.isRunning()).isFalse();
        timer.start();
        timer.start();
        pass(1);
        assertThat(timer.leftS()).as("a second start changes nothing").isEqualTo(5);
        timer.set(3);
        assertThat(timer.isRunning()).isFalse();
        assertThat(timer.leftS()).isEqualTo(3);
    }

    @Test
    void aStepWithoutTimeIsNeverOver() {
        timer.set(0);
        timer.start();
        pass(3);
        assertThat(timer.isOver()).isFalse();
    }
}
