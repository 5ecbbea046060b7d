package jurren.core.geometry;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Lines with a width, as regions. */
public final class Brush {
    private static final int LEAST_SIDES = 16;
    private static final int MOST_SIDES = 96;
    private static final double STEP_SHARE = 0.05;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private Brush() {}

    /**
     * What a round brush covers that goes along a line and changes evenly from one width to the other.
     * Between two neighbouring points it covers the hull of both discs, which is exact for straight parts.
     */
    public static Region stroke(List<Point> line, double beginWidthMm, double endWidthMm) {
        Track track = Track.open(line);
        List<Region> parts = new ArrayList<>();
        double done = 0;
        for (int i = 0; i + 1 < line.size(); i++) {
            double length = line.get(i).distanceMm(line.get(i + 1));
            if (length > 0) {
                double from = width(beginWidthMm, endWidthMm, done / track.lengthMm());
                done += length;
                double to = width(beginWidthMm, endWidthMm, done / track.lengthMm());
                parts.add(hull(line.get(i), from / 2, line.get(i + 1), to / 2));
            }
        }
        return Region.weld(parts);
    }

    private static double width(double begin, double end, double t) {
        return begin + (end - begin) * Math.min(1, t);
    }

    private static Region hull(Point a, double ra, Point b, double rb) {
        List<Coordinate> all = new ArrayList<>();
        disc(all, a, ra);
        disc(all, b, rb);
        var hull = FACTORY.createMultiPointFromCoords(all.toArray(Coordinate[]::new))
                .convexHull();
        return hull instanceof Polygon ? Region.of(hull) : Region.EMPTY;
    }

    private static void disc(List<Coordinate> to, Point c, double r) {
        int sides = r == 0
                ? 1
                : Math.clamp(
                        4 * (int) Math.ceil(Math.PI / 4 * Math.sqrt(r / (2 * Curves.FLATNESS_MM))),
                        LEAST_SIDES,
                        MOST_SIDES);
        for (int i = 0; i < sides; i++) {
            double angle = 2 * Math.PI * i / sides;
            to.add(new Coordinate(c.xMm() + r * Math.cos(angle), c.yMm() + r * Math.sin(angle)));
        }
    }

    /**
     * A smooth line through points: a centripetal Catmull-Rom spline, which makes no loops of its own.
     *
     * <p>Reference: E. Catmull and R. Rom 1974; the centripetal form after C. Yuksel et al. 2011.
     */
    public static List<Point> smooth(List<Point> stops) {
        List<Point> apart = new ArrayList<>();
        stops.stream()
                .filter(p -> apart.isEmpty() || !apart.getLast().equals(p))
                .forEach(apart::add);
        if (apart.size() < 3) {
            return apart;
        }
        List<Point> line = new ArrayList<>(List.of(apart.getFirst()));
        for (int i = 0; i + 1 < apart.size(); i++) {
            Point before = i == 0 ? beyond(apart.get(1), apart.get(0)) : apart.get(i - 1);
            Point after = i + 2 == apart.size() ? beyond(apart.get(i), apart.get(i + 1)) : apart.get(i + 2);
            for (double t = STEP_SHARE; t < 1 + STEP_SHARE / 2; t += STEP_SHARE) {
                line.add(between(before, apart.get(i), apart.get(i + 1), after, Math.min(1, t)));
            }
        }
        return line;
    }

    private static Point beyond(Point from, Point over) {
        return new Point(2 * over.xMm() - from.xMm(), 2 * over.yMm() - from.yMm());
    }

    /** Barry and Goldman's pyramid with knots by the square root of the distance. */
    private static Point between(Point p0, Point p1, Point p2, Point p3, double share) {
        double t1 = Math.sqrt(p0.distanceMm(p1));
        double t2 = t1 + Math.sqrt(p1.distanceMm(p2));
        double t3 = t2 + Math.sqrt(p2.distanceMm(p3));
        double t = t1 + share * (t2 - t1);
        Point a1 = p0.towards(p1, t / t1);
        Point a2 = p1.towards(p2, (t - t1) / (t2 - t1));
        Point a3 = p2.towards(p3, (t - t2) / (t3 - t2));
        Point b1 = a1.towards(a2, t / t2);
        Point b2 = a2.towards(a3, (t - t1) / (t3 - t1));
        return b1.towards(b2, (t - t1) / (t2 - t1));
    }
}
