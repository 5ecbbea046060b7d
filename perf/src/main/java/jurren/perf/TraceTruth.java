package jurren.perf;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Region;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.trace.Picture;
import jurren.core.trace.TraceSettings;
import jurren.core.trace.Traced;
import jurren.core.trace.Tracer;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

/**
 * How near a tracing comes to shapes that are known: each is painted at several sizes, spoilt in several
 * ways and traced. Distances are in pixels, from points along either outline to the other.
 */
public final class TraceTruth {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final int FINER = 8;
    private static final int[] SIZES = {50, 100, 200, 400, 800, 1200};

    private enum Spoilt {
        CLEAN,
        BLURRED,
        NOISY,
        JPEG_40
    }

    private record Known(String name, Shape shape) {}

    /** @param lost counters and parts of at least 3 x 3 pixels that are not there */
    record Score(double median, double far, int nodes, int sourceNodes, int lost, int extra) {}

    private TraceTruth() {}

    public static void main(String[] args) throws IOException {
        List<Known> all = known();
        System.out.println(
                "| picture | pixels across | edge error, median | 99 % | nodes : source's | counters lost | rings too many |");
        System.out.println("|---|---|---|---|---|---|---|");
        for (Spoilt spoilt : Spoilt.values()) {
            for (int size : SIZES) {
                List<Score> scores = new ArrayList<>();
                for (Known k : all) {
                    Score s = score(k, size, spoilt);
                    scores.add(s);
                    if (args.length > 0) {
                        System.err.printf(
                                Locale.ROOT,
                                "%s %d %s: %.3f %.3f nodes %d/%d lost %d extra %d%n",
                                k.name,
                                size,
                                spoilt,
                                s.median,
                                s.far,
                                s.nodes,
                                s.sourceNodes,
                                s.lost,
                                s.extra);
                    }
                }
                System.out.printf(
                        Locale.ROOT,
                        "| %s | %d | %.3f | %.2f | %.2f | %d | %d |%n",
                        spoilt.name().toLowerCase(Locale.ROOT),
                        size,
                        median(scores.stream().mapToDouble(Score::median).toArray()),
                        median(scores.stream().mapToDouble(Score::far).toArray()),
                        scores.stream().mapToInt(Score::nodes).sum()
                                / (double) scores.stream()
                                        .mapToInt(Score::sourceNodes)
                                        .sum(),
                        scores.stream().mapToInt(Score::lost).sum(),
                        scores.stream().mapToInt(Score::extra).sum());
            }
        }
    }

    private static double median(double[] of) {
        double[] sorted = of.clone();
        java.util.Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }

    private static List<Known> known() {
        List<Known> all = new ArrayList<>();
        ShippedTypeface[] faces = {
            ShippedTypeface.values()[0],
            ShippedTypeface.values()[3],
            ShippedTypeface.values()[6],
            ShippedTypeface.values()[9]
        };
        for (ShippedTypeface face : faces) {
            for (String letter : List.of("R", "a", "8", "g", "S")) {
                all.add(new Known(face.id() + " " + letter, Texts.letter(letter, face)));
            }
        }
        all.add(new Known("circle", new Ellipse2D.Double(0, 0, 10, 10)));
        all.add(new Known("ring", ring()));
        all.add(new Known("square", new Rectangle2D.Double(0, 0, 10, 10)));
        all.add(new Known(
                "turned square",
                AffineTransform.getRotateInstance(0.3).createTransformedShape(new Rectangle2D.Double(0, 0, 10, 10))));
        all.add(new Known("star", star()));
        all.add(new Known("hairlines", hairlines()));
        return all;
    }

    private static Shape ring() {
        Path2D p = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        p.append(new Ellipse2D.Double(0, 0, 10, 10), false);
        p.append(new Ellipse2D.Double(2, 3, 5, 5), false);
        return p;
    }

