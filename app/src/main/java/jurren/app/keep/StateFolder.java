package jurren.app.keep;

import java.nio.file.Path;

/** Where an application's state is kept on this system. */
public final class StateFolder {
    private StateFolder() {}

    /** {@code jurren.state} overrides what the system says. */
    public static Path usual() {
        String set = System.getProperty("jurren.state");
        if (set != null) {
            return Path.of(set);
        }
        String xdg = System.getenv("XDG_STATE_HOME");
        String local = System.getenv("LOCALAPPDATA");
        Path home = Path.of(System.getProperty("user.home"));
        if (local != null) {
            return Path.of(local, "Jurren");
        }
        return xdg != null && !xdg.isBlank() ? Path.of(xdg, "jurren") : home.resolve(".local/state/jurren");
    }
}
