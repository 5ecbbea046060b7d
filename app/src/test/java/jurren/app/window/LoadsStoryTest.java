package jurren.app.window;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javax.imageio.ImageIO;
import jurren.app.cutter.CutTalk;
import jurren.app.face.FaceCanvas;
import jurren.app.session.Bench;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.art.Treatment;
import jurren.core.cut.CutRun;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.job.SizeEntry;
import jurren.core.load.Load;
import jurren.core.load.Offcut;
import jurren.core.load.Placed;
import jurren.core.load.Promise;
import jurren.core.load.Roll;
import jurren.core.load.Stock;
import jurren.core.material.Colour;
import jurren.formats.catalogue.PromisesFile;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.JobFile;
import jurren.formats.jobfile.JobRead;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/**
 * Squares for four tees, laid by the program and by hand; an offcut comes to the shelf and is used, a load is cut and
 * its film leaves the shelf.
 */
class LoadsStoryTest extends WindowTest {
    private static final Colour CREAM = Colour.of("#F6EFDC");

    @Override
    Job job() {
        Job job = NewJobs.onBlank(SHOP.blank("tee-adult").orElseThrow(), "Fair", "tee", "black", "smooth-film");
        return job.withLine(
                "A",
                l -> l.withMotifs(List.of(new Motif(
                                "m1",
                                "square",
                                new Shape(Shape.Kind.RECTANGLE, 90, 90, 5, 0.5, CREAM),
                                List.of(new Treatment.Weld()),
                                Pose.at(0, 170))))
                        .withSize("M", s -> SizeEntry.of("M", 4)));
    }

    @BeforeEach
    void loadsBench() {
        run(() -> {
            session.show(Bench.LOADS);
            session.nests().stop();
        });
        settle();
    }

    private List<Load> loads() {
        return on(() ->
                session.plan().orElseThrow().runs().stream().map(r -> r.load()).toList());
    }

    private FaceCanvas canvas() {
        return on(() -> (FaceCanvas) stage().getScene().lookup(".face-canvas"));
    }

    /** Where a place of the only load's film is on the screen. */
    private Point2D at(double xMm, double yMm) {
        FaceCanvas canvas = canvas();
        double px = on(() -> canvas.view().pxPerMm());
        double width = loads().getFirst().stock().widthMm();
        return onScreen(
                canvas,
                on(() -> canvas.view().x(LoadsPictureFacts.CORE_PX / px + xMm)),
                on(() -> canvas.view().y(LoadsPictureFacts.TITLE_PX / px + width - yMm)));
    }

    private static final class LoadsPictureFacts {
        static final double CORE_PX = 16;
        static final double TITLE_PX = 40;
    }

