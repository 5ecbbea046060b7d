package jurren.app;

import java.nio.file.Path;

public final class Windows {
    private Windows() {
    }

    public static int showDemo() {
        return 0;
    }

    public static int showFile(Path file) {
        return 0;
    }

    public static int snap(Path folder) {
        return 0;
    }
}
