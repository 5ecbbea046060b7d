package jurren.formats.print;

import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import jurren.core.geometry.AwtShapes;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.layer.Layer;
import jurren.core.plan.PrintSheet;
import jurren.formats.words.TicketWords;
import jurren.formats.words.Words;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * A sheet to be printed at true size: reversed where its way wants it, one filled path a colour with its bleed, cross marks
 * outside its corners, and where it is cut afterwards its cut line as a hairline in a spot colour of its own.
 */
public final class PrintPdf {
    /** What the cut line's colour is called when the shop says nothing else. */
    public static final String CUT_LINE = "Cut line";
    private static final double MARGIN_MM = 12;
    /** From the ink's corner out to the middle of a cross, and half its length. */
    private static final double CROSS_OUT_MM = 5;
    private static final double CROSS_HALF_MM = 3;
    private static final double HAIRLINE_PT = 0.25;
    private static final double NAME_PT = 6.5;

    private PrintPdf() {
    }

    public static byte[] write(PrintSheet print, String cutLine) {
        Layer layer = print.layer();
        Placement turn = print.reversed() ? Placement.flipped() : Placement.HERE;
        Box ink = inked(layer).placed(turn);
        Box page = ink.grown(MARGIN_MM);
        double pt = PdfSheet.PT_PER_MM;
        AffineTransform toPage = AffineTransform.getScaleInstance(pt, pt);
        toPage.translate(-page.minXMm(), -page.minYMm());
        try (PdfSheet sheet = new PdfSheet(new PDRectangle((float) (page.widthMm() * pt), (float) (page.heightMm() * pt)))) {
            sheet.newPage();
            for (var e : layer.print().entrySet()) {
                sheet.fill(AwtShapes.path(e.getValue().placed(turn)), toPage, new Color(e.getKey().rgb()));
            }
            if (layer.isCut()) {
                sheet.spotLine(AwtShapes.path(layer.region().placed(turn)), toPage, cutLine, HAIRLINE_PT);
            }
            for (Point corner : List.of(new Point(ink.minXMm() - CROSS_OUT_MM, ink.minYMm() - CROSS_OUT_MM),
                    new Point(ink.maxXMm() + CROSS_OUT_MM, ink.minYMm() - CROSS_OUT_MM),
                    new Point(ink.minXMm() - CROSS_OUT_MM, ink.maxYMm() + CROSS_OUT_MM),
                    new Point(ink.maxXMm() + CROSS_OUT_MM, ink.maxYMm() + CROSS_OUT_MM))) {
                cross(sheet, (corner.xMm() - page.minXMm()) * pt, (corner.yMm() - page.minYMm()) * pt, CROSS_HALF_MM * pt);
            }
            sheet.text(TicketWords.text("print.name", print.order(), print.lineId(), print.place(), print.size(), print.copies(), Words.made(layer)),
                    MARGIN_MM * pt, sheet.heightPt() - 2, DocumentFonts.TEXT, NAME_PT, Color.BLACK);
            return sheet.finish();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Where there is ink, or a cut line around it. */
    static Box inked(Layer layer) {
        Box ink = layer.print().values().stream().map(Region::bounds).reduce(Box::joined).orElseThrow();
        return layer.isCut() ? ink.joined(layer.region().bounds()) : ink;
    }

    private static void cross(PdfSheet sheet, double x, double y, double half) throws IOException {
        sheet.rule(x - half, y, x + half, HAIRLINE_PT, Color.BLACK);
        sheet.box(x - HAIRLINE_PT / 2, y - half, HAIRLINE_PT, 2 * half, Color.BLACK, Color.BLACK);
    }
}
