package jurren.core.art.treat;

import java.util.List;
import java.util.stream.IntStream;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Placement;

/**
 * Repeated evenly between two ends: the middles of the first and the last copy are {@code lengthMm}
 * apart, in a direction clockwise from the right, around where the one stood.
 */
public record RepeatRow(int count, double lengthMm, double degrees) implements Treatment {
    public RepeatRow {
        Limits.within("copies", count, 1, 1000);
        Limits.within("a length", lengthMm, 0, 10_000);
        Limits.within("a turn", degrees, -360, 360);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        double x = lengthMm * Math.cos(Math.toRadians(degrees));
        double y = lengthMm * Math.sin(Math.toRadians(degrees));
        return Limits.repeated(
                paints,
                IntStream.range(0, count)
                        .mapToDouble(i -> count == 1 ? 0 : (double) i / (count - 1) - 0.5)
                        .mapToObj(t -> Placement.moved(t * x, t * y))
                        .toList());
    }
}
