package jurren.formats.dxf;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Ellipses;
import jurren.formats.dxf.DxfReader.Entity;
import jurren.formats.dxf.DxfReader.Group;

/** The line that one entity draws, in the file's units, y up. */
final class DxfShapes {
    private static final int MOST_POINTS = 200_000;
    private static final int SPLINE_STEPS = 24;
    private static final int HIGHEST_DEGREE = 12;
    private static final int FIRST_STEPS = 4;
    private static final int MOST_HALVES = 10;

    private DxfShapes() {}

    /** @param near how far a line may run beside the curve it stands for, in the file's units */
    static Optional<Shape> of(Entity e, double near) {
        return switch (e.kind()) {
            case "LINE" ->
                Optional.of(new Line2D.Double(e.number(10, 0), e.number(20, 0), e.number(11, 0), e.number(21, 0)));
            case "CIRCLE" -> {
                double r = Math.abs(e.number(40, 0));
                yield Optional.of(Ellipses.of(e.number(10, 0) - r, e.number(20, 0) - r, 2 * r, 2 * r));
            }
            case "ARC" ->
                Optional.of(arc(
                        e.number(10, 0),
                        e.number(20, 0),
                        Math.abs(e.number(40, 0)),
                        e.number(50, 0),
                        e.number(51, 360)));
            case "ELLIPSE" -> Optional.of(ellipse(e));
            case "LWPOLYLINE" -> Optional.of(lightPolyline(e));
            case "SPLINE" -> spline(e, near);
            case "SOLID", "TRACE" -> Optional.of(solid(e));
            case "HATCH" -> DxfHatch.of(e, near);
            default -> Optional.empty();
        };
    }

    /** Anticlockwise from one angle to the other, with y up. */
    private static Shape arc(double x, double y, double r, double from, double to) {
        double extent = to - from;
        extent = extent <= 0 ? extent + 360 : extent;
        return Ellipses.arc(x - r, y - r, 2 * r, 2 * r, -from, -extent);
    }

    private static Shape ellipse(Entity e) {
        double major = Math.hypot(e.number(11, 1), e.number(21, 0));
        double from = e.number(41, 0);
        double to = e.number(42, 2 * Math.PI);
        boolean whole = Math.abs(Math.abs(to - from) - 2 * Math.PI) < 1e-6;
        Shape unit = whole ? Ellipses.of(-1, -1, 2, 2) : arc(0, 0, 1, Math.toDegrees(from), Math.toDegrees(to));
        AffineTransform place = AffineTransform.getTranslateInstance(e.number(10, 0), e.number(20, 0));
        place.rotate(Math.atan2(e.number(21, 0), e.number(11, 1)));
        place.scale(major, major * e.number(40, 1));
        return place.createTransformedShape(unit);
    }

    private static Shape lightPolyline(Entity e) {
        List<double[]> points = new ArrayList<>();
        for (Group g : e.groups()) {
            if (g.code() == 10) {
                points.add(new double[] {g.number(), 0, 0});
            } else if (g.code() == 20 && !points.isEmpty()) {
                points.getLast()[1] = g.number();
            } else if (g.code() == 42 && !points.isEmpty()) {
                points.getLast()[2] = g.number();
            }
        }
        return bulged(points, ((int) e.number(70, 0) & 1) != 0);
    }

    static Shape polyline(Entity e, List<Entity> vertices) {
        // a smoothed polyline lists the points of its frame as well
        List<double[]> points = vertices.stream()
                .filter(v -> ((int) v.number(70, 0) & 16) == 0)
                .map(v -> new double[] {v.number(10, 0), v.number(20, 0), v.number(42, 0)})
                .toList();
        return bulged(points, ((int) e.number(70, 0) & 1) != 0);
    }

