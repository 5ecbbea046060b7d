package jurren.formats.print;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javax.imageio.ImageIO;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.PrintedPicture;
import jurren.core.art.Shape;
import jurren.core.art.Source;
import jurren.core.art.Treatment;
import jurren.core.art.treat.KeepInside;
import jurren.core.art.treat.SoftShadow;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.SizeEntry;
import jurren.core.job.Thing;
import jurren.core.material.Colour;
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
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Pictures, shades and shadows on written sheets, looked at with a renderer that knows nothing of the plan. */
@Tag("long")
class PicturesOnPaperTest {
    private static final double DPI = 254;
    private static final double PX_PER_MM = DPI / 25.4;

    /** Red at the left, green at the right, blue at the lower edge. */
    private static Picture picture(int w, int h, int alpha) {
        int[] argb = new int[w * h];
        for (int i = 0; i < argb.length; i++) {
            int x = i % w;
            int y = i / w;
            argb[i] = alpha << 24 | (x < w / 2 ? 0xD02020 : 0x20B040) | (y > h * 3 / 4 ? 0x0000FF : 0);
        }
        return Picture.ofOwned(w, h, argb);
    }

    private static PrintedPicture source(byte[] content, double mmPerPx) {
        PictureRead.Taken read = (PictureRead.Taken) PictureReader.read("lake.png", content);
        return new PrintedPicture(read.file(), PrintedPicture.Crop.NONE, 1, mmPerPx, mmPerPx);
    }

