package jurren.app.cutter;

import java.util.List;
import java.util.OptionalDouble;
import jurren.core.geometry.Point;

/**
 * What a cutter said before anything was cut.
 *
 * @param widthMm of the film in it
 * @param marks   where the printed marks lie on the bed, in their order; ends before the first that was not found
 */
public record Asked(OptionalDouble widthMm, List<Point> marks) {
    public static final Asked NOTHING = new Asked(OptionalDouble.empty(), List.of());

    public Asked {
        marks = List.copyOf(marks);
    }
}
