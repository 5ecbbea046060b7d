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
    private static final double FRAME_S = 5;
    private static final double METRE_S = 10;
    private static final double INSIDE_S = 2;
    private static final double TWEEZERS_S = 3;
    /** Smaller parts are lifted with tweezers, one by one. */
    public static final double FINE_MM2 = 4;

    private static final double LEAST_INSIDE_MM2 = 0.05;

    private Weeding() {}

    public static double seconds(Region cut) {
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
        return cut.isEmpty()
                ? 0
                : Math.ceil(FRAME_S + cut.outlineLengthMm() / 1000 * METRE_S + insides * INSIDE_S + fine * TWEEZERS_S);
    }
}
