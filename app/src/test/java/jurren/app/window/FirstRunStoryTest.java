package jurren.app.window;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import jurren.app.keep.Settings;
import jurren.app.session.Bench;
import jurren.core.art.Lettering;
import jurren.core.job.Job;
import jurren.core.plan.SizePlan;
import jurren.core.snag.Snag;
import jurren.formats.demo.DemoJob;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Somebody's first time: three answers by keyboard, a test cut, a cut file. */
class FirstRunStoryTest extends WindowTest {
    @Override
    Job job() {
        return JurrenWindow.empty(SHOP);
    }

    private void welcome() {
        run(window::begin);
        settle();
    }

    private long copies() {
        try (var files = Files.list(state())) {
            return files.filter(f -> f.getFileName().toString().matches("unsaved-.*jurren"))
                    .count();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void aWordAndEnterAreEnoughForAFirstCutFile() throws Exception {
        assertThat(new Settings(state()).isFresh()).isTrue();
        welcome();
        assertThat(on(() -> node("first-make").isDisabled()))
                .as("it says nothing yet")
                .isTrue();
        robot.write("Robin");
        robot.push(KeyCode.ENTER);
        until(() -> stage().getScene().lookup("#test-cut-sheet") != null);
        settle();
        assertThat(on(() -> session.bench())).isEqualTo(Bench.CUT);
        assertThat(on(() -> ((Lettering) session.line().motifs().getFirst().source()).text()))
                .isEqualTo("Robin");
        SizePlan tee = on(() -> session.sizePlan().orElseThrow());
        assertThat(tee.artBounds().orElseThrow().widthMm())
                .isBetween(0.5 * tee.area().widthMm(), 0.9 * tee.area().widthMm());
        assertThat(Math.abs(tee.artBounds().orElseThrow().centre().xMm())).isLessThan(0.1);
        assertThat(on(() -> session.plan().orElseThrow().snags())).allMatch(s -> s.gravity() == Snag.Gravity.LOOK);
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(on(() -> session.files().isUnsaved())).as("it is in no file").isTrue();
        until(() -> copies() == 1);
        Path file = folder.resolve("first.plt");
        answers.add(file);
        click("cut-save");
        settle();
        assertThat(Files.readString(file)).startsWith("IN;").contains("PD");
    }

    @Test
    void withoutAnAnswerThereIsTheDemo() {
        welcome();
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(on(() -> session.job().name())).isEqualTo(DemoJob.name());
        assertThat(said()).contains("demo job");
        assertThat(on(() -> session.files().isUnsaved())).isFalse();
    }

    @Test
    void whatHoldsOnAThingIsOffered() {
        welcome();
        click("first-thing-mug-11");
        settle();
        assertThat(isThere("first-film-dye-print")).isTrue();
        assertThat(isThere("first-film-smooth-film"))
                .as("no heat film on a mug")
                .isFalse();
        click("first-thing-window-pane");
        settle();
        assertThat(isThere("first-film-dye-print")).isFalse();
        run(() -> ((ToggleButton) node("first-film-vinyl-permanent")).setSelected(true));
        run(() -> ((ToggleButton) node("first-colour-plum")).setSelected(true));
        click("first-words");
        robot.write("Open");
        click("first-make");
        until(() -> stage().getScene().lookup("#test-cut-sheet") != null);
        assertThat(on(() -> session.line().materialId())).isEqualTo("vinyl-permanent");
        assertThat(on(() -> session.plan()
                        .orElseThrow()
                        .runs()
                        .getFirst()
                        .load()
                        .colour()
                        .hex()))
                .isEqualTo("#7C2E57");
        robot.push(KeyCode.ESCAPE);
    }

    @Test
    void whatIsPrintedGoesToItsSheets() {
        welcome();
        click("first-thing-mug-11");
        run(() -> ((ToggleButton) node("first-film-dye-print")).setSelected(true));
        click("first-words");
        robot.write("Otter");
        click("first-make");
        until(() -> session.bench() == Bench.LOADS);
        settle();
        assertThat(on(() -> session.plan().orElseThrow().prints())).isNotEmpty();
    }
}
