package jurren.core.run;

/**
 * Where something is done.
 *
 * @param id    of a press; empty for what there is one of
 */
public record Machine(Kind kind, String id, String name) {
    /** The kinds, in the order in which work goes through them. */
    public enum Kind {
        CUTTER,
        PRINTER,
        WEEDING,
        PRESS,
        OVEN,
        TABLE;

        /** Whether one thing at a time is done there; at a table as much as there are hands. */
        public boolean isOne() {
            return this != WEEDING && this != TABLE;
        }
    }
}
