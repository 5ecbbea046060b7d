package jurren.app.window;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;
import jurren.app.cutter.CutTalk;
import jurren.app.keep.FaultLog;
import jurren.app.session.Bench;
import jurren.app.window.RandomHands.Act;
import jurren.core.cure.Remedies;
import jurren.core.job.Job;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.run.WholeRun;
import jurren.formats.demo.DemoJob;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.JobFile;
import jurren.formats.plan.PlanJson;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Random hands over every bench and sheet, from a seed: nothing fails, undoing everything gives the job that was begun
 * with, redoing the last one, and a plan is always that of its job alone. How many actions, from which seed and how
 * often a new job is begun are told by {@code robot.actions}, {@code robot.seed} and {@code robot.episode}; what was
 * said is gathered in the file {@code robot.said}.
 */
class RobotTest extends WindowTest {
    private static final int ACTIONS = Integer.getInteger("robot.actions", 160);
    private static final long SEED = Long.getLong("robot.seed", 7);
    private static final int EPISODE = Integer.getInteger("robot.episode", 80);
    private static final int LOOK_EVERY = 50;
    private static final Duration SHRINKING = Duration.ofSeconds(Integer.getInteger("robot.shrink", 0));
    private final ConcurrentLinkedQueue<Throwable> failures = new ConcurrentLinkedQueue<>();
    private RandomHands hands;
    private final Set<String> said = new LinkedHashSet<>();
    private Thread.UncaughtExceptionHandler before;

    @BeforeEach
    void listen() {
        before = Thread.getDefaultUncaughtExceptionHandler();
        Thread.setDefaultUncaughtExceptionHandler((_, e) -> failures.add(e));
        FaultLog.tellCaught(failures::add);
        hands = new RandomHands(stage(), session, window.shell(), folder);
    }

    @AfterEach
    void stopListening() {
        Thread.setDefaultUncaughtExceptionHandler(before);
        FaultLog.tellCaught(_ -> {});
    }

    private static Job job(int episode) {
        return switch (episode % 3) {
            case 0 -> few(DemoJob.make());
            case 1 -> few(DEMO);
            default -> robin();
        };
    }

    @Test
    void whateverIsDoneNothingFailsAndAllOfItIsTakenBack() throws IOException {
        for (int done = 0, episode = 0; done < ACTIONS; done += EPISODE, episode++) {
            Random random = new Random(SEED * 1_000_003 + episode);
            List<Act> acts = new ArrayList<>();
            Optional<String> wrong = episode(episode, Math.min(EPISODE, ACTIONS - done), random, acts);
            if (wrong.isPresent()) {
                List<Act> few = shrunk(episode, acts);
                throw new AssertionError(wrong.get() + "\nseed " + SEED + ", episode " + episode + ", "
                        + (few.size() < acts.size() ? "made small:" : "the last of " + acts.size() + ":") + "\n"
                        + few.subList(Math.max(0, few.size() - 40), few.size()).stream()
                                .map(Act::toString)
                                .collect(Collectors.joining("\n")));
            }
        }
        write();
    }

    /** The same with as few actions as the time allows to find. */
    private List<Act> shrunk(int episode, List<Act> acts) {
        long end = System.nanoTime() + SHRINKING.toNanos();
        List<Act> now = acts;
        for (int part = now.size() / 2; part > 0 && System.nanoTime() < end; ) {
            boolean shorter = false;
            for (int at = 0; at + part <= now.size() && System.nanoTime() < end; ) {
                List<Act> without = new ArrayList<>(now.subList(0, at));
                without.addAll(now.subList(at + part, now.size()));
                if (again(episode, without).isPresent()) {
                    now = without;
                    shorter = true;
                } else {
                    at += part;
                }
            }
            part = shorter ? Math.min(part, now.size() / 2) : part / 2;
        }
        return now;
    }

    private Optional<String> again(int episode, List<Act> acts) {
        Job first = begin(episode);
        for (Act act : acts) {
            answers.clear();
            hands.answer(act).ifPresent(answers::add);
            hands.act(act, failures::add);
            if (!failures.isEmpty()) {
                return Optional.of(told(failures.peek()));
            }
        }
        return check(first);
    }

    private Job begin(int episode) {
        failures.clear();
        run(() -> {
            window.shell().cutter().giveUp();
            window.shell().sheets().closeAll();
            session.files().replace(JobDocument.of(job(episode)), Optional.empty());
        });
        Hands.turn();
        return on(() -> session.job());
    }

