package jurren.app;

import jurren.app.window.JurrenWindow;
import jurren.app.window.Snapshots;
import java.nio.file.Path;
import java.util.Optional;

/** Opens windows from the command line; each call returns when its window is closed. */
public final class Windows {
    private Windows() {
    }

    public static int showDemo() {
        return JurrenWindow.run(Optional.empty());
    }

    public static int showFile(Path file) {
        return JurrenWindow.run(Optional.of(file));
    }

    public static int snap(Path folder) {
        return Snapshots.run(folder);
    }
}
