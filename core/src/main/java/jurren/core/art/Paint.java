package jurren.core.art;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * One colour on its way through a chain: parts that are not welded yet.
 *
 * @param ink how it looks where it is printed, when that is not its colour alone
 */
public record Paint(Colour colour, Optional<Ink> ink, List<Region> parts) {
    public Paint {
        parts = List.copyOf(parts);
    }

    public Paint(Colour colour, List<Region> parts) {
        this(colour, Optional.empty(), parts);
    }

    public Paint withParts(List<Region> newParts) {
        return new Paint(colour, ink, newParts);
    }

    /** Somewhere else, as a whole: its ink goes with it. */
    public Paint placed(Placement placement) {
        return new Paint(
                colour,
                ink.map(i -> i.placed(placement)),
                parts.stream().map(r -> r.placed(placement).sound()).toList());
    }

    /** Every part changed on its own, into a valid one; what is left empty goes. */
    public Paint each(UnaryOperator<Region> change) {
        return new Paint(
                colour,
                ink,
                parts.stream().map(change).filter(r -> !r.isEmpty()).toList());
    }

    /** Every part of every colour changed on its own; colours of which nothing is left go. */
    public static List<Paint> each(List<Paint> paints, UnaryOperator<Region> change) {
        return paints.stream()
                .map(p -> p.each(change))
                .filter(p -> !p.parts.isEmpty())
                .toList();
    }

    public static List<Paint> placed(List<Paint> paints, Placement placement) {
        return paints.stream().map(p -> p.placed(placement)).toList();
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
        return all(paints).stream()
                .filter(r -> !r.isEmpty())
                .map(Region::bounds)
                .reduce(Box::joined);
    }
}
