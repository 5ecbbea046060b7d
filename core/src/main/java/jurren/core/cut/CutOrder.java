package jurren.core.cut;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import jurren.core.geometry.Box;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;

/**
 * The order in which the outlines of one item are cut.
 *
 * <ol>
 *   <li>Every outline waits for those that lie inside it.
 *   <li>Nearest next: from where the knife is, the outline with the nearest point among those that
 *       wait for nothing, begun at that point.
 *   <li>Improved by turning stretches of the order round (2-opt) and moving up to three that follow each other (or-opt)
 *       as long as that shortens the travel and makes nothing wait for what comes later.
 *   <li>Each outline begun anew where that makes the travel shortest: few by the shortest way through all their points,
 *       many one after the other.
 *   <li>Few outlines are shaken up and improved again, and the best is kept.
 * </ol>
 *
 * <p>References: G. A. Croes, A method for solving traveling-salesman problems, 1958 (2-opt); I. Or, 1976 (or-opt);
 * O. Martin, S. W. Otto and E. W. Felten, Large-step Markov chains for the traveling salesman problem, 1991 (double
 * bridges).
 */
public final class CutOrder {
    private static final int ROUNDS = 6;
    /** Above this many outlines, the improvement looks only this far along the order, and is made once. */
    private static final int FEW = 60;

    private static final int WINDOW = 120;
    private static final int SHAKES = 30;
    private static final int LONGEST_MOVED = 3;
    /** Where an outline of very many corners may begin. */
    private static final int STARTS = 24;

    private static final double EPSILON_MM = 1e-9;

    private final List<ClosedCut> paths;
    private final int[] parent;
    private final int[][] children;
    /** Of each path the corner it begins at, and where that is. */
    private final int[] start;

    private final double[] x;
    private final double[] y;
    private final Point head;
    private final int n;
    private int[] order;
    private int[] at;

    private CutOrder(List<ClosedCut> paths, Point head) {
        this.paths = paths;
        this.n = paths.size();
        this.head = head;
        this.parent = parents(paths);
        this.children = children(parent);
        this.start = new int[n];
        this.x = new double[n];
        this.y = new double[n];
        this.at = new int[n];
    }

    /** From where the knife is; every outline once, what lies in another before that other. */
    public static List<ClosedCut> of(List<Piece> pieces, Point head) {
        List<ClosedCut> paths = new ArrayList<>();
        for (Piece piece : pieces) {
            piece.holes().forEach(h -> paths.add(new ClosedCut(CutPath.Kind.INSIDE, h, 0)));
            paths.add(new ClosedCut(CutPath.Kind.OUTSIDE, piece.outer(), 0));
        }
        return new CutOrder(paths, head).run();
    }

    private List<ClosedCut> run() {
        order = nearestNext();
        improve();
        if (n > 2 && n <= FEW) {
            shake();
            placeAll();
            beginBest();
            improve();
        }
        return Arrays.stream(order)
                .mapToObj(i -> new ClosedCut(
                        paths.get(i).kind(), paths.get(i).outline().startingAt(start[i]), 0))
                .toList();
    }

    private void improve() {
        placeAll();
        for (int round = 0; round < ROUNDS; round++) {
            boolean shorter = turnStretches() | moveAll();
            beginAnew();
            if (!shorter) {
                break;
            }
        }
    }

    private void placeAll() {
        for (int k = 0; k < n; k++) {
            at[order[k]] = k;
        }
    }

    /** Two bridges somewhere, improved again: what is shorter is gone on from. */
    private void shake() {
        SplittableRandom random = new SplittableRandom(n);
        double best = length();
        int[] bestOrder = order.clone();
        int[] bestStart = start.clone();
        for (int k = 0; k < SHAKES; k++) {
            order = bridged(bestOrder, random);
            beginAt(bestStart);
            if (!isAllowed(order)) {
                continue;
            }
            improve();
            double now = length();
            if (now < best - EPSILON_MM) {
                best = now;
                bestOrder = order.clone();
                bestStart = start.clone();
            }
        }
        order = bestOrder;
        beginAt(bestStart);
    }

