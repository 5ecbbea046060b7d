package jurren.core.blank;

/** Measures of things that can stand on a bench. */
final class Measures {
    private Measures() {}

    static void within(String what, double mm, double mostMm) {
        if (!(mm > 0) || !(mm <= mostMm)) {
            throw new IllegalArgumentException(
                    what + " must be above 0 and at most " + Math.round(mostMm) + " mm but was " + mm + " mm");
        }
    }
}
