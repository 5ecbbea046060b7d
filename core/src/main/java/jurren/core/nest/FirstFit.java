package jurren.core.nest;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jurren.core.stop.Stop;

/**
 * A layout at once: the largest first, each where its far end comes least far along the feed, then pushed to the lower
 * edge and back (bottom-left fill; B. S. Baker, E. G. Coffman and R. L. Rivest, Orthogonal packings in two dimensions,
 * 1980).
 */
final class FirstFit {
    /** Lines across a bed that are looked along; with very many pieces fewer. */
    private static final int MOST_LINES = 24;

    private static final int LEAST_LINES = 6;
    private static final int LINES_IN_ALL = 6000;
    private static final int MOST_PUSHES = 4;

    private final Board board;
    private final int lines;
    /** How far each line was looked along, for each shape in each turn. */
    private final Map<Integer, double[]> reached = new HashMap<>();

    private FirstFit(Board board, int lines) {
        this.board = board;
        this.lines = lines;
    }

    /** Items with their turns, the largest first. */
    static List<Integer> largestFirst(Shapes shapes, List<int[]> turns, List<Integer> items) {
        List<Integer> order = new ArrayList<>(items);
        order.sort(Comparator.comparingDouble(
                (Integer i) -> -shapes.turned(turns.get(i)[0]).trueBox().areaMm2()));
        return order;
    }

    /** So many lines for so many pieces. */
    static int lines(int pieces) {
        return Math.clamp(LINES_IN_ALL / Math.max(1, pieces), LEAST_LINES, MOST_LINES);
    }

    /** Lays all that fit; answers those that do not. */
    static List<Integer> lay(Board board, List<int[]> turns, List<Integer> order, int lines, Stop stop) {
        List<Integer> left = new ArrayList<>();
        FirstFit fit = new FirstFit(board, lines);
        for (int item : order) {
            stop.look();
            if (!fit.layOne(item, turns.get(item))) {
                left.add(item);
            }
        }
        return left;
    }

    private boolean layOne(int item, int[] turns) {
        int bestTurn = -1;
        double bestX = 0;
        double bestY = 0;
        double bestEnd = Double.POSITIVE_INFINITY;
        for (int turn : turns) {
            if (!board.fits(turn)) {
                continue;
            }
            double far = board.shapes.turned(turn).trueBox().maxXMm();
            double lowX = board.lowX(turn);
            double highX = Math.max(lowX, board.highX(turn));
            double lowY = board.lowY(turn);
            double highY = Math.max(lowY, board.highY(turn));
            // a board only fills: what was not free for this shape never will be
            double[] from = reached.computeIfAbsent(turn, _ -> {
                double[] start = new double[lines];
                Arrays.fill(start, lowX);
                return start;
            });
            for (int line = 0; line < (highY > lowY ? lines : 1); line++) {
                if (Double.isNaN(from[line]) || from[line] + far >= bestEnd - Clearance.TOUCHING_MM) {
                    continue;
                }
                double y = lowY + (highY - lowY) * line / (lines - 1);
                // further than the best so far need not be looked now
                double until = Math.min(highX, bestEnd - far);
                double free = board.firstFree(-1, turn, false, y, from[line], until);
                from[line] = Double.isNaN(free) && until < highX ? until : free;
                if (free + far < bestEnd - Clearance.TOUCHING_MM) {
                    bestEnd = from[line] + far;
                    bestTurn = turn;
                    bestX = from[line];
                    bestY = y;
                }
            }
        }
        if (bestTurn >= 0) {
            push(item, bestTurn, bestX, bestY);
        }
        return bestTurn >= 0;
    }

    /** To the lower edge and back, as long as it moves. */
    private void push(int item, int turn, double startX, double startY) {
        double x = startX;
        double y = startY;
        for (int push = 0; push < MOST_PUSHES; push++) {
            double down = board.firstFree(-1, turn, true, x, board.lowY(turn), y);
            double back = Double.isNaN(down) ? Double.NaN : board.firstFree(-1, turn, false, down, board.lowX(turn), x);
            if (Double.isNaN(back) || down == y && back == x) {
                break;
            }
            y = down;
            x = back;
        }
        board.add(item, turn, x, y, false);
    }
}
