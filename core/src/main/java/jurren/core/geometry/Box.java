package jurren.core.geometry;

import java.util.Collection;
import java.util.DoubleSummaryStatistics;
import java.util.Optional;

/** An upright rectangle, in millimetres; never inside out, possibly of no size. */
public record Box(double minXMm, double minYMm, double maxXMm, double maxYMm) {
    public Box {
        if (!(minXMm <= maxXMm) || !(minYMm <= maxYMm)) {
            throw new IllegalArgumentException(String.format(
                    java.util.Locale.ROOT,
                    "a box must not be inside out but was %s..%s, %s..%s",
                    minXMm,
                    maxXMm,
                    minYMm,
                    maxYMm));
        }
    }

    public static Box ofSize(double xMm, double yMm, double widthMm, double heightMm) {
        return new Box(xMm, yMm, xMm + widthMm, yMm + heightMm);
    }

    /** The least that holds all of them. */
    public static Box around(Collection<Point> points) {
        DoubleSummaryStatistics x = points.stream().mapToDouble(Point::xMm).summaryStatistics();
        DoubleSummaryStatistics y = points.stream().mapToDouble(Point::yMm).summaryStatistics();
        return new Box(x.getMin(), y.getMin(), x.getMax(), y.getMax());
    }

    public double widthMm() {
        return maxXMm - minXMm;
    }

    public double heightMm() {
        return maxYMm - minYMm;
    }

    public double areaMm2() {
        return widthMm() * heightMm();
    }

    public Point centre() {
        return new Point((minXMm + maxXMm) / 2, (minYMm + maxYMm) / 2);
    }

    public Box grown(double byMm) {
        return new Box(minXMm - byMm, minYMm - byMm, maxXMm + byMm, maxYMm + byMm);
    }

    public Box joined(Box other) {
        return new Box(
                Math.min(minXMm, other.minXMm),
                Math.min(minYMm, other.minYMm),
                Math.max(maxXMm, other.maxXMm),
                Math.max(maxYMm, other.maxYMm));
    }

    /** What both cover; absent when that has no size. */
    public Optional<Box> crossed(Box other) {
        double left = Math.max(minXMm, other.minXMm);
        double right = Math.min(maxXMm, other.maxXMm);
        double top = Math.max(minYMm, other.minYMm);
        double bottom = Math.min(maxYMm, other.maxYMm);
        return left < right && top < bottom ? Optional.of(new Box(left, top, right, bottom)) : Optional.empty();
    }

    /** The upright box around this one once it is placed. */
    public Box placed(Placement placement) {
        Point a = placement.apply(new Point(minXMm, minYMm));
        Point b = placement.apply(new Point(maxXMm, minYMm));
        Point c = placement.apply(new Point(maxXMm, maxYMm));
        Point d = placement.apply(new Point(minXMm, maxYMm));
        return new Box(
                Math.min(Math.min(a.xMm(), b.xMm()), Math.min(c.xMm(), d.xMm())),
                Math.min(Math.min(a.yMm(), b.yMm()), Math.min(c.yMm(), d.yMm())),
                Math.max(Math.max(a.xMm(), b.xMm()), Math.max(c.xMm(), d.xMm())),
                Math.max(Math.max(a.yMm(), b.yMm()), Math.max(c.yMm(), d.yMm())));
    }

    public boolean contains(Point p) {
        return p.xMm() >= minXMm && p.xMm() <= maxXMm && p.yMm() >= minYMm && p.yMm() <= maxYMm;
    }

    /** True when {@code other} lies inside or no further than {@code slackMm} outside. */
    public boolean covers(Box other, double slackMm) {
        return other.minXMm >= minXMm - slackMm
                && other.maxXMm <= maxXMm + slackMm
                && other.minYMm >= minYMm - slackMm
                && other.maxYMm <= maxYMm + slackMm;
    }
}
