package jurren.core.trace;

/**
 * One cubic curve for a run of points: its ends are the first and the last, its middle is what comes nearest
 * to the others in the sense of least squares, its end directions are given or free.
 *
 * <p>References: P. Schneider, "An algorithm for automatically fitting digitized curves", Graphics Gems
 * (1990), whose reparametrisation this takes; its fixed tangents are one case here.
 *
 * @param curve the eight numbers of four points
 * @param worst how far the farthest looked-at point is from the curve
 */
record SpanFit(double[] curve, double worst) {
    /** Enough to see every bend of a curve that one cubic can follow. */
    private static final int MOST_LOOKED_AT = 30;

    private static final int ROUNDS = 5;
    private static final double ALONG_PX = 0.3;
    private static final double HOPELESS = 5;

    /**
     * @param begin  and {@code end} are unit directions along the run, or null
     * @param enough a fit this near is not made better, and one that is far from it is given up
     */
    static SpanFit of(Edge e, int from, int to, double[] begin, double[] end, double enough) {
        int count = Math.min(to - from + 1, MOST_LOOKED_AT);
        double[] x = new double[count];
        double[] y = new double[count];
        double[] u = new double[count];
        for (int k = 0; k < count; k++) {
            int i = from + (int) Math.round((double) k * (to - from) / (count - 1));
            x[k] = e.x(i);
            y[k] = e.y(i);
            u[k] = k == 0 ? 0 : u[k - 1] + length(x[k] - x[k - 1], y[k] - y[k - 1]);
        }
        double total = u[count - 1];
        if (count < 4 || total == 0) {
            return straight(x, y, count);
        }
        for (int k = 0; k < count; k++) {
            u[k] /= total;
        }
        SpanFit best = null;
        for (int round = 0; round < ROUNDS; round++) {
            double[] c = solve(x, y, u, begin, end, total);
            double worst = closer(c, x, y, u);
            if (best == null || worst < best.worst) {
                best = new SpanFit(c, worst);
            }
            if (best.worst <= enough || round > 0 && best.worst > HOPELESS * enough) {
                break;
            }
        }
        return best;
    }

    private static SpanFit straight(double[] x, double[] y, int count) {
        int l = count - 1;
        double[] c = line(x[0], y[0], x[l], y[l]);
        double worst = 0;
        for (int k = 1; k < l; k++) {
            worst = Math.max(worst, off(x[0], y[0], x[l], y[l], x[k], y[k]));
        }
        return new SpanFit(c, worst);
    }

    /** The library's own takes care of numbers that no picture has, and a good while over it. */
    static double length(double x, double y) {
        return Math.sqrt(x * x + y * y);
    }

    static double[] line(double x0, double y0, double x1, double y1) {
        return new double[] {
            x0, y0, x0 + (x1 - x0) / 3, y0 + (y1 - y0) / 3, x0 + (x1 - x0) * 2 / 3, y0 + (y1 - y0) * 2 / 3, x1, y1
        };
    }

    private static double off(double x0, double y0, double x1, double y1, double x, double y) {
        double d = length(x1 - x0, y1 - y0);
        return d == 0 ? length(x - x0, y - y0) : Math.abs((x1 - x0) * (y - y0) - (y1 - y0) * (x - x0)) / d;
    }

    /** Unknown are the two inner points: each a vector, or a length along its direction. */
    private static double[] solve(double[] x, double[] y, double[] u, double[] begin, double[] end, double length) {
        int l = x.length - 1;
        double[][] basis1 = begin == null ? new double[][] {{1, 0}, {0, 1}} : new double[][] {begin};
        double[][] basis2 = end == null ? new double[][] {{1, 0}, {0, 1}} : new double[][] {{-end[0], -end[1]}};
        int n = basis1.length + basis2.length;
        double[][] m = new double[n][n + 1];
        double[] gx = new double[n];
        double[] gy = new double[n];
        for (int k = 1; k < l; k++) {
            double t = u[k];
            double s = 1 - t;
            double b1 = 3 * s * s * t;
            double b2 = 3 * s * t * t;
            double rx = x[k] - x[0] * (s * s * s + b1) - x[l] * (t * t * t + b2);
            double ry = y[k] - y[0] * (s * s * s + b1) - y[l] * (t * t * t + b2);
            for (int a = 0; a < n; a++) {
                boolean first = a < basis1.length;
                double[] v = first ? basis1[a] : basis2[a - basis1.length];
                gx[a] = (first ? b1 : b2) * v[0];
                gy[a] = (first ? b1 : b2) * v[1];
            }
            for (int a = 0; a < n; a++) {
                for (int b = 0; b < n; b++) {
                    m[a][b] += gx[a] * gx[b] + gy[a] * gy[b];
                }
                m[a][n] += gx[a] * rx + gy[a] * ry;
            }
        }
        double[] found = begin == null && end == null
                ? bothFree(m)
                : n == 2 ? two(m[0][0], m[0][1], m[1][1], m[0][2], m[1][2]) : eliminate(m);
        double[] p1 = inner(found, 0, basis1, length);
        double[] p2 = inner(found, basis1.length, basis2, length);
        return new double[] {x[0], y[0], x[0] + p1[0], y[0] + p1[1], x[l] + p2[0], y[l] + p2[1], x[l], y[l]};
    }

