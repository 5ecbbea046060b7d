package jurren.formats.eps;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jurren.core.art.Ink;
import jurren.core.geometry.Ellipses;
import jurren.core.geometry.Placement;
import jurren.core.material.Colour;

/**
 * Colours of the device's own spaces, and shadings: along a line and out from one middle as ink, of others the colour
 * in the middle.
 */
final class Shades {
    private static final int SAMPLES = 16;
    private static final double SAME = 1e-6;
    private static final double LEAST_MM2 = 1e-12;
    private static final int DEEPEST = 6;

    /** Times the length of a shade: beyond any page. */
    private static final double FAR = 1e4;

    private Shades() {}

    static Colour device(String space, double[] n) {
        return switch (space) {
            case "DeviceRGB" -> new Colour(level(n[0]) << 16 | level(n[1]) << 8 | level(n[2]));
            case "DeviceCMYK" ->
                new Colour(level((1 - clamp(n[0])) * (1 - clamp(n[3]))) << 16
                        | level((1 - clamp(n[1])) * (1 - clamp(n[3]))) << 8
                        | level((1 - clamp(n[2])) * (1 - clamp(n[3]))));
            default -> new Colour(level(n[0]) * 0x010101);
        };
    }

    private static double clamp(double share) {
        return Math.clamp(share, 0, 1);
    }

    private static int level(double share) {
        return (int) Math.round(255 * clamp(share));
    }

    /** Where its function is told by its two ends. */
    static Optional<Colour> middle(PsDict shading) throws PostScriptException {
        Object f = shading.get("Function");
        if (f instanceof PsArray several && several.length > 0) {
            f = several.get(0);
        }
        for (int i = 0; i < 8 && f instanceof PsDict d; i++) {
            if (d.get("Functions") instanceof PsArray parts && parts.length > 0) {
                f = parts.get(parts.length / 2);
            } else if (d.get("C0") instanceof PsArray from
                    && d.get("C1") instanceof PsArray to
                    && from.length == to.length) {
                double[] a = from.numbers();
                double[] b = to.numbers();
                double[] middle = new double[a.length];
                for (int k = 0; k < a.length; k++) {
                    middle[k] = (a[k] + b[k]) / 2;
                }
                return Optional.of(device(
                        middle.length == 4 ? "DeviceCMYK" : middle.length == 3 ? "DeviceRGB" : "DeviceGray", middle));
            } else {
                break;
            }
        }
        return Optional.empty();
    }

    /** What it paints by itself where nothing clips it: a circle's inside, where it does not go on beyond it. */
    static Optional<Shape> reach(PsDict shading) throws PostScriptException {
        double[] c = shading.get("Coords") instanceof PsArray a ? a.numbers() : new double[0];
        boolean goesOn = shading.get("Extend") instanceof PsArray e && e.length == 2 && Boolean.TRUE.equals(e.get(1));
        boolean before = shading.get("Extend") instanceof PsArray e && e.length == 2 && Boolean.TRUE.equals(e.get(0));
        int kind = (int) shading.number("ShadingType", 0);
        if (kind == 2 && c.length == 4 && !(before && goesOn) && Math.hypot(c[2] - c[0], c[3] - c[1]) > 0) {
            // a strip across the line, in which the line goes from 0 to 1
            double from = before ? -FAR : 0;
            return Optional.of(new AffineTransform(c[2] - c[0], c[3] - c[1], c[1] - c[3], c[2] - c[0], c[0], c[1])
                    .createTransformedShape(new Rectangle2D.Double(from, -FAR, (goesOn ? FAR : 1) - from, 2 * FAR)));
        }
        if (kind != 3 || c.length != 6 || goesOn || c[5] < c[2]) {
            return Optional.empty();
        }
        return Optional.of(Ellipses.of(c[3] - c[5], c[4] - c[5], 2 * c[5], 2 * c[5]));
    }

