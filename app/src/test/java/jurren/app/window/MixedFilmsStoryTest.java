package jurren.app.window;

import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.stage.Window;
import jurren.app.session.Bench;
import jurren.core.art.Films;
import jurren.core.job.Job;
import jurren.core.layer.Layer;
import jurren.core.plan.LinePlan;
import jurren.core.plan.SizePlan;
import jurren.core.snag.Snag;
import jurren.formats.demo.DemoJob;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Glitter on smooth film, a front and a back, a print over flock, lettering behind the glass. */
class MixedFilmsStoryTest extends WindowTest {
    private static final Job WHOLE = DemoJob.make();

    @Override
    Job job() {
        return WHOLE;
    }

    private LinePlan plan() {
        return on(() -> session.linePlan().orElseThrow());
    }

    private SizePlan size() {
        return on(() -> session.sizePlan().orElseThrow());
    }

    private void show(Bench bench) {
        run(() -> session.show(bench));
        settle();
    }

    private void choose(String comboId, String item) {
        click(comboId);
        // its list is a window of its own; the same words may stand on other cards
        until(() -> Window.getWindows().stream().filter(Window::isShowing).count() > 1);
        robot.clickOn(item);
        settle();
    }

    @Test
    void aLayerIsMadeOfGlitterOnItsCardAndBroughtBackByUndo() {
        show(Bench.LAYERS);
        assertThat(size().layers())
                .extracting(l -> l.material().id())
                .containsExactly("smooth-film", "smooth-film", "smooth-film", "glitter-film");
        choose("layer-material-4", "Smooth film");
        assertThat(size().layers())
                .allSatisfy(l -> assertThat(l.material().id()).isEqualTo("smooth-film"));
        assertThat(on(() -> session.line().motif("m4").orElseThrow().films()))
                .as("as is usual: nothing is said")
                .isEqualTo(Films.USUAL);
        assertThat(on(() -> session.plan().orElseThrow().snags()))
                .as("smooth film is not sold in it")
                .hasAtLeastOneElementOfType(Snag.NotSold.class);
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        settle();
        assertThat(size().layers().getLast().material().id()).isEqualTo("glitter-film");
    }

    @Test
    void oneColourOfAMotifIsMadeOfSomethingElseBesideItsColour() {
        show(Bench.ART);
        run(() -> session.choose(Optional.of("m1")));
        settle();
        choose("film-1", "Metallic film");
        assertThat(on(() -> session.line().motif("m1").orElseThrow().films().ofColour()))
                .containsValue("metallic-film")
                .hasSize(1);
        assertThat(size().layers())
                .extracting(l -> l.material().id())
                .contains("metallic-film", "smooth-film", "glitter-film");
    }

    @Test
    void theBackIsLookedAtChangedAndTakenAway() {
        show(Bench.LAYERS);
        click("place-back");
        settle();
        assertThat(plan().place()).isEqualTo("back");
        assertThat(size().layers()).extracting(Layer::role).containsExactly(Layer.Role.BASE, Layer.Role.PRINT);
        type("edging-out-1", "-0.5mm");
        assertThat(on(() -> session.line().edgings().get("flock-base").outMm())).isEqualTo(-0.5);
        assertThat(on(() -> session.job().lines().getFirst().edgings()))
                .as("said of the back alone")
                .isEmpty();
        click("place-menu");
        robot.clickOn("#place-remove");
        settle();
        assertThat(on(() -> session.line().places())).hasSize(1);
        assertThat(plan().place()).isEqualTo("front");
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        settle();
        assertThat(on(() -> session.line().places())).hasSize(2);
    }

    @Test
    void aPlaceIsAddedAndTheThingsAreStillCountedOnce() {
        int pieces = on(() -> session.line().copies());
        run(() -> session.edit(session.job().withLine("A", l -> l.at(1).withoutPlace())));
        settle();
        show(Bench.BLANK);
        click("place-menu");
        robot.clickOn("#place-add-back");
        settle();
        assertThat(plan().place()).isEqualTo("back");
        assertThat(on(() -> session.line().motifs())).isEmpty();
        assertThat(on(() -> session.line().copies())).isEqualTo(pieces);
        click("face-front");
        settle();
        assertThat(plan().place())
                .as("a face that is decorated already is opened")
                .isEqualTo("front");
        assertThat(on(() -> session.line().places())).hasSize(2);
    }

    @Test
    void aLabelIsPrintedAndCutAroundAtADistance() {
        click("line-C");
        settle();
        show(Bench.LAYERS);
        double before = size().layers().getFirst().region().areaMm2();
        type("edging-out-1", "3mm");
        Layer label = size().layers().getFirst();
        assertThat(label.isPrint() && label.isCut()).isTrue();
        assertThat(label.region().areaMm2()).isGreaterThan(before);
        click("edging-through-1");
        settle();
        assertThat(size().layers().getFirst().making().cut()).isEqualTo(jurren.core.layer.Fabrication.Cut.THROUGH);
        click("place-menu");
        robot.clickOn("#place-add-lid");
        settle();
        assertThat(plan().place()).as("a jar is counted once with its lid").isEqualTo("lid");
        assertThat(on(() -> session.line().copies())).isEqualTo(24);
    }
}
