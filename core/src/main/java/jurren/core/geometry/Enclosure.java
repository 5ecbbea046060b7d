package jurren.core.geometry;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jurren.core.stop.Stop;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.algorithm.RayCrossingCounter;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.noding.BasicSegmentString;
import org.locationtech.jts.noding.FastNodingValidator;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.polygonize.Polygonizer;

/**
 * What a set of closed lines encloses under a fill rule.
 *
 * <ol>
 *   <li>Lines that cross nothing are nested by containment: one whose inside is covered and whose
 *       outside is not is an outer edge, the reverse is a hole, all others lie within and vanish.
 *   <li>Lines that cross are noded into faces, each face is kept or dropped by its winding number,
 *       and the kept faces are welded.
 * </ol>
 */
final class Enclosure {
    private record Loop(LinearRing ring, int turn) {}

    private Enclosure() {}

    static Geometry of(List<Outline> outlines, FillRule rule) {
        List<Loop> loops = new ArrayList<>();
        for (Outline o : outlines) {
            if (o.bounds().areaMm2() > 0) {
                LinearRing ring = Jts.ring(o);
                loops.add(new Loop(ring, Orientation.isCCWArea(ring.getCoordinates()) ? 1 : -1));
            }
        }
        if (loops.isEmpty()) {
            return Jts.FACTORY.createPolygon();
        }
        return nested(loops, rule).orElseGet(() -> byFaces(loops, rule));
    }

    private static Optional<Geometry> nested(List<Loop> loops, FillRule rule) {
        List<BasicSegmentString> lines = loops.stream()
                .map(l -> new BasicSegmentString(l.ring.getCoordinates(), null))
                .toList();
        if (!new FastNodingValidator(lines).isValid()) {
            return Optional.empty();
        }
        List<Loop> outers = new ArrayList<>();
        List<Loop> holes = new ArrayList<>();
        for (Loop loop : loops) {
            int outside = 0;
            for (Loop other : loops) {
                if (other != loop && isIn(loop.ring, other.ring)) {
                    outside += other.turn;
                }
            }
            boolean in = rule.covers(outside + loop.turn);
            if (in != rule.covers(outside)) {
                (in ? outers : holes).add(loop);
            }
        }
        Geometry assembled = assemble(outers, holes);
        return assembled.isValid() ? Optional.of(assembled) : Optional.empty();
    }

    private static Geometry assemble(List<Loop> outers, List<Loop> holes) {
        List<Loop> smallestFirst = new ArrayList<>(outers);
        smallestFirst.sort(Comparator.comparingDouble(
                l -> Jts.FACTORY.createPolygon(l.ring).getArea()));
        List<List<LinearRing>> of = new ArrayList<>();
        smallestFirst.forEach(o -> of.add(new ArrayList<>()));
        for (Loop hole : holes) {
            for (int i = 0; i < smallestFirst.size(); i++) {
                if (isIn(hole.ring, smallestFirst.get(i).ring)) {
                    of.get(i).add(hole.ring);
                    break;
                }
            }
        }
        List<Polygon> polygons = new ArrayList<>();
        for (int i = 0; i < smallestFirst.size(); i++) {
            polygons.add(Jts.FACTORY.createPolygon(
                    smallestFirst.get(i).ring, of.get(i).toArray(LinearRing[]::new)));
        }
        return Jts.collect(polygons);
    }

    /** Rings known not to cross: the first vertex that is not on the other's edge decides. */
    private static boolean isIn(LinearRing ring, LinearRing other) {
        if (!other.getEnvelopeInternal().covers(ring.getEnvelopeInternal())) {
            return false;
        }
        for (Coordinate c : ring.getCoordinates()) {
            int where = RayCrossingCounter.locatePointInRing(c, other.getCoordinateSequence());
            if (where != Location.BOUNDARY) {
                return where == Location.INTERIOR;
            }
        }
        return false;
    }

    private static Geometry byFaces(List<Loop> loops, FillRule rule) {
        Geometry lines = Jts.FACTORY.buildGeometry(
                loops.stream().map(Loop::ring).map(LinearRing::copy).toList());
        Polygonizer faces = new Polygonizer();
        faces.add(OverlayNGRobust.union(lines));
        List<Polygon> kept = new ArrayList<>();
        for (Object found : (Collection<?>) faces.getPolygons()) {
            // a ring begins where a hash table says, and of a sliver the inside is taken from where it begins
            Polygon face = (Polygon) ((Polygon) found).norm();
            Stop.lookHere();
            Coordinate inside = face.getInteriorPoint().getCoordinate();
            int winding = 0;
            for (Loop loop : loops) {
                if (loop.ring.getEnvelopeInternal().covers(inside)) {
                    winding += windingOf(loop.ring, inside);
                }
            }
            if (rule.covers(winding)) {
                kept.add(face);
            }
        }
        // faces come in the order of a hash table, which differs from run to run
        kept.sort(null);
        return Weld.of(kept);
    }

    /** How often a ring that may cross itself goes round a point, counter-clockwise positive. */
    private static int windingOf(LinearRing ring, Coordinate p) {
        int winding = 0;
        Coordinate[] c = ring.getCoordinates();
        for (int i = 0; i + 1 < c.length; i++) {
            boolean up = c[i].y <= p.y && c[i + 1].y > p.y;
            boolean down = c[i].y > p.y && c[i + 1].y <= p.y;
            if (up && Orientation.index(c[i], c[i + 1], p) == Orientation.LEFT) {
                winding++;
            } else if (down && Orientation.index(c[i], c[i + 1], p) == Orientation.RIGHT) {
                winding--;
            }
        }
        return winding;
    }
}
