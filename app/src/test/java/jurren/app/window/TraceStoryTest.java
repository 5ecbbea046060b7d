package jurren.app.window;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javax.imageio.ImageIO;
import jurren.app.face.FaceCanvas;
import jurren.core.art.Drawing;
import jurren.core.art.Guide;
import jurren.core.art.Motif;
import jurren.core.art.TracedPicture;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.trace.TraceSettings.Mode;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.JobFile;
import jurren.formats.jobfile.JobRead;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** A customer's picture and drawings, brought in as a person would. */
class TraceStoryTest extends WindowTest {
    private static final int SIDE = 300;

    @Override
    Job job() {
        return NewJobs.onBlank(SHOP.blank("tee-adult").orElseThrow(), "Fair", "tee", "black", "smooth-film");
    }

    /** A face with one small eye, and three dots beside it. */
    private Path face() throws IOException {
        BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(java.awt.Color.WHITE);
        g.fillRect(0, 0, SIDE, SIDE);
        g.setColor(new java.awt.Color(0x1E2230));
        g.fill(new Ellipse2D.Double(60, 60, 180, 180));
        g.fill(new Ellipse2D.Double(15, 15, 12, 12));
        g.fill(new Ellipse2D.Double(270, 20, 12, 12));
        g.fill(new Ellipse2D.Double(20, 268, 12, 12));
        g.setColor(java.awt.Color.WHITE);
        g.fill(new Ellipse2D.Double(110, 110, 9, 9));
        g.fill(new Rectangle2D.Double(120, 185, 60, 14));
        g.dispose();
        Path file = folder.resolve("otter.png");
        ImageIO.write(image, "png", file.toFile());
        return file;
    }

    private void drop(Path file) {
        on(() -> {
            window.shell().actions().dropped(file);
            return null;
        });
    }

    private String says(String id) {
        Node n = stage().getScene().lookup("#" + id);
        return n == null ? "" : ((Label) n).getText();
    }

    /** Where a pixel of the picture is in the view. */
    private Point2D inView(double x, double y) {
        Node view = node("trace-view");
        double w = on(() -> view.getBoundsInLocal().getWidth());
        double h = on(() -> view.getBoundsInLocal().getHeight());
        double scale = Math.min((w - 28) / SIDE, (h - 28) / SIDE);
        return new Point2D(w / 2 + (x - SIDE / 2.0) * scale, h / 2 + (y - SIDE / 2.0) * scale);
    }

    private void clickPicture(double x, double y) {
        Point2D p = inView(x, y);
        robot.clickOn(onScreen(node("trace-view"), p.getX(), p.getY()));
        settle();
    }

    private int colourAt(double x, double y) {
        Point2D p = inView(x, y);
        WritableImage image = on(() -> node("trace-view").snapshot(null, null));
        return image.getPixelReader().getArgb((int) p.getX(), (int) p.getY()) & 0xFFFFFF;
    }

    private void slide(String id, double to) {
        on(() -> {
            ((Slider) stage().getScene().lookup("#" + id)).setValue(to);
            return null;
        });
    }

    private void untilParts(String text) {
        until(() -> says("trace-says").contains(text));
    }

