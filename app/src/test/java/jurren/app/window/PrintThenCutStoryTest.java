package jurren.app.window;

import java.io.IOException;
import java.util.List;
import javafx.scene.control.CheckBox;
import javafx.scene.input.KeyCode;
import jurren.app.cutter.CutTalk;
import jurren.core.cut.CutRun;
import jurren.core.cut.PrintMarks;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.job.Job;
import jurren.formats.demo.DemoJob;
import jurren.standins.cutter.LoadedFilm;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** A printed sheet lies in the cutter as a hand put it there, and the knife follows the print. */
class PrintThenCutStoryTest extends WindowTest {
    @Override
    Job job() {
        return few(DemoJob.make());
    }

    private CutTalk talk() {
        return window.shell().cutter();
    }

    private CutRun printed() {
        return on(() -> session.plan().orElseThrow().runs().stream()
                .filter(r -> !PrintMarks.of(r.load()).isEmpty())
                .findFirst()
                .orElseThrow());
    }

    private List<List<Point>> bed() {
        try {
            return talk().standIn().bed();
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    private void toThePrintedLoad() {
        run(() -> session.show(jurren.formats.words.LengthUnit.MILLIMETRE));
        click("bench-cut");
        settle();
        run(() -> {
            talk().setSpeedUp(Double.POSITIVE_INFINITY);
            window.shell().cutBench().show(printed().load().order(), Double.POSITIVE_INFINITY);
        });
        settle();
    }

    /** What the card of the marks says. */
    private String says() {
        return stage().getScene().lookup("#marks-find").getParent().getParent().getChildrenUnmodifiable().stream()
                .filter(javafx.scene.control.Label.class::isInstance)
                .map(l -> ((javafx.scene.control.Label) l).getText())
                .reduce("", (a, b) -> a + b);
    }

    private void isCutOn(Placement lies) {
        CutRun run = printed();
        List<List<Point>> bed = bed();
        assertThat(bed).hasSameSizeAs(run.paths());
        for (int i = 0; i < bed.size(); i++) {
            assertThat(lies.inverse()
                            .apply(bed.get(i).getFirst())
                            .distanceMm(run.paths().get(i).start()))
                    .as("path %d on the print", i)
                    .isLessThan(0.1);
        }
    }

    @Test
    void whatCannotBeIsRefusedAndWhatIsFoundIsFollowed() {
        toThePrintedLoad();
        run(() -> talk().feedWith(LoadedFilm.Care.CROOKED));
        click("cut-main");
        until(() -> says().contains("turned by 4.5"));
        assertThat(bed()).as("nothing is cut beside the print").isEmpty();

        run(() -> talk().feedWith(LoadedFilm.Care.A_MARK_HIDDEN));
        click("marks-find");
        until(() -> says().contains("Found 3 of 4"));
        assertThat(bed()).isEmpty();

        run(() -> talk().feedWith(LoadedFilm.Care.USUAL));
        click("cut-main");
        until(() -> talk().state() == CutTalk.State.DONE);
        isCutOn(LoadedFilm.Care.USUAL.lies());
        String mark = printed().mark();
        until(() -> session.job().made().cut(mark).isPresent());

        int cut = bed().size();
        run(() -> talk().feedWith(LoadedFilm.Care.A_MARK_HIDDEN));
        click("cut-by-hand");
        until(() -> session.job().made().cut(mark).isEmpty());
        click("cut-main");
        until(() -> says().contains("Found 3 of 4"));
        assertThat(bed()).as("another sheet is looked for anew").hasSize(cut);
    }

    @Test
    void someoneShowsItTheMarksByTheKeys() {
        toThePrintedLoad();
        run(() -> talk().feedWith(LoadedFilm.Care.USUAL));
        click("marks-show");
        settle();
        until(() -> node("head-sheet") != null);
        List<Point> real = on(() -> talk().marksInSight(printed()));
        for (Point mark : real) {
            // with steps of a tenth, along and across
            click("head-step-0");
            Point at = on(() -> talk().head());
            press(at.xMm() < mark.xMm() ? KeyCode.UP : KeyCode.DOWN, (int)
                    Math.round(Math.abs(mark.xMm() - at.xMm()) / 0.1));
            press(at.yMm() < mark.yMm() ? KeyCode.LEFT : KeyCode.RIGHT, (int)
                    Math.round(Math.abs(mark.yMm() - at.yMm()) / 0.1));
            assertThat(on(() -> talk().head()).distanceMm(mark)).isLessThan(0.08);
            click("head-here");
        }
        settle();
        until(() -> node("head-sheet") == null);
        assertThat(on(() -> talk().state())).isEqualTo(CutTalk.State.IDLE);
        click("cut-main");
        until(() -> talk().state() == CutTalk.State.DONE);
        isCutOn(LoadedFilm.Care.USUAL.lies());
    }

    private void press(KeyCode key, int times) {
        for (int i = 0; i < times; i++) {
            robot.push(key);
        }
    }

    @Test
    void aSheetThatLiesStraightIsCutWithoutLooking() {
        toThePrintedLoad();
        run(() -> talk().feedWith(LoadedFilm.Care.STRAIGHT));
        click("marks-straight");
        assertThat(on(() -> ((CheckBox) node("marks-straight")).isSelected())).isTrue();
        click("cut-main");
        until(() -> talk().state() == CutTalk.State.DONE);
        isCutOn(Placement.HERE);
    }

    @Test
    void theFilmBeginsWhereItIsShown() {
        click("bench-cut");
        settle();
        run(() -> {
            session.show(jurren.formats.words.LengthUnit.MILLIMETRE);
            talk().setSpeedUp(Double.POSITIVE_INFINITY);
        });
        CutRun plain = on(() -> session.plan().orElseThrow().runs().stream()
                .filter(r -> PrintMarks.of(r.load()).isEmpty())
                .findFirst()
                .orElseThrow());
        run(() -> window.shell().cutBench().show(plain.load().order(), Double.POSITIVE_INFINITY));
        settle();
        click("cut-corner");
        until(() -> node("head-sheet") != null);
        press(KeyCode.UP, 3);
        press(KeyCode.LEFT, 1);
        click("head-here");
        until(() -> node("head-sheet") == null);
        click("cut-main");
        until(() -> talk().state() == CutTalk.State.DONE);
        Point first = bed().getFirst().getFirst();
        assertThat(first.xMm() - plain.paths().getFirst().start().xMm()).isCloseTo(3, within(0.03));
        assertThat(first.yMm() - plain.paths().getFirst().start().yMm()).isCloseTo(1, within(0.03));
    }
}
