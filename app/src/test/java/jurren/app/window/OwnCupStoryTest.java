package jurren.app.window;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import jurren.core.blank.Blank;
import jurren.core.blank.Fit;
import jurren.core.blank.Obstacle;
import jurren.core.blank.Surface;
import jurren.core.geometry.Box;
import jurren.core.job.Line;
import jurren.core.plan.SizePlan;
import jurren.core.snag.Snag;
import jurren.formats.catalogue.BlankFile;
import jurren.formats.catalogue.BlankRead;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** A cup of one's own: measured with a tape, wrapped, and its template printed; then a shirt exchanged. */
class OwnCupStoryTest extends WindowTest {
    private SizePlan size() {
        return on(() -> session.sizePlan().orElseThrow());
    }

    private Surface.Round cup() {
        return (Surface.Round) size().face().surface();
    }

    private Point2D onFace(Node picture, double xMm, double yMm) {
        jurren.app.face.Viewport view = on(() -> ((jurren.app.face.FaceCanvas) picture).view());
        return onScreen(picture, view.x(xMm), view.y(yMm));
    }

    private void choose(String comboId, String item) {
        click(comboId);
        robot.clickOn(item);
        settle();
    }

    @Test
    void measureACupWrapItSeeTheHandlePrintItsTemplate() throws Exception {
        click("line-B");
        settle();
        assertThat(size().face().isRound()).isTrue();

        click("measure-own");
        type("own-name", "Enamel cup");
        click("own-kind-round");
        type("own-top", "10 1/4");
        type("own-foot", "8½\"");
        type("own-side", "11 cm");
        type("own-inset", "8mm");
        choose("own-made-of", "white coated steel");
        click("own-add-spot");
        choose("spot-what-0", "handle");
        type("spot-left-0", "0");
        type("spot-top-0", "0");
        type("spot-width-0", "15mm");
        type("spot-height-0", "110mm");
        click("own-save");
        settle();

        assertThat(cup().topDiameterMm()).isCloseTo(10.25 * 25.4 / Math.PI, within(1e-9));
        assertThat(cup().footDiameterMm()).isCloseTo(8.5 * 25.4 / Math.PI, within(1e-9));
        assertThat(cup().slantMm()).isEqualTo(110, within(1e-9));
        assertThat(on(() -> session.line().blankId())).isEqualTo("own-enamel-cup");
        assertThat(size().area().box().covers(size().artBounds().orElseThrow(), 0.01))
                .as("the art was fitted to it")
                .isTrue();
        Path kept = folder.resolve("state/blanks/own-enamel-cup.json");
        assertThat(BlankFile.read(kept)).isInstanceOf(BlankRead.Taken.class);

        // a text that is no measure, and one that cannot be, leave the last good value
        type("measure-slant", "a hand and a half");
        assertThat(cup().slantMm()).isEqualTo(110, within(1e-9));
        type("measure-top-diameter", "9 m");
        type("measure-top-diameter", "9000mm");
        assertThat(on(() -> session.notices().latest())).get().asString().contains("9000");
        assertThat(cup().topDiameterMm()).isCloseTo(10.25 * 25.4 / Math.PI, within(1e-9));
        type("measure-foot-diameter", "3 1/2");
        assertThat(cup().footDiameterMm())
                .as("wider than the top: it tapers the other way")
                .isEqualTo(88.9, within(1e-9));
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        settle();

        // the wrap dragged onto the handle, which stands half behind the seam
        assertThat(on(() -> session.plan().orElseThrow().snags()))
                .noneMatch(s -> s instanceof Snag.InTheWay && s.line().equals("B"));
        click("bench-art");
        Node picture = on(() -> stage().getScene().lookup(".face-canvas"));
        on(() -> {
            session.choose(java.util.Optional.of("m1"));
            return null;
        });
        settle();
        double px = on(() -> window.shell().artScale());
        Box art = size().artBounds().orElseThrow();
        double left = -size().face().whole().widthMm() / 2 - art.minXMm();
        Point2D middle = on(() -> picture.localToScreen(
                picture.getBoundsInLocal().getCenterX(),
                picture.getBoundsInLocal().getCenterY()));
        robot.moveTo(middle)
                .press(MouseButton.PRIMARY)
                .moveBy(left / 2 * px, 0)
                .moveBy(left / 2 * px - 4, 0)
                .release(MouseButton.PRIMARY);
        settle();
        assertThat(on(() -> session.plan().orElseThrow().snags()))
                .filteredOn(Snag.InTheWay.class::isInstance)
                .filteredOn(s -> s.line().equals("B"))
                .singleElement()
                .satisfies(s -> {
                    assertThat(((Snag.InTheWay) s).kind()).isEqualTo(Obstacle.Kind.HANDLE);
                    assertThat(s.where().orElseThrow().xMm())
                            .isLessThan(-size().face().whole().widthMm() / 2 + 15.01);
                });

        click("bench-blank");
        Path template = folder.resolve("cup.pdf");
        answers.add(template);
        click("template");
        until(() -> Files.exists(template));
        try (PDDocument pdf = Loader.loadPDF(template.toFile())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
        }
    }

