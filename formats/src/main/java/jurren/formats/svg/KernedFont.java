package jurren.formats.svg;

import java.awt.Font;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.font.TextAttribute;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.text.Bidi;
import java.text.CharacterIterator;
import java.util.Map;
import org.apache.batik.gvt.font.AWTGVTFont;
import org.apache.batik.gvt.font.AWTGVTGlyphVector;
import org.apache.batik.gvt.font.GVTGlyphMetrics;
import org.apache.batik.gvt.font.GVTGlyphVector;

/**
 * Letters stand as near to each other as their font says for each pair, take the form that their neighbours ask for,
 * and carry their accents where the font wants them; the library sets each by its width alone.
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
        char[] letters = all.toString().toCharArray();
        return Font.textRequiresLayout(letters, 0, letters.length)
                ? new Row(plain, this, scale, text, joined(letters, context))
                : new Row(plain, this, scale, text, apart(plain, nearer(all.toString(), context)));
    }

    /**
     * Where each letter of a row stands and how it looks, in the font's own measure; letters that are one sign with
     * another have no look of their own.
     *
     * @param at   one more than letters
     * @param look around where it stands; null where the plain one holds
     */
    record Set(double[] at, Shape[] look) {}

    /** The plain letters, nearer to each other. */
    private static Set apart(GlyphVector plain, double[] nearer) {
        double[] at = new double[plain.getNumGlyphs() + 1];
        for (int i = 0; i < at.length; i++) {
            at[i] = plain.getGlyphPosition(i).getX() + (i < nearer.length ? nearer[i] : 0);
        }
        return new Set(at, null);
    }

    /** The library gives letters in the order in which they are seen, from left to right. */
    private Set joined(char[] seen, FontRenderContext context) {
        boolean fromRight =
                new Bidi(seen, 0, null, 0, seen.length, Bidi.DIRECTION_DEFAULT_LEFT_TO_RIGHT).isRightToLeft();
        int count = seen.length;
        char[] told = fromRight
                ? new StringBuilder(new String(seen)).reverse().toString().toCharArray()
                : seen;
        GlyphVector signs = awtFont.deriveFont(Map.of(TextAttribute.KERNING, TextAttribute.KERNING_ON))
                .layoutGlyphVector(
                        context, told, 0, count, fromRight ? Font.LAYOUT_RIGHT_TO_LEFT : Font.LAYOUT_LEFT_TO_RIGHT);
        double[] goesOn = new double[count];
        Path2D.Double[] look = new Path2D.Double[count];
        for (int i = 0; i < count; i++) {
            look[i] = new Path2D.Double();
        }
        for (int g = 0; g < signs.getNumGlyphs(); g++) {
            int letter = fromRight ? count - 1 - signs.getGlyphCharIndex(g) : signs.getGlyphCharIndex(g);
            goesOn[letter] += signs.getGlyphPosition(g + 1).getX()
                    - signs.getGlyphPosition(g).getX();
            look[letter].append(signs.getGlyphOutline(g), false);
        }
        double[] at = new double[count + 1];
        for (int i = 0; i < count; i++) {
            at[i + 1] = at[i] + goesOn[i];
            look[i].transform(AffineTransform.getTranslateInstance(-at[i], 0));
        }
        return new Set(at, look);
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

    static final class Row extends AWTGVTGlyphVector {
        private final Set set;
        private final double scale;
        private boolean boxesOnly;

        Row(GlyphVector plain, AWTGVTFont font, double scale, CharacterIterator text, Set set) {
            super(plain, font, scale, text);
            this.set = set;
            this.scale = scale;
        }

        /** As long as that is so, the outline of a letter is the box that it fills in the row. */
        void boxesOnly(boolean only) {
            boxesOnly = only;
        }

        @Override
        public void performDefaultLayout() {
            super.performDefaultLayout();
            for (int i = 1; i <= getNumGlyphs(); i++) {
                setGlyphPosition(i, new Point2D.Float((float) (set.at[i] * scale), (float)
                        getGlyphPosition(i).getY()));
            }
        }

        @Override
        public Shape getGlyphOutline(int i) {
            Point2D at = getGlyphPosition(i);
            if (boxesOnly) {
                return new Rectangle2D.Double(
                        at.getX(), at.getY() - 1, getGlyphPosition(i + 1).getX() - at.getX(), 1);
            }
            return set.look == null ? super.getGlyphOutline(i) : placed(i, set.look[i]);
        }

        @Override
        public Shape getGlyphVisualBounds(int i) {
            return set.look == null ? super.getGlyphVisualBounds(i) : placed(i, set.look[i].getBounds2D());
        }

        private Shape placed(int i, Shape look) {
            AffineTransform to = AffineTransform.getTranslateInstance(
                    getGlyphPosition(i).getX(), getGlyphPosition(i).getY());
            if (getGlyphTransform(i) != null) {
                to.concatenate(getGlyphTransform(i));
            }
            to.scale(scale, scale);
            return to.createTransformedShape(look);
        }

        @Override
        public GVTGlyphMetrics getGlyphMetrics(int i) {
            GVTGlyphMetrics plain = super.getGlyphMetrics(i);
            return new GVTGlyphMetrics(
                    (float) ((set.at[i + 1] - set.at[i]) * scale),
                    plain.getVerticalAdvance(),
                    plain.getBounds2D(),
                    (byte) plain.getType());
        }
    }
}
