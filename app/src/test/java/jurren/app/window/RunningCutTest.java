package jurren.app.window;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.control.Label;
import javafx.stage.WindowEvent;
import jurren.app.cutter.CutTalk;
import jurren.app.session.Bench;
import jurren.core.job.Job;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** A load in the cutter is never out of sight, nor out of hand. */
class RunningCutTest extends WindowTest {
    @Override
    Job job() {
        return DEMO.withLines(DEMO.lines().subList(0, 1));
    }

    private CutTalk talk() {
        return window.shell().cutter();
    }

    private void cutting() {
        run(() -> session.show(Bench.CUT));
        settle();
        run(() -> window.shell().cutBench().show(1, 1));
        click("cut-main");
        until(() -> talk().state() == CutTalk.State.CUTTING && talk().finishedPaths() > 0);
    }

    @Test
    void pauseAndStopAreThereWhateverIsLookedAt() {
        cutting();
        run(() -> window.shell().cutBench().show(2, 1));
        assertThat(on(() -> node("cut-stop").isDisabled()))
                .as("it stops the cutter, not the load on show")
                .isFalse();
        assertThat(on(() -> node("cut-main").isDisabled()))
                .as("the cutter has a load")
                .isTrue();
        for (Bench bench : Bench.values()) {
            run(() -> session.show(bench));
            settle();
            assertThat(isThere("cutting")).as("on the bench %s", bench).isTrue();
        }
        click("strip-pause");
        until(() -> talk().state() == CutTalk.State.PAUSED);
        click("strip-pause");
        until(() -> talk().state() == CutTalk.State.CUTTING);
        click("strip-stop");
        until(() -> talk().state() == CutTalk.State.STOPPED);
        settle();
        assertThat(isThere("cutting")).isFalse();
    }

    @Test
    void theLoadInTheCutterIsFrozenAndAnEditSaysSo() {
        cutting();
        var frozen = on(() -> talk().run().orElseThrow());
        run(() -> session.editLine(l ->
                l.withMotif("m1", m -> m.withSource(m.source().resized(1.1, 1.1)))));
        settle();
        assertThat(on(() -> talk().run().orElseThrow())).isEqualTo(frozen);
        assertThat(on(() -> stage().getScene().getRoot().lookupAll(".hint").stream()
                        .anyMatch(n -> n instanceof Label l
                                && l.isVisible()
                                && l.getText().startsWith("In the cutter as it was at"))))
                .isTrue();
        run(() -> talk().stop());
        until(() -> talk().state() == CutTalk.State.STOPPED);
    }

    @Test
    void closingTheWindowAsksFirst() {
        cutting();
        run(() -> stage().fireEvent(new WindowEvent(stage(), WindowEvent.WINDOW_CLOSE_REQUEST)));
        assertThat(isThere("cutting-sheet")).isTrue();
        click("cutting-stay");
        assertThat(on(() -> talk().state())).isIn(CutTalk.State.CUTTING, CutTalk.State.DONE);
        run(() -> window.shell().actions().afterUnsaved(() -> session.notices().say("closed")));
        click("cutting-stop");
        until(() -> talk().state() == CutTalk.State.STOPPED);
        assertThat(on(() -> session.ledger().entries()))
                .as("what was cut until then is not lost with the window")
                .hasSize(1);
        click("unsaved-drop");
        until(() -> said().contains("closed"));
    }

    @Test
    void cutFilesSayWhatGoesIntoTheCutter() {
        run(() -> session.show(Bench.CUT));
        settle();
        run(() -> window.shell().cutBench().show(2, 1));
        Path file = folder.resolve("mine.plt");
        answers.add(file);
        click("cut-save");
        until(() -> Files.exists(file));
        assertThat(asked).matches("otterbrook-kite-fair-load-2-(cream|sky|tangerine)\\.plt");
        Path all = folder.resolve("all");
        answers.add(all);
        click("cut-save-all");
        settle();
        until(() -> Files.isDirectory(all) && all.toFile().list().length == 3);
        assertThat(all.toFile().list()).allMatch(n -> n.matches("otterbrook-kite-fair-load-[123]-[a-z]+\\.plt"));
    }
}
