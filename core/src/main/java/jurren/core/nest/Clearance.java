package jurren.core.nest;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;

/**
 * How far apart two turned shapes must stand: every way from the first's place to the second's at which they overlap,
 * as sums of a convex part of the first and one of the second turned round (Minkowski sums). A point inside any of them
 * is an overlap. What lies on a line through it are a few stretches, which is all a search along the line needs. For a
 * long search the sums are put together into one outline, which has far fewer edges.
 */
final class Clearance {
    /** Nearer to an edge than this is touching. */
    static final double TOUCHING_MM = 1e-7;
    /** Between shapes there is room for nothing in less. */
    private static final double SPECK_MM2 = 1e-3;

    private final int parts;
    /** Of each part: least and most x, least and most y. */
    private final double[] boxes;

    private final int[] first;
    private final double[] xs;
    private final double[] ys;
    /** Whether the parts are rings, inside and outside told by counting. */
    private final boolean rings;

    private Clearance(int[] first, double[] xs, double[] ys) {
        this.parts = first.length - 1;
        this.boxes = new double[0];
        this.first = first;
        this.xs = xs;
        this.ys = ys;
        this.rings = true;
    }

    Clearance(Turned a, Turned b) {
        this.rings = false;
        this.parts = a.parts() * b.parts();
        this.boxes = new double[4 * parts];
        this.first = new int[parts + 1];
        int most = 0;
        for (int i = 0; i < a.parts(); i++) {
            for (int j = 0; j < b.parts(); j++) {
                most += a.x()[i].length + b.x()[j].length;
            }
        }
        double[] x = new double[most];
        double[] y = new double[most];
        int part = 0;
        int n = 0;
        for (int i = 0; i < a.parts(); i++) {
            for (int j = 0; j < b.parts(); j++) {
                first[part] = n;
                for (ConvexSum sum = new ConvexSum(a, i, b, j); sum.goesOn(); sum.step()) {
                    x[n] = sum.x();
                    y[n++] = sum.y();
                }
                boxes[4 * part] = a.boxes()[4 * i] - b.boxes()[4 * j + 1];
                boxes[4 * part + 1] = a.boxes()[4 * i + 1] - b.boxes()[4 * j];
                boxes[4 * part + 2] = a.boxes()[4 * i + 2] - b.boxes()[4 * j + 3];
                boxes[4 * part + 3] = a.boxes()[4 * i + 3] - b.boxes()[4 * j + 2];
                part++;
            }
        }
        first[part] = n;
        this.xs = Arrays.copyOf(x, n);
        this.ys = Arrays.copyOf(y, n);
    }

    /** The same as outlines. */
    Clearance outlined() {
        List<Outline> convex = new ArrayList<>();
        for (int p = 0; p < parts; p++) {
            List<Point> corners = new ArrayList<>();
            for (int k = first[p]; k < first[p + 1]; k++) {
                corners.add(new Point(xs[k], ys[k]));
            }
            convex.add(Outline.of(corners));
        }
        List<Outline> outlines = new ArrayList<>();
        for (Piece piece : Region.covered(convex).pieces()) {
            outlines.add(piece.outer());
            piece.holes().stream()
                    .filter(h -> Math.abs(h.signedAreaMm2()) > SPECK_MM2)
                    .forEach(outlines::add);
        }
        int[] starts = new int[outlines.size() + 1];
        for (int r = 0; r < outlines.size(); r++) {
            starts[r + 1] = starts[r] + outlines.get(r).size();
        }
        double[] x = new double[starts[outlines.size()]];
        double[] y = new double[x.length];
        for (int r = 0; r < outlines.size(); r++) {
            Outline o = outlines.get(r);
            for (int k = 0; k < o.size(); k++) {
                x[starts[r] + k] = o.xMm(k);
                y[starts[r] + k] = o.yMm(k);
            }
        }
        return new Clearance(starts, x, y);
    }

    /** The same with both shapes turned by so many quarters. */
    Clearance turned(int quarters) {
        double[] x = xs;
        double[] y = ys;
        for (int q = 0; q < quarters; q++) {
            double[] was = x;
            x = new double[was.length];
            for (int k = 0; k < x.length; k++) {
                x[k] = -y[k];
            }
            y = was;
        }
        return new Clearance(first, x, y);
    }

