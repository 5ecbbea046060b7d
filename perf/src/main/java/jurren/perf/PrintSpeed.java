package jurren.perf;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import javax.imageio.ImageIO;
import jurren.core.art.Art;
import jurren.core.art.Ink;
import jurren.core.art.Painted;
import jurren.core.art.PictureFile;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.layer.Fabrication;
import jurren.core.layer.Join;
import jurren.core.layer.Layer;
import jurren.core.layer.Print;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import jurren.core.material.Material;
import jurren.core.plan.PrintSheet;
import jurren.core.trace.Picture;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.picture.PictureRead;
import jurren.formats.picture.PictureReader;
import jurren.formats.picture.PictureWriter;
import jurren.formats.print.PrintPdf;
import jurren.formats.print.PrintPng;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;

/**
 * A sheet of 400 by 500 mm with two pictures of 12 megapixels each, written; beside it, what PDFBox's own way without
 * loss takes to put the same two pictures into a file. To be run with a heap of 1 GB.
 */
public final class PrintSpeed {
    private static final int WIDE = 4000;
    private static final int HIGH = 3000;
    private static final int RUNS = 7;

    private PrintSpeed() {}

    private interface Work {
        int bytes() throws IOException;
    }

    public static void main(String[] args) throws IOException {
        Picture first = picture(1);
        Picture second = picture(2);
        PrintSheet photographs = sheet(read("a.jpg", jpeg(first)), read("b.jpg", jpeg(second)));
        PrintSheet lossless = sheet(read("a.png", PictureWriter.png(first)), read("b.png", PictureWriter.png(second)));
        double base = time("PDFBox, the two pictures without loss", 0, () -> {
            try (PDDocument pdf = new PDDocument()) {
                for (Picture p : List.of(first, second)) {
                    LosslessFactory.createFromImage(pdf, image(p));
                }
                ByteArrayOutputStream out = new ByteArrayOutputStream();
                pdf.save(out);
                return out.size();
            }
        });
        time("sheet with two photographs (JPEG)", base, () -> PrintPdf.write(photographs, "Cut line").length);
        time("sheet with two pictures without loss (PNG)", base, () -> PrintPdf.write(lossless, "Cut line").length);
        time("the same sheet as PNG, 300 to the inch", base, () -> PrintPng.write(lossless, 300).length);
    }

    private static double time(String name, double base, Work work) throws IOException {
        List<Double> times = new ArrayList<>();
        int bytes = 0;
        for (int i = 0; i < RUNS; i++) {
            long from = System.nanoTime();
            bytes = work.bytes();
            times.add((System.nanoTime() - from) / 1e6);
        }
        Collections.sort(times);
        double median = times.get(RUNS / 2);
        System.out.printf(
                "%-46s median %6.0f ms  %5.1f MB%s%n",
                name, median, bytes / 1e6, base > 0 ? String.format("  %.2f of PDFBox's", median / base) : "");
        return median;
    }

    private static PrintSheet sheet(PictureFile a, PictureFile b) {
        Material dye = BuiltInShop.read().material("dye-print").orElseThrow();
        Region left = Region.of(Box.ofSize(0, 0, 380, 230));
        Region right = Region.of(Box.ofSize(0, 240, 380, 230));
        Art art = new Art(List.of(painted(a, left, 0), painted(b, right, 240)));
        Region all = Region.weld(List.of(left, right));
        Layer layer = new Layer(
                1,
                Film.print(dye.id()),
                dye,
                Layer.Role.PRINT,
                Fabrication.print(true),
                new Colour(0),
                all,
                all,
                List.of(),
                Join.LAID_OVER,
                Print.of(art, all));
        Placement onto = Placement.flipped().then(Placement.moved(390, 15));
        return new PrintSheet(
                1,
                dye,
                400,
                500,
                0,
                List.of(new PrintSheet.Slot("A", "front", "M", layer, new Box(1, 6, 399, 494), onto, false)),
                1);
    }

    private static Painted painted(PictureFile file, Region region, double down) {
        Placement toMm = Placement.scaled(380.0 / WIDE, 230.0 / HIGH).then(Placement.moved(0, down));
        return new Painted(
                new Colour(0x808080),
                Optional.of(new Ink.OfPicture(file, toMm, 1)),
                Optional.of("dye-print"),
                region,
                List.of());
    }

    private static PictureFile read(String name, byte[] content) {
        return ((PictureRead.Taken) PictureReader.read(name, content)).file();
    }

    /** Slopes and grain, as a photograph has. */
    private static Picture picture(long seed) {
        Random random = new Random(seed);
        int[] argb = new int[WIDE * HIGH];
        for (int i = 0; i < argb.length; i++) {
            int x = i % WIDE;
            int y = i / WIDE;
            int grain = random.nextInt(9) - 4;
            argb[i] = 0xFF000000
                    | level(128 + 100 * Math.sin(x / 310.0) + grain) << 16
                    | level(128 + 90 * Math.cos(y / 250.0) + grain) << 8
                    | level((x + y) % 512 / 2.0 + grain);
        }
        return Picture.ofOwned(WIDE, HIGH, argb);
    }

    private static int level(double v) {
        return (int) Math.clamp(v, 0, 255);
    }

    private static BufferedImage image(Picture p) {
        BufferedImage image = new BufferedImage(p.width(), p.height(), BufferedImage.TYPE_INT_RGB);
        int[] row = new int[p.width()];
        for (int y = 0; y < p.height(); y++) {
            p.row(y, row);
            image.setRGB(0, y, row.length, 1, row, 0, row.length);
        }
        return image;
    }

    private static byte[] jpeg(Picture p) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image(p), "jpg", out);
        return out.toByteArray();
    }
}
