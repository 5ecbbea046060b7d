package jurren.core.geometry;

import java.util.Arrays;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;

/**
 * Finds the nearest of many segments: they are cut short and sorted into square cells, which are looked at in rings
 * around a point until nothing nearer can come. Where two edges run beside each other this looks at a handful of
 * segments, where a tree orders hundreds.
 */
final class SegmentGrid {
    private static final double LEAST_CELL_MM = 0.25;
    private static final int MOST_CELLS = 1 << 20;

    private final double minX;
    private final double minY;
    private final double cell;
    private final int across;
    private final int down;
    private final int[] first;
    private final double[] segments;
    /** Which segment of the lines, counted from their first, each piece belongs to. */
    private final int[] whose;

    private int[] cutFrom = new int[64];

    /** What is nearest: how far, where, and on which segment of the lines, counted from their first. */
    static final class Near {
        double distance;
        double x;
        double y;
        int segment;
    }

    SegmentGrid(Geometry lines) {
        this(lines, lines.getLength() / Math.max(1, lines.getNumPoints()));
    }

    /** @param side of a cell, unless that would be too many or too small */
    SegmentGrid(Geometry lines, double side) {
        var box = lines.getEnvelopeInternal();
        double wanted =
                Math.max(LEAST_CELL_MM, Math.max(side, Math.sqrt(box.getWidth() * box.getHeight() / MOST_CELLS)));
        this.cell = Math.max(wanted, Math.max(box.getWidth(), box.getHeight()) / MOST_CELLS * 2);
        this.minX = box.getMinX();
        this.minY = box.getMinY();
        this.across = (int) (box.getWidth() / cell) + 1;
        this.down = (int) (box.getHeight() / cell) + 1;
        double[] pieces = pieces(lines);
        int n = pieces.length / 4;
        int[] count = new int[across * down + 1];
        int[] at = new int[n];
        for (int i = 0; i < n; i++) {
            at[i] = cellOf((pieces[4 * i] + pieces[4 * i + 2]) / 2, (pieces[4 * i + 1] + pieces[4 * i + 3]) / 2);
            count[at[i] + 1]++;
        }
        Arrays.parallelPrefix(count, Integer::sum);
        this.first = count.clone();
        this.segments = new double[pieces.length];
        this.whose = new int[n];
        for (int i = 0; i < n; i++) {
            whose[count[at[i]]] = cutFrom[i];
            System.arraycopy(pieces, 4 * i, segments, 4 * count[at[i]]++, 4);
        }
        cutFrom = null;
    }

    /** No longer than a cell, so that none reaches further than half of one out of the cell of its middle. */
    private double[] pieces(Geometry lines) {
        double[] all = new double[256];
        int n = 0;
        int segment = 0;
        for (int g = 0; g < lines.getNumGeometries(); g++) {
            Coordinate[] line = ((LineString) lines.getGeometryN(g)).getCoordinates();
            for (int i = 1; i < line.length; i++, segment++) {
                int parts = Math.max(1, (int) Math.ceil(line[i].distance(line[i - 1]) / cell));
                for (int k = 0; k < parts; k++) {
                    if (n + 4 > all.length) {
                        all = Arrays.copyOf(all, 2 * all.length);
                        cutFrom = Arrays.copyOf(cutFrom, 2 * cutFrom.length);
                    }
                    cutFrom[n / 4] = segment;
                    double a = (double) k / parts;
                    double b = (double) (k + 1) / parts;
                    all[n++] = line[i - 1].x + a * (line[i].x - line[i - 1].x);
                    all[n++] = line[i - 1].y + a * (line[i].y - line[i - 1].y);
                    all[n++] = line[i - 1].x + b * (line[i].x - line[i - 1].x);
                    all[n++] = line[i - 1].y + b * (line[i].y - line[i - 1].y);
                }
            }
        }
        return Arrays.copyOf(all, n);
    }

    private int cellOf(double x, double y) {
        int column = Math.clamp((long) Math.floor((x - minX) / cell), 0, across - 1);
        int row = Math.clamp((long) Math.floor((y - minY) / cell), 0, down - 1);
        return row * across + column;
    }

    double distance(double x, double y) {
        Near near = new Near();
        nearest(x, y, Double.POSITIVE_INFINITY, near);
        return near.distance;
    }

    /** True when something lies nearer than {@code within}; then {@code near} says what is nearest. */
    boolean nearest(double x, double y, double within, Near near) {
        int column = Math.clamp((long) Math.floor((x - minX) / cell), 0, across - 1);
        int row = Math.clamp((long) Math.floor((y - minY) / cell), 0, down - 1);
        near.distance = within;
        near.segment = -1;
        for (int ring = 0; ring <= Math.max(across, down); ring++) {
            // a segment whose middle lies in a further ring reaches half a cell nearer, and so may the point's own cell
            if (near.distance <= Math.max(0, (ring - 1.5) * cell)) {
                break;
            }
            for (int r = Math.max(0, row - ring); r <= Math.min(down - 1, row + ring); r++) {
                boolean edge = Math.abs(r - row) == ring;
                double dy = beside((y - minY) / cell - r - 0.5);
                for (int c = column - ring; c <= column + ring; c += edge || ring == 0 ? 1 : 2 * ring) {
                    double dx = beside((x - minX) / cell - c - 0.5);
                    if (c >= 0 && c < across && dx * dx + dy * dy < near.distance * near.distance) {
                        nearestIn(r * across + c, x, y, near);
                    }
                }
            }
        }
        return near.segment >= 0;
    }

    /** How far what a cell holds is away at least, along one axis, from what is so many cells from its middle. */
    private double beside(double cells) {
        return Math.max(0, Math.abs(cells) - 1) * cell;
    }

    private void nearestIn(int at, double x, double y, Near near) {
        double nearest = near.distance * near.distance;
        int found = -1;
        for (int i = first[at]; i < first[at + 1]; i++) {
            double ax = segments[4 * i];
            double ay = segments[4 * i + 1];
            double dx = segments[4 * i + 2] - ax;
            double dy = segments[4 * i + 3] - ay;
            double length = dx * dx + dy * dy;
            double t = length == 0 ? 0 : Math.clamp(((x - ax) * dx + (y - ay) * dy) / length, 0, 1);
            double px = ax + t * dx;
            double py = ay + t * dy;
            double square = (x - px) * (x - px) + (y - py) * (y - py);
            if (square < nearest) {
                nearest = square;
                found = i;
                near.x = px;
                near.y = py;
            }
        }
        if (found >= 0) {
            near.distance = Math.sqrt(nearest);
            near.segment = whose[found];
        }
    }
}
