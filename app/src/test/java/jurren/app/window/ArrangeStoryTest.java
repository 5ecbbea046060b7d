package jurren.app.window;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.VBox;
import jurren.app.face.FaceCanvas;
import jurren.app.session.Bench;
import jurren.core.art.DrawingFile;
import jurren.core.art.Lettering;
import jurren.core.art.Mark;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.art.Stroke;
import jurren.core.art.Treatment;
import jurren.core.art.treat.KnockOut;
import jurren.core.geometry.Box;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.lettering.Baseline;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typefaces;
import jurren.core.material.Colour;
import jurren.core.snag.Snag;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.opening.AnyDrawing;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Three squares on a tee, arranged and made to follow each other by hand and by keyboard. */
class ArrangeStoryTest extends WindowTest {
    private static final Colour CREAM = Colour.of("#F6EFDC");

    @Override
    Job job() {
        Job job = NewJobs.onBlank(SHOP.blank("tee-adult").orElseThrow(), "Fair", "tee", "black", "smooth-film");
        return job.withLine(
                "A",
                l -> l.withMotifs(
                        List.of(square("m1", -80, 150, 40), square("m2", 0, 170, 20), square("m3", 80, 230, 30))));
    }

    private static Motif square(String id, double x, double y, double side) {
        return new Motif(
                id,
                "square " + id,
                new Shape(Shape.Kind.RECTANGLE, side, side, 5, 0.5, CREAM),
                List.of(new Treatment.Weld()),
                Pose.at(x, y));
    }

    @BeforeEach
    void artBench() {
        on(() -> {
            session.show(Bench.ART);
            return null;
        });
        settle();
    }

    private FaceCanvas canvas() {
        return on(() -> (FaceCanvas) stage().getScene().lookup(".face-canvas"));
    }

    private Point2D at(double xMm, double yMm) {
        FaceCanvas canvas = canvas();
        return onScreen(
                canvas, on(() -> canvas.view().x(xMm)), on(() -> canvas.view().y(yMm)));
    }

    private Pose pose(String id) {
        return on(() -> session.line().motif(id).orElseThrow().pose());
    }

    private List<String> chosen() {
        return on(() -> session.chosen().stream().map(Motif::id).toList());
    }

    private void key(KeyCode... codes) {
        on(() -> {
            canvas().requestFocus();
            return null;
        });
        robot.push(codes);
        settle();
    }

    @Test
    void severalAreFramedMovedLinedUpSpacedAndGrouped() {
        robot.drag(at(-105, 125), MouseButton.PRIMARY).moveTo(at(0, 200)).dropTo(at(100, 250));
        settle();
        assertThat(chosen()).containsExactly("m1", "m2", "m3");
        assertThat(isThere("letters")).as("several have no chain to show").isFalse();

        click("align-top");
        settle();
        assertThat(List.of(
                        pose("m1").yMm() - 20, pose("m2").yMm() - 10, pose("m3").yMm() - 15))
                .allSatisfy(top -> assertThat(top).isCloseTo(130, within(1e-6)));
        click("space-across");
        settle();
        assertThat((pose("m2").xMm() - 10) - (pose("m1").xMm() + 20))
                .isCloseTo((pose("m3").xMm() - 15) - (pose("m2").xMm() + 10), within(1e-6));

        key(KeyCode.G);
        key(KeyCode.ESCAPE);
        assertThat(chosen()).isEmpty();
        robot.clickOn(at(pose("m2").xMm(), pose("m2").yMm()));
        settle();
        assertThat(chosen()).as("a press on one takes its group").containsExactly("m1", "m2", "m3");
        Pose before = pose("m3");
        key(KeyCode.SHIFT, KeyCode.RIGHT);
        assertThat(pose("m3").xMm() - before.xMm()).isCloseTo(10, within(1e-9));
        robot.doubleClickOn(at(pose("m2").xMm(), pose("m2").yMm()));
        settle();
        assertThat(chosen()).as("twice, it alone").containsExactly("m2");
        key(KeyCode.A);
        key(KeyCode.U);
        assertThat(on(() -> session.line().motifs()))
                .allMatch(m -> m.standing().group().isEmpty());
    }

