package jurren.core.material;

/**
 * How a heat film is pressed. It needs {@code leastS} in one full press and bears {@code mostTotalS}
 * over all presses together.
 *
 * @param celsius      as its maker says
 * @param leastCelsius the coolest press in which its glue melts
 * @param mostCelsius  the hottest that it bears
 * @param leastS       of the press that bonds it
 * @param mostS        of the press that bonds it; afterwards only the sum counts
 * @param tackS        of a press that only keeps it in place
 * @param againS       of a last press with a cover sheet, once its carrier is off; 0 for what wants none
 * @param once         whether nothing closes on it again, so that it is pressed last and for good
 */
public record Recipe(
        double celsius,
        double leastCelsius,
        double mostCelsius,
        double leastS,
        double mostS,
        double mostTotalS,
        double tackS,
        double againS,
        Pressure pressure,
        Peel peel,
        boolean once) {
    public static final double USUALLY_BEARS_LESS_C = 5;
    public static final double USUALLY_BEARS_MORE_C = 10;
    public static final double USUALLY_AGAIN_S = 3;

    public Recipe {
        if (!(0 < tackS && tackS < leastS && leastS <= mostS && mostS <= mostTotalS)) {
            throw new IllegalArgumentException("a recipe needs 0 < tack < least <= most <= most in all but had " + tackS
                    + ", " + leastS + ", " + mostS + ", " + mostTotalS);
        }
        if (!(leastCelsius <= celsius && celsius <= mostCelsius && againS >= 0)) {
            throw new IllegalArgumentException("a recipe needs least <= usual <= most heat but had " + leastCelsius
                    + ", " + celsius + ", " + mostCelsius + " °C");
        }
    }

    /** With as much heat to spare as most films have. */
    public Recipe(
            double celsius,
            double leastS,
            double mostS,
            double mostTotalS,
            double tackS,
            Pressure pressure,
            Peel peel) {
        this(
                celsius,
                celsius - USUALLY_BEARS_LESS_C,
                celsius + USUALLY_BEARS_MORE_C,
                leastS,
                mostS,
                mostTotalS,
                tackS,
                USUALLY_AGAIN_S,
                pressure,
                peel,
                false);
    }
}
