package jurren.app.window;

import jurren.app.session.Keeper;
import jurren.app.session.Session;
import jurren.core.job.Job;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.jobfile.JobDocument;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;

/** The real window, driven by clicks and keys; every wait is for something to be so. */
abstract class WindowTest {
    private static final long PATIENCE_S = 40;

    @TempDir
    Path folder;

    final FxRobot robot = new FxRobot();
    final Deque<Path> answers = new ArrayDeque<>();
    Session session;
    JurrenWindow window;
    private Stage stage;

    /** The job a story begins with. */
    Job job() {
        return DemoJob.make();
    }

    @BeforeEach
    void open() throws Exception {
        stage = FxToolkit.registerPrimaryStage();
        on(() -> {
            session = new Session(BuiltInShop.read(), JobDocument.of(job()), new Keeper(folder.resolve("state")));
            window = new JurrenWindow(stage, session, new Answers());
            window.show();
            return null;
        });
        until(() -> session.isSettled());
    }

    @AfterEach
    void close() throws Exception {
        on(() -> {
            window.close();
            stage.hide();
            return null;
        });
    }

    /** Answers every question for a file with the next path of the story. */
    private final class Answers implements Files {
        @Override
        public Optional<Path> toOpen(Kind kind) {
            return Optional.ofNullable(answers.poll());
        }

        @Override
        public Optional<Path> toSave(Kind kind, String name) {
            return Optional.ofNullable(answers.poll());
        }

        @Override
        public Optional<Path> folder() {
            return Optional.ofNullable(answers.poll());
        }
    }

    static <T> T on(Callable<T> work) {
        FutureTask<T> task = new FutureTask<>(work);
        try {
            if (Platform.isFxApplicationThread()) {
                task.run();
            } else {
                Platform.runLater(task);
            }
            return task.get(PATIENCE_S, TimeUnit.SECONDS);
        } catch (ExecutionException e) {
            throw new AssertionError(e.getCause());
        } catch (InterruptedException | java.util.concurrent.TimeoutException e) {
            throw new AssertionError(e);
        }
    }

    static void until(BooleanSupplier holds) {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(PATIENCE_S);
        while (!on(holds::getAsBoolean)) {
            if (System.nanoTime() > end) {
                throw new AssertionError("it did not become so within " + PATIENCE_S + " s");
            }
            pause();
        }
    }

    /** What was told is shown in a later turn of the window's thread. */
    void settle() {
        until(() -> session.isSettled());
        for (int i = 0; i < 3; i++) {
            on(() -> null);
            pause();
        }
    }

    private static void pause() {
        try {
            TimeUnit.MILLISECONDS.sleep(15);
        } catch (InterruptedException e) {
            throw new AssertionError(e);
        }
    }

    Node node(String id) {
        return on(() -> stage.getScene().lookup("#" + id));
    }

    boolean isThere(String id) {
        Node n = node(id);
        return n != null && on(() -> n.isVisible() && n.getScene() != null);
    }

    void click(String id) {
        until(() -> stage.getScene().lookup("#" + id) != null);
        on(() -> {
            scrollIntoSight(stage.getScene().lookup("#" + id));
            return null;
        });
        settleLayout();
        Node n = node(id);
        Point2D middle = on(() -> n.localToScreen(n.getBoundsInLocal().getCenterX(), n.getBoundsInLocal().getCenterY()));
        // straight there: the robot's own way takes a step a millisecond
        robot.robotContext().getBaseRobot().moveMouse(middle);
        robot.clickOn(javafx.scene.input.MouseButton.PRIMARY);
        settleLayout();
    }

    private static void settleLayout() {
        on(() -> null);
        on(() -> null);
    }

    private static void scrollIntoSight(Node n) {
        for (Node p = n.getParent(); p != null; p = p.getParent()) {
            if (p instanceof javafx.scene.control.ScrollPane scroll) {
                Node content = scroll.getContent();
                double y = content.sceneToLocal(n.localToScene(n.getBoundsInLocal())).getMinY();
                double room = content.getBoundsInLocal().getHeight() - scroll.getViewportBounds().getHeight();
                scroll.setVvalue(room <= 0 ? 0 : Math.clamp((y - 60) / room, 0, 1));
                scroll.layout();
            }
        }
    }

    /** Clicks into a field, replaces what it says and ends with Enter, which in a field of several lines would begin one more. */
    void type(String id, String text) {
        click(id);
        robot.push(KeyCode.SHORTCUT, KeyCode.A);
        robot.push(KeyCode.DELETE);
        robot.write(text, 0);
        if (!(node(id) instanceof javafx.scene.control.TextArea)) {
            robot.push(KeyCode.ENTER);
        }
        settle();
    }

    String text(String id) {
        Node n = node(id);
        return on(() -> n instanceof TextInputControl f ? f.getText() : ((Labeled) n).getText());
    }

    Point2D onScreen(Node n, double x, double y) {
        return on(() -> n.localToScreen(x, y));
    }

    Stage stage() {
        return stage;
    }
}