    /** How many corners all outlines have. */
    int corners() {
        return xs.length;
    }

    /**
     * The outlines' edges, the other shape standing somewhere.
     *
     * @param reverse seen from the second
     * @param into    of each edge: x and y of its beginning, x and y of its end
     */
    void edges(boolean reverse, double dx, double dy, double[] into) {
        double sign = reverse ? -1 : 1;
        for (int r = 0; r < parts; r++) {
            int before = first[r + 1] - 1;
            for (int k = first[r]; k < first[r + 1]; before = k++) {
                into[4 * k] = dx + sign * xs[before];
                into[4 * k + 1] = dy + sign * ys[before];
                into[4 * k + 2] = dx + sign * xs[k];
                into[4 * k + 3] = dy + sign * ys[k];
            }
        }
    }

    long bytes() {
        return 16L * xs.length + 36L * parts + 100;
    }

    /** What a look at it costs. */
    int cost() {
        return rings ? 2 + xs.length / 16 : 1 + parts;
    }

    /** The same as {@link #along}, without anything being kept. */
    static int along(Turned a, Turned b, boolean upright, double level, boolean reverse, double[] into) {
        double at = reverse ? -level : level;
        double[] one = a.boxes();
        double[] other = b.boxes();
        int side = upright ? 0 : 2;
        int ahead = 2 - side;
        int n = 0;
        for (int i = 0; i < a.parts(); i++) {
            double least = one[4 * i + side] + TOUCHING_MM;
            double most = one[4 * i + side + 1] - TOUCHING_MM;
            for (int j = 0; j < b.parts(); j++) {
                if (least - other[4 * j + side + 1] < at
                        && at < most - other[4 * j + side]
                        && !isCovered(
                                into,
                                n,
                                one[4 * i + ahead] - other[4 * j + ahead + 1],
                                one[4 * i + ahead + 1] - other[4 * j + ahead],
                                reverse)) {
                    n = alongConvex(new ConvexSum(a, i, b, j), upright, at, reverse, into, n);
                }
            }
        }
        return n;
    }

    private static int alongConvex(ConvexSum sum, boolean upright, double at, boolean reverse, double[] into, int n) {
        double lo = Double.POSITIVE_INFINITY;
        double hi = Double.NEGATIVE_INFINITY;
        double x = sum.x();
        double y = sum.y();
        for (int crossed = 0; crossed < 2 && sum.goesOn(); ) {
            sum.step();
            double nextX = sum.x();
            double nextY = sum.y();
            double c0 = upright ? x : y;
            double c1 = upright ? nextX : nextY;
            if (c0 <= at != c1 <= at) {
                double from = upright ? y : x;
                double cut = from + ((upright ? nextY : nextX) - from) * ((at - c0) / (c1 - c0));
                lo = Math.min(lo, cut);
                hi = Math.max(hi, cut);
                crossed++;
            }
            x = nextX;
            y = nextY;
        }
        return hi - lo > TOUCHING_MM ? add(into, n, reverse ? -hi : lo, reverse ? -lo : hi) : n;
    }

    /**
     * The stretches of a level line (or an upright one) at which the two overlap, put in order, those that meet as one.
     *
     * @param level   the line's own coordinate, from the first's place
     * @param reverse seen from the second: everything the other way round
     * @param into    pairs of least and most
     * @return how many numbers were written
     */
    int along(boolean upright, double level, boolean reverse, double[] into) {
        double at = reverse ? -level : level;
        if (rings) {
            return alongRings(upright, at, reverse, into);
        }
        double[] along = upright ? ys : xs;
        double[] across = upright ? xs : ys;
        int side = upright ? 0 : 2;
        int ahead = 2 - side;
        int n = 0;
        for (int p = 0; p < parts; p++) {
            if (boxes[4 * p + side] + TOUCHING_MM < at
                    && at < boxes[4 * p + side + 1] - TOUCHING_MM
                    && !isCovered(into, n, boxes[4 * p + ahead], boxes[4 * p + ahead + 1], reverse)) {
                double lo = Double.POSITIVE_INFINITY;
                double hi = Double.NEGATIVE_INFINITY;
                int end = first[p + 1];
                int before = end - 1;
                for (int k = first[p]; k < end; before = k++) {
                    double c0 = across[before];
                    double c1 = across[k];
                    if (c0 <= at != c1 <= at) {
                        double cut = along[before] + (along[k] - along[before]) * ((at - c0) / (c1 - c0));
                        lo = Math.min(lo, cut);
                        hi = Math.max(hi, cut);
                    }
                }
                if (hi - lo > TOUCHING_MM) {
                    n = add(into, n, reverse ? -hi : lo, reverse ? -lo : hi);
                }
            }
        }
        return n;
    }

