package jurren.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import jurren.core.stop.Stop;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.algorithm.locate.PointOnGeometryLocator;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.TopologyException;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.noding.snap.SnappingNoder;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/**
 * Difference and intersection, piece by piece: a piece is clipped only by what its box meets, which
 * leaves most of a large arrangement untouched. Where many pieces meet one large one (crumbs in its holes),
 * that would be gone through for each, and all are overlaid at once. The overlay used repairs its own noding where
 * plain floating point fails. Where two edges run into each other by less than rounding it can also take a hole for
 * film without a word: a point inside each piece of the result is looked for in what it was made of, and where that
 * does not hold the overlay is done anew, of rings that cross themselves nowhere and on edges that are snapped to each
 * other.
 */
final class Overlay {
    /** How often the whole may be gone through piece by piece. */
    private static final int MOST_REPEATED = 12;

    /** What is smaller is rounding between two edges, and its inside cannot be told. */
    private static final double DUST_MM2 = 1e-6;

    private static final double[] SNAPPED_MM = {0, 1e-9, 1e-7, 1e-6};
    private static final PrecisionModel GRID = new PrecisionModel(1e6);
    private static final PrecisionModel COARSE_GRID = new PrecisionModel(1e4);
    private static final int MANY_RINGS = 100;
    /** From here on an index pays. */
    private static final int FEW = 4;

    private Overlay() {}

    static Geometry difference(Geometry a, Geometry b) {
        return pieceWise(a, b, OverlayNG.DIFFERENCE);
    }

    static Geometry intersection(Geometry a, Geometry b) {
        return pieceWise(a, b, OverlayNG.INTERSECTION);
    }

    /**
     * The vertices reduced where that keeps each piece valid. The library holds every ring against every other, which
     * takes hours of some thousand: pieces are reduced one by one, and so are the rings of what has very many of them,
     * which stays as it is where they do not fit together then. It also goes as deep as a ring is bent; what is too
     * deep stays as well.
     */
    static Geometry simplified(Geometry g, double toleranceMm) {
        return Jts.collect(Jts.polygons(g).stream()
                .flatMap(p -> {
                    Stop.lookHere();
                    return simplified(p, toleranceMm).stream();
                })
                .toList());
    }

    private static List<Polygon> simplified(Polygon p, double toleranceMm) {
        try {
            if (p.getNumInteriorRing() < MANY_RINGS) {
                return Jts.polygons(TopologyPreservingSimplifier.simplify(p, toleranceMm));
            }
            LinearRing[] holes = new LinearRing[p.getNumInteriorRing()];
            for (int i = 0; i < holes.length; i++) {
                holes[i] = simplified(p.getInteriorRingN(i), toleranceMm);
            }
            Polygon reduced = Jts.FACTORY.createPolygon(simplified(p.getExteriorRing(), toleranceMm), holes);
            return List.of(reduced.isValid() ? reduced : p);
        } catch (StackOverflowError _) {
            return List.of(p);
        }
    }

    private static LinearRing simplified(LinearRing ring, double toleranceMm) {
        return ((Polygon) TopologyPreservingSimplifier.simplify(Jts.FACTORY.createPolygon(ring), toleranceMm))
                .getExteriorRing();
    }

    private static Geometry pieceWise(Geometry a, Geometry b, int operation) {
        if (a.isEmpty() || b.isEmpty()) {
            return operation == OverlayNG.DIFFERENCE ? a : Jts.FACTORY.createPolygon();
        }
        STRtree tree = new STRtree();
        Jts.polygons(b).forEach(p -> tree.insert(p.getEnvelopeInternal(), p));
        tree.build();
        List<Polygon> pieces = Jts.polygons(a);
        List<List<Polygon>> met = pieces.stream().map(piece -> met(piece, tree)).toList();
        long work = met.stream()
                .flatMap(List::stream)
                .mapToLong(Polygon::getNumPoints)
                .sum();
        if (pieces.size() > 1 && work > MOST_REPEATED * ((long) a.getNumPoints() + b.getNumPoints())) {
            return Jts.collect(together(a, b, operation));
        }
        IntStream each = IntStream.range(0, pieces.size());
        return Jts.collect((pieces.size() > 1 ? each.parallel() : each)
                .boxed()
                .flatMap(i -> piece(pieces.get(i), met.get(i), operation).stream())
                .toList());
    }

    private static List<Polygon> together(Geometry a, Geometry b, int operation) {
        return Jts.polygons(overlaid(a, b, operation));
    }

    private static Geometry overlaid(Geometry a, Geometry b, int operation) {
        Geometry result = OverlayRetry.or(
                () -> OverlayNGRobust.overlay(a, b, operation),
                () -> OverlayNGRobust.overlay(OverlayRetry.resolved(a), OverlayRetry.resolved(b), operation));
        return holds(result, a, b, operation)
                ? result
                : anew(OverlayRetry.resolved(a), OverlayRetry.resolved(b), operation);
    }

    private static boolean holds(Geometry result, Geometry a, Geometry b, int operation) {
        List<Polygon> pieces = Jts.polygons(result).stream()
                .filter(p -> p.getArea() > DUST_MM2)
                .toList();
        if (pieces.isEmpty()) {
            return true;
        }
        PointOnGeometryLocator inA = locator(a, pieces.size());
        PointOnGeometryLocator inB = locator(b, pieces.size());
        int wrongInB = operation == OverlayNG.DIFFERENCE ? Location.INTERIOR : Location.EXTERIOR;
        return pieces.stream()
                .map(p -> p.getInteriorPoint().getCoordinate())
                .allMatch(c -> inA.locate(c) != Location.EXTERIOR && inB.locate(c) != wrongInB);
    }

    private static PointOnGeometryLocator locator(Geometry g, int points) {
        return points > FEW ? new IndexedPointInAreaLocator(g) : new SimplePointInAreaLocator(g);
    }

    /** Of sound edges, and snapped to each other further and further until it holds; at last on a grid. */
    private static Geometry anew(Geometry a, Geometry b, int operation) {
        for (double mm : SNAPPED_MM) {
            try {
                Geometry result = mm == 0
                        ? OverlayNGRobust.overlay(a, b, operation)
                        : OverlayNG.overlay(a, b, operation, null, new SnappingNoder(mm));
                if (holds(result, a, b, operation)) {
                    return result;
                }
            } catch (TopologyException _) {
                Stop.lookHere();
            }
        }
        return OverlayRetry.or(
                () -> OverlayNG.overlay(a, b, operation, GRID), () -> OverlayNG.overlay(a, b, operation, COARSE_GRID));
    }

    private static List<Polygon> met(Polygon piece, STRtree tree) {
        List<Polygon> met = new ArrayList<>();
        for (Object hit : tree.query(piece.getEnvelopeInternal())) {
            met.add((Polygon) hit);
        }
        return met;
    }

    private static List<Polygon> piece(Polygon piece, List<Polygon> met, int operation) {
        if (met.isEmpty()) {
            return operation == OverlayNG.DIFFERENCE ? List.of(piece) : List.of();
        }
        Geometry other = Jts.collect(met);
        return Jts.polygons(overlaid(piece, other, operation));
    }
}
