package jurren.core.art;

import java.util.List;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Warp;
import jurren.core.material.Colour;
import jurren.core.memo.Scale;
import jurren.core.trace.Picture;

/** How a paint looks where it is printed, when that is not simply its colour. A knife knows nothing of it. */
public sealed interface Ink {
    /** Its colour somewhere, 0xAARRGGBB, not multiplied by its alpha. */
    int argb(double xMm, double yMm);

    Ink placed(Placement placement);

    /** Everything below still shows through so much less: 0 is not there, 1 as it is. */
    Ink faded(double opacity);

    /** Whether the ground is to show through a part of it, and not only beside it. */
    default boolean isHalfSeen() {
        return !isOpaque();
    }

    /** Whether nothing below it shows. */
    boolean isOpaque();

    /** Whether nothing would be left of it without a printer: pictures and shadows have no edge of their own to cut. */
    default boolean isOnlyInk() {
        return false;
    }

    default void weigh(Scale scale) {}

    /** @param back from where it comes to lie to where it is flat */
    default Ink warped(Warp warp, Warp back) {
        return warp == Warp.NONE ? this : new Bent(this, back);
    }

    private static void checkOpacity(double opacity) {
        if (!(opacity > 0 && opacity <= 1)) {
            throw new IllegalArgumentException("an opacity is above 0 and at most 1 but was " + opacity);
        }
    }

    private static int faded(int argb, double opacity) {
        return (int) Math.round((argb >>> 24) * opacity) << 24 | argb & 0xFFFFFF;
    }

    /** A colour that is seen through. */
    record Clear(Colour colour, double opacity) implements Ink {
        public Clear {
            checkOpacity(opacity);
        }

        @Override
        public int argb(double xMm, double yMm) {
            return Ink.faded(0xFF000000 | colour.rgb(), opacity);
        }

        @Override
        public Clear placed(Placement placement) {
            return this;
        }

        @Override
        public Clear faded(double by) {
            return new Clear(colour, opacity * by);
        }

        @Override
        public boolean isOpaque() {
            return opacity == 1;
        }

        @Override
        public Ink warped(Warp warp, Warp back) {
            return this;
        }
    }

    /** A colour of a shade, and how far along it stands, from 0 to 1. */
    record Stop(double at, int argb) {}

    /**
     * From colour to colour: along x from 0 to 1, or from the middle of the unit circle out to its edge, and on as at
     * the end.
     *
     * @param toMm  from the unit square or circle
     * @param stops by how far along they stand, two or more
     */
    record Shade(boolean round, Placement toMm, List<Stop> stops, double opacity) implements Ink {
        public Shade {
            stops = List.copyOf(stops);
            checkOpacity(opacity);
            if (stops.size() < 2 || Math.abs(toMm.determinant()) < 1e-12) {
                throw new IllegalArgumentException("a shade goes from one colour to another over some way");
            }
        }

        /** Where one colour must do. */
        public Colour mean() {
            int r = 0;
            int g = 0;
            int b = 0;
            for (Stop s : stops) {
                r += s.argb >> 16 & 0xFF;
                g += s.argb >> 8 & 0xFF;
                b += s.argb & 0xFF;
            }
            int n = stops.size();
            return new Colour(r / n << 16 | g / n << 8 | b / n);
        }

        @Override
        public int argb(double xMm, double yMm) {
            Point p = toMm.inverse().apply(new Point(xMm, yMm));
            return Ink.faded(along(round ? Math.hypot(p.xMm(), p.yMm()) : p.xMm()), opacity);
        }

        private int along(double t) {
            Stop before = stops.getFirst();
            for (Stop next : stops) {
                if (t <= next.at) {
                    return next.at <= before.at
                            ? next.argb
                            : mixed(before.argb, next.argb, (t - before.at) / (next.at - before.at));
                }
                before = next;
            }
            return before.argb;
        }

        private static int mixed(int a, int b, double t) {
            double f = Math.clamp(t, 0, 1);
            int argb = 0;
            for (int shift = 0; shift < 32; shift += 8) {
                argb |= (int) Math.round((a >>> shift & 0xFF) * (1 - f) + (b >>> shift & 0xFF) * f) << shift;
            }
            return argb;
        }

        @Override
        public Shade placed(Placement placement) {
            return new Shade(round, toMm.then(placement), stops, opacity);
        }

        @Override
        public Shade faded(double by) {
            return new Shade(round, toMm, stops, opacity * by);
        }

        @Override
        public boolean isOpaque() {
            return opacity == 1 && stops.stream().allMatch(s -> s.argb >>> 24 == 0xFF);
        }
    }

