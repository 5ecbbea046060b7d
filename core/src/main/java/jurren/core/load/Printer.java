package jurren.core.load;

/**
 * A printer for paper and film from a roll.
 *
 * @param perInch   dots to the inch, in which pictures of a sheet are written
 * @param widthMm   of the widest paper it takes
 * @param longestMm what is cut off at once
 * @param edgeMm    what it leaves bare at every edge
 */
public record Printer(String id, String name, double perInch, double widthMm, double longestMm, double edgeMm) {
    public Printer {
        if (!(perInch >= 36 && perInch <= 4800 && edgeMm >= 0 && widthMm > 2 * edgeMm && longestMm > 2 * edgeMm)) {
            throw new IllegalArgumentException("printer " + id + " has measures that cannot be");
        }
    }

    /** Another of the same make. */
    public Printer named(String otherId, String otherName) {
        return new Printer(otherId, otherName, perInch, widthMm, longestMm, edgeMm);
    }
}
