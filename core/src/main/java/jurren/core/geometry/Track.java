package jurren.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** A line of straight parts that is measured along; closed ones go on for ever. */
public final class Track {
    private final double[] x;
    private final double[] y;
    private final double[] upTo;
    private final boolean closed;

    /** Where something stands on a track, and which way the track runs there, clockwise from the x axis. */
    public record Spot(Point point, double degrees) {}

    private Track(List<Point> points, boolean closed) {
        int n = points.size() + (closed ? 1 : 0);
        this.closed = closed;
        x = new double[n];
        y = new double[n];
        upTo = new double[n];
        for (int i = 0; i < n; i++) {
            Point p = points.get(i % points.size());
            x[i] = p.xMm();
            y[i] = p.yMm();
            upTo[i] = i == 0 ? 0 : upTo[i - 1] + Math.hypot(x[i] - x[i - 1], y[i] - y[i - 1]);
        }
    }

    /** From the first point to the last, which must not all be one. */
    public static Track open(List<Point> points) {
        List<Point> apart = new ArrayList<>();
        points.stream()
                .filter(p -> apart.isEmpty() || !apart.getLast().equals(p))
                .forEach(apart::add);
        if (apart.size() < 2) {
            throw new IllegalArgumentException("a line needs two points apart from each other");
        }
        return new Track(apart, false);
    }

    /** Clockwise as the eye sees it, from the topmost point. */
    public static Track round(Outline outline) {
        List<Point> points = outline.signedAreaMm2() >= 0
                ? outline.points()
                : outline.points().reversed();
        int top = 0;
        for (int i = 1; i < points.size(); i++) {
            if (points.get(i).yMm() < points.get(top).yMm()) {
                top = i;
            }
        }
        List<Point> fromTop = new ArrayList<>(points.subList(top, points.size()));
        fromTop.addAll(points.subList(0, top));
        return new Track(fromTop, true);
    }

    public double lengthMm() {
        return upTo[upTo.length - 1];
    }

    public boolean isClosed() {
        return closed;
    }

    /** Past an open end the track goes on straight. */
    public Spot at(double mm) {
        double s = closed ? ((mm % lengthMm()) + lengthMm()) % lengthMm() : mm;
        int found = Arrays.binarySearch(upTo, s);
        int i = Math.clamp(found >= 0 ? found : -found - 2, 0, upTo.length - 2);
        double length = upTo[i + 1] - upTo[i];
        double t = length == 0 ? 0 : (s - upTo[i]) / length;
        double dx = x[i + 1] - x[i];
        double dy = y[i + 1] - y[i];
        return new Spot(new Point(x[i] + t * dx, y[i] + t * dy), Math.toDegrees(Math.atan2(dy, dx)));
    }

    /** The same, running as the line runs on average over a stretch around that place: corners are rounded. */
    public Spot at(double mm, double overMm) {
        Spot middle = at(mm);
        Point before = at(mm - overMm / 2).point();
        Point after = at(mm + overMm / 2).point();
        return before.equals(after)
                ? middle
                : new Spot(
                        middle.point(),
                        Math.toDegrees(Math.atan2(after.yMm() - before.yMm(), after.xMm() - before.xMm())));
    }
}
