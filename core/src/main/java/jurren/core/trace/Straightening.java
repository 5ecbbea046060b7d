package jurren.core.trace;

import java.util.List;
import java.util.stream.IntStream;
import jurren.core.geometry.Point;

/**
 * What makes a photograph of a flat thing look as if it had been seen from straight before it: the four
 * corners of what is kept, in the picture's pixels, clockwise from the upper left as it will be read.
 * A crop is four corners of a rectangle, a turn is a rectangle aslant, anything else undoes a perspective.
 *
 * <p>The plane's projective map through four points: Heckbert, "Fundamentals of Texture Mapping and Image
 * Warping" (1989), section 2.2.
 */
public record Straightening(List<Point> corners) {
    private static final double LEAST_PX = 2;

    public Straightening {
        corners = List.copyOf(corners);
        if (corners.size() != 4 || !isConvex(corners)) {
            throw new IllegalArgumentException(
                    "the four corners must go round clockwise without crossing but were " + corners);
        }
    }

    public static Straightening whole(int width, int height) {
        return crop(0, 0, width, height);
    }

    public static Straightening crop(double x0, double y0, double x1, double y1) {
        return new Straightening(List.of(new Point(x0, y0), new Point(x1, y0), new Point(x1, y1), new Point(x0, y1)));
    }

    /** The same part of the picture turned by a quarter clockwise. */
    public Straightening quarterTurned() {
        return new Straightening(List.of(corners.get(3), corners.get(0), corners.get(1), corners.get(2)));
    }

    private static boolean isConvex(List<Point> c) {
        for (int i = 0; i < 4; i++) {
            Point a = c.get(i);
            Point b = c.get((i + 1) % 4);
            Point d = c.get((i + 2) % 4);
            double turn = (b.xMm() - a.xMm()) * (d.yMm() - b.yMm()) - (b.yMm() - a.yMm()) * (d.xMm() - b.xMm());
            if (!(turn > 0) || !(a.distanceMm(b) >= LEAST_PX)) {
                return false;
            }
        }
        return true;
    }

    /** As wide as the longer of its upper and lower edge, as high as the longer of the other two. */
    public int width() {
        return (int) Math.max(
                1,
                Math.round(Math.max(
                        corners.get(0).distanceMm(corners.get(1)),
                        corners.get(3).distanceMm(corners.get(2)))));
    }

    public int height() {
        return (int) Math.max(
                1,
                Math.round(Math.max(
                        corners.get(1).distanceMm(corners.get(2)),
                        corners.get(0).distanceMm(corners.get(3)))));
    }

    public Picture of(Picture picture) {
        if (equals(whole(picture.width(), picture.height()))) {
            return picture;
        }
        int w = width();
        int h = height();
        if ((long) w * h > Picture.MOST_PIXELS) {
            throw new IllegalArgumentException(
                    "straightened, the picture would have " + (long) w * h / 1_000_000 + " million pixels");
        }
        double[] m = map(w, h);
        int[] to = new int[w * h];
        IntStream.range(0, h).parallel().forEach(y -> {
            for (int x = 0; x < w; x++) {
                double u = x + 0.5;
                double v = y + 0.5;
                double d = m[6] * u + m[7] * v + 1;
                to[y * w + x] =
                        sample(picture, (m[0] * u + m[1] * v + m[2]) / d - 0.5, (m[3] * u + m[4] * v + m[5]) / d - 0.5);
            }
        });
        return Picture.ofOwned(w, h, to);
    }

    /** Where a point of the straightened picture is in the picture as it came. */
    public Point toPicture(Point p) {
        double[] m = map(width(), height());
        double d = m[6] * p.xMm() + m[7] * p.yMm() + 1;
        return new Point((m[0] * p.xMm() + m[1] * p.yMm() + m[2]) / d, (m[3] * p.xMm() + m[4] * p.yMm() + m[5]) / d);
    }

    private double[] map(double w, double h) {
        Point a = corners.get(0);
        Point b = corners.get(1);
        Point c = corners.get(2);
        Point d = corners.get(3);
        double sx = a.xMm() - b.xMm() + c.xMm() - d.xMm();
        double sy = a.yMm() - b.yMm() + c.yMm() - d.yMm();
        double dx1 = b.xMm() - c.xMm();
        double dy1 = b.yMm() - c.yMm();
        double dx2 = d.xMm() - c.xMm();
        double dy2 = d.yMm() - c.yMm();
        double det = dx1 * dy2 - dx2 * dy1;
        double g = (sx * dy2 - dx2 * sy) / det;
        double k = (dx1 * sy - sx * dy1) / det;
        return new double[] {
            (b.xMm() - a.xMm() + g * b.xMm()) / w,
            (d.xMm() - a.xMm() + k * d.xMm()) / h,
            a.xMm(),
            (b.yMm() - a.yMm() + g * b.yMm()) / w,
            (d.yMm() - a.yMm() + k * d.yMm()) / h,
            a.yMm(),
            g / w,
            k / h
        };
    }

    /** Between the four nearest pixels; clear outside. */
    private static int sample(Picture p, double x, double y) {
        int x0 = (int) Math.floor(x);
        int y0 = (int) Math.floor(y);
        double fx = x - x0;
        double fy = y - y0;
        double a = 0;
        double r = 0;
        double g = 0;
        double b = 0;
        for (int k = 0; k < 4; k++) {
            int px = x0 + (k & 1);
            int py = y0 + (k >> 1);
            double share = ((k & 1) == 0 ? 1 - fx : fx) * (k >> 1 == 0 ? 1 - fy : fy);
            if (share > 0 && px >= -1 && py >= -1 && px <= p.width() && py <= p.height()) {
                int c = p.argb(Math.clamp(px, 0, p.width() - 1), Math.clamp(py, 0, p.height() - 1));
                double alpha = share * (c >>> 24);
                a += alpha;
                r += alpha * (c >> 16 & 0xFF);
                g += alpha * (c >> 8 & 0xFF);
                b += alpha * (c & 0xFF);
            }
        }
        return a < 0.5
                ? 0
                : (int) Math.round(a) << 24
                        | (int) Math.round(r / a) << 16
                        | (int) Math.round(g / a) << 8
                        | (int) Math.round(b / a);
    }
}
