package jurren.core.geometry;

import java.util.List;
import org.locationtech.jts.geom.CoordinateSequence;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** Polygons by the value of their corners, in their order, for remembering what was made of them. */
final class ShapeKey {
    private static final int MOST_CORNERS = 20_000;
    private final List<Polygon> polygons;
    private final int hash;

    ShapeKey(List<Polygon> polygons) {
        this.polygons = List.copyOf(polygons);
        int h = 1;
        for (Polygon p : this.polygons) {
            h = hash(h, p.getExteriorRing());
            for (int i = 0; i < p.getNumInteriorRing(); i++) {
                h = hash(h, p.getInteriorRingN(i));
            }
        }
        this.hash = h;
    }

    private static int hash(int so, LinearRing ring) {
        CoordinateSequence s = ring.getCoordinateSequence();
        int h = so;
        for (int i = 0; i < s.size(); i++) {
            h = 31 * (31 * h + Double.hashCode(s.getX(i))) + Double.hashCode(s.getY(i));
        }
        return h;
    }

    /** Too much to keep for later. */
    boolean isLarge() {
        return polygons.stream().mapToInt(Polygon::getNumPoints).sum() > MOST_CORNERS;
    }

    List<Polygon> polygons() {
        return polygons;
    }

    @Override
    public boolean equals(Object o) {
        if (this == o) {
            return true;
        }
        if (!(o instanceof ShapeKey other) || hash != other.hash || polygons.size() != other.polygons.size()) {
            return false;
        }
        for (int i = 0; i < polygons.size(); i++) {
            if (!polygons.get(i).equalsExact(other.polygons.get(i))) {
                return false;
            }
        }
        return true;
    }

    @Override
    public int hashCode() {
        return hash;
    }
}
