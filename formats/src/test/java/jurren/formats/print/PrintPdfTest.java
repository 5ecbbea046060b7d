package jurren.formats.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.Map;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.plan.PrintSheet;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** The written sheet as a printer that knows nothing of the plan would put it on paper. */
class PrintPdfTest {
    private static final Plan PLAN = new Planner().plan(DemoJob.make(), BuiltInShop.read());
    private static final float DPI = 254;
    private static final double PX_PER_MM = DPI / 25.4;
    private static final double MARGIN_MM = 12;
    /** Paint that bleeds half a pixel over an edge is the renderer's, not the file's. */
    private static final double EDGE_MM = 0.2;

    private static PrintSheet print(String line, String place) {
        return PLAN.prints().stream().filter(p -> p.lineId().equals(line) && p.place().equals(place)).findFirst().orElseThrow();
    }

    /** Every spot well inside a colour has it on paper, and mirrored where the sheet is turned over; outside there is none. */
    private static void inkLiesWhereItShould(PrintSheet print, boolean mirrored) throws IOException {
        Box ink = PrintPdf.inked(print.layer());
        try (PDDocument pdf = Loader.loadPDF(PrintPdf.write(print, "Cut line"))) {
            assertThat(pdf.getPage(0).getMediaBox().getWidth()).isEqualTo((float) ((ink.widthMm() + 2 * MARGIN_MM) * 72 / 25.4), within(0.01f));
            BufferedImage paper = new PDFRenderer(pdf).renderImageWithDPI(0, DPI);
            int looked = 0;
            for (double y = ink.minYMm() - 1; y < ink.maxYMm() + 1; y += 2.3) {
                for (double x = ink.minXMm() - 1; x < ink.maxXMm() + 1; x += 2.3) {
                    Point at = new Point(x, y);
                    if (nearAnEdge(print, at)) {
                        continue;
                    }
                    double right = mirrored ? ink.maxXMm() - x : x - ink.minXMm();
                    int rgb = paper.getRGB((int) ((right + MARGIN_MM) * PX_PER_MM), (int) ((y - ink.minYMm() + MARGIN_MM) * PX_PER_MM)) & 0xFFFFFF;
                    int wanted = print.layer().print().entrySet().stream().filter(e -> e.getValue().contains(at)).map(Map.Entry::getKey)
                            .mapToInt(Colour::rgb).findFirst().orElse(0xFFFFFF) & 0xFFFFFF;
                    assertThat(rgb).as("%.1f, %.1f mm", x, y).isEqualTo(wanted);
                    looked++;
                }
            }
            assertThat(looked).isGreaterThan(300);
        }
    }

    private static boolean nearAnEdge(PrintSheet print, Point p) {
        return print.layer().print().values().stream().anyMatch(r -> nearAnEdge(r, p))
                || print.layer().isCut() && nearAnEdge(print.layer().region(), p);
    }

    private static boolean nearAnEdge(Region r, Point p) {
        boolean in = r.contains(p);
        return Stream.of(new Point(p.xMm() + EDGE_MM, p.yMm()), new Point(p.xMm() - EDGE_MM, p.yMm()), new Point(p.xMm(), p.yMm() + EDGE_MM),
                new Point(p.xMm(), p.yMm() - EDGE_MM)).anyMatch(q -> r.contains(q) != in);
    }

    @Test
    void aPrintOverABaseIsMirroredAndRunsOnBeyondIt() throws IOException {
        PrintSheet back = print("A", "back");
        assertThat(back.reversed()).isTrue();
        inkLiesWhereItShould(back, true);
        assertThat(PrintPdf.inked(back.layer()).widthMm()).isEqualTo(back.layer().region().bounds().widthMm() + 6, within(0.02));
    }

    @Test
    void aWrapIsMirrored() throws IOException {
        inkLiesWhereItShould(PLAN.prints().stream().filter(p -> p.lineId().equals("B")).findFirst().orElseThrow(), true);
    }

    @Test
    void aLabelIsNotAndItsCutLineIsASpotColourOfTheNameThatWasAskedFor() throws IOException {
        PrintSheet label = PLAN.prints().stream().filter(p -> p.lineId().equals("C")).findFirst().orElseThrow();
        assertThat(label.reversed()).isFalse();
        try (PDDocument pdf = Loader.loadPDF(PrintPdf.write(label, "Knife here"))) {
            var resources = pdf.getPage(0).getResources();
            assertThat(StreamSupport.stream(resources.getColorSpaceNames().spliterator(), false).map(n -> {
                try {
                    return resources.getColorSpace(n);
                } catch (IOException e) {
                    throw new AssertionError(e);
                }
            })).filteredOn(PDSeparation.class::isInstance).singleElement()
                    .satisfies(c -> assertThat(((PDSeparation) c).getColorantName()).isEqualTo("Knife here"));
            assertThat(new PDFTextStripper().getText(pdf)).contains("line C", "24 times", "true size");
        }
        inkLiesWhereItShould(label, false);
    }
}