    /** Where the line runs along an edge, it is inside only where it is on both sides of it. */
    private int alongRings(boolean upright, double at, boolean reverse, double[] into) {
        int n = crossings(upright, at, into, 0);
        if (n < 0) {
            double[] other = new double[into.length];
            int below = crossings(upright, at - TOUCHING_MM, into, -1);
            int above = crossings(upright, at + TOUCHING_MM, other, -1);
            n = both(Arrays.copyOf(into, below), below, other, above, into);
        }
        if (reverse) {
            for (int k = 0; 2 * k < n; k++) {
                double t = into[k];
                into[k] = -into[n - 1 - k];
                into[n - 1 - k] = -t;
            }
        }
        return n;
    }

    /** In order; -1 when a corner lies on the line and {@code anyway} is 0. */
    private int crossings(boolean upright, double at, double[] into, int anyway) {
        double[] along = upright ? ys : xs;
        double[] across = upright ? xs : ys;
        int n = 0;
        for (int r = 0; r < parts; r++) {
            int end = first[r + 1];
            double before = across[end - 1] - at;
            for (int k = first[r]; k < end; k++) {
                double d = across[k] - at;
                if (d <= 0 != before <= 0) {
                    int from = k == first[r] ? end - 1 : k - 1;
                    double cut = along[from] - (along[k] - along[from]) * (before / (d - before));
                    int place = n++;
                    while (place > 0 && into[place - 1] > cut) {
                        into[place] = into[place - 1];
                        place--;
                    }
                    into[place] = cut;
                }
                if (d < TOUCHING_MM && d > -TOUCHING_MM && anyway == 0) {
                    return -1;
                }
                before = d;
            }
        }
        return n;
    }

    /** What lies in a stretch of either. */
    private static int both(double[] a, int na, double[] b, int nb, double[] into) {
        int n = 0;
        int i = 0;
        int j = 0;
        while (i < na && j < nb) {
            double lo = Math.max(a[i], b[j]);
            double hi = Math.min(a[i + 1], b[j + 1]);
            if (hi - lo > TOUCHING_MM) {
                into[n++] = lo;
                into[n++] = hi;
            }
            if (a[i + 1] < b[j + 1]) {
                i += 2;
            } else {
                j += 2;
            }
        }
        return n;
    }

    /** Whether one of the stretches covers all that another could. */
    private static boolean isCovered(double[] into, int n, double lo, double hi, boolean reverse) {
        double least = reverse ? -hi : lo;
        double most = reverse ? -lo : hi;
        for (int k = 0; k < n; k += 2) {
            if (into[k] <= least && most <= into[k + 1]) {
                return true;
            }
        }
        return false;
    }

    /** Puts a stretch where it belongs, joined with what it meets. */
    private static int add(double[] into, int n, double lo, double hi) {
        int from = 0;
        while (from < n && into[from + 1] < lo - TOUCHING_MM) {
            from += 2;
        }
        if (from == n || into[from] > hi + TOUCHING_MM) {
            System.arraycopy(into, from, into, from + 2, n - from);
            into[from] = lo;
            into[from + 1] = hi;
            return n + 2;
        }
        double most = Math.max(hi, into[from + 1]);
        int to = from + 2;
        while (to < n && into[to] <= hi + TOUCHING_MM) {
            most = Math.max(most, into[to + 1]);
            to += 2;
        }
        into[from] = Math.min(lo, into[from]);
        into[from + 1] = most;
        if (to > from + 2) {
            System.arraycopy(into, to, into, from + 2, n - to);
        }
        return n + 2 - (to - from);
    }
}
