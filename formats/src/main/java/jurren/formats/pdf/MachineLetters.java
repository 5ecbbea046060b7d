package jurren.formats.pdf;

import java.awt.BasicStroke;
import java.awt.Font;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import jurren.formats.drawing.NearFonts;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDVectorFont;

/**
 * Letters of a font that a file names and does not hold: this machine's of that name, or of one as wide. Where there is
 * neither, the library's own stands for it, widened where a bold is asked for.
 */
final class MachineLetters {
    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);
    private static final float HEIGHT = 1000;
    /** From here on a letter is made as wide as the file says its font has it. */
    private static final double WIDER = 0.02;

    private static final double BOLD_EM = 0.04;

    private final Map<String, Optional<Font>> known = new HashMap<>();

    private Optional<Font> font(PDFont asked) {
        String name = plain(asked);
        return known.computeIfAbsent(name, n -> NearFonts.ofPostScript(n).map(f -> f.deriveFont(HEIGHT)));
    }

    private static String plain(PDFont font) {
        return font.getName() == null ? "" : font.getName();
    }

    /** True where a letter is that of the font itself, or of one that stands for one of the fourteen of every PDF. */
    boolean isTheOne(PDFont asked) {
        return asked.isStandard14()
                || font(asked)
                        .filter(f -> NearFonts.isOf(f.getFamily(), NearFonts.familyIn(plain(asked))))
                        .isPresent();
    }

    /** In units of the text's size, y up; empty where the library's own letter does as well. */
    Optional<Shape> of(PDFont asked, int code) throws IOException {
        String letters = asked.toUnicode(code);
        Optional<Font> font = font(asked);
        if (letters == null || font.isEmpty() || font.get().canDisplayUpTo(letters) >= 0) {
            return NearFonts.isBold(plain(asked)) && asked instanceof PDVectorFont own
                    ? Optional.of(bold(asked, own, code))
                    : Optional.empty();
        }
        GlyphVector signs = font.get().createGlyphVector(EXACT, letters);
        double wide = signs.getGlyphPosition(signs.getNumGlyphs()).getX();
        double said = asked.getWidth(code);
        double by = said > 0 && wide > 0 && Math.abs(said / wide - 1) > WIDER ? said / wide : 1;
        return Optional.of(
                AffineTransform.getScaleInstance(by / HEIGHT, -1 / HEIGHT).createTransformedShape(signs.getOutline()));
    }

    private static Shape bold(PDFont asked, PDVectorFont own, int code) throws IOException {
        Shape letter =
                asked.getFontMatrix().createAffineTransform().createTransformedShape(own.getNormalizedPath(code));
        Area all = new Area(letter);
        all.add(new Area(new BasicStroke((float) BOLD_EM, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND)
                .createStrokedShape(letter)));
        return all;
    }
}
