package jurren.core.trace;

import java.util.ArrayList;
import java.util.List;

/**
 * A run of points between two corners as few curves and lines that go on in the same direction. Each is as
 * long as can be: the longest that fits is looked for by doubling and halving.
 */
final class SpanWalk {
    private static final int FIRST_TRY = 8;
    private static final double LEAST_LINE_PX = 10;

    private final Edge e;
    private final double tolerance;
    private final double arm;

    SpanWalk(Edge e, double tolerancePx, double armPx) {
        this.e = e;
        this.tolerance = tolerancePx;
        this.arm = armPx;
    }

    /** @param begin and {@code end} are unit directions at the two ends, or null when they may be any */
    List<double[]> walk(int from, int to, double[] begin, double[] end) {
        List<double[]> spans = new ArrayList<>();
        int at = from;
        double[] direction = begin;
        while (at < to) {
            SpanFit rest = SpanFit.of(e, at, to, direction, end, tolerance);
            if (rest.worst() <= tolerance) {
                spans.add(rest.curve());
                break;
            }
            int reach = reach(at, to, direction);
            int straight = straight(at, to);
            boolean line = straight - at >= 4
                    && e.distance(at, straight) >= LEAST_LINE_PX
                    && (straight - at) * 2 >= reach - at;
            int next = line ? straight : reach;
            double[] nextDirection =
                    next == to ? end : line ? unit(e.x(next) - e.x(at), e.y(next) - e.y(at)) : directionAt(next);
            spans.add(
                    line
                            ? SpanFit.line(e.x(at), e.y(at), e.x(next), e.y(next))
                            : SpanFit.of(e, at, next, direction, nextDirection, tolerance)
                                    .curve());
            at = next;
            direction = nextDirection;
        }
        return spans;
    }

    private int reach(int at, int to, double[] direction) {
        int good = Math.min(to, at + 2);
        int bad = to;
        for (int step = FIRST_TRY; at + step < to; step *= 2) {
            if (SpanFit.of(e, at, at + step, direction, directionAt(at + step), tolerance)
                            .worst()
                    > tolerance) {
                bad = at + step;
                break;
            }
            good = at + step;
        }
        while (bad - good > Math.max(1, (good - at) / 24)) {
            int middle = (good + bad) / 2;
            if (SpanFit.of(e, at, middle, direction, directionAt(middle), tolerance)
                            .worst()
                    <= tolerance) {
                good = middle;
            } else {
                bad = middle;
            }
        }
        return good;
    }

    /** The farthest point to which the run is straight. */
    private int straight(int at, int to) {
        double within = 0.7 * tolerance;
        int good = at + 1;
        int bad = to + 1;
        for (int step = FIRST_TRY; at + step <= to; step *= 2) {
            if (!isStraight(at, at + step, within)) {
                bad = at + step;
                break;
            }
            good = at + step;
        }
        while (bad - good > 1) {
            int middle = (good + bad) / 2;
            if (isStraight(at, middle, within)) {
                good = middle;
            } else {
                bad = middle;
            }
        }
        return good;
    }

    private boolean isStraight(int from, int to, double within) {
        double dx = e.x(to) - e.x(from);
        double dy = e.y(to) - e.y(from);
        double d = SpanFit.length(dx, dy);
        for (int i = from + 1; i < to; i++) {
            if (Math.abs(dx * (e.y(i) - e.y(from)) - dy * (e.x(i) - e.x(from))) > within * d) {
                return false;
            }
        }
        return true;
    }

    /** Across a point, from as far before it as after it. */
    private double[] directionAt(int i) {
        int reach = Math.max(2, (int) Math.round(arm));
        int a = Math.max(0, i - reach);
        int b = Math.min(e.size() - 1, i + reach);
        int even = Math.min(i - a, b - i);
        return even < 1
                ? unit(e.x(b) - e.x(a), e.y(b) - e.y(a))
                : unit(e.x(i + even) - e.x(i - even), e.y(i + even) - e.y(i - even));
    }

    private static double[] unit(double x, double y) {
        double d = SpanFit.length(x, y);
        return d == 0 ? null : new double[] {x / d, y / d};
    }
}
