package jurren.core.lettering;

import jurren.core.geometry.Curves;
import jurren.core.geometry.Placement;
import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/**
 * One word or line as glyph outlines at true size.
 *
 * <p>The baseline is y = 0, y points down, and the middle of the line's advance is x = 0: a change of
 * the text keeps its baseline and its middle. The capital height is that of the font's own H.
 *
 * @param glyphs one entry a glyph, those that leave no mark (spaces) left out
 */
public record LetteringLayout(List<Curves> glyphs) {
    private static final FontRenderContext TRUE_OUTLINES = new FontRenderContext(null, true, true);
    /** For a font without an H: the usual share of a capital in its em. */
    private static final double USUAL_CAPITAL = 0.7;

    public LetteringLayout {
        glyphs = List.copyOf(glyphs);
    }

    /** @param letterSpacing added after every glyph, as a share of the capital height; may be negative */
    public static LetteringLayout of(String text, Typeface typeface, double capHeightMm, double letterSpacing) {
        Font font = Typefaces.font(typeface);
        char[] chars = text.toCharArray();
        GlyphVector line = font.layoutGlyphVector(TRUE_OUTLINES, chars, 0, chars.length, Font.LAYOUT_LEFT_TO_RIGHT);
        double capital = capital(font);
        double mmPerUnit = capHeightMm / capital;
        double spacing = letterSpacing * capital;
        int count = line.getNumGlyphs();
        double width = line.getGlyphPosition(count).getX() + spacing * Math.max(0, count - 1);
        List<Curves> glyphs = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Placement toMm = Placement.moved(i * spacing - width / 2, 0).then(Placement.scaled(mmPerUnit));
            Curves glyph = Curves.of(line.getGlyphOutline(i), toMm);
            if (!glyph.isEmpty()) {
                glyphs.add(glyph);
            }
        }
        return new LetteringLayout(glyphs);
    }

    /** The first character that the typeface has no glyph for. */
    public static OptionalInt firstMissing(String text, Typeface typeface) {
        Font font = Typefaces.font(typeface);
        return text.codePoints().filter(c -> !Character.isWhitespace(c) && !font.canDisplay(c)).findFirst();
    }

    private static double capital(Font font) {
        if (!font.canDisplay('H')) {
            return USUAL_CAPITAL * Typefaces.EM;
        }
        return font.createGlyphVector(TRUE_OUTLINES, "H").getOutline().getBounds2D().getHeight();
    }
}