    private Placed copy(int number) {
        return loads().stream()
                .flatMap(l -> l.placed().stream())
                .filter(p -> p.item().copy() == number)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aPieceIsDraggedAndStaysAndTheRestLiesAroundIt() {
        Box before = copy(1).box();
        double used = loads().getFirst().usedMm();
        robot.drag(at(before.centre().xMm(), before.centre().yMm()), MouseButton.PRIMARY)
                .moveTo(at(before.centre().xMm() + 60, before.centre().yMm()))
                .dropTo(at(before.centre().xMm() + 250, before.centre().yMm() + 12));
        settle();
        Box after = copy(1).box();
        assertThat(after.centre().xMm() - before.centre().xMm()).isCloseTo(250, within(3.0));
        assertThat(on(() -> session.job().laying().pins())).hasSize(1);
        assertThat(loads().getFirst().usedMm()).as("film to the pinned piece").isGreaterThan(used + 100);
        assertThat(loads().getFirst().placed()).hasSize(4);

        Box pinned = copy(1).box();
        run(() -> canvas().requestFocus());
        robot.push(KeyCode.SHIFT, KeyCode.RIGHT);
        settle();
        assertThat(copy(1).box().minXMm() - pinned.minXMm())
                .as("by the keyboard")
                .isCloseTo(10, within(1e-6));
        click("piece-turn");
        settle();
        assertThat(copy(1).degrees() % 360).isNotEqualTo(0);
        assertThat(copy(1).box().centre().xMm()).isCloseTo(pinned.centre().xMm() + 10, within(1e-6));
        click("piece-free");
        settle();
        assertThat(loads().getFirst().usedMm()).isCloseTo(used, within(1e-6));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(on(() -> session.job().laying().pins()))
                .as("let go and taken back")
                .hasSize(1);
    }

    /** Another job that is kept has promised some of the roll; once this one is kept too, so has it. */
    @Test
    void whatOtherJobsPromiseIsHatchedToo() throws IOException {
        Roll roll = loads().getFirst().roll().orElseThrow();
        double own = loads().getFirst().usedMm();
        Path other = Files.writeString(state().resolve("other.jurren"), "{}");
        PromisesFile promises = on(() -> session.shopFolder().promises());
        promises.put(new Promise(
                other.toString(),
                "Otter club",
                List.of(new Promise.Take(roll.id(), roll.materialId(), roll.colour(), roll.lengthMm() - own + 100))));
        assertThat(on(() -> session.shelf().promisedMm(roll)))
                .as("nobody looked yet")
                .isCloseTo(own, within(1e-6));
        click("open-shelf");
        until(() -> session.shelf().promisedMm(roll) > own + 1);
        click("roll-" + roll.id() + "-" + roll.colour().hex());
        settle();
        List<String> told = texts();
        assertThat(told).contains("To Otter club");
        assertThat(told)
                .as("it runs out between the two, and ten centimetres are to be bought")
                .contains("runs out")
                .anyMatch(t -> t.equals(session.unit().film(100)));

        Path mine = state().resolve("mine.jurren");
        run(() -> session.files().save(mine, true, _ -> {}));
        until(() -> promises.read().stream().anyMatch(p -> p.file().equals(mine.toString())));
        assertThat(promises.read().stream()
                        .filter(p -> p.file().equals(mine.toString()))
                        .mapToDouble(p -> p.ofMm(roll))
                        .sum())
                .isCloseTo(own, within(0.05));
        assertThat(on(() -> session.shelf().promisedMm(roll)))
                .as("its own is not counted twice")
                .isCloseTo(roll.lengthMm() + 100, within(0.1));
    }

    /** Its name is cut beside each piece, kept with the job, and taken back as one step. */
    @Test
    void eachPieceHasItsNameBesideIt() {
        Load before = loads().getFirst();
        assertThat(before.nameCount()).isZero();
        click("names");
        settle();
        Load named = loads().getFirst();
        assertThat(named.nameCount()).isBetween(1, named.placed().size());
        assertThat(named.placed()).as("nothing moves for it").isEqualTo(before.placed());
        JobRead again =
                JobFile.read(JobFile.bytes(on(() -> JobDocument.of(session.job()))), "again", on(session::shop));
        assertThat(((JobRead.Opened) again).document().job().laying().named()).isTrue();
        run(() -> canvas().requestFocus());
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(loads().getFirst()).isEqualTo(before);
        click("frames");
        settle();
        assertThat(on(() -> node("names").isDisabled()))
                .as("in no frame there is no waste to write on")
                .isTrue();
    }

    private List<String> texts() {
        return on(() -> stage().getScene().getRoot().lookupAll(".label").stream()
                .filter(Node::isVisible)
                .map(n -> ((Label) n).getText())
                .toList());
    }

    @Test
    void aPieceDroppedBesideTheFilmStaysWhereItWas() {
        Box before = copy(1).box();
        robot.drag(at(before.centre().xMm(), before.centre().yMm()), MouseButton.PRIMARY)
                .moveTo(at(before.centre().xMm() + 20, before.centre().yMm()))
                .dropTo(at(before.centre().xMm(), -120));
        settle();
        assertThat(copy(1).box()).isEqualTo(before);
        assertThat(said()).contains("hang over");
    }

    @Test
    void anOffcutIsMeasuredAndFilledBeforeTheRollIs() {
        click("open-shelf");
        click("stock-kind-sheet");
        click("stock-kind-offcut");
        run(() -> ((javafx.scene.control.ComboBox<?>) node("stock-colour"))
                .getSelectionModel()
                .select(2));
        type("new-width", "110mm");
        type("new-length", "220mm");
        click("stock-add");
        until(() -> session.shop().shelf().stream().anyMatch(Offcut.class::isInstance));
        click("sheet-close");
        settle();
        Stock first = loads().getFirst().shelved();
        assertThat(first).isInstanceOfSatisfying(Offcut.class, o -> {
            assertThat(o.colour()).isEqualTo(CREAM);
            assertThat(o.lengthMm()).isCloseTo(220, within(1e-6));
        });
        assertThat(loads()).extracting(l -> l.placed().size()).containsExactly(2, 2);
        assertThat(on(() -> session.shopFolder().shop().shelf()))
                .as("kept in the person's folder")
                .contains(first);

        click("bench-cut");
        settle();
        Path guide = folder.resolve("guide.plt");
        answers.add(guide);
        click("cut-guide");
        until(() -> Files.exists(guide));
        assertThat(guide).content().startsWith("IN;PA;SP2;");
        Path paper = folder.resolve("guide.pdf");
        answers.add(paper);
        click("cut-guide");
        until(() -> Files.exists(paper));
        assertThat(paper).isNotEmptyFile();
        isCutWhereItLies();
    }

    /** Half an inch farther in than the guide puts it: the cut follows two corners, and no other two. */
    private void isCutWhereItLies() {
        run(() -> window.shell().cutter().setSpeedUp(Double.POSITIVE_INFINITY));
        click("offcut-show");
        until(() -> node("head-sheet") != null);
        click("head-step-2");
        robot.push(KeyCode.UP);
        click("head-here");
        robot.push(KeyCode.LEFT);
        click("head-here");
        settle();
        assertThat(said()).as("as if it were larger").contains("further apart or nearer");
        click("cut-main");
        settle();
        assertThat(on(() -> window.shell().cutter().state()))
                .as("nothing is cut where nobody knows")
                .isEqualTo(CutTalk.State.IDLE);
        click("offcut-show");
        until(() -> node("head-sheet") != null);
        click("head-step-2");
        robot.push(KeyCode.UP);
        click("head-here");
        click("head-here");
        settle();
        CutRun run = on(() -> session.plan().orElseThrow().runs().getFirst());
        click("cut-main");
        until(() -> window.shell().cutter().state() == CutTalk.State.DONE);
        settle();
        List<List<Point>> bed = on(() -> window.shell().cutter().standIn().bed());
        assertThat(bed).hasSameSizeAs(run.paths());
        for (int i = 0; i < bed.size(); i++) {
            assertThat(bed.get(i)
                            .getFirst()
                            .distanceMm(run.paths().get(i).start().plus(12.7, 0)))
                    .as("path %d", i)
                    .isLessThan(0.05);
        }
    }

    private void add(String width, String length) {
        click("stock-kind-offcut");
        run(() -> ((javafx.scene.control.ComboBox<?>) node("stock-colour"))
                .getSelectionModel()
                .select(2));
        type("new-width", width);
        type("new-length", length);
        int before = on(() -> session.shop().shelf().size());
        click("stock-add");
        until(() -> session.shop().shelf().size() == before + 1);
    }

    /** Two fit on the smaller, which is taken first; the larger takes the whole layer when that is wanted. */
    @Test
    void aWholeLayerIsPutOntoOneOffcut() {
        click("open-shelf");
        add("110mm", "220mm");
        add("280mm", "260mm");
        click("sheet-close");
        settle();
        assertThat(loads()).hasSizeGreaterThan(1);
        Stock large = on(() -> session.shop().shelf()).stream()
                .filter(s -> s instanceof Offcut o && o.outline().areaMm2() > 60_000)
                .findFirst()
                .orElseThrow();
        run(() -> canvas().requestFocus());
        robot.push(KeyCode.SPACE);
        settle();
        click("layer-to-" + large.id().replaceAll("[^A-Za-z0-9]+", "-"));
        settle();
        assertThat(said()).contains("4 of 4 pieces");
        assertThat(loads()).singleElement().satisfies(l -> {
            assertThat(l.stock()).isEqualTo(large);
            assertThat(l.placed()).hasSize(4);
        });
        run(session::undo);
        settle();
        assertThat(loads()).hasSizeGreaterThan(1);

        dropOnAPiece(large);
        settle();
        assertThat(loads())
                .as("the same by the hand")
                .singleElement()
                .satisfies(l -> assertThat(l.stock()).isEqualTo(large));
    }

    /** Its row is drawn over the picture until it is over a piece, and let go there. */
    private void dropOnAPiece(Stock offcut) {
        run(() -> {
            Node row = node("shelf-" + offcut.id().replaceAll("[^A-Za-z0-9]+", "-"));
            Bounds picture = canvas().localToScene(canvas().getBoundsInLocal());
            for (double y = picture.getMinY();
                    y < picture.getMaxY() && session.job().laying().pins().isEmpty();
                    y += 12) {
                for (double x = picture.getMinX();
                        x < picture.getMaxX() && session.job().laying().pins().isEmpty();
                        x += 12) {
                    for (EventType<MouseEvent> type : List.of(MouseEvent.MOUSE_DRAGGED, MouseEvent.MOUSE_RELEASED)) {
                        Event.fireEvent(
                                row,
                                new MouseEvent(
                                        type,
                                        x,
                                        y,
                                        x,
                                        y,
                                        MouseButton.PRIMARY,
                                        1,
                                        false,
                                        false,
                                        false,
                                        false,
                                        true,
                                        false,
                                        false,
                                        false,
                                        false,
                                        false,
                                        null));
                    }
                }
            }
        });
    }

    /** A dark piece of 200 by 100 mm photographed at 2 pixels to the millimetre, two points 200 mm apart marked. */
    @Test
    void anOffcutIsPhotographedAndLiesOnTheShelf() throws Exception {
        BufferedImage picture = new BufferedImage(500, 300, BufferedImage.TYPE_INT_RGB);
        var pen = picture.createGraphics();
        pen.setColor(java.awt.Color.WHITE);
        pen.fillRect(0, 0, 500, 300);
        pen.setColor(new java.awt.Color(0x204080));
        pen.fillRect(50, 40, 400, 200);
        pen.dispose();
        Path photo = folder.resolve("piece.png");
        ImageIO.write(picture, "png", photo.toFile());
        click("open-shelf");
        click("stock-kind-photo");
        answers.add(photo);
        click("offcut-photo-open");
        until(() -> node("offcut-photo").getBoundsInLocal().getWidth() > 100);
        settle();
        double scale = on(() -> ((javafx.scene.layout.Pane) node("offcut-photo"))
                        .getChildren()
                        .getFirst()
                        .getBoundsInLocal()
                        .getWidth())
                / 500;
        // what is said above the picture changes with each mark, and with it where the picture stands
        robot.clickOn(onScreen(node("offcut-photo"), 50 * scale, 270 * scale));
        until(() -> node("offcut-photo").lookupAll(".photo-mark").size() == 1);
        settle();
        robot.clickOn(onScreen(node("offcut-photo"), 450 * scale, 270 * scale));
        until(() -> isThere("photo-apart"));
        type("photo-apart", "200mm");
        click("offcut-photo-take");
        until(() -> session.shop().shelf().stream().anyMatch(Offcut.class::isInstance));
        Offcut offcut = (Offcut) on(() -> session.shop().shelf().stream()
                .filter(Offcut.class::isInstance)
                .findFirst()
                .orElseThrow());
        assertThat(offcut.lengthMm()).isCloseTo(200, within(4.0));
        assertThat(offcut.widthMm()).isCloseTo(100, within(2.0));
    }

    @Test
    void whatIsCutLeavesTheShelfAndStaysAsItLies() {
        Load load = loads().getFirst();
        double left = ((Roll) load.stock()).lengthMm();
        run(() -> session.show(Bench.CUT));
        settle();
        click("cut-by-hand");
        until(() -> session.shop().shelf().stream()
                .anyMatch(s -> s instanceof Roll r
                        && r.colour().equals(CREAM)
                        && r.materialId().equals("smooth-film")
                        && r.lengthMm() < left - 10));
        settle();
        Roll rest = (Roll) on(() -> session.shop().shelf().stream()
                .filter(s -> s.materialId().equals("smooth-film") && s.colour().equals(CREAM))
                .findFirst()
                .orElseThrow());
        assertThat(rest.lengthMm()).isCloseTo(left - load.usedMm(), within(1e-6));
        assertThat(on(() -> session.plan().orElseThrow().runs()))
                .singleElement()
                .satisfies(r -> {
                    assertThat(session.job().made().cut(r.mark()))
                            .as("known as cut though its film is gone")
                            .isPresent();
                    assertThat(session.job().laying().isTaken(r.load().stock())).isTrue();
                });
        run(() -> session.editLine(l -> l.withSize("M", s -> SizeEntry.of("M", 6))));
        settle();
        assertThat(loads())
                .extracting(l -> l.placed().size())
                .as("two more are cut from what hangs there")
                .containsExactly(4, 2);
    }
}
