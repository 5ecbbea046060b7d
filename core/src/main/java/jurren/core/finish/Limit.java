package jurren.core.finish;

/**
 * Something that a press sequence must keep to.
 *
 * @param layer whose limit it is; 0 for the thing or the press
 */
public record Limit(Kind kind, int layer) {
    /** Of layers first, then of the thing and the press, then what a person wished. */
    public enum Kind {
        /** Nothing goes onto it. */
        TOP_ONLY,
        /** Its press is the last, and as light as it says. */
        ONCE,
        /** Cooler, its glue does not melt. */
        LEAST_CELSIUS,
        MOST_CELSIUS,
        LEAST_SECONDS,
        /** In the press that bonds it. */
        MOST_SECONDS,
        MOST_IN_ALL,
        THING_CELSIUS,
        THING_IN_ALL,
        PRESS_CELSIUS,
        /** Hotter, the dye of the cloth moves into a light film. */
        DYE_MOVES,
        /** A person said how long. */
        WISHED_SECONDS,
        /** A person said that it goes down after another. */
        WISHED_ORDER
    }

    /** Whether it is somebody's wish, which can be taken back. */
    public boolean isWish() {
        return kind == Kind.WISHED_SECONDS || kind == Kind.WISHED_ORDER;
    }
}
