package jurren.core.geometry;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/**
 * Difference and intersection, piece by piece: a piece is clipped only by what its box meets, which
 * leaves most of a large arrangement untouched. The overlay used repairs its own noding where plain
 * floating point fails.
 */
final class Overlay {
    private Overlay() {
    }

    static Geometry difference(Geometry a, Geometry b) {
        return pieceWise(a, b, OverlayNG.DIFFERENCE);
    }

    static Geometry intersection(Geometry a, Geometry b) {
        return pieceWise(a, b, OverlayNG.INTERSECTION);
    }

    /** The vertices reduced where that keeps the region valid. */
    static Geometry simplified(Geometry g, double toleranceMm) {
        return g.isEmpty() ? g : TopologyPreservingSimplifier.simplify(g, toleranceMm);
    }

    private static Geometry pieceWise(Geometry a, Geometry b, int operation) {
        if (a.isEmpty() || b.isEmpty()) {
            return operation == OverlayNG.DIFFERENCE ? a : Jts.FACTORY.createPolygon();
        }
        STRtree tree = new STRtree();
        Jts.polygons(b).forEach(p -> tree.insert(p.getEnvelopeInternal(), p));
        tree.build();
        List<Polygon> pieces = Jts.polygons(a);
        return Jts.collect((pieces.size() > 1 ? pieces.parallelStream() : pieces.stream())
                .flatMap(piece -> piece(piece, met(piece, tree), operation).stream()).toList());
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
        return Jts.polygons(Sound.or(() -> OverlayNGRobust.overlay(piece, other, operation),
                () -> OverlayNGRobust.overlay(Sound.resolved(piece), Sound.resolved(other), operation)));
    }
}
