package jurren.formats.dxf;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Ellipses;
import jurren.formats.dxf.DxfReader.Entity;
import jurren.formats.dxf.DxfReader.Group;

/**
 * The area that a hatch fills: its boundaries, as polylines with bulges or as edges that are lines, arcs, arcs of
 * ellipses and splines, and what its style says of the islands in it.
 */
final class DxfHatch {
    private static final int OUTERMOST = 16;
    private static final int EXTERNAL = 1;
    private static final int POLYLINE = 2;
    private static final int NORMAL = 0;
    private static final int OUTER_ONLY = 1;

    private final List<Group> groups;
    private final double near;
    private int at;

    private DxfHatch(List<Group> groups, double near) {
        this.groups = groups;
        this.near = near;
    }

    private record Boundary(int flags, Path2D.Double path) {
        boolean isOf(int flag) {
            return (flags & flag) != 0;
        }
    }

    /** @param near how far a line may run beside the curve it stands for, in the file's units */
    static Optional<Shape> of(Entity e, double near) {
        List<Boundary> all = new DxfHatch(e.groups(), near).boundaries();
        int style = (int) e.number(75, NORMAL);
        // a file that marks none has nothing to choose by
        boolean marked = all.stream().anyMatch(b -> b.isOf(EXTERNAL));
        Path2D.Double path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        all.stream()
                .filter(b -> style == NORMAL || !marked || b.isOf(EXTERNAL) || style == OUTER_ONLY && b.isOf(OUTERMOST))
                .forEach(b -> path.append(b.path, false));
        return path.getCurrentPoint() == null ? Optional.empty() : Optional.of(path);
    }

    private List<Boundary> boundaries() {
        List<Boundary> all = new ArrayList<>();
        while (at < groups.size()) {
            Group g = groups.get(at++);
            if (g.code() == 92) {
                int flags = (int) g.number();
                all.add(new Boundary(flags, (flags & POLYLINE) != 0 ? polyline() : edges()));
            }
        }
        return all;
    }

    /** The next group if it is of that kind; otherwise what is taken for it. */
    private double next(int code, double otherwise) {
        if (at < groups.size() && groups.get(at).code() == code) {
            return groups.get(at++).number();
        }
        return otherwise;
    }

