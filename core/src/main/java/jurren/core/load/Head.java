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
 * @param pen        by which number a pen in it is called; 0 where it holds none
 */
public record Head(
        double leastGf, double mostGf, double offsetMm, boolean swings, boolean takesForce, double lastsM, int pen) {
    /** The knife is the first. */
    public static final int USUAL_PEN = 2;

    public static final int MOST_PEN = 8;
    public static final double USUALLY_LASTS_M = 2000;
    /** A desktop cutter's. */
    public static final Head USUAL = new Head(20, 210, 0.25, true, true);

    private static final double MOST_OFFSET_MM = 2;
    private static final double MOST_LASTS_M = 100_000;

    public Head {
        if (!(leastGf > 0 && mostGf >= leastGf && offsetMm >= 0 && offsetMm <= MOST_OFFSET_MM)) {
            throw new IllegalArgumentException("a head needs 0 < least <= most force and a knife that trails by 0 to "
                    + MOST_OFFSET_MM + " mm but had " + leastGf + ", " + mostGf + " gf and " + offsetMm + " mm");
        }
        if (!(lastsM > 0 && lastsM <= MOST_LASTS_M)) {
            throw new IllegalArgumentException("a knife lasts above 0 and at most " + MOST_LASTS_M + " m");
        }
        if (pen < 0 || pen > MOST_PEN) {
            throw new IllegalArgumentException(
                    "a pen is called by 1 to " + MOST_PEN + "; 0 means that none can be held");
        }
    }

    public Head(double leastGf, double mostGf, double offsetMm, boolean swings, boolean takesForce) {
        this(leastGf, mostGf, offsetMm, swings, takesForce, USUALLY_LASTS_M, USUAL_PEN);
    }

    public Head withForces(double least, double most) {
        return new Head(least, most, offsetMm, swings, takesForce, lastsM, pen);
    }

    public Head withOffset(double mm) {
        return new Head(leastGf, mostGf, mm, swings, takesForce, lastsM, pen);
    }

    public Head withSwings(boolean itself) {
        return new Head(leastGf, mostGf, offsetMm, itself, takesForce, lastsM, pen);
    }

    public Head withTakesForce(boolean sent) {
        return new Head(leastGf, mostGf, offsetMm, swings, sent, lastsM, pen);
    }

    public Head withLasts(double m) {
        return new Head(leastGf, mostGf, offsetMm, swings, takesForce, m, pen);
    }

    public Head withPen(int number) {
        return new Head(leastGf, mostGf, offsetMm, swings, takesForce, lastsM, number);
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
