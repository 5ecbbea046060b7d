package jurren.core.load;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import jurren.core.geometry.Box;
import jurren.core.layer.Layer;

/**
 * A length of film that no layout of some pieces goes below, turned by quarters or not at all. Cells, which have half
 * the gap around them, do not overlap; so on every line across the film their chords are together no longer than the
 * line. That remains true when each chord is told in whole parts of it, as floor((k + 1) chord / line) / k: two pieces
 * that are a little wider than half the film then take the whole of it each. Such functions are due to Fekete and
 * Schepers, New classes of fast lower bounds for bin packing problems (2001).
 */
final class LeastFilm {
    private static final int MOST_PARTS = 12;

    /** @param n how many of it there are */
    private record Kind(CarrierShape carried, boolean directed, int n) {
        Kind more() {
            return new Kind(carried, directed, n + 1);
        }
    }

    private final double acrossMm;
    /** In the order they came: sums in another order differ in their last digit. */
    private final List<Kind> kinds = new ArrayList<>();

    private final Map<Layer, Integer> known = new IdentityHashMap<>();

    /** @param acrossMm between the rollers */
    LeastFilm(double acrossMm) {
        this.acrossMm = acrossMm;
    }

    void add(Layer layer, CarrierShape carried) {
        Integer kind = known.putIfAbsent(layer, kinds.size());
        if (kind == null) {
            kinds.add(new Kind(carried, layer.material().directed(), 1));
        } else {
            kinds.set(kind, kinds.get(kind).more());
        }
    }

    /** From where the first piece may begin to where the last must end. */
    double alongMm() {
        // what is smaller than the smallest cell takes none of them
        double smallest = kinds.stream()
                .mapToDouble(k -> k.carried.cell().areaMm2())
                .min()
                .orElse(0);
        double line = acrossMm + Loading.GAP_MM;
        double area = 0;
        double longest = 0;
        double[] inParts = new double[MOST_PARTS + 1];
        for (Kind kind : kinds) {
            Box box = kind.carried.carrier().bounds();
            CarrierShape.Covered covered = kind.carried.covered(smallest);
            List<Chords> ways = new ArrayList<>();
            double length = Double.MAX_VALUE;
            if (kind.directed || box.heightMm() <= acrossMm || box.widthMm() > acrossMm) {
                ways.add(covered.along());
                length = box.widthMm();
            }
            if (!kind.directed && box.widthMm() <= acrossMm) {
                ways.add(covered.across());
                length = Math.min(length, box.heightMm());
            }
            longest = Math.max(longest, length);
            area += kind.n * covered.along().areaMm2();
            for (int parts = 1; parts <= MOST_PARTS; parts++) {
                int k = parts;
                inParts[k] += kind.n
                        * ways.stream()
                                .mapToDouble(c -> inParts(c, k, line))
                                .min()
                                .orElse(0);
            }
        }
        double least = area / line;
        for (double l : inParts) {
            least = Math.max(least, l);
        }
        return Math.max(longest, least - Loading.GAP_MM);
    }

    private static double inParts(Chords chords, int parts, double line) {
        double sum = 0;
        for (int j = 1; j <= parts; j++) {
            sum += chords.feedMm(j * line / (parts + 1));
        }
        return sum / parts;
    }
}
