package jurren.core.trace;

import java.util.Arrays;

/**
 * A line between two colours as it was read, from junction to junction or closed: one point where it
 * passes between two pixels.
 *
 * @param left  the colour on its left as it runs, seen with y down
 * @param xy    x and y in turn; a closed edge does not repeat its first point
 */
record Edge(int left, int right, boolean closed, double[] xy) {
    int size() {
        return xy.length / 2;
    }

    double x(int i) {
        return xy[2 * i];
    }

    double y(int i) {
        return xy[2 * i + 1];
    }

    double distance(int i, int j) {
        return SpanFit.length(x(j) - x(i), y(j) - y(i));
    }

    /** Begun elsewhere, with the first point repeated at its end: a closed edge as an open one. */
    Edge openedAt(int start) {
        int n = size();
        double[] to = new double[2 * n + 2];
        System.arraycopy(xy, 2 * start, to, 0, 2 * (n - start));
        System.arraycopy(xy, 0, to, 2 * (n - start), 2 * start + 2);
        return new Edge(left, right, false, to);
    }

    /** With one more point at either end, where it is not there already. */
    Edge between(double[] first, double[] last) {
        boolean same0 = Math.hypot(first[0] - x(0), first[1] - y(0)) < 1e-9;
        boolean same1 = Math.hypot(last[0] - x(size() - 1), last[1] - y(size() - 1)) < 1e-9;
        double[] to = new double[xy.length + (same0 ? 0 : 2) + (same1 ? 0 : 2)];
        to[0] = first[0];
        to[1] = first[1];
        System.arraycopy(xy, 0, to, same0 ? 0 : 2, xy.length);
        to[to.length - 2] = last[0];
        to[to.length - 1] = last[1];
        return new Edge(left, right, false, to);
    }

    Edge part(int from, int to) {
        return new Edge(left, right, false, Arrays.copyOfRange(xy, 2 * from, 2 * to + 2));
    }

    /** Each point moved towards the middle of its neighbours, so many times; the ends of an open edge stay. */
    Edge evened(int times) {
        int n = size();
        double[] now = xy;
        for (int round = 0; round < times && n > 4; round++) {
            double[] before = now;
            now = before.clone();
            for (int i = closed ? 0 : 1; i < (closed ? n : n - 1); i++) {
                int a = i == 0 ? n - 1 : i - 1;
                int b = i == n - 1 ? 0 : i + 1;
                now[2 * i] = (before[2 * a] + 2 * before[2 * i] + before[2 * b]) / 4;
                now[2 * i + 1] = (before[2 * a + 1] + 2 * before[2 * i + 1] + before[2 * b + 1]) / 4;
            }
        }
        return now == xy ? this : new Edge(left, right, closed, now);
    }
}
