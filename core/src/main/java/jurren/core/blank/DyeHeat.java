package jurren.core.blank;

/** How a thing is pressed for a dye print, where that differs from cloth. */
public record DyeHeat(double celsius, double leastS, double mostS) {
    public DyeHeat {
        if (!(celsius > 0 && leastS > 0 && leastS <= mostS)) {
            throw new IllegalArgumentException("a dye press needs 0 < least <= most but had " + leastS + ", " + mostS);
        }
    }
}
