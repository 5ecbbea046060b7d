package jurren.app.window;

import java.nio.file.Path;
import java.util.Optional;
import jurren.app.cli.Windows;

/** Windows on this machine's screen, or offscreen where there is none. */
public final class RealWindows implements Windows {
    @Override
    public int show(Optional<Path> file) {
        return JurrenWindow.run(file);
    }

    @Override
    public int snap(Path folder) {
        return Snapshots.run(folder);
    }
}
