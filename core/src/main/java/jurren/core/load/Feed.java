package jurren.core.load;

import java.util.List;

/**
 * How film goes into a cutter.
 *
 * @param matMm the length of its mat, which is as wide as it takes film, where it takes film on mats alone; 0 where
 *        film
 *              goes through as it comes off the roll
 * @param leastMm the narrowest film it takes off a roll
 * @param rollers how many hold the film; those between the outer two stand anywhere
 * @param zones where its movable roller may stand, from the start corner across; anywhere where none is told
 */
public record Feed(double matMm, double leastMm, int rollers, List<Zone> zones) {
    public static final int LEAST_ROLLERS = 2;
    public static final Feed ROLL = new Feed(0, List.of());
    private static final int MOST_ROLLERS = 20;
    public static final int MOST_ZONES = 20;
    private static final double MOST_MM = 10_000;
    private static final double MOST_MAT_MM = 3000;

    /** A stretch across the machine that grips. */
    public record Zone(double fromMm, double toMm) {
        public Zone {
            if (!(fromMm >= 0 && toMm > fromMm && toMm <= MOST_MM)) {
                throw new IllegalArgumentException(
                        "a roller stands from somewhere to farther across, not from " + fromMm + " to " + toMm);
            }
        }
    }

    public Feed {
        zones = List.copyOf(zones);
        if (!(matMm >= 0 && matMm <= MOST_MAT_MM)) {
            throw new IllegalArgumentException("a mat is at most 3 m long; 0 means that there is none");
        }
        if (!(leastMm >= 0 && leastMm <= MOST_MM)) {
            throw new IllegalArgumentException("the narrowest film is 0 to 10 m wide");
        }
        if (rollers < LEAST_ROLLERS || rollers > MOST_ROLLERS) {
            throw new IllegalArgumentException("2 to 20 rollers hold film");
        }
        if (zones.size() > MOST_ZONES) {
            throw new IllegalArgumentException("a roller stands in at most " + MOST_ZONES + " places");
        }
        for (int i = 1; i < zones.size(); i++) {
            if (zones.get(i).fromMm < zones.get(i - 1).toMm) {
                throw new IllegalArgumentException(
                        "places where a roller stands come one after the other across the machine");
            }
        }
    }

    public Feed(double matMm, List<Zone> zones) {
        this(matMm, 0, LEAST_ROLLERS, zones);
    }

    public Feed withMat(double lengthMm) {
        return new Feed(lengthMm, leastMm, rollers, zones);
    }

    public Feed withLeast(double narrowestMm) {
        return new Feed(matMm, narrowestMm, rollers, zones);
    }

    public Feed withRollers(int count) {
        return new Feed(matMm, leastMm, count, zones);
    }

    public Feed withZones(List<Zone> others) {
        return new Feed(matMm, leastMm, rollers, others);
    }

    /**
     * Where the outer edge of the movable roller comes to stand on film of this width; 0 where it stands nowhere or the
     * film is too narrow.
     */
    public double outerMm(double filmMm, double rollerMm) {
        return filmMm < leastMm
                ? 0
                : zones.isEmpty()
                        ? filmMm
                        : zones.stream()
                                .filter(z -> z.fromMm + rollerMm <= filmMm && z.fromMm + rollerMm <= z.toMm)
                                .mapToDouble(z -> Math.min(z.toMm, filmMm))
                                .max()
                                .orElse(0);
    }
}
