package jurren.formats.pdf;

import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jurren.core.art.Ink;
import jurren.core.geometry.Box;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Ellipses;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBoolean;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShading;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType2;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType3;
import org.apache.pdfbox.util.Matrix;

/** The shades of a PDF that go along a line, or out from the middle of a circle. */
final class PdfShades {
    private static final int SAMPLES = 16;
    private static final double LEAST_MM2 = 1e-12;
    private static final double SAME = 1e-6;
    /** Times the length of a shade: beyond any page. */
    private static final double FAR = 1e4;

    private static final int LOOK_PX = 48;

    private PdfShades() {}

    /**
     * A shade as ink, with the mean of its colours where only one can be used.
     *
     * @param toMm from the shade's own space
     */
    record Shaded(Colour mean, Optional<Ink> ink) {}

    /** Empty where its colours cannot be told. */
    static Optional<Shaded> of(PDShading shading, AffineTransform toMm) throws IOException {
        return switch (shading) {
            // a radial shade is an axial one to the library
            case PDShadingType3 radial -> round(radial, toMm);
            case PDShadingType2 axial -> along(axial, toMm);
            default -> Optional.empty();
        };
    }

    /**
     * How far a shade reaches of what it is painted on: its own box, and its ends where it does not go on beyond them.
     *
     * @param on in millimetres
     */
    static Region within(PDShading shading, AffineTransform toMm, Region on) throws IOException {
        Placement place = Placement.of(toMm);
        Region left = on;
        PDRectangle box = shading.getBBox();
        if (box != null) {
            left = left.intersect(Curves.of(
                            new Rectangle2D.Double(
                                    box.getLowerLeftX(), box.getLowerLeftY(), box.getWidth(), box.getHeight()),
                            place)
                    .enclosed());
        }
        if (!(shading instanceof PDShadingType2 line)) {
            return left;
        }
        COSArray extend = line.getExtend();
        boolean before = extend != null && extend.getObject(0) == COSBoolean.TRUE;
        boolean after = extend != null && extend.getObject(1) == COSBoolean.TRUE;
        double[] c = numbers(line.getCoords(), 6);
        if (shading instanceof PDShadingType3) {
            boolean oneMiddle = Math.hypot(c[0] - c[3], c[1] - c[4]) < SAME * Math.max(1, Math.max(c[2], c[5]));
            boolean outwards = c[5] >= c[2];
            if (oneMiddle && !(outwards ? after : before)) {
                left = left.intersect(disc(c, Math.max(c[2], c[5]), place));
            }
            return oneMiddle && !(outwards ? before : after) ? left.minus(disc(c, Math.min(c[2], c[5]), place)) : left;
        }
        double length = Math.hypot(c[2] - c[0], c[3] - c[1]);
        if (length == 0 || before && after) {
            return left;
        }
        // a strip across the line, in which the line goes from 0 to 1
        AffineTransform strip = new AffineTransform(toMm);
        strip.concatenate(new AffineTransform(c[2] - c[0], c[3] - c[1], c[1] - c[3], c[2] - c[0], c[0], c[1]));
        double from = before ? -FAR : 0;
        double to = after ? FAR : 1;
        return left.intersect(Curves.of(new Rectangle2D.Double(from, -FAR, to - from, 2 * FAR), Placement.of(strip))
                .enclosed());
    }

    private static Region disc(double[] c, double r, Placement place) {
        return r > 0
                ? Curves.of(Ellipses.of(c[0] - r, c[1] - r, 2 * r, 2 * r), place)
                        .enclosed()
                : Region.EMPTY;
    }

