package jurren.formats.print;

import java.awt.Color;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import jurren.core.plan.Plan;
import jurren.core.run.Machine;
import jurren.core.run.RunTask;
import jurren.core.run.Schedule;
import jurren.core.run.WholeRun;
import jurren.formats.words.RunWords;
import jurren.formats.words.TicketWords;
import jurren.formats.words.Units;
import jurren.formats.words.Words;

/**
 * The run of a whole job on paper: a picture of who does what when, and every task with a box to tick, in its order.
 */
public final class RunPdf {
    private static final Color INK = new Color(0x23262B);
    private static final Color SOFT = new Color(0x5A5F66);
    private static final Color RULE = new Color(0xC9CBCF);
    private static final double MARGIN = 40;
    private static final double NAMES = 104;
    private static final Color WARMING = new Color(0xF0D9B5);
    private static final double ROW = 15;

    private RunPdf() {}

    public static byte[] write(Plan plan, WholeRun run, Units units, Paper paper) {
        RunWords words = new RunWords(units);
        Schedule s = run.schedule();
        try (PdfSheet sheet = new PdfSheet(paper.size())) {
            double y = heading(sheet, plan, s);
            y = chart(sheet, run, y) + 18;
            for (String why : words.why(s)) {
                for (String row : sheet.wrapped(why, right(sheet) - MARGIN, DocumentFonts.TEXT, 9.5)) {
                    sheet.text(row, MARGIN, y, DocumentFonts.TEXT, 9.5, SOFT);
                    y += 12;
                }
            }
            y += 8;
            for (Schedule.Slot slot : s.slots()) {
                if (y > sheet.heightPt() - MARGIN) {
                    y = heading(sheet, plan, s);
                }
                RunTask t = slot.task();
                sheet.box(MARGIN, y - 8, 9, 9, Color.WHITE, INK);
                sheet.text(RunWords.at(slot.startS()), MARGIN + 16, y, DocumentFonts.MEASURE, 9.5, INK);
                sheet.text(RunWords.task(t), MARGIN + 56, y, DocumentFonts.TEXT_BOLD, 10, INK);
                sheet.text(words.detail(t), MARGIN + 230, y, DocumentFonts.TEXT, 9, SOFT);
                sheet.textRight(RunWords.machine(t.machine()), right(sheet), y, DocumentFonts.TEXT, 9, SOFT);
                y += 14;
            }
            return sheet.finish();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static double right(PdfSheet sheet) {
        return sheet.widthPt() - MARGIN;
    }

    private static double heading(PdfSheet sheet, Plan plan, Schedule s) throws IOException {
        sheet.newPage();
        sheet.text(
                plan.job().number().isEmpty()
                        ? TicketWords.text("run.title")
                        : TicketWords.text("ticket.job", plan.job().number()) + " · " + TicketWords.text("run.title"),
                MARGIN,
                40,
                DocumentFonts.MEASURE,
                9,
                SOFT);
        sheet.textWithin(plan.job().name(), MARGIN, 62, right(sheet) - MARGIN, DocumentFonts.HEADING, 20, INK);
        sheet.text(RunWords.whole(s), MARGIN, 80, DocumentFonts.TEXT, 10.5, INK);
        return 104;
    }

    /** Of the picture. */
    static double high(WholeRun run) {
        return 12 + (run.machines().size() + 1) * ROW;
    }

    /** A row a machine, and one for hands; returns the height below it. */
    static double chart(PdfSheet sheet, WholeRun run, double top) throws IOException {
        Schedule s = run.schedule();
        double left = MARGIN + NAMES;
        double scale = (right(sheet) - left) / Math.max(1, s.endS());
        double every = s.endS() > 4 * 3600 ? 3600 : s.endS() > 3600 ? 900 : 300;
        List<Machine> machines = run.machines();
        double bottom = top + 12 + (machines.size() + 1) * ROW;
        for (double t = 0; t <= s.endS(); t += every) {
            sheet.text(RunWords.at(t), left + t * scale - 8, top, DocumentFonts.MEASURE, 7.5, SOFT);
            sheet.box(left + t * scale, top + 5, 0.3, bottom - top - 5, RULE, RULE);
        }
        double y = top + 10;
        for (Machine m : machines) {
            sheet.text(shortened(RunWords.machine(m)), MARGIN, y + 10, DocumentFonts.TEXT, 8.5, INK);
            for (Schedule.Slot slot : s.slots()) {
                if (slot.task().machine().equals(m)) {
                    setup(sheet, left + slot.startS() * scale, y, slot.setupS() * scale, slot);
                    block(
                            sheet,
                            left + slot.startS() * scale,
                            y,
                            slot.task().seconds() * scale,
                            new Color(slot.task().colour().rgb()),
                            RunWords.lines(slot.task()));
                }
            }
            y += ROW;
        }
        sheet.text(TicketWords.text("run.hands"), MARGIN, y + 10, DocumentFonts.TEXT, 8.5, INK);
        for (Schedule.Slot slot : s.slots()) {
            setup(sheet, left + slot.startS() * scale, y, slot.changeS() * scale, slot);
            if (slot.task().handsS() > 0) {
                block(
                        sheet,
                        left + slot.startS() * scale,
                        y,
                        slot.task().handsS() * scale,
                        Color.WHITE,
                        Words.sentence("run.hand", slot.task().kind()));
            }
        }
        return bottom;
    }

    private static String shortened(String name) {
        return name.length() > 24 ? name.substring(0, 23) + "…" : name;
    }

    /** Before a task: a press that warms or a film that is changed. */
    private static void setup(PdfSheet sheet, double end, double y, double width, Schedule.Slot slot)
            throws IOException {
        if (width < 0.5) {
            return;
        }
        Color fill = slot.warmingS() > 0 ? WARMING : RULE;
        sheet.box(end - width, y + 4, width, ROW - 12, fill, fill);
        String text = TicketWords.text(slot.warmingS() > 0 ? "run.warms" : "run.film");
        if (sheet.width(text, DocumentFonts.MEASURE, 7) < width - 3) {
            sheet.text(
                    text,
                    end - width + (width - sheet.width(text, DocumentFonts.MEASURE, 7)) / 2,
                    y + 9,
                    DocumentFonts.MEASURE,
                    7,
                    INK);
        }
    }

    private static void block(PdfSheet sheet, double x, double y, double width, Color fill, String text)
            throws IOException {
        sheet.box(x, y, Math.max(0.8, width - 0.5), ROW - 4, fill, INK);
        if (sheet.width(text, DocumentFonts.MEASURE, 7) < width - 3) {
            Color ink = 0.3 * fill.getRed() + 0.59 * fill.getGreen() + 0.11 * fill.getBlue() < 130 ? Color.WHITE : INK;
            sheet.text(
                    text,
                    x + (width - sheet.width(text, DocumentFonts.MEASURE, 7)) / 2,
                    y + 9,
                    DocumentFonts.MEASURE,
                    7,
                    ink);
        }
    }
}
