package jurren.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A way of straight cuts told in arcs where it runs round: from a corner the arc goes on to the farthest one for which
 * a circle passes near enough by each corner between and by the middle of each cut. Centres lie where a machine can
 * count them, so an arc ends where its circle does, a little beside its last corner.
 */
public final class Arcs {
    private static final int LEAST_CUTS = 3;
    private static final double MOST_DEGREES = 340;
    private static final double MOST_RADIUS_MM = 1000;
    /** Between two corners; more is a real corner and no curve. */
    private static final double MOST_STEP_DEGREES = 60;

    /**
     * To a corner of the way, straight or round a centre.
     *
     * @param to      the number of the corner
     * @param degrees against the clock where x goes right and y up
     */
    public record Stretch(int to, Optional<Point> centre, double degrees) {
        static Stretch straight(int to) {
            return new Stretch(to, Optional.empty(), 0);
        }
    }

    private final List<Point> way;
    private final double unitMm;
    private final double toleranceMm;

    private Arcs(List<Point> way, double unitMm, double toleranceMm) {
        this.way = way;
        this.unitMm = unitMm;
        this.toleranceMm = toleranceMm;
    }

    /** @param unitMm what the machine counts centres in */
    public static List<Stretch> of(List<Point> way, double unitMm, double toleranceMm) {
        return new Arcs(way, unitMm, toleranceMm).run();
    }

    private List<Stretch> run() {
        List<Stretch> all = new ArrayList<>();
        for (int at = 0; at < way.size() - 1; at = all.getLast().to) {
            all.add(farthest(at).orElse(Stretch.straight(at + 1)));
        }
        return all;
    }

    private Optional<Stretch> farthest(int from) {
        Optional<Stretch> best = Optional.empty();
        for (int to = from + LEAST_CUTS; to < way.size(); to++) {
            Optional<Stretch> longer = arc(from, to);
            if (longer.isEmpty()) {
                break;
            }
            best = longer;
        }
        return best;
    }

    private Optional<Stretch> arc(int from, int to) {
        Optional<Point> c =
                centre(way.get(from), way.get((from + to) / 2), way.get(to)).map(this::counted);
        if (c.isEmpty()) {
            return Optional.empty();
        }
        // the knife is where it could be counted to
        double radius = counted(way.get(from)).distanceMm(c.get());
        if (radius > MOST_RADIUS_MM) {
            return Optional.empty();
        }
        double turned = 0;
        for (int i = from; i < to; i++) {
            double step = angle(c.get(), way.get(i), way.get(i + 1));
            turned += step;
            if (step == 0
                    || Math.signum(step) != Math.signum(turned)
                    || Math.abs(step) > MOST_STEP_DEGREES
                    || Math.abs(turned) > MOST_DEGREES
                    || isOff(way.get(i + 1), c.get(), radius)
                    || isOff(way.get(i).towards(way.get(i + 1), 0.5), c.get(), radius)) {
                return Optional.empty();
            }
        }
        return Optional.of(new Stretch(to, c, turned));
    }

    private boolean isOff(Point p, Point centre, double radius) {
        return Math.abs(p.distanceMm(centre) - radius) > toleranceMm;
    }

    private Point counted(Point p) {
        return new Point(Math.round(p.xMm() / unitMm) * unitMm, Math.round(p.yMm() / unitMm) * unitMm);
    }

    /** Of the circle through three points; none where they lie on a straight. */
    private static Optional<Point> centre(Point a, Point b, Point c) {
        double bx = b.xMm() - a.xMm();
        double by = b.yMm() - a.yMm();
        double cx = c.xMm() - a.xMm();
        double cy = c.yMm() - a.yMm();
        double twice = 2 * (bx * cy - by * cx);
        double b2 = bx * bx + by * by;
        double c2 = cx * cx + cy * cy;
        return Math.abs(twice) < 1e-9
                ? Optional.empty()
                : Optional.of(a.plus((cy * b2 - by * c2) / twice, (bx * c2 - cx * b2) / twice));
    }

    private static double angle(Point c, Point from, Point to) {
        double ax = from.xMm() - c.xMm();
        double ay = from.yMm() - c.yMm();
        double bx = to.xMm() - c.xMm();
        double by = to.yMm() - c.yMm();
        return Math.toDegrees(Math.atan2(ax * by - ay * bx, ax * bx + ay * by));
    }
}
