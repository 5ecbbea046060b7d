package jurren.perf;

import java.lang.management.ManagementFactory;
import java.util.Locale;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

/** A window with one button and nothing else: what no window of this kind can be faster than. */
public final class BareWindow {
    private BareWindow() {}

    public static void main(String[] args) {
        long started = ManagementFactory.getRuntimeMXBean().getStartTime();
        Platform.startup(() -> {
            Stage stage = new Stage();
            stage.setScene(new Scene(new StackPane(new Button("x")), 1280, 800));
            stage.show();
            System.out.println(
                    String.format(Locale.ROOT, "bare %.1f", (System.currentTimeMillis() - started) / 1000.0));
            System.exit(0);
        });
    }
}
