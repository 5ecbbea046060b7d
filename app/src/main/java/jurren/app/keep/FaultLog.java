package jurren.app.keep;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.logging.FileHandler;
import java.util.logging.Formatter;
import java.util.logging.Level;
import java.util.logging.LogRecord;
import java.util.logging.Logger;
import java.util.regex.Pattern;

/**
 * Everything that was caught and that nobody expected, whole, in one file of the state folder, {@code jurren-0.log}, and the one before it. It holds no
 * content of jobs: messages of our own, and names of files, are left out. Written through {@link System.Logger}.
 */
public final class FaultLog {
    public static final String VERSION = "0.1.0";
    private static final String NAME = "jurren";
    private static final System.Logger LOG = System.getLogger(NAME);
    /** Held here: the platform forgets loggers that nobody holds, and their handlers with them. */
    private static final Logger SINK = Logger.getLogger(NAME);

    private static final int MOST_BYTES = 400_000;
    private static final int FILES = 2;
    private static final int LINES_TOLD = 400;
    private static final int MOST_TOLD = 60_000;
    private static final List<Class<? extends Throwable>> OF_PLATFORM = List.of(
            NullPointerException.class,
            IndexOutOfBoundsException.class,
            ClassCastException.class,
            ArithmeticException.class,
            VirtualMachineError.class,
            LinkageError.class);
    private static final Pattern QUOTED = Pattern.compile("\"[^\"]*\"|'[^']*'|\u201c[^\u201d]*\u201d");

    private static volatile Optional<Path> file = Optional.empty();
    private static volatile Optional<String> latest = Optional.empty();
    private static volatile Consumer<Throwable> uncaught = _ -> {};
    private static volatile Consumer<Throwable> caught = _ -> {};

    private FaultLog() {}

    /** From here on what is caught is written there; a folder that takes nothing is no reason to stop. */
    public static synchronized void open(Path folder) {
        Path log = folder.resolve("jurren-0.log");
        if (file.filter(log::equals).isPresent()) {
            return;
        }
        SINK.setUseParentHandlers(false);
        List.of(SINK.getHandlers()).forEach(h -> {
            h.close();
            SINK.removeHandler(h);
        });
        try {
            Files.createDirectories(folder);
            FileHandler handler =
                    new FileHandler(folder.toString().replace("%", "%%") + "/jurren-%g.log", MOST_BYTES, FILES, true);
            handler.setEncoding("UTF-8");
            handler.setFormatter(new Lines());
            handler.setLevel(Level.ALL);
            SINK.addHandler(handler);
            file = Optional.of(log);
        } catch (IOException _) {
            file = Optional.empty();
        }
        Thread.setDefaultUncaughtExceptionHandler((thread, why) -> {
            caught("thread " + thread.getName(), why);
            uncaught.accept(why);
        });
    }

    /** Whatever nobody caught is told there too, on the thread it happened on. */
    public static void tellUncaught(Consumer<Throwable> told) {
        uncaught = told;
    }

    /** Everything that is written down is told there too. */
    public static void tellCaught(Consumer<Throwable> told) {
        caught = told;
    }

    /** @param doing what was being done, in a few words without anything of a job */
    public static void caught(String doing, Throwable why) {
        caught.accept(why);
        latest = Optional.of(trace(why));
        LOG.log(System.Logger.Level.ERROR, doing, why);
    }

    /** The whole chain with every frame. A message is told only where the platform makes it, which knows no job. */
    private static String trace(Throwable why) {
        StringBuilder text = new StringBuilder();
        for (Throwable t = why; t != null && text.length() < MOST_TOLD; t = t.getCause()) {
            Throwable failure = t;
            text.append(t == why ? "" : "Caused by: ").append(t.getClass().getName());
            if (OF_PLATFORM.stream().anyMatch(c -> c.isInstance(failure)) && t.getMessage() != null) {
                text.append(": ").append(QUOTED.matcher(t.getMessage()).replaceAll("\"\u2026\""));
            }
            text.append(System.lineSeparator());
            for (StackTraceElement frame : t.getStackTrace()) {
                text.append("\tat ").append(frame).append(System.lineSeparator());
            }
        }
        return text.toString();
    }

    /** For whoever is to mend it: version, machine, the last failure, the end of the log. */
    public static String report() {
        Runtime r = Runtime.getRuntime();
        return String.format(
                Locale.ROOT,
                "Jurren %s%nJava %s, %s %s %s, %d processors, %d of %d MB%n%n%s%n%nLog:%n%s%n",
                VERSION,
                Runtime.version(),
                System.getProperty("os.name"),
                System.getProperty("os.version"),
                System.getProperty("os.arch"),
                r.availableProcessors(),
                (r.totalMemory() - r.freeMemory()) >> 20,
                r.maxMemory() >> 20,
                latest.orElse("nothing failed since it was started"),
                end());
    }

    private static String end() {
        try {
            List<String> lines =
                    file.isPresent() && Files.exists(file.get()) ? Files.readAllLines(file.get()) : List.of();
            return String.join(
                    System.lineSeparator(), lines.subList(Math.max(0, lines.size() - LINES_TOLD), lines.size()));
        } catch (IOException e) {
            return "not readable: " + e.getClass().getSimpleName();
        }
    }

    /** Time, level, what was being done, and the whole trace. */
    private static final class Lines extends Formatter {
        @Override
        public String format(LogRecord entry) {
            String trace = entry.getThrown() == null ? "" : trace(entry.getThrown());
            return Instant.ofEpochMilli(entry.getMillis()) + " " + entry.getLevel() + " "
                    + QUOTED.matcher(entry.getMessage()).replaceAll("\"\u2026\"") + System.lineSeparator() + trace;
        }
    }
}
