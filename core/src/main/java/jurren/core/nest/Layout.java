package jurren.core.nest;

import java.util.List;
import java.util.Optional;

/**
 * Where everything lies.
 *
 * @param positions of each cutout, in their order; empty when it fits nowhere
 * @param usedMm    of each bed, from its own start to the end of the last cutout on it
 */
public record Layout(List<Optional<BedPosition>> positions, List<Double> usedMm) {
    private static final double SAME_MM = 1e-6;

    public Layout {
        positions = List.copyOf(positions);
        usedMm = List.copyOf(usedMm);
    }

    public long unlaid() {
        return positions.stream().filter(Optional::isEmpty).count();
    }

    public long on(int bed) {
        return positions.stream()
                .filter(p -> p.isPresent() && p.get().bed() == bed)
                .count();
    }

    /** Of the last bed, which is the one that is taken from; 0 without beds. */
    public double lastUsedMm() {
        return usedMm.isEmpty() ? 0 : usedMm.getLast();
    }

    /** More is laid, or more of it on what is there anyway, or less is taken of the last bed. */
    public boolean isBetterThan(Layout other) {
        if (unlaid() != other.unlaid()) {
            return unlaid() < other.unlaid();
        }
        for (int bed = 0; bed < usedMm.size() - 1; bed++) {
            if (on(bed) != other.on(bed)) {
                return on(bed) > other.on(bed);
            }
        }
        return lastUsedMm() < other.lastUsedMm() - SAME_MM;
    }
}
