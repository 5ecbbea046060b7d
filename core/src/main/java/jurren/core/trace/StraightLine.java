package jurren.core.trace;

/**
 * The line nearest to a run of points, by total least squares.
 *
 * @param worst how far the farthest of them is from it
 * @param length how long the run is along it
 */
record StraightLine(double x, double y, double dx, double dy, double worst, double length) {
    static StraightLine of(Edge e, int from, int to) {
        int n = to - from + 1;
        double mx = 0;
        double my = 0;
        for (int i = from; i <= to; i++) {
            mx += e.x(i);
            my += e.y(i);
        }
        mx /= n;
        my /= n;
        double xx = 0;
        double xy = 0;
        double yy = 0;
        for (int i = from; i <= to; i++) {
            double a = e.x(i) - mx;
            double b = e.y(i) - my;
            xx += a * a;
            xy += a * b;
            yy += b * b;
        }
        double angle = Math.atan2(2 * xy, xx - yy) / 2;
        double dx = Math.cos(angle);
        double dy = Math.sin(angle);
        if (dx * (e.x(to) - e.x(from)) + dy * (e.y(to) - e.y(from)) < 0) {
            dx = -dx;
            dy = -dy;
        }
        double worst = 0;
        for (int i = from; i <= to; i++) {
            worst = Math.max(worst, Math.abs((e.x(i) - mx) * dy - (e.y(i) - my) * dx));
        }
        return new StraightLine(
                mx, my, dx, dy, worst, Math.abs((e.x(to) - e.x(from)) * dx + (e.y(to) - e.y(from)) * dy));
    }

    static StraightLine through(double x, double y, double dx, double dy) {
        double d = Math.hypot(dx, dy);
        return new StraightLine(x, y, d == 0 ? 1 : dx / d, dy / d, 0, 0);
    }

    StraightLine turnedTo(double ndx, double ndy) {
        double sign = ndx * dx + ndy * dy < 0 ? -1 : 1;
        return new StraightLine(x, y, sign * ndx, sign * ndy, worst, length);
    }

    /** How far turning to a direction about the middle would move an end. */
    double endMovedTo(double ndx, double ndy) {
        return Math.abs(dx * ndy - dy * ndx) * length / 2;
    }

    /** Where it meets another, or null when they run nearly the same way. */
    double[] meeting(StraightLine o) {
        double cross = dx * o.dy - dy * o.dx;
        if (Math.abs(cross) < 0.12) {
            return null;
        }
        double t = ((o.x - x) * o.dy - (o.y - y) * o.dx) / cross;
        return new double[] {x + t * dx, y + t * dy};
    }

    /** The foot of a point on it. */
    double[] foot(double px, double py) {
        double t = (px - x) * dx + (py - y) * dy;
        return new double[] {x + t * dx, y + t * dy};
    }
}
