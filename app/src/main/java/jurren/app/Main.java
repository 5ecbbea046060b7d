package jurren.app;

import jurren.app.cli.JurrenCommand;
import jurren.app.window.RealWindows;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/** Where the launcher comes in. */
public final class Main {
    private Main() {
    }

    public static void main(String... args) {
        System.setProperty("java.awt.headless", "true");
        PrintWriter out = new PrintWriter(System.out, true, StandardCharsets.UTF_8);
        PrintWriter err = new PrintWriter(System.err, true, StandardCharsets.UTF_8);
        if (args.length == 0) {
            // the window is up sooner when nothing reads a command line first
            System.exit(new RealWindows().show(Optional.empty()));
        }
        System.exit(JurrenCommand.run(new RealWindows(), out, err, args));
    }
}
