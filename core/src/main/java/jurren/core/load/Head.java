package jurren.core.load;

/**
 * What a cutter holds its knife with.
 *
 * @param leastGf   the least force it can press with
 * @param mostGf    the most
 * @param offsetMm  how far the tip of the knife trails behind the middle it turns about
 * @param swings    whether the machine itself allows for that at corners; otherwise the file must
 * @param takesForce whether the force can be sent to it; otherwise it is set by hand
 * @param lastsM     how far a knife goes through plain film before it is likely dull
 */
public record Head(double leastGf, double mostGf, double offsetMm, boolean swings, boolean takesForce, double lastsM) {
    public static final double USUALLY_LASTS_M = 2000;
    /** A desktop cutter's. */
    public static final Head USUAL = new Head(20, 210, 0.25, true, true);
    private static final double MOST_OFFSET_MM = 2;
    private static final double MOST_LASTS_M = 100_000;

    public Head {
        if (!(leastGf > 0 && mostGf >= leastGf && offsetMm >= 0 && offsetMm <= MOST_OFFSET_MM)) {
            throw new IllegalArgumentException("a head needs 0 < least <= most force and a knife that trails by 0 to " + MOST_OFFSET_MM
                    + " mm but had " + leastGf + ", " + mostGf + " gf and " + offsetMm + " mm");
        }
        if (!(lastsM > 0 && lastsM <= MOST_LASTS_M)) {
            throw new IllegalArgumentException("a knife lasts above 0 and at most " + MOST_LASTS_M + " m");
        }
    }

    public Head(double leastGf, double mostGf, double offsetMm, boolean swings, boolean takesForce) {
        this(leastGf, mostGf, offsetMm, swings, takesForce, USUALLY_LASTS_M);
    }

    public Head withForces(double least, double most) {
        return new Head(least, most, offsetMm, swings, takesForce, lastsM);
    }

    public Head withOffset(double mm) {
        return new Head(leastGf, mostGf, mm, swings, takesForce, lastsM);
    }

    public Head withSwings(boolean itself) {
        return new Head(leastGf, mostGf, offsetMm, itself, takesForce, lastsM);
    }

    public Head withTakesForce(boolean sent) {
        return new Head(leastGf, mostGf, offsetMm, swings, sent, lastsM);
    }

    public Head withLasts(double m) {
        return new Head(leastGf, mostGf, offsetMm, swings, takesForce, m);
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
