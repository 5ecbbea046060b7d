package jurren.core.nest;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeSet;
import java.util.concurrent.CancellationException;
import java.util.stream.IntStream;
import jurren.core.geometry.Region;
import jurren.core.stop.Stop;

/**
 * Lays cutouts on beds: as many as can be on the first, what is left on the next. A good layout stands at once;
 * {@link #improve} looks for better ones. The same cutouts, beds, seed and steps give the same.
 */
public final class Nest {
    /** What one step looks at in each of its searches, in convex parts: about a tenth of a second. */
    private static final long STEP = 1_500_000;
    /** A search that is longer by this share gives up its own way for the best. */
    private static final double BEHIND = 0.01;

    private static final long INSERTION = 400_000;
    private static final int MANY = 40;
    private static final int VERY_MANY = 300;

    private final List<Cutout> cutouts;
    private final List<Bed> beds;
    private final Shapes shapes;
    private final List<int[]> turns = new ArrayList<>();
    private final List<Board> boards = new ArrayList<>();
    private final List<Integer> unlaid;
    private final List<Search> searches = new ArrayList<>();
    private final SplittableRandom random;
    private int openBed = -1;
    private int step;

    private Nest(List<Cutout> cutouts, List<Bed> beds, double gapMm, long seed) {
        this.cutouts = List.copyOf(cutouts);
        this.beds = List.copyOf(beds);
        this.shapes = new Shapes(gapMm);
        this.random = new SplittableRandom(seed);
        shapes.expect(cutouts);
        List<Integer> pins = new ArrayList<>();
        for (Cutout c : cutouts) {
            turns.add(shapes.turnsOf(c));
            pins.add(c.pinned().map(p -> shapes.turned(c, p.degrees())).orElse(-1));
        }
        List<Integer> obstacles = beds.stream()
                .map(b -> {
                    Region around = Region.of(b.usable().bounds()).minus(b.usable());
                    return around.areaMm2() > 1e-6 ? shapes.obstacle(around) : -1;
                })
                .toList();
        shapes.ready();
        List<Integer> left = FirstFit.largestFirst(
                shapes,
                turns,
                IntStream.range(0, cutouts.size())
                        .filter(i -> cutouts.get(i).pinned().isEmpty())
                        .boxed()
                        .toList());
        for (int b = 0; b < beds.size(); b++) {
            Stop.lookHere();
            Board board = new Board(shapes, beds.get(b).usable().bounds());
            if (obstacles.get(b) >= 0) {
                board.add(-1, obstacles.get(b), 0, 0, true);
            }
            for (int i = 0; i < cutouts.size(); i++) {
                Optional<BedPosition> pin = cutouts.get(i).pinned();
                if (pin.isPresent() && pin.get().bed() == b) {
                    board.add(i, pins.get(i), pin.get().xMm(), pin.get().yMm(), true);
                }
            }
            left = beds.get(b).full()
                    ? left
                    : FirstFit.lay(board, few(), left, FirstFit.lines(cutouts.size()), Stop.here());
            boards.add(board);
            if (beds.get(b).open()) {
                openBed = b;
            }
        }
        this.unlaid = new ArrayList<>(left);
    }

    /** For a layout at once, very many are only tried as they come and turned once. */
    private List<int[]> few() {
        return cutouts.size() < VERY_MANY
                ? turns
                : turns.stream()
                        .map(t -> Arrays.copyOf(t, Math.min(2, t.length)))
                        .toList();
    }

    public static Nest of(List<Cutout> cutouts, List<Bed> beds, double gapMm, long seed) {
        return new Nest(cutouts, beds, gapMm, seed);
    }

    /**
     * What is laid is taken apart, and beside that built up anew by what fits; very many are built up by their size
     * alone.
     */
    private void begin() {
        searches.clear();
        long movable = openBed < 0
                ? 0
                : IntStream.range(0, boards.get(openBed).n)
                        .filter(i -> !boards.get(openBed).fixed[i])
                        .count();
        if (movable > 0) {
            Board start = boards.get(openBed);
            boolean many = movable >= MANY && !shapes.isOutlined();
            searches.add(
                    many
                            ? new Reordering(start, turns, random.nextLong())
                            : new Shrinking(start, turns, random.nextLong()));
            searches.add(
                    many
                            ? new Reordering(start, turns, random.nextLong())
                            : shapes.isOutlined()
                                    ? new BeamSearch(start, turns, random.nextLong())
                                    : new Shrinking(start, turns, random.nextLong()));
        }
    }