    @Test
    void anotherBlankTakesTheArtByItsRulesAndSaysWhatChanged() {
        double was = size().artBounds().orElseThrow().widthMm();
        click("choose-blank");
        click("blank-tee-youth");
        settle();

        assertThat(on(() -> session.line().blankId())).isEqualTo("tee-youth");
        assertThat(on(() -> session.line().copies())).as("no piece is lost").isEqualTo(12);
        assertThat(size().area().box().covers(size().artBounds().orElseThrow(), 0.01))
                .isTrue();
        assertThat(size().artBounds().orElseThrow().widthMm()).isCloseTo(was * 200 / 254, within(0.6));
        assertThat(on(() -> session.notices().latest())).get().asString().contains("wide");
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        settle();
        assertThat(on(() -> session.line().blankId())).isEqualTo("tee-adult");

        choose("fit-across", "On the left chest");
        choose("fit-width", "Usual width for the size");
        Box chest = size().artBounds().orElseThrow();
        assertThat(chest.centre().xMm()).isEqualTo(100, within(0.01));
        assertThat(on(() -> session.line().fit().across())).isEqualTo(Fit.Across.LEFT_CHEST);
        assertThat(on(() -> session.linePlan()
                        .orElseThrow()
                        .size("S")
                        .orElseThrow()
                        .artBounds()
                        .orElseThrow()
                        .centre()
                        .xMm()))
                .isEqualTo(0.2 * 457, within(0.01));

        click("face-back");
        settle();
        assertThat(size().face().id()).isEqualTo("back");
        assertThat(size().area().dropMm()).isEqualTo(115);
    }

    /** A photo scaled by two marks; then the thing copied, given away, removed and taken in again. */
    @Test
    void ownThingsHaveAPhotoAndAreCopiedGivenAwayAndTakenIn() throws Exception {
        java.awt.image.BufferedImage picture =
                new java.awt.image.BufferedImage(400, 200, java.awt.image.BufferedImage.TYPE_INT_RGB);
        java.awt.Graphics2D lens = picture.createGraphics();
        lens.setColor(java.awt.Color.LIGHT_GRAY);
        lens.fillOval(180, 130, 40, 40);
        Path photo = folder.resolve("tray.png");
        javax.imageio.ImageIO.write(picture, "png", photo.toFile());

        click("measure-own");
        type("own-name", "Tray");
        answers.add(photo);
        click("photo-open");
        until(() -> isThere("photo"));
        settle();
        Node marks = node("photo");
        Point2D left = onScreen(marks, 20, 100);
        Point2D right = onScreen(marks, 220, 100);
        robot.clickOn(left);
        robot.clickOn(right);
        type("photo-distance", "100mm");

        // the lens is traced where it is clicked, a corner is drawn, and the lid is a face of its own that is seen
        // upside down
        double mmPerPx = 100 / (200 * 400 / 330.0);
        type("own-room", "1mm");
        click("own-trace");
        settle();
        Node face = node("own-picture");
        jurren.core.geometry.Point middle = new jurren.core.geometry.Point(
                (200 - 120 * 400 / 330.0) * mmPerPx, (150 - 100 * 400 / 330.0) * mmPerPx);
        robot.clickOn(onFace(face, middle.xMm(), middle.yMm()));
        until(() -> isThere("spot-what-0"));
        click("own-draw");
        settle();
        for (double[] at : new double[][] {{-90, 130}, {-60, 130}, {-60, 140}, {-20, 20}}) {
            robot.clickOn(onFace(face, at[0], at[1]));
        }
        robot.push(KeyCode.BACK_SPACE);
        robot.push(KeyCode.ENTER);
        choose("spot-what-1", "hinge");
        type("own-hottest", "280 °F");
        click("own-add-colour");
        click("own-face-add");
        click("own-kind-round");
        click("own-turned");
        click("own-save");
        settle();
        Blank tray = on(() -> session.shop().blank("own-tray").orElseThrow());
        assertThat(tray.photo().orElseThrow().mmPerPx()).isCloseTo(mmPerPx, within(0.01));
        List<Obstacle> inTheWay = tray.reference().faces().getFirst().further();
        assertThat(inTheWay).extracting(Obstacle::kind).containsExactly(Obstacle.Kind.CAMERA, Obstacle.Kind.HINGE);
        assertThat(inTheWay.getFirst().box().widthMm())
                .as("40 pixels and a millimetre on each side")
                .isCloseTo(40 * mmPerPx + 2, within(0.4));
        jurren.core.blank.Photo lies = tray.photo().orElseThrow();
        assertThat(inTheWay.getFirst()
                        .where()
                        .distanceMm(new jurren.core.geometry.Point(
                                lies.xMm() + 200 * lies.mmPerPx(), lies.yMm() + 150 * lies.mmPerPx())))
                .as("where the photo lies, as it was marked")
                .isLessThan(0.4);
        assertThat(inTheWay.getLast().region().areaMm2())
                .as("a triangle of 30 by 10 with a millimetre around")
                .isCloseTo(150 + 30 + 10 + Math.hypot(30, 10) + Math.PI, within(15.0));
        assertThat(tray.reference().faces()).extracting(f -> f.turnedInUse()).containsExactly(false, true);
        assertThat(tray.reference().faces().getLast().isRound()).isTrue();
        assertThat(tray.madeOf().mostCelsius()).isCloseTo((280 - 32) / 1.8, within(0.01));
        assertThat(tray.colours()).hasSize(2);
        assertThat(folder.resolve("state/blanks/own-tray.png")).exists();

        click("choose-blank");
        click("own-copy-own-tray");
        assertThat(on(() -> session.shop().blank("own-tray-copy"))).isPresent();
        Path given = folder.resolve("given.json");
        answers.add(given);
        click("own-export-own-tray-copy");
        until(() -> Files.exists(given));
        click("own-remove-own-tray-copy");
        assertThat(on(() -> session.shop().blank("own-tray-copy")))
                .as("asked first")
                .isPresent();
        click("remove-yes");
        assertThat(on(() -> session.shop().blank("own-tray-copy"))).isEmpty();
        click("own-remove-own-tray");
        assertThat(on(() -> session.notices().latest()))
                .as("a line is made on it")
                .get()
                .asString()
                .contains("Tray");
        answers.add(given);
        click("choose-import");
        settle();
        assertThat(on(() -> session.shop().blank("own-tray-copy"))).isPresent();

        answers.add(Files.writeString(folder.resolve("bad.json"), "{ \"id\": 3,,"));
        click("choose-blank");
        click("choose-import");
        assertThat(on(() -> session.notices().latest()))
                .get()
                .asString()
                .contains("bad.json")
                .contains("line 1");
    }

