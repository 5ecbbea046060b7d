package jurren.core.finish;

/**
 * What gives the heat.
 *
 * @param platenWidthMm  the widest it heats at once; for a mug press, the length round the thing
 * @param platenHeightMm the tallest
 */
public record Press(
        String id, String name, Kind kind, double platenWidthMm, double platenHeightMm, double mostCelsius) {
    /** The kinds, by what they close on. */
    public enum Kind {
        FLAT,
        CAP,
        MUG,
        OVEN_SLEEVE
    }

    /** Another of the same make. */
    public Press named(String otherId, String otherName) {
        return new Press(otherId, otherName, kind, platenWidthMm, platenHeightMm, mostCelsius);
    }

    public Press {
        if (!(platenWidthMm > 0 && platenHeightMm > 0 && mostCelsius > 0)) {
            throw new IllegalArgumentException("press " + id + " needs measures above zero");
        }
    }
}
