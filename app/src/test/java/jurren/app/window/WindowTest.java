package jurren.app.window;

import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import jurren.app.session.Session;
import jurren.app.sheet.FileQuestions;
import jurren.core.blank.Blank;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.job.Shop;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.material.Colour;
import jurren.core.plan.Planner;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.jobfile.JobDocument;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/**
 * The real window, driven by clicks and keys. One stage serves a class, one planner all of them, and nothing waits
 * longer than until what it waits for is so.
 */
abstract class WindowTest {
    private static final int LOOK_AGAIN_MS = 10;
    private static final long REST_S = 2;
    /** A plan moves cards; it always comes. */
    private static final long PLAN_S = 20;

    private static final AtomicBoolean STARTED = new AtomicBoolean();
    private static final Planner PLANNER = new Planner();
    /** What ships with the application, read once. */
    static final Shop SHOP = BuiltInShop.read();

    static final Job DEMO = DemoJob.simple();
    private static Stage stage;

    @TempDir
    Path folder;

    final Hands robot = new Hands();
    final Deque<Path> answers = new ArrayDeque<>();
    private final Semaphore changes = new Semaphore(0);
    Session session;
    JurrenWindow window;

    @BeforeAll
    static void oneStage() throws InterruptedException {
        if (STARTED.compareAndSet(false, true)) {
            CountDownLatch up = new CountDownLatch(1);
            Platform.startup(up::countDown);
            Platform.setImplicitExit(false);
            up.await();
        }
        stage = on(Stage::new);
    }

    @AfterAll
    static void stageGone() {
        on(() -> {
            stage.close();
            return null;
        });
    }

    /** The same with one piece of each size that is wanted, which is planned and made in a part of the time. */
    static Job few(Job job) {
        return job.withLines(job.lines().stream()
                .map(l -> l.withSizes(l.sizes().stream()
                        .map(s -> s.withCount(Math.min(1, s.count())))
                        .toList()))
                .toList());
    }

    /** One name in one film on one tee, planned in a moment. */
    static Job robin() {
        Blank tee = SHOP.blank("tee-adult").orElseThrow();
        return NewJobs.saying(
                "Robin",
                ShippedTypeface.FREDOKA,
                tee,
                tee.colours().getFirst(),
                SHOP.material("smooth-film").orElseThrow(),
                Colour.of("#F6EFDC"));
    }

    /** The job a story begins with. */
    Job job() {
        return DEMO;
    }

    @BeforeEach
    void open() {
        on(() -> {
            session = new Session(SHOP, JobDocument.of(job()), state(), PLANNER);
            window = new JurrenWindow(stage, session, new Answers());
            session.watch(changes::release);
            session.desk().watch(changes::release);
            window.shell().cutter().watch(changes::release);
            window.show();
            // laid out and alive, but not painted: every frame in software is a third of the time, and nobody looks at
            // it
            stage.setIconified(true);
            return null;
        });
        settle();
    }

    @AfterEach
    void close() {
        on(() -> {
            window.close();
            return null;
        });
    }

    final Path state() {
        return folder.resolve("state");
    }

    /** Answers every question for a file with the next path of the story. */
    final class Answers implements FileQuestions {
        @Override
        public Optional<Path> toOpen(Kind kind) {
            return Optional.ofNullable(answers.poll());
        }

        @Override
        public Optional<Path> toSave(Kind kind, String name) {
            asked = name;
            return Optional.ofNullable(answers.poll());
        }

        @Override
        public Optional<Path> folder() {
            return Optional.ofNullable(answers.poll());
        }
    }

    /** The name that was offered for the last file. */
    String asked = "";

    static <T> T on(Callable<T> work) {
        return Hands.on(work);
    }

    static void run(Runnable work) {
        Hands.on(() -> {
            work.run();
            return null;
        });
    }

    /** Looked at again whenever something changed. */
    void until(BooleanSupplier holds) {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(Hands.PATIENCE_S);
        while (!on(holds::getAsBoolean)) {
            if (System.nanoTime() > end) {
                throw new AssertionError("it did not become so within " + Hands.PATIENCE_S + " s");
            }
            try {
                if (changes.tryAcquire(LOOK_AGAIN_MS, TimeUnit.MILLISECONDS)) {
                    changes.drainPermits();
                }
            } catch (InterruptedException e) {
                throw new AssertionError(e);
            }
        }
    }

