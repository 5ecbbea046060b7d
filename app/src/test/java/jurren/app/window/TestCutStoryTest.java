package jurren.app.window;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javafx.scene.input.KeyCode;
import jurren.app.cutter.CutTalk;
import jurren.core.cut.CutRun;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Point;
import jurren.core.job.Job;
import jurren.formats.hpgl.HpglWriter;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * A first cut without fear: once round the edge with the knife up, a row of squares, and the force that lifts clean is
 * kept.
 */
class TestCutStoryTest extends WindowTest {
    @Override
    Job job() {
        return robin();
    }

    private CutRun first() {
        return on(() -> session.plan().orElseThrow().runs().getFirst());
    }

    private CutTalk talk() {
        return window.shell().cutter();
    }

    private List<List<Point>> bed() {
        try {
            return talk().standIn().bed();
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void theForceIsFoundByTrying() {
        click("bench-cut");
        settle();
        run(() -> talk().setSpeedUp(Double.POSITIVE_INFINITY));
        click("cut-test");
        settle();
        type("test-from", "60 gf");
        type("test-to", "120");
        type("test-count", "7");
        click("test-cut");
        until(() -> talk().state() == CutTalk.State.DONE);
        assertThat(bed()).hasSize(14);
        double side = 12;
        assertThat(bed().stream().map(s -> Outline.of(s).bounds()).filter(b -> Math.abs(b.widthMm() - side) < 0.03))
                .hasSize(7);
        assertThat(on(() -> session.job().made().cuts()))
                .as("nothing of the job was cut")
                .isEmpty();

        until(() -> node("test-100") != null);
        assertThat(on(() -> node("test-keep").isDisabled())).isTrue();
        click("test-100");
        assertThat(text("test-keep")).contains("100");
        click("test-keep");
        settle();
        assertThat(first().forceGf()).isEqualTo(100);
        assertThat(new String(HpglWriter.write(first()), StandardCharsets.US_ASCII))
                .contains("FS100;");
        assertThat(said()).contains("100 gf").contains("Desktop cutter");

        on(() -> {
            session.myShop().change(s -> s.withCutters(s.cutters().reversed()), "", _ -> {});
            return null;
        });
        settle();
        assertThat(first().forceGf()).as("another cutter was not tried").isEqualTo(90);
    }

    @Test
    void theHeadGoesRoundTheEdgeAndNothingIsCut() {
        click("bench-cut");
        settle();
        run(() -> talk().setSpeedUp(Double.POSITIVE_INFINITY));
        click("cut-round");
        until(() -> talk().state() == CutTalk.State.IDLE && talk().head().equals(Point.ORIGIN));
        assertThat(bed()).isEmpty();
        String round = new String(HpglWriter.edge(first(), false), StandardCharsets.US_ASCII);
        assertThat(round).doesNotContain("PD");
        var box = first().paths().stream()
                .map(p -> p.bounds())
                .reduce((a, b) -> a.joined(b))
                .orElseThrow();
        assertThat(round)
                .contains("PU" + Math.round(box.maxXMm() / jurren.core.load.Dialect.USUAL_UNIT_MM) + ","
                        + Math.round(box.maxYMm() / jurren.core.load.Dialect.USUAL_UNIT_MM));
        click("cut-main");
        until(() -> talk().finishedPaths() > 0);
        run(() -> talk().stop());
        until(() -> !talk().isBusy());
    }

    @Test
    void aTestThatNobodyAnsweredChangesNothing() {
        click("bench-cut");
        settle();
        click("cut-test");
        settle();
        type("test-from", "9999");
        assertThat(text("test-from")).as("more than the cutter can").isEqualTo("60 gf");
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(first().forceGf()).isEqualTo(90);
    }
}
