package jurren.core.stop;

import java.util.concurrent.CancellationException;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class StopTest {
    @AfterEach
    void nothingIsLeftForTheNextTest() {
        Thread.interrupted();
    }

    @Test
    void anInterruptEndsTheWorkAndStaysSet() {
        assertThatCode(Stop::lookHere).doesNotThrowAnyException();
        Thread.currentThread().interrupt();
        assertThatThrownBy(Stop::lookHere).isInstanceOf(CancellationException.class);
        assertThat(Thread.currentThread().isInterrupted()).isTrue();
    }

    @Test
    void workSpreadOverOtherThreadsLooksAtTheOneThatWaits() {
        Stop stop = Stop.here();
        Thread.currentThread().interrupt();
        assertThatThrownBy(() -> IntStream.range(0, 1000).parallel().forEach(_ -> stop.look()))
                .isInstanceOf(CancellationException.class);
    }
}