    private Optional<String> episode(int episode, int actions, Random random, List<Act> acts) {
        Job first = begin(episode);
        for (int i = 1; i <= actions; i++) {
            Act act = on(() -> hands.next(random));
            acts.add(act);
            answers.clear();
            hands.answer(act).ifPresent(answers::add);
            hands.act(act, failures::add);
            listenTo(act);
            if (!failures.isEmpty()) {
                return Optional.of(told(failures.peek()));
            }
            if (i % LOOK_EVERY == 0 || i == actions) {
                Optional<String> wrong = check(first);
                if (wrong.isPresent()) {
                    return wrong;
                }
            }
        }
        return Optional.empty();
    }

    private static String told(Throwable e) {
        StringBuilder text = new StringBuilder();
        for (Throwable t = e; t != null; t = t.getCause()) {
            text.append(t).append('\n');
            Arrays.stream(t.getStackTrace())
                    .filter(f -> f.getClassName().startsWith("jurren"))
                    .limit(12)
                    .forEach(f -> text.append("  ").append(f).append('\n'));
        }
        return text.toString();
    }

    /** Undone to the first, redone to the last, and planned from nothing. */
    private Optional<String> check(Job first) {
        run(() -> window.shell().sheets().closeAll());
        until(() -> session.isSettled() && window.shell().cutter().state() != CutTalk.State.CUTTING);
        Job last = on(() -> session.job());
        Optional<Plan> shown = on(() -> session.plan());
        if (shown.isPresent() && on(() -> session.isSettled())) {
            Plan fresh = new Planner().plan(last, on(() -> session.shopOfJob()));
            if (!json(fresh).equals(json(shown.get()))) {
                return Optional.of("the plan is not that of its job:\n" + difference(json(fresh), json(shown.get())));
            }
        }
        run(this::redoAll);
        last = on(() -> session.job());
        boolean happened = on(() -> !session.ledger().entries().isEmpty());
        run(() -> {
            while (session.canUndo()) {
                session.undo();
            }
        });
        Job undone = on(() -> session.job());
        run(this::redoAll);
        if (!happened && !Arrays.equals(bytes(undone), bytes(first))) {
            return Optional.of("all undone, the job is not the first");
        }
        if (!Arrays.equals(bytes(on(() -> session.job())), bytes(last))) {
            return Optional.of("all redone, the job is not the last");
        }
        return failures.isEmpty() ? Optional.empty() : Optional.of(told(failures.peek()));
    }

    private void redoAll() {
        while (session.canRedo()) {
            session.redo();
        }
    }

    private static byte[] bytes(Job job) {
        return JobFile.bytes(JobDocument.of(job));
    }

    private static String json(Plan plan) {
        return new String(
                PlanJson.write(plan, WholeRun.of(plan), Optional.empty(), Remedies.NONE), StandardCharsets.UTF_8);
    }

    private static String difference(String a, String b) {
        int at = 0;
        while (at < Math.min(a.length(), b.length()) && a.charAt(at) == b.charAt(at)) {
            at++;
        }
        int from = Math.max(0, at - 200);
        return a.substring(from, Math.min(a.length(), at + 200)) + "\n---\n"
                + b.substring(from, Math.min(b.length(), at + 200));
    }

    private void listenTo(Act act) {
        run(() ->
                session.notices().all().forEach(n -> said.add(n.sentence() + "  <- " + session.bench() + ", " + act)));
    }

    private void write() throws IOException {
        String file = System.getProperty("robot.said", "");
        if (!file.isEmpty()) {
            Files.write(Path.of(file), said, StandardOpenOption.CREATE, StandardOpenOption.TRUNCATE_EXISTING);
        }
    }

    @Test
    void anotherMotifOnALineOfTwoPlacesIsOneMore() {
        Job demo = DemoJob.make();
        run(() -> session.files().replace(JobDocument.of(few(demo)), Optional.empty()));
        settle();
        run(() -> {
            session.show(Bench.ART);
            session.choose(Optional.of(session.line().motifs().getFirst().id()));
        });
        settle();
        int motifs = on(() -> session.line().motifs().size());
        robot.push(KeyCode.SHORTCUT, KeyCode.D);
        settle();
        assertThat(on(() -> session.line().motifs())).hasSize(motifs + 1);
        robot.push(KeyCode.SHORTCUT, KeyCode.C);
        robot.push(KeyCode.SHORTCUT, KeyCode.V);
        settle();
        assertThat(on(() -> session.line().motifs())).hasSize(motifs + 2);
        assertThat(failures).isEmpty();
        assertThat(Platform.isFxApplicationThread()).isFalse();
    }
}
