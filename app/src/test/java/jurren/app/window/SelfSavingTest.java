package jurren.app.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import javafx.scene.input.KeyCode;
import jurren.app.keep.Settings;
import jurren.app.session.AskFor;
import jurren.core.job.Job;
import jurren.formats.jobfile.JobFile;
import jurren.formats.jobfile.JobRead;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Jobs that are saved by themselves, and where they lie. */
class SelfSavingTest extends WindowTest {
    private Path file;

    @Override
    Job job() {
        return robin();
    }

    @BeforeEach
    void savedOnceAndThenByItself() {
        file = folder.resolve("robin.jurren");
        answers.add(file);
        robot.push(KeyCode.SHORTCUT, KeyCode.S);
        until(() -> !session.files().isUnsaved() && session.files().file().isPresent());
        run(() -> window.shell().actions().give(AskFor.What.DRAWER, ""));
        click("saves-itself-true");
        robot.push(KeyCode.ESCAPE);
        settle();
    }

    private void number(String number) {
        run(() -> session.edit(session.job().withNumber(number)));
    }

    private String numberInFile() throws IOException {
        return ((JobRead.Opened) JobFile.read(file, SHOP)).document().job().number();
    }

    @Test
    void whatChangesIsInTheFileAMomentLater() throws IOException {
        number("0500");
        number("0501");
        assertThat(on(() -> session.files().isUnsaved())).isTrue();
        until(() -> !session.files().isUnsaved());
        assertThat(numberInFile()).isEqualTo("0501");
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        until(() -> !session.files().isUnsaved());
        assertThat(numberInFile()).as("undo is a change too").isEqualTo("0500");
        assertThat(new Settings(state()).savesItself()).as("tomorrow too").isTrue();
    }

    @Test
    void whatAnotherWroteIsNotWrittenOver() throws IOException {
        byte[] others = "another's".getBytes();
        Files.write(file, others);
        Files.setLastModifiedTime(file, FileTime.from(Instant.now().plusSeconds(60)));
        number("0502");
        until(() -> session.notices().all().stream()
                .anyMatch(n -> n.sentence().startsWith("robin.jurren was changed elsewhere")));
        assertThat(Files.readAllBytes(file)).isEqualTo(others);
        assertThat(on(() -> session.files().isUnsaved())).isTrue();
        run(() -> window.shell().actions().afterUnsaved(() -> {}));
        assertThat(isThere("unsaved-sheet")).as("leaving asks too").isTrue();
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(Files.readAllBytes(file)).isEqualTo(others);

        robot.push(KeyCode.SHORTCUT, KeyCode.S);
        until(() -> isThere("changed-sheet"));
        click("changed-over");
        until(() -> !session.files().isUnsaved());
        assertThat(numberInFile()).as("a person's own save is meant").isEqualTo("0502");
        number("0503");
        until(() -> !session.files().isUnsaved());
        assertThat(numberInFile()).as("and from then on by itself again").isEqualTo("0503");
    }

    @Test
    void leavingSavesWithoutAQuestion() throws IOException {
        number("0504");
        boolean[] left = new boolean[1];
        run(() -> window.shell().actions().afterUnsaved(() -> left[0] = true));
        until(() -> left[0]);
        assertThat(isThere("unsaved-sheet")).isFalse();
        assertThat(numberInFile()).isEqualTo("0504");
    }

    @Test
    void jobsLieWhereItWasSaid() throws IOException {
        Path jobs = Files.createDirectory(folder.resolve("Jobs"));
        run(() -> window.shell().actions().give(AskFor.What.DRAWER, ""));
        assertThat(text("jobs-folder")).isEqualTo("the folder used last");
        answers.add(jobs);
        click("jobs-folder");
        assertThat(text("jobs-folder")).isEqualTo("Jobs");
        assertThat(new Settings(state()).jobs()).contains(jobs);
        Files.delete(jobs);
        assertThat(new Settings(state()).jobs())
                .as("one that is gone is not asked for")
                .isEmpty();
    }
}
