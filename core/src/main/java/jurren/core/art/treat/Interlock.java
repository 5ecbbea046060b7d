package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;

/**
 * Words (or any colours) stacked so that they grip into each other without lying on each other: each
 * stands so far up in the one above that they overlap by up to {@code overlapMm}, and a gap of
 * {@code gapMm} around it is cut out of the one above. Of 12 overlaps from the gap to that the deepest is
 * taken at which nothing smaller than {@code leastMm2} is cut off; none of them, and what is smaller goes.
 */
public record Interlock(double overlapMm, double gapMm, double leastMm2) implements Treatment {
    private static final int TRIES = 12;

    /** One word cut by the next, which has come up to it. */
    private record Gripped(Region upper, Placement lower) {}

    public Interlock {
        Limits.within("an overlap", overlapMm, 0, 1000);
        Limits.above("a gap", gapMm, 0);
        Limits.within("a crumb", leastMm2, 0, 100_000);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        List<Paint> filled = paints.stream()
                .filter(p -> p.parts().stream().anyMatch(r -> !r.isEmpty()))
                .toList();
        if (filled.size() < 2) {
            return paints;
        }
        List<Paint> stacked = new ArrayList<>();
        Region upper = Region.weld(filled.getFirst().parts());
        for (int i = 1; i < filled.size(); i++) {
            Region lower = Region.weld(filled.get(i).parts());
            Gripped grip = grip(upper, lower);
            stacked.add(new Paint(filled.get(i - 1).colour(), List.of(grip.upper)));
            upper = lower.placed(grip.lower).sound();
        }
        stacked.add(new Paint(filled.getLast().colour(), List.of(upper)));
        return stacked;
    }

    private Gripped grip(Region upper, Region lower) {
        Gripped last = null;
        for (int i = 0; i < TRIES; i++) {
            double overlap = overlapMm - i * Math.max(0, overlapMm - gapMm) / (TRIES - 1);
            Placement up = Placement.moved(
                    0, upper.bounds().maxYMm() - overlap - lower.bounds().minYMm());
            Region cut = upper.minus(lower.placed(up).sound().grown(gapMm, CornerStyle.ROUND));
            Region clean = cut.withoutCrumbs(leastMm2);
            last = new Gripped(clean, up);
            if (cut.pieceCount() == clean.pieceCount()) {
                return last;
            }
        }
        return last;
    }
}
