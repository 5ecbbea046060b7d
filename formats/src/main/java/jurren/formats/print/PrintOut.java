package jurren.formats.print;

import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import jurren.core.geometry.Box;
import jurren.core.load.Printer;
import jurren.core.plan.PrintSheet;
import jurren.core.stop.Stop;
import jurren.formats.words.LengthUnit;
import jurren.formats.words.TicketWords;
import jurren.formats.words.Units;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;

/**
 * Prints as the printer that is there takes them: each page as large as its paper, corrected where the printer is not
 * true, with rulers to see whether it is. A print that its paper is too small for comes in parts; neighbours repeat a
 * strip of {@link #OVERLAP_MM}, with a dashed line where the next is laid over it and crosses that must meet.
 */
public final class PrintOut {
    static final double OVERLAP_MM = 10;

    private static final double MM = PdfSheet.PT_PER_MM;
    private static final double FIT_MM = 0.01;
    private static final double INCH_MM = 25.4;
    private static final double CROSS_HALF_MM = 3;
    private static final double HAIRLINE_PT = 0.25;
    private static final double TEXT_PT = 6;
    private static final float[] DASHES = {4, 4};
    private static final Color MARK = new Color(0x6A6A6A);
    /** A ruler keeps so far from the crosses at both its ends. */
    private static final double CLEAR_MM = 10;
    /** And its line so far from the ink. */
    private static final double BESIDE_MM = 3.2;

    private static final double TICK_MM = 1.6;
    /** What is said of it stands so far above it. */
    private static final double ABOVE_MM = 1.5;

    private static final double LONGEST_MM = 152.4;

    private final PdfSheet sheet;
    private final Printer printer;
    private final boolean inches;
    /** What a page takes, measured as it should come out. */
    private final double pageAcross;

    private PrintOut(PdfSheet sheet, Printer printer, Units units) {
        this.sheet = sheet;
        this.printer = printer;
        this.inches = units.length() == LengthUnit.INCH;
        this.pageAcross = printer.widthMm() * printer.trueAcross();
    }

