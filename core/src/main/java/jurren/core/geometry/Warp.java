package jurren.core.geometry;

import java.util.Optional;

/**
 * A smooth map of the plane that bends straight lines. It must be one to one wherever it is used.
 *
 * <p>Regions are warped point by point after their long edges were divided so that no chord leaves
 * the bent edge by more than {@link Curves#FLATNESS_MM}.
 */
public interface Warp {
    /** Puts the image of a point into {@code to[at]} and {@code to[at + 1]}. */
    void apply(double xMm, double yMm, double[] to, int at);

    /** The smallest radius to which a straight line is bent; infinite where lines stay straight. */
    double leastRadiusMm();

    /** Where it is one to one; what lies beyond cannot be bent by it. Empty where there is no end to it. */
    default Optional<Box> domain() {
        return Optional.empty();
    }

    default Point apply(Point p) {
        double[] to = new double[2];
        apply(p.xMm(), p.yMm(), to, 0);
        return new Point(to[0], to[1]);
    }

    /** The longest chord of a circle of the least radius that stays within the flatness: s² = 8·r·f. */
    default double chordMm() {
        return Math.sqrt(8 * leastRadiusMm() * Curves.FLATNESS_MM);
    }

    /** The map that changes nothing. */
    Warp NONE = new Warp() {
        @Override
        public void apply(double xMm, double yMm, double[] to, int at) {
            to[at] = xMm;
            to[at + 1] = yMm;
        }

        @Override
        public double leastRadiusMm() {
            return Double.POSITIVE_INFINITY;
        }
    };
}
