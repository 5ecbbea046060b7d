package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import jurren.core.art.Paint;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;

/** What treatments share: limits that say what is wrong, and copies. */
final class Limits {
    private static final int MOST_PARTS = 20_000;
    /** A knife would be busy for days. */
    private static final long MOST_CORNERS = 1_000_000;

    private Limits() {}

    static void above(String what, double value, double least) {
        if (!(value > least) || !Double.isFinite(value)) {
            throw new IllegalArgumentException(what + " must be above " + least + " but was " + value);
        }
    }

    static void within(String what, double value, double least, double most) {
        if (!(value >= least && value <= most)) {
            throw new IllegalArgumentException(what + " must be from " + least + " to " + most + " but was " + value);
        }
    }

    /** Every colour once at each place. */
    static List<Paint> repeated(List<Paint> paints, List<Placement> places) {
        long corners = Paint.all(paints).stream().mapToLong(Region::vertexCount).sum();
        if (corners * places.size() > MOST_CORNERS) {
            throw new IllegalArgumentException("that would be more than " + MOST_CORNERS + " corners to cut");
        }
        if ((long) Paint.all(paints).size() * places.size() > MOST_PARTS) {
            throw new IllegalArgumentException("that would be more than " + MOST_PARTS + " parts");
        }
        List<Paint> all = new ArrayList<>();
        for (Paint p : paints) {
            if (p.ink().isPresent()) {
                places.forEach(place -> all.add(p.placed(place)));
                continue;
            }
            List<Region> parts = new ArrayList<>();
            places.forEach(
                    place -> p.parts().forEach(r -> parts.add(r.placed(place).sound())));
            all.add(new Paint(p.colour(), parts));
        }
        return all;
    }
}