    /** Every sheet as often as it is wanted, one after the other. */
    public static byte[] write(List<PrintSheet> prints, String cutLine, Printer printer, Units units) {
        try (PdfSheet sheet = new PdfSheet(Paper.A4.size())) {
            PrintOut out = new PrintOut(sheet, printer, units);
            for (PrintSheet print : prints) {
                Stop.lookHere();
                out.print(print, PrintPdf.write(print, cutLine));
            }
            return sheet.finish();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Into how many parts a print comes on this printer's paper. */
    public static int parts(PrintSheet print, Printer printer) {
        Grid grid = Grid.of(print, printer);
        return grid.across * grid.down;
    }

    /** What of a sheet must come out. */
    private static Box inked(PrintSheet print) {
        Box whole = new Box(0, 0, print.widthMm(), print.heightMm());
        return print.hasOwnMarks()
                ? whole
                : print.slots().stream()
                        .map(PrintSheet.Slot::box)
                        .reduce(Box::joined)
                        .orElse(whole);
    }

    /** How a print lies over pages that take so much of it. */
    private record Grid(Box box, double widthMm, double heightMm, int across, int down) {
        static Grid of(PrintSheet print, Printer printer) {
            Box box = inked(print);
            double width = (printer.widthMm() - 2 * printer.edgeMm()) * printer.trueAcross();
            double height = (printer.longestMm() - 2 * printer.edgeMm()) * printer.trueAlong();
            // marks may stand in what is left bare; the sheet was filled for this paper
            boolean fits =
                    print.hasOwnMarks() && !printer.isTooSmallFor(print.widthMm() - FIT_MM, print.heightMm() - FIT_MM);
            return new Grid(
                    box,
                    width,
                    height,
                    fits ? 1 : parts(box.widthMm(), width),
                    fits ? 1 : parts(box.heightMm(), height));
        }

        private static int parts(double lengthMm, double pageMm) {
            return lengthMm <= pageMm + FIT_MM ? 1 : TemplatePdf.sheets(lengthMm, pageMm);
        }
    }

    private void print(PrintSheet print, byte[] pdf) throws IOException {
        Grid grid = Grid.of(print, printer);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFormXObject form = sheet.taken(document);
            for (int time = 0; time < print.times(); time++) {
                for (int row = 0; row < grid.down; row++) {
                    for (int column = 0; column < grid.across; column++) {
                        part(print, form, grid, column, row);
                    }
                }
            }
        }
    }

    private void part(PrintSheet print, PDFormXObject form, Grid grid, int column, int row) throws IOException {
        boolean whole = grid.across * grid.down == 1;
        double length = printer.sheets()
                ? printer.longestMm()
                : Math.min(printer.longestMm(), print.heightMm() / printer.trueAlong());
        sheet.newPage(printer.widthMm(), length);
        double edgeAcross = printer.edgeMm() * printer.trueAcross();
        double edgeAlong = printer.edgeMm() * printer.trueAlong();
        // where the page's upper left corner lies on the print
        double left = whole
                ? within(grid.box.minXMm(), grid.box.maxXMm(), edgeAcross, pageAcross)
                : grid.box.minXMm() + column * (grid.widthMm - OVERLAP_MM) - edgeAcross;
        double top = whole
                ? within(grid.box.minYMm(), grid.box.maxYMm(), edgeAlong, length * printer.trueAlong())
                : grid.box.minYMm() + row * (grid.heightMm - OVERLAP_MM) - edgeAlong;
        AffineTransform toPage = AffineTransform.getScaleInstance(MM / printer.trueAcross(), MM / printer.trueAlong());
        toPage.translate(-left, -top);
        AffineTransform placed = AffineTransform.getTranslateInstance(0, sheet.heightPt());
        placed.scale(1 / printer.trueAcross(), 1 / printer.trueAlong());
        placed.translate(-left * MM, (top - print.heightMm()) * MM);
        if (!whole) {
            double edge = printer.edgeMm() * MM;
            sheet.clip(edge, edge, sheet.widthPt() - 2 * edge, sheet.heightPt() - 2 * edge);
        }
        sheet.draw(form, placed);
        rulers(print, toPage);
        if (!whole) {
            sheet.endClip();
            joins(print, grid, column, row, toPage);
        }
    }

    /** 0 where a length lies within a page as it is; otherwise as little as brings it in. */
    private static double within(double from, double to, double edge, double page) {
        return to > page - edge + FIT_MM ? Math.min(from - edge, to - page + edge) : Math.min(0, from - edge);
    }

    private void joins(PrintSheet print, Grid grid, int column, int row, AffineTransform toPage) throws IOException {
        Path2D dashed = new Path2D.Double();
        Path2D crosses = new Path2D.Double();
        double left = grid.box.minXMm() + column * (grid.widthMm - OVERLAP_MM);
        double top = grid.box.minYMm() + row * (grid.heightMm - OVERLAP_MM);
        double right = left + grid.widthMm;
        double bottom = top + grid.heightMm;
        if (column < grid.across - 1) {
            line(dashed, right - OVERLAP_MM, top, right - OVERLAP_MM, bottom);
            between(crosses, right - OVERLAP_MM / 2, top, right - OVERLAP_MM / 2, bottom);
        }
        if (column > 0) {
            between(crosses, left + OVERLAP_MM / 2, top, left + OVERLAP_MM / 2, bottom);
        }
        if (row < grid.down - 1) {
            line(dashed, left, bottom - OVERLAP_MM, right, bottom - OVERLAP_MM);
            between(crosses, left, bottom - OVERLAP_MM / 2, right, bottom - OVERLAP_MM / 2);
        }
        if (row > 0) {
            between(crosses, left, top + OVERLAP_MM / 2, right, top + OVERLAP_MM / 2);
        }
        sheet.outline(dashed, toPage, MARK, HAIRLINE_PT, DASHES);
        sheet.outline(crosses, toPage, Color.BLACK, HAIRLINE_PT, new float[0]);
        sheet.text(
                TicketWords.text("print.part", print.order(), row * grid.across + column + 1, grid.across * grid.down),
                (printer.edgeMm() + 1) * MM,
                sheet.heightPt() - (printer.edgeMm() + 1) * MM,
                DocumentFonts.TEXT,
                TEXT_PT,
                MARK);
    }

    private static void line(Path2D path, double x1, double y1, double x2, double y2) {
        path.moveTo(x1, y1);
        path.lineTo(x2, y2);
    }

    /** At a quarter and three quarters of the way, so that they lie on one place of the print on both its parts. */
    private static void between(Path2D path, double x1, double y1, double x2, double y2) {
        for (double share : new double[] {0.25, 0.75}) {
            double x = x1 + share * (x2 - x1);
            double y = y1 + share * (y2 - y1);
            line(path, x - CROSS_HALF_MM, y, x + CROSS_HALF_MM, y);
            line(path, x, y - CROSS_HALF_MM, x, y + CROSS_HALF_MM);
        }
    }

    /** One across and one along, beside the first print, where it is large enough for them. */
    private void rulers(PrintSheet print, AffineTransform toPage) throws IOException {
        Box beside = print.hasOwnMarks()
                ? inked(print).grown(-PrintSheet.MARKS_IN_MM)
                : print.slots().getFirst().inked();
        double across = length(beside.widthMm() - 2 * CLEAR_MM);
        double along = length(beside.heightMm() - 2 * CLEAR_MM);
        double x = beside.minXMm() + CLEAR_MM;
        double y = beside.minYMm() - BESIDE_MM;
        if (across > 0) {
            ruler(across, AffineTransform.getTranslateInstance(x, y), toPage);
            Point2D above = toPage(toPage, x, y - ABOVE_MM);
            sheet.textWithin(
                    TicketWords.text("print.ruler", length(across, inches)),
                    above.getX(),
                    above.getY(),
                    (beside.widthMm() - 2 * CLEAR_MM) * MM,
                    DocumentFonts.TEXT,
                    TEXT_PT,
                    MARK);
        }
        if (along > 0) {
            AffineTransform down =
                    AffineTransform.getTranslateInstance(beside.minXMm() - BESIDE_MM, beside.minYMm() + CLEAR_MM);
            down.quadrantRotate(1);
            ruler(along, down, toPage);
        }
    }

    private static Point2D toPage(AffineTransform toPage, double x, double y) {
        return toPage.transform(new Point2D.Double(x, y), null);
    }

    private double step() {
        return inches ? INCH_MM : 10;
    }

    /** Whole inches or centimetres, or none. */
    private double length(double roomMm) {
        return Math.floor(Math.min(roomMm, LONGEST_MM) / step() + 1e-9) * step();
    }

    private static String length(double mm, boolean inches) {
        return inches ? Math.round(mm / INCH_MM) + " in" : Math.round(mm) + " mm";
    }

    private void ruler(double length, AffineTransform from, AffineTransform toPage) throws IOException {
        Path2D path = new Path2D.Double();
        line(path, 0, 0, length, 0);
        for (double at = 0; at <= length + FIT_MM; at += step()) {
            line(path, at, -TICK_MM / 2, at, TICK_MM / 2);
        }
        path.transform(from);
        sheet.outline(path, toPage, Color.BLACK, HAIRLINE_PT, new float[0]);
    }
}
