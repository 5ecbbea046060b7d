package jurren.formats.drawing;

import java.util.List;
import jurren.core.geometry.Box;
import jurren.core.geometry.Outline;

/**
 * How many edges of a shape lie over each other, estimated from how many cross each cell of a grid. Working out
 * what crossing edges enclose takes as long as there are crossings; a shape that no person drew can have more
 * than anyone waits for.
 */
final class Crowding {
    private static final int CELLS = 256;
    /** Pairs that may have to be looked at; some seconds' worth. */
    private static final double MOST_PAIRS = 1.5e7;
    /** Fewer edges than this cannot have so many. */
    private static final int FEW = 6_000;

    private Crowding() {}

    static boolean isTooMuch(List<Outline> outlines) {
        long edges = outlines.stream().mapToLong(Outline::size).sum();
        if (edges < FEW) {
            return false;
        }
        Box box = outlines.stream().map(Outline::bounds).reduce(Box::joined).orElseThrow();
        double w = Math.max(box.widthMm(), 1e-9) / CELLS;
        double h = Math.max(box.heightMm(), 1e-9) / CELLS;
        int[] count = new int[CELLS * CELLS];
        for (Outline o : outlines) {
            for (int i = 0, n = o.size(); i < n; i++) {
                int j = i + 1 == n ? 0 : i + 1;
                mark(
                        count,
                        (o.xMm(i) - box.minXMm()) / w,
                        (o.yMm(i) - box.minYMm()) / h,
                        (o.xMm(j) - box.minXMm()) / w,
                        (o.yMm(j) - box.minYMm()) / h);
            }
        }
        double pairs = 0;
        for (int c : count) {
            pairs += c > 2 ? (double) c * (c - 2) / 2 : 0;
        }
        return pairs > MOST_PAIRS;
    }

    /** Every cell on the way from one end to the other, once. */
    private static void mark(int[] count, double x0, double y0, double x1, double y1) {
        int steps = (int) Math.max(1, Math.ceil(Math.max(Math.abs(x1 - x0), Math.abs(y1 - y0))));
        int last = -1;
        for (int k = 0; k <= steps; k++) {
            double t = (double) k / steps;
            int cell = Math.clamp((int) (y0 + t * (y1 - y0)), 0, CELLS - 1) * CELLS
                    + Math.clamp((int) (x0 + t * (x1 - x0)), 0, CELLS - 1);
            if (cell != last) {
                count[cell]++;
                last = cell;
            }
        }
    }
}
