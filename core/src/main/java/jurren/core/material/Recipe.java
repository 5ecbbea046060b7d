package jurren.core.material;

/**
 * How a heat film is pressed. It needs {@code leastS} in one full press and bears {@code mostTotalS}
 * over all presses together.
 */
public record Recipe(double celsius, double leastS, double mostS, double mostTotalS, double tackS,
                     Pressure pressure, Peel peel) {
    public Recipe {
        if (!(0 < tackS && tackS < leastS && leastS <= mostS && mostS <= mostTotalS)) {
            throw new IllegalArgumentException("a recipe needs 0 < tack < least <= most <= most in all but had "
                    + tackS + ", " + leastS + ", " + mostS + ", " + mostTotalS);
        }
    }
}
