package jurren.core.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import jurren.core.memo.Memo;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/**
 * Grows or shrinks a region ring by ring. Offsetting a polygon with its holes in one go was seen to
 * lose holes that had room left; each ring on its own, as a filled polygon, does not.
 *
 * <ul>
 *   <li>Outwards: every filled shell grows, every hole shrinks as a polygon of its own. A shrunken
 *       hole lies inside its old self, so it can be set into the grown shell without an overlay.
 *   <li>Inwards: every filled shell shrinks, every hole grows, and the grown holes are taken away.
 * </ul>
 */
final class RingOffset {
    /** 16 chords a quadrant: 4 µm off a 3 mm round corner, 14 µm off one of 12 mm. */
    private static final int CHORDS_A_QUADRANT = 16;
    /** The library's own rounding of the input, as a share of the distance: 3 µm at 3 mm. */
    private static final double SIMPLIFY = 0.001;
    /** A sharper corner than about 29 degrees is cut off at four times the distance. */
    private static final double MITRE_LIMIT = 4;

    private record Asked(ShapeKey shape, double distanceMm, CornerStyle corners) {}

    /** Polygons are offset one by one, so that of a changed arrangement only what changed is offset again. */
    private static final Memo<Asked, List<Polygon>> REMEMBERED =
            new Memo<>(RingOffset::ofOne, (asked, polygons, scale) -> {
                Jts.weigh(asked.shape.polygons(), scale);
                Jts.weigh(polygons, scale);
            });

    private RingOffset() {}

    static Geometry of(List<Polygon> polygons, double distanceMm, CornerStyle corners) {
        Function<Polygon, List<Polygon>> each = p -> {
            if (vanishes(p, distanceMm)) {
                return List.of();
            }
            Asked asked = new Asked(new ShapeKey(List.of(p)), distanceMm, corners);
            return asked.shape.isLarge() ? ofOne(asked) : REMEMBERED.get(asked);
        };
        List<Polygon> done = (polygons.size() > 1 ? polygons.parallelStream() : polygons.stream())
                .flatMap(p -> each.apply(p).stream())
                .toList();
        return distanceMm > 0 ? Weld.of(done) : Jts.collect(done);
    }

    /** Narrower than twice what it shrinks by: nothing is left, and nothing needs remembering. */
    private static boolean vanishes(Polygon p, double distanceMm) {
        Envelope box = p.getEnvelopeInternal();
        return distanceMm < 0 && Math.min(box.getWidth(), box.getHeight()) <= -2 * distanceMm;
    }

    private static List<Polygon> ofOne(Asked asked) {
        BufferParameters how = new BufferParameters(
                CHORDS_A_QUADRANT,
                BufferParameters.CAP_ROUND,
                asked.corners == CornerStyle.ROUND ? BufferParameters.JOIN_ROUND : BufferParameters.JOIN_MITRE,
                MITRE_LIMIT);
        how.setSimplifyFactor(SIMPLIFY);
        Polygon p = asked.shape.polygons().getFirst();
        return asked.distanceMm > 0 ? grow(p, asked.distanceMm, how) : shrink(p, asked.distanceMm, how);
    }

    private static List<Polygon> grow(Polygon p, double distanceMm, BufferParameters how) {
        List<Polygon> grown = new ArrayList<>(Jts.polygons(buffer(p.getExteriorRing(), distanceMm, how)));
        if (grown.isEmpty()) {
            return List.of(p);
        }
        // one ring grows to one polygon, unless rounding split a hair off it
        grown.sort(Comparator.comparingDouble(Polygon::getArea).reversed());
        Polygon shell = grown.removeFirst();
        List<LinearRing> holes = new ArrayList<>();
        for (int i = 0; i < shell.getNumInteriorRing(); i++) {
            holes.add(shell.getInteriorRingN(i));
        }
        for (int i = 0; i < p.getNumInteriorRing(); i++) {
            for (Polygon left : Jts.polygons(buffer(p.getInteriorRingN(i), -distanceMm, how))) {
                holes.add(left.getExteriorRing());
            }
        }
        grown.addFirst(Jts.FACTORY.createPolygon(shell.getExteriorRing(), holes.toArray(LinearRing[]::new)));
        return grown;
    }

    private static List<Polygon> shrink(Polygon p, double distanceMm, BufferParameters how) {
        Geometry shell = buffer(p.getExteriorRing(), distanceMm, how);
        if (shell.isEmpty() || p.getNumInteriorRing() == 0) {
            return Jts.polygons(shell);
        }
        List<Polygon> holes = new ArrayList<>();
        for (int i = 0; i < p.getNumInteriorRing(); i++) {
            holes.addAll(Jts.polygons(buffer(p.getInteriorRingN(i), -distanceMm, how)));
        }
        return Jts.polygons(Overlay.difference(shell, Weld.of(holes)));
    }

    private static Geometry buffer(LinearRing ring, double distanceMm, BufferParameters how) {
        return BufferOp.bufferOp(Jts.FACTORY.createPolygon(ring), distanceMm, how);
    }
}