    private static byte[] jpeg(Picture p) throws IOException {
        BufferedImage image = new BufferedImage(p.width(), p.height(), BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < p.height(); y++) {
            for (int x = 0; x < p.width(); x++) {
                image.setRGB(x, y, p.argb(x, y));
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", out);
        return out.toByteArray();
    }

    /** Onto the tile of the catalogue, which is flat and takes dye. */
    private static Plan plan(int copies, Motif... motifs) {
        Job demo = DemoJob.simple();
        Line line = demo.lines()
                .getFirst()
                .withBlank(
                        Thing.of("tile-108", "white").withFace("front"),
                        "one size",
                        List.of(SizeEntry.of("one size", copies)))
                .withMaterial("dye-print")
                .withMotifs(List.of(motifs));
        return new Planner().plan(demo.withLines(List.of(line)), BuiltInShop.read());
    }

    private static Motif motif(String id, Source source, Treatment... treatments) {
        return new Motif(id, id, source, List.of(treatments), Pose.at(0, 54));
    }

    private static BufferedImage paper(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFRenderer(document).renderImageWithDPI(0, (float) DPI);
        }
    }

    /** As the customer sees it, at so many millimetres from the piece's middle. */
    private static int seen(BufferedImage paper, PrintSheet.Slot slot, double x, double y) {
        double cx = slot.inked().centre().xMm();
        double cy = slot.inked().centre().yMm();
        double right = -x;
        double px = slot.turned() ? cx - y : cx + right;
        double py = slot.turned() ? cy + right : cy + y;
        return paper.getRGB((int) Math.floor(px * PX_PER_MM), (int) Math.floor(py * PX_PER_MM)) & 0xFFFFFF;
    }

    private static void isNear(int rgb, int wanted, double within) {
        assertThat(new Colour(rgb).differenceFrom(new Colour(wanted)))
                .as("%06X beside %06X", rgb, wanted)
                .isLessThan(within);
    }

    private static void theFourCornersAreRight(Plan plan) throws IOException {
        PrintSheet sheet = plan.prints().getFirst();
        BufferedImage paper = paper(PrintPdf.write(sheet, "Cut line"));
        for (PrintSheet.Slot slot : sheet.slots()) {
            isNear(seen(paper, slot, -20, -12), 0xD02020, 12);
            isNear(seen(paper, slot, 20, -12), 0x20B040, 12);
            isNear(seen(paper, slot, -20, 17), 0xD020FF, 12);
        }
    }

    @Test
    void aPhotographIsMirroredAtTrueSizeAndItsBytesAreInTheFileOnce() throws IOException {
        byte[] content = jpeg(picture(600, 400, 255));
        Plan plan = plan(5, motif("m1", source(content, 0.1)));
        theFourCornersAreRight(plan);
        byte[] pdf = PrintPdf.write(plan.prints().getFirst(), "Cut line");
        try (PDDocument document = Loader.loadPDF(pdf)) {
            Set<COSBase> images = new HashSet<>();
            var resources = document.getPage(0).getResources();
            for (var name : resources.getXObjectNames()) {
                images.add(resources.getXObject(name).getCOSObject());
                assertThat(((PDImageXObject) resources.getXObject(name)).getSuffix())
                        .isEqualTo("jpg");
            }
            assertThat(images).hasSize(1);
        }
        assertThat(pdf.length).isLessThan(content.length + 40_000);
    }

    @Test
    void aPictureWithoutLossComesOutWithItsOwnColours() throws IOException {
        theFourCornersAreRight(plan(2, motif("m1", source(PictureWriter.png(picture(600, 400, 255)), 0.1))));
    }

    /** Half seen through over cream: the mean of both. */
    @Test
    void whatIsSeenThroughMixesWithWhatLiesBelow() throws IOException {
        Motif ground = motif("m1", new Shape(Shape.Kind.RECTANGLE, 80, 60, 4, 0, Colour.of("#F0E0C0")));
        Plan plan = plan(
                1,
                ground,
                motif(
                        "m2",
                        source(PictureWriter.png(picture(600, 400, 255)), 0.1).withOpacity(0.5)));
        BufferedImage paper = paper(PrintPdf.write(plan.prints().getFirst(), "Cut line"));
        isNear(seen(paper, plan.prints().getFirst().slots().getFirst(), -20, -12), 0xE08070, 8);
        isNear(seen(paper, plan.prints().getFirst().slots().getFirst(), -38, -12), 0xF0E0C0, 2);
    }

    @Test
    void keptInsideADiscOnlyTheDiscIsPrinted() throws IOException {
        Motif disc = motif("m1", new Shape(Shape.Kind.ELLIPSE, 30, 30, 4, 0, Colour.of("#F0E0C0")));
        Plan plan = plan(
                1, disc, motif("m2", source(PictureWriter.png(picture(600, 400, 255)), 0.1), new KeepInside("m1", 2)));
        PrintSheet.Slot slot = plan.prints().getFirst().slots().getFirst();
        BufferedImage paper = paper(PrintPdf.write(plan.prints().getFirst(), "Cut line"));
        isNear(seen(paper, slot, -6, -6), 0xD02020, 12);
        isNear(seen(paper, slot, -14, 0), 0xF0E0C0, 4);
        isNear(seen(paper, slot, -20, 0), 0xFFFFFF, 1);
    }

    /** Opacity and both kinds of gradient of a drawing are painted as a browser would. */
    @Test
    void shadesOfADrawingArePrintedAsPainted() throws IOException {
        String svg = """
                <svg xmlns="http://www.w3.org/2000/svg" width="80mm" height="60mm" viewBox="0 0 80 60">
                <defs><linearGradient id="a"><stop offset="0" stop-color="#000000"/><stop offset="1" stop-color="#ffffff"/></linearGradient>
                <radialGradient id="b" gradientUnits="userSpaceOnUse" cx="60" cy="45" r="10"><stop offset="0" stop-color="#ff0000"/>
                <stop offset="1" stop-color="#0000ff"/></radialGradient></defs>
                <rect width="80" height="30" fill="url(#a)"/>
                <rect y="30" width="40" height="30" fill="#0000ff" opacity="0.5"/>
                <rect x="40" y="30" width="40" height="30" fill="url(#b)"/></svg>
                """;
        DrawingRead.Taken read =
                (DrawingRead.Taken) SvgReader.read(new DrawingFile("shades.svg", svg.getBytes(StandardCharsets.UTF_8)));
        Drawing drawing = read.drawing();
        assertThat(read.notes()).as("nothing was lost").isEmpty();
        Plan plan = plan(1, motif("m1", drawing));
        PrintSheet.Slot slot = plan.prints().getFirst().slots().getFirst();
        BufferedImage paper = paper(PrintPdf.write(plan.prints().getFirst(), "Cut line"));
        isNear(seen(paper, slot, -20, -15), 0x404040, 6);
        isNear(seen(paper, slot, 20, -15), 0xBFBFBF, 6);
        isNear(seen(paper, slot, -20, 15), 0x7F7FFF, 6);
        isNear(seen(paper, slot, 20, 15), 0xFF0000, 12);
        isNear(seen(paper, slot, 25, 15), 0x7F007F, 12);
        BufferedImage png = ImageIO.read(
                new ByteArrayInputStream(PrintPng.write(plan.prints().getFirst(), DPI)));
        isNear(seen(png, slot, 25, 15), 0x7F007F, 12);
        isNear(seen(png, slot, -20, 15), 0x7F7FFF, 6);
    }

    @Test
    void aShadowIsDarkestUnderWhatCastsIt() throws IOException {
        Motif square = motif(
                "m1",
                new Shape(Shape.Kind.RECTANGLE, 40, 40, 4, 0, Colour.of("#F0E0C0")),
                new SoftShadow(6, 0, 4, 60, new Colour(0)));
        Plan plan = plan(1, square);
        PrintSheet.Slot slot = plan.prints().getFirst().slots().getFirst();
        BufferedImage paper = paper(PrintPdf.write(plan.prints().getFirst(), "Cut line"));
        // the ink reaches from -20 to 30, so the square's middle is 5 to the left of the piece's
        isNear(seen(paper, slot, -5, 0), 0xF0E0C0, 3);
        assertThat(new Colour(seen(paper, slot, 16.5, 0)).red()).as("beside it").isBetween(0x66, 0xA0);
        assertThat(new Colour(seen(paper, slot, 23.5, 0)).red()).as("faded").isGreaterThan(0xF0);
    }

    @Test
    void aPngHasThePrintersPixelsAndTellsThem() throws IOException {
        Plan plan = plan(2, motif("m1", source(PictureWriter.png(picture(600, 400, 255)), 0.1)));
        PrintSheet sheet = plan.prints().getFirst();
        byte[] png = PrintPng.write(sheet, 254);
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(png));
        assertThat(image.getWidth()).isEqualTo((int) Math.round(sheet.widthMm() * 10));
        assertThat(image.getHeight()).isEqualTo((int) Math.round(sheet.heightMm() * 10));
        isNear(seen(image, sheet.slots().getLast(), -20, -12), 0xD02020, 2);
        assertThat(((PictureRead.Taken) PictureReader.read("p.png", png))
                        .perInch()
                        .orElseThrow())
                .isEqualTo(254, within(0.1));
    }
}