    /** The mean of what a shade of any other kind shows within an area; empty where it shows nothing. */
    static Optional<Colour> usual(PDShading shading, AffineTransform toMm, Region on) throws IOException {
        Box box = on.bounds();
        AffineTransform toPixels = AffineTransform.getScaleInstance(LOOK_PX / box.widthMm(), LOOK_PX / box.heightMm());
        toPixels.translate(-box.minXMm(), -box.minYMm());
        BufferedImage look = new BufferedImage(LOOK_PX, LOOK_PX, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = look.createGraphics();
        AffineTransform whole = new AffineTransform(toPixels);
        whole.concatenate(toMm);
        g.setPaint(shading.toPaint(new Matrix(whole)));
        g.fillRect(0, 0, LOOK_PX, LOOK_PX);
        g.dispose();
        long[] sum = new long[4];
        for (int argb : look.getRGB(0, 0, LOOK_PX, LOOK_PX, null, 0, LOOK_PX)) {
            if (argb >>> 24 > 127) {
                sum[0] += argb >> 16 & 255;
                sum[1] += argb >> 8 & 255;
                sum[2] += argb & 255;
                sum[3]++;
            }
        }
        return sum[3] == 0
                ? Optional.empty()
                : Optional.of(new Colour(
                        (int) (sum[0] / sum[3]) << 16 | (int) (sum[1] / sum[3]) << 8 | (int) (sum[2] / sum[3])));
    }

    private static double[] numbers(COSArray array, int count) {
        double[] all = new double[count];
        for (int i = 0; i < count; i++) {
            all[i] =
                    array != null && i < array.size() && array.getObject(i) instanceof COSNumber n ? n.floatValue() : 0;
        }
        return all;
    }

    private static Optional<Shaded> along(PDShadingType2 s, AffineTransform toMm) throws IOException {
        double[] c = numbers(s.getCoords(), 4);
        double dx = c[2] - c[0];
        double dy = c[3] - c[1];
        return shaded(false, new Placement(dx, dy, -dy, dx, c[0], c[1]), toMm, samples(s, 0, 1));
    }

    private static Optional<Shaded> round(PDShadingType3 s, AffineTransform toMm) throws IOException {
        double[] c = numbers(s.getCoords(), 6);
        boolean outwards = c[5] >= c[2];
        double inner = outwards ? c[2] : c[5];
        double outer = outwards ? c[5] : c[2];
        double x = outwards ? c[3] : c[0];
        double y = outwards ? c[4] : c[1];
        List<Ink.Stop> stops = outwards ? samples(s, 0, 1) : samples(s, 1, 0);
        boolean oneMiddle = Math.hypot(c[0] - c[3], c[1] - c[4]) < SAME * Math.max(1, outer);
        if (!oneMiddle) {
            // a cone that looks from aside is none of ours
            return Optional.of(alike(stops));
        }
        List<Ink.Stop> from = stops.stream()
                .map(p -> new Ink.Stop((inner + p.at() * (outer - inner)) / outer, p.argb()))
                .toList();
        return shaded(true, Placement.scaled(outer).then(Placement.moved(x, y)), toMm, from);
    }

    private static List<Ink.Stop> samples(PDShadingType2 s, double from, double to) throws IOException {
        double[] domain = s.getDomain() == null ? new double[] {0, 1} : numbers(s.getDomain(), 2);
        List<Ink.Stop> stops = new ArrayList<>();
        for (int i = 0; i <= SAMPLES; i++) {
            double at = (double) i / SAMPLES;
            double t = domain[0] + (domain[1] - domain[0]) * (from + (to - from) * at);
            float[] rgb = s.getColorSpace().toRGB(s.evalFunction((float) t));
            stops.add(new Ink.Stop(at, 0xFF000000 | part(rgb[0]) << 16 | part(rgb[1]) << 8 | part(rgb[2])));
        }
        return stops;
    }

    private static int part(float share) {
        return Math.clamp(Math.round(share * 255), 0, 255);
    }

    private static Optional<Shaded> shaded(boolean round, Placement unit, AffineTransform toMm, List<Ink.Stop> stops) {
        Placement placed = unit.then(Placement.of(toMm));
        if (Math.abs(placed.determinant()) < LEAST_MM2) {
            return Optional.of(alike(stops));
        }
        Ink.Shade shade = new Ink.Shade(round, placed, stops, 1);
        return Optional.of(new Shaded(shade.mean(), Optional.of(shade)));
    }

    /** One colour for all of it. */
    private static Shaded alike(List<Ink.Stop> stops) {
        return new Shaded(new Ink.Shade(false, Placement.HERE, stops, 1).mean(), Optional.empty());
    }
}
