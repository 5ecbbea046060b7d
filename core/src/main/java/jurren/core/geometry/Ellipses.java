package jurren.core.geometry;

import java.awt.geom.Path2D;

/**
 * Ellipses and their arcs as cubics of an eighth of a turn or less, with handles of 4/3 tan(θ/4): 4 millionths of the
 * radius beside the true one at most, where the platform's quarters are 270 beside it (0.03 mm on a hand-wide circle).
 */
public final class Ellipses {
    private static final double EIGHTH = 45;

    private Ellipses() {}

    /**
     * Closed, within a box, begun at three o'clock and with the clock where y goes down, as {@link
     * java.awt.geom.Ellipse2D} is.
     */
    public static Path2D.Double of(double x, double y, double width, double height) {
        Path2D.Double whole = arc(x, y, width, height, 0, -360);
        whole.closePath();
        return whole;
    }

    /** Closed, begun after its upper left corner and with the clock where y goes down, as SVG has it. */
    public static Path2D.Double rounded(double x, double y, double width, double height, double rx, double ry) {
        Path2D.Double path = new Path2D.Double();
        path.moveTo(x + rx, y);
        path.lineTo(x + width - rx, y);
        path.append(arc(x + width - 2 * rx, y, 2 * rx, 2 * ry, 90, -90), true);
        path.lineTo(x + width, y + height - ry);
        path.append(arc(x + width - 2 * rx, y + height - 2 * ry, 2 * rx, 2 * ry, 0, -90), true);
        path.lineTo(x + rx, y + height);
        path.append(arc(x, y + height - 2 * ry, 2 * rx, 2 * ry, -90, -90), true);
        path.lineTo(x, y + ry);
        path.append(arc(x, y, 2 * rx, 2 * ry, 180, -90), true);
        path.closePath();
        return path;
    }

    /**
     * Open, told as {@link java.awt.geom.Arc2D} does: against the clock from three o'clock where y goes down.
     *
     * @param extent in degrees, at most a whole turn either way
     */
    public static Path2D.Double arc(double x, double y, double width, double height, double start, double extent) {
        double rx = width / 2;
        double ry = height / 2;
        double cx = x + rx;
        double cy = y + ry;
        int parts = Math.max(1, (int) Math.ceil(Math.abs(extent) / EIGHTH - 1e-9));
        double step = Math.toRadians(-extent / parts);
        double handle = 4.0 / 3 * Math.tan(step / 4);
        double from = Math.toRadians(-start);
        Path2D.Double path = new Path2D.Double();
        path.moveTo(cx + rx * Math.cos(from), cy + ry * Math.sin(from));
        for (int i = 1; i <= parts; i++) {
            double a = from + (i - 1) * step;
            double b = from + i * step;
            path.curveTo(
                    cx + rx * (Math.cos(a) - handle * Math.sin(a)),
                    cy + ry * (Math.sin(a) + handle * Math.cos(a)),
                    cx + rx * (Math.cos(b) + handle * Math.sin(b)),
                    cy + ry * (Math.sin(b) - handle * Math.cos(b)),
                    cx + rx * Math.cos(b),
                    cy + ry * Math.sin(b));
        }
        return path;
    }
}
