package jurren.app.session;

import jurren.core.job.Shop;
import jurren.formats.files.SafeFiles;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.JobFile;
import jurren.formats.jobfile.JobRead;
import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Properties;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;

/**
 * Keeps unsaved work where a crash cannot reach it, and small choices from one day to the next. Each
 * running window has a file of its own, named by its process; one whose process is gone is what a
 * crash left behind.
 */
public final class Keeper {
    private static final long QUIET_MS = 700;
    private static final String PREFIX = "unsaved-";
    private static final String SUFFIX = ".jurren";

    private final Path folder;
    private final Path mine;
    private final ScheduledExecutorService writer = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("keeper").factory());
    private ScheduledFuture<?> next;

    public Keeper(Path folder) {
        this.folder = folder;
        this.mine = folder.resolve(PREFIX + ProcessHandle.current().pid() + SUFFIX);
    }

    /** Where this system keeps an application's state; {@code jurren.state} overrides it. */
    public static Path usualFolder() {
        String set = System.getProperty("jurren.state");
        if (set != null) {
            return Path.of(set);
        }
        String xdg = System.getenv("XDG_STATE_HOME");
        String local = System.getenv("LOCALAPPDATA");
        Path home = Path.of(System.getProperty("user.home"));
        if (local != null) {
            return Path.of(local, "Jurren");
        }
        return xdg != null && !xdg.isBlank() ? Path.of(xdg, "jurren") : home.resolve(".local/state/jurren");
    }

    public Path folder() {
        return folder;
    }

    /** Written after a short quiet, so that a drag is one write. */
    public synchronized void keep(JobDocument document) {
        cancel();
        next = writer.schedule(() -> write(document), QUIET_MS, TimeUnit.MILLISECONDS);
    }

    /** The work is safe elsewhere. */
    public synchronized void forget() {
        cancel();
        writer.execute(() -> delete(mine));
    }

    private void cancel() {
        if (next != null) {
            next.cancel(false);
            next = null;
        }
    }

    /** What a crash left behind, if it can still be read; taken once. */
    public Optional<JobDocument> takeLeftBehind(Shop shop) {
        if (!Files.isDirectory(folder)) {
            return Optional.empty();
        }
        try (DirectoryStream<Path> files = Files.newDirectoryStream(folder, PREFIX + "*" + SUFFIX)) {
            for (Path file : files) {
                if (isOrphan(file) && JobFile.read(file, shop) instanceof JobRead.Opened o) {
                    delete(file);
                    return Optional.of(o.document());
                }
            }
        } catch (IOException _) {
            // a folder that cannot be read has nothing to bring back
        }
        return Optional.empty();
    }

    private static boolean isOrphan(Path file) {
        String name = file.getFileName().toString();
        try {
            long pid = Long.parseLong(name.substring(PREFIX.length(), name.length() - SUFFIX.length()));
            return pid != ProcessHandle.current().pid() && ProcessHandle.of(pid).isEmpty();
        } catch (NumberFormatException _) {
            return false;
        }
    }

    public String choice(String key, String otherwise) {
        return choices().getProperty(key, otherwise);
    }

    public synchronized void choose(String key, String value) {
        writer.execute(() -> {
            Properties choices = choices();
            choices.setProperty(key, value);
            try (var text = new java.io.StringWriter()) {
                choices.store(text, null);
                SafeFiles.write(choicesFile(), text.toString().getBytes(java.nio.charset.StandardCharsets.ISO_8859_1));
            } catch (IOException _) {
                // a choice that cannot be remembered is made again next time
            }
        });
    }

    private Properties choices() {
        Properties choices = new Properties();
        try (var in = Files.newInputStream(choicesFile())) {
            choices.load(in);
        } catch (IOException | IllegalArgumentException _) {
            choices.clear();
        }
        return choices;
    }

    private Path choicesFile() {
        return folder.resolve("choices.properties");
    }

    private void write(JobDocument document) {
        try {
            JobFile.write(document, mine);
        } catch (IOException _) {
            // the disk is full or gone: saving by hand will say so; here nobody is asking
        }
    }

    private static void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException _) {
            // it is brought back once too often, which does no harm
        }
    }

    /** Waits for what is still to be written. */
    public void close() {
        writer.shutdown();
        try {
            writer.awaitTermination(2, TimeUnit.SECONDS);
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
        }
    }
}
