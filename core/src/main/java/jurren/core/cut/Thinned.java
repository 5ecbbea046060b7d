package jurren.core.cut;

import java.util.ArrayList;
import java.util.List;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Point;

/**
 * An outline with no more corners than a machine can tell apart: from a corner the straight goes on to the farthest one
 * that leaves all between within a tolerance. Real corners stay where they are.
 *
 * <p>The straights that pass near enough by each corner are a cone, and the cones' crossing is kept while one goes
 * along (J. Sklansky and V. Gonzalez, Fast polygonal approximation of digitized curves, 1980).
 */
public final class Thinned {
    /** A turn sharper than this is a corner. */
    private static final double CORNER_COSINE = Math.cos(Math.toRadians(20));

    private static final double EPSILON_MM = 1e-9;

    private final Outline outline;
    private final double toleranceMm;
    private final int n;

    private Thinned(Outline outline, double toleranceMm) {
        this.outline = outline;
        this.toleranceMm = toleranceMm;
        this.n = outline.size();
    }

    /** Still begun at the same corner. */
    public static Outline of(Outline outline, double toleranceMm) {
        return outline.size() <= 4 ? outline : new Thinned(outline, toleranceMm).run();
    }

    private Outline run() {
        List<Point> kept = new ArrayList<>();
        int from = 0;
        while (from < n) {
            kept.add(outline.point(from));
            from = farthest(from);
        }
        return kept.size() < 3 ? outline : Outline.of(kept);
    }

    private double x(int i) {
        return outline.xMm(i % n);
    }

    private double y(int i) {
        return outline.yMm(i % n);
    }

    /** The last corner that a straight from this one may go to; the first again, as {@code n}, at the most. */
    private int farthest(int from) {
        double low = Double.NEGATIVE_INFINITY;
        double high = Double.POSITIVE_INFINITY;
        double reference = Double.NaN;
        double gone = 0;
        int best = from + 1;
        for (int k = from + 1; k <= n; k++) {
            double dx = x(k) - x(from);
            double dy = y(k) - y(from);
            double far = Math.hypot(dx, dy);
            if (far < gone - toleranceMm) {
                // the line comes back: a straight over the turn would miss it
                break;
            }
            gone = Math.max(gone, far);
            if (far > toleranceMm) {
                double direction = Math.atan2(dy, dx);
                if (Double.isNaN(reference)) {
                    reference = direction;
                }
                double turned = Math.IEEEremainder(direction - reference, 2 * Math.PI);
                if (turned >= low - EPSILON_MM && turned <= high + EPSILON_MM) {
                    best = k;
                }
                double wide = Math.asin(Math.min(1, toleranceMm / far));
                low = Math.max(low, turned - wide);
                high = Math.min(high, turned + wide);
                if (low > high) {
                    break;
                }
            } else {
                best = k;
            }
            if (isCorner(k)) {
                break;
            }
        }
        return best;
    }

    private boolean isCorner(int i) {
        double ax = x(i) - x(i + n - 1);
        double ay = y(i) - y(i + n - 1);
        double bx = x(i + 1) - x(i);
        double by = y(i + 1) - y(i);
        return ax * bx + ay * by < CORNER_COSINE * Math.sqrt((ax * ax + ay * ay) * (bx * bx + by * by));
    }
}
