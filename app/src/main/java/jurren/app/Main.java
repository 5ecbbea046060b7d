package jurren.app;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import jurren.app.cli.JurrenCommand;
import jurren.app.window.RealWindows;

/** Where the launcher comes in. */
public final class Main {
    private Main() {}

    public static void main(String... args) {
        System.setProperty("java.awt.headless", "true");
        PrintWriter out = new PrintWriter(System.out, true, StandardCharsets.UTF_8);
        PrintWriter err = new PrintWriter(System.err, true, StandardCharsets.UTF_8);
        if (args.length == 0) {
            // the window is up sooner when nothing reads a command line first
            System.exit(new RealWindows().show(Optional.empty()));
        }
        if (args.length == 1 && args[0].endsWith(".jurren") && Files.exists(Path.of(args[0]))) {
            // a job that was opened by its icon
            System.exit(JurrenCommand.run(new RealWindows(), out, err, "open", args[0]));
        }
        System.exit(JurrenCommand.run(new RealWindows(), out, err, args));
    }
}
