package jurren.formats.pdf;

import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jurren.core.art.Ink;
import jurren.core.geometry.Placement;
import jurren.core.material.Colour;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShading;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType2;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType3;

/** The shades of a PDF that go along a line, or out from the middle of a circle. */
final class PdfShades {
    private static final int SAMPLES = 16;
    private static final double LEAST_MM2 = 1e-12;
    private static final double SAME = 1e-6;

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