    private void beginAt(int[] corners) {
        for (int i = 0; i < n; i++) {
            begin(i, corners[i]);
        }
    }

    private static int[] bridged(int[] order, SplittableRandom random) {
        int n = order.length;
        int a = random.nextInt(n - 1);
        int b = a + 1 + random.nextInt(n - a - 1);
        int c = b + random.nextInt(n - b) + 1;
        int[] next = new int[n];
        System.arraycopy(order, 0, next, 0, a);
        System.arraycopy(order, b, next, a, c - b);
        System.arraycopy(order, a, next, a + c - b, b - a);
        System.arraycopy(order, c, next, c, n - c);
        return next;
    }

    private boolean isAllowed(int[] tried) {
        boolean[] done = new boolean[n];
        for (int path : tried) {
            for (int child : children[path]) {
                if (!done[child]) {
                    return false;
                }
            }
            done[path] = true;
        }
        return true;
    }

    private double length() {
        double mm = 0;
        for (int k = 0; k < n; k++) {
            mm += travel(k - 1, k);
        }
        return mm;
    }

    private static int[][] children(int[] parent) {
        int[] count = new int[parent.length];
        for (int p : parent) {
            if (p >= 0) {
                count[p]++;
            }
        }
        int[][] children = new int[parent.length][];
        for (int i = 0; i < parent.length; i++) {
            children[i] = new int[count[i]];
        }
        for (int i = 0; i < parent.length; i++) {
            if (parent[i] >= 0) {
                children[parent[i]][--count[parent[i]]] = i;
            }
        }
        return children;
    }

    /** For each outline the smallest one that encloses it, or -1. */
    private static int[] parents(List<ClosedCut> paths) {
        int n = paths.size();
        Box[] boxes = new Box[n];
        Region[] filled = new Region[n];
        for (int i = 0; i < n; i++) {
            boxes[i] = paths.get(i).outline().bounds();
        }
        int[] parent = new int[n];
        for (int i = 0; i < n; i++) {
            parent[i] = -1;
            for (int j = 0; j < n; j++) {
                if (j == i || !boxes[j].covers(boxes[i], 0) || boxes[j].equals(boxes[i])) {
                    continue;
                }
                if (parent[i] >= 0 && boxes[parent[i]].areaMm2() <= boxes[j].areaMm2()) {
                    continue;
                }
                if (filled[j] == null) {
                    filled[j] = Region.enclosedBy(List.of(paths.get(j).outline()), FillRule.NON_ZERO);
                }
                if (filled[j].contains(paths.get(i).start())) {
                    parent[i] = j;
                }
            }
        }
        return parent;
    }

    private int[] nearestNext() {
        Box[] boxes = new Box[n];
        int[] waiting = new int[n];
        for (int i = 0; i < n; i++) {
            boxes[i] = paths.get(i).outline().bounds();
            waiting[i] = children[i].length;
        }
        int[] left = new int[n];
        for (int i = 0; i < n; i++) {
            left[i] = i;
        }
        int[] found = new int[n];
        Point knife = head;
        for (int k = 0, many = n; k < n; k++, many--) {
            int best = -1;
            double bestMm = Double.POSITIVE_INFINITY;
            for (int l = 0; l < many; l++) {
                int i = left[l];
                if (waiting[i] == 0 && away(boxes[i], knife) < bestMm) {
                    int nearest = nearestPoint(paths.get(i).outline(), knife);
                    double mm = knife.distanceMm(paths.get(i).outline().point(nearest));
                    if (mm < bestMm) {
                        best = l;
                        bestMm = mm;
                        begin(i, nearest);
                    }
                }
            }
            int path = left[best];
            // the others keep their order, so that equals are taken as they came
            System.arraycopy(left, best + 1, left, best, many - best - 1);
            found[k] = path;
            if (parent[path] >= 0) {
                waiting[parent[path]]--;
            }
            knife = new Point(x[path], y[path]);
        }
        return found;
    }

