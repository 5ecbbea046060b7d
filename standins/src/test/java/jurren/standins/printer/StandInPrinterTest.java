package jurren.standins.printer;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.dryrun.DryRun;
import jurren.core.dryrun.InkSheet;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.job.Shop;
import jurren.core.job.SizeEntry;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.material.Colour;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.trace.Picture;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.plan.JobPapers;
import jurren.formats.print.PrintPdf;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What a page puts on paper, and what the dry run makes of sheets that are not as they should be. */
class StandInPrinterTest {
    private static final Shop SHOP = BuiltInShop.read();
    /** The demo, with one piece of each size and three labels. */
    private static final Plan PLAN = new Planner().plan(few(DemoJob.make()), BuiltInShop.read());

    private static final List<InkSheet> PRINTED = read();

    private static Job few(Job job) {
        return job.withLines(job.lines().stream()
                .map(l -> l.withSizes(l.sizes().stream()
                        .map(s -> s.withCount(Math.min(l.id().equals("C") ? 3 : 1, s.count())))
                        .toList()))
                .toList());
    }

    private static List<InkSheet> read() {
        List<InkSheet> sheets = new ArrayList<>();
        try {
            for (byte[] pdf : JobPapers.printFiles(PLAN).values()) {
                sheets.add(StandInPrinter.print(sheets.size() + 1, pdf));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return sheets;
    }

    /** A page of 100 by 50 mm: a red square, and a blue one over its right half. */
    @Test
    void whatIsFilledLaterCoversWhatLiesThere() throws IOException {
        double pt = 72 / 25.4;
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (PDDocument pdf = new PDDocument()) {
            PDPage page = new PDPage(new PDRectangle((float) (100 * pt), (float) (50 * pt)));
            pdf.addPage(page);
            try (PDPageContentStream out = new PDPageContentStream(pdf, page)) {
                out.setNonStrokingColor(1f, 0f, 0f);
                out.addRect((float) (10 * pt), (float) (10 * pt), (float) (20 * pt), (float) (20 * pt));
                out.fill();
                out.setNonStrokingColor(0f, 0f, 1f);
                out.addRect((float) (20 * pt), (float) (10 * pt), (float) (20 * pt), (float) (20 * pt));
                out.fill();
            }
            pdf.save(bytes);
        }
        InkSheet sheet = StandInPrinter.print(1, bytes.toByteArray());
        Region red = sheet.ink().get(Colour.of("#FF0000"));
        assertThat(red.areaMm2()).isCloseTo(200, within(0.1));
        assertThat(sheet.ink().get(Colour.of("#0000FF")).areaMm2()).isCloseTo(400, within(0.1));
        assertThat(red.bounds().minYMm()).as("y down from the upper edge").isCloseTo(20, within(0.01));
        assertThat(red.bounds().minXMm()).isCloseTo(10, within(0.01));
    }

    @Test
    void theWrittenPrintsOfTheDemoComeOutAsItsArt() {
        DryRun run = DryRun.of(PLAN, List.of(), PRINTED);
        assertThat(run.copies())
                .hasSize(PLAN.prints().stream().mapToInt(p -> p.slots().size()).sum())
                .hasSizeGreaterThan(4);
        assertThat(run.isTrue()).as("off by %s mm", run.worstMm()).isTrue();
    }

    /** Ganged prints with white of their own: as written they are right; white a little larger, or none, is not. */
    @Test
    void whiteThatWouldShowOrIsMissingComesOutWrong() throws IOException {
        Job job = NewJobs.saying(
                        "Fox",
                        ShippedTypeface.ANTON,
                        SHOP.blank("tee-adult").orElseThrow(),
                        SHOP.blank("tee-adult").orElseThrow().colours().getFirst(),
                        SHOP.material("powder-print").orElseThrow(),
                        Colour.of("#E8743B"))
                .withLine("A", l -> l.withSizes(List.of(SizeEntry.of("M", 3))));
        Plan plan = new Planner().plan(job, SHOP);
        InkSheet right = StandInPrinter.print(1, PrintPdf.write(plan.prints().getFirst(), PrintPdf.CUT_LINE));
        assertThat(right.plates()).containsOnlyKeys("White");
        DryRun run = DryRun.of(plan, List.of(), List.of(right));
        assertThat(run.copies()).hasSize(3);
        assertThat(run.isTrue()).as("off by %s mm", run.worstMm()).isTrue();
        Region white = right.plates().get("White");
        for (Region wrong :
                List.of(white.grown(0.2, CornerStyle.ROUND), white.placed(Placement.moved(0.3, 0)), Region.EMPTY)) {
            InkSheet sheet = new InkSheet(1, right.ink(), right.shaded(), right.look(), Map.of("White", wrong));
            assertThat(DryRun.of(plan, List.of(), List.of(sheet)).isTrue()).isFalse();
        }
    }

    /** Each of three mistakes on a sheet comes out wrong: not mirrored, out of register, one colour for another. */
    @Test
    void aSheetThatIsNotAsItShouldBeComesOutWrong() {
        for (InkSheet right : PRINTED) {
            Box all = right.ink().values().stream()
                    .map(Region::bounds)
                    .reduce(Box::joined)
                    .orElseThrow();
            Placement mirror = Placement.moved(-all.centre().xMm(), 0)
                    .then(Placement.flipped())
                    .then(Placement.moved(all.centre().xMm(), 0));
            assertThat(isTrue(changed(right, r -> r.placed(mirror))))
                    .as("mirrored")
                    .isFalse();
            assertThat(isTrue(changed(right, r -> isCross(r) ? r : r.placed(Placement.moved(0.5, 0)))))
                    .as("half a millimetre beside its crosses")
                    .isFalse();
        }
        InkSheet wrap = PRINTED.stream()
                .filter(s -> PLAN.prints()
                        .get(s.print() - 1)
                        .slots()
                        .getFirst()
                        .lineId()
                        .equals("B"))
                .findFirst()
                .orElseThrow();
        Map<Colour, Region> exchanged = new java.util.LinkedHashMap<>();
        List<Colour> colours = wrap.ink().keySet().stream()
                .filter(c -> !c.equals(new Colour(0)))
                .toList();
        wrap.ink()
                .forEach((c, r) -> exchanged.put(
                        c.equals(colours.get(0)) ? colours.get(1) : c.equals(colours.get(1)) ? colours.get(0) : c, r));
        assertThat(isTrue(new InkSheet(wrap.print(), exchanged)))
                .as("two colours exchanged")
                .isFalse();
        assertThat(isTrue(new InkSheet(wrap.print(), Map.of())))
                .as("an empty sheet")
                .isFalse();
    }

    /**
     * The picture on the back: as written it is right; upside down, mirrored within its frame, or another picture, it
     * is not.
     */
    @Test
    void aPictureThatIsNotAsItShouldBeComesOutWrong() {
        InkSheet back =
                PRINTED.stream().filter(s -> s.look().isPresent()).findFirst().orElseThrow();
        assertThat(back.shaded().areaMm2())
                .as("four pictures, less rounded corners")
                .isGreaterThan(60_000);
        assertThat(isTrue(back)).isTrue();
        InkSheet.Look look = back.look().orElseThrow();
        int w = look.picture().width();
        int h = look.picture().height();
        assertThat(isTrue(looking(back, (x, y) -> look.picture().argb(w - 1 - x, h - 1 - y))))
                .as("the sheet upside down")
                .isFalse();
        assertThat(isTrue(looking(
                        back, (x, y) -> look.picture().argb(Math.max(0, x - (int) (15 * look.pxPerMm())), y))))
                .as("15 mm beside its place")
                .isFalse();
        assertThat(isTrue(looking(back, (x, y) -> 0xFF8899AA)))
                .as("no picture at all")
                .isFalse();
        assertThat(isTrue(new InkSheet(back.print(), back.ink(), Region.EMPTY, back.look())))
                .as("nothing printed there")
                .isFalse();
    }

    private interface Pixel {
        int argb(int x, int y);
    }

    private static InkSheet looking(InkSheet sheet, Pixel pixel) {
        InkSheet.Look look = sheet.look().orElseThrow();
        int w = look.picture().width();
        int h = look.picture().height();
        int[] argb = new int[w * h];
        for (int i = 0; i < argb.length; i++) {
            argb[i] = pixel.argb(i % w, i / w);
        }
        return new InkSheet(
                sheet.print(),
                sheet.ink(),
                sheet.shaded(),
                Optional.of(new InkSheet.Look(Picture.ofOwned(w, h, argb), look.pxPerMm())));
    }

    private static boolean isCross(Region r) {
        return r.pieces().stream().allMatch(p -> p.region().bounds().widthMm() < 0.5);
    }

    private static boolean isTrue(InkSheet sheet) {
        return DryRun.of(PLAN, List.of(), List.of(sheet)).isTrue();
    }

    private static InkSheet changed(InkSheet sheet, java.util.function.UnaryOperator<Region> change) {
        Map<Colour, Region> ink = new java.util.LinkedHashMap<>();
        sheet.ink().forEach((c, r) -> ink.put(c, change.apply(r)));
        return new InkSheet(sheet.print(), ink, change.apply(sheet.shaded()), sheet.look());
    }
}
