package jurren.formats.print;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.layer.Layer;
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
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** The written sheet as a printer that knows nothing of the plan would put it on paper. */
@Tag("long")
class PrintPdfTest {
    private static final Plan PLAN = new Planner().plan(DemoJob.make(), BuiltInShop.read());
    private static final float DPI = 254;
    private static final double PX_PER_MM = DPI / 25.4;
    /** Paint that bleeds half a pixel over an edge is the renderer's, not the file's. */
    private static final double EDGE_MM = 0.2;

    private static PrintSheet print(String line, String place) {
        return PLAN.prints().stream()
                .filter(p -> p.isFor(line, place))
                .findFirst()
                .orElseThrow();
    }

    /**
     * Every spot of a piece well inside a colour has it on paper, where its slot is, and mirrored where it is turned
     * over.
     */
    private static void inkLiesWhereItShould(PrintSheet print, boolean mirrored) throws IOException {
        try (PDDocument pdf = Loader.loadPDF(PrintPdf.write(print, "Cut line"))) {
            assertThat(pdf.getPage(0).getMediaBox().getWidth())
                    .isEqualTo((float) (print.widthMm() * 72 / 25.4), within(0.01f));
            BufferedImage paper = new PDFRenderer(pdf).renderImageWithDPI(0, DPI);
            for (PrintSheet.Slot slot :
                    List.of(print.slots().getFirst(), print.slots().getLast())) {
                assertThat(inkLiesWhereItShould(slot, mirrored, paper)).isGreaterThan(100);
            }
        }
    }

    /** The spots looked at. The slot's middle is taken from the plan, how the art lies in it is worked out here. */
    private static int inkLiesWhereItShould(PrintSheet.Slot slot, boolean mirrored, BufferedImage paper) {
        Box ink = PrintSheet.inkOf(slot.layer());
        Box lies = slot.inked();
        Region shaded = slot.layer().print().shaded();
        int looked = 0;
        for (double y = ink.minYMm() + 0.1; y < ink.maxYMm(); y += 2.3) {
            for (double x = ink.minXMm() + 0.1; x < ink.maxXMm(); x += 2.3) {
                Point at = new Point(x, y);
                // pictures are looked at elsewhere: no two painters make the same pixels
                if (nearAnEdge(slot.layer(), at) || shaded.contains(at)) {
                    continue;
                }
                double right = mirrored ? ink.maxXMm() - x : x - ink.minXMm();
                double down = y - ink.minYMm();
                double px = lies.minXMm() + (slot.turned() ? ink.heightMm() - down : right);
                double py = lies.minYMm() + (slot.turned() ? right : down);
                int rgb = paper.getRGB((int) (px * PX_PER_MM), (int) (py * PX_PER_MM)) & 0xFFFFFF;
                int wanted = slot.layer().print().at(at).map(Colour::rgb).orElse(0xFFFFFF);
                assertThat(rgb).as("%.1f, %.1f mm", x, y).isEqualTo(wanted);
                looked++;
            }
        }
        return looked;
    }

    private static boolean nearAnEdge(Layer layer, Point p) {
        return layer.print().inks().stream().anyMatch(i -> nearAnEdge(i.region(), p))
                || layer.isCut() && nearAnEdge(layer.region(), p);
    }

    private static boolean nearAnEdge(Region r, Point p) {
        boolean in = r.contains(p);
        return Stream.of(
                        new Point(p.xMm() + EDGE_MM, p.yMm()),
                        new Point(p.xMm() - EDGE_MM, p.yMm()),
                        new Point(p.xMm(), p.yMm() + EDGE_MM),
                        new Point(p.xMm(), p.yMm() - EDGE_MM))
                .anyMatch(q -> r.contains(q) != in);
    }

    @Test
    void aPrintOverABaseIsMirroredAndRunsOnBeyondIt() throws IOException {
        PrintSheet back = print("A", "back");
        assertThat(back.reversed()).isTrue();
        inkLiesWhereItShould(back, true);
        Layer layer = back.slots().getFirst().layer();
        assertThat(PrintSheet.inkOf(layer).widthMm())
                .isEqualTo(layer.region().bounds().widthMm() + 6, within(0.02));
    }

    @Test
    void aWrapIsMirrored() throws IOException {
        inkLiesWhereItShould(
                PLAN.prints().stream()
                        .filter(p -> p.isFor("B", "wrap"))
                        .findFirst()
                        .orElseThrow(),
                true);
    }

    @Test
    void aLabelIsNotAndItsCutLineIsASpotColourOfTheNameThatWasAskedFor() throws IOException {
        PrintSheet label = PLAN.prints().stream()
                .filter(p -> p.slots().getFirst().lineId().equals("C"))
                .findFirst()
                .orElseThrow();
        assertThat(label.reversed()).isFalse();
        try (PDDocument pdf = Loader.loadPDF(PrintPdf.write(label, "Knife here"))) {
            var resources = pdf.getPage(0).getResources();
            assertThat(StreamSupport.stream(resources.getColorSpaceNames().spliterator(), false)
                            .map(n -> {
                                try {
                                    return resources.getColorSpace(n);
                                } catch (IOException e) {
                                    throw new AssertionError(e);
                                }
                            }))
                    .filteredOn(PDSeparation.class::isInstance)
                    .singleElement()
                    .satisfies(c ->
                            assertThat(((PDSeparation) c).getColorantName()).isEqualTo("Knife here"));
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("then load " + label.load() + " cuts it", "true size");
        }
        inkLiesWhereItShould(label, false);
    }
}
