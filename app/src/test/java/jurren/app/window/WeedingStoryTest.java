package jurren.app.window;

import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.control.CheckBox;
import javafx.scene.input.KeyCode;
import jurren.app.face.FaceCanvas;
import jurren.core.cut.CutRun;
import jurren.core.finish.HandTimes;
import jurren.core.geometry.Point;
import jurren.core.job.Job;
import jurren.core.run.RunTask;
import jurren.core.weed.WeedPlan;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** A cut load on the table: insides first, then the frame, ticked or clicked, and it is done in the run too. */
class WeedingStoryTest extends WindowTest {
    @Override
    Job job() {
        return robin();
    }

    private CutRun load() {
        return on(() -> session.plan().orElseThrow().runs().getFirst());
    }

    private boolean isWeeded() {
        return on(() -> session.job()
                .made()
                .done()
                .contains(RunTask.weeding(
                        session.plan().orElseThrow().runs().getFirst().mark())));
    }

    private String row(String id) {
        return on(() -> ((CheckBox) stage().getScene().lookup("#" + id)).getText());
    }

    @Test
    void liftedPieceByPieceAndTicked() {
        click("bench-cut");
        settle();
        click("cut-side-weed");
        settle();
        until(() -> node("weed-frame") != null);
        List<WeedPlan.Waste> insides = WeedPlan.of(load().load(), HandTimes.USUAL).wastes().stream()
                .filter(w -> w.kind() == WeedPlan.Kind.INSIDE)
                .toList();
        assertThat(insides).as("R, o, b have insides").hasSize(3);
        assertThat(row("weed-inside")).startsWith("1").contains("3 insides");

        WeedPlan.Waste largest = insides.stream()
                .max(java.util.Comparator.comparingDouble(w -> w.region().areaMm2()))
                .orElseThrow();
        Point on = largest.region().inside();
        robot.clickOn(at(new Point(-on.yMm(), -on.xMm())));
        settle();
        assertThat(row("weed-inside")).contains("1 up");
        robot.clickOn(at(new Point(-on.yMm(), -on.xMm())));
        settle();
        assertThat(row("weed-inside")).as("laid back").doesNotContain("up");

        tick("weed-inside");
        assertThat(isWeeded()).isFalse();
        tick("weed-frame");
        assertThat(isWeeded()).as("all of it is up").isTrue();
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        settle();
        assertThat(isWeeded()).isFalse();
        click("weed-done");
        settle();
        assertThat(isWeeded()).isTrue();
        click("weed-done");
        settle();
        assertThat(isWeeded()).as("not after all").isFalse();
    }

    private void tick(String id) {
        focus(node(id));
        robot.push(KeyCode.SPACE);
        settle();
    }

    private Point2D at(Point onPicture) {
        FaceCanvas canvas = on(() -> (FaceCanvas) stage().getScene().getRoot().lookupAll(".face-canvas").stream()
                .filter(n -> n.getScene() != null && n.isVisible())
                .findFirst()
                .orElseThrow());
        return onScreen(
                canvas,
                on(() -> canvas.view().x(onPicture.xMm())),
                on(() -> canvas.view().y(onPicture.yMm())));
    }
}
