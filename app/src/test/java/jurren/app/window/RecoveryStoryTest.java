package jurren.app.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import jurren.app.keep.Leftover;
import jurren.app.session.Bench;
import jurren.core.job.Job;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.JobFile;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Work that windows left behind is offered with where it came from, and lost only when somebody says so. */
class RecoveryStoryTest extends WindowTest {
    @Override
    Job job() {
        return DEMO.withLines(DEMO.lines().subList(0, 1));
    }

    private Path leave(String number, String name, String note) throws IOException {
        Files.createDirectories(state());
        Path file = state().resolve("unsaved-" + number + ".jurren");
        JobFile.write(JobDocument.of(job().withName(name)), file);
        Files.writeString(state().resolve("unsaved-" + number + ".properties"), note);
        return file;
    }

    private void offer() {
        List<Leftover> left = session.files().recovery().leftovers(session.shop());
        run(() -> window.offer(left));
    }

    @Test
    void leftoversAreListedTakenUpAndThrownAwayOnlyAfterAQuestion() throws IOException {
        Path one = leave("999999991-1", "Kites of spring", "source=/jobs/kites.jurren\nat=2026-11-20T10:15:30Z\n");
        Path two = leave("999999992-1", "Mugs", "at=2026-11-22T10:15:30Z\n");
        offer();
        assertThat(isThere("leftover-sheet")).isTrue();
        assertThat(on(() -> stage().getScene().getRoot().lookupAll("#leftover-sheet .label").stream()
                        .map(n -> ((javafx.scene.control.Label) n).getText())
                        .toList()))
                .contains("Mugs", "Kites of spring", "/jobs/kites.jurren", "never saved to a file");
        click("leftover-drop-0");
        assertThat(two).exists();
        click("remove-yes");
        until(() -> !Files.exists(two));
        click("leftover-take-0");
        settle();
        assertThat(on(() -> session.job().name())).isEqualTo("Kites of spring");
        assertThat(on(() -> session.files().isUnsaved()))
                .as("it is in no file yet")
                .isTrue();
        assertThat(on(() -> session.files().file())).contains(Path.of("/jobs/kites.jurren"));
        until(() -> !Files.exists(one));
        try (var files = Files.list(state())) {
            assertThat(files.filter(f -> f.toString().endsWith(".jurren")))
                    .as("this window's own copy took its place")
                    .hasSize(1);
        }
    }

    @Test
    void unsavedWorkIsAskedForBeforeALeftoverIsTakenUp() throws IOException {
        leave("999999993-1", "Left", "");
        run(() -> session.edit(session.job().withName("Here")));
        offer();
        click("leftover-take-0");
        assertThat(isThere("unsaved-sheet")).isTrue();
        click("unsaved-stay");
        assertThat(on(() -> session.job().name())).isEqualTo("Here");
    }

    @Test
    void nothingLeftBehindOpensNothing() {
        offer();
        assertThat(isThere("leftover-sheet")).isFalse();
    }

    @Test
    void recentJobsAreOfferedInTheDrawerAndTheBenchIsRemembered() throws IOException {
        Path file = folder.resolve("spring.jurren");
        JobFile.write(JobDocument.of(job().withName("Spring")), file);
        run(() -> session.files().open(file, () -> {}));
        settle();
        run(() -> session.files().replace(JobDocument.of(job()), java.util.Optional.empty()));
        settle();
        click("job-name");
        click("recent-0");
        settle();
        assertThat(on(() -> session.job().name())).isEqualTo("Spring");
        run(() -> session.show(Bench.LOADS));
        assertThat(new jurren.app.keep.Settings(state()).choice("bench", "")).isEqualTo("LOADS");
    }
}
