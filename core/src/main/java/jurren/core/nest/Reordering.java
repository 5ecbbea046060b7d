package jurren.core.nest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import jurren.core.stop.Stop;

/**
 * Fills an open bed again and again, the larger mostly before the smaller but never in the same order: now and then in
 * one drawn anew, mostly in the best so far with a few changed. For very many shapes that gains more in a short time
 * than untangling them.
 */
final class Reordering implements Search {
    private static final int LINES = 160;
    /** Between these factors a shape counts for more or less than it is large. */
    private static final double LEAST_FACTOR = 0.6;

    private static final double MOST_FACTOR = 1.5;
    private static final double ANEW = 0.15;
    private static final double CHANGED = 0.1;
    private static final double LEAST_CHANGE = 0.5;
    private static final double MOST_CHANGE = 2;

    private final Board empty;
    private final List<int[]> turns;
    private final List<Integer> items = new ArrayList<>();
    private final SplittableRandom random;
    private Board best;
    /** For how large each counts in the best order so far, and how long that made it. */
    private Map<Integer, Double> sizes = Map.of();

    private double shortest = Double.POSITIVE_INFINITY;

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
            Map<Integer, Double> next = sizes.isEmpty() || random.nextDouble() < ANEW ? drawn() : changed();
            List<Integer> order = new ArrayList<>(items);
            order.sort(Comparator.comparingDouble((Integer i) -> -next.get(i)));
            Board board = empty.copy();
            if (FirstFit.lay(board, turns, order, LINES, stop).isEmpty()) {
                if (board.endX() < shortest) {
                    shortest = board.endX();
                    sizes = next;
                }
                if (board.endX() < best.endX() - Clearance.TOUCHING_MM) {
                    best = board;
                }
            }
            work += Math.max(1, board.work);
        }
    }

    private Map<Integer, Double> drawn() {
        Map<Integer, Double> size = new HashMap<>();
        for (int i : items) {
            size.put(i, empty.shapes.turned(turns.get(i)[0]).trueBox().areaMm2() * between(LEAST_FACTOR, MOST_FACTOR));
        }
        return size;
    }

    private Map<Integer, Double> changed() {
        Map<Integer, Double> size = new HashMap<>(sizes);
        for (int i : items) {
            if (random.nextDouble() < CHANGED) {
                size.compute(i, (_, s) -> s * between(LEAST_CHANGE, MOST_CHANGE));
            }
        }
        return size;
    }

    private double between(double least, double most) {
        return least + random.nextDouble() * (most - least);
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
