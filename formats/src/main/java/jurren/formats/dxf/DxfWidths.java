package jurren.formats.dxf;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jurren.formats.dxf.DxfReader.Entity;
import jurren.formats.dxf.DxfReader.Group;

/** The area that a polyline with a width covers: as wide all along, or from each corner to the next. */
final class DxfWidths {
    /** Of a turn that a bulge makes, in steps of so many degrees. */
    private static final double STEP_DEGREES = 2;

    private static final float MITRE = 20;

    private DxfWidths() {}

    /** A corner, the bend after it, and how wide the way to the next one begins and ends. */
    private record Corner(double x, double y, double bulge, double from, double to) {}

    /** Empty where a line has no width. */
    static Optional<Shape> of(Entity e, List<Entity> vertices) {
        double all = e.number(43, 0);
        List<Corner> corners = e.kind().equals("LWPOLYLINE")
                ? light(e, all)
                : vertices.stream()
                        .filter(v -> ((int) v.number(70, 0) & 16) == 0)
                        .map(v -> new Corner(
                                v.number(10, 0),
                                v.number(20, 0),
                                v.number(42, 0),
                                v.number(40, e.number(40, 0)),
                                v.number(41, e.number(41, 0))))
                        .toList();
        boolean closed = ((int) e.number(70, 0) & 1) != 0;
        int ways = closed ? corners.size() : corners.size() - 1;
        if (ways < 1 || corners.stream().limit(ways).noneMatch(c -> c.from > 0 || c.to > 0)) {
            return Optional.empty();
        }
        double width = corners.getFirst().from;
        if (corners.stream().limit(ways).allMatch(c -> c.from == width && c.to == width)) {
            List<double[]> points =
                    corners.stream().map(c -> new double[] {c.x, c.y, c.bulge}).toList();
            return Optional.of(new BasicStroke((float) width, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER, MITRE)
                    .createStrokedShape(DxfShapes.bulged(points, closed)));
        }
        // all go round the same way, so that what two of them cover is covered
        Path2D.Double covered = new Path2D.Double(Path2D.WIND_NON_ZERO);
        for (int i = 0; i < ways; i++) {
            covered.append(way(corners.get(i), corners.get((i + 1) % corners.size())), false);
        }
        return Optional.of(covered);
    }

    private static List<Corner> light(Entity e, double all) {
        List<double[]> found = new ArrayList<>();
        for (Group g : e.groups()) {
            if (g.code() == 10) {
                found.add(new double[] {g.number(), 0, 0, all, all});
            } else if (!found.isEmpty()) {
                int at = switch (g.code()) {
                    case 20 -> 1;
                    case 42 -> 2;
                    case 40 -> 3;
                    case 41 -> 4;
                    default -> -1;
                };
                if (at > 0) {
                    found.getLast()[at] = g.number();
                }
            }
        }
        return found.stream().map(c -> new Corner(c[0], c[1], c[2], c[3], c[4])).toList();
    }

    /** From one corner to the next, as a row of points on either side. */
    private static Path2D way(Corner a, Corner b) {
        double angle = 4 * Math.atan(a.bulge);
        int steps = Math.max(1, (int) Math.ceil(Math.abs(Math.toDegrees(angle)) / STEP_DEGREES));
        double chord = Math.atan2(b.y - a.y, b.x - a.x);
        double length = Math.hypot(b.x - a.x, b.y - a.y);
        double r = a.bulge == 0 ? 0 : length / 2 / Math.sin(angle / 2);
        List<double[]> left = new ArrayList<>();
        List<double[]> right = new ArrayList<>();
        for (int i = 0; i <= steps; i++) {
            double t = i / (double) steps;
            double along = chord - angle / 2 + angle * t;
            // around the middle of the bend, which lies to the left of its beginning
            double x = a.bulge == 0 ? a.x + (b.x - a.x) * t : a.x + r * (Math.sin(along) - Math.sin(chord - angle / 2));
            double y = a.bulge == 0 ? a.y + (b.y - a.y) * t : a.y - r * (Math.cos(along) - Math.cos(chord - angle / 2));
            double half = (a.from + (a.to - a.from) * t) / 2;
            left.add(new double[] {x - half * Math.sin(along), y + half * Math.cos(along)});
            right.addFirst(new double[] {x + half * Math.sin(along), y - half * Math.cos(along)});
        }
        left.addAll(right);
        Path2D.Double path = new Path2D.Double();
        path.moveTo(left.getFirst()[0], left.getFirst()[1]);
        left.stream().skip(1).forEach(p -> path.lineTo(p[0], p[1]));
        path.closePath();
        return path;
    }
}
