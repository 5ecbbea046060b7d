package jurren.formats.print;

import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jurren.core.art.Painted;
import jurren.core.blank.BlankPart;
import jurren.core.blank.Garment;
import jurren.core.cure.Remedies;
import jurren.core.cut.CutRun;
import jurren.core.finish.Step;
import jurren.core.finish.StepKind;
import jurren.core.finish.Weeding;
import jurren.core.geometry.AwtShapes;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.hold.Verdict;
import jurren.core.layer.Layer;
import jurren.core.load.Offcut;
import jurren.core.load.PieceNames;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.plan.PrintSheet;
import jurren.core.plan.Quote;
import jurren.core.plan.SizePlan;
import jurren.core.run.WholeRun;
import jurren.core.snag.Snag;
import jurren.formats.words.DecimalSign;
import jurren.formats.words.RunWords;
import jurren.formats.words.TicketWords;
import jurren.formats.words.Units;
import jurren.formats.words.Words;

/**
 * The ticket: a cover for the job, then for each line and place the art at scale on the thing, layers, loads, where the
 * art goes on every size, what to do, what to watch. Printed beside a press, so figures are large and steps have a box
 * to tick. What does not fit on a page goes on on the next one, under its heading.
 */
public final class TicketPdf {
    private static final Color INK = new Color(0x23262B);
    private static final Color SOFT = new Color(0x5A5F66);
    private static final Color RULE = new Color(0xB9B4A4);
    private static final Color PLUM = new Color(0x7C2E57);
    private static final Color SNAG = new Color(0xFFF3D0);
    private static final Color PAPER = new Color(0xFBF6E9);
    private static final double MARGIN = 40;
    private static final int SUMS_A_ROW = 3;
    private static final double FOOT = 48;
    private static final double COLUMN = 330;
    private static final double ART_WIDTH = COLUMN - MARGIN - 24;
    private static final double ART_HEIGHT = 176;
    private static final double STEP_TITLE = 136;
    private static final double STEP_FIGURES = MARGIN + 178;
    private static final double STEP_TEXT = MARGIN + 306;
    private static final double SUM_WIDTH = 160;
    /** Between two texts in one row, at the least. */
    private static final double BETWEEN = 10;

    private static final double SMALL_WIDTH = 98;
    private static final double SMALL_HEIGHT = 54;
    private static final double SMALL_GAP = 10;

    /** Nearer than a hand lays it. */
    private static final double ON_THE_MIDDLE_MM = 0.3;

    private final Plan plan;
    private final Words words;
    private final Remedies remedies;
    private final PdfSheet sheet;
    private LinePlan line;
    private String section = "";
    private double y;

    private TicketPdf(Plan plan, Units unit, Remedies remedies, PdfSheet sheet) {
        this.plan = plan;
        this.words = new Words(unit);
        this.remedies = remedies;
        this.sheet = sheet;
    }

    public static byte[] write(Plan plan, Units unit, Remedies remedies, Paper paper) {
        return write(plan, unit, remedies, WholeRun.of(plan), paper);
    }

    private double right() {
        return sheet.widthPt() - MARGIN;
    }

    private double bottom() {
        return sheet.heightPt() - FOOT;
    }

