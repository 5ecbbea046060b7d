package jurren.core.geometry;

import java.awt.Shape;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Drawn lines with their curves still curves, open or closed, as they came from a font or a file.
 * Immutable; equal when every number is.
 */
public final class Curves {
    /** Chords stay this close to the curve: half of what is promised, so that scaling up by two keeps it. */
    public static final double FLATNESS_MM = 0.005;

    private final Path2D.Double path;
    private final int hash;

    private Curves(Path2D.Double path) {
        this.path = path;
        this.hash = hash(path);
    }

    public static Curves of(Shape shape) {
        return new Curves(new Path2D.Double(shape));
    }

    public static Curves of(Shape shape, Placement placement) {
        return new Curves(new Path2D.Double(shape, placement.toAwt()));
    }

    /** The edges of a region. */
    public static Curves around(Region region) {
        Path2D.Double path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        for (Piece piece : region.pieces()) {
            append(path, piece.outer());
            piece.holes().forEach(h -> append(path, h));
        }
        return new Curves(path);
    }

    private static void append(Path2D path, Outline o) {
        for (int i = 0; i < o.size(); i++) {
            if (i == 0) {
                path.moveTo(o.xMm(i), o.yMm(i));
            } else {
                path.lineTo(o.xMm(i), o.yMm(i));
            }
        }
        path.closePath();
    }

    public Shape toAwt() {
        return new Path2D.Double(path);
    }

    public Curves placed(Placement placement) {
        return of(path, placement);
    }

    public boolean isEmpty() {
        return path.getCurrentPoint() == null;
    }

    /** Throws when empty: nothing has no place. */
    public Box bounds() {
        if (isEmpty()) {
            throw new IllegalStateException("empty curves have no bounds");
        }
        Rectangle2D b = path.getBounds2D();
        return new Box(b.getMinX(), b.getMinY(), b.getMaxX(), b.getMaxY());
    }

    /** How many points its lines and curves run between. */
    public int nodes() {
        int n = 0;
        double[] c = new double[6];
        for (PathIterator it = path.getPathIterator(null); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            n += kind == PathIterator.SEG_CLOSE || kind == PathIterator.SEG_MOVETO ? 0 : 1;
        }
        return n;
    }

    /** Of all lines together. */
    public double lengthMm() {
        double sum = 0;
        for (List<Point> line : lines()) {
            for (int i = 1; i < line.size(); i++) {
                sum += line.get(i - 1).distanceMm(line.get(i));
            }
        }
        return sum;
    }

    public FillRule fillRule() {
        return path.getWindingRule() == Path2D.WIND_EVEN_ODD ? FillRule.EVEN_ODD : FillRule.NON_ZERO;
    }

    /** What the lines enclose; every line is taken as closed. */
    public Region enclosed() {
        return Region.enclosedBy(outlines(), fillRule());
    }

    /** The lines as chords, those with fewer than three points left out. */
    public List<Outline> outlines() {
        List<Outline> found = new ArrayList<>();
        for (List<Point> line : lines()) {
            if (line.size() >= 3) {
                found.add(Outline.of(line));
            }
        }
        return found;
    }

    /** The ends of every line that neither closes itself nor returns to within {@code slackMm} of its start. */
    public List<Point> openEnds(double slackMm) {
        List<Point> ends = new ArrayList<>();
        Point start = null;
        Point last = null;
        boolean open = false;
        double[] c = new double[6];
        for (PathIterator it = path.getPathIterator(null); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            if (kind == PathIterator.SEG_MOVETO) {
                addIfOpen(ends, open, start, last, slackMm);
                start = new Point(c[0], c[1]);
                last = start;
                open = false;
            } else if (kind == PathIterator.SEG_CLOSE) {
                open = false;
                last = start;
            } else {
                int at = kind == PathIterator.SEG_LINETO ? 0 : kind == PathIterator.SEG_QUADTO ? 2 : 4;
                last = new Point(c[at], c[at + 1]);
                open = true;
            }
        }
        addIfOpen(ends, open, start, last, slackMm);
        return ends;
    }

    private static void addIfOpen(List<Point> ends, boolean open, Point start, Point last, double slackMm) {
        if (open && start.distanceMm(last) > slackMm) {
            ends.add(last);
        }
    }

    private List<List<Point>> lines() {
        List<List<Point>> lines = new ArrayList<>();
        List<Point> line = new ArrayList<>();
        double[] c = new double[6];
        for (PathIterator it = path.getPathIterator(null, FLATNESS_MM); !it.isDone(); it.next()) {
            switch (it.currentSegment(c)) {
                case PathIterator.SEG_MOVETO -> {
                    endLine(lines, line);
                    line = new ArrayList<>();
                    line.add(new Point(c[0], c[1]));
                }
                case PathIterator.SEG_LINETO -> addIfNew(line, new Point(c[0], c[1]));
                default -> {}
            }
        }
        endLine(lines, line);
        return lines;
    }

    private static void addIfNew(List<Point> line, Point p) {
        if (line.isEmpty() || !line.getLast().equals(p)) {
            line.add(p);
        }
    }

    private static void endLine(List<List<Point>> lines, List<Point> line) {
        if (line.size() > 1 && line.getFirst().equals(line.getLast())) {
            line.removeLast();
        }
        if (line.size() > 1) {
            lines.add(line);
        }
    }

    private static int hash(Path2D path) {
        int h = path.getWindingRule();
        double[] c = new double[6];
        for (PathIterator it = path.getPathIterator(null); !it.isDone(); it.next()) {
            Arrays.fill(c, 0);
            h = 31 * h + it.currentSegment(c);
            h = 31 * h + Arrays.hashCode(c);
        }
        return h;
    }

    @Override
    public boolean equals(Object o) {
        return this == o || o instanceof Curves other && hash == other.hash && sameNumbers(other);
    }

    private boolean sameNumbers(Curves other) {
        if (path.getWindingRule() != other.path.getWindingRule()) {
            return false;
        }
        double[] a = new double[6];
        double[] b = new double[6];
        PathIterator i = path.getPathIterator(null);
        PathIterator j = other.path.getPathIterator(null);
        for (; !i.isDone() && !j.isDone(); i.next(), j.next()) {
            Arrays.fill(a, 0);
            Arrays.fill(b, 0);
            if (i.currentSegment(a) != j.currentSegment(b) || !Arrays.equals(a, b)) {
                return false;
            }
        }
        return i.isDone() && j.isDone();
    }

    @Override
    public int hashCode() {
        return hash;
    }
}