    private static Shape star() {
        Path2D p = new Path2D.Double();
        for (int i = 0; i < 10; i++) {
            double r = i % 2 == 0 ? 10 : 4.5;
            double a = Math.PI * i / 5 + 0.2;
            if (i == 0) {
                p.moveTo(r * Math.cos(a), r * Math.sin(a));
            } else {
                p.lineTo(r * Math.cos(a), r * Math.sin(a));
            }
        }
        p.closePath();
        return p;
    }

    private static Shape hairlines() {
        Path2D p = new Path2D.Double(Path2D.WIND_NON_ZERO);
        for (int i = 0; i < 5; i++) {
            p.append(
                    AffineTransform.getRotateInstance(0.15 * i, 5, 2.0 * i)
                            .createTransformedShape(new Rectangle2D.Double(0, 2.0 * i, 10, 0.35)),
                    false);
        }
        return p;
    }

    private static Score score(Known known, int size, Spoilt spoilt) throws IOException {
        Rectangle2D b = known.shape.getBounds2D();
        double scale = (size - 8) / Math.max(b.getWidth(), b.getHeight());
        Shape truth = new AffineTransform(scale, 0, 0, scale, 4.25 - b.getX() * scale, 4.625 - b.getY() * scale)
                .createTransformedShape(known.shape);
        Traced traced = Tracer.trace(picture(truth, size, spoilt), TraceSettings.USUAL);
        Curves found = traced.flats().isEmpty()
                ? Curves.of(new Path2D.Double())
                : traced.flats().getFirst().curves();
        Region region = Curves.of(truth).enclosed();
        List<Outline> is = outlines(region);
        List<Outline> got = found.isEmpty() ? List.of() : outlines(found.enclosed());
        List<Double> off = new ArrayList<>();
        distances(is, lines(got), off);
        distances(got, lines(is), off);
        double[] sorted = off.stream().mapToDouble(d -> d).sorted().toArray();
        int wanted = (int) region.pieces().stream()
                .filter(p -> isLarge(p.outer()))
                .mapToLong(
                        p -> 1 + p.holes().stream().filter(TraceTruth::isLarge).count())
                .sum();
        int rings = got.isEmpty()
                ? 0
                : found.enclosed().pieceCount() + found.enclosed().holeCount();
        return new Score(
                sorted[sorted.length / 2],
                sorted[(int) (sorted.length * 0.99)],
                traced.nodes(),
                Curves.of(truth).nodes(),
                Math.max(0, wanted - rings),
                Math.max(0, rings - wanted));
    }

    /** More than three pixels across. */
    private static boolean isLarge(Outline outline) {
        return !new Piece(outline, List.of())
                .region()
                .grown(-1.5, CornerStyle.ROUND)
                .isEmpty();
    }

    private static List<Outline> outlines(Region region) {
        return region.pieces().stream()
                .flatMap(p -> Stream.concat(Stream.of(p.outer()), p.holes().stream()))
                .toList();
    }

    private static Geometry lines(List<Outline> outlines) {
        return FACTORY.createMultiLineString(outlines.stream()
                .map(o -> {
                    Coordinate[] c = IntStream.rangeClosed(0, o.size())
                            .mapToObj(i -> new Coordinate(o.xMm(i % o.size()), o.yMm(i % o.size())))
                            .toArray(Coordinate[]::new);
                    return FACTORY.createLineString(c);
                })
                .toArray(LineString[]::new));
    }

    /** From points half a pixel apart along outlines. */
    private static void distances(List<Outline> from, Geometry to, List<Double> into) {
        if (to.isEmpty()) {
            into.add(99.0);
            return;
        }
        IndexedFacetDistance index = new IndexedFacetDistance(to);
        for (Outline o : from) {
            for (int i = 0; i < o.size(); i++) {
                int j = (i + 1) % o.size();
                double length = Math.hypot(o.xMm(j) - o.xMm(i), o.yMm(j) - o.yMm(i));
                int parts = (int) Math.ceil(length * 2);
                for (int k = 0; k < parts; k++) {
                    double t = (double) k / parts;
                    into.add(index.distance(FACTORY.createPoint(new Coordinate(
                            o.xMm(i) + t * (o.xMm(j) - o.xMm(i)), o.yMm(i) + t * (o.yMm(j) - o.yMm(i))))));
                }
            }
        }
    }

