package jurren.core.art.treat;

import jurren.core.geometry.Warp;

/** A bending of the plane from a formula and the smallest radius it bends a line to. */
final class Bent {
    private static final double LEAST_MM = 0.5;

    private Bent() {}

    /** Puts the image of a point into an array. */
    interface Formula {
        void apply(double xMm, double yMm, double[] to, int at);
    }

    static Warp of(double leastRadiusMm, Formula formula) {
        return new Warp() {
            @Override
            public void apply(double xMm, double yMm, double[] to, int at) {
                formula.apply(xMm, yMm, to, at);
            }

            @Override
            public double leastRadiusMm() {
                return Math.max(LEAST_MM, leastRadiusMm);
            }
        };
    }
}
