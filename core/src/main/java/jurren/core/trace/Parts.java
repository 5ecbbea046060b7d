package jurren.core.trace;

import java.util.Arrays;
import java.util.List;
import jurren.core.geometry.Point;

/**
 * The connected parts of each colour, found from runs of equal pixels row by row (union-find). Pixels of a
 * colour hang together over corners too, the pixels of no colour only over sides.
 */
final class Parts {
    private final Labels labels;
    private int[] start = new int[1024];
    private int[] parent = new int[1024];
    private int[] area = new int[1024];
    private int runs;
    private final int[] rowStart;

    Parts(Labels labels) {
        this.labels = labels;
        this.rowStart = new int[labels.height() + 1];
        for (int y = 0; y < labels.height(); y++) {
            findRuns(y);
            if (y > 0) {
                joinWithRowAbove(y);
            }
        }
        rowStart[labels.height()] = runs;
        addUp();
    }

    private void findRuns(int y) {
        rowStart[y] = runs;
        int w = labels.width();
        byte[] of = labels.of();
        int from = y * w;
        for (int x = 1; x <= w; x++) {
            if (x == w || of[y * w + x] != of[from]) {
                add(from, y * w + x - from);
                from = y * w + x;
            }
        }
    }

    private void add(int from, int length) {
        if (runs == start.length) {
            start = Arrays.copyOf(start, runs * 2);
            parent = Arrays.copyOf(parent, runs * 2);
            area = Arrays.copyOf(area, runs * 2);
        }
        start[runs] = from;
        parent[runs] = runs;
        area[runs] = length;
        runs++;
    }

    private int end(int run, int rowEnd) {
        return run + 1 < runs && start[run + 1] < rowEnd ? start[run + 1] : rowEnd;
    }

    private void joinWithRowAbove(int y) {
        int w = labels.width();
        int a = rowStart[y - 1];
        for (int b = rowStart[y]; b < runs; b++) {
            int x0 = start[b] - w;
            int x1 = end(b, (y + 1) * w) - w;
            byte colour = labels.of()[start[b]];
            while (a < rowStart[y] && end(a, y * w) < x0) {
                a++;
            }
            for (int k = a; k < rowStart[y] && start[k] <= x1; k++) {
                boolean side = start[k] < x1 && x0 < end(k, y * w);
                if (labels.of()[start[k]] == colour && (side || colour != 0)) {
                    join(k, b);
                }
            }
        }
    }

    private int root(int run) {
        int r = run;
        while (parent[r] != r) {
            parent[r] = parent[parent[r]];
            r = parent[r];
        }
        return r;
    }

    private void join(int a, int b) {
        int p = root(a);
        int q = root(b);
        if (p != q) {
            parent[Math.max(p, q)] = Math.min(p, q);
        }
    }

    private void addUp() {
        for (int r = 0; r < runs; r++) {
            int root = root(r);
            if (root != r) {
                area[root] += area[r];
            }
        }
    }

    /** The part at a point, or -1 outside the picture. */
    int at(Point p) {
        int x = (int) Math.floor(p.xMm());
        int y = (int) Math.floor(p.yMm());
        if (x < 0 || y < 0 || x >= labels.width() || y >= labels.height()) {
            return -1;
        }
        int found = Arrays.binarySearch(start, rowStart[y], rowStart[y + 1], y * labels.width() + x);
        return root(found >= 0 ? found : -found - 2);
    }

    int areaPx2(int part) {
        return area[part];
    }

    int colour(int part) {
        return labels.of()[start[part]];
    }

    /**
     * Gives small and dropped parts to what surrounds them most.
     *
     * @return whether anything was given away
     */
    boolean giveAway(double speckPx2, List<Point> dropped, List<Point> kept) {
        boolean[] goes = new boolean[runs];
        boolean any = false;
        for (int r = 0; r < runs; r++) {
            goes[r] = parent[r] == r && area[r] < speckPx2;
            any |= goes[r];
        }
        boolean[] border = dropped.isEmpty() ? new boolean[runs] : atBorder();
        for (Point p : dropped) {
            int part = at(p);
            any |= mark(goes, p, true);
            // what reaches the picture's border is surrounded by nothing
            if (part >= 0 && border[part]) {
                goes[part] = false;
                clear(part);
            }
        }
        for (Point p : kept) {
            mark(goes, p, false);
        }
        if (any) {
            relabel(goes);
        }
        return any;
    }

