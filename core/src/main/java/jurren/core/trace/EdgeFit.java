package jurren.core.trace;

import java.util.ArrayList;
import java.util.List;

/**
 * Few lines and curves for one edge.
 *
 * <ol>
 *   <li>Corners are found: where an edge turns much within little ({@link #corners()}).
 *   <li>A closed edge without corners that keeps one distance from a point is a circle.
 *   <li>Between corners, a run is one straight line when it can be; otherwise it is divided into the fewest
 *       curves and lines, each as long as the tolerance lets it be, that go on in the same direction.
 *   <li>Lines that are nearly upright, level or square to their neighbour are made so.
 *   <li>Soft pixels round corners off, so each corner is put where its two sides meet when they go straight on.
 * </ol>
 */
final class EdgeFit {
    private static final double CORNER_TURN = Math.toRadians(30);
    /** Of the turn around a corner, the part that is close to it; round a circle it is a half. */
    private static final double CLOSE_PART = 0.64;
    /** A line is made square when that moves its ends no more than this. */
    private static final double SQUARE_PX = 0.3;

    private static final double SQUARE_SLOPE = Math.sin(Math.toRadians(4));
    private static final double LEAST_LINE_PX = 9;
    /** Points from which the direction at a corner is read. */
    private static final int LONG_END = 48;

    private static final int SHORT_END = 6;
    /** Less noise than this is what the pixels' own pattern makes. */
    private static final double QUIET_PX = 0.07;
    /** Evening out once takes away about so much. */
    private static final double EVENED_PX = 0.02;

    private static final int MOST_EVENINGS = 12;
    /** Pixels by which an edge may stand off on the whole. */
    private static final double MOST_AREA_OFF = 0.35;
    /** Of the softness, how far from a square corner the edge passes. */
    private static final double ROUNDED_OFF = 0.62;

    private final Edge edge;
    private final double tolerance;
    /** Nearer to a corner than this the edge is rounded off. */
    private final double soft;

    private final double arm;
    private final int evenings;

    private EdgeFit(Edge edge, double tolerancePx, double edgeWidthPx, double noisePx) {
        this.edge = edge;
        this.tolerance = tolerancePx;
        double wide = Math.max(1, edgeWidthPx / 1.6);
        this.soft = 0.75 * wide;
        this.arm = 4 * wide;
        this.evenings = noisePx < QUIET_PX ? 0 : Math.min(MOST_EVENINGS, (int) (noisePx / EVENED_PX));
    }

    /** Curves from end to end of the edge in its own direction; each eight numbers. */
    static List<double[]> of(Edge edge, double tolerancePx, double edgeWidthPx, double noisePx) {
        return new EdgeFit(edge, tolerancePx, edgeWidthPx, noisePx).fit();
    }

    private List<double[]> fit() {
        if (edge.size() < 3) {
            return edge.size() < 2 ? List.of() : polygon(edge);
        }
        List<Integer> corners = corners();
        if (edge.closed() && corners.isEmpty()) {
            List<double[]> circle = Circle.of(edge, Math.max(0.3, tolerance));
            return circle.isEmpty() ? smoothLoop() : circle;
        }
        List<double[]> fitted = null;
        while (fitted == null && !(edge.closed() && corners.isEmpty())) {
            int before = corners.size();
            fitted = edge.closed() ? closed(corners) : open(corners);
            if (fitted == null && corners.size() == before) {
                throw new IllegalStateException("a corner was refused and not taken out");
            }
        }
        if (fitted != null && enclosesAsMuch(fitted)) {
            return fitted;
        }
        List<double[]> smooth = smoothLoop();
        return enclosesAsMuch(smooth) ? smooth : polygon(edge);
    }

    /** A small loop of few corners could fall together into lines; it is taken as round then, or point by point. */
    private boolean enclosesAsMuch(List<double[]> curves) {
        if (!edge.closed()) {
            return true;
        }
        double length = 0;
        double area = 0;
        int n = edge.size();
        for (int i = 0; i < n; i++) {
            int j = (i + 1) % n;
            length += edge.distance(i, j);
            area += (edge.x(i) * edge.y(j) - edge.y(i) * edge.x(j)) / 2;
        }
        double fitted = curves.stream().mapToDouble(EdgeFit::swept).sum();
        return Math.abs(fitted - area) < MOST_AREA_OFF * length;
    }

