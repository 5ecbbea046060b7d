package jurren.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.CoordinateSequence;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/**
 * The stretches of a straight line that lie on a region: every edge that changes sides of the line
 * gives a crossing, the crossings are sorted along it and taken in pairs. A vertex on the line counts
 * for the side it leans to, so that pairs always come out even. O(n log n).
 */
final class LineCrossing {
    private LineCrossing() {}

    static List<Interval> of(Geometry shape, Point from, Point to) {
        double length = from.distanceMm(to);
        if (length == 0) {
            return List.of();
        }
        double ux = (to.xMm() - from.xMm()) / length;
        double uy = (to.yMm() - from.yMm()) / length;
        List<Double> crossings = new ArrayList<>();
        for (Polygon p : Jts.polygons(shape)) {
            addCrossings(p.getExteriorRing(), from, ux, uy, crossings);
            for (int i = 0; i < p.getNumInteriorRing(); i++) {
                addCrossings(p.getInteriorRingN(i), from, ux, uy, crossings);
            }
        }
        double[] sorted = crossings.stream().mapToDouble(Double::doubleValue).toArray();
        Arrays.sort(sorted);
        List<Interval> stretches = new ArrayList<>();
        for (int i = 0; i + 1 < sorted.length; i += 2) {
            double a = Math.max(0, sorted[i]);
            double b = Math.min(length, sorted[i + 1]);
            if (b > a) {
                stretches.add(new Interval(a, b));
            }
        }
        return stretches;
    }

    private static void addCrossings(LinearRing ring, Point from, double ux, double uy, List<Double> into) {
        CoordinateSequence s = ring.getCoordinateSequence();
        double along = 0;
        double side = 0;
        for (int i = 0; i < s.size(); i++) {
            double dx = s.getX(i) - from.xMm();
            double dy = s.getY(i) - from.yMm();
            double nextAlong = dx * ux + dy * uy;
            double nextSide = dy * ux - dx * uy;
            if (i > 0 && side >= 0 != nextSide >= 0) {
                into.add(along + (nextAlong - along) * side / (side - nextSide));
            }
            along = nextAlong;
            side = nextSide;
        }
    }
}
