package jurren.app.window;

import java.util.Locale;

/** Chooses how the interface is drawn before it starts. */
final class Toolkit {
    private Toolkit() {
    }

    /** True when there is no display and the interface runs offscreen. */
    static boolean offscreenWhereNoDisplay() {
        boolean linux = System.getProperty("os.name").toLowerCase(Locale.ROOT).contains("linux");
        if ("Headless".equals(System.getProperty("glass.platform"))) {
            return true;
        }
        if (linux && isBlank(System.getenv("DISPLAY")) && isBlank(System.getenv("WAYLAND_DISPLAY"))) {
            offscreen();
            return true;
        }
        return false;
    }

    static void offscreen() {
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
    }

    private static boolean isBlank(String s) {
        return s == null || s.isBlank();
    }
}
