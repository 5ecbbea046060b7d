package jurren.app.window;

import java.lang.management.ManagementFactory;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import javafx.application.Platform;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.Screen;
import javafx.stage.Stage;
import jurren.app.desk.Order;
import jurren.app.keep.FaultLog;
import jurren.app.keep.Leftover;
import jurren.app.keep.Settings;
import jurren.app.keep.ShopFolder;
import jurren.app.keep.StateFolder;
import jurren.app.session.Bench;
import jurren.app.session.Session;
import jurren.app.sheet.FileQuestions;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.blank.Blank;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.job.Shop;
import jurren.core.plan.Planner;
import jurren.formats.demo.DemoJob;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.words.DecimalSign;

/** The main window, from the first moment to the last. */
public final class JurrenWindow {
    static final double WIDTH = 1280;
    static final double HEIGHT = 800;
    static final double LEAST_WIDTH = 1024;
    static final double LEAST_HEIGHT = 700;
    /** So much of a window must be on a screen to be found again. */
    private static final double IN_SIGHT = 120;

    private final Stage stage;
    private final Session session;
    private final Shell shell;
    private final Runnable watcher = this::showTitle;
    /** The windows that are open; on the window's thread. */
    private static final Set<JurrenWindow> OPEN = new HashSet<>();

    /** Must be made on the window's thread. */
    public JurrenWindow(Stage stage, Session session, FileQuestions files) {
        this.stage = stage;
        this.session = session;
        this.shell = new Shell(session, files);
        Rectangle2D screen = Toolkit.room();
        // a frame that already stands keeps its size and its styles
        Scene scene = stage.getScene();
        if (scene == null) {
            scene = new Scene(shell.node(), Math.min(WIDTH, screen.getWidth()), Math.min(HEIGHT, screen.getHeight()));
            stage.setScene(scene);
        } else {
            scene.setRoot(shell.node());
        }
        Theme.apply(scene, session.settings().textPx());
        stage.setMinWidth(Math.min(LEAST_WIDTH, screen.getWidth()));
        stage.setMinHeight(Math.min(LEAST_HEIGHT, screen.getHeight()));
        session.watch(watcher);
        showTitle();
        shell.actions().saving().openBesideBy(this::openBeside);
        FaultLog.tellUncaught(_ -> Platform.runLater(session.notices()::fault));
        stage.setOnCloseRequest(e -> {
            e.consume();
            shell.actions().afterUnsaved(this::closeForGood);
        });
    }

    /** As it stood when it was last closed, as far as that place is still on a screen and no larger than it. */
    void standWhereItStood() {
        session.settings().place().ifPresent(p -> {
            List<Screen> there =
                    Screen.getScreensForRectangle(p.x(), p.y(), Math.max(1, p.width()), Math.max(1, p.height()));
            if (there.isEmpty()) {
                return;
            }
            Rectangle2D screen = there.getFirst().getVisualBounds();
            double width = Math.clamp(p.width(), stage.getMinWidth(), screen.getWidth());
            double height = Math.clamp(p.height(), stage.getMinHeight(), screen.getHeight());
            stage.setWidth(width);
            stage.setHeight(height);
            stage.setX(Math.clamp(p.x(), screen.getMinX() - width + IN_SIGHT, screen.getMaxX() - IN_SIGHT));
            stage.setY(Math.clamp(p.y(), screen.getMinY(), screen.getMaxY() - IN_SIGHT));
        });
    }

    private void showTitle() {
        stage.setTitle(Texts.of(
                session.files().isUnsaved() ? "window.title.unsaved" : "window.title",
                session.job().name()));
    }

    public void show() {
        OPEN.add(this);
        stage.show();
        // what stands in a scrolled part is found only once styles have made that part
        shell.node().applyCss();
        shell.first().requestFocus();
        Platform.runLater(session::begin);
    }

    public Shell shell() {
        return shell;
    }

    /** The person has decided: what is unsaved now is not wanted any more. */
    private void closeForGood() {
        session.settings()
                .keepPlace(new Settings.Place(stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight()));
        session.files().recovery().forget();
        close();
        stage.close();
        if (OPEN.isEmpty()) {
            Platform.exit();
        }
    }

    /** In a window of its own, with a session of its own. */
    private void openBeside(Path file) {
        Stage other = new Stage();
        Session beside = new Session(
                session.shop(), JobDocument.of(empty(session.shop())), session.stateFolder(), new Planner());
        JurrenWindow window = new JurrenWindow(other, beside, new SystemFiles(other, beside.settings()));
        other.setOnHidden(stage.getOnHidden());
        window.show();
        Platform.runLater(() -> beside.files().open(file, () -> {}));
    }

    public void close() {
        OPEN.remove(this);
        session.unwatch(watcher);
        shell.close();
        session.close();
    }

    /** Nobody worked here before. */
    void begin() {
        new FirstRunSheet(session, shell.actions(), shell.sheets()).open();
    }