    @Test
    void aMotifIsHeldAtTheMiddleAndAtItsNeighboursAndMovesFreelyWithTheKey() {
        robot.drag(at(0, 170), MouseButton.PRIMARY).moveTo(at(30, 200)).dropTo(at(0.8, 200));
        settle();
        assertThat(pose("m2").xMm()).as("held at the middle line").isCloseTo(0, within(1e-9));
        robot.drag(at(0, pose("m2").yMm()), MouseButton.PRIMARY)
                .moveTo(at(-30, 160))
                .dropTo(at(-49.4, 150.7));
        settle();
        assertThat(pose("m2").xMm())
                .as("its left edge at the other's right edge")
                .isCloseTo(-50, within(1e-6));
        assertThat(pose("m2").yMm()).as("middles level").isCloseTo(150, within(1e-6));
        robot.press(KeyCode.CONTROL);
        robot.drag(at(-50, 150), MouseButton.PRIMARY).moveTo(at(-20, 190)).dropTo(at(-0.8, 199));
        robot.release(KeyCode.CONTROL);
        settle();
        assertThat(pose("m2").xMm()).as("free").isNotZero().isCloseTo(-0.8, within(0.6));
    }

    @Test
    void lockedMotifsStayAndHiddenOnesAreNoPartOfTheArt() {
        robot.clickOn(at(-80, 150));
        key(KeyCode.L);
        Pose locked = pose("m1");
        robot.drag(at(-80, 150), MouseButton.PRIMARY).moveTo(at(-60, 180)).dropTo(at(-40, 200));
        settle();
        key(KeyCode.RIGHT);
        assertThat(pose("m1")).isEqualTo(locked);
        double area = on(() ->
                session.sizePlan().orElseThrow().layers().getFirst().region().areaMm2());
        click("motif-m3");
        key(KeyCode.H);
        assertThat(on(() -> session.sizePlan()
                        .orElseThrow()
                        .layers()
                        .getFirst()
                        .region()
                        .areaMm2()))
                .isCloseTo(area - 900, within(1e-6));
        assertThat(text("motif-m3")).contains("hidden");
        key(KeyCode.H);
        assertThat(on(() -> session.sizePlan()
                        .orElseThrow()
                        .layers()
                        .getFirst()
                        .region()
                        .areaMm2()))
                .isCloseTo(area, within(1e-6));
        key(KeyCode.SHIFT, KeyCode.N);
        assertThat(chosen()).as("the one before").containsExactly("m2");
        key(KeyCode.PAGE_UP);
        assertThat(on(() -> session.line().motifs())).extracting(Motif::id).containsExactly("m1", "m3", "m2");
    }

    @Test
    void oneIsKnockedOutOfAnotherFollowsItAndIsMissedWhenItIsGone() {
        on(() -> {
            session.putMotifs(List.of(square("m2", -80, 150, 20)), null);
            session.choose(Optional.of("m1"));
            return null;
        });
        settle();
        click("add-treatment");
        robot.clickOn("With another motif");
        robot.clickOn("Knock out");
        settle();
        other("knock-out-other-1", "m2");
        assertThat(on(() -> session.motif().orElseThrow().treatments().getLast()))
                .isEqualTo(new KnockOut("m2", 0));
        assertThat(built("m1")).isCloseTo(1600 - 400, within(1e-6));
        type("knock-out-gap-1", "2mm");
        assertThat(built("m1")).isLessThan(1600 - 550);

        click("motif-m2");
        settle();
        click("add-treatment");
        robot.clickOn("With another motif");
        robot.clickOn("Keep inside");
        settle();
        until(() -> node("keep-inside-other-1") != null);
        assertThat(others("keep-inside-other-1"))
                .as("what would go round in a ring is not offered")
                .containsExactly("m3");
        key(KeyCode.DELETE);
        assertThat(on(() -> session.notices().latest().orElseThrow()))
                .contains("square m2")
                .contains("square m1");
        assertThat(built("m1")).isCloseTo(1600, within(1e-6));
        assertThat(on(() -> session.plan().orElseThrow().snags()))
                .contains(new Snag.NothingToFollow("A", "m1", "square m1", "knock-out"));
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        settle();
        assertThat(built("m1")).as("brought back, it is followed again").isLessThan(1600 - 550);

        click("motif-m1");
        settle();
        click("treatment-copy-1");
        robot.clickOn("#copy-to-m2");
        settle();
        assertThat(on(() -> session.notices().latest().orElseThrow()))
                .as("m2 cannot follow itself")
                .contains("ring");
        until(() -> javafx.stage.Window.getWindows().size() == 1);
        click("treatment-copy-1");
        robot.clickOn("#copy-to-m3");
        until(() -> session.line().motif("m3").orElseThrow().treatments().size() > 1);
        assertThat(on(() -> session.line().motif("m3").orElseThrow().treatments()))
                .last()
                .isEqualTo(new KnockOut("m2", 2));
    }

