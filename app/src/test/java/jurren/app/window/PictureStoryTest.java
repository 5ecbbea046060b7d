package jurren.app.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import jurren.app.face.FaceCanvas;
import jurren.app.session.Bench;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.PrintedPicture;
import jurren.core.art.TracedPicture;
import jurren.core.art.treat.KeepInPart;
import jurren.core.geometry.Box;
import jurren.core.job.Job;
import jurren.core.layer.Join;
import jurren.core.layer.Layer;
import jurren.core.material.Material;
import jurren.core.plan.SizePlan;
import jurren.core.snag.Snag;
import jurren.core.trace.Picture;
import jurren.formats.demo.DemoJob;
import jurren.formats.picture.PictureWriter;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Pictures that are printed as they are, sheets of prints, and hands that are off, as a person would meet them. */
class PictureStoryTest extends WindowTest {
    private static final Job WHOLE = few(DemoJob.make());

    @Override
    Job job() {
        return WHOLE;
    }

    /** 200 by 150 pixels, a ramp in two colours. */
    private Path ramp(String name) throws IOException {
        int[] argb = new int[200 * 150];
        for (int i = 0; i < argb.length; i++) {
            argb[i] = 0xFF000040 | i % 200 * 255 / 200 << 16 | i / 200 * 255 / 150 << 8;
        }
        return Files.write(folder.resolve(name), PictureWriter.png(Picture.ofOwned(200, 150, argb)));
    }

    private void drop(Path file) {
        run(() -> window.shell().actions().dropped(file));
        settle();
    }

    private void show(Bench bench) {
        run(() -> session.show(bench));
        settle();
    }

    private SizePlan size() {
        return on(() -> session.sizePlan().orElseThrow());
    }

    private PrintedPicture picture() {
        return (PrintedPicture) on(() -> session.motif().orElseThrow()).source();
    }

    private List<Snag> snags() {
        return on(() -> session.plan().orElseThrow().snags());
    }

    /** On a tumbler that is dye printed a picture needs no asking: it is printed, sized, cropped, seen through. */
    @Test
    void aPictureOnAPrintIsTakenAsItIs() throws IOException {
        click("line-B");
        settle();
        drop(ramp("lake.png"));
        assertThat(isThere("trace-sheet")).isFalse();
        Motif added = on(() -> session.motif().orElseThrow());
        assertThat(added.name()).isEqualTo("lake");
        assertThat(on(() -> session.notices().latest().orElse(""))).contains("Trace it instead");
        assertThat(size().layers().getFirst().print().shaded().areaMm2()).isPositive();

        type("motif-width", "20mm");
        assertThat(picture().mmPerPxAcross()).isCloseTo(0.1, within(1e-3));
        assertThat(picture().mmPerPxDown()).as("in proportion").isCloseTo(0.1, within(1e-3));
        assertThat(text("picture-fine")).startsWith("254 to the inch");
        type("picture-crop-left", "25");
        assertThat(picture().crop().left()).isCloseTo(0.25, within(1e-9));
        type("picture-opacity", "60");
        assertThat(picture().opacity()).isCloseTo(0.6, within(1e-9));
        type("picture-opacity", "0");
        assertThat(picture().opacity()).as("nothing would be printed of it").isCloseTo(0.6, within(1e-9));
        type("motif-width", "55mm");
        assertThat(snags()).hasAtLeastOneElementOfType(Snag.CoarsePicture.class);
        assertThat(text("picture-fine")).contains("coarse");
        for (int i = 0; i < 4; i++) {
            robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        }
        settle();
        assertThat(picture().crop()).isEqualTo(PrintedPicture.Crop.NONE);
    }

    /**
     * On a film that is cut it would be traced; printed all the same, it stops the work until it is of something
     * printed.
     */
    @Test
    void aPictureOnAFilmIsTracedOrStopsTheWork() throws IOException {
        drop(ramp("lake.png"));
        until(() -> isThere("trace-print"));
        click("trace-print");
        settle();
        assertThat(snags()).hasAtLeastOneElementOfType(Snag.PictureNotCut.class);
        click("picture-trace");
        until(() -> isThere("trace-take"));
        settle();
        click("trace-take");
        settle();
        assertThat(on(() -> session.motif().orElseThrow()).source()).isInstanceOf(TracedPicture.class);
        assertThat(snags()).noneMatch(Snag.PictureNotCut.class::isInstance);
        click("traced-print");
        settle();
        assertThat(on(() -> session.motif().orElseThrow()).source()).isInstanceOf(PrintedPicture.class);
    }

