package jurren.app.theme;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.Scene;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import jurren.app.keep.Settings;
import jurren.core.material.Colour;
import jurren.formats.print.DocumentFonts;

/** Colours for what is painted by hand, and the style sheet for the rest, both at the text size a person chose. */
public final class Theme {
    public static final Color INK = Color.web("#23262B");
    /** What film is stuck on to be cut. */
    public static final Color MAT = Color.web("#B9C9BD");

    public static final Color SOFT = Color.web("#5B6068");
    public static final Color BENCH = Color.web("#DEDFE1");
    public static final Color PAPER = Color.web("#FBF6E9");
    public static final Color PLUM = Color.web("#7C2E57");
    public static final Color MARIGOLD = Color.web("#E3A21A");
    public static final Color MARIGOLD_PALE = Color.web("#F2C14E");

    private static final String SHEET = "jurren.css";
    private static final Pattern TEXT_SIZE = Pattern.compile("-fx-font-size: ([0-9.]+)px");
    private static final Pattern HEIGHT = Pattern.compile("-fx-((?:min|pref|max)-height): ([0-9.]+)");
    private static final Pattern WIDTH = Pattern.compile("-fx-((?:min|pref|max)-width): ([0-9.]+)");
    /** Of what text grows by, columns and fields grow by so much: the picture keeps its room. */
    private static final double WIDTHS_FOLLOW = 0.5;

    /** Edges of a mark, one in each lightness, so that one of them stands out whatever lies below. */
    public static final List<Color> EDGES = List.of(Color.WHITE, INK);

    private static final Color LIGHT_LINE = Color.web("#F4F5F6");
    /** Where ink and the light line stand out equally. */
    private static final double TURNS_AT = 0.18;

    private static boolean fontsLoaded;
    private static double factor = 1;

    private Theme() {}

    /** @param textPx the size of plain text; everything else follows in proportion */
    public static void apply(Scene scene, int textPx) {
        loadFonts();
        factor = (double) textPx / Settings.USUAL_TEXT_PX;
        List<String> sheets = List.of(
                textPx == Settings.USUAL_TEXT_PX
                        ? Theme.class.getResource(SHEET).toExternalForm()
                        : "data:text/css;base64,"
                                + Base64.getEncoder()
                                        .encodeToString(scaled(sheet()).getBytes(StandardCharsets.UTF_8)));
        if (!scene.getStylesheets().equals(sheets)) {
            scene.getStylesheets().setAll(sheets);
        }
    }

    private static String sheet() {
        try (InputStream in = Theme.class.getResourceAsStream(SHEET)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String scaled(String css) {
        double widths = 1 + (factor - 1) * WIDTHS_FOLLOW;
        String texts = TEXT_SIZE
                .matcher(css)
                .replaceAll(m -> Matcher.quoteReplacement(
                        "-fx-font-size: " + number(Double.parseDouble(m.group(1)) * factor) + "px"));
        String heights = HEIGHT.matcher(texts)
                .replaceAll(m -> "-fx-" + m.group(1) + ": " + number(Double.parseDouble(m.group(2)) * factor));
        return WIDTH.matcher(heights)
                .replaceAll(m -> "-fx-" + m.group(1) + ": " + number(Double.parseDouble(m.group(2)) * widths));
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.2f", value);
    }

    /** What is as high as its text. */
    public static double high(double px) {
        return px * factor;
    }

    /** What is as wide as a figure or a word. */
    public static double wide(double px) {
        return px * (1 + (factor - 1) * WIDTHS_FOLLOW);
    }

    /** The fonts of the interface; once for all windows. */
    public static synchronized void loadFonts() {
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
        return Font.font("Atkinson Hyperlegible Next", size * factor);
    }

    public static Font measure(double size) {
        return Font.font("IBM Plex Mono", size * factor);
    }

    public static Font heading(double size) {
        return Font.font("Zilla Slab", FontWeight.BOLD, size * factor);
    }

    public static Color paint(Colour c) {
        return Color.rgb(c.red(), c.green(), c.blue());
    }

    public static Color paint(java.awt.Color c) {
        return Color.rgb(c.getRed(), c.getGreen(), c.getBlue());
    }

    /** A line that stands out on this ground. */
    public static Color lineOn(Colour ground) {
        return ground.luminance() < TURNS_AT ? LIGHT_LINE : INK;
    }
}