    @Test
    void aPictureIsDroppedWipedCleanedTakenAndSeenInLayers() throws Exception {
        drop(face());
        until(() -> !says("trace-says").isBlank());
        untilParts("4 parts");

        // left of the wipe the picture, right of it the film
        int film = colourAt(200, 150);
        assertThat(film).as("the film that stands out on black").isNotEqualTo(0x1E2230);
        Point2D wipe = inView(SIDE * 0.38, 40);
        Point2D far = inView(SIDE * 0.95, 40);
        robot.drag(onScreen(node("trace-view"), wipe.getX(), wipe.getY()), MouseButton.PRIMARY)
                .dropTo(onScreen(node("trace-view"), far.getX(), far.getY()));
        settle();
        assertThat(colourAt(200, 150)).as("the picture itself").isEqualTo(0x1E2230);
        for (int i = 0; i < 14; i++) {
            robot.push(KeyCode.LEFT);
        }
        settle();
        assertThat(colourAt(200, 150)).isEqualTo(film);

        // specks go, the eye as well, until it is clicked
        slide("trace-speck", 110);
        untilParts("one part");
        assertThat(colourAt(114, 114)).as("the eye is lost").isEqualTo(film);
        clickPicture(114.5, 114.5);
        until(() -> colourAtNow(114, 114) != film);
        // and what is kept by its size is dropped by hand
        slide("trace-speck", 60);
        untilParts("4 parts");
        clickPicture(21, 21);
        clickPicture(276, 26);
        clickPicture(26, 274);
        untilParts("one part");
        settle();

        type("trace-width", "6 in");
        until(() -> !says("trace-lost").isBlank());
        click("trace-take");
        settle();
        assertThat(isThere("trace-sheet")).isFalse();
        Motif m = on(() -> session.line().motifs().getFirst());
        assertThat(m.source()).isInstanceOf(TracedPicture.class);
        click("bench-layers");
        settle();
        Region layer = on(() ->
                session.linePlan().orElseThrow().drawn().layers().getFirst().region());
        assertThat(on(() -> session.linePlan().orElseThrow().drawn().layers())).hasSize(1);
        assertThat(layer.pieceCount()).isEqualTo(1);
        assertThat(layer.holeCount()).as("eye and mouth").isEqualTo(2);
        assertThat(layer.bounds().widthMm()).isCloseTo(180.0 / SIDE * 152.4, within(0.3));

        // it is kept with the job and opened again where it was
        Path saved = folder.resolve("fair.jurren");
        answers.add(saved);
        run(() -> window.shell().actions().save());
        settle();
        JobRead.Opened read = (JobRead.Opened) JobFile.read(saved, session.shop());
        assertThat(read.document().job()).isEqualTo(on(() -> session.job()));
        click("bench-art");
        on(() -> {
            session.choose(Optional.of(m.id()));
            return null;
        });
        settle();
        click("trace-again");
        untilParts("one part");
        click("trace-outer");
        until(() -> colourAtNow(150, 190) == film);
        click("trace-take");
        settle();
        assertThat(on(() -> session.line().motifs())).hasSize(1);
        assertThat(on(() -> session.linePlan()
                        .orElseThrow()
                        .drawn()
                        .layers()
                        .getFirst()
                        .region()
                        .holeCount()))
                .isZero();
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        settle();
        assertThat(on(() -> session.line().motifs().getFirst())).isEqualTo(m);
    }

    private int colourAtNow(double x, double y) {
        return colourAt(x, y);
    }

