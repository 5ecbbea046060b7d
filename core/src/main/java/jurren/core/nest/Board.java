package jurren.core.nest;

import java.util.Arrays;
import jurren.core.geometry.Box;

/**
 * Shapes on one bed, overlapping or not. Places of one are searched along level and upright lines: on a line, what it
 * overlaps of each other shape is a few stretches, and the way out of the nearest end of one is how deep it lies in it.
 */
final class Board {
    final Shapes shapes;
    final double minX;
    final double minY;
    final double maxY;
    double maxX;
    int n;
    int[] item;
    int[] turn;
    double[] x;
    double[] y;
    boolean[] fixed;
    /** How much each overlap weighs; without it all weigh the same. */
    double[][] weight;

    private final double[] stretches;
    private double[] lo = new double[64];
    private double[] hi = new double[64];
    private double[] heavy = new double[64];
    private int count;
    private int[] who = new int[64];
    private double[] begin = new double[64];
    private double[] end = new double[64];
    private int near;
    /** Where the last search ended. */
    double at;
    /** Convex parts looked at so far: the unit of all limits, so that the same steps give the same. */
    long work;

    Board(Shapes shapes, Box bed) {
        this.shapes = shapes;
        this.minX = bed.minXMm();
        this.maxX = bed.maxXMm();
        this.minY = bed.minYMm();
        this.maxY = bed.maxYMm();
        this.stretches = shapes.stretches();
        this.item = new int[8];
        this.turn = new int[8];
        this.x = new double[8];
        this.y = new double[8];
        this.fixed = new boolean[8];
    }

    Board copy() {
        Board b = new Board(shapes, new Box(minX, minY, maxX, maxY));
        b.takeOver(this);
        return b;
    }

    /** The same bed with what may not move alone. */
    Board onlyFixed() {
        Board b = copy();
        b.n = 0;
        for (int i = 0; i < n; i++) {
            if (fixed[i]) {
                b.add(item[i], turn[i], x[i], y[i], true);
            }
        }
        return b;
    }

    /** Everything as it lies on another board of the same bed. */
    void takeOver(Board other) {
        n = other.n;
        maxX = other.maxX;
        item = other.item.clone();
        turn = other.turn.clone();
        x = other.x.clone();
        y = other.y.clone();
        fixed = other.fixed.clone();
    }

    int add(int ofItem, int turned, double atX, double atY, boolean isFixed) {
        if (n == item.length) {
            item = Arrays.copyOf(item, 2 * n);
            turn = Arrays.copyOf(turn, 2 * n);
            x = Arrays.copyOf(x, 2 * n);
            y = Arrays.copyOf(y, 2 * n);
            fixed = Arrays.copyOf(fixed, 2 * n);
        }
        item[n] = ofItem;
        turn[n] = turned;
        x[n] = atX;
        y[n] = atY;
        fixed[n] = isFixed;
        return n++;
    }

    double lowX(int turned) {
        return minX - shapes.turned(turned).trueBox().minXMm();
    }

    double highX(int turned) {
        return maxX - shapes.turned(turned).trueBox().maxXMm();
    }

    double lowY(int turned) {
        return minY - shapes.turned(turned).trueBox().minYMm();
    }

    double highY(int turned) {
        return maxY - shapes.turned(turned).trueBox().maxYMm();
    }

    boolean fits(int turned) {
        return highX(turned) >= lowX(turned) - Clearance.TOUCHING_MM
                && highY(turned) >= lowY(turned) - Clearance.TOUCHING_MM;
    }

    /** The end of the last shape that may move or is pinned. */
    double endX() {
        double end = minX;
        for (int i = 0; i < n; i++) {
            if (item[i] >= 0) {
                end = Math.max(end, x[i] + shapes.turned(turn[i]).trueBox().maxXMm());
            }
        }
        return end;
    }

    /** What lies near a line, for one shape in one turn. */
    private void near(int i, int turned, boolean upright, double level, double from, double to) {
        near = 0;
        count = 0;
        Box own = shapes.turned(turned).box();
        for (int j = 0; j < n; j++) {
            if (j == i) {
                continue;
            }
            Box there = shapes.turned(turn[j]).box();
            double across = upright ? level - x[j] : level - y[j];
            if (upright
                    ? across <= there.minXMm() - own.maxXMm() || across >= there.maxXMm() - own.minXMm()
                    : across <= there.minYMm() - own.maxYMm() || across >= there.maxYMm() - own.minYMm()) {
                continue;
            }
            double begins = upright ? y[j] + there.minYMm() - own.maxYMm() : x[j] + there.minXMm() - own.maxXMm();
            double ends = upright ? y[j] + there.maxYMm() - own.minYMm() : x[j] + there.maxXMm() - own.minXMm();
            if (ends > from && begins < to) {
                if (near == who.length) {
                    who = Arrays.copyOf(who, 2 * near);
                    begin = Arrays.copyOf(begin, 2 * near);
                    end = Arrays.copyOf(end, 2 * near);
                }
                who[near] = j;
                begin[near] = begins;
                end[near++] = ends;
            }
        }
    }