    private static double away(Box box, Point p) {
        double dx = Math.max(0, Math.max(box.minXMm() - p.xMm(), p.xMm() - box.maxXMm()));
        double dy = Math.max(0, Math.max(box.minYMm() - p.yMm(), p.yMm() - box.maxYMm()));
        return Math.hypot(dx, dy);
    }

    private static int nearestPoint(Outline o, Point p) {
        int best = 0;
        double bestMm2 = Double.POSITIVE_INFINITY;
        for (int i = 0; i < o.size(); i++) {
            double dx = o.xMm(i) - p.xMm();
            double dy = o.yMm(i) - p.yMm();
            if (dx * dx + dy * dy < bestMm2) {
                bestMm2 = dx * dx + dy * dy;
                best = i;
            }
        }
        return best;
    }

    private void begin(int path, int corner) {
        Outline o = paths.get(path).outline();
        start[path] = corner;
        x[path] = o.xMm(corner);
        y[path] = o.yMm(corner);
    }

    /** Where the one at a place of the order begins; before all of them stands the knife. */
    private double xAt(int k) {
        return k < 0 ? head.xMm() : x[order[k]];
    }

    private double yAt(int k) {
        return k < 0 ? head.yMm() : y[order[k]];
    }

    private double travel(int from, int to) {
        if (to >= n) {
            return 0;
        }
        double dx = xAt(to) - xAt(from);
        double dy = yAt(to) - yAt(from);
        return Math.sqrt(dx * dx + dy * dy);
    }

    private boolean turnStretches() {
        boolean shorter = false;
        for (int i = 0; i < n - 1; i++) {
            for (int j = i + 1; j < Math.min(n, i + WINDOW); j++) {
                if (lastChild(order[j]) >= i) {
                    break;
                }
                double before = travel(i - 1, i) + travel(j, j + 1);
                double after = travel(i - 1, j) + (j + 1 < n ? travel(i, j + 1) : 0);
                if (after < before - EPSILON_MM) {
                    reverse(i, j);
                    shorter = true;
                }
            }
        }
        return shorter;
    }

    /** The latest place among what lies right inside a path; what lies in those comes before them. */
    private int lastChild(int path) {
        int last = -1;
        for (int child : children[path]) {
            last = Math.max(last, at[child]);
        }
        return last;
    }

    private boolean moveAll() {
        boolean shorter = false;
        for (int length = 1; length <= LONGEST_MOVED; length++) {
            for (int a = 0; a + length <= n; a++) {
                shorter |= moveBest(a, a + length - 1);
            }
        }
        return shorter;
    }

    /** The stretch from a to b goes where it shortens the travel most, either way round. */
    private boolean moveBest(int a, int b) {
        double without = b + 1 < n ? travel(a - 1, b + 1) : 0;
        double gain = travel(a - 1, a) + travel(b, b + 1) - without;
        boolean turns = a < b && canTurn(a, b);
        double best = gain - EPSILON_MM;
        int to = -1;
        boolean turned = false;
        int earliest = 0;
        for (int k = a; k <= b; k++) {
            for (int child : children[order[k]]) {
                if (at[child] < a) {
                    earliest = Math.max(earliest, at[child] + 1);
                }
            }
        }
        for (int k = Math.max(earliest, a - WINDOW) - 1; k < Math.min(n, b + WINDOW); k++) {
            if (k >= a - 1 && k <= b) {
                continue;
            }
            if (k > b && hasChildIn(order[k], a, b)) {
                break;
            }
            double next = travel(k, k + 1);
            double as = travel(k, a) + (k + 1 < n ? travel(b, k + 1) : 0) - next;
            if (as < best) {
                best = as;
                to = k;
                turned = false;
            }
            if (turns) {
                double other = travel(k, b) + (k + 1 < n ? travel(a, k + 1) : 0) - next;
                if (other < best) {
                    best = other;
                    to = k;
                    turned = true;
                }
            }
        }
        if (best >= gain - EPSILON_MM) {
            return false;
        }
        if (turned) {
            reverse(a, b);
        }
        move(a, b, to);
        return true;
    }

