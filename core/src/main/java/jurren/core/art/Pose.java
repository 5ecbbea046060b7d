package jurren.core.art;

import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;

/** Where a motif's origin stands on the face, and how far it is turned clockwise as the eye sees it. */
public record Pose(double xMm, double yMm, double degrees) {
    public Pose {
        if (!Double.isFinite(xMm + yMm + degrees)) {
            throw new IllegalArgumentException("a pose must be finite");
        }
    }

    public static Pose at(double xMm, double yMm) {
        return new Pose(xMm, yMm, 0);
    }

    public Pose moved(double dxMm, double dyMm) {
        return new Pose(xMm + dxMm, yMm + dyMm, degrees);
    }

    public Pose turnedTo(double newDegrees) {
        return new Pose(xMm, yMm, newDegrees);
    }

    public Point point() {
        return new Point(xMm, yMm);
    }

    public Placement placement() {
        return Placement.turned(degrees).then(Placement.moved(xMm, yMm));
    }
}
