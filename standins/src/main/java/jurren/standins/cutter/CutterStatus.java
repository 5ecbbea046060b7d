package jurren.standins.cutter;

import java.util.Locale;
import java.util.Optional;
import jurren.core.geometry.Point;

/** One answer of the cutter. {@code finishedPaths} are whole strokes since it was told to initialise. */
public record CutterStatus(State state, int finishedPaths, double cutMm, Point head) {
    /** What the cutter is doing. */
    public enum State {
        READY,
        CUTTING,
        PAUSED,
        LID_OPEN
    }

    String line() {
        return String.format(
                Locale.ROOT, "%s;%d;%.3f;%.3f;%.3f%n", state, finishedPaths, cutMm, head.xMm(), head.yMm());
    }

    /** From one line; empty when it is no status. */
    public static Optional<CutterStatus> parse(String line) {
        String[] p = line.strip().split(";");
        try {
            return p.length != 5
                    ? Optional.empty()
                    : Optional.of(new CutterStatus(
                            State.valueOf(p[0]),
                            Integer.parseInt(p[1]),
                            Double.parseDouble(p[2]),
                            new Point(Double.parseDouble(p[3]), Double.parseDouble(p[4]))));
        } catch (IllegalArgumentException _) {
            return Optional.empty();
        }
    }
}
