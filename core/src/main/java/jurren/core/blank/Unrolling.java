package jurren.core.blank;

import java.util.Optional;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.geometry.Warp;

/**
 * From art to the unrolled face of a round thing, and back, exactly.
 *
 * <p>Art is laid on the thing as the customer reads it: x is the length round the thing at the height
 * where widths are true, from the front's middle to the right; y is the length along the side from
 * the lip down. With lip curvature k = 1/R, the true height t and a = x / (1 − k·t), the length along
 * the lip:
 *
 * <pre>
 *   X = sin(k·a)/k − y·sin(k·a)
 *   Y = (1 − cos(k·a))/k + y·cos(k·a)
 * </pre>
 *
 * so level lines become arcs about the cone's apex and upright ones point to it. Both are written so
 * that nothing is divided by k: as it goes to 0, X goes to x and Y to y without a jump. The inverse is
 *
 * <pre>
 *   y = (2Y − k·(X² + Y²)) / (1 + hypot(k·X, 1 − k·Y))
 *   a = atan2(k·X, 1 − k·Y) / k
 * </pre>
 *
 * <p>Example: on a cup of 87 and 66 mm, 165 mm along the side, true at half height (t 82.5), the point
 * 100 mm to the right at the lip lies at X 113.20, Y 9.44 unrolled.
 */
public final class Unrolling implements Warp {
    private static final double NEAR_TIP = 0.99;

    private final double k;
    private final double lipPerTrue;
    private final double leastRadius;

    private Unrolling(double k, double lipPerTrue, double leastRadius) {
        this.k = k;
        this.lipPerTrue = lipPerTrue;
        this.leastRadius = leastRadius;
    }

    /** @param trueAtMm the height, from the lip along the side, at which widths of the art are true */
    public static Unrolling of(Surface.Round r, double trueAtMm) {
        double k = r.curvaturePerMm();
        double share = r.diameterAtMm(trueAtMm) / r.topDiameterMm();
        if (!(share > 0)) {
            throw new IllegalArgumentException("widths cannot be true at " + trueAtMm + " mm, beyond the cone's tip");
        }
        // nothing is bent nearer to the tip than the domain reaches
        double narrowest = Math.clamp(r.footDiameterMm() / r.topDiameterMm(), 1 - NEAR_TIP, 1);
        double least = k == 0 ? Double.POSITIVE_INFINITY : narrowest / Math.abs(k);
        return new Unrolling(k, 1 / share, least);
    }

    @Override
    public void apply(double xMm, double yMm, double[] to, int at) {
        double a = xMm * lipPerTrue;
        double turn = k * a;
        double sin = Math.sin(turn);
        double halfSin = Math.sin(turn / 2);
        to[at] = a * ratio(sin, turn) - yMm * sin;
        to[at + 1] = a * halfSin * ratio(halfSin, turn / 2) + yMm * (1 - 2 * halfSin * halfSin);
    }

    /** s/t, which is 1 where both vanish. */
    private static double ratio(double s, double t) {
        return t == 0 ? 1 : s / t;
    }

    @Override
    public double leastRadiusMm() {
        return leastRadius;
    }

    /** Half a turn of the sheet to either side, from the tip to as far again beyond the lip. */
    @Override
    public Optional<Box> domain() {
        if (k == 0) {
            return Optional.empty();
        }
        double across = Math.PI / (Math.abs(k) * lipPerTrue);
        double near = NEAR_TIP / Math.abs(k);
        double far = 1 / Math.abs(k);
        return Optional.of(k > 0 ? new Box(-across, -far, across, near) : new Box(-across, -near, across, far));
    }

    /** The same art line bent less is still within the flatness of the inverse. */
    public Warp inverse() {
        return new Warp() {
            @Override
            public void apply(double x, double y, double[] to, int at) {
                double side = 1 - k * y;
                double turn = Math.atan2(k * x, side);
                to[at] = (k == 0 ? x : turn == 0 ? x / side : turn / k) / lipPerTrue;
                to[at + 1] = (2 * y - k * (x * x + y * y)) / (1 + Math.hypot(k * x, side));
            }

            @Override
            public double leastRadiusMm() {
                return leastRadius;
            }
        };
    }

    public Point rolled(Point unrolled) {
        return inverse().apply(unrolled);
    }
}
