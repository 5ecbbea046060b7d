package jurren.app.window;

import java.lang.management.ManagementFactory;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import javafx.application.Platform;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.stage.Screen;
import javafx.stage.Stage;
import jurren.app.desk.Order;
import jurren.app.keep.Leftover;
import jurren.app.keep.Settings;
import jurren.app.keep.ShopFolder;
import jurren.app.keep.StateFolder;
import jurren.app.session.Bench;
import jurren.app.session.Session;
import jurren.app.sheet.FileQuestions;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.job.Shop;
import jurren.core.lettering.Typefaces;
import jurren.core.plan.Planner;
import jurren.formats.demo.DemoJob;
import jurren.formats.jobfile.JobDocument;

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

    /** Must be made on the window's thread. */
    public JurrenWindow(Stage stage, Session session, FileQuestions files) {
        this.stage = stage;
        this.session = session;
        this.shell = new Shell(session, files);
        Rectangle2D screen = Toolkit.room();
        Scene scene = new Scene(shell.node(), Math.min(WIDTH, screen.getWidth()), Math.min(HEIGHT, screen.getHeight()));
        Theme.apply(scene, session.settings().textPx());
        stage.setScene(scene);
        stage.setMinWidth(Math.min(LEAST_WIDTH, screen.getWidth()));
        stage.setMinHeight(Math.min(LEAST_HEIGHT, screen.getHeight()));
        session.watch(watcher);
        showTitle();
        stage.setOnCloseRequest(e -> {
            e.consume();
            shell.actions().afterUnsaved(this::closeForGood);
        });
    }

    /** As it stood when it was last closed, as far as that place is still on a screen and no larger than it. */
    void standWhereItStood() {
        session.settings().place().ifPresent(p -> {
            List<Screen> there = Screen.getScreensForRectangle(p.x(), p.y(), Math.max(1, p.width()), Math.max(1, p.height()));
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
        stage.setTitle(Texts.of(session.isUnsaved() ? "window.title.unsaved" : "window.title", session.job().name()));
    }

    public void show() {
        stage.show();
        shell.first().requestFocus();
    }

    public Shell shell() {
        return shell;
    }

    /** The person has decided: what is unsaved now is not wanted any more. */
    private void closeForGood() {
        session.settings().keepPlace(new Settings.Place(stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight()));
        session.recovery().forget();
        close();
        stage.close();
        Platform.exit();
    }

    public void close() {
        session.unwatch(watcher);
        shell.close();
        session.close();
    }

    /** What cannot be part of the first picture: leftovers, own files that could not be read. */
    private void afterTheFirstPicture() {
        Shop shop = session.shop();
        session.desk().give(new Order<>("", _ -> session.recovery().leftovers(shop), this::offer,
                why -> session.trouble(Texts.of("work.failed", Texts.reason(why)))));
        session.desk().give(new Order<Void>("", _ -> {
            session.shopFolder().loadFonts();
            return null;
        }, _ -> session.useShop(session.shop()), why -> session.trouble(Texts.of("work.failed", Texts.reason(why)))));
        shell.actions().blanks().sayRefused();
    }

    void offer(List<Leftover> left) {
        if (!left.isEmpty()) {
            new LeftoverSheet(session, shell.actions(), shell.sheets(), left).open();
        }
    }

    /** Runs the window until it is closed; offscreen, and saying so, where there is no display. */
    public static int run(Optional<Path> file) {
        long started = ManagementFactory.getRuntimeMXBean().getStartTime();
        boolean offscreen = Toolkit.offscreenWhereNoDisplay();
        CountDownLatch over = new CountDownLatch(1);
        Thread.ofPlatform().daemon().name("font warmer").start(Typefaces::warm);
        Platform.startup(() -> {
            ShopFolder folder = new ShopFolder(StateFolder.usual());
            Session session = new Session(folder.shop(), JobDocument.of(DemoJob.make()), StateFolder.usual(), new Planner());
            session.openBench(session.settings().choice("bench", Bench.BLANK.name()));
            Stage stage = new Stage();
            JurrenWindow window = new JurrenWindow(stage, session, new SystemFiles(stage, session.settings()));
            window.standWhereItStood();
            window.show();
            stage.setOnHidden(_ -> over.countDown());
            double seconds = (System.currentTimeMillis() - started) / 1000.0;
            System.out.println(Texts.of(offscreen ? "window.up-offscreen" : "window.up", session.job().name(),
                    String.format(Locale.ROOT, "%.1f", seconds)));
            Platform.runLater(() -> {
                file.ifPresent(f -> session.open(f, () -> { }));
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
