package jurren.core.nest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import jurren.core.stop.Stop;

/**
 * Fills an open bed again and again, the larger mostly before the smaller but never in the same order: for very many shapes
 * that gains more in a short time than untangling them.
 */
final class Reordering implements Search {
    private static final int LINES = 96;
    /** Between these factors a shape counts for more or less than it is large. */
    private static final double LEAST_FACTOR = 0.6;
    private static final double MOST_FACTOR = 1.5;

    private final Board empty;
    private final List<int[]> turns;
    private final List<Integer> items = new ArrayList<>();
    private final SplittableRandom random;
    private Board best;

    Reordering(Board start, List<int[]> turns, long seed) {
        this.best = start.copy();
        this.turns = turns;
        this.random = new SplittableRandom(seed);
        this.empty = start.onlyFixed();
        for (int i = 0; i < start.n; i++) {
            if (!start.fixed[i]) {
                items.add(start.item[i]);
            }
        }
    }

    @Override
    public void step(long units, Stop stop) {
        long work = 0;
        while (work < units) {
            Map<Integer, Double> size = new HashMap<>();
            for (int i : items) {
                double area = empty.shapes.turned(turns.get(i)[0]).trueBox().areaMm2();
                size.put(i, area * (LEAST_FACTOR + random.nextDouble() * (MOST_FACTOR - LEAST_FACTOR)));
            }
            List<Integer> order = new ArrayList<>(items);
            order.sort(Comparator.comparingDouble((Integer i) -> -size.get(i)));
            Board board = empty.copy();
            if (FirstFit.lay(board, turns, order, LINES, stop).isEmpty() && board.endX() < best.endX() - Clearance.TOUCHING_MM) {
                best = board;
            }
            work += Math.max(1, board.work);
        }
    }

    @Override
    public Board best() {
        return best;
    }

    @Override
    public double lengthMm() {
        return best.endX() - best.minX;
    }

    @Override
    public void adopt(Board better) {
        best = better.copy();
    }
}
