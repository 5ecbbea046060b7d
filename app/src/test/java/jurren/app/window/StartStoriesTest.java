package jurren.app.window;

import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.layer.Layer;
import jurren.core.plan.Plan;
import jurren.formats.start.Starts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

import static org.assertj.core.api.Assertions.assertThat;

/** Each start as a person would use it: type the words, get layers that can be cut, change the name, see it follow. */
class StartStoriesTest extends WindowTest {
    @Override
    Job job() {
        return NewJobs.onBlank(SHOP.blank("tee-adult").orElseThrow(), "Fair", "tee", "black", "smooth-film");
    }

    /**
     * The start, the entry for its words, what is typed there, how many layers that gives, and the words afterwards.
     */
    static Stream<Arguments> stories() {
        return Stream.of(
                Arguments.of("stacked-words", "words", "KITE, FAIR", 2, "WIND\nFAIR"),
                Arguments.of("two-colour-name", "name", "Robin", 2, "Peggy Sue"),
                Arguments.of("name-in-letter", "name", "ROBIN", 1, "PEGGY"),
                Arguments.of("patterned-letter", "letter", "R", 3, "P"),
                Arguments.of("badge", "over", "KITE CREW", 2, "FAIR CREW"),
                Arguments.of("sticker", "words", "kite, fair", 2, "wind"));
    }

    @ParameterizedTest
    @MethodSource("stories")
    void wordsAreTypedCutAndChanged(String start, String entry, String words, int layers, String later) {
        click("bench-art");
        settle();
        assertThat(on(() -> session.line().motifs())).isEmpty();
        click("start-" + start);
        until(() ->
                !((Label) stage().getScene().lookup("#start-says")).getText().isBlank());
        enter("entry-" + entry, words);
        click("start-take");
        settle();

        assertThat(isThere("start-sheet")).isFalse();
        List<Layer> first = layers();
        assertThat(first)
                .hasSize(layers)
                .allMatch(l -> l.region().isValid() && l.region().areaMm2() > 100);
        Plan plan = on(() -> session.plan().orElseThrow());
        assertThat(plan.runs())
                .as("each layer has its load with knife paths")
                .hasSize(layers)
                .allMatch(r -> !r.paths().isEmpty());
        assertThat(plan.snags())
                .as("nothing stops the work")
                .noneMatch(s -> s.gravity() != jurren.core.snag.Snag.Gravity.LOOK);

        Motif lettered = on(() -> session.line().motifs().stream()
                .filter(m -> m.source() instanceof Lettering l
                        && l.text().replace("\n", ", ").equals(words))
                .findFirst()
                .orElseThrow());
        click("motif-" + lettered.id());
        settle();
        write("letters", later);
        settle();

        assertThat(layers())
                .as("the same layers, with the new words")
                .hasSize(layers)
                .isNotEqualTo(first);
        assertThat(on(() -> session.plan().orElseThrow().runs()))
                .as("the loads follow")
                .isNotEqualTo(plan.runs());
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        settle();
        assertThat(layers()).isEqualTo(first);
    }

    private List<Layer> layers() {
        return on(() -> session.sizePlan().orElseThrow().layers());
    }

    /** Replaces what an entry says. */
    private void enter(String id, String words) {
        write(id, words);
        until(() -> !((Button) stage().getScene().lookup("#start-take")).isDisabled());
        settle();
    }

    private void write(String id, String words) {
        click(id);
        robot.push(KeyCode.SHORTCUT, KeyCode.A);
        robot.push(KeyCode.DELETE);
        String[] lines = words.split("\n");
        for (int i = 0; i < lines.length; i++) {
            if (i > 0) {
                robot.push(KeyCode.ENTER);
            }
            robot.write(lines[i]);
        }
    }

    @Test
    void whatCannotBeIsSaidBesideTheEntriesAndNothingIsTaken() {
        click("bench-art");
        click("start-stacked-words");
        enter("entry-words", "KITE, FAIR");
        write("entry-gap", "wide");
        until(() -> ((Label) stage().getScene().lookup("#start-says")).getText().contains("wide"));
        assertThat(on(() -> ((Button) node("start-take")).isDisabled())).isTrue();
        write("entry-gap", "2 mm");
        until(() -> !((Button) stage().getScene().lookup("#start-take")).isDisabled());
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(isThere("typed-sheet"))
                .as("what was typed is not dropped without asking")
                .isTrue();
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(isThere("start-sheet")).as("Escape stays with it").isTrue();
        robot.push(KeyCode.ESCAPE);
        click("typed-drop");
        settle();
        assertThat(isThere("start-sheet")).isFalse();
        assertThat(on(() -> session.line().motifs())).isEmpty();
    }

    @Test
    void anArrangementIsSavedAsTheShopsOwnStartAndUsedAgain() {
        click("bench-art");
        click("start-two-colour-name");
        enter("entry-name", "Robin");
        click("start-take");
        settle();
        click("save-start");
        write("start-name", "Club name");
        click("start-save");
        settle();
        assertThat(new Starts(folder.resolve("state").resolve("starts")).read().starts())
                .extracting(s -> s.id())
                .contains("club-name");
        assertThat(on(() -> session.notices().latest().orElseThrow())).contains("Club name");

        click("start-club-name");
        until(() -> isThere("start-take"));
        String entry =
                on(() -> session.own().starts().getLast().fields().getFirst().id());
        enter("entry-" + entry, "Wren");
        click("start-take");
        settle();
        assertThat(on(() -> session.line().motifs()))
                .hasSize(2)
                .last()
                .satisfies(m -> assertThat(((Lettering) m.source()).text()).isEqualTo("Wren"));
        assertThat(on(() -> session.line().motifs())).extracting(Motif::id).doesNotHaveDuplicates();
    }
}
