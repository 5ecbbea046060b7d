package jurren.core.lettering;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.TextAttribute;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.Map;

/** Loads the shipped fonts, each once. */
public final class Typefaces {
    /** Glyph outlines are taken this large, so that hinting and rounding are far below a micrometre. */
    static final float EM = 1000;

    private static final Map<Typeface, Font> LOADED = new EnumMap<>(Typeface.class);

    private Typefaces() {
    }

    static synchronized Font font(Typeface typeface) {
        return LOADED.computeIfAbsent(typeface, Typefaces::load);
    }

    /** The file as shipped, for a window or a document that shows the font itself. */
    public static InputStream file(Typeface typeface) {
        InputStream in = Typefaces.class.getResourceAsStream("fonts/" + typeface.id() + ".ttf");
        if (in == null) {
            throw new IllegalStateException("the font file of " + typeface.title() + " is missing from the application");
        }
        return in;
    }

    /** Loads the font machinery by laying out one word. */
    public static void warm() {
        LetteringLayout.of("Warm", Typeface.ANTON, 10, 0);
    }

    private static Font load(Typeface typeface) {
        try (InputStream in = file(typeface)) {
            return Font.createFont(Font.TRUETYPE_FONT, in).deriveFont(Map.of(
                    TextAttribute.SIZE, EM,
                    TextAttribute.KERNING, TextAttribute.KERNING_ON,
                    TextAttribute.LIGATURES, TextAttribute.LIGATURES_ON));
        } catch (FontFormatException e) {
            throw new IllegalStateException("the font file of " + typeface.title() + " is damaged", e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
