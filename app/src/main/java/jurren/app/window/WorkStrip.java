package jurren.app.window;

import java.util.ArrayList;
import java.util.List;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import jurren.app.cutter.CutTalk;
import jurren.app.desk.Errand;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.formats.words.Words;

/**
 * What takes longer than a moment, one row each: its name, how far it is, the time left, Stop. A load in the cutter has
 * its row with Pause and Stop whatever else is looked at.
 */
final class WorkStrip {
    private static final double LOOK_MS = 250;
    private static final double BAR = 150;

    private final Session session;
    private final CutTalk cutter;
    private final VBox node = new VBox();
    private final Timeline looks = new Timeline(new KeyFrame(Duration.millis(LOOK_MS), _ -> update()));
    private final Runnable watcher = this::begin;
    private final Label cutText = Controls.label("");
    private final ProgressBar cutBar = bar();
    private final Button pause;
    private final Button stop;
    private final HBox cutting;
    private List<Errand> shown = List.of();
    private final List<Runnable> fillers = new ArrayList<>();

    WorkStrip(Session session, CutTalk cutter) {
        this.session = session;
        this.cutter = cutter;
        this.pause = Controls.button("strip-pause", Texts.of("cut.pause"), this::pauseOrGoOn, "small");
        this.stop = Controls.button("strip-stop", Texts.of("cut.stop"), this::stopCutting, "small");
        this.cutting = new HBox(cutText, Controls.spring(), cutBar, pause, stop);
        cutting.getStyleClass().add("work-row");
        cutting.setId("cutting");
        node.setId("work");
        show(node, false);
        show(cutting, false);
        looks.setCycleCount(Animation.INDEFINITE);
        session.desk().watch(watcher);
        cutter.watch(watcher);
    }

    private static ProgressBar bar() {
        ProgressBar bar = new ProgressBar();
        bar.setPrefWidth(BAR);
        bar.setMinWidth(BAR);
        return bar;
    }

    /** Laid over the bench: it comes and goes by itself. */
    Node node() {
        return node;
    }

    /** With room of its own: it stays for as long as the machine cuts. */
    Node cutting() {
        return cutting;
    }

    private static void show(Node node, boolean isShown) {
        node.setVisible(isShown);
        node.setManaged(isShown);
    }

    private void begin() {
        if (looks.getStatus() != Animation.Status.RUNNING) {
            looks.play();
        }
        if (cutter.isBusy()) {
            showCut();
        }
        boolean allDone = !shown.isEmpty() && session.desk().isIdle();
        if (allDone || cutter.isBusy() != cutting.isVisible()) {
            update();
        }
    }

    private void pauseOrGoOn() {
        if (cutter.state().canGoOn()) {
            cutter.goOn();
        } else {
            cutter.pause();
        }
    }

    private void stopCutting() {
        if (cutter.state() == CutTalk.State.LINE_LOST) {
            cutter.giveUp();
        } else {
            cutter.stop();
        }
    }

    void update() {
        List<Errand> slow = session.desk().slow();
        boolean busy = cutter.isBusy();
        show(cutting, busy);
        if (!slow.equals(shown)) {
            shown = slow;
            fillers.clear();
            List<Node> rows = new ArrayList<>(slow.stream().map(this::row).toList());
            Controls.refill(node, rows);
            show(node, !rows.isEmpty());
        }
        fillers.forEach(Runnable::run);
        if (busy) {
            showCut();
        }
        if (!busy && session.desk().isIdle()) {
            looks.stop();
        }
    }

    private HBox row(Errand errand) {
        Label text = Controls.label(errand.name());
        Label left = Controls.figure("");
        ProgressBar bar = bar();
        bar.setAccessibleText(errand.name());
        fillers.add(() -> {
            bar.setProgress(errand.share().orElse(ProgressBar.INDETERMINATE_PROGRESS));
            left.setText(
                    errand.secondsLeft().isPresent()
                            ? Texts.of(
                                    "work.left",
                                    Words.duration(
                                            Math.ceil(errand.secondsLeft().getAsDouble())))
                            : "");
        });
        HBox row = new HBox(text, Controls.spring(), left, bar);
        if (errand.canStop()) {
            row.getChildren()
                    .add(Controls.button(
                            "work-stop",
                            Texts.of("work.stop"),
                            () -> {
                                errand.stop();
                                update();
                            },
                            "small"));
        }
        row.getStyleClass().add("work-row");
        return row;
    }

    private void showCut() {
        cutter.run().ifPresent(run -> {
            cutText.setText(Texts.of(
                    run.isTest() ? "cut.test-in-cutter" : "cut.in-cutter",
                    run.load().order(),
                    run.load().material().colourName(run.load().colour()),
                    Texts.of("cut.state." + cutter.state()),
                    Words.duration(cutter.secondsLeft())));
            cutBar.setProgress(cutter.share());
            cutBar.setAccessibleText(Texts.of("cut.progress"));
            pause.setText(Texts.of(cutter.state().canGoOn() ? "cut.go-on-short" : "cut.pause"));
            pause.setDisable(cutter.phase().isInDoubt());
        });
    }

    void close() {
        looks.stop();
        session.desk().unwatch(watcher);
        cutter.unwatch(watcher);
    }
}
