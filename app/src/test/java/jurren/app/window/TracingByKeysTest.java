package jurren.app.window;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import jurren.core.art.TracedPicture;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** The tracing sheet without a pointer, and what it keeps and tells. */
class TracingByKeysTest extends WindowTest {
    @Override
    Job job() {
        return NewJobs.onBlank(SHOP.blank("tee-adult").orElseThrow(), "Fair", "tee", "black", "smooth-film");
    }

    /** Four dots, one in each corner. */
    private Path dots() throws IOException {
        BufferedImage image = new BufferedImage(200, 200, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 200, 200);
        g.setColor(Color.BLACK);
        for (int i = 0; i < 4; i++) {
            g.fill(new Ellipse2D.Double(30 + 100 * (i % 2), 30 + 100 * (i / 2), 40, 40));
        }
        g.dispose();
        Path file = folder.resolve("dots.png");
        ImageIO.write(image, "png", file.toFile());
        return file;
    }

    private String says(String id) {
        return on(() -> stage().getScene().lookup("#" + id) instanceof Label l ? l.getText() : "");
    }

    private void openPicture() throws IOException {
        Path file = dots();
        run(() -> window.shell().actions().dropped(file));
        settle();
        until(() -> stage().getScene().lookup("#trace-says") instanceof Label l
                && l.getText().contains("4 parts"));
        settle();
    }

    @Test
    void partsAreMarkedDroppedAndBroughtBackByKeys() throws IOException {
        openPicture();
        focus(node("trace-view"));
        robot.push(KeyCode.N);
        robot.push(KeyCode.SPACE);
        settle();
        assertThat(says("trace-says")).contains("3 parts");
        robot.push(KeyCode.SPACE);
        settle();
        assertThat(says("trace-says")).as("the same key brings it back").contains("4 parts");
        robot.push(KeyCode.N);
        robot.push(KeyCode.N);
        robot.push(KeyCode.DELETE);
        settle();
        assertThat(says("trace-says")).contains("3 parts");
    }

    @Test
    void nothingIsSaidOfWhatHoldsBeforeItWasLookedFor() throws IOException {
        openPicture();
        assertThat(says("trace-lost")).isNotBlank();
        run(() -> ((javafx.scene.control.ButtonBase) node("trace-straighten")).fire());
        Hands.turn();
        assertThat(says("trace-lost"))
                .as("while it is straightened nothing is traced")
                .isEmpty();
        run(() -> ((javafx.scene.control.ButtonBase) node("trace-straighten")).fire());
        settle();
        assertThat(says("trace-lost")).isNotBlank();
    }

    @Test
    void aStretchStaysWhenTheTraceIsMadeAnew() throws IOException {
        openPicture();
        click("trace-take");
        settle();
        TracedPicture first =
                (TracedPicture) on(() -> session.motif().orElseThrow().source());
        run(() -> session.editMotif(m -> m.withSource(m.source().resized(2, 1))));
        settle();
        String id = on(() -> session.motif().orElseThrow().id());
        run(() -> window.shell().actions().give(jurren.app.session.AskFor.What.TRACE_AGAIN, id));
        settle();
        click("trace-take");
        settle();
        TracedPicture again =
                (TracedPicture) on(() -> session.motif().orElseThrow().source());
        assertThat(again.mmPerPxAcross() / again.mmPerPxDown())
                .isEqualTo(2 * first.mmPerPxAcross() / first.mmPerPxDown());
    }

    @Test
    void escapeLeavesTheFaceAsItWasAndTheTracingEnds() throws IOException {
        Job before = on(session::job);
        openPicture();
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(isThere("trace-sheet")).isFalse();
        assertThat(on(session::job)).isEqualTo(before);
        assertThat(on(() -> session.desk().isIdle())).isTrue();
    }

    @Test
    void severalFilesDroppedAtOnceAreAllRead() throws IOException {
        Path one = java.nio.file.Files.writeString(
                folder.resolve("one.svg"),
                "<svg xmlns='http://www.w3.org/2000/svg' width='30mm' height='30mm' viewBox='0 0 30 30'><rect width='30' height='30' fill='#E8743B'/></svg>");
        Path two = java.nio.file.Files.writeString(
                folder.resolve("two.svg"),
                "<svg xmlns='http://www.w3.org/2000/svg' width='20mm' height='20mm' viewBox='0 0 20 20'><rect width='20' height='20' fill='#E8743B'/></svg>");
        run(() -> {
            window.shell().actions().dropped(one);
            window.shell().actions().dropped(two);
        });
        settle();
        assertThat(on(() -> session.line().motifs().stream()
                        .map(m -> m.name())
                        .sorted()
                        .toList()))
                .containsExactly("one", "two");
        Node strip = node("work");
        until(() -> !strip.isVisible());
    }
}