    public static byte[] write(Plan plan, Units unit, Remedies remedies, WholeRun run, Paper paper) {
        try (PdfSheet sheet = new PdfSheet(paper.size())) {
            TicketPdf ticket = new TicketPdf(plan, unit, remedies, sheet);
            ticket.cover(run);
            for (LinePlan line : plan.lines()) {
                ticket.page(line);
            }
            return sheet.finish();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    // ---- the cover: what the whole job is, needs and costs

    private void cover(WholeRun run) throws IOException {
        start();
        heading("ticket.lines", MARGIN);
        for (LinePlan l : plan.lines()) {
            room(32, MARGIN);
            sheet.text(l.line().id(), MARGIN, y, DocumentFonts.HEADING, 12, PLUM);
            double room = right() - MARGIN - 22 - sheet.width(Words.sizeRun(l), DocumentFonts.MEASURE, 9.5) - BETWEEN;
            beside(
                    title(l, room, DocumentFonts.TEXT_BOLD),
                    MARGIN + 22,
                    DocumentFonts.TEXT_BOLD,
                    10.5,
                    INK,
                    Words.sizeRun(l),
                    DocumentFonts.MEASURE,
                    9.5,
                    INK);
            y += 13;
            beside(
                    words.blankLine(l) + " · " + words.artSize(l),
                    MARGIN + 22,
                    DocumentFonts.TEXT,
                    9.5,
                    SOFT,
                    TicketWords.text("ticket.work", Words.duration(l.finishSeconds())),
                    DocumentFonts.TEXT,
                    9.5,
                    SOFT);
            y += 19;
        }
        y += 6;
        material(plan.prints(), plan.runs(), MARGIN, right());
        y += 6;
        heading("ticket.sums", MARGIN);
        room(16, MARGIN);
        Quote q = plan.quote();
        Map<String, Double> sums = new LinkedHashMap<>(Map.of("ticket.sum.material", q.film()));
        sums.put("ticket.sum.work", q.pressTime());
        if (q.things() > 0) {
            sums.put("ticket.sum.things", q.things());
        }
        if (q.ink() > 0) {
            sums.put("ticket.sum.ink", q.ink());
        }
        if (q.margin() > 0) {
            sums.put("ticket.sum.margin", q.margin());
        }
        sums.put("ticket.sum.all", q.total());
        int column = 0;
        for (Map.Entry<String, Double> sum : sums.entrySet()) {
            if (column == SUMS_A_ROW) {
                column = 0;
                y += 15;
            }
            sum(sum.getKey(), sum.getValue(), column++);
        }
        y += 15;
        y += 10;
        if (!run.tasks().isEmpty()) {
            room(RunPdf.high(run) + 50, MARGIN);
            heading("run.title", MARGIN);
            wrapped(RunWords.whole(run.schedule()), MARGIN, right() - MARGIN, 9.5, SOFT);
            y = RunPdf.chart(sheet, run, y + 4) + 16;
        }
        lying();
        List<Snag> stops = plan.snags().stream()
                .filter(s -> s.gravity() != Snag.Gravity.LOOK)
                .toList();
        if (!stops.isEmpty()) {
            heading("ticket.stops", MARGIN);
            for (Snag s : stops) {
                snag(s);
            }
        }
        foot();
    }

    /** By which near-identical pieces are told apart, each on its film. */
    private void lying() throws IOException {
        List<CutRun> several =
                plan.runs().stream().filter(r -> r.load().placed().size() > 1).toList();
        if (several.isEmpty()) {
            return;
        }
        section = "";
        room(40 + new LoadDrawing(several.getFirst(), right() - MARGIN).highPt(), MARGIN);
        heading("ticket.lying", MARGIN);
        for (CutRun run : several) {
            LoadDrawing drawing = new LoadDrawing(run, right() - MARGIN);
            PieceNames names = plan.pieceNames(run.load());
            room(16 + drawing.highPt(), MARGIN);
            sheet.textWithin(
                    run.load().order() + "  " + on(run) + " · " + names.common(),
                    MARGIN,
                    y,
                    right() - MARGIN,
                    DocumentFonts.TEXT_BOLD,
                    10,
                    INK);
            y += 5;
            for (int strip = 0; strip < drawing.strips(); strip++) {
                room(drawing.highPt(), MARGIN);
                drawing.draw(sheet, strip, MARGIN, y, p -> names.of(p));
                y += drawing.highPt();
            }
            y += 10;
        }
    }

    private String on(CutRun run) {
        String colour = run.load().material().colourName(run.load().colour());
        String film = lower(Words.filmName(run.load(), plan.shop()));
        return run.load().stock() instanceof Offcut o
                ? TicketWords.text("ticket.load.offcut", colour, o.id(), film)
                : TicketWords.text(
                        run.cutter().isOnMats() ? "ticket.load.mat" : "ticket.load",
                        colour,
                        words.unit().rough(run.load().stock().widthMm()),
                        film);
    }

    private void sum(String key, double amount, int column) throws IOException {
        double x = MARGIN + 22 + column * SUM_WIDTH;
        sheet.text(TicketWords.text(key), x, y, DocumentFonts.TEXT, 10.5, INK);
        sheet.text(Words.money(amount, plan.quote().currency()), x + 64, y, DocumentFonts.MEASURE, 10.5, INK);
    }

    // ---- a line at one of its places

    private void page(LinePlan of) throws IOException {
        line = of;
        start();
        double top = y;
        art();
        double belowArt = y;
        y = top;
        int first = sheet.pageCount();
        layers();
        loads();
        y = (sheet.pageCount() == first ? Math.max(y, belowArt) : y) + 6;
        sizes();
        steps();
        weeding();
        snags();
        foot();
        line = null;
    }

    /** A new page with the heading of the job, and of the line where there is one. */
    private void start() throws IOException {
        sheet.newPage();
        sheet.box(0, 0, sheet.widthPt(), 84, PAPER, PAPER);
        y = 34;
        String number = plan.job().number().isEmpty()
                ? ""
                : TicketWords.text("ticket.job", plan.job().number()) + " · ";
        beside(
                number
                        + (line == null
                                ? TicketWords.text("ticket.cover")
                                : TicketWords.text("ticket.line", line.line().id())),
                MARGIN,
                DocumentFonts.MEASURE,
                9,
                SOFT,
                plan.job().due().isEmpty()
                        ? ""
                        : TicketWords.text("ticket.due", plan.job().due()),
                DocumentFonts.MEASURE,
                9,
                SOFT);
        y += 22;
        sheet.textWithin(plan.job().name(), MARGIN, y, right() - MARGIN, DocumentFonts.HEADING, 20, INK);
        y += 15;
        if (line == null) {
            sheet.textWithin(plan.job().customer(), MARGIN, y, right() - MARGIN, DocumentFonts.TEXT, 11, INK);
        } else {
            double room = right() - MARGIN - sheet.width(words.blankLine(line), DocumentFonts.TEXT, 11) - BETWEEN;
            beside(
                    title(line, room, DocumentFonts.TEXT),
                    MARGIN,
                    DocumentFonts.TEXT,
                    11,
                    INK,
                    words.blankLine(line),
                    DocumentFonts.TEXT,
                    11,
                    INK);
        }
        sheet.rule(0, 84, sheet.widthPt(), 1.5, INK);
        y = 104;
    }

    /**
     * The title of a line with its place, which stays when a long title is shortened to what the room takes in the
     * smallest signs.
     */
    private String title(LinePlan of, double room, DocumentFonts font) throws IOException {
        List<LinePlan> places = plan.places(of.line().id());
        String title = of.line().title();
        String told = placed(title, of, places);
        for (int length = title.length() - 1;
                length > 0 && sheet.width(told, font, PdfSheet.LEAST_PT) > room;
                length--) {
            told = placed(title.substring(0, length).stripTrailing() + "…", of, places);
        }
        return told;
    }

    private static String placed(String title, LinePlan of, List<LinePlan> places) {
        return places.size() < 2
                ? title
                : TicketWords.text("ticket.place", title, of.face().name(), places.indexOf(of) + 1, places.size());
    }

    /** One text from the left and one to the right edge; the right one takes what it needs, up to half of the room. */
    private void beside(
            String text,
            double x,
            DocumentFonts font,
            double size,
            Color colour,
            String other,
            DocumentFonts otherFont,
            double otherSize,
            Color otherColour)
            throws IOException {
        double room = (right() - x) / 2;
        double wide = Math.min(room, sheet.width(other, otherFont, otherSize));
        if (!other.isEmpty()) {
            sheet.textWithin(other, right() - wide, y, wide + 0.01, otherFont, otherSize, otherColour);
        }
        sheet.textWithin(text, x, y, right() - x - (other.isEmpty() ? 0 : wide + BETWEEN), font, size, colour);
    }

    private void heading(String key, double x) throws IOException {
        section = "";
        room(40, x);
        section = TicketWords.text(key);
        sheet.text(section, x, y, DocumentFonts.HEADING, 12, INK);
        y += 15;
    }

    /** Goes on on another page when so much does not fit on this one, under the heading it belongs to. */
    private void room(double height, double x) throws IOException {
        if (y + height <= bottom()) {
            return;
        }
        foot();
        start();
        if (!section.isEmpty()) {
            sheet.text(TicketWords.text("ticket.goes-on", section), x, y, DocumentFonts.HEADING, 12, INK);
            y += 17;
        }
    }

    /** The garment above the hem's middle, as large as the column takes, and the scale it is drawn at. */
    private void art() throws IOException {
        SizePlan size = line.drawn();
        Box box = size.face().pictureBox();
        double scale = Math.min(ART_WIDTH / box.widthMm(), ART_HEIGHT / box.heightMm());
        double ratio = PdfSheet.PT_PER_MM / scale;
        AffineTransform toPage = toPage(box, scale, MARGIN, y + 4);
        thing(size, toPage);
        Region area = Region.of(size.area().box()).warped(size.face().unrolling());
        Color guide = line.blankColour().colour().luminance() < 0.3 ? new Color(0xC9CACB) : SOFT;
        sheet.outline(AwtShapes.path(area), toPage, guide, 0.5, new float[] {1, 2});
        y += 4 + box.heightMm() * scale + 16;
        sheet.text(
                TicketWords.text("ticket.art", size.id(), String.format(DecimalSign.locale(), "%.1f", ratio)) + " · "
                        + words.artSize(line),
                MARGIN,
                y,
                DocumentFonts.MEASURE,
                8.5,
                SOFT);
        y += 12;
    }

    private static AffineTransform toPage(Box box, double scale, double x, double y) {
        AffineTransform toPage = AffineTransform.getTranslateInstance(x, y);
        toPage.scale(scale, scale);
        toPage.translate(-box.minXMm(), -box.minYMm());
        return toPage;
    }

    /** The thing with its art, one size of it. */
    private void thing(SizePlan size, AffineTransform toPage) throws IOException {
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
    }

    private void layers() throws IOException {
        heading("ticket.layers", COLUMN);
        for (Layer layer : line.drawn().layers().reversed()) {
            room(34, COLUMN);
            sheet.box(COLUMN, y - 9, 16, 22, new Color(layer.colour().rgb()), RULE);
            beside(
                    layer.order() + "  " + Words.layerName(line, layer.order()),
                    COLUMN + 24,
                    DocumentFonts.TEXT_BOLD,
                    10.5,
                    INK,
                    layer.material().name(),
                    DocumentFonts.TEXT,
                    10,
                    INK);
            y += 12;
            String made = layer.isPrint() && !layer.isCut()
                    ? TicketWords.text("ticket.layer.print", layer.region().pieceCount())
                    : TicketWords.text(
                            "ticket.layer",
                            layer.region().pieceCount(),
                            words.unit()
                                    .fine(line.drawn()
                                            .flaws()
                                            .thinnest(layer.order())
                                            .widthMm()));
            String join = words.join(layer.join());
            sheet.text(made, COLUMN + 24, y, DocumentFonts.TEXT, 9, SOFT);
            boolean apart = sheet.width(made + join, DocumentFonts.TEXT, 9) > right() - COLUMN - 40;
            y += apart ? 11 : 0;
            sheet.textRight(join, right(), y, DocumentFonts.TEXT, 9, SOFT);
            y += apart ? 15 : 19;
        }
        for (String why : line.drawn().layers().reversed().stream()
                .map(Words::why)
                .distinct()
                .toList()) {
            wrapped(why, COLUMN, right() - COLUMN, 9.5, PLUM);
        }
        y += 10;
    }

    private void wrapped(String text, double x, double width, double size, Color colour) throws IOException {
        for (String row : sheet.wrapped(text, width, DocumentFonts.TEXT, size)) {
            room(12, x);
            sheet.text(row, x, y, DocumentFonts.TEXT, size, colour);
            y += 12;
        }
    }

    private void loads() throws IOException {
        material(
                plan.prints().stream()
                        .filter(p -> p.isFor(line.line().id(), line.place()))
                        .toList(),
                plan.runs().stream()
                        .filter(r -> r.load().placed().stream()
                                .anyMatch(p ->
                                        p.item().lineId().equals(line.line().id())
                                                && p.item().place().equals(line.place())))
                        .toList(),
                COLUMN,
                right());
    }

    /** Of a line only what concerns it; on the cover everything. */
    private void material(List<PrintSheet> prints, List<CutRun> runs, double x, double right) throws IOException {
        if (prints.isEmpty() && runs.isEmpty()) {
            return;
        }
        heading(runs.isEmpty() ? "ticket.prints" : prints.isEmpty() ? "ticket.loads" : "ticket.prints-and-loads", x);
        for (PrintSheet print : prints) {
            room(28, x);
            String reversed = TicketWords.text(print.reversed() ? "ticket.print.reversed" : "ticket.print.straight");
            entry(
                    print.order() + "  "
                            + TicketWords.text(
                                    "ticket.print",
                                    print.material().name(),
                                    words.unit().number(print.widthMm()),
                                    words.unit().format(print.heightMm())),
                    line == null
                            ? TicketWords.text("ticket.print.sheets", print.times(), reversed)
                            : TicketWords.text(
                                    "ticket.print.use",
                                    print.times(),
                                    print.copies(line.line().id(), line.place()),
                                    reversed),
                    x,
                    right);
            y += 14;
        }
        for (CutRun run : runs) {
            room(28, x);
            entry(
                    run.load().order() + "  " + on(run),
                    TicketWords.text(
                            "ticket.load.use",
                            words.unit().film(run.load().usedMm()),
                            run.paths().size(),
                            Words.duration(run.seconds())),
                    x,
                    right);
            y += 13;
        }
    }

    /** What it is, and what of it is used: on the cover beside that, elsewhere under it. */
    private void entry(String name, String use, double x, double right) throws IOException {
        if (line == null) {
            beside(name, x, DocumentFonts.TEXT_BOLD, 10, INK, use, DocumentFonts.MEASURE, 8.5, SOFT);
        } else {
            sheet.textWithin(name, x, y, right - x, DocumentFonts.TEXT_BOLD, 10, INK);
            y += 12;
            sheet.textWithin(use, x + 14, y, right - x - 14, DocumentFonts.MEASURE, 8.5, SOFT);
        }
    }

    private static String lower(String name) {
        return name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
    }

    // ---- where the art goes

    private boolean hangsOnCollar() {
        return line.face().form() instanceof Garment;
    }

    private void sizes() throws IOException {
        heading("ticket.where", MARGIN);
        double[] columns = {MARGIN, MARGIN + 55, MARGIN + 105, MARGIN + 180, MARGIN + 280};
        String[] heads = {
            "ticket.size",
            "ticket.count",
            "ticket.art-width",
            hangsOnCollar() ? "ticket.below-collar" : "ticket.below-edge",
            "ticket.off-middle"
        };
        for (int i = 0; i < heads.length; i++) {
            sheet.text(TicketWords.text(heads[i]), columns[i], y, DocumentFonts.TEXT, 9, SOFT);
        }
        if (line.isPressed()) {
            sheet.textRight(
                    TicketWords.text(
                            "ticket.platen",
                            words.unit().number(line.platen().press().platenWidthMm()) + " × "
                                    + words.unit().format(line.platen().press().platenHeightMm())),
                    right(),
                    y,
                    DocumentFonts.MEASURE,
                    9,
                    SOFT);
        }
        List<SizePlan> made = line.sizes().stream().filter(s -> s.count() > 0).toList();
        for (SizePlan size : made) {
            y += 13;
            room(13, MARGIN);
            sheet.text(size.id(), columns[0], y, DocumentFonts.TEXT_BOLD, 10, INK);
            sheet.text(String.valueOf(size.count()), columns[1], y, DocumentFonts.MEASURE, 10, INK);
            sheet.text(
                    size.artBounds().map(b -> words.unit().format(b.widthMm())).orElse("–"),
                    columns[2],
                    y,
                    DocumentFonts.MEASURE,
                    10,
                    INK);
            sheet.text(
                    size.artBounds().map(b -> words.unit().format(b.minYMm())).orElse("–"),
                    columns[3],
                    y,
                    DocumentFonts.MEASURE,
                    10,
                    INK);
            sheet.text(
                    size.artBounds().map(b -> offMiddle(b.centre().xMm())).orElse("–"),
                    columns[4],
                    y,
                    DocumentFonts.MEASURE,
                    10,
                    INK);
        }
        y += 12;
        int inRow = (int) ((right() - MARGIN + SMALL_GAP) / (SMALL_WIDTH + SMALL_GAP));
        for (int i = 0; i < made.size(); i += inRow) {
            room(SMALL_HEIGHT + 25, MARGIN);
            for (int k = 0; k < inRow && i + k < made.size(); k++) {
                small(made.get(i + k), MARGIN + k * (SMALL_WIDTH + SMALL_GAP));
            }
            y += SMALL_HEIGHT + 25;
        }
        y += 8;
    }

    /** The thing with the art's drop from above and its way from the middle line. */
    private void small(SizePlan size, double x) throws IOException {
        Box box = size.face().pictureBox();
        double scale = Math.min((SMALL_WIDTH - 4) / box.widthMm(), SMALL_HEIGHT / box.heightMm());
        AffineTransform toPage = toPage(box, scale, x, y);
        thing(size, toPage);
        if (size.artBounds().isEmpty()) {
            return;
        }
        Box art = size.artBounds().get();
        Color mark = line.blankColour().colour().luminance() < 0.3 ? new Color(0xFFC94A) : PLUM;
        double middle = art.centre().xMm();
        measure(size, toPage, new Point(middle, 0), new Point(middle, art.minYMm()), mark);
        if (Math.abs(middle) >= ON_THE_MIDDLE_MM) {
            measure(
                    size,
                    toPage,
                    new Point(0, art.centre().yMm()),
                    new Point(middle, art.centre().yMm()),
                    mark);
        }
        sheet.text(
                size.id() + "  ↓ " + words.unit().format(art.minYMm()),
                x,
                y + SMALL_HEIGHT + 10,
                DocumentFonts.MEASURE,
                8,
                INK);
        if (Math.abs(middle) >= ON_THE_MIDDLE_MM) {
            sheet.text(
                    "   ↔ " + words.unit().format(Math.abs(middle)),
                    x,
                    y + SMALL_HEIGHT + 19,
                    DocumentFonts.MEASURE,
                    8,
                    INK);
        }
    }

    /** A line between two places of the art with a short stroke at each end. */
    private void measure(SizePlan size, AffineTransform toPage, Point from, Point to, Color colour) throws IOException {
        Point a = size.face().unrolling().apply(from);
        Point b = size.face().unrolling().apply(to);
        double length = a.distanceMm(b);
        if (length == 0) {
            return;
        }
        double tick = 2.5 / toPage.getScaleX();
        double nx = -(b.yMm() - a.yMm()) / length * tick;
        double ny = (b.xMm() - a.xMm()) / length * tick;
        Path2D.Double path = new Path2D.Double();
        path.moveTo(a.xMm(), a.yMm());
        path.lineTo(b.xMm(), b.yMm());
        for (Point end : List.of(a, b)) {
            path.moveTo(end.xMm() - nx, end.yMm() - ny);
            path.lineTo(end.xMm() + nx, end.yMm() + ny);
        }
        sheet.outline(path, toPage, colour, 1, new float[0]);
    }

    /** Which side is meant is told as the one who looks at the thing sees it. */
    private String offMiddle(double mm) {
        return Math.abs(mm) < ON_THE_MIDDLE_MM
                ? TicketWords.text("ticket.on-middle")
                : TicketWords.text(
                        mm < 0 ? "ticket.left" : "ticket.right", words.unit().format(Math.abs(mm)));
    }

    // ---- what to do, and what to watch

    /** The steps of a piece; where some sizes are pressed otherwise, theirs too. */
    private void steps() throws IOException {
        List<List<Step>> told = new ArrayList<>();
        for (SizePlan size : line.sizes().stream()
                .filter(s -> s.count() > 0 || line.line().copies() == 0)
                .toList()) {
            List<Step> steps = size.finish().steps();
            if (told.stream().noneMatch(t -> isAlike(t, steps))) {
                told.add(steps);
                List<String> alike = line.sizes().stream()
                        .filter(s -> s.count() > 0 && isAlike(s.finish().steps(), steps))
                        .map(SizePlan::id)
                        .toList();
                steps(
                        size,
                        alike.size()
                                        == line.sizes().stream()
                                                .filter(s -> s.count() > 0)
                                                .count()
                                ? ""
                                : String.join(", ", alike));
            }
        }
    }

    /** Nothing of it would be done otherwise. */
    private static boolean isAlike(List<Step> a, List<Step> b) {
        return a.size() == b.size()
                && IntStream.range(0, a.size())
                        .allMatch(i -> a.get(i).kind() == b.get(i).kind()
                                && a.get(i).layers().equals(b.get(i).layers())
                                && a.get(i).celsius() == b.get(i).celsius()
                                && (!a.get(i).kind().heats()
                                        || a.get(i).seconds() == b.get(i).seconds())
                                && a.get(i).position() == b.get(i).position());
    }

    private void steps(SizePlan size, String sizes) throws IOException {
        heading("ticket.steps", MARGIN);
        if (!sizes.isEmpty()) {
            y -= 15;
            sheet.textRight(sizes, right(), y, DocumentFonts.MEASURE, 9.5, INK);
            y += 15;
        }
        for (Step step : size.finish().steps()) {
            List<String> text =
                    sheet.wrapped(words.stepText(step, line, size), right() - STEP_TEXT, DocumentFonts.TEXT, 9);
            List<String> title = sheet.wrapped(words.stepTitle(step, line), STEP_TITLE, DocumentFonts.TEXT_BOLD, 10.5);
            List<String> figures = sheet.wrapped(
                    step.kind().heats()
                            ? words.heat(step) + " · " + words.pressure(step)
                            : waits(step) ? TicketWords.text("ticket.wait") : Words.seconds(step.seconds()),
                    STEP_TEXT - STEP_FIGURES - 8,
                    DocumentFonts.MEASURE,
                    9);
            double height = 1.5 + 12.0 * Math.max(figures.size(), Math.max(text.size(), title.size()));
            room(height, MARGIN);
            sheet.box(MARGIN, y - 8, 9, 9, Color.WHITE, INK);
            sheet.text(String.valueOf(step.order()), MARGIN + 18, y, DocumentFonts.HEADING, 11, PLUM);
            rows(title, MARGIN + 38, DocumentFonts.TEXT_BOLD, 10.5, INK);
            rows(figures, STEP_FIGURES, DocumentFonts.MEASURE, 9, INK);
            rows(text, STEP_TEXT, DocumentFonts.TEXT, 9, SOFT);
            y += height;
        }
        y += 8;
    }

    private static boolean waits(Step step) {
        return step.kind().does(StepKind.Role.WAITS);
    }

    private void rows(List<String> rows, double x, DocumentFonts font, double size, Color colour) throws IOException {
        for (int i = 0; i < rows.size(); i++) {
            sheet.text(rows.get(i), x, y + 12 * i, font, size, colour);
        }
    }

    /** Where parts are fine, what to weed first and with what. */
    private void weeding() throws IOException {
        List<String> hints = new ArrayList<>();
        for (Layer layer : line.drawn().layers()) {
            if (layer.isCut() && layer.role() != Layer.Role.PLATE) {
                long parts = layer.region().pieces().stream()
                        .filter(p -> Math.abs(p.outer().signedAreaMm2()) < Weeding.FINE_MM2)
                        .count();
                long holes = layer.region().pieces().stream()
                        .flatMap(p -> p.holes().stream())
                        .filter(h -> Math.abs(h.signedAreaMm2()) < Weeding.FINE_MM2)
                        .count();
                if (holes > 0) {
                    hints.add(TicketWords.text("ticket.weed.holes", Words.layerName(line, layer.order()), holes));
                }
                if (parts > 0) {
                    hints.add(TicketWords.text("ticket.weed", Words.layerName(line, layer.order()), parts));
                }
            }
        }
        if (!hints.isEmpty()) {
            heading("ticket.weeding", MARGIN);
            for (String hint : hints) {
                wrapped(hint, MARGIN, right() - MARGIN, 9.5, INK);
            }
            y += 8;
        }
    }

    private void snags() throws IOException {
        List<Snag> snags = plan.snags().stream()
                .filter(s -> s.line().equals(line.line().id())
                        && plan.line(s)
                                .filter(l -> l.line().at() == line.line().at())
                                .isPresent())
                .toList();
        List<String> care = line.used().stream()
                .filter(m -> line.holds().get(m.id()).answer() == Verdict.Answer.WITH_CONDITION)
                .map(m -> m.name() + ": " + words.reason(line.holds().get(m.id())))
                .toList();
        List<Snag> others =
                snags.stream().filter(s -> !(s instanceof Snag.HoldsWithCare)).toList();
        if (care.isEmpty() && others.isEmpty()) {
            return;
        }
        heading("ticket.snags", MARGIN);
        for (String text : care) {
            marked(text);
        }
        for (Snag s : others) {
            snag(s);
        }
    }

    /** What is wrong, where, and what would mend it. */
    private void snag(Snag snag) throws IOException {
        String cures =
                remedies.of(snag).stream().map(words::cure).collect(Collectors.joining(TicketWords.text("ticket.or")));
        marked((snag.gravity() == Snag.Gravity.LOOK ? "" : TicketWords.text("ticket.stop") + " ")
                + words.snag(snag, plan, remedies)
                + (cures.isEmpty() ? "" : " " + TicketWords.text("ticket.mends", cures)));
    }

    private void marked(String text) throws IOException {
        for (String row : sheet.wrapped(text, right() - MARGIN - 12, DocumentFonts.TEXT, 9.5)) {
            room(13, MARGIN);
            sheet.box(MARGIN, y - 9.5, right() - MARGIN, 13, SNAG, SNAG);
            sheet.text(row, MARGIN + 6, y, DocumentFonts.TEXT, 9.5, INK);
            y += 13;
        }
        y += 3;
    }

    private void foot() throws IOException {
        double bottom = sheet.heightPt() - 30;
        sheet.rule(MARGIN, bottom - 14, right(), 0.5, RULE);
        sheet.text(TicketWords.text("ticket.makers-sheet"), MARGIN, bottom, DocumentFonts.TEXT, 8.5, SOFT);
        sheet.textRight(
                TicketWords.text("ticket.page", sheet.pageCount()), right(), bottom, DocumentFonts.MEASURE, 8.5, SOFT);
    }
}
