package jurren.core.layer;

/**
 * How a layer is made.
 *
 * @param reversed as in a mirror, because it is turned over or seen through on its way to the thing
 */
public record Fabrication(boolean reversed, Cut cut, boolean printed) {
    /** How deep the knife goes. */
    public enum Cut {
        /** No knife. */
        NONE,
        /** Through the film, not its backing. */
        KISS,
        /** Through everything. */
        THROUGH
    }

    public static Fabrication cut(boolean reversed, Cut cut) {
        return new Fabrication(reversed, cut, false);
    }

    public static Fabrication print(boolean reversed) {
        return new Fabrication(reversed, Cut.NONE, true);
    }

    public boolean isCut() {
        return cut != Cut.NONE;
    }
}
