package jurren.core.blank;

import java.util.List;
import jurren.core.geometry.Box;

/**
 * How a face is built, and so what it looks like. Everything is drawn from the measures.
 *
 * <p>Coordinates: of a garment, from the lowest point of the collar on the middle line; of all else,
 * from the middle of the upper edge (the lip, unrolled). x to the right as the customer sees it, y down.
 */
public sealed interface Form permits Garment, Panel, Vessel {
    Surface surface();

    /** On the flat, or unrolled. */
    List<BlankPart> picture();

    /** The part that is there to be decorated at all, in art coordinates: the trunk, the panel, the wrap. */
    Box whole();

    /** What the form itself puts in the way: a collar, a handle, a lip. */
    List<Obstacle> obstacles();

    /** The same with one measure changed; unknown names are refused. */
    Form with(Measure measure, double mm);

    /** The measures that a tape takes, in the order in which they are asked for. */
    List<Measured> measures();

    /** The names of measures. */
    enum Measure {
        CHEST,
        LENGTH,
        SHOULDERS,
        SLEEVE,
        COLLAR_WIDTH,
        COLLAR_DROP,
        WIDTH,
        HEIGHT,
        CORNER,
        TOP_DIAMETER,
        FOOT_DIAMETER,
        SLANT
    }

    /** A measure and what it is now. */
    record Measured(Measure measure, double mm) {}

    static IllegalArgumentException hasNo(Form form, Measure measure) {
        return new IllegalArgumentException("a " + form.getClass().getSimpleName() + " has no " + measure);
    }
}
