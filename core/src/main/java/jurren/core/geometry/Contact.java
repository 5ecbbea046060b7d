package jurren.core.geometry;

import java.util.OptionalDouble;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.index.strtree.STRtree;

/**
 * How far a shape goes to the left before it touches another. Two polygons that slide along a line first
 * touch with a corner of one on an edge of the other, so the answer is the shortest level distance from
 * any corner of the one to an edge of the other; O((n + m) log(n + m)) with an index over the edges' heights.
 */
final class Contact {
    private Contact() {}

    /** @return zero when they touch already, empty when they pass each other */
    static OptionalDouble toTheLeft(Geometry moving, Geometry standing) {
        if (PreparedGeometryFactory.prepare(standing).intersects(moving)) {
            return OptionalDouble.of(0);
        }
        double distance = Math.min(least(moving, standing, 1), least(standing, moving, -1));
        return Double.isInfinite(distance) ? OptionalDouble.empty() : OptionalDouble.of(distance);
    }

    /** From the corners of one to the edges of the other; {@code side} is 1 when the corners move to the left. */
    private static double least(Geometry corners, Geometry edges, int side) {
        STRtree byHeight = index(edges);
        double least = Double.POSITIVE_INFINITY;
        for (Coordinate c : corners.getCoordinates()) {
            for (Object found : byHeight.query(new Envelope(0, 0, c.y, c.y))) {
                double x = ((Edge) found).xAt(c.y);
                double distance = side * (c.x - x);
                if (distance >= 0) {
                    least = Math.min(least, distance);
                }
            }
        }
        return least;
    }

    /** One edge; a level one answers the end that is met first, which its neighbours answer as well. */
    private record Edge(double ax, double ay, double bx, double by) {
        double xAt(double y) {
            return ay == by ? ax : ax + (y - ay) / (by - ay) * (bx - ax);
        }
    }

    private static STRtree index(Geometry g) {
        STRtree tree = new STRtree();
        for (var p : Jts.polygons(g)) {
            add(tree, p.getExteriorRing().getCoordinates());
            for (int i = 0; i < p.getNumInteriorRing(); i++) {
                add(tree, p.getInteriorRingN(i).getCoordinates());
            }
        }
        tree.build();
        return tree;
    }

    private static void add(STRtree tree, Coordinate[] ring) {
        for (int i = 0; i + 1 < ring.length; i++) {
            Edge e = new Edge(ring[i].x, ring[i].y, ring[i + 1].x, ring[i + 1].y);
            tree.insert(new Envelope(0, 0, Math.min(e.ay, e.by), Math.max(e.ay, e.by)), e);
        }
    }
}