    /** Everything that was asked for is worked out, told and shown. */
    void settle() {
        Hands.turn();
        until(() -> session.isSettled() && session.desk().isIdle());
        Hands.turn();
        until(() -> session.desk().isIdle());
        Hands.frame(stage);
    }

    Node node(String id) {
        return on(() -> stage.getScene().lookup("#" + id));
    }

    boolean isThere(String id) {
        Node n = node(id);
        return n != null && on(() -> n.isVisible() && n.getScene() != null);
    }

    /** A person who meant to type and missed, because something moved, clicks again. */
    void click(String id) {
        clickOnce(id);
        for (int again = 0;
                again < 2
                        && on(() -> stage.getScene().lookup("#" + id) instanceof TextInputControl f
                                && !f.isFocused()
                                && !f.isDisabled());
                again++) {
            clickOnce(id);
        }
    }

    final void openShop(String page) {
        click("job-name");
        click("drawer-shop");
        settle();
        click("shop-page-" + page);
        settle();
    }

    private void clickOnce(String id) {
        until(() -> stage.getScene().lookup("#" + id) != null);
        comeToRest();
        Hands.frame(stage);
        Point2D at;
        do {
            Point2D before = null;
            Point2D middle = middle(id);
            while (!middle.equals(before)) {
                Hands.frame(stage);
                before = middle;
                middle = middle(id);
            }
            at = middle;
            robot.moveTo(at);
        } while (!clicked(id, at));
        Hands.turn();
    }

    /** What is worked out may move what is clicked: what moved since it was looked for is looked for again. */
    private boolean clicked(String id, Point2D at) {
        return robot.clickIf(() -> middle(id).distance(at) < 1, MouseButton.PRIMARY);
    }

    /** What is worked out may move what is clicked; what runs for long is not waited for. */
    private void comeToRest() {
        long planned = System.nanoTime() + TimeUnit.SECONDS.toNanos(PLAN_S);
        until(() -> session.isSettled() || System.nanoTime() > planned);
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(REST_S);
        until(() -> session.desk().isIdle() || System.nanoTime() > end);
    }

    private Point2D middle(String id) {
        return on(() -> {
            Node n = stage.getScene().lookup("#" + id);
            scrollIntoSight(n);
            return n.localToScreen(
                    n.getBoundsInLocal().getCenterX(), n.getBoundsInLocal().getCenterY());
        });
    }

    private static void scrollIntoSight(Node n) {
        for (Node p = n.getParent(); p != null; p = p.getParent()) {
            if (p instanceof ScrollPane scroll) {
                Node content = scroll.getContent();
                double y = content.sceneToLocal(n.localToScene(n.getBoundsInLocal()))
                        .getMinY();
                double room = content.getBoundsInLocal().getHeight()
                        - scroll.getViewportBounds().getHeight();
                scroll.setVvalue(room <= 0 ? 0 : Math.clamp((y - 60) / room, 0, 1));
                scroll.layout();
            }
        }
    }

    /**
     * Clicks into a field, replaces what it says and ends with Enter, which in a field of several lines would begin one
     * more.
     */
    void type(String id, String text) {
        click(id);
        if (node(id) instanceof TextInputControl f && !on(f::isFocused)) {
            throw new AssertionError(id + " cannot be typed into; the keyboard is with "
                    + on(() -> stage.getScene().getFocusOwner()) + ", the window is "
                    + (on(stage::isFocused) ? "" : "not ") + "in front");
        }
        robot.push(KeyCode.SHORTCUT, KeyCode.A);
        robot.push(KeyCode.DELETE);
        robot.write(text);
        if (node(id) instanceof TextInputControl f && !on(f::getText).equals(text)) {
            throw new AssertionError(
                    id + " reads \"" + on(f::getText) + "\" where \"" + text + "\" was typed; the keyboard is with "
                            + on(() -> stage.getScene().getFocusOwner()));
        }
        if (!(node(id) instanceof TextArea)) {
            robot.push(KeyCode.ENTER);
        }
        settle();
    }

    String text(String id) {
        Node n = node(id);
        return on(() -> n instanceof TextInputControl f ? f.getText() : ((Labeled) n).getText());
    }

    /** Everything that is said now. */
    String said() {
        return on(() -> session.notices().all().stream().map(n -> n.sentence()).reduce("", (a, b) -> a + "\n" + b));
    }

    Point2D onScreen(Node n, double x, double y) {
        return on(() -> n.localToScreen(x, y));
    }

    Stage stage() {
        return stage;
    }

    void focus(Node n) {
        run(n::requestFocus);
    }
}
