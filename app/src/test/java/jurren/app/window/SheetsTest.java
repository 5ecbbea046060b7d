package jurren.app.window;

import java.nio.file.Files;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import jurren.app.session.AskFor;
import jurren.app.session.Bench;
import jurren.core.job.Job;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Sheets have the keyboard, hide what lies behind, and lose nothing. */
class SheetsTest extends WindowTest {
    @Override
    Job job() {
        return DEMO.withLines(DEMO.lines().subList(0, 1));
    }

    private Node focused() {
        return on(() -> stage().getScene().getFocusOwner());
    }

    private boolean isInside(Node n, String sheet) {
        return on(() -> {
            for (Node p = n; p != null; p = p.getParent()) {
                if (sheet.equals(p.getId())) {
                    return true;
                }
            }
            return false;
        });
    }

    @Test
    void aSheetTakesTheKeyboardAndGivesItBack() {
        focus(node("zoom-in"));
        robot.push(KeyCode.F1);
        assertThat(isInside(focused(), "shortcut-sheet")).isTrue();
        for (int i = 0; i < 12; i++) {
            robot.push(KeyCode.TAB);
            assertThat(isInside(focused(), "shortcut-sheet"))
                    .as("Tab stays inside")
                    .isTrue();
        }
        robot.push(KeyCode.ESCAPE);
        assertThat(isThere("shortcut-sheet")).isFalse();
        assertThat(focused()).isEqualTo(node("zoom-in"));
    }

    @Test
    void whatLiesBehindIsDisabledAndDeaf() {
        Job before = on(session::job);
        Bench bench = on(session::bench);
        run(() -> window.shell().actions().give(AskFor.What.SHORTCUTS, ""));
        assertThat(on(() -> node("cloth-white").isDisabled())).isTrue();
        robot.push(KeyCode.DIGIT4);
        robot.push(KeyCode.SHORTCUT, KeyCode.D);
        robot.push(KeyCode.SHORTCUT, KeyCode.P);
        settle();
        assertThat(on(session::job)).isEqualTo(before);
        assertThat(on(session::bench)).isEqualTo(bench);
        robot.push(KeyCode.ESCAPE);
        assertThat(on(() -> node("cloth-white").isDisabled())).isFalse();
    }

    @Test
    void enterDoesWhatThePlumButtonSays() {
        run(() -> session.show(Bench.ART));
        settle();
        run(() -> window.shell().actions().give(AskFor.What.EXPORT, ""));
        var file = folder.resolve("art.svg");
        answers.add(file);
        focus(node("export-what-worn"));
        robot.push(KeyCode.TAB);
        robot.push(KeyCode.TAB);
        robot.push(KeyCode.TAB);
        run(() -> stage().getScene().lookup("#export-sheet").requestFocus());
        click("export-write");
        until(() -> Files.exists(file));
        settle();
        assertThat(said()).contains("art.svg is written");
        assertThat(asked).isEqualTo("otterbrook-kite-fair.svg");
    }

    @Test
    void enterInTheOnlyFieldIsForTheSheetAndInOneOfSeveralFirstEndsTheField() {
        run(() -> session.show(Bench.ART));
        run(() -> window.shell().actions().give(AskFor.What.MEASURE_OWN, ""));
        click("own-name");
        robot.write("Tray");
        robot.push(KeyCode.ENTER);
        assertThat(isThere("measure-sheet"))
                .as("the name is typed, the measures are still to come")
                .isTrue();
        robot.push(KeyCode.ESCAPE);
        assertThat(isThere("typed-sheet")).isTrue();
        click("typed-drop");
        assertThat(isThere("measure-sheet")).isFalse();
    }

    @Test
    void whatIsTakenAsItIsTypedIsNotAskedFor() {
        click("job-name");
        type("job-customer", "Otterbrook Parish");
        type("job-due", "Sat 12 Dec");
        type("job-number", "0413");
        robot.push(KeyCode.ESCAPE);
        assertThat(isThere("typed-sheet")).isFalse();
        assertThat(isThere("job-drawer")).isFalse();
        assertThat(on(session::job))
                .returns("Otterbrook Parish", Job::customer)
                .returns("Sat 12 Dec", Job::due)
                .returns("0413", Job::number);
        run(session::undo);
        assertThat(on(() -> session.job().number()))
                .as("each field is a step of its own")
                .isEqualTo("0412");
        assertThat(on(() -> session.job().due())).isEqualTo("Sat 12 Dec");
    }

    @Test
    void aDryRunThatWasClosedNeverComesBack() {
        for (int i = 0; i < 3; i++) {
            run(() -> window.shell().actions().give(AskFor.What.DRY_RUN, ""));
            robot.push(KeyCode.ESCAPE);
            settle();
            assertThat(isThere("dry-run-sheet")).isFalse();
        }
        run(() -> window.shell().actions().give(AskFor.What.DRY_RUN, ""));
        settle();
        assertThat(on(() -> stage().getScene().lookup("#dry-run-sheet .image-view")))
                .as("one that is waited for comes")
                .isNotNull();
    }

    @Test
    void aThingIsFoundByWhatIsTyped() {
        run(() -> window.shell().actions().give(AskFor.What.CHOOSE_BLANK, ""));
        click("choose-search");
        robot.write("mug");
        Hands.turn();
        assertThat(isThere("blank-mug-11")).isTrue();
        assertThat(isThere("blank-tee-adult")).isFalse();
        robot.write(" of a giant");
        Hands.turn();
        assertThat(on(() -> stage().getScene().getRoot().lookupAll(".tile"))).isEmpty();
        run(() -> ((TextField) node("choose-search")).clear());
        Hands.turn();
        assertThat(isThere("blank-tee-adult")).isTrue();
        robot.push(KeyCode.ESCAPE);
        assertThat(isThere("choose-sheet")).isFalse();
    }
}
