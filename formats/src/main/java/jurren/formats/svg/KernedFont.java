package jurren.formats.svg;

import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.font.TextAttribute;
import java.awt.geom.Point2D;
import java.text.CharacterIterator;
import java.util.Map;
import org.apache.batik.gvt.font.AWTGVTFont;
import org.apache.batik.gvt.font.AWTGVTGlyphVector;
import org.apache.batik.gvt.font.GVTGlyphMetrics;
import org.apache.batik.gvt.font.GVTGlyphVector;

/**
 * Letters stand as near to each other as their font says for each pair; the library sets them by their widths alone.
 */
class KernedFont extends AWTGVTFont {
    KernedFont(Font font, float size) {
        super(font, size);
    }

    @Override
    public GVTGlyphVector createGlyphVector(FontRenderContext context, CharacterIterator text) {
        StringBuilder all = new StringBuilder();
        for (char c = text.first(); c != CharacterIterator.DONE; c = text.next()) {
            all.append(c);
        }
        text.first();
        GlyphVector plain = awtFont.createGlyphVector(context, text);
        text.first();
        return new Row(plain, this, scale, text, nearer(all.toString(), context));
    }

    /**
     * How far each letter comes to the left by those before it, in the font's own measure; nothing where letters join
     * into one sign.
     */
    private double[] nearer(String text, FontRenderContext context) {
        GlyphVector by = laidOut(text, context, true);
        GlyphVector apart = laidOut(text, context, false);
        double[] all = new double[text.length() + 1];
        if (by.getNumGlyphs() == text.length() && apart.getNumGlyphs() == text.length()) {
            for (int i = 0; i < all.length; i++) {
                all[i] = by.getGlyphPosition(i).getX()
                        - apart.getGlyphPosition(i).getX();
            }
        }
        return all;
    }

    private GlyphVector laidOut(String text, FontRenderContext context, boolean kerned) {
        Font font = awtFont.deriveFont(Map.of(TextAttribute.KERNING, kerned ? TextAttribute.KERNING_ON : 0));
        return font.layoutGlyphVector(context, text.toCharArray(), 0, text.length(), Font.LAYOUT_LEFT_TO_RIGHT);
    }

    private static final class Row extends AWTGVTGlyphVector {
        private final double[] nearer;
        private final double scale;

        Row(GlyphVector plain, AWTGVTFont font, double scale, CharacterIterator text, double[] nearer) {
            super(plain, font, scale, text);
            this.nearer = nearer;
            this.scale = scale;
        }

        @Override
        public void performDefaultLayout() {
            super.performDefaultLayout();
            for (int i = 1; i <= getNumGlyphs() && i < nearer.length; i++) {
                Point2D at = getGlyphPosition(i);
                setGlyphPosition(i, new Point2D.Float((float) (at.getX() + nearer[i] * scale), (float) at.getY()));
            }
        }

        @Override
        public GVTGlyphMetrics getGlyphMetrics(int i) {
            GVTGlyphMetrics plain = super.getGlyphMetrics(i);
            return i + 1 >= nearer.length
                    ? plain
                    : new GVTGlyphMetrics(
                            (float) (plain.getHorizontalAdvance() + (nearer[i + 1] - nearer[i]) * scale),
                            plain.getVerticalAdvance(),
                            plain.getBounds2D(),
                            (byte) plain.getType());
        }
    }
}
