package jurren.app.keep;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import jurren.app.desk.Desk;
import jurren.core.job.Shop;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.JobFile;
import jurren.formats.jobfile.JobRead;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

class RecoveryTest {
    private static final Shop SHOP = BuiltInShop.read();
    private static final String GONE = "unsaved-999999999-1";

    @TempDir
    private Path folder;

    private final BlockingQueue<Runnable> arrived = new LinkedBlockingQueue<>();
    private final Desk desk = new Desk(arrived::add);
    private final List<Throwable> failures = new ArrayList<>();

    @AfterEach
    void close() {
        desk.close();
    }

    private Recovery recovery(Path in) {
        return new Recovery(in, desk, failures::add);
    }

    private void letIn() {
        try {
            arrived.poll(20, TimeUnit.SECONDS).run();
        } catch (InterruptedException e) {
            throw new AssertionError(e);
        }
    }

    private static JobDocument named(String name) {
        return JobDocument.of(DemoJob.simple()
                .withName(name)
                .withLines(DemoJob.simple().lines().subList(0, 1)));
    }

    private List<Path> kept() throws IOException {
        try (var files = Files.list(folder)) {
            return files.filter(f -> f.getFileName().toString().endsWith(".jurren"))
                    .toList();
        }
    }

    @Test
    void steadyWorkIsKeptThoughItNeverPausesForTheQuiet() throws IOException, InterruptedException {
        Recovery mine = recovery(folder);
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(60);
        for (int edit = 0; kept().isEmpty() && System.nanoTime() < end; edit++) {
            mine.keep(named("edit " + edit), Optional.empty());
            TimeUnit.MILLISECONDS.sleep(250);
        }
        assertThat(kept()).hasSize(1);
    }

    @Test
    void onlyTheLastOfManyIsWrittenAndItsOwnIsNoLeftover() throws IOException {
        Recovery mine = recovery(folder);
        for (int i = 0; i < 5; i++) {
            mine.keep(named("edit " + i), Optional.empty());
        }
        for (int i = 0; i < 5; i++) {
            letIn();
        }
        assertThat(kept())
                .singleElement()
                .satisfies(f -> assertThat(((JobRead.Opened) JobFile.read(f, SHOP))
                                .document()
                                .job()
                                .name())
                        .isEqualTo("edit 4"));
        assertThat(mine.leftovers(SHOP)).as("its own work is not left behind").isEmpty();
        mine.forget();
        letIn();
        assertThat(kept()).isEmpty();
        assertThat(failures).isEmpty();
    }

    @Test
    void everyLeftoverIsListedWithItsSourceAndTimeTheLatestFirst() throws IOException {
        JobFile.write(named("earlier"), folder.resolve("unsaved-999999998.jurren"));
        Files.writeString(
                folder.resolve("unsaved-999999998.properties"), "source=/jobs/kite.jurren\nat=2026-11-20T10:15:30Z\n");
        JobFile.write(named("later"), folder.resolve(GONE + ".jurren"));
        Files.writeString(folder.resolve("unsaved-999999997-3.jurren"), "half a fi");
        Files.writeString(folder.resolve("unsaved-999999997-3.properties"), "at=2026-11-01T00:00:00Z\n");
        Files.writeString(folder.resolve("unsaved-notapid.jurren"), "");
        List<Leftover> found = recovery(folder).leftovers(SHOP);
        assertThat(found).hasSize(3);
        assertThat(found.get(0).read()).isEqualTo(new JobRead.Opened(named("later")));
        assertThat(found.get(0).source()).isEmpty();
        assertThat(found.get(1).source()).contains(Path.of("/jobs/kite.jurren"));
        assertThat(found.get(1).at()).isEqualTo(Instant.parse("2026-11-20T10:15:30Z"));
        assertThat(found.get(2).read())
                .as("what cannot be read is listed and kept")
                .isInstanceOf(JobRead.Refused.class);
        assertThat(recovery(folder.resolve("nowhere")).leftovers(SHOP)).isEmpty();
    }

    @Test
    void aNumberThatAnotherProcessGotSinceDoesNotHideALeftover() throws IOException {
        long alive = ProcessHandle.current().pid();
        JobFile.write(named("old"), folder.resolve("unsaved-" + alive + "-77.jurren"));
        Files.writeString(
                folder.resolve("unsaved-" + alive + "-77.properties"),
                "began=1999-01-01T00\\:00\\:00Z\nat=2026-11-20T10\\:15\\:30Z\n");
        assertThat(recovery(folder).leftovers(SHOP)).hasSize(1);
    }

    /** The old copy goes only when the new one is on disk. */
    @Test
    void takingUpALeftoverReplacesItAndNeverLosesIt() throws IOException {
        JobFile.write(named("precious"), folder.resolve(GONE + ".jurren"));
        Recovery mine = recovery(folder);
        Leftover left = mine.leftovers(SHOP).getFirst();
        mine.adopt(left, ((JobRead.Opened) left.read()).document());
        letIn();
        assertThat(kept()).singleElement().satisfies(f -> {
            assertThat(f.getFileName().toString()).doesNotStartWith(GONE);
            assertThat(JobFile.read(f, SHOP)).isEqualTo(new JobRead.Opened(named("precious")));
        });
    }

    @Test
    void aCopyThatCannotBeWrittenIsSaid() throws IOException {
        Path file = Files.writeString(folder.resolve("a file"), "where a folder should be");
        recovery(file).keep(named("x"), Optional.empty());
        letIn();
        assertThat(failures).hasSize(1);
        Leftover left = new Leftover(
                Files.writeString(folder.resolve(GONE + ".jurren"), "still here"),
                Optional.empty(),
                Instant.EPOCH,
                new JobRead.Opened(named("x")));
        recovery(file).adopt(left, named("x"));
        letIn();
        assertThat(failures).hasSize(2);
        assertThat(left.file()).as("what could not be replaced stays").exists();
    }
}
