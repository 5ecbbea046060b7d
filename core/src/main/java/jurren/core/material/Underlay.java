package jurren.core.material;

/**
 * What a print needs that carries its own white.
 *
 * @param whiteInMm   how far the white is drawn in from the edge of the ink, so that it never shows
 * @param leastGapMm  narrower gaps close up
 * @param cureCelsius what it is made fast at before it is pressed
 */
public record Underlay(double whiteInMm, double leastGapMm, double cureCelsius) {
    private static final double MOST_IN_MM = 5;
    private static final double MOST_CELSIUS = 300;

    public Underlay {
        if (!(whiteInMm >= 0 && whiteInMm <= MOST_IN_MM && leastGapMm >= 0 && leastGapMm <= MOST_IN_MM)) {
            throw new IllegalArgumentException("white is drawn in, and gaps close up, by 0 to " + MOST_IN_MM + " mm");
        }
        if (!(cureCelsius > 0 && cureCelsius <= MOST_CELSIUS)) {
            throw new IllegalArgumentException("a print is cured at up to " + MOST_CELSIUS + " degrees");
        }
    }
}
