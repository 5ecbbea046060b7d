package jurren.core.finish;

import jurren.core.geometry.Piece;
import jurren.core.geometry.Region;

/**
 * How long the waste of a cut layer takes to lift: the frame with what lies between, along the edges, then each inside,
 * and slower where a part is so small that it takes tweezers.
 *
 * <p>Example: the word BOARD 50 mm high, five letters with seven insides and 1.4 m of edge: 5 + 1.4 · 10 + 7 · 2 = 33
 * s.
 */
public final class Weeding {
    /** Smaller parts are lifted with tweezers, one by one. */
    public static final double FINE_MM2 = 4;

    private static final double LEAST_INSIDE_MM2 = 0.05;

    private Weeding() {}

    /** What there is to lift of one layer. */
    public record Effort(boolean any, double edgeM, int insides, int fine) {
        static final Effort NONE = new Effort(false, 0, 0, 0);

        public double seconds(HandTimes times) {
            return any
                    ? Math.ceil(times.of(HandTime.WEED_FRAME)
                            + edgeM * times.of(HandTime.WEED_METRE)
                            + insides * times.of(HandTime.WEED_INSIDE)
                            + fine * times.of(HandTime.WEED_TWEEZERS))
                    : 0;
        }
    }

    public static double seconds(Region cut, HandTimes times) {
        return effort(cut).seconds(times);
    }

    public static Effort effort(Region cut) {
        if (cut.isEmpty()) {
            return Effort.NONE;
        }
        int insides = 0;
        int fine = 0;
        for (Piece piece : cut.pieces()) {
            fine += piece.region().filled().areaMm2() < FINE_MM2 ? 1 : 0;
            for (var hole : piece.holes()) {
                double area = Math.abs(hole.signedAreaMm2());
                insides += area > LEAST_INSIDE_MM2 ? 1 : 0;
                fine += area > LEAST_INSIDE_MM2 && area < FINE_MM2 ? 1 : 0;
            }
        }
        return new Effort(true, cut.outlineLengthMm() / 1000, insides, fine);
    }
}
