package jurren.core.trace;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import jurren.core.geometry.Point;
import jurren.core.material.Colour;

/**
 * How a picture is traced.
 *
 * @param level      between black (0) and white (1), where ink ends; absent to find it
 * @param colours    how many flat colours, with {@link Mode#SEVERAL_COLOURS}
 * @param merged     a found colour that counts as another found one
 * @param without    found colours that are not taken; the ground is one of them unless it is kept
 * @param keepGround whether the colour along the picture's edge is taken too
 * @param speckPx2   parts smaller than this go to what surrounds them
 * @param dropped    a point in each part that goes although it is larger, or each hole that is filled
 * @param kept       a point in each part that stays although it is smaller
 * @param smoothing  how far edges may be from where they were read, as a multiple of what is usual
 */
public record TraceSettings(
        Mode mode,
        Ink ink,
        OptionalDouble level,
        boolean evenLight,
        int colours,
        Map<Colour, Colour> merged,
        List<Colour> without,
        boolean keepGround,
        double speckPx2,
        boolean outerOnly,
        List<Point> dropped,
        List<Point> kept,
        double smoothing) {
    public static final int MOST_COLOURS = 12;
    public static final double MOST_SMOOTHING = 8;

    /** What is looked for. */
    public enum Mode {
        ONE_COLOUR,
        SEVERAL_COLOURS,
        MIDDLE_LINES
    }

    /** Which of the two is the ink. */
    public enum Ink {
        /** What the picture's edge is not. */
        FOUND,
        DARK,
        LIGHT
    }

    public static final TraceSettings USUAL = new TraceSettings(
            Mode.ONE_COLOUR,
            Ink.FOUND,
            OptionalDouble.empty(),
            false,
            4,
            Map.of(),
            List.of(),
            false,
            6,
            false,
            List.of(),
            List.of(),
            1);

    public TraceSettings {
        merged = Map.copyOf(merged);
        without = List.copyOf(without);
        dropped = List.copyOf(dropped);
        kept = List.copyOf(kept);
        if (colours < 2 || colours > MOST_COLOURS) {
            throw new IllegalArgumentException("2 to " + MOST_COLOURS + " colours can be found, not " + colours);
        }
        if (level.isPresent() && !(level.getAsDouble() >= 0 && level.getAsDouble() <= 1)) {
            throw new IllegalArgumentException("a level is between 0 and 1 but was " + level.getAsDouble());
        }
        if (!(speckPx2 >= 0)) {
            throw new IllegalArgumentException("a speck's size cannot be below zero but was " + speckPx2);
        }
        if (!(smoothing > 0 && smoothing <= MOST_SMOOTHING)) {
            throw new IllegalArgumentException(
                    "smoothing is above 0 and at most " + MOST_SMOOTHING + " but was " + smoothing);
        }
    }

    public TraceSettings withMode(Mode now) {
        return new TraceSettings(
                now,
                ink,
                level,
                evenLight,
                colours,
                merged,
                without,
                keepGround,
                speckPx2,
                outerOnly,
                dropped,
                kept,
                smoothing);
    }

    public TraceSettings withInk(Ink now) {
        return new TraceSettings(
                mode,
                now,
                level,
                evenLight,
                colours,
                merged,
                without,
                keepGround,
                speckPx2,
                outerOnly,
                dropped,
                kept,
                smoothing);
    }

    public TraceSettings withLevel(OptionalDouble now) {
        return new TraceSettings(
                mode,
                ink,
                now,
                evenLight,
                colours,
                merged,
                without,
                keepGround,
                speckPx2,
                outerOnly,
                dropped,
                kept,
                smoothing);
    }

    public TraceSettings withEvenLight(boolean now) {
        return new TraceSettings(
                mode,
                ink,
                level,
                now,
                colours,
                merged,
                without,
                keepGround,
                speckPx2,
                outerOnly,
                dropped,
                kept,
                smoothing);
    }

    /** Other colours are found then, so what was said of the old ones is forgotten. */
    public TraceSettings withColours(int now) {
        return new TraceSettings(
                mode,
                ink,
                level,
                evenLight,
                now,
                Map.of(),
                List.of(),
                keepGround,
                speckPx2,
                outerOnly,
                dropped,
                kept,
                smoothing);
    }

    public TraceSettings withMerged(Map<Colour, Colour> now) {
        return new TraceSettings(
                mode,
                ink,
                level,
                evenLight,
                colours,
                now,
                without,
                keepGround,
                speckPx2,
                outerOnly,
                dropped,
                kept,
                smoothing);
    }

    public TraceSettings withWithout(List<Colour> now) {
        return new TraceSettings(
                mode,
                ink,
                level,
                evenLight,
                colours,
                merged,
                now,
                keepGround,
                speckPx2,
                outerOnly,
                dropped,
                kept,
                smoothing);
    }

    public TraceSettings withKeepGround(boolean now) {
        return new TraceSettings(
                mode, ink, level, evenLight, colours, merged, without, now, speckPx2, outerOnly, dropped, kept,
                smoothing);
    }

    public TraceSettings withSpeck(double nowPx2) {
        return new TraceSettings(
                mode,
                ink,
                level,
                evenLight,
                colours,
                merged,
                without,
                keepGround,
                nowPx2,
                outerOnly,
                dropped,
                kept,
                smoothing);
    }

    public TraceSettings withOuterOnly(boolean now) {
        return new TraceSettings(
                mode,
                ink,
                level,
                evenLight,
                colours,
                merged,
                without,
                keepGround,
                speckPx2,
                now,
                dropped,
                kept,
                smoothing);
    }

    public TraceSettings withSpots(List<Point> nowDropped, List<Point> nowKept) {
        return new TraceSettings(
                mode,
                ink,
                level,
                evenLight,
                colours,
                merged,
                without,
                keepGround,
                speckPx2,
                outerOnly,
                nowDropped,
                nowKept,
                smoothing);
    }

    public TraceSettings withSmoothing(double now) {
        return new TraceSettings(
                mode,
                ink,
                level,
                evenLight,
                colours,
                merged,
                without,
                keepGround,
                speckPx2,
                outerOnly,
                dropped,
                kept,
                now);
    }

    /** The same of the picture reduced by a factor. */
    public TraceSettings reduced(int times) {
        return times <= 1
                ? this
                : withSpeck(speckPx2 / times / times).withSpots(reduced(dropped, times), reduced(kept, times));
    }

    private static List<Point> reduced(List<Point> points, double times) {
        return points.stream()
                .map(p -> new Point(p.xMm() / times, p.yMm() / times))
                .toList();
    }
}