    @Test
    void aPhotographIsStraightenedTracedInColoursAndLaidUnderTheArt() throws Exception {
        drop(face());
        untilParts("4 parts");
        click("trace-straighten");
        Point2D from = inView(0, 0);
        Point2D to = inView(50, 50);
        robot.drag(onScreen(node("trace-view"), from.getX(), from.getY()), MouseButton.PRIMARY)
                .dropTo(onScreen(node("trace-view"), to.getX(), to.getY()));
        settle();
        assertThat(on(() -> ((ButtonBase) stage().getScene().lookup("#trace-take")).isDisabled()))
                .isTrue();
        click("trace-straighten");
        untilParts("3 parts");
        click("trace-mode-several_colours");
        until(() -> stage().getScene().lookup("#trace-keep-ground") != null);
        click("trace-take");
        settle();
        TracedPicture traced =
                (TracedPicture) on(() -> session.line().motifs().getFirst().source());
        assertThat(traced.settings().mode()).isEqualTo(Mode.SEVERAL_COLOURS);
        assertThat(traced.straightening().orElseThrow().corners().getFirst().distanceMm(new Point(50, 50)))
                .isLessThan(3);

        drop(face());
        untilParts("4 parts");
        click("trace-guide");
        settle();
        Motif guide = on(() -> session.line().motifs().getFirst());
        assertThat(guide.source()).isInstanceOf(Guide.class);
        assertThat(guide.standing().locked()).isTrue();
        assertThat(on(() -> session.linePlan()
                        .orElseThrow()
                        .motifs()
                        .get(guide.id())
                        .isEmpty()))
                .as("nothing is made of it")
                .isTrue();
        double before = ((Guide) guide.source()).mmPerPx();
        click("guide-mark");
        settle();
        // the picture may come to stand otherwise between two clicks: both are places on the face
        FaceCanvas canvas = (FaceCanvas) on(() -> stage().getScene()
                .getRoot()
                .lookupAll(".face-canvas")
                .iterator()
                .next());
        Point middle = on(() -> session.sizePlan().orElseThrow().area().box().centre());
        for (double mm : new double[] {-20, 20}) {
            settle();
            Point2D at = on(() -> new Point2D(
                    canvas.view().x(middle.xMm() + mm), canvas.view().y(middle.yMm())));
            robot.clickOn(onScreen(canvas, at.getX(), at.getY()));
        }
        type("guide-distance", "100 mm");
        double after =
                ((Guide) on(() -> session.line().motif(guide.id()).orElseThrow().source())).mmPerPx();
        assertThat(after / before).isCloseTo(100 / 40.0, within(0.03));
    }

    @Test
    void aDrawingWithoutASizeAsksForOneAndNearColoursBecomeOne() throws Exception {
        Path file = folder.resolve("logo.svg");
        Files.writeString(
                file,
                "<svg xmlns='http://www.w3.org/2000/svg' width='288' height='144' viewBox='0 0 288 144'>"
                        + "<rect width='144' height='144' fill='#E8743B'/><rect x='144' width='144' height='144' fill='#E6763D'/></svg>");
        drop(file);
        until(() -> isThere("bring-sheet"));
        click("unit-point-72");
        click("bring-take");
        settle();
        Motif m = on(() -> session.line().motifs().getFirst());
        assertThat(m.source()).isInstanceOf(Drawing.class);
        Region layer = on(() ->
                session.linePlan().orElseThrow().drawn().layers().getFirst().region());
        assertThat(on(() -> session.linePlan().orElseThrow().drawn().layers()))
                .as("two oranges are one film")
                .hasSize(1);
        assertThat(layer.bounds().widthMm()).isCloseTo(101.6, within(0.01));

        // and out again
        Path out = folder.resolve("back.dxf");
        answers.add(out);
        robot.push(KeyCode.SHORTCUT, KeyCode.E);
        click("export-format-dxf");
        click("export-write");
        until(() -> Files.exists(out));
        until(() -> session.notices().latest().map(n -> n.contains("back.dxf")).orElse(false));
        assertThat(Files.readString(out, StandardCharsets.US_ASCII)).contains("POLYLINE");

        // another job's art
        Path job = folder.resolve("other.jurren");
        JobFile.write(JobDocument.of(DEMO), job);
        answers.add(job);
        click("add-drawing");
        until(() -> session.line().motifs().size() > 1);
        assertThat(on(() -> session.line().motifs()))
                .as("the demo's tees")
                .hasSize(1 + DEMO.lines().getFirst().motifs().size());
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        settle();

        drop(Files.writeString(folder.resolve("broken.pdf"), "%PDF-1.4 nothing more"));
        until(() ->
                session.notices().latest().map(n -> n.contains("broken.pdf")).orElse(false));
        assertThat(on(() -> session.line().motifs())).as("nothing is lost").hasSize(1);
        assertThat(List.of(on(() -> session.notices().latest().orElseThrow()))).noneMatch(n -> n.contains("Exception"));
    }
}