    private double built(String id) {
        return on(
                () -> session.linePlan().orElseThrow().motifs().get(id).region().areaMm2());
    }

    private void other(String id, String motif) {
        on(() -> {
            @SuppressWarnings("unchecked")
            ComboBox<String> choice = (ComboBox<String>) node(id);
            choice.setValue(motif);
            return null;
        });
        settle();
    }

    private List<String> others(String id) {
        return on(() -> ((ComboBox<?>) node(id))
                .getItems().stream().map(String::valueOf).toList());
    }

    @Test
    void linesAreDrawnMarksRepeatedAndTheKnifesMessShown() {
        click("add-shape");
        robot.clickOn("Line, point by point");
        robot.clickOn(at(-60, 300));
        robot.clickOn(at(0, 280));
        robot.clickOn(at(60, 300));
        key(KeyCode.ENTER);
        Stroke line = (Stroke) on(() -> session.motif().orElseThrow().source());
        assertThat(((Stroke.Through) line.route()).stops()).hasSize(3);
        type("stroke-end", "0.3mm");
        assertThat(((Stroke) on(() -> session.motif().orElseThrow().source())).endWidthMm())
                .isEqualTo(0.3);

        click("motif-m2");
        settle();
        click("arrange-mark");
        settle();
        Motif mark = on(() -> session.motif().orElseThrow());
        assertThat(mark.source()).isEqualTo(Mark.of("m2"));
        click("motif-m2");
        settle();
        type("motif-width", "30mm");
        assertThat(built(mark.id())).as("changed here, changed there").isCloseTo(900, within(0.01));

        key(KeyCode.ESCAPE);
        assertThat(isThere("marks-card")).isFalse();
        robot.press(KeyCode.X);
        settle();
        until(() -> marks().contains("sliver"));
        assertThat(marks()).contains("separate parts");
        robot.release(KeyCode.X);
        settle();
        assertThat(isThere("marks-card")).as("only while the key is held").isFalse();
        click("add-shape");
        robot.clickOn("Backing");
        settle();
        assertThat(on(() -> session.line().motifs().getFirst().name())).isEqualTo("Backing");
        assertThat(on(() -> session.sizePlan().orElseThrow().layers())).hasSize(2);
    }

    private String marks() {
        return on(() -> ((VBox) node("marks"))
                .getChildren().stream().map(n -> ((Labeled) n).getText()).reduce("", (a, b) -> a + " " + b));
    }

