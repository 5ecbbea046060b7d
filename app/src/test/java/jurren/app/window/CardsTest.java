package jurren.app.window;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import jurren.app.bench.BenchView;
import jurren.app.bench.art.ArtActions;
import jurren.app.bench.cut.BeforeCut;
import jurren.app.cutter.CutRecorder;
import jurren.app.session.Bench;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Shape;
import jurren.core.art.Treatment;
import jurren.core.blank.Fit;
import jurren.core.finish.HandTimes;
import jurren.core.geometry.CornerStyle;
import jurren.core.job.Job;
import jurren.core.layer.Join;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import jurren.core.weed.WeedPlan;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** The cards of the benches without hands: a bench is built, something on it is fired, the job is compared. */
class CardsTest extends WindowTest {
    private static final Colour CREAM = Colour.of("#F6EFDC");
    private static final Colour SKY = Colour.of("#7FC4DA");

    @Override
    Job job() {
        return DEMO.withLines(DEMO.lines().subList(0, 1));
    }

    private void bench(Bench bench) {
        run(() -> session.show(bench));
        settle();
    }

    private void fire(String id) {
        run(() -> ((ButtonBase) stage().getScene().lookup("#" + id)).fire());
        settle();
    }

    /** As if typed and ended with Enter. */
    private void put(String id, String text) {
        run(() -> {
            TextField field = (TextField) stage().getScene().lookup("#" + id);
            field.setText(text);
            field.getOnAction().handle(null);
        });
        settle();
    }

    private void pick(String id, int index) {
        run(() -> ((ComboBox<?>) stage().getScene().lookup("#" + id))
                .getSelectionModel()
                .select(index));
        settle();
    }

    private Motif motif(String id) {
        return on(() -> session.line().motif(id).orElseThrow());
    }

    private void choose(String... ids) {
        run(() -> session.chooseAll(List.of(ids)));
        settle();
    }

    // ---- blank

    @Test
    void theThingsColourAndSizesAndPressAreFactsOfTheLine() {
        fire("cloth-white");
        assertThat(on(() -> session.line().thing().colourId())).isEqualTo("white");
        put("count-S", "5");
        put("count-2XL", "3");
        assertThat(on(() -> session.line().copies())).isEqualTo(5 + 4 + 4 + 2 + 3);
        put("width-L", "11");
        assertThat(on(() -> session.line().entry("L").artWidthMm())).contains(279.4);
        put("blank-width", "10 in");
        assertThat(on(() -> session.sizePlan().orElseThrow().area().widthMm())).isCloseTo(254, within(1e-9));
    }

    @Test
    void howTheArtFindsItsPlaceIsChosen() {
        int right = List.of(Fit.Across.values()).indexOf(Fit.Across.RIGHT_CHEST);
        pick("fit-across", right);
        assertThat(on(() -> session.line().fit().across())).isEqualTo(Fit.Across.RIGHT_CHEST);
        run(session::undo);
        assertThat(on(() -> session.line().fit())).isEqualTo(Fit.USUAL);
    }

    @Test
    void anotherMaterialIsTakenWhereItHoldsAndItsVerdictIsSaid() {
        pick("film", 1);
        String material = on(() -> session.line().materialId());
        assertThat(material).isNotEqualTo("smooth-film");
        assertThat(on(() -> session.linePlan().orElseThrow().material().id())).isEqualTo(material);
    }

    // ---- art

    @Test
    void shapesAreAddedChangedAndCounted() {
        bench(Bench.ART);
        ArtActions actions = new ArtActions(session);
        run(() -> actions.addShape(Shape.Kind.STAR));
        settle();
        put("shape-points", "7");
        assertThat(((Shape) on(() -> session.motif().orElseThrow().source())).points())
                .isEqualTo(7);
        for (String wrong : List.of("2.6", "1,000", "2", "900")) {
            put("shape-points", wrong);
            assertThat(((Shape) on(() -> session.motif().orElseThrow().source())).points())
                    .as(wrong)
                    .isEqualTo(7);
        }
        assertThat(said()).contains("is no whole number").contains("from 3 to 200");
    }

    @Test
    void letteringIsSizedColouredAndSpaced() {
        bench(Bench.ART);
        choose("m2");
        fire("letters-colour-sky");
        assertThat(((Lettering) motif("m2").source()).colouring().colours()).containsExactly(SKY);
        put("capital", "2");
        assertThat(((Lettering) motif("m2").source()).capHeightMm()).isCloseTo(50.8, within(1e-9));
        run(session::undo);
        run(session::undo);
        assertThat(on(session::job)).isEqualTo(job());
    }

    @Test
    void treatmentsAreSwitchedMovedBoundedAndRemoved() {
        bench(Bench.ART);
        choose("m3");
        fire("add-outline");
        assertThat(motif("m3").treatments()).last().isInstanceOf(Treatment.Outlined.class);
        put("outline-distance-1", "4mm");
        assertThat(((Treatment.Outlined) motif("m3").treatments().getLast()).distanceMm())
                .isEqualTo(4);
        put("outline-distance-1", "500 ft");
        assertThat(((Treatment.Outlined) motif("m3").treatments().getLast()).distanceMm())
                .as("beyond all measure")
                .isEqualTo(4);
        fire("outline-corners-1-mitred");
        assertThat(((Treatment.Outlined) motif("m3").treatments().getLast()).corners())
                .isEqualTo(CornerStyle.MITRED);
        run(() -> {
            CheckBox on = (CheckBox) stage().getScene().lookup("#treatment-on-1");
            on.fire();
        });
        settle();
        assertThat(motif("m3").treatments().getLast()).isInstanceOf(Treatment.Off.class);
        fire("treatment-up-1");
        assertThat(motif("m3").treatments().getFirst()).isInstanceOf(Treatment.Off.class);
        fire("treatment-remove-0");
        assertThat(motif("m3").treatments()).hasSize(1);
    }

