package jurren.formats.drawing;

import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jurren.core.art.DrawnGroup;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Point;
import jurren.core.material.Colour;

/** Open lines of one colour that meet end to end, put together: an outline drawn in pieces becomes closed. */
final class LineChains {
    /** Half a plotter's unit and the rounding of three decimals. */
    private static final double MEET_MM = 0.02;

    /** One open line: its segments from its first point on, each with the numbers of a path segment. */
    private static final class Line {
        Point start;
        List<DrawnGroup> groups = List.of();
        final List<double[]> segments = new ArrayList<>();
        boolean used;

        Point end() {
            double[] last = segments.getLast();
            return new Point(last[last.length - 2], last[last.length - 1]);
        }

        void reverse() {
            List<double[]> back = new ArrayList<>();
            for (int i = segments.size() - 1; i >= 0; i--) {
                double[] s = segments.get(i);
                Point before = i == 0
                        ? start
                        : new Point(
                                segments.get(i - 1)[segments.get(i - 1).length - 2],
                                segments.get(i - 1)[segments.get(i - 1).length - 1]);
                double[] r = new double[s.length];
                for (int k = 0; k + 2 < s.length; k += 2) {
                    r[k] = s[s.length - 4 - k];
                    r[k + 1] = s[s.length - 3 - k];
                }
                r[s.length - 2] = before.xMm();
                r[s.length - 1] = before.yMm();
                back.add(r);
            }
            start = end();
            segments.clear();
            segments.addAll(back);
        }
    }

    private final Map<Colour, List<Line>> lines = new HashMap<>();

    void add(Curves curves, Colour colour, List<DrawnGroup> groups) {
        Line line = null;
        double[] c = new double[6];
        for (PathIterator it = curves.toAwt().getPathIterator(null); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            if (kind == PathIterator.SEG_MOVETO) {
                line = new Line();
                line.start = new Point(c[0], c[1]);
                line.groups = groups;
                lines.computeIfAbsent(colour, _ -> new ArrayList<>()).add(line);
            } else if (kind == PathIterator.SEG_CLOSE) {
                line.segments.add(new double[] {line.start.xMm(), line.start.yMm()});
            } else {
                line.segments.add(java.util.Arrays.copyOf(
                        c, kind == PathIterator.SEG_LINETO ? 2 : kind == PathIterator.SEG_QUADTO ? 4 : 6));
            }
        }
    }

    /** A chain, whether its end is its beginning, and what the first line of it that was drawn is in. */
    record Chain(Curves curves, Colour colour, boolean closed, List<Point> ends, List<DrawnGroup> groups) {}

    List<Chain> chains() {
        List<Chain> found = new ArrayList<>();
        lines.forEach((colour, all) -> {
            List<Line> drawn = all.stream().filter(l -> !l.segments.isEmpty()).toList();
            Map<Long, List<Line>> near = new HashMap<>();
            drawn.forEach(l -> {
                near.computeIfAbsent(cell(l.start, 0, 0), _ -> new ArrayList<>())
                        .add(l);
                near.computeIfAbsent(cell(l.end(), 0, 0), _ -> new ArrayList<>())
                        .add(l);
            });
            for (Line l : drawn) {
                if (!l.used) {
                    found.add(chain(l, near, colour));
                }
            }
        });
        return found;
    }

    private static long cell(Point p, int dx, int dy) {
        return (Math.round(p.xMm() / MEET_MM / 2) + dx) * 1_000_003L + Math.round(p.yMm() / MEET_MM / 2) + dy;
    }

    private static Chain chain(Line first, Map<Long, List<Line>> near, Colour colour) {
        first.used = true;
        List<Line> parts = new ArrayList<>(List.of(first));
        for (int way = 0; way < 2; way++) {
            while (parts.getFirst().start.distanceMm(parts.getLast().end()) > MEET_MM) {
                Line next = next(parts.getLast().end(), near);
                if (next == null) {
                    break;
                }
                parts.add(next);
            }
            if (way == 0) {
                List<Line> turned = new ArrayList<>(parts.reversed());
                turned.forEach(Line::reverse);
                parts = turned;
            }
        }
        Path2D.Double path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        path.moveTo(parts.getFirst().start.xMm(), parts.getFirst().start.yMm());
        for (Line l : parts) {
            for (double[] s : l.segments) {
                switch (s.length) {
                    case 2 -> path.lineTo(s[0], s[1]);
                    case 4 -> path.quadTo(s[0], s[1], s[2], s[3]);
                    default -> path.curveTo(s[0], s[1], s[2], s[3], s[4], s[5]);
                }
            }
        }
        Point start = parts.getFirst().start;
        Point end = parts.getLast().end();
        boolean closed = start.distanceMm(end) <= MEET_MM
                && (parts.size() > 1 || parts.getFirst().segments.size() > 1);
        if (closed) {
            path.closePath();
        }
        return new Chain(Curves.of(path), colour, closed, closed ? List.of() : List.of(start, end), first.groups);
    }

    /** An unused line that begins or ends there, turned so that it begins there. */
    private static Line next(Point at, Map<Long, List<Line>> near) {
        for (int dx = -1; dx <= 1; dx++) {
            for (int dy = -1; dy <= 1; dy++) {
                for (Line l : near.getOrDefault(cell(at, dx, dy), List.of())) {
                    if (!l.used && l.start.distanceMm(at) <= MEET_MM) {
                        l.used = true;
                        return l;
                    }
                    if (!l.used && l.end().distanceMm(at) <= MEET_MM) {
                        l.used = true;
                        l.reverse();
                        return l;
                    }
                }
            }
        }
        return null;
    }
}
