package jurren.core.geometry;

import java.util.ArrayList;
import java.util.List;
import jurren.core.memo.Scale;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateSequence;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;

/** The crossing between our values and the geometry library's. */
final class Jts {
    static final GeometryFactory FACTORY = new GeometryFactory();

    /** Less than a hundredth of the smallest thing a knife can leave: rounding dust of an overlay. */
    private static final double DUST_MM2 = 1e-7;

    private static final long CORNER_BYTES = 44;
    private static final long RING_BYTES = 120;
    private static final long POLYGON_BYTES = 300;

    private Jts() {}

    static List<Polygon> polygons(Geometry g) {
        List<Polygon> found = new ArrayList<>();
        for (int i = 0; i < g.getNumGeometries(); i++) {
            if (g.getGeometryN(i) instanceof Polygon p && !p.isEmpty()) {
                found.add(p);
            }
        }
        return found;
    }

    /** Lines and points that an overlay leaves where shapes only touch are no film, nor is dust. */
    static Geometry polygonsOnly(Geometry g) {
        List<Polygon> found = new ArrayList<>();
        boolean changed = false;
        for (int i = 0; i < g.getNumGeometries(); i++) {
            Geometry part = g.getGeometryN(i);
            if (part instanceof Polygon p && p.getArea() > DUST_MM2) {
                found.add(p);
            } else {
                changed = true;
            }
        }
        return changed || g.getNumGeometries() != found.size() ? collect(found) : g;
    }

    /** A corner is an object of its own with three figures, and a place in its line's list. */
    static void weigh(List<Polygon> polygons, Scale scale) {
        polygons.forEach(p ->
                scale.add(p, POLYGON_BYTES + RING_BYTES * p.getNumInteriorRing() + CORNER_BYTES * p.getNumPoints()));
    }

    static Geometry collect(List<Polygon> polygons) {
        return switch (polygons.size()) {
            case 0 -> FACTORY.createPolygon();
            case 1 -> polygons.getFirst();
            default -> FACTORY.createMultiPolygon(polygons.toArray(Polygon[]::new));
        };
    }

    static LinearRing ring(Outline o) {
        Coordinate[] c = new Coordinate[o.size() + 1];
        for (int i = 0; i < o.size(); i++) {
            c[i] = new Coordinate(o.xMm(i), o.yMm(i));
        }
        c[o.size()] = c[0].copy();
        return FACTORY.createLinearRing(c);
    }

    static Outline outline(LinearRing ring) {
        CoordinateSequence s = ring.getCoordinateSequence();
        double[] xy = new double[(s.size() - 1) * 2];
        for (int i = 0; i < s.size() - 1; i++) {
            xy[2 * i] = s.getX(i);
            xy[2 * i + 1] = s.getY(i);
        }
        return Outline.ofOwned(xy);
    }

    /** The origin where the library does not say where. */
    static Point point(Coordinate c) {
        return c == null ? new Point(0, 0) : new Point(c.x, c.y);
    }

    static boolean covers(Geometry g, Coordinate c) {
        return SimplePointInAreaLocator.locate(c, g) != Location.EXTERIOR;
    }
}
