package jurren.formats.print;

import jurren.core.art.Painted;
import jurren.core.blank.BlankPart;
import jurren.core.blank.Garment;
import jurren.core.cut.CutRun;
import jurren.core.finish.Step;
import jurren.core.geometry.AwtShapes;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import jurren.core.hold.Verdict;
import jurren.core.layer.Layer;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.plan.PrintSheet;
import jurren.core.plan.SizePlan;
import jurren.core.snag.Snag;
import jurren.formats.words.Units;
import jurren.formats.words.TicketWords;
import jurren.formats.words.Words;
import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * The job sheet, a page a line: header, blank and size run, the art at scale on the thing, layers,
 * loads, press steps, snags. Printed beside a press, so figures are large and steps have a box to tick.
 */
public final class TicketPdf {
    private static final Color INK = new Color(0x23262B);
    private static final Color SOFT = new Color(0x5A5F66);
    private static final Color RULE = new Color(0xB9B4A4);
    private static final Color PLUM = new Color(0x7C2E57);
    private static final Color SNAG = new Color(0xFFF3D0);
    private static final double MARGIN = 40;
    private static final double RIGHT = PdfSheet.WIDTH - MARGIN;
    private static final double COLUMN = 330;
    private static final double ART_WIDTH = COLUMN - MARGIN - 24;
    private static final double ART_HEIGHT = 330;

    /** Nearer than a hand lays it. */
    private static final double ON_THE_MIDDLE_MM = 0.3;

    private final Plan plan;
    private final Words words;
    private final PdfSheet sheet;
    private double y;

    private TicketPdf(Plan plan, Units unit, PdfSheet sheet) {
        this.plan = plan;
        this.words = new Words(unit);
        this.sheet = sheet;
    }