    /** The best so far. */
    public Layout layout() {
        List<Optional<BedPosition>> lies = new ArrayList<>(Collections.nCopies(cutouts.size(), Optional.empty()));
        List<Double> used = new ArrayList<>();
        for (int b = 0; b < boards.size(); b++) {
            Board board = boards.get(b);
            for (int i = 0; i < board.n; i++) {
                if (board.item[i] >= 0) {
                    int item = board.item[i];
                    double degrees = board.fixed[i]
                            ? cutouts.get(item).pinned().orElseThrow().degrees()
                            : shapes.turned(board.turn[i]).degrees();
                    lies.set(item, Optional.of(new BedPosition(b, degrees, board.x[i], board.y[i])));
                }
            }
            used.add(board.endX() - board.minX);
        }
        return new Layout(lies, used);
    }

    /** Goes on for so many steps, each about a tenth of a second long; true when the layout became better. */
    public boolean improve(int steps) {
        boolean better = false;
        Stop stop = Stop.here();
        if (step == 0) {
            outline();
            begin();
        }
        for (int s = 0; s < steps; s++) {
            stop.look();
            better |= step % 4 == 0 && insert();
            step++;
            if (searches.isEmpty()) {
                continue;
            }
            searches.parallelStream().forEach(search -> {
                try {
                    search.step(STEP, stop);
                } catch (CancellationException _) {
                    // the other may be at work still: both end before anybody hears of it
                }
            });
            stop.look();
            Search best = searches.getFirst();
            for (Search search : searches) {
                if (search.lengthMm() < best.lengthMm() - Clearance.TOUCHING_MM) {
                    best = search;
                }
            }
            Board before = boards.get(openBed);
            if (best.lengthMm() < before.endX() - before.minX - Clearance.TOUCHING_MM) {
                boards.set(openBed, best.best());
                better = true;
            }
            for (Search search : searches) {
                if (search.lengthMm() > best.lengthMm() * (1 + BEHIND)) {
                    search.adopt(best.best());
                }
            }
            searches.replaceAll(search -> search instanceof BeamSearch snug && snug.isHopeless()
                    ? new Shrinking(boards.get(openBed), turns, random.nextLong())
                    : search);
        }
        return better;
    }

    private void outline() {
        Set<Integer> used = new TreeSet<>();
        for (int i = 0; i < cutouts.size(); i++) {
            if (cutouts.get(i).pinned().isEmpty()) {
                Arrays.stream(turns.get(i)).forEach(used::add);
            }
        }
        for (Board board : boards) {
            IntStream.range(0, board.n).map(i -> board.turn[i]).forEach(used::add);
        }
        shapes.outline(used);
    }

    /** Tries to put one more onto a bed that is there anyway, so that less is taken from the roll. */
    private boolean insert() {
        for (int b = 0; b < boards.size(); b++) {
            if (beds.get(b).open() || beds.get(b).full()) {
                continue;
            }
            List<Integer> wanted = new ArrayList<>(unlaid);
            for (int later = b + 1; later < boards.size(); later++) {
                Board from = boards.get(later);
                IntStream.range(0, from.n)
                        .filter(i -> !from.fixed[i])
                        .map(i -> from.item[i])
                        .forEach(wanted::add);
            }
            if (wanted.isEmpty()) {
                continue;
            }
            int item = wanted.get(random.nextInt(wanted.size()));
            Board more = with(boards.get(b), item);
            if (more != null) {
                boards.set(b, more);
                unlaid.remove((Integer) item);
                for (int later = b + 1; later < boards.size(); later++) {
                    boards.set(later, without(boards.get(later), item));
                }
                begin();
                return true;
            }
        }
        return false;
    }

    private Board with(Board board, int item) {
        int turn = -1;
        for (int t : turns.get(item)) {
            turn = turn < 0 && board.fits(t) ? t : turn;
        }
        if (turn < 0) {
            return null;
        }
        Board more = board.copy();
        more.add(
                item,
                turn,
                more.lowX(turn) + random.nextDouble() * Math.max(0, more.highX(turn) - more.lowX(turn)),
                more.lowY(turn) + random.nextDouble() * Math.max(0, more.highY(turn) - more.lowY(turn)),
                false);
        Untangling untangling = new Untangling(more, turns, random.split());
        while (more.work < INSERTION) {
            if (untangling.round()) {
                more.weight = null;
                return more;
            }
            more.work++;
        }
        return null;
    }

    private static Board without(Board board, int item) {
        Board less = board.copy();
        less.n = 0;
        for (int i = 0; i < board.n; i++) {
            if (board.item[i] != item) {
                less.add(board.item[i], board.turn[i], board.x[i], board.y[i], board.fixed[i]);
            }
        }
        return less;
    }
}
