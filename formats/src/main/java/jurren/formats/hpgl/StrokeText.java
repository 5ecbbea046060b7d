package jurren.formats.hpgl;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import jurren.core.geometry.Arcs;
import jurren.core.geometry.Point;
import jurren.core.load.Dialect;

/**
 * One stroke in the words of a machine: straight moves from where it counts or from where it is, arcs where it takes
 * them.
 */
final class StrokeText {
    private static final double LEAST_CHORD_DEGREES = 0.5;
    private static final double MOST_CHORD_DEGREES = 30;

    private final Dialect speech;
    private final StringBuilder out;
    private long x;
    private long y;

    StrokeText(Dialect speech, StringBuilder out) {
        this.speech = speech;
        this.out = out;
    }

    private record Counted(Point exact) {
        long x() {
            return Math.round(exact.xMm());
        }

        long y() {
            return Math.round(exact.yMm());
        }

        boolean isSame(Counted other) {
            return x() == other.x() && y() == other.y();
        }
    }

    /** @param way in millimetres as the machine counts them */
    void write(List<Point> way) {
        List<Counted> points = new ArrayList<>();
        for (Point p : way) {
            Counted c = new Counted(new Point(p.xMm() / speech.unitMm(), p.yMm() / speech.unitMm()));
            if (points.isEmpty() || !points.getLast().isSame(c)) {
                points.add(c);
            }
        }
        x = points.getFirst().x();
        y = points.getFirst().y();
        out.append("PU").append(x).append(',').append(y).append(";PD");
        if (speech.arcs()) {
            round(points);
        } else {
            straight(points.subList(1, points.size()), false);
        }
    }

    private void round(List<Counted> points) {
        double tolerance = speech.toleranceMm() / speech.unitMm();
        List<Counted> line = new ArrayList<>();
        int at = 0;
        boolean beside = false;
        for (Arcs.Stretch s : Arcs.of(points.stream().map(Counted::exact).toList(), 1, tolerance)) {
            if (s.centre().isPresent()) {
                straight(line, beside);
                line.clear();
                arc(points.get(at), s.centre().get(), s.degrees(), tolerance);
                // an arc ends a little beside its last corner
                beside = true;
            }
            line.add(points.get(s.to()));
            at = s.to();
        }
        straight(line, beside);
    }

    /** What a chord may be as an angle, so that it keeps to the arc as nearly as straight cuts would. */
    private void arc(Counted from, Point centre, double degrees, double tolerance) {
        double radius = from.exact().distanceMm(centre);
        double chord = Math.clamp(
                Math.toDegrees(2 * Math.acos(Math.max(0, 1 - tolerance / 2 / radius))),
                LEAST_CHORD_DEGREES,
                MOST_CHORD_DEGREES);
        out.append(String.format(
                Locale.ROOT,
                ";AA%d,%d,%.3f,%.1f",
                (long) centre.xMm(),
                (long) centre.yMm(),
                degrees,
                Math.floor(chord * 10) / 10));
    }

    /** @param beside whether the knife is down and not quite where it counts to be */
    private void straight(List<Counted> points, boolean beside) {
        if (points.isEmpty()) {
            return;
        }
        boolean relative = speech.moves() == Dialect.Moves.FROM_HERE;
        List<Counted> line = points;
        String separator = "";
        if (beside) {
            // the place is told anew after an arc
            out.append(relative ? ";PA" : ";PD")
                    .append(points.getFirst().x())
                    .append(',')
                    .append(points.getFirst().y());
            x = points.getFirst().x();
            y = points.getFirst().y();
            line = points.subList(1, points.size());
            separator = ",";
        }
        if (relative && !line.isEmpty()) {
            out.append(";PR");
            separator = "";
        }
        for (Counted p : line) {
            out.append(separator)
                    .append(relative ? p.x() - x : p.x())
                    .append(',')
                    .append(relative ? p.y() - y : p.y());
            separator = ",";
            x = p.x();
            y = p.y();
        }
        if (relative && !line.isEmpty()) {
            out.append(";PA");
        }
    }
}
