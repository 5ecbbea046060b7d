package jurren.core.geometry;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * Bands of one width along the middle of whatever is narrower. Laid onto a shape they make it as wide as they are:
 * every point of a thin part then lies in a disc of that width.
 */
final class NarrowBands {
    /** Places on an edge stand so far apart, as a share of the width. */
    private static final double STEP = 0.1;
    /** Middles further apart than this share of the width belong to two bands. */
    private static final double JUMP = 1.0;
    /** A round end is a polygon, which is a little narrower than its circle. */
    private static final double OVER = 1.003;
    /** What bends less is straight, as a share of the width. */
    private static final double STRAIGHT = 0.001;
    /**
     * Bands that lie on each other leave steps that no knife makes: they are closed, and corners that take no more than
     * this go.
     */
    private static final double SMOOTH_MM = 0.03;

    private static final double TAKEN_MM = 0.002;
    private static final int QUARTER_CIRCLE = 16;

    private NarrowBands() {}

    static Region of(Geometry shape, double widthMm, boolean gaps) {
        BufferParameters round = new BufferParameters(QUARTER_CIRCLE);
        List<Region> bands = new ArrayList<>();
        for (List<NarrowestPlace.Disc> stretch : NarrowestPlace.narrower(shape, !gaps, widthMm, widthMm * STEP)) {
            List<Coordinate> middle = new ArrayList<>();
            for (NarrowestPlace.Disc found : stretch) {
                Coordinate at =
                        new Coordinate(found.middle().xMm(), found.middle().yMm());
                if (!middle.isEmpty() && middle.getLast().distance(at) > widthMm * JUMP) {
                    add(bands, middle, widthMm, round);
                }
                middle.add(at);
            }
            add(bands, middle, widthMm, round);
        }
        return bands.isEmpty()
                ? Region.EMPTY
                : Region.weld(bands)
                        .grown(SMOOTH_MM, CornerStyle.ROUND)
                        .grown(-SMOOTH_MM, CornerStyle.ROUND)
                        .simplified(TAKEN_MM);
    }

    private static void add(List<Region> bands, List<Coordinate> middle, double widthMm, BufferParameters round) {
        Geometry line = middle.size() == 1
                ? Jts.FACTORY.createPoint(middle.getFirst())
                : Jts.FACTORY.createLineString(middle.toArray(Coordinate[]::new));
        bands.add(Region.of(BufferOp.bufferOp(
                DouglasPeuckerSimplifier.simplify(line, widthMm * STRAIGHT), widthMm / 2 * OVER + TAKEN_MM, round)));
        middle.clear();
    }
}
