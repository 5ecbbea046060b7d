package jurren.core.nest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import jurren.core.geometry.Box;
import jurren.core.stop.Stop;

/**
 * Lays an open bed anew, each time what touches most of what lies there already, as a dry wall is built: shapes that
 * were one before find each other again. Several walls are built side by side, and only those that fit best go on.
 *
 * <p>Touching perimeter (A. Lodi, S. Martello and D. Vigo, Heuristic and metaheuristic approaches for a class of
 * two-dimensional bin packing problems, 1999) in a beam search (P. S. Ow and T. E. Morton, Filtered beam search in
 * scheduling, 1988).
 */
final class BeamSearch implements Search {
    private static final double CELL_MM = 0.5;
    private static final int MOST_CELLS = 600_000;
    /** Finer than this share of a shape need not be felt. */
    private static final int CELLS_ACROSS = 80;
    /** How many are built side by side, from run to run. */
    private static final int[] WIDTHS = {8, 16, 8, 32};
    /** In how many ways each goes on. */
    private static final int BRANCHES = 6;

    private static final double BESIDE_MM = 2;
    /** How much more the touching of a large shape counts. */
    private static final double LARGE = 0.25;
    /** What is this much longer than the best after so many runs will not catch up. */
    private static final double HOPELESS = 1.03;

    private static final int TRIED = 6;
    /** What is counted takes about so many times as long as in a search that only moves shapes. */
    private static final int SLOW = 3;

    private static final int BEGINNING = 500;

    private final Board empty;
    private final List<int[]> turns;
    private final List<Integer> items = new ArrayList<>();
    private final Map<Integer, double[]> feelers = new HashMap<>();
    private final CandidatePositions.Room room = new CandidatePositions.Room();
    private final SplittableRandom random;
    private final double largestMm2;
    private final double cellMm;
    private Board best;
    private Taste taste = new Taste(0.25, 0.15, 0.02, 0.5);
    private Taste trying = taste;
    private double shortest = Double.POSITIVE_INFINITY;
    private List<Wall> walls = List.of();
    private int runs;

    /**
     * How much it counts that a shape is large, lies far along and loses film beside it; and how much is left to
     * chance.
     */
    private record Taste(double size, double far, double chance, double loss) {
        Taste like(SplittableRandom random) {
            return new Taste(
                    size * Math.exp(0.4 * random.nextGaussian()),
                    far * Math.exp(0.4 * random.nextGaussian()),
                    0.1 * random.nextDouble(),
                    1.2 * random.nextDouble());
        }
    }

    /** What is laid so far, where each of the rest could lie, and how well all fits. */
    private record Wall(Board board, Contact contact, List<CandidatePositions> spots, double fit, long mark) {}

    /** A shape at a spot, on one of the walls. */
    private record Choice(Wall on, CandidatePositions of, double x, double y, double fit, long mark) {}

    /** @param start with clearances in outlines, and longer than is hoped for */
    BeamSearch(Board start, List<int[]> turns, long seed) {
        this.best = start.copy();
        this.turns = turns;
        this.random = new SplittableRandom(seed);
        this.empty = start.onlyFixed();
        double largest = 0;
        for (int i = 0; i < start.n; i++) {
            if (!start.fixed[i]) {
                items.add(start.item[i]);
                largest = Math.max(largest, area(start.turn[i]));
            }
        }
        this.largestMm2 = largest;
        double sheet = lengthMm() * (start.maxY - start.minY);
        this.cellMm = Math.max(
                CELL_MM, Math.max(Math.sqrt(sheet / items.size()) / CELLS_ACROSS, Math.sqrt(sheet / MOST_CELLS)));
    }

