package jurren.formats.print;

import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import jurren.core.geometry.AwtShapes;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.layer.Inked;
import jurren.core.layer.Layer;
import jurren.core.layer.Print;
import jurren.core.plan.PrintSheet;
import jurren.core.stop.Stop;
import jurren.formats.words.TicketWords;
import jurren.formats.words.Words;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * A sheet to be printed at true size: reversed where its way wants it, colours as filled paths with their bleed,
 * pictures once each. What a knife follows has marks in the sheet's corners and its cut line as a hairline in a spot
 * colour of its own; what is laid by hand has cross marks outside its own corners and a dashed line to trim the paper
 * along.
 */
public final class PrintPdf {
    /** What the cut line's colour is called when the shop says nothing else. */
    public static final String CUT_LINE = "Cut line";
    /** From the ink's corner out to the middle of a cross, and half its length. */
    private static final double CROSS_OUT_MM = 5;

    private static final double CROSS_HALF_MM = 3;
    private static final double HAIRLINE_PT = 0.25;
    private static final double NAME_PT = 6;
    private static final double NAME_IN_MM = 0.8;
    private static final float[] DASHES = {4, 4};
    private static final Color TRIM = new Color(0x9A9A9A);

    private final PrintSheet print;
    private final PdfSheet sheet;
    private final AffineTransform toPage = AffineTransform.getScaleInstance(PdfSheet.PT_PER_MM, PdfSheet.PT_PER_MM);
    /** Each layer's inks as they are written, so that what becomes a picture does so once. */
    private final Map<Layer, List<Inked>> inks = new IdentityHashMap<>();

    private PrintPdf(PrintSheet print, PdfSheet sheet) {
        this.print = print;
        this.sheet = sheet;
    }

    /** @param cutLine what the printer's own machine calls the colour it cuts along */
    public static byte[] write(PrintSheet print, String cutLine) {
        double pt = PdfSheet.PT_PER_MM;
        try (PdfSheet sheet =
                new PdfSheet(new PDRectangle((float) (print.widthMm() * pt), (float) (print.heightMm() * pt)))) {
            sheet.newPage();
            new PrintPdf(print, sheet).draw(cutLine);
            return sheet.finish();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void draw(String cutLine) throws IOException {
        for (PrintSheet.Slot slot : print.slots()) {
            Stop.lookHere();
            for (Inked ink : inks.computeIfAbsent(slot.layer(), PrintPdf::asWritten)) {
                Inked placed = ink.placed(slot.onto());
                sheet.fill(placed.region(), toPage, new Color(placed.colour().rgb()), placed.ink());
            }
            Region white = slot.layer().print().white();
            if (!white.isEmpty()) {
                sheet.plate(AwtShapes.path(white.placed(slot.onto())), toPage, Print.WHITE_PLATE);
            }
            if (print.isCut()) {
                sheet.spotLine(AwtShapes.path(slot.layer().region().placed(slot.onto())), toPage, cutLine, HAIRLINE_PT);
            } else if (!print.isGanged()) {
                byHand(slot);
            }
        }
        if (print.hasOwnMarks()) {
            crosses(new Box(0, 0, print.widthMm(), print.heightMm()).grown(-PrintSheet.MARKS_IN_MM));
            name(
                    TicketWords.text(
                            print.isCut() ? "print.name.cut" : "print.name.ganged",
                            print.order(),
                            print.load(),
                            print.material().name()),
                    PrintSheet.MARKS_IN_MM * 2,
                    print.heightMm());
        }
    }

    private static List<Inked> asWritten(Layer layer) {
        return layer.print().inks().stream()
                .map(i -> new Inked(i.colour(), i.ink().map(k -> PdfSheet.asWritten(i.region(), k)), i.region()))
                .toList();
    }

    private void byHand(PrintSheet.Slot slot) throws IOException {
        crosses(slot.inked().grown(CROSS_OUT_MM));
        sheet.outline(AwtShapes.path(Region.of(slot.box())), toPage, TRIM, HAIRLINE_PT, DASHES);
        name(
                TicketWords.text(
                        "print.name",
                        print.order(),
                        slot.lineId(),
                        slot.place(),
                        slot.size(),
                        Words.made(slot.layer())),
                slot.box().minXMm() + CROSS_OUT_MM * 2,
                slot.box().maxYMm());
    }

    private void name(String text, double xMm, double yMm) throws IOException {
        sheet.text(
                text,
                xMm * PdfSheet.PT_PER_MM,
                (yMm - NAME_IN_MM) * PdfSheet.PT_PER_MM,
                DocumentFonts.TEXT,
                NAME_PT,
                Color.BLACK);
    }

    private void crosses(Box at) throws IOException {
        for (Point p : List.of(
                new Point(at.minXMm(), at.minYMm()),
                new Point(at.maxXMm(), at.minYMm()),
                new Point(at.minXMm(), at.maxYMm()),
                new Point(at.maxXMm(), at.maxYMm()))) {
            double x = p.xMm() * PdfSheet.PT_PER_MM;
            double y = p.yMm() * PdfSheet.PT_PER_MM;
            double half = CROSS_HALF_MM * PdfSheet.PT_PER_MM;
            sheet.rule(x - half, y, x + half, HAIRLINE_PT, Color.BLACK);
            sheet.box(x - HAIRLINE_PT / 2, y - half, HAIRLINE_PT, 2 * half, Color.BLACK, Color.BLACK);
        }
    }
}
