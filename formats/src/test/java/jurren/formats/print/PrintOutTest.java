package jurren.formats.print;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import jurren.core.geometry.Box;
import jurren.core.job.Job;
import jurren.core.load.Printer;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.plan.PrintSheet;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.words.Units;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What comes out of a printer, looked at as pixels: 4 to the millimetre. */
class PrintOutTest {
    private static final float PX_PER_PT = (float) (4 * 25.4 / 72);
    private static final int PX_PER_MM = 4;

    private static List<BufferedImage> pages(byte[] pdf) throws IOException {
        List<BufferedImage> pages = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                pages.add(new PDFRenderer(document).renderImage(i, PX_PER_PT));
            }
        }
        return pages;
    }

    private static Plan plan(Printer printer) {
        Job whole = DemoJob.make();
        return new Planner()
                .plan(
                        whole.withLines(whole.lines().stream()
                                .filter(l -> l.thing().blankId().startsWith("tumbler"))
                                .toList()),
                        BuiltInShop.read().with(BuiltInShop.read().mine().withPrinters(List.of(printer))));
    }

    /** The print of the tumblers, which no knife cuts. */
    private static PrintSheet wrap(Plan plan) {
        return plan.prints().stream().filter(p -> !p.isCut()).findFirst().orElseThrow();
    }

    private static Printer printer(String id) {
        return BuiltInShop.printers().stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** Colour that no mark has. */
    private static boolean isInk(int rgb) {
        int r = rgb >> 16 & 0xFF;
        int g = rgb >> 8 & 0xFF;
        int b = rgb & 0xFF;
        return Math.max(r, Math.max(g, b)) - Math.min(r, Math.min(g, b)) > 60;
    }

    /** First column and last with ink, first row and last. */
    private static int[] inked(BufferedImage page) {
        int[] box = {page.getWidth(), -1, page.getHeight(), -1};
        for (int y = 0; y < page.getHeight(); y++) {
            for (int x = 0; x < page.getWidth(); x++) {
                if (isInk(page.getRGB(x, y))) {
                    box[0] = Math.min(box[0], x);
                    box[1] = Math.max(box[1], x);
                    box[2] = Math.min(box[2], y);
                    box[3] = Math.max(box[3], y);
                }
            }
        }
        return box;
    }

    @Test
    void aSheetIsAsLargeAsThePaperAndItsInkAsLargeAsTheArt() throws IOException {
        Printer large = printer("sheet-13x19");
        PrintSheet wrap = wrap(plan(large));
        assertThat(PrintOut.parts(wrap, large)).isEqualTo(1);
        List<BufferedImage> out = pages(PrintOut.write(List.of(wrap), PrintPdf.CUT_LINE, large, Units.METRIC));
        assertThat(out).hasSize(wrap.times());
        BufferedImage first = out.getFirst();
        assertThat(first.getWidth() / (double) PX_PER_MM).isCloseTo(330.2, within(0.3));
        assertThat(first.getHeight() / (double) PX_PER_MM).isCloseTo(482.6, within(0.3));
        int[] whole = inked(pages(PrintPdf.write(wrap, PrintPdf.CUT_LINE)).getFirst());
        assertThat(inked(first)).as("where the judged sheet has it").containsExactly(whole);
    }

    @Test
    void aPrinterThatIsNotTrueIsCorrected() throws IOException {
        Printer large = printer("sheet-13x19");
        PrintSheet wrap = wrap(plan(large));
        int[] straight = inked(pages(PrintOut.write(List.of(wrap), PrintPdf.CUT_LINE, large, Units.METRIC))
                .getFirst());
        int[] corrected =
                inked(pages(PrintOut.write(List.of(wrap), PrintPdf.CUT_LINE, large.scaled(0.98, 1.02), Units.METRIC))
                        .getFirst());
        assertThat((corrected[1] - corrected[0]) * 0.98).isCloseTo(straight[1] - straight[0], within(2.0));
        assertThat((corrected[3] - corrected[2]) * 1.02).isCloseTo(straight[3] - straight[2], within(2.0));
    }

    @Test
    void partsLaidOverEachOtherAreTheWhole() throws IOException {
        Printer small = new Printer("small", "Small", 300, 120, 150, 5, true, 1, 1);
        PrintSheet wrap = wrap(plan(small));
        BufferedImage whole = pages(PrintPdf.write(wrap, PrintPdf.CUT_LINE)).getFirst();
        List<BufferedImage> parts = pages(PrintOut.write(List.of(wrap), PrintPdf.CUT_LINE, small, Units.METRIC));
        int count = PrintOut.parts(wrap, small);
        assertThat(count).isGreaterThan(2);
        assertThat(parts).hasSize(count * wrap.times());
        Box box = wrap.slots().stream()
                .map(PrintSheet.Slot::box)
                .reduce(Box::joined)
                .orElseThrow();
        // of 120 mm 110 can be printed; the next part begins 110 - 10 further, along 140 - 10
        int across = (int) Math.ceil((box.widthMm() - 10) / 100);
        assertThat(count).isEqualTo(across * (int) Math.ceil((box.heightMm() - 10) / 130));
        int left = (int) Math.round((box.minXMm() - 5) * PX_PER_MM);
        int top = (int) Math.round((box.minYMm() - 5) * PX_PER_MM);
        long wrong = 0;
        long ink = 0;
        for (int i = 0; i < count; i++) {
            BufferedImage part = parts.get(i);
            int dx = left + i % across * 100 * PX_PER_MM;
            int dy = top + i / across * 130 * PX_PER_MM;
            for (int y = 8 * PX_PER_MM; y < part.getHeight() - 8 * PX_PER_MM; y++) {
                for (int x = 8 * PX_PER_MM; x < part.getWidth() - 8 * PX_PER_MM; x++) {
                    if (isInk(part.getRGB(x, y))) {
                        ink++;
                        boolean there = false;
                        for (int n = 0; n < 9 && !there; n++) {
                            int wx = x + dx + n % 3 - 1;
                            int wy = y + dy + n / 3 - 1;
                            there = wx >= 0
                                    && wy >= 0
                                    && wx < whole.getWidth()
                                    && wy < whole.getHeight()
                                    && isInk(whole.getRGB(wx, wy));
                        }
                        wrong += there ? 0 : 1;
                    }
                }
            }
        }
        assertThat(ink).isGreaterThan(10_000);
        assertThat(wrong).isLessThan(ink / 500);
    }
}
