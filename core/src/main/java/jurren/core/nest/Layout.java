package jurren.core.nest;

import java.util.List;
import java.util.Optional;

/**
 * Where everything lies.
 *
 * @param lies   of each cutout, in their order; empty when it fits nowhere
 * @param usedMm of each bed, from its own start to the end of the last cutout on it
 */
public record Layout(List<Optional<BedPosition>> lies, List<Double> usedMm) {
    public Layout {
        lies = List.copyOf(lies);
        usedMm = List.copyOf(usedMm);
    }

    public long unlaid() {
        return lies.stream().filter(Optional::isEmpty).count();
    }

    public long on(int bed) {
        return lies.stream().filter(l -> l.isPresent() && l.get().bed() == bed).count();
    }
}
