package jurren.core.load;

/**
 * What a cutter holds its knife with.
 *
 * @param leastGf   the least force it can press with
 * @param mostGf    the most
 * @param offsetMm  how far the tip of the knife trails behind the middle it turns about
 * @param swings    whether the machine itself allows for that at corners; otherwise the file must
 * @param takesForce whether the force can be sent to it; otherwise it is set by hand
 */
public record Head(double leastGf, double mostGf, double offsetMm, boolean swings, boolean takesForce) {
    /** A desktop cutter's. */
    public static final Head USUAL = new Head(20, 210, 0.25, true, true);
    private static final double MOST_OFFSET_MM = 2;

    public Head {
        if (!(leastGf > 0 && mostGf >= leastGf && offsetMm >= 0 && offsetMm <= MOST_OFFSET_MM)) {
            throw new IllegalArgumentException("a head needs 0 < least <= most force and a knife that trails by 0 to " + MOST_OFFSET_MM
                    + " mm but had " + leastGf + ", " + mostGf + " gf and " + offsetMm + " mm");
        }
    }

    /** As near to a force as it can press. */
    public double forceGf(double wantedGf) {
        return Math.clamp(wantedGf, leastGf, mostGf);
    }

    /** Whether what is sent to it must allow for its trailing knife. */
    public boolean needsSwivel() {
        return !swings && offsetMm > 0;
    }
}