    /** On the back of a dark tee: printed into flock, and what is written comes out true on the stand-in printer. */
    @Test
    void aPictureIsPrintedIntoFlock() throws IOException {
        run(() -> session.openPlace(1));
        settle();
        drop(ramp("lake.png"));
        until(() -> isThere("trace-print"));
        click("trace-print");
        settle();
        assertThat(snags()).hasAtLeastOneElementOfType(Snag.PictureNotCut.class);
        run(() -> ((ComboBox<?>) node("film-0"))
                .getItems().stream()
                        .filter(m -> m instanceof Material f && f.id().equals("flock-base"))
                        .findFirst()
                        .ifPresentOrElse(m -> select((ComboBox<?>) node("film-0"), m), () -> {
                            throw new AssertionError("flock is not offered");
                        }));
        settle();
        assertThat(snags()).noneMatch(Snag.PictureNotCut.class::isInstance);
        assertThat(size().layers()).extracting(Layer::role).containsExactly(Layer.Role.BASE, Layer.Role.PRINT);
        assertThat(size().layers().getLast().print().inks())
                .filteredOn(i -> !i.isFlat())
                .as("the demo's own and this one")
                .hasSize(2);
    }

    @SuppressWarnings("unchecked")
    private static <T> void select(ComboBox<T> box, Object item) {
        box.getSelectionModel().select((T) item);
    }

    /** The labels go to the print shop as a PDF whose cut line has the colour that the shop there wants. */
    @Test
    void theLabelsGoToThePrintShop() throws IOException {
        click("line-C");
        settle();
        click("job-name");
        settle();
        type("cut-line", "Contour");
        Path papers = Files.createDirectory(folder.resolve("papers"));
        answers.add(papers);
        click("drawer-all");
        until(() -> Files.exists(papers.resolve("plan.json")));
        settle();
        List<String> spots = new ArrayList<>();
        try (Stream<Path> pdfs =
                Files.list(papers).filter(p -> p.getFileName().toString().startsWith("print-"))) {
            for (Path p : pdfs.toList()) {
                try (PDDocument pdf = Loader.loadPDF(p.toFile())) {
                    for (var name : pdf.getPage(0).getResources().getColorSpaceNames()) {
                        if (pdf.getPage(0).getResources().getColorSpace(name) instanceof PDSeparation spot) {
                            spots.add(spot.getColorantName());
                        }
                    }
                }
            }
        }
        assertThat(spots).as("on the one sheet that is cut afterwards").containsExactly("Contour");
        assertThat(Files.readString(papers.resolve("plan.json"))).contains("\"true\" : true");
    }

    @Test
    void onePictureIntoEachLetter() throws IOException {
        click("line-B");
        settle();
        drop(ramp("one.png"));
        String one = on(() -> session.motif().orElseThrow().id());
        drop(ramp("two.png"));
        String two = on(() -> session.motif().orElseThrow().id());
        String word = on(() -> session.line().motifs().stream()
                .filter(m -> m.source() instanceof Lettering)
                .findFirst()
                .orElseThrow()
                .id());
        run(() -> session.chooseAll(List.of(word, one, two)));
        settle();
        click("arrange-letters");
        settle();
        List<Motif> motifs = on(() -> session.line().motifs());
        assertThat(motifs).extracting(Motif::id).as("right above the word").containsSubsequence(word, one, two);
        assertThat(on(() -> session.line().motif(two).orElseThrow()).treatments())
                .containsExactly(new KeepInPart(word, 2, 0));
        Box first = box(one);
        Box second = box(two);
        Box whole = box(word);
        assertThat(first.minXMm()).isCloseTo(whole.minXMm(), within(1e-3));
        assertThat(first.maxXMm()).isLessThan(second.minXMm());
        assertThat(whole.covers(second, 1e-3)).isTrue();
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        settle();
        assertThat(on(() -> session.line().motif(two).orElseThrow()).treatments())
                .as("one step to take back")
                .isEmpty();
    }

    private Box box(String id) {
        return on(() -> session.linePlan()
                .orElseThrow()
                .motifs()
                .get(id)
                .bounds()
                .orElseThrow()
                .placed(session.line().motif(id).orElseThrow().pose().placement()));
    }