    /** A bulge is the tangent of a quarter of the angle that the arc to the next point turns, positive to the left. */
    static Path2D.Double bulged(List<double[]> points, boolean closed) {
        Path2D.Double path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        if (points.isEmpty() || points.size() > MOST_POINTS) {
            return path;
        }
        path.moveTo(points.getFirst()[0], points.getFirst()[1]);
        int last = closed ? points.size() : points.size() - 1;
        for (int i = 0; i < last; i++) {
            double[] a = points.get(i);
            double[] b = points.get((i + 1) % points.size());
            if (a[2] == 0) {
                path.lineTo(b[0], b[1]);
            } else {
                bulge(path, a, b);
            }
        }
        if (closed) {
            path.closePath();
        }
        return path;
    }

    private static void bulge(Path2D path, double[] a, double[] b) {
        double chord = Math.hypot(b[0] - a[0], b[1] - a[1]);
        if (chord == 0) {
            return;
        }
        double angle = 4 * Math.atan(a[2]);
        double r = chord / 2 / Math.sin(Math.abs(angle) / 2);
        double toCentre = r * Math.cos(angle / 2) * Math.signum(a[2]);
        double cx = (a[0] + b[0]) / 2 - (b[1] - a[1]) / chord * toCentre;
        double cy = (a[1] + b[1]) / 2 + (b[0] - a[0]) / chord * toCentre;
        double from = Math.toDegrees(Math.atan2(a[1] - cy, a[0] - cx));
        // from corner to corner exactly: a step of a rounding's width would be a hole of no size
        double[] c = new double[6];
        PathIterator it = Ellipses.arc(cx - r, cy - r, 2 * r, 2 * r, -from, -Math.toDegrees(angle))
                .getPathIterator(null);
        for (it.next(); !it.isDone(); ) {
            it.currentSegment(c);
            it.next();
            path.curveTo(c[0], c[1], c[2], c[3], it.isDone() ? b[0] : c[4], it.isDone() ? b[1] : c[5]);
        }
    }

    private static Shape solid(Entity e) {
        Path2D.Double path = new Path2D.Double();
        path.moveTo(e.number(10, 0), e.number(20, 0));
        path.lineTo(e.number(11, 0), e.number(21, 0));
        // the third and fourth corners cross over
        path.lineTo(e.number(13, e.number(12, 0)), e.number(23, e.number(22, 0)));
        path.lineTo(e.number(12, 0), e.number(22, 0));
        path.closePath();
        return path;
    }

    /**
     * A rational spline by its control points and knots, by de Boor's algorithm; by its fit points when it has no
     * others.
     */
    static Optional<Shape> spline(Entity e, double near) {
        double[] xs = e.all(10);
        double[] ys = e.all(20);
        double[] knots = e.all(40);
        double[] weights = e.all(41);
        int degree = (int) e.number(71, 3);
        int n = Math.min(xs.length, ys.length);
        if (n < 2
                || degree < 1
                || degree > HIGHEST_DEGREE
                || knots.length < n + degree + 1
                || n > MOST_POINTS / SPLINE_STEPS) {
            return through(e.all(11), e.all(21));
        }
        Path2D.Double path = new Path2D.Double();
        for (int span = degree; span < n; span++) {
            if (knots[span + 1] <= knots[span]) {
                continue;
            }
            int at = span;
            Curve curve = t -> deBoor(xs, ys, weights, knots, degree, at, t);
            double[] from = curve.at(knots[span]);
            if (path.getCurrentPoint() == null) {
                path.moveTo(from[0], from[1]);
            }
            // a few steps first, so that a double bend is not taken for straight
            double a = knots[span];
            for (int k = 1; k <= FIRST_STEPS; k++) {
                double b = knots[span] + (knots[span + 1] - knots[span]) * k / FIRST_STEPS;
                follow(path, curve, a, b, near, MOST_HALVES);
                a = b;
            }
        }
        if (((int) e.number(70, 0) & 1) != 0 && path.getCurrentPoint() != null) {
            path.closePath();
        }
        return Optional.of(path);
    }

    private interface Curve {
        double[] at(double t);
    }

