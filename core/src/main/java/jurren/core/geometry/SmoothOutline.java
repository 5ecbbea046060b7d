package jurren.core.geometry;

import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;

/**
 * An outline of many short chords as the few curves it was flattened from: straight edges, and cubics between corners.
 *
 * <p>A vertex is a corner where the outline turns by more than a chord of a curve would; an edge is straight where a
 * curve that turned as its ends do would stand off it by more than curves are flattened to. What lies between is
 * fitted: P. J. Schneider, "An Algorithm for Automatically Fitting Digitized Curves" (Graphics Gems, 1990).
 */
final class SmoothOutline {
    /** Turned by more, two chords are no curve's. */
    private static final double CORNER = Math.toRadians(28);
    /** What a chord of a flattened curve stands off it, with as much again for rounding. */
    private static final double CHORD_OFF_MM = 2 * Curves.FLATNESS_MM;

    private static final int ROUNDS = 12;
    private static final double CLOSE_ENOUGH_TO_TRY = 40;

    private final double toleranceMm;
    private final double[] x;
    private final double[] y;
    private final int n;

    private SmoothOutline(Outline o, double toleranceMm) {
        this.toleranceMm = toleranceMm;
        List<Point> points = new ArrayList<>();
        for (Point p : o.points()) {
            if (points.isEmpty() || points.getLast().distanceMm(p) > 1e-9) {
                points.add(p);
            }
        }
        while (points.size() > 1 && points.getFirst().distanceMm(points.getLast()) <= 1e-9) {
            points.removeLast();
        }
        this.n = points.size();
        this.x = points.stream().mapToDouble(Point::xMm).toArray();
        this.y = points.stream().mapToDouble(Point::yMm).toArray();
    }

    /** @param toleranceMm so far a curve may lie from a corner of the outline */
    static void append(Path2D.Double path, Outline o, double toleranceMm) {
        new SmoothOutline(o, toleranceMm).append(path);
    }

    private void append(Path2D.Double path) {
        if (n < 3) {
            return;
        }
        boolean[] straight = new boolean[n];
        boolean[] stops = new boolean[n];
        for (int i = 0; i < n; i++) {
            double sagitta = length(i) * (Math.abs(turn(i)) + Math.abs(turn(i + 1))) / 16;
            straight[i] = Math.abs(turn(i)) > CORNER && Math.abs(turn(i + 1)) > CORNER || sagitta > CHORD_OFF_MM;
        }
        for (int i = 0; i < n; i++) {
            stops[i] = Math.abs(turn(i)) > CORNER || straight[i] || straight[at(i - 1)];
        }
        int first = 0;
        while (first < n && !stops[first]) {
            first++;
        }
        if (first == n) {
            // smooth all round: from one outermost point to the next
            first = outermost(stops);
        }
        path.moveTo(x[first], y[first]);
        int from = first;
        do {
            int to = from + 1;
            while (!stops[at(to)]) {
                to++;
            }
            if (to == from + 1) {
                path.lineTo(x[at(to)], y[at(to)]);
            } else {
                fit(path, from, to, tangent(from, 1, straight), tangent(to, -1, straight));
            }
            from = to;
        } while (at(from) != first);
        path.closePath();
    }

    private int at(int i) {
        return Math.floorMod(i, n);
    }

    private double length(int edge) {
        return Math.hypot(x[at(edge + 1)] - x[at(edge)], y[at(edge + 1)] - y[at(edge)]);
    }

    /** By how much the outline turns at a vertex. */
    private double turn(int i) {
        double ax = x[at(i)] - x[at(i - 1)];
        double ay = y[at(i)] - y[at(i - 1)];
        double bx = x[at(i + 1)] - x[at(i)];
        double by = y[at(i + 1)] - y[at(i)];
        return Math.atan2(ax * by - ay * bx, ax * bx + ay * by);
    }