    /** Nobody's job yet. */
    static Job empty(Shop shop) {
        Blank blank = shop.blanks().getFirst();
        return NewJobs.onBlank(
                blank,
                Texts.of("job.new-name"),
                blank.name(),
                blank.colours().getFirst().id(),
                shop.materials().getFirst().id());
    }

    /** What cannot be part of the first picture: leftovers, own files that could not be read. */
    private void afterTheFirstPicture() {
        Shop shop = session.shop();
        session.desk()
                .give(new Order<>(
                        "",
                        _ -> session.files().recovery().leftovers(shop),
                        this::offer,
                        why -> session.notices().trouble(Texts.of("work.failed", Texts.reason(why)))));
        session.desk()
                .give(new Order<Void>(
                        "",
                        _ -> {
                            session.shopFolder().loadFonts();
                            return null;
                        },
                        _ -> session.useShop(session.shop()),
                        why -> session.notices().trouble(Texts.of("work.failed", Texts.reason(why)))));
        shell.actions().blanks().sayRefused();
    }

    void offer(List<Leftover> left) {
        if (!left.isEmpty()) {
            new LeftoverSheet(session, shell.actions(), shell.sheets(), left).open();
        }
    }

    /** The window with the job's name on its paper, while shop and job are still being read. */
    private static void openFrame(Stage stage, String name) {
        Theme.loadFonts();
        HBox frame = new HBox(
                new VBox(Controls.label(name, "frame-name"), Controls.label(Texts.of("window.opening"), "frame-text")));
        frame.getChildren().getFirst().getStyleClass().add("frame-paper");
        frame.getStyleClass().add("shell");
        Scene scene = new Scene(
                frame,
                Math.min(WIDTH, Toolkit.room().getWidth()),
                Math.min(HEIGHT, Toolkit.room().getHeight()));
        Theme.apply(scene, Settings.USUAL_TEXT_PX);
        stage.setTitle(Texts.of("window.title", name));
        stage.setScene(scene);
        stage.show();
    }

    private static double secondsSince(long ms) {
        return (System.currentTimeMillis() - ms) / 1000.0;
    }

    /** After the next picture is styled and laid out. */
    private static void onceLaidOut(Scene scene, Runnable then) {
        Runnable[] once = new Runnable[1];
        once[0] = () -> {
            scene.removePostLayoutPulseListener(once[0]);
            Platform.runLater(then);
        };
        scene.addPostLayoutPulseListener(once[0]);
        Platform.requestNextPulse();
    }

    private static String seconds(double s) {
        return String.format(DecimalSign.locale(), "%.1f", s);
    }

    private record Begin(Shop shop, Job job) {}

    private static <T> FutureTask<T> inBackground(Callable<T> reading) {
        FutureTask<T> task = new FutureTask<>(reading);
        Thread.ofPlatform().daemon().name("start").start(task);
        return task;
    }

    private static <T> T come(FutureTask<T> task) {
        try {
            return task.get();
        } catch (InterruptedException | ExecutionException e) {
            throw new IllegalStateException("what ships with the application could not be read", e);
        }
    }

    /** Runs the window until it is closed; offscreen, and saying so, where there is no display. */
    public static int run(Optional<Path> file) {
        long started = ManagementFactory.getRuntimeMXBean().getStartTime();
        boolean offscreen = Toolkit.offscreenWhereNoDisplay();
        CountDownLatch over = new CountDownLatch(1);
        // the shop and the demo job are read while the window system starts
        FutureTask<Begin> begin =
                inBackground(() -> new Begin(new ShopFolder(StateFolder.usual()).shop(), DemoJob.make()));
        Platform.startup(() -> {
            Stage stage = new Stage();
            String name = file.map(f -> f.getFileName().toString())
                    .orElseGet(() ->
                            new Settings(StateFolder.usual()).isFresh() ? Texts.of("job.new-name") : DemoJob.name());
            openFrame(stage, name);
            double frameAt = secondsSince(started);
            Settings settings = new Settings(StateFolder.usual());
            settings.decimalSign().use();
            boolean first = file.isEmpty() && settings.isFresh();
            Session session = new Session(
                    come(begin).shop,
                    JobDocument.of(first ? empty(come(begin).shop) : come(begin).job),
                    StateFolder.usual(),
                    new Planner());
            session.openBench(session.settings().choice("bench", Bench.BLANK.name()));
            JurrenWindow window = new JurrenWindow(stage, session, new SystemFiles(stage, session.settings()));
            window.standWhereItStood();
            window.show();
            stage.setOnHidden(_ -> {
                if (OPEN.isEmpty()) {
                    over.countDown();
                }
            });
            onceLaidOut(
                    stage.getScene(),
                    () -> System.out.println(Texts.of(
                            offscreen ? "window.up-offscreen" : "window.up",
                            session.job().name(),
                            seconds(frameAt),
                            seconds(secondsSince(started)))));
            Platform.runLater(() -> {
                file.ifPresent(f -> session.files().open(f, () -> {}));
                if (first) {
                    window.begin();
                }
                window.afterTheFirstPicture();
            });
        });
        try {
            over.await();
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
        }
        return 0;
    }
}