    private Path2D.Double polyline() {
        next(72, 0);
        next(73, 1);
        int count = (int) next(93, 0);
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i < count && at < groups.size() && groups.get(at).code() == 10; i++) {
            points.add(new double[] {next(10, 0), next(20, 0), next(42, 0)});
        }
        return DxfShapes.bulged(points, true);
    }

    private Path2D.Double edges() {
        int count = (int) next(93, 0);
        Path2D.Double path = new Path2D.Double();
        for (int i = 0; i < count && at < groups.size() && groups.get(at).code() == 72; i++) {
            Shape edge = switch ((int) next(72, 0)) {
                case 1 -> new Line2D.Double(next(10, 0), next(20, 0), next(11, 0), next(21, 0));
                case 2 -> arc();
                case 3 -> ellipse();
                default -> spline();
            };
            join(path, edge);
        }
        if (path.getCurrentPoint() != null) {
            path.closePath();
        }
        return path;
    }

    /** An edge that ends where it should begin is gone along backwards. */
    private static void join(Path2D.Double path, Shape edge) {
        Point2D here = path.getCurrentPoint();
        List<double[]> parts = parts(edge);
        if (here == null || parts.size() < 2) {
            path.append(edge, false);
            return;
        }
        double[] first = parts.getFirst();
        double[] last = parts.getLast();
        boolean turned =
                here.distance(last[last.length - 2], last[last.length - 1]) < here.distance(first[0], first[1]);
        path.append(turned ? backwards(parts) : edge, true);
    }

    /** The points of each piece of an edge: of the move, and of each line or curve. */
    private static List<double[]> parts(Shape edge) {
        List<double[]> parts = new ArrayList<>();
        double[] c = new double[6];
        for (PathIterator it = edge.getPathIterator(null); !it.isDone(); it.next()) {
            int numbers = switch (it.currentSegment(c)) {
                case PathIterator.SEG_CUBICTO -> 6;
                case PathIterator.SEG_CLOSE -> 0;
                default -> 2;
            };
            if (numbers > 0) {
                parts.add(Arrays.copyOf(c, numbers));
            }
        }
        return parts;
    }

    private static Shape backwards(List<double[]> parts) {
        Path2D.Double path = new Path2D.Double();
        double[] end = parts.getLast();
        path.moveTo(end[end.length - 2], end[end.length - 1]);
        for (int i = parts.size() - 1; i > 0; i--) {
            double[] p = parts.get(i);
            double[] to = parts.get(i - 1);
            double x = to[to.length - 2];
            double y = to[to.length - 1];
            if (p.length == 6) {
                path.curveTo(p[2], p[3], p[0], p[1], x, y);
            } else {
                path.lineTo(x, y);
            }
        }
        return path;
    }

    private Shape arc() {
        double x = next(10, 0);
        double y = next(20, 0);
        double r = Math.abs(next(40, 0));
        return AffineTransform.getTranslateInstance(x, y).createTransformedShape(turn(r, r, true));
    }

    private Shape ellipse() {
        AffineTransform place = AffineTransform.getTranslateInstance(next(10, 0), next(20, 0));
        double majorX = next(11, 1);
        double majorY = next(21, 0);
        double major = Math.hypot(majorX, majorY);
        place.rotate(Math.atan2(majorY, majorX));
        return place.createTransformedShape(turn(major, major * next(40, 1), false));
    }

    /** Around nothing from one angle to another; a clockwise one counts its angles the other way. */
    private Shape turn(double rx, double ry, boolean round) {
        double from = next(50, 0);
        double to = next(51, 360);
        boolean left = next(73, 1) != 0;
        if (Math.abs(to - from) >= 360 - 1e-9) {
            return Ellipses.of(-rx, -ry, 2 * rx, 2 * ry);
        }
        double a = round ? from : parameter(from, rx, ry);
        double b = round ? to : parameter(to, rx, ry);
        double extent = b - a;
        extent = extent <= 0 ? extent + 360 : extent;
        // the platform turns the other way with y up
        return left
                ? Ellipses.arc(-rx, -ry, 2 * rx, 2 * ry, -a, -extent)
                : Ellipses.arc(-rx, -ry, 2 * rx, 2 * ry, a, extent);
    }

    /** The angle on the circle that an ellipse is a flattened one of. */
    private static double parameter(double degrees, double rx, double ry) {
        double a = Math.toRadians(degrees);
        double turns = Math.floor((degrees + 180) / 360) * 360;
        return ry == 0 ? degrees : Math.toDegrees(Math.atan2(Math.sin(a) / ry, Math.cos(a) / rx)) + turns;
    }

    private Shape spline() {
        double degree = next(94, 3);
        next(73, 0);
        next(74, 0);
        int knots = (int) next(95, 0);
        int points = (int) next(96, 0);
        List<Group> own = new ArrayList<>(List.of(new Group(71, String.valueOf(degree))));
        take(own, knots, 40);
        for (int i = 0; i < points; i++) {
            take(own, 1, 10);
            take(own, 1, 20);
            if (at < groups.size() && groups.get(at).code() == 42) {
                own.add(new Group(41, groups.get(at++).value()));
            }
        }
        // fit points only where there are no others
        if (at + 1 < groups.size()
                && groups.get(at).code() == 97
                && groups.get(at + 1).code() == 11) {
            int fit = (int) next(97, 0);
            for (int i = 0; i < fit; i++) {
                take(own, 1, 11);
                take(own, 1, 21);
            }
        }
        return DxfShapes.spline(new Entity("SPLINE", own), near).orElseGet(Path2D.Double::new);
    }

    private void take(List<Group> own, int count, int code) {
        for (int i = 0; i < count && at < groups.size() && groups.get(at).code() == code; i++) {
            own.add(groups.get(at++));
        }
    }
}
