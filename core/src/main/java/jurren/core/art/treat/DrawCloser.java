package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;

/**
 * Parts drawn together from left to right until each touches the one before and overlaps it by
 * {@code overlapMm}, then welded; the baseline stays, and so does the middle. Gaps wider
 * than {@code leaveMm} are spaces between words and stay as wide.
 */
public record DrawCloser(double overlapMm, double leaveMm) implements Treatment {
    public DrawCloser {
        Limits.above("a gap that stays", leaveMm, 0);
        if (!(overlapMm >= 0)) {
            throw new IllegalArgumentException("an overlap must not be below zero but was " + overlapMm + " mm");
        }
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return paints.stream()
                .map(p -> new Paint(p.colour(), List.of(closer(p.parts()))))
                .toList();
    }

    private Region closer(List<Region> parts) {
        List<Region> order =
                new ArrayList<>(parts.stream().filter(r -> !r.isEmpty()).toList());
        if (order.isEmpty()) {
            return Region.EMPTY;
        }
        order.sort(Comparator.comparingDouble(r -> r.bounds().minXMm()));
        double middle = Region.weld(parts).bounds().centre().xMm();
        List<Region> done = new ArrayList<>(List.of(order.getFirst()));
        double right = order.getFirst().bounds().maxXMm();
        double rightNow = right;
        for (Region next : order.subList(1, order.size())) {
            double gap = next.bounds().minXMm() - right;
            double by = gap > leaveMm ? next.bounds().minXMm() - gap - rightNow : distance(done, next) + overlapMm;
            Region moved = next.placed(Placement.moved(-by, 0)).sound();
            done.add(moved);
            right = Math.max(right, next.bounds().maxXMm());
            rightNow = Math.max(rightNow, moved.bounds().maxXMm());
        }
        Region whole = Region.weld(done);
        return whole.placed(Placement.moved(middle - whole.bounds().centre().xMm(), 0))
                .sound();
    }

    /** How far {@code next} goes to the left before it touches; where it never does, until it stands beside. */
    private static double distance(List<Region> done, Region next) {
        double right = done.stream().mapToDouble(r -> r.bounds().maxXMm()).max().orElseThrow();
        double beside = Math.max(0, next.bounds().minXMm() - right);
        double least = Double.POSITIVE_INFINITY;
        for (Region r : done) {
            if (next.bounds().minXMm() - r.bounds().maxXMm() < least) {
                least = Math.min(least, next.wayLeftTo(r).orElse(Double.POSITIVE_INFINITY));
            }
        }
        return Double.isInfinite(least) ? beside : least;
    }
}
