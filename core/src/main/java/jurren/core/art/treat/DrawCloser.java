package jurren.core.art.treat;

import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Parts drawn together from left to right until each touches the one before and overlaps it by
 * {@code overlapMm}, then welded; the baseline stays, and so does the middle. Found by halving the
 * distance, to a micrometre.
 */
public record DrawCloser(double overlapMm) implements Treatment {
    public DrawCloser {
        if (!(overlapMm >= 0)) {
            throw new IllegalArgumentException("an overlap must not be below zero but was " + overlapMm + " mm");
        }
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return paints.stream().map(p -> new Paint(p.colour(), List.of(closer(p.parts())))).toList();
    }

    private Region closer(List<Region> parts) {
        List<Region> order = new ArrayList<>(parts.stream().filter(r -> !r.isEmpty()).toList());
        if (order.isEmpty()) {
            return Region.EMPTY;
        }
        order.sort(Comparator.comparingDouble(r -> r.bounds().minXMm()));
        double middle = Region.weld(parts).bounds().centre().xMm();
        Region done = order.getFirst();
        for (Region next : order.subList(1, order.size())) {
            done = done.weld(next.placed(Placement.moved(-(distance(done, next) + overlapMm), 0)));
        }
        return done.placed(Placement.moved(middle - done.bounds().centre().xMm(), 0));
    }

    /** How far {@code next} goes to the left before it touches; where it never does, until it stands beside. */
    private static double distance(Region done, Region next) {
        double beside = Math.max(0, next.bounds().minXMm() - done.bounds().maxXMm());
        double most = Math.max(beside, next.bounds().maxXMm() - done.bounds().minXMm());
        double near = beside;
        double far = beside;
        while (!meets(done, next, far)) {
            near = far;
            far += STEP_MM;
            if (far > most) {
                return beside;
            }
        }
        while (far - near > EXACT_MM) {
            double middle = (near + far) / 2;
            if (meets(done, next, middle)) {
                far = middle;
            } else {
                near = middle;
            }
        }
        return near;
    }

    private static boolean meets(Region done, Region next, double byMm) {
        return !next.placed(Placement.moved(-byMm, 0)).intersect(done).isEmpty();
    }

    private static final double EXACT_MM = 0.001;
    /** Nothing a font draws is thinner than this and missed between two steps. */
    private static final double STEP_MM = 0.3;
}
