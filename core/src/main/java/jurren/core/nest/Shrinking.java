package jurren.core.nest;

import java.util.List;
import java.util.SplittableRandom;
import jurren.core.stop.Stop;

/**
 * Makes an open bed shorter and shorter: everything is pushed into a little less length and untangled there; where that
 * does not come to an end, two are exchanged and it is tried anew.
 */
final class Shrinking implements Search {
    private static final double FIRST_SHRINK = 0.03;
    private static final double LEAST_SHRINK = 0.001;
    private static final int PATIENCE = 60;
    /** So often what stays tangled is gone on with before it is begun anew. */
    private static final int ANEW = 5;

    private final List<int[]> turns;
    private final SplittableRandom random;
    private Board best;
    private Board now;
    private Untangling untangling;
    private double shrink = FIRST_SHRINK;
    private int failed;
    /** What could not be untangled is often nearer to an end than the last that could. */
    private Board tangled;

    private long work;

    Shrinking(Board start, List<int[]> turns, long seed) {
        this.best = start.copy();
        this.turns = turns;
        this.random = new SplittableRandom(seed);
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
        untangling = null;
        failed = 0;
    }

    @Override
    public void step(long units, Stop stop) {
        long until = work + units;
        while (work < until) {
            stop.look();
            if (untangling == null && !begin()) {
                return;
            }
            long before = now.work;
            boolean free = untangling.round();
            work += Math.max(1, now.work - before);
            if (free) {
                double was = lengthMm();
                now.maxX = best.maxX;
                best = now;
                best.weight = null;
                untangling = null;
                failed = 0;
                if (lengthMm() > was * (1 - shrink / 2)) {
                    shrink = Math.max(LEAST_SHRINK, shrink / 2);
                }
            } else if (untangling.sinceBetter > PATIENCE) {
                untangling = null;
                tangled = now;
                failed++;
                if (failed % 3 == 0) {
                    shrink = Math.max(LEAST_SHRINK, shrink * 0.6);
                }
            }
        }
    }

    private boolean begin() {
        double end = best.endX();
        double target = best.minX + (end - best.minX) * (1 - shrink);
        double open = best.maxX;
        now = failed % ANEW == 0 || tangled == null ? best.copy() : tangled;
        tangled = null;
        now.maxX = target;
        boolean any = false;
        for (int i = 0; i < now.n; i++) {
            int turn = now.turn[i];
            if (now.fixed[i]) {
                if (now.item[i] >= 0
                        && now.x[i] + now.shapes.turned(turn).trueBox().maxXMm() > target) {
                    return false;
                }
                continue;
            }
            any = true;
            if (!fitsSomehow(now, turns.get(now.item[i]))) {
                return false;
            }
            if (!now.fits(turn)) {
                now.turn[i] = fitting(now, turns.get(now.item[i]));
                turn = now.turn[i];
            }
            now.x[i] = Math.clamp(now.x[i], now.lowX(turn), Math.max(now.lowX(turn), now.highX(turn)));
            now.y[i] = Math.clamp(now.y[i], now.lowY(turn), Math.max(now.lowY(turn), now.highY(turn)));
        }
        if (!any || open < target) {
            return false;
        }
        if (failed > 0) {
            exchange();
        }
        untangling = new Untangling(now, turns, random.split());
        return true;
    }

    private static boolean fitsSomehow(Board board, int[] turns) {
        return fitting(board, turns) >= 0;
    }

    private static int fitting(Board board, int[] turns) {
        for (int t : turns) {
            if (board.fits(t)) {
                return t;
            }
        }
        return -1;
    }

    /** Two that may move change places. */
    private void exchange() {
        int a = movable();
        int b = movable();
        double ax = now.x[a];
        double ay = now.y[a];
        put(a, now.x[b], now.y[b]);
        put(b, ax, ay);
    }

    private int movable() {
        int i;
        do {
            i = random.nextInt(now.n);
        } while (now.fixed[i]);
        return i;
    }

    private void put(int i, double x, double y) {
        int turn = now.turn[i];
        now.x[i] = Math.clamp(x, now.lowX(turn), Math.max(now.lowX(turn), now.highX(turn)));
        now.y[i] = Math.clamp(y, now.lowY(turn), Math.max(now.lowY(turn), now.highY(turn)));
    }
}