    /** The stretches of one that lies near. */
    private void collect(int i, int j, int turned, boolean upright, double level) {
        int other = turn[j];
        int first = Math.min(turned, other);
        int second = Math.max(turned, other);
        double along = upright ? y[j] : x[j];
        work += shapes.cost(first, second);
        int found =
                shapes.along(first, second, upright, upright ? level - x[j] : level - y[j], other > turned, stretches);
        for (int k = 0; k < found; k += 2) {
            if (count == lo.length) {
                lo = Arrays.copyOf(lo, 2 * count);
                hi = Arrays.copyOf(hi, 2 * count);
                heavy = Arrays.copyOf(heavy, 2 * count);
            }
            keep(along + stretches[k], along + stretches[k + 1], weight == null || i < 0 ? 1 : weight[i][j]);
        }
    }

    /** In the order in which they begin. */
    private void keep(double from, double to, double weighs) {
        int k = count++;
        while (k > 0 && lo[k - 1] > from) {
            lo[k] = lo[k - 1];
            hi[k] = hi[k - 1];
            heavy[k] = heavy[k - 1];
            k--;
        }
        lo[k] = from;
        hi[k] = to;
        heavy[k] = weighs;
    }

    /** The first free place on a line from one end on; NaN when there is none. */
    double firstFree(int i, int turned, boolean upright, double level, double from, double to) {
        near(i, turned, upright, level, from, to);
        double at = from;
        while (at <= to + Clearance.TOUCHING_MM) {
            boolean moved = false;
            for (int k = 0; k < count; k++) {
                if (lo[k] + Clearance.TOUCHING_MM < at + Clearance.TOUCHING_MM / 2
                        && at < hi[k] - Clearance.TOUCHING_MM) {
                    at = hi[k];
                    moved = true;
                }
            }
            if (moved) {
                continue;
            }
            // of those that may lie there the one that reaches furthest: what it covers is not looked for in others
            int next = -1;
            for (int k = 0; k < near; k++) {
                if (begin[k] < at + Clearance.TOUCHING_MM && at < end[k] && (next < 0 || end[k] > end[next])) {
                    next = k;
                }
            }
            if (next < 0) {
                return Math.min(at, to);
            }
            collect(i, who[next], turned, upright, level);
            near--;
            who[next] = who[near];
            begin[next] = begin[near];
            end[next] = end[near];
        }
        return Double.NaN;
    }

    /** The least weighed depth on a line, found at {@link #at}: between two ends of stretches it can only be larger. */
    double least(int i, int turned, boolean upright, double level, double from, double to, double startAt) {
        near(i, turned, upright, level, from, to);
        for (int k = 0; k < near; k++) {
            collect(i, who[k], turned, upright, level);
        }
        double best = depth(startAt, Double.POSITIVE_INFINITY);
        at = startAt;
        best = better(from, best);
        best = better(to, best);
        for (int k = 0; k < count && best > 0; k++) {
            if (lo[k] > from && lo[k] < to) {
                best = better(lo[k], best);
            }
            if (hi[k] > from && hi[k] < to) {
                best = better(hi[k], best);
            }
        }
        return best;
    }

    private double better(double t, double best) {
        double d = depth(t, best);
        if (d < best) {
            at = t;
            return d;
        }
        return best;
    }

    private double depth(double t, double atMost) {
        double sum = 0;
        for (int k = 0; k < count && lo[k] < t; k++) {
            if (t < hi[k]) {
                double d = Math.min(t - lo[k], hi[k] - t);
                if (d > Clearance.TOUCHING_MM) {
                    sum += heavy[k] * d;
                    if (sum >= atMost) {
                        return sum;
                    }
                }
            }
        }
        return sum;
    }

    /** How deep two lie in each other: the shorter way out, level or upright; 0 when they do not. */
    double depth(int turnedI, double xi, double yi, int j) {
        int other = turn[j];
        Box own = shapes.turned(turnedI).box();
        Box there = shapes.turned(other).box();
        double dx = xi - x[j];
        double dy = yi - y[j];
        if (dx <= there.minXMm() - own.maxXMm()
                || dx >= there.maxXMm() - own.minXMm()
                || dy <= there.minYMm() - own.maxYMm()
                || dy >= there.maxYMm() - own.minYMm()) {
            return 0;
        }
        boolean reverse = other > turnedI;
        int first = Math.min(turnedI, other);
        int second = Math.max(turnedI, other);
        work += shapes.cost(first, second);
        double level = inside(shapes.along(first, second, false, dy, reverse, stretches), dx);
        if (level == 0) {
            return 0;
        }
        return Math.min(level, inside(shapes.along(first, second, true, dx, reverse, stretches), dy));
    }

    private double inside(int found, double t) {
        for (int k = 0; k < found; k += 2) {
            if (t > stretches[k] && t < stretches[k + 1]) {
                double d = Math.min(t - stretches[k], stretches[k + 1] - t);
                return d > Clearance.TOUCHING_MM ? d : 0;
            }
        }
        return 0;
    }
}