    private void clear(int part) {
        int w = labels.width();
        for (int y = 0; y < labels.height(); y++) {
            for (int r = rowStart[y]; r < rowStart[y + 1]; r++) {
                if (root(r) == part) {
                    Arrays.fill(labels.of(), start[r], end(r, (y + 1) * w), (byte) 0);
                }
            }
        }
    }

    private boolean mark(boolean[] goes, Point p, boolean as) {
        int part = at(p);
        if (part >= 0) {
            goes[part] = as;
        }
        return part >= 0;
    }

    /** Parts of no colour that the picture's border does not touch are filled with what surrounds them. */
    void fillHoles() {
        boolean[] outside = atBorder();
        boolean[] goes = new boolean[runs];
        for (int r = 0; r < runs; r++) {
            goes[r] = parent[r] == r && colour(r) == 0 && !outside[r];
        }
        relabel(goes);
    }

    boolean reachesBorder(int part) {
        return atBorder()[part];
    }

    private boolean[] atBorder() {
        boolean[] border = new boolean[runs];
        for (int y = 0; y < labels.height(); y++) {
            boolean wholeRow = y == 0 || y == labels.height() - 1;
            for (int r = rowStart[y]; r < rowStart[y + 1]; r++) {
                if (wholeRow || r == rowStart[y] || r == rowStart[y + 1] - 1) {
                    border[root(r)] = true;
                }
            }
        }
        return border;
    }

    private void relabel(boolean[] goes) {
        int[] slot = new int[runs];
        int slots = 0;
        for (int r = 0; r < runs; r++) {
            if (goes[r]) {
                slot[r] = slots++;
            }
        }
        int kinds = labels.colours().size() + 1;
        int[] around = new int[slots * kinds];
        forEachRunOf(goes, (r, part, y) -> tally(goes, around, slot[part] * kinds, r, y));
        byte[] to = new byte[slots];
        for (int s = 0; s < slots; s++) {
            int best = 0;
            for (int k = 1; k < kinds; k++) {
                best = around[s * kinds + k] > around[s * kinds + best] ? k : best;
            }
            to[s] = (byte) best;
        }
        int w = labels.width();
        forEachRunOf(goes, (r, part, y) -> Arrays.fill(labels.of(), start[r], end(r, (y + 1) * w), to[slot[part]]));
    }

    private interface RunTaker {
        void take(int run, int part, int y);
    }

    private void forEachRunOf(boolean[] goes, RunTaker taker) {
        for (int y = 0; y < labels.height(); y++) {
            for (int r = rowStart[y]; r < rowStart[y + 1]; r++) {
                int part = root(r);
                if (goes[part]) {
                    taker.take(r, part, y);
                }
            }
        }
    }

    /** Counts the colours beside a run, those that stay only. */
    private void tally(boolean[] goes, int[] around, int at, int run, int y) {
        int w = labels.width();
        int from = start[run];
        int to = end(run, (y + 1) * w);
        if (from > y * w && !goes[root(run - 1)]) {
            around[at + labels.of()[from - 1]]++;
        }
        if (to < (y + 1) * w && !goes[root(run + 1)]) {
            around[at + labels.of()[to]]++;
        }
        tallyRow(goes, around, at, from - y * w, to - y * w, y - 1);
        tallyRow(goes, around, at, from - y * w, to - y * w, y + 1);
    }

    private void tallyRow(boolean[] goes, int[] around, int at, int x0, int x1, int y) {
        if (y < 0 || y >= labels.height()) {
            return;
        }
        int w = labels.width();
        int found = Arrays.binarySearch(start, rowStart[y], rowStart[y + 1], y * w + x0);
        for (int r = found >= 0 ? found : -found - 2; r < rowStart[y + 1] && start[r] < y * w + x1; r++) {
            int covered = Math.min(end(r, (y + 1) * w), y * w + x1) - Math.max(start[r], y * w + x0);
            if (covered > 0 && !goes[root(r)]) {
                around[at + labels.of()[start[r]]] += covered;
            }
        }
    }
}