    private boolean canTurn(int a, int b) {
        for (int k = a; k <= b; k++) {
            if (hasChildIn(order[k], a, b)) {
                return false;
            }
        }
        return true;
    }

    private boolean hasChildIn(int path, int a, int b) {
        for (int child : children[path]) {
            if (at[child] >= a && at[child] <= b) {
                return true;
            }
        }
        return false;
    }

    /** The stretch from a to b comes right after place {@code to}. */
    private void move(int a, int b, int to) {
        int[] moved = Arrays.copyOfRange(order, a, b + 1);
        int from;
        int end;
        if (to > b) {
            System.arraycopy(order, b + 1, order, a, to - b);
            System.arraycopy(moved, 0, order, to - moved.length + 1, moved.length);
            from = a;
            end = to;
        } else {
            System.arraycopy(order, to + 1, order, to + 1 + moved.length, a - to - 1);
            System.arraycopy(moved, 0, order, to + 1, moved.length);
            from = to + 1;
            end = b;
        }
        for (int k = from; k <= end; k++) {
            at[order[k]] = k;
        }
    }

    private void reverse(int from, int to) {
        for (int a = from, b = to; a < b; a++, b--) {
            int t = order[a];
            order[a] = order[b];
            order[b] = t;
        }
        for (int k = from; k <= to; k++) {
            at[order[k]] = k;
        }
    }

    /** The shortest way through one point of each, in this order; of very many corners only some are looked at. */
    private void beginBest() {
        int[][] candidates = new int[n][];
        int[][] from = new int[n][];
        double[] before = {0};
        for (int k = 0; k < n; k++) {
            Outline o = paths.get(order[k]).outline();
            candidates[k] = candidates(o.size(), start[order[k]]);
            double[] now = new double[candidates[k].length];
            from[k] = new int[now.length];
            for (int v = 0; v < now.length; v++) {
                double x = o.xMm(candidates[k][v]);
                double y = o.yMm(candidates[k][v]);
                now[v] = Double.POSITIVE_INFINITY;
                for (int u = 0; u < before.length; u++) {
                    double px = k == 0
                            ? head.xMm()
                            : paths.get(order[k - 1]).outline().xMm(candidates[k - 1][u]);
                    double py = k == 0
                            ? head.yMm()
                            : paths.get(order[k - 1]).outline().yMm(candidates[k - 1][u]);
                    double mm = before[u] + Math.sqrt((x - px) * (x - px) + (y - py) * (y - py));
                    if (mm < now[v]) {
                        now[v] = mm;
                        from[k][v] = u;
                    }
                }
            }
            before = now;
        }
        int v = 0;
        for (int u = 1; u < before.length; u++) {
            v = before[u] < before[v] ? u : v;
        }
        for (int k = n - 1; k >= 0; k--) {
            begin(order[k], candidates[k][v]);
            v = from[k][v];
        }
    }

    private static int[] candidates(int size, int now) {
        int step = Math.max(1, (size + STARTS - 1) / STARTS);
        int[] found = new int[(size + step - 1) / step];
        for (int i = 0; i < found.length; i++) {
            found[i] = (now + i * step) % size;
        }
        return found;
    }

    private void beginAnew() {
        for (int k = 0; k < n; k++) {
            Outline o = paths.get(order[k]).outline();
            boolean last = k + 1 == n;
            int best = start[order[k]];
            double bestMm = Double.POSITIVE_INFINITY;
            for (int i = 0; i < o.size(); i++) {
                double mm = away(o, i, xAt(k - 1), yAt(k - 1)) + (last ? 0 : away(o, i, xAt(k + 1), yAt(k + 1)));
                if (mm < bestMm) {
                    bestMm = mm;
                    best = i;
                }
            }
            begin(order[k], best);
        }
    }

    private static double away(Outline o, int i, double x, double y) {
        double dx = o.xMm(i) - x;
        double dy = o.yMm(i) - y;
        return Math.sqrt(dx * dx + dy * dy);
    }
}