    /** The kite that stands opposite the handle goes round with the cup. */
    @Test
    void aCupIsTurnedByDraggingAndByKeys() {
        click("line-B");
        settle();
        Node held = node("held");
        Point2D middle = onScreen(
                held,
                on(() -> held.getBoundsInLocal().getCenterX()),
                on(() -> held.getBoundsInLocal().getCenterY()));
        double before = on(() -> window.shell().turnDegrees());
        robot.moveTo(middle).press(MouseButton.PRIMARY).moveBy(-40, 0).release(MouseButton.PRIMARY);
        double dragged = on(() -> window.shell().turnDegrees());
        assertThat(dragged).isGreaterThan(before + 10);
        robot.push(KeyCode.LEFT);
        assertThat(on(() -> window.shell().turnDegrees())).isCloseTo(dragged + 10, within(1e-9));
        robot.push(KeyCode.HOME);
        assertThat(on(() -> window.shell().turnDegrees())).isCloseTo(0, within(1e-9));
    }

    @Test
    void linesAreAddedCopiedMovedAndRemoved() {
        click("line-add");
        click("blank-mug-11");
        settle();
        Line mug = on(() -> session.line());
        assertThat(mug.id()).isEqualTo("C");
        assertThat(mug.materialId()).as("what holds on a coated mug").isEqualTo("dye-print");
        assertThat(isThere("held")).isTrue();

        menu("line-copy");
        assertThat(on(() -> session.job().lines())).extracting(Line::id).containsExactly("A", "B", "D", "E", "C", "F");
        menu("line-earlier");
        assertThat(on(() -> session.job().lines())).extracting(Line::id).containsExactly("A", "B", "D", "E", "F", "C");
        menu("line-remove");
        assertThat(on(() -> session.job().lines())).extracting(Line::id).containsExactly("A", "B", "D", "E", "C");
        type("line-title", "1 mug for the judge");
        assertThat(on(() -> session.line().title())).isEqualTo("1 mug for the judge");
        assertThat(on(() -> session.shop().blank("mug-11")).map(Blank::name)).contains("Mug 11 oz");
    }

    private void menu(String item) {
        click("line-menu");
        robot.clickOn("#" + item);
        settle();
    }
}
