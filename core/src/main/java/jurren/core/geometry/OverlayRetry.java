package jurren.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.TopologyException;

/**
 * Overlays whose input rounding may have made invalid: turned, leaned or bent, two edges that ran a
 * nanometre apart can cross. Almost none do, so it is found out only when an overlay gives up.
 *
 * <ol>
 *   <li>The overlay as it is; it repairs its own noding.
 *   <li>The polygons whose edges cross are resolved anew by what they enclose, and the overlay again.
 *   <li>Otherwise a {@link GeometryException} at the place, with the first failure suppressed.
 * </ol>
 */
final class OverlayRetry {
    private OverlayRetry() {}

    /** @param again the same operation on inputs that were made sound */
    static Geometry or(Supplier<Geometry> operation, Supplier<Geometry> again) {
        try {
            return operation.get();
        } catch (TopologyException first) {
            try {
                return again.get();
            } catch (TopologyException second) {
                GeometryException failed = new GeometryException(
                        "edges cross in a way that cannot be resolved", Jts.point(second.getCoordinate()));
                failed.initCause(second);
                failed.addSuppressed(first);
                throw failed;
            }
        }
    }

    static Geometry resolved(Geometry g) {
        List<Polygon> all = new ArrayList<>();
        for (Polygon p : Jts.polygons(g)) {
            if (p.isValid()) {
                all.add(p);
            } else {
                List<Outline> edges = new ArrayList<>(List.of(Jts.outline(p.getExteriorRing())));
                for (int i = 0; i < p.getNumInteriorRing(); i++) {
                    edges.add(Jts.outline(p.getInteriorRingN(i)));
                }
                all.addAll(Jts.polygons(Enclosure.of(edges, FillRule.EVEN_ODD)));
            }
        }
        return Jts.collect(all);
    }
}
