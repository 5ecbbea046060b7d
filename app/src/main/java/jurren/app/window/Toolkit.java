package jurren.app.window;

import java.util.Locale;
import javafx.geometry.Rectangle2D;
import javafx.stage.Screen;

/** Chooses how the interface is drawn before it starts. */
final class Toolkit {
    /** Larger than any picture that is taken there. */
    private static final double OFFSCREEN = 4000;

    private Toolkit() {}

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

    /** The largest a window can be: its screen, where there is one. */
    static Rectangle2D room() {
        return "Headless".equals(System.getProperty("glass.platform"))
                ? new Rectangle2D(0, 0, OFFSCREEN, OFFSCREEN)
                : Screen.getPrimary().getVisualBounds();
    }

    static void offscreen() {
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
    }

    private static boolean isBlank(String s) {
        return s == null || s.isBlank();
    }
}
