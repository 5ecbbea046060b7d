package jurren.core.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.algorithm.LineIntersector;
import org.locationtech.jts.algorithm.RobustLineIntersector;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;

/**
 * Whether two polygons have a point in common. One lies in the other, and then so does its first corner, or their
 * edges cross: those in the box that both share are gone through from left to right. For a single question that is
 * quicker than an index over one of them.
 */
final class Touching {
    private final LineIntersector crossing = new RobustLineIntersector();
    private final Envelope shared;

    private Touching(Envelope shared) {
        this.shared = shared;
    }

    static boolean touch(Polygon a, Polygon b) {
        Envelope shared = a.getEnvelopeInternal().intersection(b.getEnvelopeInternal());
        return !shared.isNull() && (isIn(a, b) || isIn(b, a) || new Touching(shared).cross(a, b));
    }

    private static boolean isIn(Polygon inner, Polygon outer) {
        Coordinate corner = inner.getExteriorRing().getCoordinateN(0);
        return outer.getEnvelopeInternal().covers(corner)
                && SimplePointInAreaLocator.locate(corner, outer) != Location.EXTERIOR;
    }

    private record Edge(Coordinate from, Coordinate to, double minX, double maxX, boolean isFirst) {
        static Edge of(Coordinate from, Coordinate to, boolean isFirst) {
            return new Edge(from, to, Math.min(from.x, to.x), Math.max(from.x, to.x), isFirst);
        }
    }

    private boolean cross(Polygon a, Polygon b) {
        List<Edge> edges = new ArrayList<>();
        add(a, true, edges);
        add(b, false, edges);
        edges.sort(Comparator.comparingDouble(Edge::minX));
        List<Edge> open = new ArrayList<>();
        for (Edge e : edges) {
            open.removeIf(o -> o.maxX < e.minX);
            for (Edge o : open) {
                if (o.isFirst != e.isFirst && meet(o, e)) {
                    return true;
                }
            }
            open.add(e);
        }
        return false;
    }

    private boolean meet(Edge a, Edge b) {
        if (!Envelope.intersects(a.from, a.to, b.from, b.to)) {
            return false;
        }
        crossing.computeIntersection(a.from, a.to, b.from, b.to);
        return crossing.hasIntersection();
    }

    private void add(Polygon p, boolean isFirst, List<Edge> edges) {
        add(p.getExteriorRing(), isFirst, edges);
        for (int i = 0; i < p.getNumInteriorRing(); i++) {
            add(p.getInteriorRingN(i), isFirst, edges);
        }
    }

    private void add(LinearRing ring, boolean isFirst, List<Edge> edges) {
        if (!shared.intersects(ring.getEnvelopeInternal())) {
            return;
        }
        Coordinate before = ring.getCoordinateN(0);
        for (int i = 1; i < ring.getNumPoints(); i++) {
            Coordinate at = ring.getCoordinateN(i);
            if (shared.intersects(before, at)) {
                edges.add(Edge.of(before, at, isFirst));
            }
            before = at;
        }
    }
}
