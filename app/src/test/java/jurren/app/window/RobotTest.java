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
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.PickResult;
import jurren.app.cutter.CutTalk;
import jurren.app.face.FaceCanvas;
import jurren.app.keep.FaultLog;
import jurren.app.session.Bench;
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
    /** They end the window, begin another job, or ask the world outside. */
    private static final Pattern NEVER = Pattern.compile(
            "unsaved-.*|cutting-stop|print-now|drawer-(save|save-as|open|new)"
                    + "|strip-(new|open|save)|recent-.*|machines-check|leftover-.*|changed-.*|own-.*|shop-(give|take).*");

    private static final List<String> TEXTS = List.of(
            "0",
            "1",
            "7",
            "12",
            "-3",
            "1/2",
            "2.5 in",
            "40 mm",
            "1e9",
            "0.000001",
            "",
            "kite",
            "Ö g j Å",
            "{",
            "٣",
            "9999999999",
            "12,5",
            "A very long line of words that nobody would put on a mug",
            "NaN",
            "#3388FF");
    private static final List<KeyCode> KEYS = List.of(
            KeyCode.D,
            KeyCode.C,
            KeyCode.V,
            KeyCode.X,
            KeyCode.Z,
            KeyCode.Y,
            KeyCode.A,
            KeyCode.G,
            KeyCode.DELETE,
            KeyCode.LEFT,
            KeyCode.RIGHT,
            KeyCode.UP,
            KeyCode.DOWN,
            KeyCode.ESCAPE,
            KeyCode.ENTER,
            KeyCode.TAB,
            KeyCode.SPACE,
            KeyCode.HOME,
            KeyCode.END,
            KeyCode.PLUS,
            KeyCode.MINUS,
            KeyCode.DIGIT0);

    private final ConcurrentLinkedQueue<Throwable> failures = new ConcurrentLinkedQueue<>();
    private final Set<String> said = new LinkedHashSet<>();
    private Thread.UncaughtExceptionHandler before;

    /** One thing that is done, which can be done again on another job. */
    private sealed interface Act {
        record Press(String id, int which) implements Act {}

        record Pick(String id, int which, int item) implements Act {}

        record Type(String id, int which, String text) implements Act {}

        record Key(KeyCode code, boolean command, boolean shift) implements Act {}

        record Drag(double x, double y, double toX, double toY, boolean shift) implements Act {}

        record Show(Bench bench) implements Act {}

        record Drop(int file) implements Act {}
    }

    @BeforeEach
    void listen() {
        before = Thread.getDefaultUncaughtExceptionHandler();
        Thread.setDefaultUncaughtExceptionHandler((_, e) -> failures.add(e));
        FaultLog.tellCaught(failures::add);
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
            act(act);
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
            Act act = on(() -> next(random));
            acts.add(act);
            act(act);
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

    // ---- what is done

    private Act next(Random random) {
        int kind = random.nextInt(100);
        if (kind < 6) {
            Bench[] all = Bench.values();
            return new Act.Show(all[random.nextInt(all.length)]);
        }
        if (kind < 40) {
            List<Node> buttons = all(n -> n instanceof ButtonBase b
                    && !b.isDisabled()
                    && !NEVER.matcher(String.valueOf(b.getId())).matches());
            return buttons.isEmpty() ? new Act.Show(Bench.ART) : press(buttons, random.nextInt(buttons.size()));
        }
        if (kind < 50) {
            List<Node> choices = all(n -> n instanceof ComboBox<?> c && !c.isDisabled());
            if (!choices.isEmpty()) {
                int at = random.nextInt(choices.size());
                Node n = choices.get(at);
                int items = Math.max(1, ((ComboBox<?>) n).getItems().size());
                return new Act.Pick(n.getId(), which(choices, at), random.nextInt(items));
            }
        }
        if (kind < 62) {
            List<Node> fields = all(n -> n instanceof TextField f && !f.isDisabled() && f.isEditable());
            if (!fields.isEmpty()) {
                int at = random.nextInt(fields.size());
                return new Act.Type(fields.get(at).getId(), which(fields, at), TEXTS.get(random.nextInt(TEXTS.size())));
            }
        }
        if (kind < 66) {
            return new Act.Drop(random.nextInt(3));
        }
        if (kind < 84) {
            return new Act.Drag(
                    random.nextDouble(),
                    random.nextDouble(),
                    random.nextDouble(),
                    random.nextDouble(),
                    random.nextInt(4) == 0);
        }
        return new Act.Key(KEYS.get(random.nextInt(KEYS.size())), random.nextInt(3) > 0, random.nextInt(5) == 0);
    }

    private static Act press(List<Node> buttons, int at) {
        return new Act.Press(buttons.get(at).getId(), which(buttons, at));
    }

    /** Of those with the same name. */
    private static int which(List<Node> all, int at) {
        return (int) all.subList(0, at).stream()
                .filter(n -> String.valueOf(n.getId())
                        .equals(String.valueOf(all.get(at).getId())))
                .count();
    }

    private interface Wanted {
        boolean is(Node n);
    }

    private List<Node> all(Wanted wanted) {
        List<Node> found = new ArrayList<>();
        collect(stage().getScene().getRoot(), wanted, found);
        return found;
    }

    private static void collect(Node n, Wanted wanted, List<Node> found) {
        if (!n.isVisible() || !n.isManaged() && n.getId() == null) {
            return;
        }
        if (wanted.is(n)) {
            found.add(n);
        }
        if (n instanceof Parent p && !(n instanceof TextInputControl)) {
            p.getChildrenUnmodifiable().forEach(c -> collect(c, wanted, found));
        }
    }

    private Optional<Node> find(String id, int which, Wanted wanted) {
        return all(n -> wanted.is(n) && String.valueOf(n.getId()).equals(String.valueOf(id))).stream()
                .skip(which)
                .findFirst();
    }

    private void act(Act act) {
        answers.clear();
        on(() -> {
            try {
                doIt(act);
            } catch (RuntimeException | Error e) {
                failures.add(e);
            }
            return null;
        });
        Hands.turn();
    }

    private void doIt(Act act) {
        switch (act) {
            case Act.Show s -> session.show(s.bench);
            case Act.Press p ->
                find(p.id, p.which, n -> n instanceof ButtonBase b && !b.isDisabled())
                        .ifPresent(n -> ((ButtonBase) n).fire());
            case Act.Pick p ->
                find(p.id, p.which, ComboBox.class::isInstance)
                        .map(n -> (ComboBox<?>) n)
                        .filter(c -> p.item < c.getItems().size())
                        .ifPresent(c -> c.getSelectionModel().select(p.item));
            case Act.Type t ->
                find(t.id, t.which, TextField.class::isInstance)
                        .map(TextField.class::cast)
                        .ifPresent(f -> {
                            f.requestFocus();
                            f.setText(t.text);
                            f.fireEvent(new javafx.event.ActionEvent());
                        });
            case Act.Key k -> key(k);
            case Act.Drag d -> drag(d);
            case Act.Drop d -> window.shell().actions().dropped(file(d.file));
        }
    }

    private void key(Act.Key k) {
        Node focus = stage().getScene().getFocusOwner();
        Node to = focus == null ? stage().getScene().getRoot() : focus;
        for (var type : List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_RELEASED)) {
            Event.fireEvent(to, new KeyEvent(type, "", "", k.code, k.shift, k.command, false, false));
        }
    }

    private void drag(Act.Drag d) {
        List<Node> canvases = all(FaceCanvas.class::isInstance);
        if (canvases.isEmpty()) {
            return;
        }
        FaceCanvas canvas = (FaceCanvas) canvases.getLast();
        mouse(canvas, MouseEvent.MOUSE_PRESSED, d.x, d.y, true, d.shift, true);
        boolean still = Math.hypot(d.toX - d.x, d.toY - d.y) < 0.3;
        if (!still) {
            mouse(canvas, MouseEvent.MOUSE_DRAGGED, (d.x + d.toX) / 2, (d.y + d.toY) / 2, true, d.shift, false);
            mouse(canvas, MouseEvent.MOUSE_DRAGGED, d.toX, d.toY, true, d.shift, false);
        }
        mouse(canvas, MouseEvent.MOUSE_RELEASED, still ? d.x : d.toX, still ? d.y : d.toY, false, d.shift, still);
        if (still) {
            mouse(canvas, MouseEvent.MOUSE_CLICKED, d.x, d.y, false, d.shift, true);
        }
    }

    private static void mouse(
            FaceCanvas canvas,
            javafx.event.EventType<MouseEvent> type,
            double x,
            double y,
            boolean down,
            boolean shift,
            boolean still) {
        Point2D at = new Point2D(x * canvas.getWidth(), y * canvas.getHeight());
        Point2D scene = canvas.localToScene(at);
        Event.fireEvent(
                canvas,
                new MouseEvent(
                        type,
                        scene.getX(),
                        scene.getY(),
                        scene.getX(),
                        scene.getY(),
                        MouseButton.PRIMARY,
                        1,
                        shift,
                        false,
                        false,
                        false,
                        down,
                        false,
                        false,
                        false,
                        false,
                        still,
                        new PickResult(canvas, scene.getX(), scene.getY())));
    }

    /** A drawing, a stencil that is none, and no drawing at all. */
    private Path file(int which) {
        String text = switch (which) {
            case 0 ->
                "<svg xmlns='http://www.w3.org/2000/svg' width='60mm' height='40mm' viewBox='0 0 60 40'>"
                        + "<path fill='#E8743B' d='M5 5h50v30h-50zM15 12v16h30v-16z'/>"
                        + "<circle cx='30' cy='20' r='4' fill='#123456'/></svg>";
            case 1 -> "<svg xmlns='http://www.w3.org/2000/svg' width='9mm' height='9mm'/>";
            default -> "nothing";
        };
        try {
            return Files.writeString(folder.resolve("dropped" + which + (which == 2 ? ".txt" : ".svg")), text);
        } catch (IOException e) {
            throw new AssertionError(e);
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