    /**
     * A picture, which beyond its own edge goes on as in a mirror, so that it can bleed.
     *
     * @param toMm from its pixels, whose first corner is at 0, 0
     */
    record OfPicture(Pixels of, Placement toMm, double opacity) implements Ink {
        private static final int RASTER = 120;
        private static final int FAINT = 24;
        private static final double HALF_SHARE = 0.02;

        public OfPicture {
            checkOpacity(opacity);
            if (Math.abs(toMm.determinant()) < 1e-12) {
                throw new IllegalArgumentException("a picture has a width and a height");
            }
        }

        @Override
        public int argb(double xMm, double yMm) {
            Point p = toMm.inverse().apply(new Point(xMm, yMm));
            Picture picture = of.picture();
            return Ink.faded(between(picture, p.xMm() - 0.5, p.yMm() - 0.5), opacity);
        }

        /** Looked at in a raster: an edge is always soft, and what is cut out stays out. */
        @Override
        public boolean isHalfSeen() {
            Picture picture = of.picture();
            int across = Math.min(RASTER, picture.width());
            int down = Math.min(RASTER, picture.height());
            int half = 0;
            for (int y = 0; y < down; y++) {
                for (int x = 0; x < across; x++) {
                    int alpha = picture.argb(x * picture.width() / across, y * picture.height() / down) >>> 24;
                    half += alpha > FAINT && alpha < 0xFF - FAINT ? 1 : 0;
                }
            }
            return opacity < 1 || half > HALF_SHARE * across * down;
        }

        /** Between the four pixels around; each counts by its alpha. */
        private static int between(Picture picture, double x, double y) {
            int x0 = (int) Math.floor(x);
            int y0 = (int) Math.floor(y);
            double fx = x - x0;
            double fy = y - y0;
            double a = 0;
            double r = 0;
            double g = 0;
            double b = 0;
            for (int i = 0; i < 4; i++) {
                double weight = ((i & 1) == 0 ? 1 - fx : fx) * ((i & 2) == 0 ? 1 - fy : fy);
                int p = picture.argb(
                        mirrored(x0 + (i & 1), picture.width()), mirrored(y0 + (i >> 1), picture.height()));
                double alpha = weight * (p >>> 24);
                a += alpha;
                r += alpha * (p >> 16 & 0xFF);
                g += alpha * (p >> 8 & 0xFF);
                b += alpha * (p & 0xFF);
            }
            return a < 0.5
                    ? 0
                    : (int) Math.round(a) << 24
                            | (int) Math.round(r / a) << 16
                            | (int) Math.round(g / a) << 8
                            | (int) Math.round(b / a);
        }

        private static int mirrored(int i, int size) {
            int in = Math.floorMod(i, 2 * size);
            return in < size ? in : 2 * size - 1 - in;
        }

        @Override
        public OfPicture placed(Placement placement) {
            return new OfPicture(of, toMm.then(placement), opacity);
        }

        @Override
        public OfPicture faded(double by) {
            return new OfPicture(of, toMm, opacity * by);
        }

        @Override
        public boolean isOpaque() {
            return opacity == 1 && of.picture().isOpaque();
        }

        @Override
        public boolean isOnlyInk() {
            return true;
        }

        /** How many pixels stand on an inch, where they are largest. */
        public double perInch() {
            return 25.4 / Math.max(Math.hypot(toMm.xx(), toMm.yx()), Math.hypot(toMm.xy(), toMm.yy()));
        }

        @Override
        public void weigh(Scale scale) {
            of.weigh(scale);
        }
    }

    /** Laid on a surface that bends it. */
    record Bent(Ink flat, Warp back) implements Ink {
        @Override
        public int argb(double xMm, double yMm) {
            Point p = back.apply(new Point(xMm, yMm));
            return flat.argb(p.xMm(), p.yMm());
        }

        @Override
        public Bent placed(Placement placement) {
            Placement inverse = placement.inverse();
            return new Bent(flat, new Warp() {
                @Override
                public void apply(double xMm, double yMm, double[] to, int at) {
                    Point p = inverse.apply(new Point(xMm, yMm));
                    back.apply(p.xMm(), p.yMm(), to, at);
                }

                @Override
                public double leastRadiusMm() {
                    return back.leastRadiusMm();
                }
            });
        }

        @Override
        public Bent faded(double by) {
            return new Bent(flat.faded(by), back);
        }

        @Override
        public boolean isOpaque() {
            return flat.isOpaque();
        }

        @Override
        public boolean isOnlyInk() {
            return flat.isOnlyInk();
        }

        @Override
        public void weigh(Scale scale) {
            flat.weigh(scale);
        }
    }
}
