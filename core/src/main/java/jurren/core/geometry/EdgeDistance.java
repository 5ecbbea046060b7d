package jurren.core.geometry;

import jurren.core.stop.Stop;
import org.locationtech.jts.densify.Densifier;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;

/**
 * The Hausdorff distance between the edges of two regions, taken at points no further apart than
 * {@link #STEP_MM}: from each such point of one edge to the nearest point of the other, both ways,
 * the largest. Infinite when exactly one is empty, zero when both are.
 */
final class EdgeDistance {
    private static final double STEP_MM = 1;
    private static final int LOOK_EVERY = 255;

    private EdgeDistance() {}

    static double between(Geometry a, Geometry b) {
        if (a.isEmpty() || b.isEmpty()) {
            return a.isEmpty() && b.isEmpty() ? 0 : Double.POSITIVE_INFINITY;
        }
        return Math.max(oneWay(a, b), oneWay(b, a));
    }

    private static double oneWay(Geometry from, Geometry to) {
        SegmentGrid nearest = new SegmentGrid(to.getBoundary());
        double worst = 0;
        int seen = 0;
        for (Coordinate c : Densifier.densify(from.getBoundary(), STEP_MM).getCoordinates()) {
            if ((++seen & LOOK_EVERY) == 0) {
                Stop.lookHere();
            }
            worst = Math.max(worst, nearest.distance(c.x, c.y));
        }
        return worst;
    }
}
