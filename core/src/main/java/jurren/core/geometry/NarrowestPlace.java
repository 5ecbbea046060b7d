package jurren.core.geometry;

import java.util.ArrayList;
import java.util.List;
import jurren.core.stop.Stop;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateSequence;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.strtree.STRtree;

/**
 * The smallest distance across the film between two edges that run side by side.
 *
 * <p>From the middle of every edge (of long edges, from points at most {@link #STEP_MM} apart) a ray
 * goes straight into the film to the first edge it meets. It counts when that edge faces it, within
 * {@link #SIDE_BY_SIDE} of parallel: so a corner, which is narrow only at its very tip, does not
 * count unless it is sharper than about 15 degrees. A ray is followed in stretches that double, to the
 * first edge it meets and no further than the narrowest place found so far, which makes the whole O(n log n)
 * in practice. On what is very large the points lie further apart, so that there are never more than
 * {@link #MOST_PROBES} beside one for each edge.
 *
 * <p>Example: an L of two 10 mm bars, one 2 mm and one 3 mm wide, answers 2 mm. A region with no two
 * edges side by side (a triangle) answers the widest circle that fits.
 */
final class NarrowestPlace {
    private static final double STEP_MM = 2;
    private static final int MOST_PROBES = 500_000;
    private static final int LOOK_EVERY = 1024;
    private static final double FIRST_STRETCH_MM = 1;
    /** Cosine of 15 degrees. */
    private static final double SIDE_BY_SIDE = 0.966;
    private static final double CIRCLE_TOLERANCE_MM = 0.01;

    /** An edge with the film on its left; (nx, ny) points into the film. */
    private record Edge(double ax, double ay, double bx, double by, double nx, double ny) {
        double lengthMm() {
            return Math.hypot(bx - ax, by - ay);
        }
    }

    private final List<Edge> edges = new ArrayList<>();
    private final STRtree tree = new STRtree();
    private double bestMm;
    private Point bestWhere;

    private NarrowestPlace(Geometry shape) {
        Envelope e = shape.getEnvelopeInternal();
        bestMm = Math.hypot(e.getWidth(), e.getHeight());
        for (Polygon p : Jts.polygons(shape)) {
            addEdges(p.getExteriorRing(), true);
            for (int i = 0; i < p.getNumInteriorRing(); i++) {
                addEdges(p.getInteriorRingN(i), false);
            }
        }
    }

    static Thinness of(Geometry shape) {
        if (shape.isEmpty()) {
            throw new IllegalArgumentException("an empty region has no narrowest place");
        }
        NarrowestPlace search = new NarrowestPlace(shape);
        double around = search.edges.stream().mapToDouble(Edge::lengthMm).sum();
        double step = Math.max(STEP_MM, around / MOST_PROBES);
        Stop stop = Stop.here();
        for (int i = 0; i < search.edges.size(); i++) {
            if (i % LOOK_EVERY == 0) {
                stop.look();
            }
            search.probe(search.edges.get(i), step);
        }
        if (search.bestWhere != null) {
            return new Thinness(search.bestMm, search.bestWhere);
        }
        MaximumInscribedCircle circle = new MaximumInscribedCircle(Jts.polygons(shape).getFirst(), CIRCLE_TOLERANCE_MM);
        Coordinate c = circle.getCenter().getCoordinate();
        return new Thinness(2 * circle.getRadiusLine().getLength(), new Point(c.x, c.y));
    }

    private void addEdges(LinearRing ring, boolean outer) {
        CoordinateSequence s = ring.getCoordinateSequence();
        double left = Orientation.isCCW(s) == outer ? 1 : -1;
        for (int i = 0; i + 1 < s.size(); i++) {
            double dx = s.getX(i + 1) - s.getX(i);
            double dy = s.getY(i + 1) - s.getY(i);
            double length = Math.hypot(dx, dy);
            if (length > 0) {
                Edge edge = new Edge(s.getX(i), s.getY(i), s.getX(i + 1), s.getY(i + 1),
                        -dy / length * left, dx / length * left);
                edges.add(edge);
                tree.insert(new Envelope(edge.ax, edge.bx, edge.ay, edge.by), edge);
            }
        }
    }

    private void probe(Edge edge, double step) {
        int probes = (int) Math.clamp(Math.ceil(edge.lengthMm() / step), 1, MOST_PROBES);
        for (int i = 0; i < probes; i++) {
            double t = (i + 0.5) / probes;
            probe(edge, edge.ax + t * (edge.bx - edge.ax), edge.ay + t * (edge.by - edge.ay));
        }
    }

    private void probe(Edge edge, double x, double y) {
        Edge nearest = null;
        double reach = bestMm;
        double from = 0;
        for (double stretch = FIRST_STRETCH_MM; nearest == null && from < reach; stretch *= 2) {
            double to = Math.min(reach, from + stretch);
            Envelope along = new Envelope(x + edge.nx * from, x + edge.nx * to, y + edge.ny * from, y + edge.ny * to);
            for (Object hit : tree.query(along)) {
                Edge other = (Edge) hit;
                double at = other == edge ? -1 : meets(x, y, edge, other);
                if (at > 0 && at < reach && at <= to) {
                    reach = at;
                    nearest = other;
                }
            }
            from = to;
        }
        if (nearest != null && edge.nx * nearest.nx + edge.ny * nearest.ny < -SIDE_BY_SIDE) {
            bestMm = reach;
            bestWhere = new Point(x + edge.nx * reach / 2, y + edge.ny * reach / 2);
        }
    }

    /** How far along the ray from (x, y) into {@code from}'s film {@code to} is met, or -1. */
    private static double meets(double x, double y, Edge from, Edge to) {
        double ex = to.bx - to.ax;
        double ey = to.by - to.ay;
        double det = from.nx * ey - from.ny * ex;
        if (det == 0) {
            return -1;
        }
        double along = ((to.ax - x) * ey - (to.ay - y) * ex) / det;
        double on = ((to.ax - x) * from.ny - (to.ay - y) * from.nx) / det;
        return on >= 0 && on <= 1 ? along : -1;
    }
}