    private static Picture picture(Shape shape, int size, Spoilt spoilt) throws IOException {
        double[] grey = painted(shape, size);
        if (spoilt == Spoilt.BLURRED) {
            grey = blurred(grey, size, 1.2);
        }
        Random random = new Random(7);
        int[] argb = new int[size * size];
        for (int i = 0; i < argb.length; i++) {
            double level = 245 - 225 * grey[i] + (spoilt == Spoilt.NOISY ? random.nextGaussian() * 18 : 0);
            int v = (int) Math.round(Math.clamp(level, 0, 255));
            argb[i] = 0xFF000000 | v << 16 | v << 8 | v;
        }
        return spoilt == Spoilt.JPEG_40 ? jpeg(argb, size) : Picture.ofOwned(size, size, argb);
    }

    /** Share of every pixel that is covered. */
    private static double[] painted(Shape shape, int size) {
        double[] grey = new double[size * size];
        int strip = 64;
        for (int y0 = 0; y0 < size; y0 += strip) {
            int rows = Math.min(strip, size - y0);
            BufferedImage fine = new BufferedImage(size * FINER, rows * FINER, BufferedImage.TYPE_BYTE_GRAY);
            Graphics2D g = fine.createGraphics();
            g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
            g.setColor(Color.WHITE);
            g.scale(FINER, FINER);
            g.translate(0, -y0);
            g.fill(shape);
            g.dispose();
            byte[] data = ((java.awt.image.DataBufferByte) fine.getRaster().getDataBuffer()).getData();
            for (int y = 0; y < rows * FINER; y++) {
                for (int x = 0; x < size * FINER; x++) {
                    grey[(y0 + y / FINER) * size + x / FINER] +=
                            data[y * size * FINER + x] != 0 ? 1.0 / FINER / FINER : 0;
                }
            }
        }
        return grey;
    }

    private static double[] blurred(double[] from, int size, double sigma) {
        int reach = (int) Math.ceil(3 * sigma);
        double[] kernel = IntStream.rangeClosed(-reach, reach)
                .mapToDouble(i -> Math.exp(-i * i / (2 * sigma * sigma)))
                .toArray();
        double sum = java.util.Arrays.stream(kernel).sum();
        double[] across = new double[from.length];
        double[] both = new double[from.length];
        for (int pass = 0; pass < 2; pass++) {
            double[] in = pass == 0 ? from : across;
            double[] out = pass == 0 ? across : both;
            for (int y = 0; y < size; y++) {
                for (int x = 0; x < size; x++) {
                    for (int k = -reach; k <= reach; k++) {
                        int xx = pass == 0 ? Math.clamp(x + k, 0, size - 1) : x;
                        int yy = pass == 0 ? y : Math.clamp(y + k, 0, size - 1);
                        out[y * size + x] += in[yy * size + xx] * kernel[k + reach] / sum;
                    }
                }
            }
        }
        return both;
    }

    private static Picture jpeg(int[] argb, int size) throws IOException {
        BufferedImage image = new BufferedImage(size, size, BufferedImage.TYPE_INT_RGB);
        image.setRGB(0, 0, size, size, argb, 0, size);
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ImageWriteParam param = writer.getDefaultWriteParam();
        param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        param.setCompressionQuality(0.4f);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        writer.setOutput(ImageIO.createImageOutputStream(out));
        writer.write(null, new IIOImage(image, null, null), param);
        BufferedImage back = ImageIO.read(new ByteArrayInputStream(out.toByteArray()));
        return Picture.ofOwned(size, size, back.getRGB(0, 0, size, size, null, 0, size));
    }
}
