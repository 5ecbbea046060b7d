package jurren.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.triangulate.polygon.PolygonTriangulator;

/**
 * A shape, holes and all, as convex parts that meet along edges: triangles, of which those are joined that stay convex
 * together (S. Hertel and K. Mehlhorn, Fast triangulation of simple polygons, 1983: at most four times the fewest).
 */
final class ConvexParts {
    /** Turning back by less than this is straight. */
    private static final double STRAIGHT = 1e-12;

    private record Edge(Coordinate from, Coordinate to) {
        double lengthMm() {
            return from.distance(to);
        }
    }

    private ConvexParts() {}

    /** Counter-clockwise where y points up. */
    static List<Outline> of(Geometry shape) {
        List<Outline> parts = new ArrayList<>();
        for (Polygon p : Jts.polygons(shape)) {
            for (List<Coordinate> part : parts(p)) {
                parts.add(Outline.of(part.stream().map(Jts::point).toList()));
            }
        }
        return parts;
    }

    /** Whether it turns left, or straight on, at every corner. */
    private static boolean isConvex(List<Coordinate> ring) {
        int n = ring.size();
        boolean left = false;
        for (int i = 0; i < n; i++) {
            int turn = Orientation.index(ring.get(i), ring.get((i + 1) % n), ring.get((i + 2) % n));
            if (turn == Orientation.CLOCKWISE) {
                return false;
            }
            left |= turn == Orientation.COUNTERCLOCKWISE;
        }
        return left;
    }

    private static List<List<Coordinate>> parts(Polygon polygon) {
        if (polygon.getNumInteriorRing() == 0) {
            Coordinate[] c = polygon.getExteriorRing().getCoordinates();
            List<Coordinate> ring = new ArrayList<>(Arrays.asList(c).subList(0, c.length - 1));
            if (!Orientation.isCCW(c)) {
                Collections.reverse(ring);
            }
            // a ring that winds around twice turns left at every corner too, but no polygon does
            if (isConvex(ring)) {
                return List.of(ring);
            }
        }
        Geometry triangles = triangles(polygon);
        Map<Edge, List<Coordinate>> whose = new LinkedHashMap<>();
        List<Edge> inner = new ArrayList<>();
        for (int i = 0; i < triangles.getNumGeometries(); i++) {
            Coordinate[] c = triangles.getGeometryN(i).getCoordinates();
            if (Orientation.index(c[0], c[1], c[2]) == Orientation.COLLINEAR) {
                continue;
            }
            if (Orientation.index(c[0], c[1], c[2]) == Orientation.CLOCKWISE) {
                Coordinate t = c[1];
                c[1] = c[2];
                c[2] = t;
            }
            List<Coordinate> corners = new ArrayList<>(Arrays.asList(c).subList(0, 3));
            for (int k = 0; k < 3; k++) {
                Edge edge = new Edge(corners.get(k), corners.get((k + 1) % 3));
                whose.put(edge, corners);
                if (whose.containsKey(new Edge(edge.to, edge.from))) {
                    inner.add(edge);
                }
            }
        }
        inner.sort(Comparator.comparingDouble(Edge::lengthMm).reversed());
        inner.forEach(e -> join(whose, e));
        return whose.values().stream().distinct().toList();
    }

    /** Rings that touch themselves or each other within rounding have no ear to clip. */
    private static Geometry triangles(Polygon polygon) {
        try {
            return PolygonTriangulator.triangulate(polygon);
        } catch (IllegalStateException | IllegalArgumentException e) {
            GeometryException failed =
                    new GeometryException("this outline cannot be taken apart", Jts.point(polygon.getCoordinate()));
            failed.initCause(e);
            throw failed;
        }
    }

    /** The two parts beside an edge become one where that is convex. */
    private static void join(Map<Edge, List<Coordinate>> whose, Edge edge) {
        List<Coordinate> left = whose.get(edge);
        List<Coordinate> right = whose.get(new Edge(edge.to, edge.from));
        if (left == null || right == null || left == right) {
            return;
        }
        List<Coordinate> both = new ArrayList<>();
        int l = left.indexOf(edge.to);
        for (int k = 0; k < left.size() - 1; k++) {
            both.add(left.get((l + k) % left.size()));
        }
        int r = right.indexOf(edge.from);
        for (int k = 0; k < right.size() - 1; k++) {
            both.add(right.get((r + k) % right.size()));
        }
        int first = 0;
        int second = left.size() - 1;
        if (isConvex(both, first) && isConvex(both, second)) {
            whose.remove(edge);
            whose.remove(new Edge(edge.to, edge.from));
            for (int k = 0; k < both.size(); k++) {
                whose.put(new Edge(both.get(k), both.get((k + 1) % both.size())), both);
            }
        }
    }

    private static boolean isConvex(List<Coordinate> corners, int at) {
        int n = corners.size();
        Coordinate a = corners.get((at + n - 1) % n);
        Coordinate b = corners.get(at);
        Coordinate c = corners.get((at + 1) % n);
        return (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x) >= -STRAIGHT;
    }
}