    /** @param toMm from the space that the shading is told in; empty for a kind that is not known */
    static Optional<Ink.Shade> ink(PsDict shading, AffineTransform toMm) throws PostScriptException {
        int kind = (int) shading.number("ShadingType", 0);
        double[] c = shading.get("Coords") instanceof PsArray a ? a.numbers() : new double[0];
        double[] domain =
                shading.get("Domain") instanceof PsArray a && a.length == 2 ? a.numbers() : new double[] {0, 1};
        Placement unit;
        double inner = 0;
        boolean turned = false;
        if (kind == 2 && c.length == 4) {
            unit = new Placement(c[2] - c[0], c[3] - c[1], c[1] - c[3], c[2] - c[0], c[0], c[1]);
        } else if (kind == 3 && c.length == 6 && Math.hypot(c[0] - c[3], c[1] - c[4]) < SAME * Math.max(1, c[5])) {
            double outer = Math.max(c[2], c[5]);
            turned = c[2] > c[5];
            inner = outer > 0 ? Math.min(c[2], c[5]) / outer : 0;
            unit = Placement.scaled(outer).then(Placement.moved(c[0], c[1]));
        } else {
            return Optional.empty();
        }
        Placement placed = unit.then(Placement.of(toMm));
        if (Math.abs(placed.determinant()) < LEAST_MM2) {
            return Optional.empty();
        }
        List<Ink.Stop> stops = new ArrayList<>();
        for (int i = 0; i <= SAMPLES; i++) {
            double at = (double) i / SAMPLES;
            double[] n =
                    value(shading.get("Function"), domain[0] + (domain[1] - domain[0]) * (turned ? 1 - at : at), 0);
            if (n == null || n.length == 0) {
                return Optional.empty();
            }
            Colour colour = device(n.length == 4 ? "DeviceCMYK" : n.length == 3 ? "DeviceRGB" : "DeviceGray", n);
            stops.add(new Ink.Stop(inner + at * (1 - inner), 0xFF000000 | colour.rgb()));
        }
        return Optional.of(new Ink.Shade(kind == 3, placed, stops, 1));
    }

    /** Of functions by a power and of those stitched from others; null of any other. */
    private static double[] value(Object function, double t, int depth) throws PostScriptException {
        if (function instanceof PsArray several) {
            double[] all = new double[several.length];
            for (int i = 0; i < all.length; i++) {
                double[] one = value(several.get(i), t, depth + 1);
                if (one == null || one.length != 1) {
                    return null;
                }
                all[i] = one[0];
            }
            return all;
        }
        if (!(function instanceof PsDict f) || depth > DEEPEST) {
            return null;
        }
        double[] domain = f.get("Domain") instanceof PsArray a && a.length == 2 ? a.numbers() : new double[] {0, 1};
        double x = Math.clamp(t, Math.min(domain[0], domain[1]), Math.max(domain[0], domain[1]));
        return switch ((int) f.number("FunctionType", -1)) {
            case 2 -> power(f, x);
            case 3 -> stitched(f, domain, x, depth);
            default -> null;
        };
    }

    private static double[] power(PsDict f, double x) throws PostScriptException {
        double[] from = f.get("C0") instanceof PsArray a ? a.numbers() : new double[] {0};
        double[] to = f.get("C1") instanceof PsArray a ? a.numbers() : new double[] {1};
        if (from.length != to.length) {
            return null;
        }
        double by = Math.pow(x, f.number("N", 1));
        double[] n = new double[from.length];
        for (int i = 0; i < n.length; i++) {
            n[i] = from[i] + by * (to[i] - from[i]);
        }
        return n;
    }

    private static double[] stitched(PsDict f, double[] domain, double x, int depth) throws PostScriptException {
        if (!(f.get("Functions") instanceof PsArray parts) || parts.length == 0) {
            return null;
        }
        double[] bounds = f.get("Bounds") instanceof PsArray a ? a.numbers() : new double[0];
        double[] encode = f.get("Encode") instanceof PsArray a ? a.numbers() : new double[0];
        if (bounds.length != parts.length - 1 || encode.length != 2 * parts.length) {
            return null;
        }
        int k = 0;
        while (k < bounds.length && x >= bounds[k]) {
            k++;
        }
        double low = k == 0 ? domain[0] : bounds[k - 1];
        double high = k == bounds.length ? domain[1] : bounds[k];
        double share = high > low ? (x - low) / (high - low) : 0;
        return value(parts.get(k), encode[2 * k] + share * (encode[2 * k + 1] - encode[2 * k]), depth + 1);
    }
}