    /** The area that the way from the origin to a point of the curve sweeps over. */
    private static double swept(double[] c) {
        double twice = 0;
        double[][] weight = {{0, 6, 3, 1}, {-6, 0, 3, 3}, {-3, -3, 0, 6}, {-1, -3, -6, 0}};
        for (int i = 0; i < 4; i++) {
            for (int j = 0; j < 4; j++) {
                twice += weight[i][j] * c[2 * i] * c[2 * j + 1];
            }
        }
        return twice / 20;
    }

    /** Null when corners were no corners, which are then taken out. */
    private List<double[]> open(List<Integer> corners) {
        List<Integer> ends = new ArrayList<>(corners);
        ends.addFirst(0);
        ends.addLast(edge.size() - 1);
        List<Integer> refused = new ArrayList<>();
        List<double[]> all = sections(edge, ends, false, refused);
        corners.removeIf(c -> refused.contains(c));
        return refused.isEmpty() ? all : null;
    }

    private List<double[]> closed(List<Integer> corners) {
        int first = corners.getFirst();
        List<Integer> ends = new ArrayList<>();
        corners.forEach(c -> ends.add(c - first));
        ends.add(edge.size());
        List<Integer> refused = new ArrayList<>();
        List<double[]> all = sections(edge.openedAt(first), ends, true, refused);
        corners.removeIf(c -> refused.contains(c - first));
        return refused.isEmpty() ? all : null;
    }

    private static List<double[]> polygon(Edge e) {
        List<double[]> lines = new ArrayList<>();
        for (int i = 0; i + 1 < e.size(); i++) {
            lines.add(SpanFit.line(e.x(i), e.y(i), e.x(i + 1), e.y(i + 1)));
        }
        if (e.closed()) {
            int last = e.size() - 1;
            lines.add(SpanFit.line(e.x(last), e.y(last), e.x(0), e.y(0)));
        }
        return lines;
    }

    // ---- corners