    @Test
    void severalAreLinedUpSpacedGroupedLockedAndHidden() {
        bench(Bench.ART);
        choose("m1", "m2", "m3");
        fire("align-middle");
        List<Double> middles = on(() -> session.line().motifs().stream()
                .map(m -> session.linePlan()
                        .orElseThrow()
                        .motifs()
                        .get(m.id())
                        .bounds()
                        .orElseThrow()
                        .placed(m.pose().placement())
                        .centre()
                        .xMm())
                .toList());
        assertThat(middles).allSatisfy(x -> assertThat(x).isCloseTo(middles.getFirst(), within(1e-6)));
        fire("arrange-group");
        assertThat(on(() -> session.line().motifs().stream()
                        .map(m -> m.standing().group())
                        .distinct()
                        .toList()))
                .singleElement()
                .satisfies(g -> assertThat(g).isPresent());
        fire("arrange-lock");
        assertThat(on(() -> session.line().motifs())).allMatch(m -> m.standing().locked());
        fire("arrange-hide");
        assertThat(on(() -> session.line().motifs())).allMatch(Motif::isHidden);
        fire("arrange-ungroup");
        assertThat(on(() -> session.line().motifs()))
                .allMatch(m -> m.standing().group().isEmpty());
    }

    // ---- layers, loads

    @Test
    void joinsAreChosenAndTheirMeasureHasBounds() {
        bench(Bench.LAYERS);
        pick("join-3", 2);
        assertThat(on(() -> session.line().join(Film.of("smooth-film", CREAM)))).isInstanceOf(Join.Butted.class);
        put("join-measure-3", "1/32");
        assertThat(((Join.Butted) on(() -> session.line().join(Film.of("smooth-film", CREAM)))).gapMm())
                .isCloseTo(25.4 / 32, within(1e-9));
        put("join-measure-3", "11mm");
        assertThat(((Join.Butted) on(() -> session.line().join(Film.of("smooth-film", CREAM)))).gapMm())
                .isCloseTo(25.4 / 32, within(1e-9));
        assertThat(said()).contains("from 0 to");
    }

    @Test
    void framesAreCutOrNotAndTheSumsFollow() {
        run(() -> session.nests().stop());
        bench(Bench.LOADS);
        double framed = on(() -> session.plan().orElseThrow().filmUsedMm());
        fire("frames");
        assertThat(on(() -> session.job().framed())).isFalse();
        assertThat(on(() -> session.plan().orElseThrow().filmUsedMm()))
                .as("no search runs: both are first layouts of another film")
                .isPositive()
                .isNotEqualTo(framed);
        assertThat(on(() -> session.plan().orElseThrow().runs()))
                .allMatch(r -> !r.load().framed());
    }

    // ---- finish

    @Test
    void everyPieceGoesThroughAllStepsAndIsCounted() {
        bench(Bench.FINISH);
        int steps = on(() -> session.linePlan().orElseThrow().finish().steps().size());
        for (int i = 0; i < steps; i++) {
            assertThat(on(() -> session.job().made().pressed("A"))).isZero();
            fire("timer-next");
        }
        assertThat(on(() -> session.job().made().pressed("A"))).isEqualTo(1);
        assertThat(on(() -> session.undoes())).contains("pieces made");
        run(session::undo);
        assertThat(on(() -> session.job().made().pressed("A"))).isZero();
        fire("step-2");
        fire("timer-start");
        assertThat(text("timer-start")).isEqualTo("Hold");
        fire("timer-start");
        assertThat(text("timer-start")).isEqualTo("Start timer");
    }

    // ---- cut

    @Test
    void theCutBenchTellsForceSpeedAndWhatToWeed() {
        bench(Bench.CUT);
        run(() -> window.shell().cutBench().show(3, 100));
        settle();
        WeedPlan plan =
                WeedPlan.of(on(() -> session.plan().orElseThrow().runs().get(2).load()), HandTimes.USUAL);
        long insides = plan.wastes().stream()
                .filter(w -> w.kind() == WeedPlan.Kind.INSIDE)
                .count();
        assertThat(insides).isPositive();
        List<String> words = on(() -> stage().getScene().getRoot().lookupAll(".label").stream()
                .filter(Label.class::isInstance)
                .map(n -> ((Label) n).getText())
                .toList());
        assertThat(words)
                .anyMatch(w -> w.endsWith(" gf"))
                .anyMatch(w -> w.endsWith(" mm/s"))
                .anyMatch(w -> w.contains("film only"))
                .anyMatch(w -> w.startsWith("1  " + insides + " insides"))
                .anyMatch(w -> w.contains("The art reads backwards"));
        assertThat(on(() -> ((ComboBox<?>) node("load")).getValue())).isEqualTo(3);
        fire("cut-by-hand");
        fire("cut-main");
        assertThat(on(() -> ((ComboBox<?>) node("load")).getValue()))
                .as("the next that is not cut")
                .isEqualTo(1);
    }

    @Test
    void everyBenchHasItsPictureAndItsControls() {
        for (Bench bench : Bench.values()) {
            bench(bench);
            BenchView view = on(() -> Benches.of(
                            session,
                            new ArtActions(session),
                            new BeforeCut(
                                    session,
                                    window.shell().cutter(),
                                    new CutRecorder(session, window.shell().cutter())))
                    .get(bench.ordinal())
                    .maker()
                    .get());
            assertThat(on(view::zoomable)).as("%s", bench).isPresent();
            assertThat(on(() -> view.zoomable().map(Node::getAccessibleText))).isNotEqualTo(Optional.of(""));
            run(view::close);
        }
    }
}
