package jurren.core.geometry;

/** A place in the plane, in millimetres. */
public record Point(double xMm, double yMm) {
    public static final Point ORIGIN = new Point(0, 0);

    public Point {
        if (!Double.isFinite(xMm) || !Double.isFinite(yMm)) {
            throw new IllegalArgumentException("a point must be finite but was " + xMm + ", " + yMm);
        }
    }

    public Point plus(double dxMm, double dyMm) {
        return new Point(xMm + dxMm, yMm + dyMm);
    }

    public double distanceMm(Point other) {
        return Math.hypot(other.xMm - xMm, other.yMm - yMm);
    }

    /** The point at fraction {@code t} of the way to {@code other}. */
    public Point towards(Point other, double t) {
        return new Point(xMm + t * (other.xMm - xMm), yMm + t * (other.yMm - yMm));
    }
}
