package jurren.core.geometry;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** One closed line, as a knife follows it. The first point is not repeated at the end. */
public final class Outline {
    /** What each corner takes in memory. */
    public static final long BYTES_A_CORNER = 16;

    private final double[] xy;

    private Outline(double[] xy) {
        this.xy = xy;
    }

    /** Takes x and y in turn. */
    static Outline ofOwned(double[] xy) {
        if (xy.length < 6) {
            throw new IllegalArgumentException("an outline needs three points but had " + xy.length / 2);
        }
        return new Outline(xy);
    }

    public static Outline of(List<Point> points) {
        double[] xy = new double[points.size() * 2];
        for (int i = 0; i < points.size(); i++) {
            xy[2 * i] = points.get(i).xMm();
            xy[2 * i + 1] = points.get(i).yMm();
        }
        return ofOwned(xy);
    }

    public int size() {
        return xy.length / 2;
    }

    public double xMm(int i) {
        return xy[2 * i];
    }

    public double yMm(int i) {
        return xy[2 * i + 1];
    }

    public Point point(int i) {
        return new Point(xy[2 * i], xy[2 * i + 1]);
    }

    public List<Point> points() {
        return IntStream.range(0, size()).mapToObj(this::point).toList();
    }

    public double lengthMm() {
        double sum = 0;
        for (int i = 0, n = size(); i < n; i++) {
            int j = (i + 1) % n;
            sum += Math.hypot(xMm(j) - xMm(i), yMm(j) - yMm(i));
        }
        return sum;
    }

    /** Positive when the outline runs from the x axis towards the y axis. */
    public double signedAreaMm2() {
        double twice = 0;
        for (int i = 0, n = size(); i < n; i++) {
            int j = (i + 1) % n;
            twice += xMm(i) * yMm(j) - xMm(j) * yMm(i);
        }
        return twice / 2;
    }

    public Box bounds() {
        double minX = Double.POSITIVE_INFINITY;
        double minY = Double.POSITIVE_INFINITY;
        double maxX = Double.NEGATIVE_INFINITY;
        double maxY = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < size(); i++) {
            minX = Math.min(minX, xMm(i));
            maxX = Math.max(maxX, xMm(i));
            minY = Math.min(minY, yMm(i));
            maxY = Math.max(maxY, yMm(i));
        }
        return new Box(minX, minY, maxX, maxY);
    }

    public Outline placed(Placement p) {
        double[] to = new double[xy.length];
        for (int i = 0; i < xy.length; i += 2) {
            to[i] = p.xx() * xy[i] + p.xy() * xy[i + 1] + p.dxMm();
            to[i + 1] = p.yx() * xy[i] + p.yy() * xy[i + 1] + p.dyMm();
        }
        return new Outline(to);
    }

    /** Bent by a warp, long edges divided first. */
    public Outline warped(Warp warp) {
        double chord = warp.chordMm();
        int n = size();
        int[] parts = new int[n];
        int total = 0;
        for (int i = 0; i < n; i++) {
            int j = i + 1 == n ? 0 : i + 1;
            parts[i] = Math.max(1, (int) Math.ceil(Math.hypot(xMm(j) - xMm(i), yMm(j) - yMm(i)) / chord));
            total += parts[i];
        }
        double[] to = new double[2 * total];
        int at = 0;
        for (int i = 0; i < n; i++) {
            int j = i + 1 == n ? 0 : i + 1;
            for (int k = 0; k < parts[i]; k++) {
                double share = (double) k / parts[i];
                warp.apply(xMm(i) + share * (xMm(j) - xMm(i)), yMm(i) + share * (yMm(j) - yMm(i)), to, at);
                at += 2;
            }
        }
        return new Outline(to);
    }

    /** The same closed line, begun at point {@code start}. */
    public Outline startingAt(int start) {
        double[] to = new double[xy.length];
        System.arraycopy(xy, 2 * start, to, 0, xy.length - 2 * start);
        System.arraycopy(xy, 0, to, xy.length - 2 * start, 2 * start);
        return new Outline(to);
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof Outline other && Arrays.equals(xy, other.xy);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(xy);
    }

    @Override
    public String toString() {
        return "Outline[" + size() + " points in " + bounds() + "]";
    }
}
