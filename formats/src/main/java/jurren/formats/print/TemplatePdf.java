package jurren.formats.print;

import java.awt.Color;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.io.IOException;
import java.io.UncheckedIOException;
import jurren.core.blank.Face;
import jurren.core.geometry.Box;
import jurren.formats.words.TemplateWords;

/**
 * A template at 1:1 over as many sheets as it takes. Neighbours repeat a strip of
 * {@link #OVERLAP_MM}; a dashed line on each sheet's right and lower side shows where the next one
 * is laid over it, with a cross at its corner.
 */
public final class TemplatePdf {
    private static final double MARGIN_MM = 12;
    private static final double OVERLAP_MM = 10;
    private static final double MM = PdfSheet.PT_PER_MM;
    private static final Color INK = new Color(0x23262B);
    private static final Color SOFT = new Color(0x8A8E94);
    private static final Color PLUM = new Color(0x7C2E57);

    private TemplatePdf() {}

    public static byte[] write(String title, Face face, Paper paper) {
        Template t = Template.of(title, face);
        try (PdfSheet sheet = new PdfSheet(paper.size())) {
            double width = sheet.widthPt() / MM - 2 * MARGIN_MM;
            double height = sheet.heightPt() / MM - 2 * MARGIN_MM;
            int across = sheets(t.box().widthMm(), width);
            int down = sheets(t.box().heightMm(), height);
            for (int row = 0; row < down; row++) {
                for (int column = 0; column < across; column++) {
                    sheet.newPage();
                    double left = t.box().minXMm() + column * (width - OVERLAP_MM);
                    double top = t.box().minYMm() + row * (height - OVERLAP_MM);
                    page(sheet, t, left, top, width, height);
                    if (column < across - 1) {
                        join(
                                sheet,
                                MARGIN_MM + width - OVERLAP_MM,
                                MARGIN_MM,
                                MARGIN_MM + width - OVERLAP_MM,
                                MARGIN_MM + height);
                    }
                    if (row < down - 1) {
                        join(
                                sheet,
                                MARGIN_MM,
                                MARGIN_MM + height - OVERLAP_MM,
                                MARGIN_MM + width,
                                MARGIN_MM + height - OVERLAP_MM);
                    }
                    foot(sheet, t, row * across + column + 1, across * down);
                }
            }
            return sheet.finish();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** How many sheets cover a length when neighbours share the overlap. */
    static int sheets(double lengthMm, double sheetMm) {
        return Math.max(1, (int) Math.ceil((lengthMm - OVERLAP_MM) / (sheetMm - OVERLAP_MM) - 1e-9));
    }

    private static void page(PdfSheet sheet, Template t, double left, double top, double width, double height)
            throws IOException {
        AffineTransform toPage = AffineTransform.getScaleInstance(MM, MM);
        toPage.translate(MARGIN_MM - left, MARGIN_MM - top);
        sheet.clip(MARGIN_MM * MM, MARGIN_MM * MM, width * MM, height * MM);
        for (Template.Stroke s : t.strokes()) {
            switch (s.style()) {
                case EDGE -> sheet.outline(s.shape(), toPage, INK, 0.8, new float[0]);
                case AREA -> sheet.outline(s.shape(), toPage, PLUM, 0.8, new float[] {6, 4});
                case MIDDLE -> sheet.outline(s.shape(), toPage, INK, 0.4, new float[] {16, 4, 3, 4});
                case OBSTACLE -> sheet.outline(s.shape(), toPage, SOFT, 0.8, new float[] {2, 2});
            }
        }
        sheet.outline(bar(t), toPage, INK, 0.8, new float[0]);
        Box seen = Box.ofSize(left, top, width, height);
        for (Template.Label l : t.labels()) {
            if (seen.contains(l.at())) {
                word(sheet, l.text(), l.at().xMm(), l.at().yMm(), left, top);
            }
        }
        if (seen.contains(t.barMm())) {
            word(
                    sheet,
                    TemplateWords.text("template.bar"),
                    t.barMm().xMm(),
                    t.barMm().yMm() + 6,
                    left,
                    top);
        }
        sheet.endClip();
    }

    private static void word(PdfSheet sheet, String text, double x, double y, double left, double top)
            throws IOException {
        sheet.text(text, (x - left + MARGIN_MM) * MM, (y - top + MARGIN_MM) * MM, DocumentFonts.TEXT, 9, INK);
    }

    private static Shape bar(Template t) {
        Path2D.Double path = new Path2D.Double();
        double x = t.barMm().xMm();
        double y = t.barMm().yMm();
        path.moveTo(x, y - 2);
        path.lineTo(x, y + 2);
        path.moveTo(x, y);
        path.lineTo(x + Template.BAR_MM, y);
        path.moveTo(x + Template.BAR_MM, y - 2);
        path.lineTo(x + Template.BAR_MM, y + 2);
        return path;
    }

    private static void join(PdfSheet sheet, double x1, double y1, double x2, double y2) throws IOException {
        AffineTransform mm = AffineTransform.getScaleInstance(MM, MM);
        sheet.outline(new Line2D.Double(x1, y1, x2, y2), mm, SOFT, 0.5, new float[] {3, 3});
        for (double[] end : new double[][] {{x1, y1}, {x2, y2}}) {
            sheet.outline(new Line2D.Double(end[0] - 3, end[1], end[0] + 3, end[1]), mm, INK, 0.5, new float[0]);
            sheet.outline(new Line2D.Double(end[0], end[1] - 3, end[0], end[1] + 3), mm, INK, 0.5, new float[0]);
        }
    }

    private static void foot(PdfSheet sheet, Template t, int page, int pages) throws IOException {
        double y = sheet.heightPt() - MARGIN_MM * MM / 2;
        sheet.text(t.title(), MARGIN_MM * MM, y, DocumentFonts.TEXT_BOLD, 9, INK);
        String of = TemplateWords.text("template.page", page, pages)
                + (pages > 1 ? " · " + TemplateWords.text("template.overlap") : "");
        sheet.textRight(of, sheet.widthPt() - MARGIN_MM * MM, y, DocumentFonts.TEXT, 9, SOFT);
    }
}