    public static byte[] write(Plan plan, Units unit) {
        try (PdfSheet sheet = new PdfSheet()) {
            TicketPdf ticket = new TicketPdf(plan, unit, sheet);
            for (LinePlan line : plan.lines()) {
                ticket.page(line);
            }
            return sheet.finish();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void page(LinePlan line) throws IOException {
        sheet.newPage();
        header(line);
        double top = y;
        art(line);
        double belowArt = y;
        y = top;
        layers(line);
        loads(line);
        y = Math.max(y, belowArt) + 6;
        sizes(line);
        steps(line);
        snags(line);
        foot();
    }

    private void header(LinePlan line) throws IOException {
        sheet.box(0, 0, PdfSheet.WIDTH, 84, new Color(0xFBF6E9), new Color(0xFBF6E9));
        y = 34;
        String number = plan.job().number().isEmpty() ? "" : TicketWords.text("ticket.job", plan.job().number()) + " · ";
        sheet.text(number + TicketWords.text("ticket.line", line.line().id()), MARGIN, y, DocumentFonts.MEASURE, 9, SOFT);
        if (!plan.job().due().isEmpty()) {
            sheet.textRight(TicketWords.text("ticket.due", plan.job().due()), RIGHT, y, DocumentFonts.MEASURE, 9, SOFT);
        }
        y += 22;
        sheet.text(plan.job().name(), MARGIN, y, DocumentFonts.HEADING, 20, INK);
        y += 15;
        int places = plan.places(line.line().id()).size();
        sheet.text(places < 2 ? line.line().title() : TicketWords.text("ticket.place", line.line().title(), line.face().name(),
                plan.places(line.line().id()).indexOf(line) + 1, places), MARGIN, y, DocumentFonts.TEXT, 11, INK);
        sheet.textRight(words.blankLine(line), RIGHT, y, DocumentFonts.TEXT, 11, INK);
        sheet.rule(0, 84, PdfSheet.WIDTH, 1.5, INK);
        y = 108;
    }

    private void heading(String key, double x) throws IOException {
        sheet.text(TicketWords.text(key), x, y, DocumentFonts.HEADING, 12, INK);
        y += 15;
    }

    /** The garment above the hem's middle, as large as the column takes, and the scale it is drawn at. */
    private void art(LinePlan line) throws IOException {
        SizePlan size = line.drawn();
        Box box = size.face().pictureBox();
        double scale = Math.min(ART_WIDTH / box.widthMm(), ART_HEIGHT / box.heightMm());
        double ratio = PdfSheet.PT_PER_MM / scale;
        AffineTransform toPage = AffineTransform.getTranslateInstance(MARGIN, y + 4);
        toPage.scale(scale, scale);
        toPage.translate(-box.minXMm(), -box.minYMm());
        Color cloth = new Color(line.blankColour().colour().rgb());
        for (BlankPart part : size.face().picture()) {
            Color shade = Shades.of(cloth, part.kind());
            if (part.kind() == BlankPart.Kind.SEAM) {
                sheet.outline(part.curves().toAwt(), toPage, shade, 0.4, new float[0]);
            } else {
                sheet.fill(part.curves().toAwt(), toPage, shade);
            }
        }
        for (BlankPart part : size.face().picture()) {
            if (part.kind() == BlankPart.Kind.BODY) {
                sheet.outline(part.curves().toAwt(), toPage, RULE, 0.6, new float[0]);
            }
        }
        for (Painted p : size.laid().paints()) {
            sheet.fill(p.region(), toPage, new Color(p.colour().rgb()), p.ink());
        }
        Region area = Region.of(size.area().box()).warped(size.face().unrolling());
        Color guide = line.blankColour().colour().luminance() < 0.3 ? new Color(0xC9CACB) : SOFT;
        sheet.outline(AwtShapes.path(area), toPage, guide, 0.5, new float[] {1, 2});
        y += 4 + box.heightMm() * scale + 16;
        sheet.text(TicketWords.text("ticket.art", size.id(), String.format(Locale.ROOT, "%.1f", ratio)) + " · "
                + words.artSize(line), MARGIN, y, DocumentFonts.MEASURE, 8.5, SOFT);
        y += 12;
    }

    private void layers(LinePlan line) throws IOException {
        heading("ticket.layers", COLUMN);
        for (Layer layer : line.drawn().layers().reversed()) {
            sheet.box(COLUMN, y - 9, 16, 22, new Color(layer.colour().rgb()), RULE);
            sheet.text(layer.order() + "  " + Words.layerName(line, layer.order()), COLUMN + 24, y,
                    DocumentFonts.TEXT_BOLD, 10.5, INK);
            sheet.textRight(layer.material().name(), RIGHT, y, DocumentFonts.TEXT, 10, INK);
            y += 12;
            sheet.text(TicketWords.text("ticket.layer", layer.region().pieceCount(),
                    words.unit().fine(layer.thinnest().widthMm())), COLUMN + 24, y, DocumentFonts.TEXT, 9, SOFT);
            sheet.textRight(words.join(layer.join()), RIGHT, y, DocumentFonts.TEXT, 9, SOFT);
            y += 19;
        }
        for (String why : line.drawn().layers().reversed().stream().map(Words::why).distinct().toList()) {
            for (String row : sheet.wrapped(why, RIGHT - COLUMN, DocumentFonts.TEXT, 9.5)) {
                sheet.text(row, COLUMN, y, DocumentFonts.TEXT, 9.5, PLUM);
                y += 12;
            }
        }
        y += 10;
    }

    private void loads(LinePlan line) throws IOException {
        List<CutRun> runs = plan.runs().stream().filter(r -> r.load().placed().stream()
                .anyMatch(p -> p.item().lineId().equals(line.line().id()) && p.item().place().equals(line.place()))).toList();
        List<PrintSheet> prints = plan.prints().stream().filter(p -> p.isFor(line.line().id(), line.place())).toList();
        heading(runs.isEmpty() ? "ticket.prints" : prints.isEmpty() ? "ticket.loads" : "ticket.prints-and-loads", COLUMN);
        for (PrintSheet print : prints) {
            sheet.text(print.order() + "  " + TicketWords.text("ticket.print", print.material().name(),
                    words.unit().number(print.widthMm()), words.unit().format(print.heightMm())), COLUMN, y,
                    DocumentFonts.TEXT_BOLD, 10, INK);
            y += 12;
            sheet.text(TicketWords.text("ticket.print.use", print.times(), print.copies(line.line().id(), line.place()), TicketWords.text(print.reversed()
                    ? "ticket.print.reversed" : "ticket.print.straight")), COLUMN + 14, y, DocumentFonts.MEASURE, 8.5, SOFT);
            y += 15;
        }
        for (CutRun run : runs) {
            String colour = run.load().material().colourName(run.load().colour());
            sheet.text(run.load().order() + "  " + TicketWords.text("ticket.load", colour,
                    words.unit().rough(run.load().roll().widthMm()), lower(run.load().material().name())), COLUMN, y, DocumentFonts.TEXT_BOLD, 10, INK);
            y += 12;
            sheet.text(TicketWords.text("ticket.load.use", words.unit().film(run.load().usedMm()), run.paths().size(),
                    Words.duration(run.seconds())), COLUMN + 14, y, DocumentFonts.MEASURE, 8.5, SOFT);
            y += 15;
        }
    }

    private static String lower(String name) {
        return name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
    }

    private void sizes(LinePlan line) throws IOException {
        heading("ticket.blank", MARGIN);
        double[] columns = {MARGIN, MARGIN + 55, MARGIN + 105, MARGIN + 180, MARGIN + 280};
        boolean collar = line.face().form() instanceof Garment;
        String[] heads = {"ticket.size", "ticket.count", "ticket.art-width", collar ? "ticket.below-collar" : "ticket.below-edge",
            "ticket.off-middle"};
        for (int i = 0; i < heads.length; i++) {
            sheet.text(TicketWords.text(heads[i]), columns[i], y, DocumentFonts.TEXT, 9, SOFT);
        }
        sheet.textRight(TicketWords.text("ticket.platen", words.unit().number(line.platen().press().platenWidthMm())
                + " × " + words.unit().format(line.platen().press().platenHeightMm())), RIGHT, y,
                DocumentFonts.MEASURE, 9, SOFT);
        for (SizePlan size : line.sizes()) {
            if (size.count() > 0) {
                y += 13;
                sheet.text(size.id(), columns[0], y, DocumentFonts.TEXT_BOLD, 10, INK);
                sheet.text(String.valueOf(size.count()), columns[1], y, DocumentFonts.MEASURE, 10, INK);
                sheet.text(size.artBounds().map(b -> words.unit().format(b.widthMm())).orElse("–"), columns[2], y,
                        DocumentFonts.MEASURE, 10, INK);
                sheet.text(size.artBounds().map(b -> words.unit().format(b.minYMm())).orElse("–"), columns[3], y, DocumentFonts.MEASURE, 10, INK);
                sheet.text(size.artBounds().map(b -> offMiddle(b.centre().xMm())).orElse("–"), columns[4], y, DocumentFonts.MEASURE, 10, INK);
            }
        }
        y += 22;
    }

    /** Which side is meant is told as the one who looks at the thing sees it. */
    private String offMiddle(double mm) {
        return Math.abs(mm) < ON_THE_MIDDLE_MM ? TicketWords.text("ticket.on-middle")
                : TicketWords.text(mm < 0 ? "ticket.left" : "ticket.right", words.unit().format(Math.abs(mm)));
    }

    private void steps(LinePlan line) throws IOException {
        heading("ticket.steps", MARGIN);
        for (Step step : line.finish().steps()) {
            sheet.box(MARGIN, y - 8, 9, 9, Color.WHITE, INK);
            sheet.text(String.valueOf(step.order()), MARGIN + 18, y, DocumentFonts.HEADING, 11, PLUM);
            sheet.text(words.stepTitle(step, line), MARGIN + 34, y, DocumentFonts.TEXT_BOLD, 10.5, INK);
            sheet.text(step.kind().heats() ? words.heat(step) + " · " + words.pressure(step)
                    : TicketWords.text("ticket.wait"), MARGIN + 138, y, DocumentFonts.MEASURE, 9, INK);
            sheet.text(words.stepText(step, line), MARGIN + 278, y, DocumentFonts.TEXT, 9, SOFT);
            y += 15;
        }
        y += 8;
    }

    private void snags(LinePlan line) throws IOException {
        List<Snag> snags = plan.snags().stream().filter(s -> s.line().equals(line.line().id())
                && plan.line(s).filter(l -> l.line().at() == line.line().at()).isPresent()).toList();
        List<String> care = line.used().stream().filter(m -> line.holds().get(m.id()).answer() == Verdict.Answer.WITH_CONDITION)
                .map(m -> m.name() + ": " + words.reason(line.holds().get(m.id()))).toList();
        List<String> all = Stream.concat(care.stream(), snags.stream().map(s -> words.snag(s, plan))).toList();
        if (all.isEmpty()) {
            return;
        }
        heading("ticket.snags", MARGIN);
        for (String text : all) {
            for (String row : sheet.wrapped(text, RIGHT - MARGIN - 12, DocumentFonts.TEXT, 9.5)) {
                sheet.box(MARGIN, y - 9.5, RIGHT - MARGIN, 13, SNAG, SNAG);
                sheet.text(row, MARGIN + 6, y, DocumentFonts.TEXT, 9.5, INK);
                y += 13;
            }
        }
    }

    private void foot() throws IOException {
        double bottom = PdfSheet.HEIGHT - 34;
        sheet.rule(MARGIN, bottom - 14, RIGHT, 0.5, RULE);
        String currency = plan.quote().currency();
        sheet.text(TicketWords.text("ticket.sums", Words.money(plan.quote().film(), currency),
                Words.money(plan.quote().pressTime(), currency), Words.money(plan.quote().total(), currency)),
                MARGIN, bottom, DocumentFonts.MEASURE, 9, INK);
        sheet.text(TicketWords.text("ticket.makers-sheet"), MARGIN, bottom + 13, DocumentFonts.TEXT, 8.5, SOFT);
    }
}
