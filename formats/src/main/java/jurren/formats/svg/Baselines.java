package jurren.formats.svg;

import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.geom.AffineTransform;
import java.lang.ref.Reference;
import java.text.AttributedCharacterIterator;
import java.text.StringCharacterIterator;
import java.util.Locale;
import java.util.Optional;
import org.apache.batik.bridge.TextSpanLayout;
import org.apache.batik.gvt.font.GVTFont;
import org.apache.batik.gvt.font.GVTGlyphVector;
import org.apache.batik.gvt.text.GVTAttributedCharacterIterator.TextAttribute;
import org.w3c.dom.Element;

/**
 * What of a text lies on the line that it is placed by, where that is not the line letters stand on, as in CSS Inline
 * 3, section 4: its middle, its upper or lower edge. Fonts that tell no line to hang from hang at 8/10 of their ascent.
 */
final class Baselines {
    private static final double HANGING = 0.8;

    private Baselines() {}

    /** The same place, moved up or down for a run of letters. */
    static AffineTransform moved(AffineTransform to, TextSpanLayout layout, AttributedCharacterIterator attributes) {
        double down = down(layout, attributes);
        if (down == 0 || layout.isOnATextPath() || layout.isVertical()) {
            return to;
        }
        AffineTransform moved = new AffineTransform(to);
        moved.translate(0, down);
        return moved;
    }

    private static double down(TextSpanLayout layout, AttributedCharacterIterator attributes) {
        if (!(attributes.getAttribute(TextAttribute.TEXT_COMPOUND_ID) instanceof Reference<?> r
                && r.get() instanceof Element e)) {
            return 0;
        }
        String said = Optional.of(e)
                .filter(t -> t.getLocalName().equals("tspan"))
                .flatMap(t -> StyleLookup.own(t, "alignment-baseline"))
                .or(() -> StyleLookup.around(e, "dominant-baseline"))
                .orElse("")
                .toLowerCase(Locale.ROOT);
        double ascent = layout.getLineMetrics().getAscent();
        double descent = layout.getLineMetrics().getDescent();
        return switch (said) {
            case "middle" -> height("x", attributes) / 2;
            case "central" -> (ascent - descent) / 2;
            case "mathematical" -> ascent / 2;
            case "hanging" -> ascent * HANGING;
            case "text-before-edge", "before-edge", "text-top", "top" -> ascent;
            case "text-after-edge", "after-edge", "text-bottom", "bottom", "ideographic" -> -descent;
            default -> 0;
        };
    }

    private static double height(String letter, AttributedCharacterIterator attributes) {
        if (!(attributes.getAttribute(TextAttribute.GVT_FONT) instanceof GVTFont font)) {
            return 0;
        }
        GVTGlyphVector sign =
                font.createGlyphVector(new FontRenderContext(null, true, true), new StringCharacterIterator(letter));
        sign.performDefaultLayout();
        Shape look = sign.getOutline();
        return -look.getBounds2D().getMinY();
    }
}