    private List<Integer> corners() {
        int n = edge.size();
        double[] wide = new double[n];
        double[] score = new double[n];
        for (int i = 0; i < n; i++) {
            wide[i] = turn(i, soft, arm);
            if (wide[i] > CORNER_TURN) {
                double close = turn(i, soft / 2, arm / 2);
                score[i] = close > CLOSE_PART * wide[i] ? wide[i] + close : 0;
            }
        }
        List<Integer> found = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            if (score[i] > 0 && isPeak(score, i)) {
                found.add(i);
            }
        }
        return found;
    }

    private boolean isPeak(double[] score, int at) {
        double reach = 2.2 * soft + 0.6;
        for (int way = -1; way <= 1; way += 2) {
            double gone = 0;
            int i = at;
            while (gone < reach) {
                int j = next(i, way);
                if (j < 0 || j == at) {
                    break;
                }
                gone += edge.distance(i, j);
                i = j;
                if (score[i] > score[at] || score[i] == score[at] && way < 0) {
                    return false;
                }
            }
        }
        return true;
    }

    private int next(int i, int way) {
        int n = edge.size();
        int j = i + way;
        return edge.closed() ? Math.floorMod(j, n) : j < 0 || j >= n ? -1 : j;
    }

    /** How much the direction changes from before to after a point, looked at between two distances from it. */
    private double turn(int i, double near, double far) {
        double[] a = away(i, -1, far);
        double[] b = away(i, -1, near);
        double[] c = away(i, 1, near);
        double[] d = away(i, 1, far);
        double x1 = b[0] - a[0];
        double y1 = b[1] - a[1];
        double x2 = d[0] - c[0];
        double y2 = d[1] - c[1];
        double l = SpanFit.length(x1, y1) * SpanFit.length(x2, y2);
        return l < 1e-9 ? 0 : Math.abs(Math.atan2(x1 * y2 - y1 * x2, x1 * x2 + y1 * y2));
    }

    /** The point that far along the edge. */
    private double[] away(int from, int way, double distance) {
        double left = distance;
        int i = from;
        for (int steps = 0; steps < edge.size(); steps++) {
            int j = next(i, way);
            if (j < 0) {
                break;
            }
            double d = edge.distance(i, j);
            if (d >= left && d > 0) {
                double t = left / d;
                return new double[] {edge.x(i) + t * (edge.x(j) - edge.x(i)), edge.y(i) + t * (edge.y(j) - edge.y(i))};
            }
            left -= d;
            i = j;
        }
        return new double[] {edge.x(i), edge.y(i)};
    }

    // ---- between corners

    /** What lies between two corners: one line, or curves; with the directions in which it would go on. */
    private static final class Section {
        StraightLine line;
        Edge run;
        List<double[]> curves = new ArrayList<>();

        StraightLine atStart() {
            double[] c = line == null ? curves.getFirst() : null;
            return line != null
                    ? line
                    : StraightLine.through(c[0], c[1], firstAway(c, 2) - c[0], firstAway(c, 3) - c[1]);
        }

        StraightLine atEnd() {
            double[] c = line == null ? curves.getLast() : null;
            return line != null ? line : StraightLine.through(c[6], c[7], c[6] - lastAway(c, 4), c[7] - lastAway(c, 5));
        }

        private static double firstAway(double[] c, int at) {
            boolean same = SpanFit.length(c[2] - c[0], c[3] - c[1]) < 1e-6;
            return same ? c[at + 2] : c[at];
        }

        private static double lastAway(double[] c, int at) {
            boolean same = SpanFit.length(c[4] - c[6], c[5] - c[7]) < 1e-6;
            return same ? c[at - 2] : c[at];
        }
    }

    private List<double[]> sections(Edge e, List<Integer> ends, boolean loop, List<Integer> refused) {
        List<Section> sections = new ArrayList<>();
        for (int k = 0; k + 1 < ends.size(); k++) {
            boolean freeStart = k == 0 && !loop;
            boolean freeEnd = k + 2 == ends.size() && !loop;
            sections.add(section(e, ends.get(k), ends.get(k + 1), freeStart ? 0 : soft, freeEnd ? 0 : soft));
        }
        square(sections, loop);
        double[][][] meets = new double[ends.size()][][];
        for (int k = 0; k < ends.size(); k++) {
            Section before = k > 0 ? sections.get(k - 1) : loop ? sections.getLast() : null;
            Section after = k < sections.size() ? sections.get(k) : loop ? sections.getFirst() : null;
            double[] read = {e.x(ends.get(k)), e.y(ends.get(k))};
            meets[k] = before == null || after == null ? new double[][] {read, read} : corner(before, after, read);
            if (before != null && after != null && !isSharp(e, ends.get(k), before, after, meets[k], loop)) {
                refused.add(ends.get(k) == e.size() - 1 ? 0 : ends.get(k));
            }
        }
        if (!refused.isEmpty()) {
            return List.of();
        }
        List<double[]> all = new ArrayList<>();
        for (int k = 0; k < sections.size(); k++) {
            all.addAll(between(sections.get(k), meets[k][1], meets[k + 1][0]));
            double[][] end = meets[k + 1];
            if (end[0] != end[1]) {
                all.add(SpanFit.line(end[0][0], end[0][1], end[1][0], end[1][1]));
            }
        }
        return all;
    }

    private Section section(Edge e, int from, int to, double softStart, double softEnd) {
        int a = from;
        int b = to;
        while (a + 1 < to && along(e, from, a) < softStart) {
            a++;
        }
        while (b - 1 > from && along(e, b, to) < softEnd) {
            b--;
        }
        Section s = new Section();
        if (b - a < 2) {
            s.line = StraightLine.through(
                    (e.x(from) + e.x(to)) / 2, (e.y(from) + e.y(to)) / 2, e.x(to) - e.x(from), e.y(to) - e.y(from));
            return s;
        }
        StraightLine line = StraightLine.of(e, a, b);
        if (line.worst() <= Math.max(0.25, 0.9 * tolerance)) {
            s.line = line;
        } else {
            Edge run = e.part(a, b).evened(evenings);
            s.run = run;
            s.curves = List.of(end(run, 0, 1), end(run, b - a, -1));
        }
        return s;
    }

    /** A curve along the first or the last part of a run, as long as one fits; only its direction at the end counts. */
    private double[] end(Edge run, int at, int way) {
        SpanFit best = null;
        for (int points = LONG_END; points >= SHORT_END && (best == null || best.worst() > tolerance); points /= 2) {
            int other = Math.clamp(at + way * points, 0, run.size() - 1);
            best = SpanFit.of(run, Math.min(at, other), Math.max(at, other), null, null, tolerance);
        }
        return best.curve();
    }

    private static double along(Edge e, int from, int to) {
        double sum = 0;
        for (int i = from; i < to; i++) {
            sum += e.distance(i, i + 1);
        }
        return sum;
    }

    private void square(List<Section> sections, boolean loop) {
        for (Section s : sections) {
            if (s.line != null) {
                s.line = made(made(s.line, 1, 0), 0, 1);
            }
        }
        for (int k = 0; k < sections.size() - (loop ? 0 : 1); k++) {
            Section a = sections.get(k);
            Section b = sections.get((k + 1) % sections.size());
            if (a.line != null && b.line != null && a != b) {
                if (a.line.length() >= b.line.length()) {
                    b.line = made(b.line, -a.line.dy(), a.line.dx());
                } else {
                    a.line = made(a.line, -b.line.dy(), b.line.dx());
                }
            }
        }
    }

    /** Turned to a direction when it nearly has it. */
    private static StraightLine made(StraightLine line, double dx, double dy) {
        boolean near = Math.abs(line.dx() * dy - line.dy() * dx) < SQUARE_SLOPE && line.endMovedTo(dx, dy) < SQUARE_PX;
        return near && line.length() >= LEAST_LINE_PX ? line.turnedTo(dx, dy) : line;
    }

    /**
     * A corner that soft pixels alone round off leaves the edge near where its sides meet; farther off, it was round.
     */
    private boolean isSharp(Edge e, int at, Section before, Section after, double[][] meet, boolean loop) {
        StraightLine a = before.atEnd();
        StraightLine b = after.atStart();
        boolean blunt = meet[0] != meet[1];
        double opening =
                blunt ? Math.PI / 2 : Math.PI - Math.acos(Math.clamp(a.dx() * b.dx() + a.dy() * b.dy(), -1, 1));
        double allowed = ROUNDED_OFF * soft / Math.max(0.2, Math.sin(opening / 2));
        for (double[] corner : meet) {
            double nearest = Double.MAX_VALUE;
            int reach = (int) Math.ceil(2 * arm);
            for (int i = -reach; i < reach; i++) {
                int p = loop ? Math.floorMod(at + i, e.size() - 1) : Math.clamp(at + i, 0, e.size() - 2);
                nearest = Math.min(nearest, distance(corner, e.x(p), e.y(p), e.x(p + 1), e.y(p + 1)));
            }
            if (nearest > allowed) {
                return false;
            }
        }
        return true;
    }

    private static double distance(double[] p, double x0, double y0, double x1, double y1) {
        double dx = x1 - x0;
        double dy = y1 - y0;
        double length = dx * dx + dy * dy;
        double t = length == 0 ? 0 : Math.clamp(((p[0] - x0) * dx + (p[1] - y0) * dy) / length, 0, 1);
        return SpanFit.length(p[0] - x0 - t * dx, p[1] - y0 - t * dy);
    }

    /** Where one section ends and the next begins: one point, or two at the blunt end of a hairline. */
    private double[][] corner(Section before, Section after, double[] read) {
        StraightLine a = before.atEnd();
        StraightLine b = after.atStart();
        double[] meet = a.meeting(b);
        if (meet != null && SpanFit.length(meet[0] - read[0], meet[1] - read[1]) < 2.6 * soft) {
            return new double[][] {meet, meet};
        }
        double[] onA = a.foot(read[0], read[1]);
        double[] onB = b.foot(read[0], read[1]);
        double width = SpanFit.length(onA[0] - onB[0], onA[1] - onB[1]);
        boolean blunt = a.dx() * b.dx() + a.dy() * b.dy() < -0.9 && width > 0.3 && width < 6 * soft;
        return blunt ? new double[][] {onA, onB} : new double[][] {read, read};
    }

    /** A section from corner to corner: its curves are fitted anew with both corners for ends. */
    private List<double[]> between(Section s, double[] from, double[] to) {
        if (s.line != null) {
            return List.of(SpanFit.line(from[0], from[1], to[0], to[1]));
        }
        Edge run = s.run.between(from, to);
        return new SpanWalk(run, tolerance, arm).walk(0, run.size() - 1, null, null);
    }

    private List<double[]> smoothLoop() {
        int start = 0;
        Edge opened = edge.evened(evenings).openedAt(start);
        double[] b = away(start, -1, arm * 0.75);
        double[] f = away(start, 1, arm * 0.75);
        double l = SpanFit.length(f[0] - b[0], f[1] - b[1]);
        double[] direction = l == 0 ? null : new double[] {(f[0] - b[0]) / l, (f[1] - b[1]) / l};
        return new SpanWalk(opened, tolerance, arm).walk(0, opened.size() - 1, direction, direction);
    }
}