    /** Halved until the middle lies on the line. */
    private static void follow(Path2D path, Curve curve, double from, double to, double near, int left) {
        double[] a = curve.at(from);
        double[] m = curve.at((from + to) / 2);
        double[] b = curve.at(to);
        if (left == 0 || Line2D.ptSegDist(a[0], a[1], b[0], b[1], m[0], m[1]) < near) {
            path.lineTo(b[0], b[1]);
        } else {
            follow(path, curve, from, (from + to) / 2, near, left - 1);
            follow(path, curve, (from + to) / 2, to, near, left - 1);
        }
    }

    private static double[] deBoor(
            double[] xs, double[] ys, double[] weights, double[] knots, int degree, int span, double t) {
        double[][] d = new double[degree + 1][];
        for (int j = 0; j <= degree; j++) {
            int at = span - degree + j;
            double w = at < weights.length && weights[at] != 0 ? weights[at] : 1;
            d[j] = new double[] {xs[at] * w, ys[at] * w, w};
        }
        for (int r = 1; r <= degree; r++) {
            for (int j = degree; j >= r; j--) {
                double low = knots[span - degree + j];
                double width = knots[span + 1 + j - r] - low;
                double a = width == 0 ? 0 : (t - low) / width;
                for (int c = 0; c < 3; c++) {
                    d[j][c] = (1 - a) * d[j - 1][c] + a * d[j][c];
                }
            }
        }
        return new double[] {d[degree][0] / d[degree][2], d[degree][1] / d[degree][2]};
    }

    /**
     * Through points that a spline was fitted to: the natural cubic spline over the chords, smooth in direction and
     * bend at every point but the first and last.
     */
    private static Optional<Shape> through(double[] xs, double[] ys) {
        int n = Math.min(xs.length, ys.length);
        if (n < 2) {
            return Optional.empty();
        }
        double[] chord = new double[n - 1];
        for (int i = 0; i < n - 1; i++) {
            chord[i] = Math.max(1e-9, Math.hypot(xs[i + 1] - xs[i], ys[i + 1] - ys[i]));
        }
        double[] dx = slopes(xs, chord, n);
        double[] dy = slopes(ys, chord, n);
        Path2D.Double path = new Path2D.Double();
        path.moveTo(xs[0], ys[0]);
        for (int i = 0; i < n - 1; i++) {
            double third = chord[i] / 3;
            path.curveTo(
                    xs[i] + dx[i] * third,
                    ys[i] + dy[i] * third,
                    xs[i + 1] - dx[i + 1] * third,
                    ys[i + 1] - dy[i + 1] * third,
                    xs[i + 1],
                    ys[i + 1]);
        }
        return Optional.of(path);
    }

    /** First derivatives of a natural cubic spline at its points, by elimination in a matrix of three diagonals. */
    private static double[] slopes(double[] v, double[] h, int n) {
        double[] diagonal = new double[n];
        double[] right = new double[n];
        double[] upper = new double[n];
        diagonal[0] = 2;
        upper[0] = 1;
        right[0] = 3 * (v[1] - v[0]) / h[0];
        for (int i = 1; i < n; i++) {
            double lower;
            if (i < n - 1) {
                lower = h[i];
                diagonal[i] = 2 * (h[i - 1] + h[i]);
                upper[i] = h[i - 1];
                right[i] = 3 * (h[i] * (v[i] - v[i - 1]) / h[i - 1] + h[i - 1] * (v[i + 1] - v[i]) / h[i]);
            } else {
                lower = 1;
                diagonal[i] = 2;
                right[i] = 3 * (v[i] - v[i - 1]) / h[i - 1];
            }
            double f = lower / diagonal[i - 1];
            diagonal[i] -= f * upper[i - 1];
            right[i] -= f * right[i - 1];
        }
        double[] slope = new double[n];
        slope[n - 1] = right[n - 1] / diagonal[n - 1];
        for (int i = n - 2; i >= 0; i--) {
            slope[i] = (right[i] - upper[i] * slope[i + 1]) / diagonal[i];
        }
        return slope;
    }
}
