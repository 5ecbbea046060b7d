package jurren.core.load;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.trace.Picture;
import jurren.core.trace.Straightening;
import jurren.core.trace.TraceSettings;
import jurren.core.trace.Traced;
import jurren.core.trace.Tracer;

/**
 * An offcut's outline from a photograph: it lies on something of another lightness, on which two points of known
 * distance, or the four corners of a rectangle of known size, are marked. With four corners a photograph taken aslant
 * comes out straight.
 */
public final class Photographed {
    /** A thing that fills less of the picture is a speck, a shadow or a hair. */
    private static final double LEAST_SHARE = 0.002;
    /** Hands cut no finer. */
    private static final double FINE_MM = 0.3;

    private static final int TWO = 2;
    private static final int FOUR = 4;

    private Photographed() {}

    /** A length of known size between two points of the picture, seen from straight above. */
    public static Optional<Region> byDistance(Picture picture, Point one, Point other, double distanceMm) {
        double mmPerPx = distanceMm / one.distanceMm(other);
        return outline(picture, Placement.scaled(mmPerPx, -mmPerPx));
    }

    /** A rectangle of known size, its corners clockwise from the upper left. */
    public static Optional<Region> byCorners(Picture picture, List<Point> corners, double widthMm, double heightMm) {
        Straightening straight = new Straightening(corners);
        return outline(
                straight.of(picture), Placement.scaled(widthMm / straight.width(), -heightMm / straight.height()));
    }

    /** Whether so many marks say how large it is. */
    public static boolean isEnough(int marks) {
        return marks == TWO || marks == FOUR;
    }

    private static Optional<Region> outline(Picture picture, Placement toFilm) {
        Traced traced = Tracer.trace(picture, TraceSettings.USUAL);
        return traced.flats().stream()
                .flatMap(f -> f.curves().enclosed().pieces().stream())
                .map(Piece::region)
                .filter(r -> r.areaMm2() > LEAST_SHARE * picture.width() * picture.height())
                .max(Comparator.comparingDouble(Region::areaMm2))
                .map(r -> r.placed(toFilm).simplified(FINE_MM))
                .filter(r -> !r.isEmpty());
    }
}
