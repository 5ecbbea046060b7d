package jurren.formats.print;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.List;
import jurren.core.art.DrawingFile;
import jurren.core.art.Ink;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.PrintedPicture;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Warp;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.SizeEntry;
import jurren.core.material.Colour;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.plan.PrintSheet;
import jurren.core.trace.Picture;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.picture.PictureRead;
import jurren.formats.picture.PictureReader;
import jurren.formats.picture.PictureWriter;
import jurren.formats.svg.SvgReader;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Inks in pixels, and a picture that is bent round a cone. */
class InkRasterTest {
    private static final Colour BLUE = Colour.of("#2040C0");

    private static BufferedImage white(int w, int h) {
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, w, h);
        g.dispose();
        return image;
    }

    /** A square from 10.5 to 20.5: its edge pixel is half covered, and half seen through on top of that. */
    @Test
    void edgesAreAsSoftAsTheirCoverAndInksAsTheirAlpha() {
        BufferedImage image = white(40, 40);
        InkRaster.paint(image, Region.of(new Box(10.5, 10, 20.5, 20)), new Ink.Clear(BLUE, 0.5), Placement.HERE);
        assertThat(image.getRGB(15, 15))
                .as("128 of 255 of the way from white to blue")
                .isEqualTo(0xFF8F9FDF);
        assertThat(new Color(image.getRGB(10, 15)).getRed())
                .as("a quarter of the way from white to blue")
                .isCloseTo(199, within(3));
        assertThat(image.getRGB(9, 15)).isEqualTo(0xFFFFFFFF);
        assertThat(image.getRGB(15, 21)).isEqualTo(0xFFFFFFFF);
    }

    @Test
    void whatLiesOutsideTheImageHarmsNothing() {
        BufferedImage image = white(10, 10);
        InkRaster.paint(image, Region.of(new Box(100, 100, 120, 120)), new Ink.Clear(BLUE, 1), Placement.HERE);
        InkRaster.paint(image, Region.of(new Box(-50, -50, 5, 5)), new Ink.Clear(BLUE, 1), Placement.HERE);
        assertThat(image.getRGB(2, 2)).isEqualTo(0xFF2040C0);
        assertThat(image.getRGB(7, 7)).isEqualTo(0xFFFFFFFF);
    }

    /** Ten pixels of a picture to one of the image: their mean, not one of them. */
    @Test
    void manyPixelsBecomeTheirMean() {
        int[] argb = new int[200 * 200];
        for (int i = 0; i < argb.length; i++) {
            argb[i] = (i % 200 + i / 200) % 2 == 0 ? 0xFF000000 : 0xFFFFFFFF;
        }
        Picture board = Picture.ofOwned(200, 200, argb);
        BufferedImage image = white(20, 20);
        InkRaster.paint(
                image,
                Region.of(new Box(0, 0, 200, 200)),
                new Ink.OfPicture(new InkRaster.Reduced(board), Placement.HERE, 1),
                Placement.scaled(0.1));
        for (int x = 2; x < 18; x++) {
            assertThat(new Color(image.getRGB(x, 10)).getGreen()).isCloseTo(127, within(2));
        }
    }

    @Test
    void aShadeMadeAPictureShowsTheSame() {
        Ink shade = new Ink.Shade(
                false, Placement.scaled(50), List.of(new Ink.Stop(0, 0x00FF0000), new Ink.Stop(1, 0xFF0000FF)), 1);
        Ink.OfPicture flat = InkRaster.flattened(Region.of(new Box(0, 0, 50, 20)), shade, 100, 1_000_000);
        for (double x = 5; x < 50; x += 7) {
            int wanted = shade.argb(x, 10);
            int is = flat.argb(x, 10);
            assertThat(is >>> 24).isCloseTo(wanted >>> 24, within(4));
            assertThat(is & 0xFF).isCloseTo(wanted & 0xFF, within(4));
        }
    }

    /**
     * On a tapered tumbler: what the written sheet shows at a point is what the picture has where that point lies on
     * the thing, worked out by rolling it back, which the writer does not.
     */
    @Test
    void onAConeThePictureIsBentAsTheSheetIs() throws Exception {
        int[] argb = new int[600 * 300];
        for (int i = 0; i < argb.length; i++) {
            argb[i] = 0xFF000000 | i % 600 * 255 / 600 << 16 | i / 600 * 255 / 300 << 8 | 0x50;
        }
        PictureRead.Taken read =
                (PictureRead.Taken) PictureReader.read("ramp.png", PictureWriter.png(Picture.ofOwned(600, 300, argb)));
        Motif picture = new Motif(
                "m1",
                "ramp",
                new PrintedPicture(read.file(), PrintedPicture.Crop.NONE, 1, 0.25, 0.25),
                List.of(),
                Pose.at(0, 80));
        Job demo = DemoJob.simple();
        Line cups = demo.line("B").orElseThrow().withMotifs(List.of(picture));
        Plan plan = new Planner()
                .plan(
                        demo.withLines(List.of(cups.withSizes(List.of(SizeEntry.of(cups.drawnFor(), 1))))),
                        BuiltInShop.read());
        LinePlan line = plan.lines().getFirst();
        PrintSheet sheet = plan.prints().getFirst();
        PrintSheet.Slot slot = sheet.slots().getFirst();
        Warp rolling = line.face().rolling();
        double pxPerMm = 6;
        try (PDDocument pdf = Loader.loadPDF(PrintPdf.write(sheet, "Cut line"))) {
            BufferedImage paper = new PDFRenderer(pdf).renderImage(0, (float) (pxPerMm * 25.4 / 72));
            int looked = 0;
            for (double x = -70; x <= 70; x += 9.7) {
                for (double y = 46; y <= 114; y += 8.3) {
                    Point unrolled = line.face().unrolling().apply(new Point(x, y));
                    Point art = rolling.apply(unrolled);
                    Point on = slot.onto().apply(unrolled);
                    Color is = new Color(paper.getRGB((int) (on.xMm() * pxPerMm), (int) (on.yMm() * pxPerMm)));
                    double column = art.xMm() / 0.25 + 300;
                    double row = (art.yMm() - 80) / 0.25 + 150;
                    assertThat(is.getRed()).as("%.0f, %.0f", x, y).isCloseTo((int) (column * 255 / 600), within(5));
                    assertThat(is.getGreen()).as("%.0f, %.0f", x, y).isCloseTo((int) (row * 255 / 300), within(5));
                    looked++;
                }
            }
            assertThat(looked).isGreaterThan(100);
        }
    }

    /** Of a group that is seen through, each part is; what is painted fully clear is not there at all. */
    @Test
    void opacitiesOfGroupsAndFillsAreMultiplied() {
        String svg = """
                <svg xmlns="http://www.w3.org/2000/svg" width="40mm" height="40mm" viewBox="0 0 40 40"><g opacity="0.5">
                <rect width="20" height="20" fill="#2040C0" fill-opacity="0.5"/><rect x="20" width="20" height="20" fill="#2040C0"/></g>
                <rect y="20" width="20" height="20" fill="#2040C0" opacity="0"/><rect x="20" y="20" width="20" height="20" fill="#2040C0"/></svg>
                """;
        DrawingRead.Taken read = (DrawingRead.Taken)
                SvgReader.read(new DrawingFile("o.svg", svg.getBytes(java.nio.charset.StandardCharsets.UTF_8)));
        List<Double> opacities = read.drawing().shapes().stream()
                .map(s -> s.ink().map(i -> ((Ink.Clear) i).opacity()).orElse(1.0))
                .toList();
        assertThat(opacities).hasSize(3);
        assertThat(opacities.get(0)).isCloseTo(0.25, within(0.003));
        assertThat(opacities.get(1)).isCloseTo(0.5, within(1e-6));
        assertThat(opacities.get(2)).isEqualTo(1);
    }
}