    @Test
    void thePrintsAreLookedAtBesideTheFilm() {
        show(Bench.LOADS);
        click("loads-show-prints");
        settle();
        // the first sheet's right edge is bare paper
        var image = on(() -> canvas().snapshot(null, null));
        var at = on(() -> canvas().view());
        int paper = image.getPixelReader().getArgb((int) at.x(600), (int) at.y(500)) & 0xFFFFFF;
        assertThat(paper).isEqualTo(0xFFFFFF);
        click("loads-show-film");
        settle();
        assertThat(on(() -> ((ToggleButton) node("loads-show-film")).isSelected()))
                .isTrue();
        assertThat(on(() -> canvas().view()).pxPerMm())
                .as("another picture at another scale")
                .isNotEqualTo(at.pxPerMm());
    }

    private FaceCanvas canvas() {
        return on(() -> (FaceCanvas) stage().getScene().getRoot().lookupAll("*").stream()
                .filter(FaceCanvas.class::isInstance)
                .findFirst()
                .orElseThrow());
    }

    /** With hardly any overlap the ground shows; the overlap that is offered hides it. */
    @Test
    void handsThatAreOffShowTheGroundUntilTheOverlapIsTaken() {
        show(Bench.LAYERS);
        run(() -> session.editLine(l -> l.withJoin(size().layers().get(1).film(), new Join.KnockedOut(0.1))));
        settle();
        assertThat(text("hands-says")).startsWith("The ground shows in");
        click("hands-show");
        settle();
        click("overlap-2");
        settle();
        assertThat(((Join.KnockedOut) size().layers().get(1).join()).overlapMm())
                .isBetween(0.4, 0.8);
        assertThat(text("hands-says")).doesNotContain("The ground shows in 200");
        type("hands-off", "0.05mm");
        assertThat(on(() -> session.settings().choice("handsOffMm", ""))).isEqualTo("0.05");
    }

    @Test
    void aLayerIsLaidLowerByKeysAndWhatCannotBeIsSaid() {
        show(Bench.LAYERS);
        List<String> before =
                size().layers().stream().map(l -> l.colour().hex()).toList();
        focus("layer-3");
        robot.push(KeyCode.ALT, KeyCode.DOWN);
        settle();
        assertThat(on(() -> session.notices().latest().orElse("")))
                .as("cream and sky are in the kite's own drawing")
                .contains("of one motif");
        assertThat(size().layers().stream().map(l -> l.colour().hex()).toList()).isEqualTo(before);
        focus("layer-4");
        robot.push(KeyCode.ALT, KeyCode.DOWN);
        settle();
        assertThat(size().layers().getFirst().material().id())
                .as("below cream, which it does not meet, and so below the whole kite")
                .isEqualTo("glitter-film");
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        settle();
        assertThat(size().layers().getLast().material().id()).isEqualTo("glitter-film");
    }

    private void focus(String id) {
        until(() -> isThere(id));
        run(() -> node(id).requestFocus());
        settle();
    }

    /** Lettering behind the glass of a door: reversed, and what is seen first is laid first. */
    @Test
    void letteringBehindGlassIsReversedAndLaidTheOtherWayRound() {
        run(() -> session.edit(session.job()
                .withLineAdded(jurren.core.job.NewJobs.onBlank(
                                SHOP.blank("window-pane").orElseThrow(),
                                "Door",
                                "pane",
                                SHOP.blank("window-pane")
                                        .orElseThrow()
                                        .colours()
                                        .getFirst()
                                        .id(),
                                "vinyl-behind-glass")
                        .lines()
                        .getFirst()
                        .withId("F"))));
        run(() -> session.openLine("F"));
        settle();
        show(Bench.ART);
        click("add-lettering");
        settle();
        click("add-outline");
        settle();
        show(Bench.LAYERS);
        List<Layer> layers = size().layers();
        assertThat(layers)
                .hasSize(2)
                .allSatisfy(l -> assertThat(l.making().reversed()).isTrue());
        List<Integer> laid = on(() -> session.linePlan().orElseThrow().finish().steps()).stream()
                .filter(s -> s.kind() == jurren.core.finish.TableStep.LAY)
                .map(s -> s.layer())
                .toList();
        assertThat(laid).as("the letters first, then what stands behind them").containsExactly(2, 1);
        assertThat(on(() -> session.linePlan().orElseThrow()).isSeenThrough()).isTrue();
        assertThat(Optional.of(layers.getFirst().join())).contains(Join.LAID_OVER);
    }
}
