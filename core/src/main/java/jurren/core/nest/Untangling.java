package jurren.core.nest;

import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Takes shapes that overlap apart. Those that overlap are moved, one by one, to where the overlap with all others,
 * weighed, is least; whatever still overlaps then gains weight, so that no two are stuck in each other for long.
 *
 * <p>Guided local search on overlaps: J. Egeblad, B. K. Nielsen and A. Odgaard, Fast neighborhood search for two- and
 * three-dimensional nesting problems, 2007; S. Umetani et al., Solving the irregular strip packing problem via guided
 * local search for overlap minimization, 2009.
 */
final class Untangling {
    private static final int STARTS = 5;
    private static final int MOST_TURNS = 3;
    private static final int ZIGZAGS = 3;
    /** What an overlap that stays gains at most in weight, and what one that is gone keeps of it. */
    private static final double GAIN = 1.0;

    private static final double KEPT = 0.95;

    private final Board board;
    private final List<int[]> turns;
    private final SplittableRandom random;
    private final double[][] weight;
    private final double[][] depth;
    private final int[] order;
    private double bestSum = Double.POSITIVE_INFINITY;
    int sinceBetter;

    Untangling(Board board, List<int[]> turns, SplittableRandom random) {
        this.board = board;
        this.turns = turns;
        this.random = random;
        int n = board.n;
        this.weight = new double[n][n];
        this.depth = new double[n][n];
        this.order = new int[n];
        for (int i = 0; i < n; i++) {
            Arrays.fill(weight[i], 1);
            order[i] = i;
        }
        board.weight = weight;
        for (int i = 0; i < n; i++) {
            measure(i);
        }
    }

    /** Every overlap with one shape, measured anew. */
    private void measure(int i) {
        for (int j = 0; j < board.n; j++) {
            if (j != i) {
                depth[i][j] =
                        board.fixed[i] && board.fixed[j] ? 0 : board.depth(board.turn[i], board.x[i], board.y[i], j);
                depth[j][i] = depth[i][j];
            }
        }
    }

    double sum() {
        double sum = 0;
        for (int i = 0; i < board.n; i++) {
            for (int j = 0; j < i; j++) {
                sum += depth[i][j];
            }
        }
        return sum;
    }

    private boolean overlaps(int i) {
        for (int j = 0; j < board.n; j++) {
            if (depth[i][j] > 0) {
                return true;
            }
        }
        return false;
    }

    /** One round over all that overlap; true when nothing does any more. */
    boolean round() {
        for (int k = order.length - 1; k > 0; k--) {
            int other = random.nextInt(k + 1);
            int t = order[k];
            order[k] = order[other];
            order[other] = t;
        }
        for (int i : order) {
            if (!board.fixed[i] && overlaps(i)) {
                move(i);
            }
        }
        double sum = 0;
        double most = 0;
        for (int i = 0; i < board.n; i++) {
            for (int j = 0; j < i; j++) {
                sum += depth[i][j];
                most = Math.max(most, depth[i][j]);
            }
        }
        if (sum == 0) {
            return true;
        }
        if (sum < bestSum * 0.98) {
            bestSum = sum;
            sinceBetter = 0;
        } else {
            sinceBetter++;
        }
        for (int i = 0; i < board.n; i++) {
            for (int j = 0; j < i; j++) {
                weight[i][j] = depth[i][j] > 0
                        ? weight[i][j] * (1 + GAIN * (0.2 + 0.8 * depth[i][j] / most))
                        : Math.max(1, weight[i][j] * KEPT);
                weight[j][i] = weight[i][j];
            }
        }
        return false;
    }

    private double bestValue;
    private int bestTurn;
    private double bestX;
    private double bestY;

    private void move(int i) {
        int[] own = turns.get(board.item[i]);
        bestTurn = board.turn[i];
        bestX = board.x[i];
        bestY = board.y[i];
        bestValue = value(i, bestTurn, bestX, bestY, Double.POSITIVE_INFINITY);
        from(i, bestTurn, bestX, bestY);
        int tried = Math.min(own.length, MOST_TURNS);
        for (int k = 0; k < tried && bestValue > 0; k++) {
            int turn = k == 0 && own.length > MOST_TURNS
                    ? board.turn[i]
                    : own.length <= MOST_TURNS ? own[k] : own[random.nextInt(own.length)];
            if (!board.fits(turn)) {
                continue;
            }
            for (int s = 0; s < STARTS / tried + 1 && bestValue > 0; s++) {
                from(
                        i,
                        turn,
                        between(board.lowX(turn), board.highX(turn)),
                        between(board.lowY(turn), board.highY(turn)));
            }
        }
        board.turn[i] = bestTurn;
        board.x[i] = bestX;
        board.y[i] = bestY;
        measure(i);
    }

    private double between(double low, double high) {
        return high <= low ? low : low + random.nextDouble() * (high - low);
    }

    /** Along a level line, from its best place along an upright one, and so on. */
    private void from(int i, int turn, double startX, double startY) {
        double x = Math.clamp(startX, board.lowX(turn), Math.max(board.lowX(turn), board.highX(turn)));
        double y = Math.clamp(startY, board.lowY(turn), Math.max(board.lowY(turn), board.highY(turn)));
        boolean upright = random.nextBoolean();
        double last = Double.POSITIVE_INFINITY;
        for (int z = 0; z < ZIGZAGS; z++) {
            double found;
            if (upright) {
                found = board.least(
                        i, turn, true, x, board.lowY(turn), Math.max(board.lowY(turn), board.highY(turn)), y);
                y = board.at;
            } else {
                found = board.least(
                        i, turn, false, y, board.lowX(turn), Math.max(board.lowX(turn), board.highX(turn)), x);
                x = board.at;
            }
            if (found == 0 || z > 0 && found >= last) {
                break;
            }
            last = found;
            upright = !upright;
        }
        double value = value(i, turn, x, y, bestValue);
        if (value < bestValue) {
            bestValue = value;
            bestTurn = turn;
            bestX = x;
            bestY = y;
        }
    }

    private double value(int i, int turn, double x, double y, double atMost) {
        double sum = 0;
        for (int j = 0; j < board.n && sum < atMost; j++) {
            if (j != i) {
                sum += weight[i][j] * board.depth(turn, x, y, j);
            }
        }
        return sum;
    }
}
