package jurren.core.load;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import jurren.core.geometry.Region;

/** The order in which pieces are cut: along the feed, and what lies in a hole of another before that other. */
final class CutSequence {
    private CutSequence() {}

    static List<Placed> of(List<Placed> lying) {
        List<Placed> left = new ArrayList<>(lying);
        left.sort(Comparator.comparingDouble((Placed p) -> p.box().minXMm())
                .thenComparingDouble(p -> p.box().minYMm()));
        List<Placed> order = new ArrayList<>();
        while (!left.isEmpty()) {
            take(left.getFirst(), left, order);
        }
        return order;
    }

    private static void take(Placed outer, List<Placed> left, List<Placed> order) {
        left.remove(outer);
        if (outer.cell().holeCount() > 0) {
            Region filled = outer.cell().filled();
            for (Placed inner : left.stream()
                    .filter(p -> outer.slot().covers(p.slot(), 0)
                            && filled.contains(p.box().centre())
                            && filled.intersect(p.cell()).areaMm2() > p.cell().areaMm2() / 2)
                    .toList()) {
                if (left.contains(inner)) {
                    take(inner, left, order);
                }
            }
        }
        order.add(outer);
    }
}
