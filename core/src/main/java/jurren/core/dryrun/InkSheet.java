package jurren.core.dryrun;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.geometry.Box;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * What a printer put on one sheet, as it lies before one: x to the right, y down.
 *
 * @param print which of the job's prints it is, from 1
 * @param ink   where which colour lies; they do not overlap
 */
public record InkSheet(int print, Map<Colour, Region> ink) {
    private static final double CROSS_THIN_MM = 0.5;
    private static final double CROSS_LONG_MM = 4;
    /** From the middle of a cross to the corner of the ink. */
    private static final double CROSS_OUT_MM = 5;

    public InkSheet {
        ink = Collections.unmodifiableMap(new LinkedHashMap<>(ink));
    }

    /** What the crosses enclose; empty where they cannot be found. */
    Optional<Box> within() {
        List<Point> crosses = ink.values().stream().flatMap(r -> r.pieces().stream()).map(Piece::region).map(Region::bounds)
                .filter(b -> b.widthMm() < CROSS_THIN_MM && b.heightMm() > CROSS_LONG_MM).map(Box::centre).toList();
        if (crosses.size() < 4) {
            return Optional.empty();
        }
        double left = crosses.stream().mapToDouble(Point::xMm).min().orElseThrow();
        double right = crosses.stream().mapToDouble(Point::xMm).max().orElseThrow();
        double top = crosses.stream().mapToDouble(Point::yMm).min().orElseThrow();
        double bottom = crosses.stream().mapToDouble(Point::yMm).max().orElseThrow();
        return Optional.of(new Box(left, top, right, bottom).grown(-CROSS_OUT_MM));
    }
}
