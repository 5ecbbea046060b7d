package jurren.core.nest;

import java.util.ArrayList;
import java.util.List;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;

/**
 * A shape with fewer corners that still covers all of it: hollow corners are cut across, and two bulging ones become
 * the one in which their outer edges meet, the smallest change first, as long as no edge moves further than was
 * allowed.
 */
final class Coarser {
    private static final double PARALLEL = 1e-9;
    private static final int LEAST_CORNERS = 3;

    /** The corners of all rings that are left, for what must not be swallowed. */
    private final List<Ring> rings = new ArrayList<>();

    private final double bulgingMm;
    private final double hollowMm;

    /** One outline with the film on its left. */
    private static final class Ring {
        private double[] x;
        private double[] y;
        /** How far the edges beside a corner have moved already. */
        private double[] moved;
        /** Whether something else would be swallowed if this corner went. */
        private boolean[] kept;

        private int n;

        Ring(Outline o, boolean counterClockwise) {
            List<Point> points = (o.signedAreaMm2() > 0) == counterClockwise
                    ? o.points()
                    : o.points().reversed();
            x = new double[points.size()];
            y = new double[points.size()];
            moved = new double[points.size()];
            kept = new boolean[points.size()];
            for (Point p : points) {
                if (n == 0 || Math.hypot(p.xMm() - x[n - 1], p.yMm() - y[n - 1]) > PARALLEL) {
                    x[n] = p.xMm();
                    y[n++] = p.yMm();
                }
            }
        }

        void remove(int at) {
            System.arraycopy(x, at + 1, x, at, n - at - 1);
            System.arraycopy(y, at + 1, y, at, n - at - 1);
            System.arraycopy(moved, at + 1, moved, at, n - at - 1);
            System.arraycopy(kept, at + 1, kept, at, n - at - 1);
            n--;
        }

        double turn(int a, int b, int c) {
            return (x[b] - x[a]) * (y[c] - y[b]) - (y[b] - y[a]) * (x[c] - x[b]);
        }

