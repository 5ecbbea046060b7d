package jurren.core.lettering;

/** The line letters stand on. */
public sealed interface Baseline {
    /** This line for lettering that is made larger or smaller as a whole. */
    Baseline scaled(double factor);

    /** Level. */
    record Straight() implements Baseline {
        @Override
        public Baseline scaled(double factor) {
            return this;
        }
    }

    /** An arc through the origin, over its centre like a rainbow or (below zero) hanging under it. */
    record Arc(double radiusMm) implements Baseline {
        public Arc {
            if (!(Math.abs(radiusMm) > 0) || !Double.isFinite(radiusMm)) {
                throw new IllegalArgumentException("an arc needs a radius other than zero");
            }
        }

        @Override
        public Baseline scaled(double factor) {
            return new Arc(radiusMm * factor);
        }
    }

    /**
     * Round the origin, clockwise over the top; at the foot from left to right with the heads inwards.
     * Capitals lie between the radius and a capital height more, both ways round.
     *
     * @param startDegrees where the middle of a line stands, clockwise from the top or from the foot
     * @param mostDegrees  lines that would take more are made smaller
     */
    record Circle(double radiusMm, double startDegrees, double mostDegrees, boolean foot) implements Baseline {
        public Circle {
            if (!(radiusMm > 0) || !Double.isFinite(radiusMm)) {
                throw new IllegalArgumentException(
                        "a circle must be larger than zero but its radius was " + radiusMm + " mm");
            }
            if (!(mostDegrees > 0 && mostDegrees <= 360)) {
                throw new IllegalArgumentException("a line must be let from 0 to 360 degrees but was " + mostDegrees);
            }
        }

        @Override
        public Baseline scaled(double factor) {
            return new Circle(radiusMm * factor, startDegrees, mostDegrees, foot);
        }
    }

    /**
     * Along a drawn line, or along the outer edge of any other motif, clockwise.
     *
     * @param start      where the middle of the line stands, as a share of the way round from the top; of a
     *                   drawn line from its middle
     * @param distanceMm how far outside the edge the baseline runs
     */
    record Edge(String other, double start, double distanceMm) implements Baseline {
        @Override
        public Baseline scaled(double factor) {
            return new Edge(other, start, distanceMm * factor);
        }
    }
}