    private double area(int turn) {
        return empty.shapes.turned(turn).trueBox().areaMm2();
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

    /** Whether it has tried for a while and what it builds is far longer than the best. */
    boolean isHopeless() {
        return runs >= TRIED && shortest > HOPELESS * lengthMm();
    }

    @Override
    public void step(long units, Stop stop) {
        long work = 0;
        while (work < units) {
            stop.look();
            work += SLOW * (walls.isEmpty() ? begin() : next(stop));
        }
    }

    private long begin() {
        trying = runs == 0 ? taste : taste.like(random);
        runs++;
        Board board = empty.copy();
        board.maxX = Math.min(empty.maxX, best.minX + HOPELESS * lengthMm());
        Box bed = new Box(board.minX, board.minY, board.maxX, board.maxY);
        Contact contact = new Contact(bed, cellMm);
        for (int i = 0; i < board.n; i++) {
            contact.take(board.shapes.turned(board.turn[i]), board.x[i], board.y[i]);
        }
        List<CandidatePositions> spots = new ArrayList<>();
        for (int item : items) {
            for (int turn : turns.get(item)) {
                if (board.fits(turn)) {
                    CandidatePositions s = new CandidatePositions(item, turn);
                    s.begin(board, feeling(contact, turn));
                    for (int i = 0; i < board.n; i++) {
                        s.after(board, i, feeling(contact, turn), room);
                    }
                    spots.add(s);
                }
            }
        }
        walls = List.of(new Wall(board, contact, spots, 0, 0));
        return BEGINNING + contact.work() + board.work;
    }

    private CandidatePositions.Feeling feeling(Contact contact, int turn) {
        return new CandidatePositions.Feeling(
                contact,
                feelers.computeIfAbsent(turn, t -> Contact.feelers(empty.shapes.turned(t), cellMm)),
                trying.loss);
    }

    /** One more on each of the walls that fit best. */
    private long next(Stop stop) {
        List<Choice> choices = new ArrayList<>();
        for (Wall w : walls) {
            choices(w, choices);
        }
        choices.sort(Comparator.comparingDouble(c -> -c.fit));
        Set<Long> seen = new HashSet<>();
        List<Wall> grown = new ArrayList<>();
        long work = 1;
        int width = WIDTHS[(runs - 1) % WIDTHS.length];
        for (Choice c : choices) {
            if (grown.size() < width && seen.add(c.mark)) {
                stop.look();
                Wall w = with(c);
                work += w.contact.work() + w.board.work;
                if (w.board.n == empty.n + items.size()) {
                    done(w.board);
                } else if (isOpenToAll(w)) {
                    grown.add(w);
                }
            }
        }
        walls = grown;
        return work;
    }

    private void done(Board full) {
        double length = full.endX() - full.minX;
        shortest = Math.min(shortest, length);
        if (length < lengthMm() - Clearance.TOUCHING_MM) {
            best = full;
            best.maxX = empty.maxX;
            best.work = 0;
            taste = trying;
        }
    }

    private void choices(Wall w, List<Choice> into) {
        List<Choice> all = new ArrayList<>();
        double across = w.board.maxY - w.board.minY;
        for (CandidatePositions s : w.spots) {
            double area = area(s.turn) / largestMm2;
            double end = w.board.shapes.turned(s.turn).trueBox().maxXMm() - w.board.minX;
            for (int k = 0; k < s.n; k++) {
                double value = s.touching[k] * Math.pow(area, LARGE)
                        + trying.size * Math.sqrt(area)
                        - trying.far * (s.x[k] + end) / across
                        + trying.chance * random.nextDouble();
                all.add(new Choice(w, s, s.x[k], s.y[k], w.fit + value, w.mark + mark(s, k)));
            }
        }
        all.sort(Comparator.comparingDouble(c -> -c.fit));
        int from = into.size();
        for (int k = 0; k < all.size() && into.size() < from + BRANCHES; k++) {
            Choice c = all.get(k);
            if (into.subList(from, into.size()).stream()
                    .noneMatch(o -> o.of == c.of && Math.hypot(o.x - c.x, o.y - c.y) < BESIDE_MM)) {
                into.add(c);
            }
        }
    }

    /** The same for the same shapes at the same places, in whichever order they were laid. */
    private static long mark(CandidatePositions s, int k) {
        long h = (s.item * 31L + s.turn) * 1_000_003 + Math.round(2 * s.x[k]) * 7919 + Math.round(2 * s.y[k]);
        h *= 0x9E3779B97F4A7C15L;
        return h ^ h >>> 29;
    }

    private Wall with(Choice c) {
        Board board = c.on.board.copy();
        int laid = board.add(c.of.item, c.of.turn, c.x, c.y, false);
        Contact contact = c.on.contact.copy();
        contact.take(board.shapes.turned(c.of.turn), c.x, c.y);
        List<CandidatePositions> spots = new ArrayList<>();
        for (CandidatePositions s : c.on.spots) {
            if (s.item != c.of.item) {
                CandidatePositions copy = s.copy();
                copy.after(board, laid, feeling(contact, s.turn), room);
                spots.add(copy);
            }
        }
        return new Wall(board, contact, spots, c.fit, c.mark);
    }

    /** A shape that has no spot any more will have none. */
    private static boolean isOpenToAll(Wall w) {
        Set<Integer> open = new HashSet<>();
        Set<Integer> wanted = new HashSet<>();
        for (CandidatePositions s : w.spots) {
            wanted.add(s.item);
            if (s.n > 0) {
                open.add(s.item);
            }
        }
        return open.size() == wanted.size();
    }
}
