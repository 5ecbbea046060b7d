package jurren.app.window;

import com.sun.management.UnixOperatingSystemMXBean;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.function.ToDoubleFunction;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.stage.Stage;
import jurren.app.cutter.CutTalk;
import jurren.app.keep.FaultLog;
import jurren.app.session.Session;
import jurren.app.window.RandomHands.Act;
import jurren.core.job.Job;
import jurren.core.plan.Planner;
import jurren.formats.demo.DemoJob;
import jurren.formats.jobfile.JobDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Hours of random hands, jobs and windows: what stays after collection is told every minute, and how fast it grew in
 * the second half. It runs for {@code soak.minutes} and writes the file {@code soak.told}.
 */
@EnabledIfSystemProperty(named = "soak.minutes", matches = "\\d+")
class SoakTest extends WindowTest {
    private static final Duration LONG = Duration.ofMinutes(Long.getLong("soak.minutes", 0));
    private static final long SEED = Long.getLong("soak.seed", 7);
    private static final int ACTIONS_A_JOB = 500;
    private static final int ACTIONS_BESIDE = 30;

    private final ConcurrentLinkedQueue<Throwable> failures = new ConcurrentLinkedQueue<>();
    private final List<Told> told = new ArrayList<>();
    private long begun;
    private long nextLook;
    private int done;

    /** @param nodes of the window that stays, just after a job was begun in it */
    private record Told(double minute, int actions, double megabytes, int threads, long handles, int nodes) {
        String line() {
            return String.format(
                    Locale.ROOT,
                    "%6.1f min %7d actions %8.2f MB %4d threads %5d handles %6d nodes",
                    minute,
                    actions,
                    megabytes,
                    threads,
                    handles,
                    nodes);
        }
    }

    @Test
    void nothingGrows() throws IOException {
        FaultLog.tellCaught(failures::add);
        begun = System.nanoTime();
        for (int episode = 0; System.nanoTime() - begun < LONG.toNanos(); episode++) {
            Random random = new Random(SEED * 1_000_003 + episode);
            replace(job(episode));
            work(new RandomHands(stage(), session, window.shell(), folder), random, ACTIONS_A_JOB);
            beside(random, job(episode + 1));
        }
        FaultLog.tellCaught(_ -> {});
        List<Told> second = told.subList(told.size() / 2, told.size());
        tell("of the second half: " + slope(second, Told::megabytes) + " MB a minute, " + slope(second, Told::threads)
                + " threads, " + slope(second, Told::handles) + " handles, " + slope(second, Told::nodes)
                + " nodes; failures: " + failures.size());
        assertThat(failures).isEmpty();
        assertThat(slope(second, Told::megabytes)).isLessThanOrEqualTo(0.1);
    }

    private static Job job(int episode) {
        return switch (episode % 3) {
            case 0 -> few(DemoJob.make());
            case 1 -> few(DEMO);
            default -> robin();
        };
    }

    private void replace(Job job) {
        until(() -> window.shell().cutter().state() != CutTalk.State.CUTTING);
        run(() -> {
            window.shell().cutter().giveUp();
            window.shell().sheets().closeAll();
            session.files().replace(JobDocument.of(job), Optional.empty());
        });
        settle();
    }

    private void work(RandomHands hands, Random random, int actions) throws IOException {
        for (int i = 0; i < actions; i++) {
            Act act = on(() -> hands.next(random));
            answers.clear();
            hands.answer(act).ifPresent(answers::add);
            try (Watch _ = new Watch("after " + done + " actions, at " + act)) {
                hands.act(act, failures::add);
            }
            done++;
            if (System.nanoTime() > nextLook) {
                try (Watch _ = new Watch("after " + done + " actions, waiting for what is worked out")) {
                    look();
                }
            }
        }
    }

    /** Tells what every thread does while something takes long. */
    private static final class Watch implements AutoCloseable {
        private static final Duration LONG_TIME = Duration.ofSeconds(15);

        private final Thread watching;

        Watch(String what) {
            watching = Thread.startVirtualThread(() -> {
                try {
                    Thread.sleep(LONG_TIME);
                    tell("longer than " + LONG_TIME.toSeconds() + " s " + what + "\n"
                            + Hands.whatIsDone(t -> Arrays.stream(t.getStackTrace())
                                    .anyMatch(e -> e.getClassName().startsWith("jurren.core"))));
                    tell(Hands.whatIsDone(
                            t -> t.getName().startsWith("JavaFX") || t.getName().startsWith("Quantum")));
                } catch (InterruptedException _) {
                    Thread.currentThread().interrupt();
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            });
        }

        @Override
        public void close() {
            watching.interrupt();
        }
    }

    /** Another window with a session and a planner of its own is opened, worked in and closed. */
    private void beside(Random random, Job job) throws IOException {
        Stage other = on(Stage::new);
        Session its = on(() -> new Session(SHOP, JobDocument.of(job), state(), new Planner()));
        JurrenWindow second = on(() -> {
            JurrenWindow w = new JurrenWindow(other, its, new Answers());
            w.show();
            other.setIconified(true);
            return w;
        });
        until(() -> its.isSettled() && its.desk().isIdle());
        work(new RandomHands(other, its, second.shell(), folder), random, ACTIONS_BESIDE);
        run(() -> {
            second.shell().cutter().giveUp();
            second.close();
            other.close();
        });
    }

    /** What is left when the work under way has come to its end and what nobody needs is gone. */
    private void look() throws IOException {
        run(() -> window.shell().sheets().closeAll());
        until(() -> session.isSettled() && session.desk().isIdle());
        for (int i = 0; i < 3; i++) {
            System.gc();
        }
        Runtime machine = Runtime.getRuntime();
        Told now = new Told(
                (System.nanoTime() - begun) / 60e9,
                done,
                (machine.totalMemory() - machine.freeMemory()) / 1048576.0,
                ManagementFactory.getThreadMXBean().getThreadCount(),
                ManagementFactory.getOperatingSystemMXBean() instanceof UnixOperatingSystemMXBean unix
                        ? unix.getOpenFileDescriptorCount()
                        : 0,
                on(() -> nodes(stage().getScene().getRoot())));
        told.add(now);
        tell(now.line());
        nextLook = System.nanoTime() + Duration.ofMinutes(1).toNanos();
    }

    private static int nodes(Node n) {
        return 1
                + (n instanceof Parent p
                        ? p.getChildrenUnmodifiable().stream()
                                .mapToInt(SoakTest::nodes)
                                .sum()
                        : 0);
    }

    /** By least squares, in units a minute. */
    private static double slope(List<Told> all, ToDoubleFunction<Told> what) {
        double x = all.stream().mapToDouble(Told::minute).average().orElse(0);
        double y = all.stream().mapToDouble(what).average().orElse(0);
        double over = all.stream()
                .mapToDouble(t -> (t.minute() - x) * (what.applyAsDouble(t) - y))
                .sum();
        double under =
                all.stream().mapToDouble(t -> Math.pow(t.minute() - x, 2)).sum();
        return under == 0 ? 0 : Math.round(over / under * 1000) / 1000.0;
    }

    private static void tell(String line) throws IOException {
        String file = System.getProperty("soak.told", "");
        if (!file.isEmpty()) {
            Files.writeString(Path.of(file), line + "\n", StandardOpenOption.CREATE, StandardOpenOption.APPEND);
        }
    }
}