    private int outermost(boolean[] stops) {
        int left = 0;
        int right = 0;
        int top = 0;
        int bottom = 0;
        for (int i = 1; i < n; i++) {
            left = x[i] < x[left] ? i : left;
            right = x[i] > x[right] ? i : right;
            top = y[i] < y[top] ? i : top;
            bottom = y[i] > y[bottom] ? i : bottom;
        }
        for (int i : new int[] {left, right, top, bottom}) {
            stops[i] = true;
        }
        return left;
    }

    /**
     * Of the curve that leaves a vertex forwards or backwards: along a straight edge before it, otherwise as a circle
     * through the next two.
     */
    private double[] tangent(int i, int step, boolean[] straight) {
        int edgeBefore = step > 0 ? at(i - 1) : at(i);
        if (Math.abs(turn(i)) <= CORNER) {
            if (straight[edgeBefore]) {
                return unit(x[at(i)] - x[at(i - step)], y[at(i)] - y[at(i - step)]);
            }
            return smooth(i, step);
        }
        double dx = x[at(i + step)] - x[at(i)];
        double dy = y[at(i + step)] - y[at(i)];
        // half of what the next vertex turns, shared by the lengths of the two chords
        double next = turn(i + step) * step;
        double here = Math.hypot(dx, dy);
        double after = step > 0 ? length(i + 1) : length(i - 2);
        double by = -next * here / (here + after);
        return unit(dx * Math.cos(by) - dy * Math.sin(by), dx * Math.sin(by) + dy * Math.cos(by));
    }

    /** Of a circle through a vertex and its two neighbours. */
    private double[] smooth(int i, int step) {
        double ax = x[at(i)] - x[at(i - step)];
        double ay = y[at(i)] - y[at(i - step)];
        double bx = x[at(i + step)] - x[at(i)];
        double by = y[at(i + step)] - y[at(i)];
        double a = ax * ax + ay * ay;
        double b = bx * bx + by * by;
        return unit(ax * b + bx * a, ay * b + by * a);
    }

    private static double[] unit(double dx, double dy) {
        double l = Math.hypot(dx, dy);
        return l == 0 ? new double[] {1, 0} : new double[] {dx / l, dy / l};
    }

    private void fit(Path2D.Double path, int from, int to, double[] leaving, double[] arriving) {
        if (to - from == 1) {
            path.lineTo(x[at(to)], y[at(to)]);
            return;
        }
        int count = to - from + 1;
        double[] u = new double[count];
        for (int i = 1; i < count; i++) {
            u[i] = u[i - 1] + length(from + i - 1);
        }
        for (int i = 1; i < count; i++) {
            u[i] /= u[count - 1];
        }
        double[] c = null;
        int worst = count / 2;
        for (int round = 0; round < ROUNDS; round++) {
            c = cubic(from, to, u, leaving, arriving);
            double most = 0;
            for (int i = 1; i < count - 1; i++) {
                double d = Math.hypot(value(c, 0, u[i]) - x[at(from + i)], value(c, 1, u[i]) - y[at(from + i)]);
                if (d > most) {
                    most = d;
                    worst = i;
                }
            }
            if (most <= toleranceMm && keepsBetween(c, from, u)) {
                path.curveTo(c[2], c[3], c[4], c[5], c[6], c[7]);
                return;
            }
            if (most > CLOSE_ENOUGH_TO_TRY * toleranceMm) {
                break;
            }
            nearer(c, from, u);
        }
        worst = Math.clamp(worst, 1, count - 2);
        double[] middle = smooth(from + worst, 1);
        fit(path, from, from + worst, leaving, new double[] {-middle[0], -middle[1]});
        fit(path, from + worst, to, middle, arriving);
    }

