package jurren.app.desk;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import jurren.core.stop.Stop;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** The window's thread is the test's own: what arrives waits in a queue until it is let in. */
class DeskTest {
    private final BlockingQueue<Runnable> arrived = new LinkedBlockingQueue<>();
    private final Desk desk = new Desk(arrived::add);
    private final List<Object> told = new ArrayList<>();
    private final List<String> ended = Collections.synchronizedList(new ArrayList<>());

    @AfterEach
    void close() {
        desk.close();
    }

    private <T> Order<T> order(Work<T> work) {
        return new Order<>("test", work, told::add, told::add);
    }

    private void letIn() {
        try {
            Runnable next = arrived.poll(20, TimeUnit.SECONDS);
            assertThat(next).as("something arrives").isNotNull();
            next.run();
        } catch (InterruptedException e) {
            throw new AssertionError(e);
        }
    }

    /** Runs until it is stopped, as long work does. */
    private Work<String> endless(CountDownLatch begun) {
        return _ -> {
            begun.countDown();
            try {
                while (true) {
                    Stop.lookHere();
                    Thread.onSpinWait();
                }
            } finally {
                ended.add("endless");
            }
        };
    }

    @Test
    void anAnswerArrivesOnTheWindowsThreadAndTheDeskIsIdleAgain() {
        desk.give(order(_ -> Thread.currentThread().getName()));
        assertThat(desk.isIdle()).isFalse();
        letIn();
        assertThat(told).singleElement().asString().startsWith("desk");
        assertThat(desk.isIdle()).isTrue();
    }

    @Test
    void anErrorIsToldLikeAnyOtherFailure() {
        desk.give(order(_ -> {
            throw new StackOverflowError("too deep");
        }));
        letIn();
        desk.give(order(_ -> {
            throw new java.io.IOException("no such disk");
        }));
        letIn();
        assertThat(told).hasExactlyElementsOfTypes(StackOverflowError.class, java.io.IOException.class);
    }

    @Test
    void whatIsStoppedEndsAndTellsNothing() throws InterruptedException {
        CountDownLatch begun = new CountDownLatch(1);
        Errand errand = desk.give(order(endless(begun)));
        assertThat(begun.await(20, TimeUnit.SECONDS)).isTrue();
        errand.stop();
        letIn();
        assertThat(ended).containsExactly("endless");
        assertThat(told).isEmpty();
        assertThat(desk.isIdle()).isTrue();
    }

    @Test
    void whatIsStoppedBeforeItsThreadTookItNeverAnswers() {
        Errand errand = desk.give(order(_ -> {
            Stop.lookHere();
            return "answer";
        }));
        errand.stop();
        letIn();
        assertThat(told).isEmpty();
    }

    @Test
    void ofALaneOnlyTheNewestCountsAndWhatIsOvertakenIsStopped() throws InterruptedException {
        Lane lane = desk.lane();
        CountDownLatch begun = new CountDownLatch(1);
        lane.want(order(endless(begun)));
        assertThat(begun.await(20, TimeUnit.SECONDS)).isTrue();
        lane.want(order(_ -> "newest"));
        letIn();
        letIn();
        assertThat(told).containsExactly("newest");
        assertThat(ended).containsExactly("endless");
        assertThat(lane.now()).isEmpty();
    }

    @Test
    void severalRunAtOnce() throws InterruptedException {
        CountDownLatch both = new CountDownLatch(2);
        Work<String> meets = _ -> {
            both.countDown();
            return both.await(20, TimeUnit.SECONDS) ? "met" : "alone";
        };
        desk.give(order(meets));
        desk.give(order(meets));
        letIn();
        letIn();
        assertThat(told).containsExactly("met", "met");
    }

    @Test
    void afterClosingNothingIsToldButWhatWritesIsFinished() throws InterruptedException {
        CountDownLatch begun = new CountDownLatch(2);
        CountDownLatch closing = new CountDownLatch(1);
        desk.give(order(endless(begun)));
        desk.give(order(_ -> {
                    begun.countDown();
                    closing.await();
                    ended.add("written");
                    return "written";
                })
                .finishing());
        assertThat(begun.await(20, TimeUnit.SECONDS)).isTrue();
        Thread.ofVirtual().start(() -> {
            while (!desk.isClosed()) {
                Thread.onSpinWait();
            }
            closing.countDown();
        });
        desk.close();
        arrived.forEach(Runnable::run);
        assertThat(ended).contains("written");
        assertThat(told).isEmpty();
        assertThat(desk.give(order(_ -> "late")).share()).isEmpty();
    }

    @Test
    void whatWritesIsNotStoppedHalfWay() {
        CountDownLatch go = new CountDownLatch(1);
        Errand errand = desk.give(order(_ -> {
                    go.await();
                    Stop.lookHere();
                    return "whole";
                })
                .finishing());
        errand.stop();
        assertThat(errand.canStop()).isFalse();
        go.countDown();
        letIn();
        assertThat(told).containsExactly("whole");
    }

    @Test
    void itsShareIsToldByTheWorkOrByHowLongTheLastOneTook() {
        CountDownLatch half = new CountDownLatch(1);
        CountDownLatch go = new CountDownLatch(1);
        Errand errand = desk.give(order(pace -> {
            pace.done(1, 2);
            half.countDown();
            go.await();
            return "done";
        }));
        await(half);
        assertThat(errand.share()).hasValue(0.5);
        assertThat(errand.secondsLeft()).isPresent();
        go.countDown();
        letIn();
        CountDownLatch on = new CountDownLatch(1);
        Errand next = desk.give(order(_ -> {
            on.await();
            return "again";
        }));
        assertThat(next.share().orElseThrow()).isBetween(0.0, 0.95);
        on.countDown();
        letIn();
    }

    @Test
    void aThreadThatWasInterruptedServesTheNextOrderUnharmed() throws InterruptedException {
        for (int i = 0; i < 50; i++) {
            CountDownLatch begun = new CountDownLatch(1);
            Errand errand = desk.give(order(endless(begun)));
            assertThat(begun.await(20, TimeUnit.SECONDS)).isTrue();
            errand.stop();
            letIn();
            desk.give(order(_ -> {
                Stop.lookHere();
                return "fine";
            }));
            letIn();
        }
        assertThat(told).hasSize(50).containsOnly("fine");
    }

    private static void await(CountDownLatch latch) {
        try {
            assertThat(latch.await(20, TimeUnit.SECONDS)).isTrue();
        } catch (InterruptedException e) {
            throw new AssertionError(e);
        }
    }
}
