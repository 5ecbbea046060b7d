package jurren.app.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.stage.Window;
import javafx.stage.WindowEvent;
import jurren.core.job.Job;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.JobFile;
import jurren.formats.jobfile.JobRead;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** A job whose file somebody else wrote meanwhile: nobody's work is written over unasked. */
class ChangedElsewhereTest extends WindowTest {
    private Path file;

    @Override
    Job job() {
        return robin();
    }

    @BeforeEach
    void inAFile() throws IOException {
        Path real = folder.resolve("shared").resolve("robin.jurren");
        Files.createDirectories(real.getParent());
        file = folder.resolve("robin.jurren");
        JobFile.write(JobDocument.of(job().withName("Mine")), real);
        Files.createSymbolicLink(file, real);
        run(() -> session.files().open(file, () -> {}));
        until(() -> session.files().file().isPresent());
        run(() -> session.edit(session.job().withNumber("0501")));
    }

    private static Job in(Path file) {
        return ((JobRead.Opened) JobFile.read(file, SHOP)).document().job();
    }

    private void others() throws IOException {
        JobFile.write(JobDocument.of(job().withName("Theirs")), file);
        robot.push(KeyCode.SHORTCUT, KeyCode.S);
        until(() -> isThere("changed-sheet"));
        assertThat(in(file).name()).isEqualTo("Theirs");
    }

    @Test
    void aLinkStaysALink() {
        robot.push(KeyCode.SHORTCUT, KeyCode.S);
        until(() -> !session.files().isUnsaved());
        assertThat(file).isSymbolicLink();
        assertThat(in(file.resolveSibling("shared").resolve("robin.jurren")).number())
                .isEqualTo("0501");
        run(() -> session.edit(session.job().withNumber("0502")));
        robot.push(KeyCode.SHORTCUT, KeyCode.S);
        until(() -> !session.files().isUnsaved());
        assertThat(isThere("changed-sheet")).as("it was this window itself").isFalse();
    }

    @Test
    void mineIsKeptAsACopyAndGoesOnThere() throws IOException {
        others();
        click("changed-copy");
        until(() -> !session.files().isUnsaved());
        assertThat(in(file).name()).isEqualTo("Theirs");
        Path copy = file.resolveSibling("robin 2.jurren");
        assertThat(in(copy).number()).isEqualTo("0501");
        assertThat(on(() -> session.files().file())).contains(copy);
    }

    @Test
    void theirsIsOpenedInASecondWindowAndMineStaysAsItIs() throws IOException {
        others();
        click("changed-theirs");
        until(() -> titles().stream().anyMatch(t -> t.contains("Theirs")));
        assertThat(on(() -> session.job().number())).isEqualTo("0501");
        assertThat(on(() -> session.files().isUnsaved())).isTrue();
        run(() -> List.copyOf(Window.getWindows()).stream()
                .filter(w -> w instanceof Stage s && s.getTitle().contains("Theirs"))
                .forEach(w -> w.fireEvent(new WindowEvent(w, WindowEvent.WINDOW_CLOSE_REQUEST))));
        until(() -> titles().stream().noneMatch(t -> t.contains("Theirs")));
    }

    private static List<String> titles() {
        return Window.getWindows().stream()
                .filter(Stage.class::isInstance)
                .map(w -> String.valueOf(((Stage) w).getTitle()))
                .toList();
    }
}
