package jurren.core.nest;

import java.util.Arrays;
import jurren.core.geometry.Box;
import jurren.core.geometry.Outline;

/**
 * What is taken on a bed, as a grid, so that it is quickly seen how much of a shape's edge would touch something: it is
 * felt for just outside the edge, and a little further out, where something near leaves a gap that nothing will ever
 * fill.
 */
final class Contact {
    /** So many places along a shape's edge are felt at. */
    private static final int FEELERS = 72;
    /** How far out, in cells: touching, and two in which a gap would be lost. */
    private static final int[] OUT = {1, 3, 5};

    private static final int RIM_CELLS = 8;
    private static final int CELLS_A_UNIT = 2000;

    private final double cellMm;
    private final double minX;
    private final double minY;
    private final int wide;
    private final int high;
    private final boolean[] taken;

    /** @param bed which is touched at its sides and where it begins, but not where it is cut off */
    Contact(Box bed, double cellMm) {
        this.cellMm = cellMm;
        double rim = RIM_CELLS * cellMm;
        this.minX = bed.minXMm() - rim;
        this.minY = bed.minYMm() - rim;
        this.wide = (int) Math.ceil((bed.widthMm() + 2 * rim) / cellMm);
        this.high = (int) Math.ceil((bed.heightMm() + 2 * rim) / cellMm);
        this.taken = new boolean[wide * high];
        for (int row = 0; row < high; row++) {
            double y = minY + (row + 0.5) * cellMm;
            boolean beside = y < bed.minYMm() || y > bed.maxYMm();
            Arrays.fill(taken, row * wide, row * wide + (beside ? wide : RIM_CELLS), true);
        }
    }

    private Contact(Contact of) {
        cellMm = of.cellMm;
        minX = of.minX;
        minY = of.minY;
        wide = of.wide;
        high = of.high;
        taken = of.taken.clone();
    }

    /** What it takes to fill or copy it, as {@link Board#work} is counted. */
    long work() {
        return 1 + taken.length / CELLS_A_UNIT;
    }

    Contact copy() {
        return new Contact(this);
    }

    /** Where a shape feels: of each place along its edge, x and y of one after the other further out. */
    static double[] feelers(Turned shape, double cellMm) {
        double step = shape.edges().stream().mapToDouble(Outline::lengthMm).sum() / FEELERS;
        double[] at = new double[2 * OUT.length * FEELERS];
        int n = 0;
        double next = step / 2;
        double gone = 0;
        for (Outline o : shape.edges()) {
            for (int k = 0; k < o.size(); k++) {
                int to = (k + 1) % o.size();
                double dx = o.xMm(to) - o.xMm(k);
                double dy = o.yMm(to) - o.yMm(k);
                double length = Math.hypot(dx, dy);
                for (; length > 0 && next <= gone + length && n < at.length; next += step) {
                    double t = (next - gone) / length;
                    for (int out : OUT) {
                        at[n++] = o.xMm(k) + t * dx + out * cellMm * dy / length;
                        at[n++] = o.yMm(k) + t * dy - out * cellMm * dx / length;
                    }
                }
                gone += length;
            }
        }
        return Arrays.copyOf(at, n);
    }

    /** Takes what a shape covers: the cells whose middle lies in it. */
    void take(Turned shape, double atX, double atY) {
        int first = Math.max(0, row(shape.box().minYMm() + atY));
        int last = Math.min(high - 1, row(shape.box().maxYMm() + atY));
        double[] cuts = new double[64];
        for (int row = first; row <= last; row++) {
            double y = minY + (row + 0.5) * cellMm - atY;
            int n = 0;
            for (Outline o : shape.edges()) {
                for (int k = 0; k < o.size(); k++) {
                    int next = (k + 1) % o.size();
                    if (o.yMm(k) <= y != o.yMm(next) <= y) {
                        cuts = n == cuts.length ? Arrays.copyOf(cuts, 2 * n) : cuts;
                        cuts[n++] =
                                atX + o.xMm(k) + (o.xMm(next) - o.xMm(k)) * ((y - o.yMm(k)) / (o.yMm(next) - o.yMm(k)));
                    }
                }
            }
            Arrays.sort(cuts, 0, n);
            for (int c = 0; c + 1 < n; c += 2) {
                int from = Math.max(0, (int) Math.ceil((cuts[c] - minX) / cellMm - 0.5));
                int to = Math.min(wide, (int) Math.floor((cuts[c + 1] - minX) / cellMm + 0.5));
                if (from < to) {
                    Arrays.fill(taken, row * wide + from, row * wide + to, true);
                }
            }
        }
    }

    private int row(double y) {
        return (int) Math.floor((y - minY) / cellMm);
    }

    /** The share of a shape's edge that touches, less what would be lost beside it. */
    double share(double[] feelers, double atX, double atY, double lossCounts) {
        int touching = 0;
        int lost = 0;
        int each = 2 * OUT.length;
        for (int k = 0; k < feelers.length; k += each) {
            if (isTaken(feelers[k] + atX, feelers[k + 1] + atY)) {
                touching++;
            } else if (isTaken(feelers[k + 2] + atX, feelers[k + 3] + atY)
                    || isTaken(feelers[k + 4] + atX, feelers[k + 5] + atY)) {
                lost++;
            }
        }
        return each * (touching - lossCounts * lost) / feelers.length;
    }

    private boolean isTaken(double x, double y) {
        int column = (int) ((x - minX) / cellMm);
        int row = (int) ((y - minY) / cellMm);
        return column >= 0 && column < wide && row >= 0 && row < high && taken[row * wide + column];
    }
}
