package jurren.core.art;

import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** One colour on its way through a chain: parts that are not welded yet. */
public record Paint(Colour colour, List<Region> parts) {
    public Paint {
        parts = List.copyOf(parts);
    }

    /** Every part changed on its own, into a valid one; what is left empty goes. */
    public Paint each(UnaryOperator<Region> change) {
        return new Paint(colour, parts.stream().map(change).filter(r -> !r.isEmpty()).toList());
    }

    /** Every part of every colour changed on its own; colours of which nothing is left go. */
    public static List<Paint> each(List<Paint> paints, UnaryOperator<Region> change) {
        return paints.stream().map(p -> p.each(change)).filter(p -> !p.parts.isEmpty()).toList();
    }

    /** All parts of all colours. */
    public static List<Region> all(List<Paint> paints) {
        return paints.stream().flatMap(p -> p.parts.stream()).toList();
    }

    /** Everything as one region, whatever its colour. */
    public static Region welded(List<Paint> paints) {
        return Region.weld(all(paints));
    }

    /** The box of everything; absent when there is nothing. */
    public static Optional<Box> box(List<Paint> paints) {
        return all(paints).stream().filter(r -> !r.isEmpty()).map(Region::bounds).reduce(Box::joined);
    }
}
