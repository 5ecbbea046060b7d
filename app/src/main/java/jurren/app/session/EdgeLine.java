package jurren.app.session;

import jurren.core.geometry.Box;
import jurren.core.geometry.Point;

/**
 * The line a piece is cut along: through a point given as shares of the face's width and height, so that it stays put
 * when the size changes, and turned so far from level.
 */
public record EdgeLine(double across, double share, double degrees) {
    public static final EdgeLine MIDDLE = level(0.35);

    public EdgeLine {
        across = Math.clamp(across, 0, 1);
        share = Math.clamp(share, 0, 1);
        // a line turned by half a turn is itself
        double turned = degrees % 180;
        degrees = turned > 90 ? turned - 180 : turned <= -90 ? turned + 180 : turned;
    }

    public static EdgeLine level(double share) {
        return new EdgeLine(0.5, share, 0);
    }

    public Point point(Box area) {
        return new Point(area.minXMm() + across * area.widthMm(), area.minYMm() + share * area.heightMm());
    }

    public double yMm(Box area) {
        return point(area).yMm();
    }

    public Point from(Box area) {
        return at(area, reach(area, -1));
    }

    public Point to(Box area) {
        return at(area, reach(area, 1));
    }

    private Point at(Box area, double t) {
        return point(area).plus(t * cos(), t * sin());
    }

    private double cos() {
        return degrees == 90 ? 0 : Math.cos(Math.toRadians(degrees));
    }

    private double sin() {
        return degrees == 0 ? 0 : Math.sin(Math.toRadians(degrees));
    }

    /** How far along it is from its point to the area's edge, one way or the other. */
    private double reach(Box area, int way) {
        Point p = point(area);
        double x = way * cos();
        double y = way * sin();
        double across = x == 0 ? Double.POSITIVE_INFINITY : ((x > 0 ? area.maxXMm() : area.minXMm()) - p.xMm()) / x;
        double down = y == 0 ? Double.POSITIVE_INFINITY : ((y > 0 ? area.maxYMm() : area.minYMm()) - p.yMm()) / y;
        return way * Math.min(across, down);
    }

    /** Moved by a share of the area's height; for the keyboard. */
    public EdgeLine moved(double by) {
        return new EdgeLine(across, share + by, degrees);
    }

    public EdgeLine turned(double by) {
        return new EdgeLine(across, share, degrees + by);
    }

    /** Dragged to where the pointer is, turned as it was. */
    public EdgeLine through(Point p, Box area) {
        return new EdgeLine(
                (p.xMm() - area.minXMm()) / area.widthMm(), (p.yMm() - area.minYMm()) / area.heightMm(), degrees);
    }

    /** Turned about its own point until it goes through the pointer. */
    public EdgeLine towards(Point p, Box area) {
        Point own = point(area);
        return own.distanceMm(p) == 0
                ? this
                : new EdgeLine(across, share, Math.toDegrees(Math.atan2(p.yMm() - own.yMm(), p.xMm() - own.xMm())));
    }

    public double distanceMm(Point p, Box area) {
        Point own = point(area);
        return Math.abs((p.xMm() - own.xMm()) * sin() - (p.yMm() - own.yMm()) * cos());
    }
}
