package jurren.core.cut;

import jurren.core.geometry.Box;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The order in which the outlines of one item are cut.
 *
 * <ol>
 *   <li>Every outline waits for those that lie inside it.
 *   <li>Nearest next: from where the knife is, the outline with the nearest point among those that
 *       wait for nothing, begun at that point.
 *   <li>Improved by turning stretches of the order round (2-opt) and moving single outlines (or-opt)
 *       as long as that shortens the travel and makes nothing wait for what comes later.
 *   <li>Each outline begun anew at the point that makes its own two travels shortest.
 * </ol>
 *
 * <p>References: G. A. Croes, A method for solving traveling-salesman problems, 1958 (2-opt);
 * I. Or, 1976 (or-opt).
 */
final class CutOrder {
    private static final int ROUNDS = 6;
    /** Above this many outlines, the improvement looks only this far along the order. */
    private static final int WINDOW = 120;

    private final List<CutPath> paths;
    private final int[] parent;
    private final int[] start;

    private CutOrder(List<CutPath> paths) {
        this.paths = paths;
        this.parent = parents(paths);
        this.start = new int[paths.size()];
    }

    static List<CutPath> of(List<Piece> pieces, Point head) {
        List<CutPath> paths = new ArrayList<>();
        for (Piece piece : pieces) {
            piece.holes().forEach(h -> paths.add(new CutPath(CutPath.Kind.INSIDE, h, 0)));
            paths.add(new CutPath(CutPath.Kind.OUTSIDE, piece.outer(), 0));
        }
        return new CutOrder(paths).run(head);
    }

    private List<CutPath> run(Point head) {
        int[] order = nearestNext(head);
        for (int round = 0; round < ROUNDS; round++) {
            boolean shorter = turnStretches(order, head) | moveSingles(order, head);
            beginAnew(order, head);
            if (!shorter) {
                break;
            }
        }
        return Arrays.stream(order).mapToObj(i -> new CutPath(paths.get(i).kind(),
                paths.get(i).outline().startingAt(start[i]), 0)).toList();
    }

    /** For each outline the smallest one that encloses it, or -1. */
    private static int[] parents(List<CutPath> paths) {
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

    private int[] nearestNext(Point head) {
        int n = paths.size();
        int[] waiting = new int[n];
        for (int p : parent) {
            if (p >= 0) {
                waiting[p]++;
            }
        }
        boolean[] done = new boolean[n];
        int[] order = new int[n];
        Point at = head;
        for (int k = 0; k < n; k++) {
            int best = -1;
            double bestMm = Double.POSITIVE_INFINITY;
            for (int i = 0; i < n; i++) {
                if (!done[i] && waiting[i] == 0) {
                    int nearest = nearestPoint(paths.get(i).outline(), at);
                    double mm = at.distanceMm(paths.get(i).outline().point(nearest));
                    if (mm < bestMm) {
                        best = i;
                        bestMm = mm;
                        start[i] = nearest;
                    }
                }
            }
            order[k] = best;
            done[best] = true;
            if (parent[best] >= 0) {
                waiting[parent[best]]--;
            }
            at = startOf(best);
        }
        return order;
    }

    private static int nearestPoint(Outline o, Point p) {
        int best = 0;
        double bestMm = Double.POSITIVE_INFINITY;
        for (int i = 0; i < o.size(); i++) {
            double mm = Math.hypot(o.xMm(i) - p.xMm(), o.yMm(i) - p.yMm());
            if (mm < bestMm) {
                bestMm = mm;
                best = i;
            }
        }
        return best;
    }

    private Point startOf(int path) {
        return paths.get(path).outline().point(start[path]);
    }

    private double travel(int[] order, Point head, int fromIndex, int toIndex) {
        Point a = fromIndex < 0 ? head : startOf(order[fromIndex]);
        return toIndex >= order.length ? 0 : a.distanceMm(startOf(order[toIndex]));
    }

    private boolean turnStretches(int[] order, Point head) {
        boolean shorter = false;
        for (int i = 0; i < order.length - 1; i++) {
            for (int j = i + 1; j < Math.min(order.length, i + WINDOW); j++) {
                if (isAncestorAmong(order, i, j, order[j])) {
                    break;
                }
                double before = travel(order, head, i - 1, i) + travel(order, head, j, j + 1);
                double after = (i == 0 ? head : startOf(order[i - 1])).distanceMm(startOf(order[j]))
                        + (j + 1 < order.length ? startOf(order[i]).distanceMm(startOf(order[j + 1])) : 0);
                if (after < before - 1e-9) {
                    reverse(order, i, j);
                    shorter = true;
                }
            }
        }
        return shorter;
    }

    /** True when one of order[from..to) waits inside {@code path}, or the other way round. */
    private boolean isAncestorAmong(int[] order, int from, int to, int path) {
        for (int k = from; k < to; k++) {
            if (encloses(path, order[k]) || encloses(order[k], path)) {
                return true;
            }
        }
        return false;
    }

    private boolean encloses(int outer, int inner) {
        for (int p = parent[inner]; p >= 0; p = parent[p]) {
            if (p == outer) {
                return true;
            }
        }
        return false;
    }

    private boolean moveSingles(int[] order, Point head) {
        boolean shorter = false;
        for (int i = 0; i < order.length; i++) {
            int moved = order[i];
            double gain = travel(order, head, i - 1, i) + travel(order, head, i, i + 1) - closed(order, head, i);
            for (int j = i + 1; j < Math.min(order.length, i + WINDOW); j++) {
                if (encloses(order[j], moved)) {
                    break;
                }
                double cost = startOf(order[j]).distanceMm(startOf(moved))
                        + (j + 1 < order.length ? startOf(moved).distanceMm(startOf(order[j + 1])) : 0)
                        - travel(order, head, j, j + 1);
                if (cost < gain - 1e-9) {
                    System.arraycopy(order, i + 1, order, i, j - i);
                    order[j] = moved;
                    shorter = true;
                    break;
                }
            }
        }
        return shorter;
    }

    /** The travel from the one before {@code i} straight to the one after it. */
    private double closed(int[] order, Point head, int i) {
        Point a = i == 0 ? head : startOf(order[i - 1]);
        return i + 1 < order.length ? a.distanceMm(startOf(order[i + 1])) : 0;
    }

    private static void reverse(int[] order, int from, int to) {
        for (int a = from, b = to; a < b; a++, b--) {
            int t = order[a];
            order[a] = order[b];
            order[b] = t;
        }
    }

    private void beginAnew(int[] order, Point head) {
        for (int k = 0; k < order.length; k++) {
            Outline o = paths.get(order[k]).outline();
            Point before = k == 0 ? head : startOf(order[k - 1]);
            Point after = k + 1 < order.length ? startOf(order[k + 1]) : null;
            int best = start[order[k]];
            double bestMm = Double.POSITIVE_INFINITY;
            for (int i = 0; i < o.size(); i++) {
                double mm = Math.hypot(o.xMm(i) - before.xMm(), o.yMm(i) - before.yMm())
                        + (after == null ? 0 : Math.hypot(o.xMm(i) - after.xMm(), o.yMm(i) - after.yMm()));
                if (mm < bestMm) {
                    bestMm = mm;
                    best = i;
                }
            }
            start[order[k]] = best;
        }
    }
}
