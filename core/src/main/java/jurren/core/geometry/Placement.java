package jurren.core.geometry;

import java.awt.geom.AffineTransform;

/**
 * Where something goes: an affine map of the plane.
 *
 * <pre>
 *   x' = xx·x + xy·y + dxMm
 *   y' = yx·x + yy·y + dyMm
 * </pre>
 */
public record Placement(double xx, double yx, double xy, double yy, double dxMm, double dyMm) {
    public static final Placement HERE = new Placement(1, 0, 0, 1, 0, 0);

    public Placement {
        double sum = xx + yx + xy + yy + dxMm + dyMm;
        if (!Double.isFinite(sum)) {
            throw new IllegalArgumentException("a placement must be finite");
        }
    }

    public static Placement moved(double dxMm, double dyMm) {
        return new Placement(1, 0, 0, 1, dxMm, dyMm);
    }

    public static Placement scaled(double factor) {
        return scaled(factor, factor);
    }

    public static Placement scaled(double x, double y) {
        return new Placement(x, 0, 0, y, 0, 0);
    }

    public static Placement scaledAbout(Point fixed, double factor) {
        return moved(-fixed.xMm(), -fixed.yMm()).then(scaled(factor)).then(moved(fixed.xMm(), fixed.yMm()));
    }

    /** Turned from the x axis towards the y axis; a quarter turn is exact. */
    public static Placement turned(double degrees) {
        double c = Math.cos(Math.toRadians(degrees));
        double s = Math.sin(Math.toRadians(degrees));
        if (degrees % 90 == 0) {
            c = Math.rint(c);
            s = Math.rint(s);
        }
        return new Placement(c, s, -s, c, 0, 0);
    }

    /** Left and right exchanged. */
    public static Placement flipped() {
        return new Placement(-1, 0, 0, 1, 0, 0);
    }

    /** From a y axis that points down to one that points up, or back. Nothing looks different. */
    public static Placement otherYAxis() {
        return new Placement(1, 0, 0, -1, 0, 0);
    }

    public static Placement of(AffineTransform t) {
        return new Placement(
                t.getScaleX(), t.getShearY(), t.getShearX(), t.getScaleY(), t.getTranslateX(), t.getTranslateY());
    }

    public AffineTransform toAwt() {
        return new AffineTransform(xx, yx, xy, yy, dxMm, dyMm);
    }

    /** This placement first, then {@code next}. */
    public Placement then(Placement next) {
        return new Placement(
                next.xx * xx + next.xy * yx, next.yx * xx + next.yy * yx,
                next.xx * xy + next.xy * yy, next.yx * xy + next.yy * yy,
                next.xx * dxMm + next.xy * dyMm + next.dxMm, next.yx * dxMm + next.yy * dyMm + next.dyMm);
    }

    public Point apply(Point p) {
        return new Point(xx * p.xMm() + xy * p.yMm() + dxMm, yx * p.xMm() + yy * p.yMm() + dyMm);
    }

    public double determinant() {
        return xx * yy - xy * yx;
    }

    /** True when the map exchanges clockwise and counter-clockwise. */
    public boolean turnsOver() {
        return determinant() < 0;
    }

    public Placement inverse() {
        double det = determinant();
        if (Math.abs(det) < 1e-12) {
            throw new IllegalArgumentException("a placement that flattens everything has no inverse");
        }
        double ixx = yy / det;
        double iyx = -yx / det;
        double ixy = -xy / det;
        double iyy = xx / det;
        return new Placement(ixx, iyx, ixy, iyy, -(ixx * dxMm + ixy * dyMm), -(iyx * dxMm + iyy * dyMm));
    }
}
