package jurren.core.lettering;

import java.awt.Font;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphMetrics;
import java.awt.font.GlyphVector;
import java.text.Bidi;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Placement;

/** A font ready to letter with; glyphs come with the height of its own H as unit. */
final class LoadedFont {
    private static final FontRenderContext TRUE_OUTLINES = new FontRenderContext(null, true, true);
    /** For a font without an H: the usual share of a capital in its em. */
    private static final double USUAL_CAPITAL = 0.7;

    private final Font font;
    private final Optional<FontTables> tables;
    private final double capital;

    /** @param tables absent where the file cannot be looked at */
    LoadedFont(Font font, Optional<FontTables> tables) {
        this.font = font;
        this.tables = tables;
        double height = !font.canDisplay('H')
                ? 0
                : font.createGlyphVector(TRUE_OUTLINES, "H")
                        .getOutline()
                        .getBounds2D()
                        .getHeight();
        this.capital = height > 0 ? height : USUAL_CAPITAL * Typefaces.EM;
    }

    String name() {
        return font.getFontName(java.util.Locale.ROOT);
    }

    boolean canDisplay(int codePoint) {
        return font.canDisplay(codePoint);
    }

    /** How many other forms the font has of a character. */
    int forms(int codePoint) {
        return tables.map(t -> t.otherForms(glyphCode(codePoint)).size()).orElse(0);
    }

    private int glyphCode(int codePoint) {
        return font.createGlyphVector(TRUE_OUTLINES, Character.toString(codePoint))
                .getGlyphCode(0);
    }

    /** @param forms which form a character should have, by its place in the line */
    GlyphRun run(String line, Map<Integer, Integer> forms) {
        if (line.isEmpty()) {
            return GlyphRun.EMPTY;
        }
        List<Glyph> glyphs = new ArrayList<>();
        double x = 0;
        for (int[] part : parts(line)) {
            x = add(glyphs, line, part[0], part[1], part[2] == 1, x, forms);
        }
        return new GlyphRun(glyphs, x);
    }

    /** Stretches of one direction from left to right as they are read: begin, end, 1 when right to left. */
    private static List<int[]> parts(String line) {
        Bidi bidi = new Bidi(line, Bidi.DIRECTION_DEFAULT_LEFT_TO_RIGHT);
        int n = bidi.getRunCount();
        byte[] levels = new byte[n];
        Integer[] order = new Integer[n];
        for (int i = 0; i < n; i++) {
            levels[i] = (byte) bidi.getRunLevel(i);
            order[i] = i;
        }
        Bidi.reorderVisually(levels, 0, order, 0, n);
        List<int[]> parts = new ArrayList<>();
        for (int i : order) {
            parts.add(new int[] {bidi.getRunStart(i), bidi.getRunLimit(i), bidi.getRunLevel(i) % 2});
        }
        return parts;
    }

    private double add(
            List<Glyph> to,
            String line,
            int begin,
            int end,
            boolean rightToLeft,
            double from,
            Map<Integer, Integer> forms) {
        char[] chars = line.substring(begin, end).toCharArray();
        GlyphVector laid = font.layoutGlyphVector(
                TRUE_OUTLINES,
                chars,
                0,
                chars.length,
                rightToLeft ? Font.LAYOUT_RIGHT_TO_LEFT : Font.LAYOUT_LEFT_TO_RIGHT);
        Placement toUnit = Placement.scaled(1 / capital);
        double shift = from * capital;
        for (int i = 0; i < laid.getNumGlyphs(); i++) {
            int at = begin + laid.getGlyphCharIndex(i);
            double x = laid.getGlyphPosition(i).getX();
            double y = laid.getGlyphPosition(i).getY();
            double advance = laid.getGlyphPosition(i + 1).getX() - x;
            Shape outline = laid.getGlyphOutline(i, (float) -x, (float) -y);
            Optional<GlyphVector> other = otherForm(laid.getGlyphCode(i), forms.getOrDefault(at, 0));
            if (other.isPresent()) {
                GlyphMetrics own = laid.getGlyphMetrics(i);
                GlyphMetrics its = other.get().getGlyphMetrics(0);
                outline = other.get().getGlyphOutline(0);
                double wider = its.getAdvanceX() - own.getAdvanceX();
                to.add(glyph(at, (x + shift) / capital, (advance + wider) / capital, outline, y, toUnit));
                shift += wider;
            } else {
                to.add(glyph(at, (x + shift) / capital, advance / capital, outline, y, toUnit));
            }
        }
        return (laid.getGlyphPosition(laid.getNumGlyphs()).getX() + shift) / capital;
    }

    private static Glyph glyph(int at, double x, double advance, Shape outline, double y, Placement toUnit) {
        return new Glyph(
                at, x, advance, Curves.of(outline, Placement.moved(0, y).then(toUnit)));
    }

    private Optional<GlyphVector> otherForm(int glyphCode, int form) {
        if (form <= 0 || tables.isEmpty()) {
            return Optional.empty();
        }
        List<Integer> others = tables.get().otherForms(glyphCode);
        return form > others.size()
                ? Optional.empty()
                : Optional.of(font.createGlyphVector(TRUE_OUTLINES, new int[] {others.get(form - 1)}));
    }
}
