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
import jurren.core.job.Shop;
import jurren.core.load.Load;
import jurren.core.load.Offcut;
import jurren.core.load.Placed;
import jurren.formats.words.TicketWords;
import jurren.formats.words.Units;
import jurren.formats.words.Words;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * A paper guide at 1:1 for a load on an offcut: laid under a clear mat, it shows where the offcut must be stuck so that
 * every piece lands on it. As the knife sees it, the start corner at the lower left.
 */
public final class GuidePdf {
    private static final double MARGIN_MM = 15;
    private static final double CROSS_MM = 6;
    private static final double HAIRLINE_PT = 0.4;
    private static final double TEXT_PT = 8;
    private static final double LINE_MM = 4;
    private static final Color INK = new Color(0x23262B);
    private static final Color PLUM = new Color(0x7C2E57);
    private static final float[] DASHES = {4, 3};
    private static final double LEAST_WIDE_MM = 120;

    private GuidePdf() {}

    public static byte[] write(Load load, Shop shop, Units units) {
        Offcut offcut = (Offcut) load.stock();
        double pt = PdfSheet.PT_PER_MM;
        double width = Math.max(LEAST_WIDE_MM, offcut.lengthMm()) + 2 * MARGIN_MM;
        double height = offcut.widthMm() + 3 * MARGIN_MM;
        Placement toSheet = Placement.otherYAxis().then(Placement.moved(MARGIN_MM, MARGIN_MM + offcut.widthMm()));
        AffineTransform toPage = AffineTransform.getScaleInstance(pt, pt);
        try (PdfSheet sheet = new PdfSheet(new PDRectangle((float) (width * pt), (float) (height * pt)))) {
            sheet.newPage();
            sheet.outline(AwtShapes.path(offcut.outline().placed(toSheet)), toPage, INK, 1, new float[0]);
            for (Placed p : load.placed()) {
                Region art = p.item().layer().region().placed(p.onto().then(toSheet));
                sheet.outline(AwtShapes.path(art), toPage, PLUM, HAIRLINE_PT, DASHES);
                Point at = toSheet.apply(p.box().centre());
                sheet.text(
                        p.item().lineId() + " " + p.item().size() + " "
                                + p.item().copy(),
                        at.xMm() * pt,
                        at.yMm() * pt,
                        DocumentFonts.TEXT,
                        TEXT_PT,
                        PLUM);
            }
            Box box = offcut.outline().bounds().placed(toSheet);
            for (Point p : List.of(
                    new Point(box.minXMm(), box.maxYMm()),
                    new Point(box.maxXMm(), box.maxYMm()),
                    new Point(box.minXMm(), box.minYMm()))) {
                sheet.rule((p.xMm() - CROSS_MM) * pt, p.yMm() * pt, (p.xMm() + CROSS_MM) * pt, HAIRLINE_PT, INK);
                sheet.box(p.xMm() * pt, (p.yMm() - CROSS_MM) * pt, HAIRLINE_PT, 2 * CROSS_MM * pt, INK, INK);
            }
            double y = box.maxYMm() + CROSS_MM + 2;
            sheet.text(
                    TicketWords.text(
                            "guide.title",
                            load.order(),
                            load.material().colourName(load.colour()),
                            Words.filmName(load, shop),
                            offcut.id()),
                    MARGIN_MM * pt,
                    (y + LINE_MM) * pt,
                    DocumentFonts.TEXT_BOLD,
                    TEXT_PT,
                    INK);
            sheet.text(
                    TicketWords.text(
                            "guide.how",
                            units.length().format(offcut.lengthMm()),
                            units.length().format(offcut.widthMm())),
                    MARGIN_MM * pt,
                    (y + 2 * LINE_MM) * pt,
                    DocumentFonts.TEXT,
                    TEXT_PT,
                    INK);
            return sheet.finish();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
