package jurren.core.art;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * One live operation on a motif: what goes in are its colours from the bottom up, each with its parts
 * around the motif's origin; what comes out are new ones. A treatment is a value, and equal values give
 * equal results to the bit. Those that are not nested here are in {@code jurren.core.art.treat}.
 */
public interface Treatment {
    List<Paint> apply(List<Paint> paints);

    /** The motifs it follows, by id. */
    default Set<String> others() {
        return Set.of();
    }

    /** True when a person would wonder that it leaves a motif exactly as it was. */
    default boolean shouldChange() {
        return true;
    }

    /** Parts of one colour that overlap become one; counters are kept. */
    record Weld() implements Treatment {
        @Override
        public List<Paint> apply(List<Paint> paints) {
            return paints.stream()
                    .map(p -> p.withParts(List.of(Region.weld(p.parts()))))
                    .toList();
        }
    }

    /** A second colour behind everything so far, reaching {@code distanceMm} beyond its edge. */
    record Outlined(double distanceMm, CornerStyle corners, Colour colour) implements Treatment {
        public Outlined {
            if (!(distanceMm > 0)) {
                throw new IllegalArgumentException("an outline must be wider than zero but was " + distanceMm + " mm");
            }
        }

        @Override
        public List<Paint> apply(List<Paint> paints) {
            if (Paint.all(paints).isEmpty()) {
                return paints;
            }
            List<Paint> all = new ArrayList<>();
            all.add(new Paint(colour, List.of(Paint.welded(paints).grown(distanceMm, corners))));
            all.addAll(paints);
            return all;
        }
    }

    /**
     * A gap of so much around the motif as it is at the end of its chain is cut out of everything that lies below it.
     */
    record Halo(double gapMm) implements Treatment {
        public Halo {
            if (!(gapMm > 0 && gapMm < 1000)) {
                throw new IllegalArgumentException("a halo must be wider than zero but was " + gapMm + " mm");
            }
        }

        @Override
        public boolean shouldChange() {
            return false;
        }

        @Override
        public List<Paint> apply(List<Paint> paints) {
            return paints;
        }
    }

    /** A treatment that is switched off for now, and keeps its figures. */
    record Off(Treatment of) implements Treatment {
        @Override
        public boolean shouldChange() {
            return false;
        }

        @Override
        public List<Paint> apply(List<Paint> paints) {
            return paints;
        }

        @Override
        public Set<String> others() {
            return of.others();
        }
    }
}