        Outline outline() {
            List<Point> points = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                points.add(new Point(x[i], y[i]));
            }
            return Outline.of(points);
        }
    }

    private Coarser(Region shape, double bulgingMm, double hollowMm) {
        this.bulgingMm = bulgingMm;
        this.hollowMm = hollowMm;
        for (Piece piece : shape.pieces()) {
            rings.add(new Ring(piece.outer(), true));
            piece.holes().forEach(h -> rings.add(new Ring(h, false)));
        }
    }

    static Region of(Region shape, double mostMm) {
        return of(shape, mostMm, mostMm);
    }

    /**
     * @param bulgingMm how far edges move where the outline bulges: what is left of it are corners of convex parts
     * @param hollowMm  how far where it is hollow: what is left of it are the parts
     */
    static Region of(Region shape, double bulgingMm, double hollowMm) {
        Coarser coarser = new Coarser(shape, bulgingMm, hollowMm);
        coarser.rings.forEach(coarser::run);
        return Region.enclosedBy(
                coarser.rings.stream()
                        .filter(r -> r.n >= LEAST_CORNERS)
                        .map(Ring::outline)
                        .toList(),
                FillRule.EVEN_ODD);
    }

    private void run(Ring r) {
        while (r.n > LEAST_CORNERS + 1) {
            int best = -1;
            double least = Double.POSITIVE_INFINITY;
            for (int b = 0; b < r.n; b++) {
                double cost = r.kept[b] ? Double.POSITIVE_INFINITY : cost(r, b);
                if (cost < least) {
                    least = cost;
                    best = b;
                }
            }
            if (best < 0) {
                return;
            }
            int before = (best + r.n - 1) % r.n;
            int after = (best + 1) % r.n;
            if (r.turn(before, best, after) <= 0) {
                cutAcross(r, before, best, after, least);
            } else {
                extend(r, before, best, after, least);
            }
        }
    }

    /** What it costs to leave a hollow corner out, or to let the edges before and after an edge meet instead of it. */
    private double cost(Ring r, int b) {
        int a = (b + r.n - 1) % r.n;
        int c = (b + 1) % r.n;
        if (r.turn(a, b, c) <= 0) {
            double base = Math.hypot(r.x[c] - r.x[a], r.y[c] - r.y[a]);
            return atMost(
                    hollowMm,
                    r.moved[b]
                            + (base < PARALLEL
                                    ? Math.hypot(r.x[b] - r.x[a], r.y[b] - r.y[a])
                                    : -r.turn(a, b, c) / base));
        }
        int d = (b + 2) % r.n;
        Point tip = r.n < LEAST_CORNERS + 2 || r.turn(b, c, d) <= 0 ? null : tip(r, a, b, c, d);
        if (tip == null) {
            return Double.POSITIVE_INFINITY;
        }
        double base = Math.hypot(r.x[c] - r.x[b], r.y[c] - r.y[b]);
        double cross = (r.x[c] - r.x[b]) * (tip.yMm() - r.y[b]) - (r.y[c] - r.y[b]) * (tip.xMm() - r.x[b]);
        return cross > 0
                ? Double.POSITIVE_INFINITY
                : atMost(bulgingMm, Math.max(r.moved[b], r.moved[c]) - cross / base);
    }

    private static double atMost(double mostMm, double cost) {
        return cost < mostMm ? cost : Double.POSITIVE_INFINITY;
    }

    private void cutAcross(Ring r, int a, int b, int c, double cost) {
        if (swallows(r.x[a], r.y[a], r.x[b], r.y[b], r.x[c], r.y[c])) {
            r.kept[b] = true;
            return;
        }
        r.moved[a] = Math.max(r.moved[a], cost);
        r.moved[c] = Math.max(r.moved[c], cost);
        r.remove(b);
    }

    private void extend(Ring r, int a, int b, int c, double cost) {
        Point tip = tip(r, a, b, c, (b + 2) % r.n);
        if (swallows(r.x[b], r.y[b], tip.xMm(), tip.yMm(), r.x[c], r.y[c])) {
            r.kept[b] = true;
            return;
        }
        r.x[b] = tip.xMm();
        r.y[b] = tip.yMm();
        r.moved[b] = cost;
        r.remove(c);
    }

    /** Where a-b, gone on, meets d-c, gone on; null when they do not. */
    private static Point tip(Ring r, int a, int b, int c, int d) {
        double ux = r.x[b] - r.x[a];
        double uy = r.y[b] - r.y[a];
        double vx = r.x[c] - r.x[d];
        double vy = r.y[c] - r.y[d];
        double cross = ux * vy - uy * vx;
        if (Math.abs(cross) <= PARALLEL * Math.hypot(ux, uy) * Math.hypot(vx, vy)) {
            return null;
        }
        double t = ((r.x[c] - r.x[b]) * vy - (r.y[c] - r.y[b]) * vx) / cross;
        double s = ((r.x[c] - r.x[b]) * uy - (r.y[c] - r.y[b]) * ux) / cross;
        return t >= 0 && s >= 0 ? new Point(r.x[b] + t * ux, r.y[b] + t * uy) : null;
    }

    /** Whether any other corner lies in a triangle that would become film. */
    private boolean swallows(double ax, double ay, double bx, double by, double cx, double cy) {
        double way = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax) >= 0 ? 1 : -1;
        for (Ring r : rings) {
            for (int i = 0; i < r.n; i++) {
                double px = r.x[i];
                double py = r.y[i];
                if (way * ((bx - ax) * (py - ay) - (by - ay) * (px - ax)) >= 0
                        && way * ((cx - bx) * (py - by) - (cy - by) * (px - bx)) >= 0
                        && way * ((ax - cx) * (py - cy) - (ay - cy) * (px - cx)) >= 0
                        && !(px == ax && py == ay)
                        && !(px == bx && py == by)
                        && !(px == cx && py == cy)) {
                    return true;
                }
            }
        }
        return false;
    }
}
