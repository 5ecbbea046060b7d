package jurren.app.window;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import jurren.app.desk.Errand;
import jurren.app.desk.Order;
import jurren.core.job.Job;
import jurren.core.stop.Stop;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** What takes longer than a moment is in sight, with its name, its share, the time left and Stop. */
class WorkStripTest extends WindowTest {
    @Override
    Job job() {
        return DEMO.withLines(DEMO.lines().subList(0, 1));
    }

    private Errand endless(String name, AtomicBoolean ended) {
        return on(() -> session.desk()
                .give(new Order<Void>(
                        name,
                        pace -> {
                            try {
                                while (true) {
                                    pace.done(1, 4);
                                    Stop.lookHere();
                                    Thread.onSpinWait();
                                }
                            } finally {
                                ended.set(true);
                            }
                        },
                        _ -> {},
                        _ -> {})));
    }

    private boolean shows(String text) {
        return stage().getScene().getRoot().lookupAll("#work .label").stream()
                .anyMatch(n -> n instanceof Label l && l.getText().contains(text));
    }

    @Test
    void severalAreShownEachWithItsShareAndStoppedByItself() {
        AtomicBoolean first = new AtomicBoolean();
        AtomicBoolean second = new AtomicBoolean();
        Errand one = endless("Reading one.svg", first);
        Errand two = endless("Reading two.svg", second);
        until(() -> shows("one.svg") && shows("two.svg"));
        assertThat(on(() -> stage().getScene().getRoot().lookupAll("#work .progress-bar").stream()
                        .map(n -> ((ProgressBar) n).getProgress())
                        .toList()))
                .hasSize(2)
                .containsOnly(0.25);
        until(() -> shows("left"));
        run(() -> ((javafx.scene.control.Button) stage().getScene().lookup("#work-stop")).fire());
        until(first::get);
        assertThat(second).isFalse();
        assertThat(one.isStopped()).isTrue();
        until(() -> !shows("one.svg") && shows("two.svg"));
        run(two::stop);
        until(() -> second.get() && !stage().getScene().lookup("#work").isVisible());
    }

    @Test
    void whatIsQuickIsNotShownAndWhatWritesCannotBeStopped() {
        run(() -> session.desk().give(new Order<>("Quick", _ -> 1, _ -> {}, _ -> {})));
        settle();
        assertThat(on(() -> shows("Quick"))).isFalse();
        CountDownLatch go = new CountDownLatch(1);
        run(() -> session.desk()
                .give(new Order<Void>(
                                "Saving",
                                _ -> {
                                    go.await();
                                    return null;
                                },
                                _ -> {},
                                _ -> {})
                        .finishing()));
        until(() -> shows("Saving"));
        assertThat(on(() -> stage().getScene().lookup("#work-stop"))).isNull();
        go.countDown();
        until(() -> !stage().getScene().lookup("#work").isVisible());
    }

    @Test
    void anErrorIsToldAndTheWindowLivesOn() {
        run(() -> session.desk()
                .give(new Order<Void>(
                        "Deep",
                        _ -> {
                            throw new StackOverflowError();
                        },
                        _ -> {},
                        why -> session.notices()
                                .trouble("It failed: " + why.getClass().getSimpleName()))));
        until(() -> session.notices().latest().isPresent());
        assertThat(said()).contains("It failed: StackOverflowError");
        run(() -> session.edit(session.job().withName("lives on")));
        settle();
        assertThat(on(() -> session.plan().orElseThrow().job().name())).isEqualTo("lives on");
    }

    @Test
    void aPlanThatIsOvertakenIsStoppedAndOnlyTheNewestIsShown() {
        for (int i = 0; i < 30; i++) {
            String name = "edit " + i;
            run(() -> session.edit(
                    session.job().withName(name).withFrames(!session.job().framed())));
        }
        settle();
        assertThat(on(() -> session.plan().orElseThrow().job().name())).isEqualTo("edit 29");
        assertThat(said())
                .as("none of those that were stopped is told as a failure")
                .isBlank();
    }
}
