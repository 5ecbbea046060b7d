package jurren.core.trace;

import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Curves;
import jurren.core.material.Colour;

/**
 * What a picture was traced to, in the pixels of the straightened picture.
 *
 * @param flats  one for each colour taken, those that cover more first
 * @param lines  the middle lines, with {@link TraceSettings.Mode#MIDDLE_LINES}
 * @param found  every colour that was found, before any was merged or left out
 * @param ground the colour that was left out as the ground
 * @param level  between black (0) and white (1), where ink ends; with one colour
 * @param speckPx2 what is smaller was given away: as wished, or more where a picture is too restless to be followed
 */
public record Traced(
        int width,
        int height,
        List<Flat> flats,
        List<Line> lines,
        List<Colour> found,
        Optional<Colour> ground,
        double level,
        boolean darkInk,
        double speckPx2) {
    public Traced {
        flats = List.copyOf(flats);
        lines = List.copyOf(lines);
        found = List.copyOf(found);
    }

    /** One colour's shapes; neighbours have the numbers of their common edges in common. */
    public record Flat(Colour colour, Curves curves, int nodes) {}

    /** A line drawn with one width. */
    public record Line(Curves curves, double widthPx) {}

    public int nodes() {
        return flats.stream().mapToInt(Flat::nodes).sum();
    }
}
