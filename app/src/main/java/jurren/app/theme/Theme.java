package jurren.app.theme;

import jurren.core.material.Colour;
import jurren.formats.print.DocumentFonts;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import javafx.scene.Scene;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;

/** Colours for what is painted by hand, and the style sheet for the rest. */
public final class Theme {
    public static final Color INK = Color.web("#23262B");
    public static final Color SOFT = Color.web("#5B6068");
    public static final Color BENCH = Color.web("#DEDFE1");
    public static final Color PAPER = Color.web("#FBF6E9");
    public static final Color PLUM = Color.web("#7C2E57");
    public static final Color MARIGOLD = Color.web("#E3A21A");
    public static final Color MARIGOLD_PALE = Color.web("#F2C14E");

    private static boolean fontsLoaded;

    private Theme() {
    }

    public static void apply(Scene scene) {
        loadFonts();
        scene.getStylesheets().add(Theme.class.getResource("jurren.css").toExternalForm());
    }

    private static synchronized void loadFonts() {
        if (fontsLoaded) {
            return;
        }
        for (DocumentFonts font : DocumentFonts.values()) {
            try (InputStream in = font.open()) {
                Font.loadFont(in, 12);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        fontsLoaded = true;
    }

    public static Font text(double size) {
        return Font.font("Atkinson Hyperlegible Next", size);
    }

    public static Font measure(double size) {
        return Font.font("IBM Plex Mono", size);
    }

    public static Font heading(double size) {
        return Font.font("Zilla Slab", javafx.scene.text.FontWeight.BOLD, size);
    }

    public static Color paint(Colour c) {
        return Color.rgb(c.red(), c.green(), c.blue());
    }

    public static Color paint(java.awt.Color c) {
        return Color.rgb(c.getRed(), c.getGreen(), c.getBlue());
    }

    /** A line that stands out on this ground. */
    public static Color lineOn(Colour ground) {
        return ground.luminance() < 0.25 ? Color.web("#E4E5E7") : Color.web("#3C4047");
    }
}
