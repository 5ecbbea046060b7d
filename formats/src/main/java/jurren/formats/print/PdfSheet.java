package jurren.formats.print;

import java.awt.Color;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.art.Ink;
import jurren.core.geometry.AwtShapes;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.trace.Picture;
import org.apache.pdfbox.multipdf.LayerUtility;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.blend.BlendMode;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.util.Matrix;

/** A PDF written page by page with y pointing down, lengths in points. */
final class PdfSheet implements AutoCloseable {
    static final double PT_PER_MM = 72 / 25.4;

    /** Nothing is written smaller. */
    static final double LEAST_PT = 7.5;

    private static final double FINE_PER_INCH = 300;
    /** A shade that fades out has no detail. */
    private static final double SOFT_PER_INCH = 150;

    private static final int MOST_FLATTENED = 12_000_000;

    private final PDDocument document = new PDDocument();
    private final PdfInks inks = new PdfInks(document);
    private PDRectangle paper;
    private final Map<DocumentFonts, PDFont> fonts = new EnumMap<>(DocumentFonts.class);
    private final Map<String, PDColor> spots = new HashMap<>();
    private PDPageContentStream page;

    PdfSheet(PDRectangle paper) {
        this.paper = paper;
    }

    int pageCount() {
        return document.getNumberOfPages();
    }

    double heightPt() {
        return paper.getHeight();
    }

    double widthPt() {
        return paper.getWidth();
    }

    /** Nothing is drawn outside this rectangle until {@link #endClip}. */
    void clip(double x, double y, double width, double height) throws IOException {
        page.saveGraphicsState();
        page.addRect((float) x, (float) (heightPt() - y - height), (float) width, (float) height);
        page.clip();
    }

    void endClip() throws IOException {
        page.restoreGraphicsState();
    }

    void newPage() throws IOException {
        endPage();
        PDPage p = new PDPage(paper);
        document.addPage(p);
        page = new PDPageContentStream(document, p);
    }

    /** A page of another size than those before. */
    void newPage(double widthMm, double heightMm) throws IOException {
        paper = new PDRectangle((float) (widthMm * PT_PER_MM), (float) (heightMm * PT_PER_MM));
        newPage();
    }

    /** The first page of another document as it is, colours and spot colours kept. */
    PDFormXObject taken(PDDocument from) throws IOException {
        return new LayerUtility(document).importPageAsForm(from, 0);
    }

    /** Draws what was taken, {@code placed} in points from its lower left corner, y up. */
    void draw(PDFormXObject form, AffineTransform placed) throws IOException {
        page.saveGraphicsState();
        page.transform(new Matrix(placed));
        page.drawForm(form);
        page.restoreGraphicsState();
    }

    private void endPage() throws IOException {
        if (page != null) {
            page.close();
        }
    }

    void text(String text, double x, double y, DocumentFonts font, double size, Color colour) throws IOException {
        page.beginText();
        page.setFont(font(font), (float) size);
        page.setNonStrokingColor(colour);
        page.newLineAtOffset((float) x, (float) (heightPt() - y));
        page.showText(showable(text, font));
        page.endText();
    }

    /** No wider than {@code room}: first smaller, then shortened. Answers how wide it became. */
    double textWithin(String text, double x, double y, double room, DocumentFonts font, double size, Color colour)
            throws IOException {
        double fitting =
                Math.clamp(size * room / Math.max(1e-9, width(text, font, size)), Math.min(size, LEAST_PT), size);
        String shown = text;
        while (width(shown, font, fitting) > room && shown.length() > 1) {
            shown = shown.substring(0, shown.length() - 2).stripTrailing() + "…";
        }
        text(shown, x, y, font, fitting, colour);
        return width(shown, font, fitting);
    }

    void textRight(String text, double right, double y, DocumentFonts font, double size, Color colour)
            throws IOException {
        text(text, right - width(text, font, size), y, font, size, colour);
    }