    /** A third of the length where the solution runs backwards or away. */
    private static double[] inner(double[] found, int at, double[][] basis, double length) {
        if (basis.length == 1) {
            double a =
                    found == null || !(found[at] > 0.02 * length) || found[at] > 1.5 * length ? length / 3 : found[at];
            return new double[] {basis[0][0] * a, basis[0][1] * a};
        }
        if (found == null || !(length(found[at], found[at + 1]) < 1.5 * length)) {
            return new double[] {0, 0};
        }
        return new double[] {found[at], found[at + 1]};
    }

    /** With neither direction given, the two coordinates do not know of each other. */
    private static double[] bothFree(double[][] m) {
        double[] x = two(m[0][0], m[0][2], m[2][2], m[0][4], m[2][4]);
        double[] y = two(m[1][1], m[1][3], m[3][3], m[1][4], m[3][4]);
        return x == null || y == null ? null : new double[] {x[0], y[0], x[1], y[1]};
    }

    private static double[] two(double aa, double ab, double bb, double a, double b) {
        double det = aa * bb - ab * ab;
        return Math.abs(det) < 1e-12 ? null : new double[] {(a * bb - b * ab) / det, (b * aa - a * ab) / det};
    }

    /** Gauss with pivots; null when there is no one solution. */
    private static double[] eliminate(double[][] m) {
        int n = m.length;
        for (int c = 0; c < n; c++) {
            int pivot = c;
            for (int r = c + 1; r < n; r++) {
                pivot = Math.abs(m[r][c]) > Math.abs(m[pivot][c]) ? r : pivot;
            }
            if (Math.abs(m[pivot][c]) < 1e-12) {
                return null;
            }
            double[] swap = m[c];
            m[c] = m[pivot];
            m[pivot] = swap;
            for (int r = 0; r < n; r++) {
                if (r != c) {
                    double f = m[r][c] / m[c][c];
                    for (int k = c; k <= n; k++) {
                        m[r][k] -= f * m[c][k];
                    }
                }
            }
        }
        double[] found = new double[n];
        for (int i = 0; i < n; i++) {
            found[i] = m[i][n] / m[i][i];
        }
        return found;
    }

    /** A little along the curve is a matter of the parameter; across it everything counts. */
    private static double off(double along, double across) {
        return length(across, Math.max(0, Math.abs(along) - ALONG_PX));
    }

    /** Moves every parameter one step of Newton's towards its point's foot; answers the largest distance. */
    private static double closer(double[] c, double[] x, double[] y, double[] u) {
        double worst = 0;
        for (int k = 1; k < x.length - 1; k++) {
            double t = u[k];
            double s = 1 - t;
            double px = s * s * s * c[0] + 3 * s * s * t * c[2] + 3 * s * t * t * c[4] + t * t * t * c[6];
            double py = s * s * s * c[1] + 3 * s * s * t * c[3] + 3 * s * t * t * c[5] + t * t * t * c[7];
            double dx = 3 * (s * s * (c[2] - c[0]) + 2 * s * t * (c[4] - c[2]) + t * t * (c[6] - c[4]));
            double dy = 3 * (s * s * (c[3] - c[1]) + 2 * s * t * (c[5] - c[3]) + t * t * (c[7] - c[5]));
            double ex = px - x[k];
            double ey = py - y[k];
            double speed = length(dx, dy);
            worst = Math.max(
                    worst,
                    speed < 1e-9 ? length(ex, ey) : off((ex * dx + ey * dy) / speed, (ex * dy - ey * dx) / speed));
            double ddx = 6 * (s * (c[4] - 2 * c[2] + c[0]) + t * (c[6] - 2 * c[4] + c[2]));
            double ddy = 6 * (s * (c[5] - 2 * c[3] + c[1]) + t * (c[7] - 2 * c[5] + c[3]));
            double slope = dx * dx + dy * dy + ex * ddx + ey * ddy;
            if (Math.abs(slope) > 1e-12) {
                u[k] = Math.clamp(t - (ex * dx + ey * dy) / slope, 0, 1);
            }
        }
        return worst;
    }
}
