package jurren.core.load;

/**
 * A printer for paper and film, from a roll or in cut sheets.
 *
 * @param perInch    dots to the inch, in which pictures of a sheet are written
 * @param widthMm    of the widest paper it takes
 * @param longestMm  what is cut off at once; the length of a cut sheet
 * @param edgeMm     what it leaves bare at every edge
 * @param sheets     whether it takes cut sheets, each as large as the others
 * @param trueAcross how long 1 mm across comes out, as measured on a print of it
 * @param trueAlong  the same in the way the paper goes
 */
public record Printer(
        String id,
        String name,
        double perInch,
        double widthMm,
        double longestMm,
        double edgeMm,
        boolean sheets,
        double trueAcross,
        double trueAlong) {
    private static final double MOST_OFF = 0.1;
    private static final double FIT_MM = 0.01;

    public Printer {
        if (!(perInch >= 36 && perInch <= 4800 && edgeMm >= 0 && widthMm > 2 * edgeMm && longestMm > 2 * edgeMm)
                || !isNearlyTrue(trueAcross)
                || !isNearlyTrue(trueAlong)) {
            throw new IllegalArgumentException("printer " + id + " has measures that cannot be");
        }
    }

    /** From a roll, and true. */
    public Printer(String id, String name, double perInch, double widthMm, double longestMm, double edgeMm) {
        this(id, name, perInch, widthMm, longestMm, edgeMm, false, 1, 1);
    }

    private static boolean isNearlyTrue(double scale) {
        return Math.abs(scale - 1) <= MOST_OFF;
    }

    /** Another of the same make. */
    public Printer named(String otherId, String otherName) {
        return new Printer(otherId, otherName, perInch, widthMm, longestMm, edgeMm, sheets, trueAcross, trueAlong);
    }

    /** With dots to the inch, paper so wide and long, and so much left bare. */
    public Printer taking(double newPerInch, double newWidthMm, double newLongestMm, double newEdgeMm) {
        return new Printer(id, name, newPerInch, newWidthMm, newLongestMm, newEdgeMm, sheets, trueAcross, trueAlong);
    }

    /** With cut sheets, or off a roll. */
    public Printer inSheets(boolean cut) {
        return new Printer(id, name, perInch, widthMm, longestMm, edgeMm, cut, trueAcross, trueAlong);
    }

    /** Corrected by what was measured. */
    public Printer scaled(double across, double along) {
        return new Printer(id, name, perInch, widthMm, longestMm, edgeMm, sheets, across, along);
    }

    /** Whether a print so large must be parted. */
    public boolean isTooSmallFor(double acrossMm, double alongMm) {
        return acrossMm > widthMm + FIT_MM || alongMm > longestMm + FIT_MM;
    }
}
