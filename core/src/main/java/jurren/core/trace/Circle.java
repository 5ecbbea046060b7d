package jurren.core.trace;

import java.util.ArrayList;
import java.util.List;

/**
 * Closed edges that are circles.
 *
 * <p>References: I. Kåsa, "A circle fitting procedure and its error analysis" (1976).
 */
final class Circle {
    /** Four cubics with this handle leave a circle by 0.03 % of its radius at most. */
    private static final double HANDLE = 4.0 / 3 * (Math.sqrt(2) - 1);

    /** Noise puts a few points farther off. */
    private static final double STRAYS = 0.02;

    private static final double STRAY = 2.5;

    private Circle() {}

    /** Four quarters, in the direction of the edge; empty when it is no circle. */
    static List<double[]> of(Edge e, double within) {
        int n = e.size();
        double mx = 0;
        double my = 0;
        for (int i = 0; i < n; i++) {
            mx += e.x(i) / n;
            my += e.y(i) / n;
        }
        double xx = 0;
        double xy = 0;
        double yy = 0;
        double xz = 0;
        double yz = 0;
        double area = 0;
        for (int i = 0; i < n; i++) {
            double x = e.x(i) - mx;
            double y = e.y(i) - my;
            double z = x * x + y * y;
            xx += x * x;
            xy += x * y;
            yy += y * y;
            xz += x * z;
            yz += y * z;
            int j = (i + 1) % n;
            area += (x * (e.y(j) - my) - y * (e.x(j) - mx)) / 2;
        }
        double det = xx * yy - xy * xy;
        if (Math.abs(det) < 1e-9) {
            return List.of();
        }
        double cx = (xz * yy - yz * xy) / det / 2;
        double cy = (yz * xx - xz * xy) / det / 2;
        double radius = 0;
        for (int i = 0; i < n; i++) {
            radius += Math.hypot(e.x(i) - mx - cx, e.y(i) - my - cy) / n;
        }
        double allowed = Math.min(within, radius * 0.12);
        int strays = 0;
        for (int i = 0; i < n; i++) {
            double off = Math.abs(SpanFit.length(e.x(i) - mx - cx, e.y(i) - my - cy) - radius);
            strays += off > allowed ? 1 : 0;
            if (off > STRAY * allowed) {
                return List.of();
            }
        }
        if (strays > n * STRAYS) {
            return List.of();
        }
        return quarters(mx + cx, my + cy, radius, area < 0 ? -1 : 1);
    }

    private static List<double[]> quarters(double x, double y, double r, int way) {
        List<double[]> all = new ArrayList<>();
        for (int k = 0; k < 4; k++) {
            double a = way * k * Math.PI / 2;
            double b = way * (k + 1) * Math.PI / 2;
            all.add(new double[] {
                x + r * Math.cos(a), y + r * Math.sin(a),
                x + r * (Math.cos(a) - way * HANDLE * Math.sin(a)), y + r * (Math.sin(a) + way * HANDLE * Math.cos(a)),
                x + r * (Math.cos(b) + way * HANDLE * Math.sin(b)), y + r * (Math.sin(b) - way * HANDLE * Math.cos(b)),
                x + r * Math.cos(b), y + r * Math.sin(b)
            });
        }
        return all;
    }
}