    double width(String text, DocumentFonts font, double size) throws IOException {
        return font(font).getStringWidth(showable(text, font)) / 1000 * size;
    }

    /** Words put into lines no wider than {@code width}. */
    List<String> wrapped(String text, double width, DocumentFonts font, double size) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            if (!line.isEmpty() && width(line + " " + word, font, size) > width) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }

    /** A line in a spot colour of that name. */
    void spotLine(java.awt.geom.Path2D path, AffineTransform toPage, String colour, double width) throws IOException {
        PDColor spot = spots.get(colour);
        if (spot == null) {
            spot = SpotColour.named(colour);
            spots.put(colour, spot);
        }
        page.setStrokingColor(spot);
        page.setLineWidth((float) width);
        trace(path, toPage);
        page.stroke();
    }

    /** Ink of a name of its own over all that is there, none of which it takes away. */
    void plate(Shape shape, AffineTransform toPage, String colour) throws IOException {
        PDExtendedGraphicsState over = new PDExtendedGraphicsState();
        over.setNonStrokingOverprintControl(true);
        over.setStrokingOverprintControl(true);
        over.setOverprintMode(1);
        over.setBlendMode(BlendMode.MULTIPLY);
        page.saveGraphicsState();
        page.setGraphicsStateParameters(over);
        page.setNonStrokingColor(SpotColour.plate(colour));
        trace(shape, toPage);
        page.fillEvenOdd();
        page.restoreGraphicsState();
    }

    void rule(double x1, double y, double x2, double width, Color colour) throws IOException {
        page.setStrokingColor(colour);
        page.setLineWidth((float) width);
        page.moveTo((float) x1, (float) (heightPt() - y));
        page.lineTo((float) x2, (float) (heightPt() - y));
        page.stroke();
    }

    void box(double x, double y, double width, double height, Color fill, Color edge) throws IOException {
        page.setNonStrokingColor(fill);
        page.setStrokingColor(edge);
        page.setLineWidth(0.5f);
        page.addRect((float) x, (float) (heightPt() - y - height), (float) width, (float) height);
        page.fillAndStroke();
    }

    /** @param toPage from the shape's own coordinates to points from the page's upper left corner */
    void fill(Shape shape, AffineTransform toPage, Color colour) throws IOException {
        page.setNonStrokingColor(colour);
        trace(shape, toPage);
        page.fillEvenOdd();
    }

    /** A colour, picture or shade within a region. */
    void fill(Region region, AffineTransform toPage, Color colour, Optional<Ink> ink) throws IOException {
        if (ink.isEmpty()) {
            fill(AwtShapes.path(region), toPage, colour);
            return;
        }
        page.saveGraphicsState();
        switch (asWritten(region, ink.get())) {
            case Ink.Clear c -> {
                opacity(c.opacity());
                fill(AwtShapes.path(region), toPage, colour);
            }
            case Ink.Shade s -> {
                opacity(s.opacity());
                clip(region, toPage);
                page.transform(new Matrix(toUser(s.toMm(), toPage)));
                page.shadingFill(PdfInks.shade(s));
            }
            case Ink.OfPicture p -> {
                opacity(p.opacity());
                clip(region, toPage);
                Picture picture = p.of().picture();
                for (Placement tile : PdfInks.tiles(picture, p.toMm(), region.bounds())) {
                    // an image is drawn into the unit square, its first row on top
                    Placement unit = new Placement(picture.width(), 0, 0, -picture.height(), 0, picture.height());
                    page.drawImage(inks.picture(p.of()), new Matrix(toUser(unit.then(tile), toPage)));
                }
            }
            case Ink.Bent _ -> throw new IllegalStateException("what bends is a picture by now");
        }
        page.restoreGraphicsState();
    }

    /** What a PDF has no words for becomes a picture. */
    static Ink asWritten(Region region, Ink ink) {
        return switch (ink) {
            case Ink.Bent b -> InkRaster.flattened(region, b, FINE_PER_INCH, MOST_FLATTENED);
            case Ink.Shade s
            when s.stops().stream().anyMatch(t -> t.argb() >>> 24 != 0xFF) ->
                InkRaster.flattened(region, s, SOFT_PER_INCH, MOST_FLATTENED);
            case Ink other -> other;
        };
    }

    private void opacity(double opacity) throws IOException {
        if (opacity < 1) {
            PDExtendedGraphicsState state = new PDExtendedGraphicsState();
            state.setNonStrokingAlphaConstant((float) opacity);
            page.setGraphicsStateParameters(state);
        }
    }

    private void clip(Region region, AffineTransform toPage) throws IOException {
        trace(AwtShapes.path(region), toPage);
        page.clipEvenOdd();
    }

    private AffineTransform toUser(Placement toMm, AffineTransform toPage) {
        AffineTransform t = new AffineTransform(1, 0, 0, -1, 0, heightPt());
        t.concatenate(toPage);
        t.concatenate(toMm.toAwt());
        return t;
    }

    void outline(Shape shape, AffineTransform toPage, Color colour, double width, float[] dash) throws IOException {
        page.saveGraphicsState();
        page.setStrokingColor(colour);
        page.setLineWidth((float) width);
        page.setLineDashPattern(dash, 0);
        trace(shape, toPage);
        page.stroke();
        page.restoreGraphicsState();
    }

    private void trace(Shape shape, AffineTransform toPage) throws IOException {
        AffineTransform t = new AffineTransform(1, 0, 0, -1, 0, heightPt());
        t.concatenate(toPage);
        double[] c = new double[6];
        double x = 0;
        double y = 0;
        for (PathIterator it = shape.getPathIterator(t); !it.isDone(); it.next()) {
            switch (it.currentSegment(c)) {
                case PathIterator.SEG_MOVETO -> page.moveTo((float) c[0], (float) c[1]);
                case PathIterator.SEG_LINETO -> page.lineTo((float) c[0], (float) c[1]);
                case PathIterator.SEG_QUADTO ->
                    page.curveTo(
                            (float) (x + 2 * (c[0] - x) / 3),
                            (float) (y + 2 * (c[1] - y) / 3),
                            (float) (c[2] + 2 * (c[0] - c[2]) / 3),
                            (float) (c[3] + 2 * (c[1] - c[3]) / 3),
                            (float) c[2],
                            (float) c[3]);
                case PathIterator.SEG_CUBICTO ->
                    page.curveTo((float) c[0], (float) c[1], (float) c[2], (float) c[3], (float) c[4], (float) c[5]);
                default -> page.closePath();
            }
            int last = switch (it.currentSegment(c)) {
                case PathIterator.SEG_QUADTO -> 2;
                case PathIterator.SEG_CUBICTO -> 4;
                default -> 0;
            };
            x = c[last];
            y = c[last + 1];
        }
    }

    private PDFont font(DocumentFonts font) throws IOException {
        PDFont known = fonts.get(font);
        if (known == null) {
            try (InputStream in = font.open()) {
                known = PDType0Font.load(document, in, true);
            }
            fonts.put(font, known);
        }
        return known;
    }

    /** A name may hold characters the sheet's font does not have; a question mark stands for them. */
    private String showable(String text, DocumentFonts font) throws IOException {
        StringBuilder shown = new StringBuilder();
        for (int c : text.codePoints().toArray()) {
            String s = Character.toString(c);
            try {
                font(font).encode(s);
                shown.append(s);
            } catch (IllegalArgumentException _) {
                shown.append('?');
            }
        }
        return shown.toString();
    }

    byte[] finish() throws IOException {
        endPage();
        page = null;
        return SamePdf.bytes(document);
    }

    @Override
    public void close() throws IOException {
        document.close();
    }
}
