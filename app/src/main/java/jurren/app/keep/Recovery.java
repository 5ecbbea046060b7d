package jurren.app.keep;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import jurren.app.desk.Desk;
import jurren.app.desk.Lane;
import jurren.app.desk.Order;
import jurren.core.job.Shop;
import jurren.core.stop.Stop;
import jurren.formats.files.SafeFiles;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.JobFile;

/**
 * Keeps unsaved work where a crash cannot reach it. Each window has a file of its own, named by its process, with a
 * note beside it that says whose it is and where the job came from. One whose process is gone is a leftover. A copy is
 * only ever replaced by a newer one; it is deleted when the work is safe elsewhere or a person threw it away.
 */
public final class Recovery {
    private static final long QUIET_MS = 700;
    /** No work is older than that when a machine stops. */
    private static final long LONGEST_MS = 5_000;

    private static final String PREFIX = "unsaved-";
    private static final String JOB = ".jurren";
    private static final String NOTE = ".properties";
    private static final AtomicInteger WINDOWS = new AtomicInteger();

    private final Path folder;
    private final Path mine;
    private final Desk desk;
    private final Lane lane;
    private final Consumer<Throwable> failed;
    /** One writes or deletes at a time, so that a copy given up is not written after its deletion. */
    private final Object files = new Object();

    private final AtomicReference<Kept> newest = new AtomicReference<>();
    /** Since when the oldest that is not written waits. */
    private long waitsSince;

    private record Kept(JobDocument document, Optional<Path> source) {}

    /** @param failed told when a copy could not be written: then a crash would lose work */
    public Recovery(Path folder, Desk desk, Consumer<Throwable> failed) {
        this.folder = folder;
        this.desk = desk;
        this.lane = desk.lane();
        this.failed = failed;
        this.mine = folder.resolve(PREFIX + ProcessHandle.current().pid() + "-" + WINDOWS.incrementAndGet() + JOB);
    }

    /** Written after a short quiet, so that a drag is one write; steady work is written every few seconds. */
    public void keep(JobDocument document, Optional<Path> source) {
        newest.set(new Kept(document, source));
        long waitsMs = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - waitsSince);
        if (lane.now().isPresent() && waitsMs > LONGEST_MS - QUIET_MS) {
            return; // what is under way writes whatever is the newest then
        }
        if (lane.now().isEmpty()) {
            waitsSince = System.nanoTime();
        }
        lane.want(new Order<Void>(
                "",
                _ -> {
                    TimeUnit.MILLISECONDS.sleep(QUIET_MS);
                    for (Kept now = newest.get(), written = null; now != written; written = now, now = newest.get()) {
                        write(now.document(), now.source());
                    }
                    return null;
                },
                _ -> {},
                failed));
    }

    /** The work is safe elsewhere. */
    public void forget() {
        lane.stop();
        desk.give(new Order<Void>(
                        "",
                        _ -> {
                            synchronized (files) {
                                delete(mine);
                            }
                            return null;
                        },
                        _ -> {},
                        _ -> {})
                .finishing());
    }

    /** Takes over what was left behind: this window's own copy is on disk before the other goes. */
    public void adopt(Leftover leftover, JobDocument document) {
        lane.stop();
        desk.give(new Order<Void>(
                        "",
                        _ -> {
                            write(document, leftover.source());
                            delete(leftover.file());
                            return null;
                        },
                        _ -> {},
                        failed)
                .finishing());
    }

    /** A person does not want it. */
    public void throwAway(Leftover leftover) {
        desk.give(new Order<Void>(
                        "",
                        _ -> {
                            delete(leftover.file());
                            return null;
                        },
                        _ -> {},
                        _ -> {})
                .finishing());
    }

    private void write(JobDocument document, Optional<Path> source) throws IOException {
        byte[] job = JobFile.bytes(document);
        synchronized (files) {
            Stop.lookHere();
            Properties note = new Properties();
            source.ifPresent(s -> note.setProperty("source", s.toAbsolutePath().toString()));
            note.setProperty("at", Instant.now().toString());
            note.setProperty("began", began(ProcessHandle.current()));
            StringWriter text = new StringWriter();
            note.store(text, null);
            SafeFiles.write(noteOf(mine), text.toString().getBytes(StandardCharsets.UTF_8));
            SafeFiles.write(mine, job);
        }
    }

    private static Path noteOf(Path job) {
        String name = job.getFileName().toString();
        return job.resolveSibling(name.substring(0, name.length() - JOB.length()) + NOTE);
    }

    private static void delete(Path job) throws IOException {
        Files.deleteIfExists(job);
        Files.deleteIfExists(noteOf(job));
    }

    /**
     * Everything that windows which are gone left behind, the latest first. Reads files: not for the window's thread.
     */
    public List<Leftover> leftovers(Shop shop) {
        List<Leftover> found = new ArrayList<>();
        if (!Files.isDirectory(folder)) {
            return found;
        }
        try (DirectoryStream<Path> all = Files.newDirectoryStream(folder, PREFIX + "*" + JOB)) {
            for (Path file : all) {
                Properties note = note(file);
                if (isOrphan(file, note)) {
                    found.add(new Leftover(
                            file,
                            Optional.ofNullable(note.getProperty("source")).map(Path::of),
                            at(file, note),
                            JobFile.read(file, shop)));
                }
            }
        } catch (IOException _) {
            // a folder that cannot be read has nothing to bring back
            return found;
        }
        found.sort(Comparator.comparing(Leftover::at).reversed());
        return found;
    }

    private static Properties note(Path job) {
        Properties note = new Properties();
        try {
            note.load(new StringReader(Files.readString(noteOf(job))));
        } catch (IOException | IllegalArgumentException _) {
            note.clear();
        }
        return note;
    }

    private static Instant at(Path file, Properties note) throws IOException {
        try {
            return Instant.parse(note.getProperty("at", ""));
        } catch (DateTimeException _) {
            return Files.getLastModifiedTime(file).toInstant();
        }
    }

    /** Its process is gone; a number that a later process got again began at another time. */
    private static boolean isOrphan(Path file, Properties note) {
        String name = file.getFileName().toString();
        String number =
                name.substring(PREFIX.length(), name.length() - JOB.length()).replaceFirst("-\\d+$", "");
        try {
            Optional<ProcessHandle> owner = ProcessHandle.of(Long.parseLong(number));
            return owner.isEmpty()
                    || note.containsKey("began") && !began(owner.get()).equals(note.getProperty("began"));
        } catch (NumberFormatException _) {
            return false;
        }
    }

    private static String began(ProcessHandle process) {
        return process.info().startInstant().map(Instant::toString).orElse("");
    }
}