    @Test
    void letteringIsSetInLinesOnAnArcInColoursAndInAFontFromAFile() throws IOException {
        Path font = folder.resolve("Town.ttf");
        try (var in = Typefaces.file(ShippedTypeface.RYE)) {
            Files.copy(in, font);
        }
        Path none = Files.writeString(folder.resolve("none.ttf"), "this is no font");
        click("add-lettering");
        settle();
        click("letters");
        robot.push(KeyCode.SHORTCUT, KeyCode.A);
        robot.write("KITE");
        robot.push(KeyCode.ENTER);
        robot.write("FAIR");
        settle();
        assertThat(letters().text()).isEqualTo("KITE\nFAIR");
        click("colour-by-line");
        settle();
        assertThat(letters().colouring().colours()).hasSize(2);
        click("letters-colour-turn-2");
        click("letters-colour-tangerine");
        settle();
        assertThat(on(() -> session.sizePlan().orElseThrow().layers()))
                .as("each line its own film, and that of the squares")
                .hasSize(3);

        click("size-by-width");
        settle();
        double width = letters().keptWidthMm().orElseThrow();
        type("letters", "OTTERBROOK");
        assertThat(on(() -> session.linePlan()
                        .orElseThrow()
                        .motifs()
                        .get(session.motif().orElseThrow().id())
                        .bounds()
                        .orElseThrow()
                        .widthMm()))
                .as("the width is kept, whatever it says")
                .isCloseTo(width, within(0.1));

        click("fold-baseline");
        on(() -> {
            ComboBox<?> baseline = (ComboBox<?>) node("baseline");
            baseline.getSelectionModel().select(1);
            return null;
        });
        settle();
        type("baseline-radius", "100mm");
        assertThat(letters().setting().baseline()).isEqualTo(new Baseline.Arc(100));
        click("fold-letter");
        click("letter-after");
        type("letter-turn", "15");
        assertThat(letters().setting().shift(1).degrees()).isEqualTo(15);

        answers.add(font);
        click("open-font");
        until(() -> letters().typeface().title().startsWith("Rye"));
        assertThat(folder.resolve("state").resolve("fonts").resolve("Town.ttf")).exists();
        answers.add(none);
        click("open-font");
        until(() -> session.notices().latest().map(n -> n.contains("no font")).orElse(false));
        assertThat(letters().typeface().title()).as("what was there stays").startsWith("Rye");
    }

    private Lettering letters() {
        return on(() -> (Lettering) session.motif().orElseThrow().source());
    }

    /** Boxes on the face after a drag of the corner of them all. */
    @Test
    void severalAreSizedByTheCornerOfTheirBox() {
        key(KeyCode.A);
        Box all = on(() -> boxOf());
        robot.drag(at(all.maxXMm(), all.maxYMm()), MouseButton.PRIMARY)
                .moveTo(at(all.centre().xMm() + 20, all.centre().yMm() + 20))
                .dropTo(at(all.centre().xMm(), all.centre().yMm()));
        settle();
        Box half = on(() -> boxOf());
        assertThat(half.widthMm()).isCloseTo(all.widthMm() / 2, within(2.0));
        assertThat(half.minXMm()).isCloseTo(all.minXMm(), within(0.6));
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        settle();
        assertThat(on(() -> boxOf())).isEqualTo(all);
    }

    private Box boxOf() {
        return session.line().motifs().stream()
                .map(m -> session.linePlan()
                        .orElseThrow()
                        .motifs()
                        .get(m.id())
                        .placed(m.pose().placement())
                        .bounds()
                        .orElseThrow())
                .reduce(Box::joined)
                .orElseThrow();
    }

    /** A customer's sheet of two variants: taken apart, the one that is not needed goes with a click and a key. */
    @Test
    void aDrawingIsTakenApartAndAVariantLeftOut() {
        String svg =
                "<svg xmlns='http://www.w3.org/2000/svg' width='120mm' height='40mm' viewBox='0 0 120 40'><circle cx='20' cy='20' r='18' fill='#E8743B'/>"
                        + "<circle cx='20' cy='20' r='8' fill='#F6EFDC'/><circle cx='100' cy='20' r='18' fill='#7FC4DA'/></svg>";
        DrawingRead.Taken read = (DrawingRead.Taken)
                AnyDrawing.read(new DrawingFile("variants.svg", svg.getBytes(StandardCharsets.UTF_8)));
        run(() -> {
            session.editLine(
                    l -> l.withMotifs(List.of(new Motif("d", "variants", read.drawing(), List.of(), Pose.at(0, 200)))));
            session.choose(Optional.of("d"));
        });
        settle();
        click("apart-colour");
        settle();
        assertThat(on(() -> session.line().motifs())).hasSize(3);
        run(session::undo);
        run(() -> session.choose(Optional.of("d")));
        settle();
        click("apart-part");
        settle();
        assertThat(on(() -> session.line().motifs()))
                .as("the eye stays in its disc")
                .hasSize(2);
        robot.clickOn(at(40, 200));
        settle();
        key(KeyCode.DELETE);
        assertThat(on(() -> session.line().motifs())).extracting(Motif::name).containsExactly("variants 1");
        assertThat(on(() -> session.linePlan()
                        .orElseThrow()
                        .drawn()
                        .artBounds()
                        .orElseThrow()
                        .widthMm()))
                .isCloseTo(36, within(0.01));
    }
}
