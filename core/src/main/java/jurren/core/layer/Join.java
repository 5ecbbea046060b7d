package jurren.core.layer;

/** How a layer meets the layers under it. */
public sealed interface Join {
    Join LAID_OVER = new LaidOver();

    /** Those below run on under it in full. */
    record LaidOver() implements Join {}

    /** Those below are cut away under it, but for an overlap that hides small misplacement. */
    record KnockedOut(double overlapMm) implements Join {
        public KnockedOut {
            check("overlap", overlapMm);
        }
    }

    /** Those below stop short of it by a gap. */
    record Butted(double gapMm) implements Join {
        public Butted {
            check("gap", gapMm);
        }
    }

    private static void check(String what, double mm) {
        if (!(mm >= 0)) {
            throw new IllegalArgumentException("the " + what + " of a join must not be negative but was " + mm + " mm");
        }
    }
}
