package jurren.app.session;

import jurren.core.geometry.Box;
import jurren.core.geometry.Point;

/**
 * The line a piece is cut along, level across the face; where it is, as a share of the face's height,
 * so that it stays put when the size changes.
 */
public record EdgeLine(double share) {
    public static final EdgeLine MIDDLE = new EdgeLine(0.35);

    public EdgeLine {
        share = Math.clamp(share, 0, 1);
    }

    public double yMm(Box area) {
        return area.minYMm() + share * area.heightMm();
    }

    public Point from(Box area) {
        return new Point(area.minXMm(), yMm(area));
    }

    public Point to(Box area) {
        return new Point(area.maxXMm(), yMm(area));
    }

    /** Moved by a share of the area's height; for the keyboard. */
    public EdgeLine moved(double by) {
        return new EdgeLine(share + by);
    }

    /** The line dragged to where the pointer is. */
    public static EdgeLine through(Point p, Box area) {
        return new EdgeLine((p.yMm() - area.minYMm()) / area.heightMm());
    }
}
