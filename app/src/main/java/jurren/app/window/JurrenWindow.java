package jurren.app.window;

import jurren.app.session.Keeper;
import jurren.app.session.Session;
import jurren.app.session.ShopFolder;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.job.Shop;
import jurren.core.lettering.Typefaces;
import jurren.formats.demo.DemoJob;
import jurren.formats.jobfile.JobDocument;
import java.lang.management.ManagementFactory;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;

/** The main window, from the first moment to the last. */
public final class JurrenWindow {
    static final double WIDTH = 1280;
    static final double HEIGHT = 800;

    private final Stage stage;
    private final Session session;
    private final Shell shell;

    /** Must be made on the window's thread. */
    public JurrenWindow(Stage stage, Session session, Files files) {
        this.stage = stage;
        this.session = session;
        this.shell = new Shell(session, files);
        Scene scene = new Scene(shell.node(), WIDTH, HEIGHT);
        Theme.apply(scene);
        stage.setScene(scene);
        stage.setMinWidth(1100);
        stage.setMinHeight(700);
        session.watch(this::showTitle);
        showTitle();
        stage.setOnCloseRequest(e -> {
            if (session.isUnsaved()) {
                e.consume();
                shell.actions().afterUnsaved(this::closeForGood);
            } else {
                closeForGood();
            }
        });
    }

    private void showTitle() {
        stage.setTitle(Texts.of(session.isUnsaved() ? "window.title.unsaved" : "window.title", session.job().name()));
    }

    public void show() {
        stage.show();
        stage.getScene().lookup("#bench-blank").requestFocus();
    }

    public Shell shell() {
        return shell;
    }

    /** The person has decided: what is unsaved now is not wanted any more. */
    private void closeForGood() {
        session.keeper().forget();
        close();
        stage.close();
        Platform.exit();
    }

    public void close() {
        shell.close();
        session.close();
    }

    /** Runs the window until it is closed; offscreen, and saying so, where there is no display. */
    public static int run(Optional<Path> file) {
        long started = ManagementFactory.getRuntimeMXBean().getStartTime();
        boolean offscreen = Toolkit.offscreenWhereNoDisplay();
        CountDownLatch over = new CountDownLatch(1);
        Thread.ofPlatform().daemon().name("font warmer").start(Typefaces::warm);
        Platform.startup(() -> {
            Keeper keeper = new Keeper(Keeper.usualFolder());
            ShopFolder folder = new ShopFolder(keeper.folder());
            folder.loadFonts();
            Shop shop = folder.shop();
            Session session = new Session(shop, JobDocument.of(DemoJob.make()), keeper);
            file.ifPresent(f -> session.say(session.open(f).orElse(null)));
            if (file.isEmpty()) {
                keeper.takeLeftBehind(shop).ifPresent(left -> {
                    session.bringBack(left);
                    session.say(Texts.of("window.brought-back"));
                });
            }
            Stage stage = new Stage();
            JurrenWindow window = new JurrenWindow(stage, session, new SystemFiles(stage));
            window.show();
            window.shell().actions().blanks().sayRefused();
            stage.setOnHidden(_ -> over.countDown());
            double seconds = (System.currentTimeMillis() - started) / 1000.0;
            System.out.println(Texts.of(offscreen ? "window.up-offscreen" : "window.up", session.job().name(),
                    String.format(java.util.Locale.ROOT, "%.1f", seconds)));
        });
        try {
            over.await();
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
        }
        return 0;
    }
}
