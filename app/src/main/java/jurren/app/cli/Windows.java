package jurren.app.cli;

import java.nio.file.Path;
import java.util.Optional;

/** Opens windows; each call returns when its window is closed, with the exit code. */
public interface Windows {
    /** @param file the job to open; empty for the demo job */
    int show(Optional<Path> file);

    /** A picture of each main view. */
    int snap(Path folder);
}