    /** Between two vertices it stands off their chord by no more than a flattened curve does. */
    private boolean keepsBetween(double[] c, int from, double[] u) {
        for (int i = 0; i + 1 < u.length; i++) {
            double ax = x[at(from + i)];
            double ay = y[at(from + i)];
            double bx = x[at(from + i + 1)] - ax;
            double by = y[at(from + i + 1)] - ay;
            double l = Math.hypot(bx, by);
            double middle = (u[i] + u[i + 1]) / 2;
            double off =
                    Math.abs((value(c, 0, middle) - ax) * by - (value(c, 1, middle) - ay) * bx) / Math.max(l, 1e-9);
            if (off > Curves.FLATNESS_MM + toleranceMm / 2) {
                return false;
            }
        }
        return true;
    }

    /** The cubic with these ends and tangents that lies nearest to the points, by least squares. */
    private double[] cubic(int from, int to, double[] u, double[] t1, double[] t2) {
        double px = x[at(from)];
        double py = y[at(from)];
        double qx = x[at(to)];
        double qy = y[at(to)];
        double c00 = 0;
        double c01 = 0;
        double c11 = 0;
        double x0 = 0;
        double x1 = 0;
        for (int i = 0; i < u.length; i++) {
            double s = 1 - u[i];
            double b1 = 3 * u[i] * s * s;
            double b2 = 3 * u[i] * u[i] * s;
            double b0 = s * s * s;
            double b3 = u[i] * u[i] * u[i];
            double rx = x[at(from + i)] - px * (b0 + b1) - qx * (b2 + b3);
            double ry = y[at(from + i)] - py * (b0 + b1) - qy * (b2 + b3);
            c00 += b1 * b1;
            c01 += b1 * b2 * (t1[0] * t2[0] + t1[1] * t2[1]);
            c11 += b2 * b2;
            x0 += b1 * (t1[0] * rx + t1[1] * ry);
            x1 += b2 * (t2[0] * rx + t2[1] * ry);
        }
        double det = c00 * c11 - c01 * c01;
        double chord = Math.hypot(qx - px, qy - py);
        double a = Math.abs(det) < 1e-12 ? 0 : (x0 * c11 - x1 * c01) / det;
        double b = Math.abs(det) < 1e-12 ? 0 : (c00 * x1 - c01 * x0) / det;
        if (!(a > 1e-6 * chord && b > 1e-6 * chord)) {
            a = chord / 3;
            b = chord / 3;
        }
        return new double[] {px, py, px + a * t1[0], py + a * t1[1], qx + b * t2[0], qy + b * t2[1], qx, qy};
    }

    private static double value(double[] c, int axis, double u) {
        double s = 1 - u;
        return s * s * s * c[axis]
                + 3 * u * s * s * c[2 + axis]
                + 3 * u * u * s * c[4 + axis]
                + u * u * u * c[6 + axis];
    }

    /** Each point is looked for where the curve passes nearest to it (one step of Newton's). */
    private void nearer(double[] c, int from, double[] u) {
        for (int i = 1; i < u.length - 1; i++) {
            double s = 1 - u[i];
            double[] d1 = new double[2];
            double[] d2 = new double[2];
            for (int k = 0; k < 2; k++) {
                d1[k] = 3
                        * (s * s * (c[2 + k] - c[k])
                                + 2 * u[i] * s * (c[4 + k] - c[2 + k])
                                + u[i] * u[i] * (c[6 + k] - c[4 + k]));
                d2[k] = 6 * (s * (c[4 + k] - 2 * c[2 + k] + c[k]) + u[i] * (c[6 + k] - 2 * c[4 + k] + c[2 + k]));
            }
            double ex = value(c, 0, u[i]) - x[at(from + i)];
            double ey = value(c, 1, u[i]) - y[at(from + i)];
            double below = d1[0] * d1[0] + d1[1] * d1[1] + ex * d2[0] + ey * d2[1];
            if (below != 0) {
                double next = u[i] - (ex * d1[0] + ey * d1[1]) / below;
                u[i] = Math.clamp(next, 0, 1);
            }
        }
    }
}
