package jurren.core.cut;

import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;

/**
 * Where a printed sheet really lies in the cutter, from its marks: moved, turned, longer or shorter along the feed and
 * across it, and leaning where the feed runs out of square. The affine placement with the least squares of what is left
 * over.
 *
 * @param placement from where the load was to lie to where it does
 * @param alongMm   how far its start corner lies further along the feed
 * @param acrossMm  and across it
 * @param along     how much longer it is along the feed, 1 for as meant
 * @param across    and across it
 * @param leanDegrees how far from square
 * @param leftMm    the farthest that a mark lies from where this puts it
 */
public record SheetFit(
        Placement placement,
        double alongMm,
        double acrossMm,
        double degrees,
        double along,
        double across,
        double leanDegrees,
        double leftMm) {
    /** What a sheet that a hand put in cannot be. */
    public enum Doubt {
        /** Not as many marks as were printed. */
        MISSING,
        TOO_FAR,
        TOO_TURNED,
        STRETCHED,
        LEANING,
        /** One of them is something else: the others contradict it. */
        DISAGREE,
        /** Two corners of an offcut that are not as far apart as its own. */
        OTHER_CORNER,
        /** Something would be cut where the head does not reach. */
        BEYOND,
        /** The film in the machine is narrower than what was laid on it. */
        NARROW
    }

    /** What is found: a fit, or why there is none, with the figure that is too large and what it may be at the most. */
    public sealed interface Outcome {
        /** The cut can follow. */
        record Fits(SheetFit fit) implements Outcome {}

        /** It must not. */
        record Refused(Doubt why, double was, double most) implements Outcome {}
    }

    /** A hand lays a sheet nearer than this. */
    public static final double MOST_MOVED_MM = 15;

    public static final double MOST_DEGREES = 3;
    /** Paper and feed change a length by less. */
    public static final double MOST_STRETCH = 0.02;

    public static final double MOST_LEAN_DEGREES = 0.7;
    /** A mark is found within its own line. */
    public static final double MOST_LEFT_MM = 0.15;

    private static final int ENOUGH = 3;
    private static final double HUNDREDTH = 100;
    private static final double MEASURED_MM = 1;

    /** @param found beside each of {@code wanted}; at least three, not in a row */
    public static Outcome of(List<Point> wanted, List<Point> found) {
        if (found.size() < ENOUGH || found.size() < wanted.size()) {
            return new Outcome.Refused(Doubt.MISSING, found.size(), wanted.size());
        }
        SheetFit fit = leastSquares(wanted, found);
        if (fit.leftMm > MOST_LEFT_MM) {
            return new Outcome.Refused(Doubt.DISAGREE, fit.leftMm, MOST_LEFT_MM);
        }
        double moved = Math.hypot(fit.alongMm, fit.acrossMm);
        if (moved > MOST_MOVED_MM) {
            return new Outcome.Refused(Doubt.TOO_FAR, moved, MOST_MOVED_MM);
        }
        if (Math.abs(fit.degrees) > MOST_DEGREES) {
            return new Outcome.Refused(Doubt.TOO_TURNED, Math.abs(fit.degrees), MOST_DEGREES);
        }
        double stretch = Math.max(Math.abs(fit.along - 1), Math.abs(fit.across - 1));
        if (stretch > MOST_STRETCH) {
            return new Outcome.Refused(Doubt.STRETCHED, HUNDREDTH * stretch, HUNDREDTH * MOST_STRETCH);
        }
        if (Math.abs(fit.leanDegrees) > MOST_LEAN_DEGREES) {
            return new Outcome.Refused(Doubt.LEANING, Math.abs(fit.leanDegrees), MOST_LEAN_DEGREES);
        }
        return new Outcome.Fits(fit);
    }

    /** About the middles, x and y apart: two normal equations with the same matrix. */
    private static SheetFit leastSquares(List<Point> wanted, List<Point> found) {
        int n = wanted.size();
        Point w = middle(wanted);
        Point f = middle(found);
        double sxx = 0;
        double sxy = 0;
        double syy = 0;
        double[] x = new double[2];
        double[] y = new double[2];
        for (int i = 0; i < n; i++) {
            double wx = wanted.get(i).xMm() - w.xMm();
            double wy = wanted.get(i).yMm() - w.yMm();
            double fx = found.get(i).xMm() - f.xMm();
            double fy = found.get(i).yMm() - f.yMm();
            sxx += wx * wx;
            sxy += wx * wy;
            syy += wy * wy;
            x[0] += wx * fx;
            x[1] += wy * fx;
            y[0] += wx * fy;
            y[1] += wy * fy;
        }
        double det = sxx * syy - sxy * sxy;
        double xx = (x[0] * syy - x[1] * sxy) / det;
        double xy = (x[1] * sxx - x[0] * sxy) / det;
        double yx = (y[0] * syy - y[1] * sxy) / det;
        double yy = (y[1] * sxx - y[0] * sxy) / det;
        Placement p = new Placement(
                xx, yx, xy, yy, f.xMm() - xx * w.xMm() - xy * w.yMm(), f.yMm() - yx * w.xMm() - yy * w.yMm());
        double left = 0;
        for (int i = 0; i < n; i++) {
            left = Math.max(left, p.apply(wanted.get(i)).distanceMm(found.get(i)));
        }
        // the feed's own direction tells the turn; what the other axis lacks to a right angle is the lean
        double turn = Math.atan2(yx, xx);
        double lean = Math.atan2(-xy, yy) - turn;
        Point corner = wanted.getFirst();
        Point now = p.apply(corner);
        return new SheetFit(
                p,
                now.xMm() - corner.xMm(),
                now.yMm() - corner.yMm(),
                Math.toDegrees(turn),
                Math.hypot(xx, yx),
                Math.hypot(xy, yy),
                Math.toDegrees(lean),
                left);
    }

    private static Point middle(List<Point> points) {
        return new Point(
                points.stream().mapToDouble(Point::xMm).average().orElseThrow(),
                points.stream().mapToDouble(Point::yMm).average().orElseThrow());
    }

    /** The same cut where the sheet lies; refused where it would leave what the cutter can reach. */
    public Outcome reaches(CutRun run) {
        double beyond = run.placed(placement).beyondMm();
        return beyond > 0 ? new Outcome.Refused(Doubt.BEYOND, beyond, 0) : new Outcome.Fits(this);
    }

    /** Refused where the film that a cutter measured is narrower than the load with its roller. */
    public static Optional<Outcome.Refused> narrow(CutRun run, double measuredMm) {
        double wants =
                run.paths().stream().mapToDouble(p -> p.bounds().maxYMm()).max().orElse(0)
                        + run.cutter().rollerMm();
        return measuredMm < wants - MEASURED_MM
                ? Optional.of(new Outcome.Refused(Doubt.NARROW, measuredMm, wants))
                : Optional.empty();
    }
}
