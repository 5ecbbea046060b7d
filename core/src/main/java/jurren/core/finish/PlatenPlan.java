package jurren.core.finish;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;

/**
 * Where a press closes to reach everything that is pressed.
 *
 * <p>What one position covers takes one. Otherwise, where every piece fits under the platen, the fewest positions that
 * each cover some pieces whole are looked for, so that nothing is shared. Where a piece is larger than the platen, the
 * fewest positions that cover all with {@link #SHARED_MM} heated by both of two neighbours: along each way
 * n = ⌈(art − shared) / (platen − shared)⌉, set one beside the other about the art's middle. What two neighbours share
 * is heated twice, what lies at a crossing of four, four times; only spots with something on them count.
 *
 * <p>Example: one piece 500 × 300 on a platen of 381 × 381 takes ⌈485 / 366⌉ = 2 by 1 positions, which share a strip of
 * 15 mm down its middle and reach 123.5 mm beyond it at each side. Two pieces of 100 mm, 400 mm apart, take two
 * positions that share nothing.
 *
 * @param positions in the order they are pressed, left to right and top to bottom
 * @param twice     what more than one position heats and something lies on
 * @param mostTimes how often the most heated spot is pressed
 */
public record PlatenPlan(Press press, List<Box> positions, List<Box> twice, int mostTimes) {
    public static final double SHARED_MM = 15;
    /** No press is closed oftener in a row: what is larger is a mistake, and told as such. */
    private static final int MOST_IN_A_ROW = 12;
    /** Of more pieces than this those that are near each other go together. */
    private static final int MOST_PIECES = 14;
    /** A platen heats as far as its edge, but hands are not that exact. */
    private static final double EDGE_MM = 5;

    private static final double LEAST_MM2 = 0.5;

    public PlatenPlan {
        positions = List.copyOf(positions);
        twice = List.copyOf(twice);
    }

    /** @param usual where one position is centred if it covers the art from there */
    public static PlatenPlan of(Press press, Box art, Box usual) {
        return of(press, Region.of(art), usual);
    }

    /** @param usual where one position is centred if it covers everything from there */
    public static PlatenPlan of(Press press, Region pressed, Box usual) {
        Box art = pressed.isEmpty() ? usual : pressed.bounds();
        for (Box one : List.of(around(usual, press), around(art, press))) {
            if (one.covers(art, 0.01)) {
                return new PlatenPlan(press, List.of(one), List.of(), 1);
            }
        }
        List<Box> positions = eachWhole(press, pressed).orElseGet(() -> inRows(press, art));
        return new PlatenPlan(press, positions, shared(positions, pressed), times(positions, pressed));
    }

    /** The positions that reach any of a region. */
    public Set<Integer> reaching(Region region) {
        Set<Integer> reach = new HashSet<>();
        for (int i = 0; i < positions.size(); i++) {
            if (positions.size() == 1 || isIn(region, positions.get(i))) {
                reach.add(i);
            }
        }
        return reach;
    }

    /** How often the most heated spot of a region is pressed in one closing over all positions. */
    public int times(Region region) {
        return positions.size() == 1 ? 1 : times(positions, region);
    }

    /**
     * How many of a thing are pressed side by side in one closing.
     *
     * @param takes the room one of them takes under the platen
     */
    public int together(Box takes) {
        if (positions.size() > 1) {
            return 1;
        }
        int along = (int) Math.floor(press.platenWidthMm() / takes.widthMm() + 1e-9);
        int down = (int) Math.floor(press.platenHeightMm() / takes.heightMm() + 1e-9);
        return Math.max(1, along * down);
    }

    private static Box around(Box box, Press press) {
        return at(press, box.centre().xMm(), box.centre().yMm());
    }

    private static Box at(Press press, double xMm, double yMm) {
        return Box.ofSize(
                xMm - press.platenWidthMm() / 2,
                yMm - press.platenHeightMm() / 2,
                press.platenWidthMm(),
                press.platenHeightMm());
    }

    // ---- pieces whole

    /** The fewest positions with each piece whole under one of them; empty when a piece is too large for that. */
    private static Optional<List<Box>> eachWhole(Press press, Region pressed) {
        double wide = press.platenWidthMm() - 2 * EDGE_MM;
        double high = press.platenHeightMm() - 2 * EDGE_MM;
        List<Box> pieces = clusters(pressed, wide, high);
        if (pieces.isEmpty() || pieces.stream().anyMatch(b -> b.widthMm() > wide || b.heightMm() > high)) {
            return Optional.empty();
        }
        List<Set<Integer>> fewest = new ArrayList<>();
        for (int most = 1; most <= pieces.size() && fewest.isEmpty(); most++) {
            cover(pieces, wide, high, new HashSet<>(), new ArrayList<>(), most, fewest);
        }
        if (fewest.size() == 2) {
            fewest = widestApart(pieces, wide, high).orElse(fewest);
        }
        return Optional.of(fewest.stream()
                .map(set -> besideOthers(press, pieces, set))
                .sorted(Comparator.comparingDouble(Box::minYMm).thenComparingDouble(Box::minXMm))
                .toList());
    }

    /** In two, where the gap between them is widest. */
    private static Optional<List<Set<Integer>>> widestApart(List<Box> pieces, double wide, double high) {
        List<Set<Integer>> best = null;
        double widest = 0;
        for (boolean across : new boolean[] {true, false}) {
            List<Integer> order =
                    new ArrayList<>(IntStream.range(0, pieces.size()).boxed().toList());
            order.sort(Comparator.comparingDouble(
                    i -> across ? pieces.get(i).minXMm() : pieces.get(i).minYMm()));
            for (int k = 1; k < order.size(); k++) {
                Box one = joined(pieces, order.subList(0, k));
                Box other = joined(pieces, order.subList(k, order.size()));
                double gap = across ? other.minXMm() - one.maxXMm() : other.minYMm() - one.maxYMm();
                boolean fit = one.widthMm() <= wide
                        && one.heightMm() <= high
                        && other.widthMm() <= wide
                        && other.heightMm() <= high;
                if (fit && gap > widest) {
                    widest = gap;
                    best = List.of(new HashSet<>(order.subList(0, k)), new HashSet<>(order.subList(k, order.size())));
                }
            }
        }
        return Optional.ofNullable(best);
    }

    private static Box joined(List<Box> pieces, Collection<Integer> some) {
        return some.stream().map(pieces::get).reduce(Box::joined).orElseThrow();
    }

    /**
     * About the middle of its pieces, or where they lie at one of its edges: wherever it reaches least of the others.
     */
    private static Box besideOthers(Press press, List<Box> pieces, Set<Integer> its) {
        Box own = joined(pieces, its);
        double right = Math.max(0, press.platenWidthMm() / 2 - EDGE_MM - own.widthMm() / 2);
        double down = Math.max(0, press.platenHeightMm() / 2 - EDGE_MM - own.heightMm() / 2);
        Box best = null;
        double least = Double.POSITIVE_INFINITY;
        for (double dx : new double[] {0, -right, right}) {
            for (double dy : new double[] {0, -down, down}) {
                Box there = at(press, own.centre().xMm() + dx, own.centre().yMm() + dy);
                double reached = 0;
                for (int i = 0; i < pieces.size(); i++) {
                    reached += its.contains(i)
                            ? 0
                            : pieces.get(i).crossed(there).map(Box::areaMm2).orElse(0.0);
                }
                if (reached < least) {
                    least = reached;
                    best = there;
                }
            }
        }
        return best;
    }

    /** The piece furthest left among those not covered lies at the left edge of some position, or might as well. */
    private static boolean cover(
            List<Box> pieces,
            double wide,
            double high,
            Set<Integer> covered,
            List<Set<Integer>> chosen,
            int left,
            List<Set<Integer>> result) {
        int first = -1;
        for (int i = 0; i < pieces.size(); i++) {
            first = !covered.contains(i)
                            && (first < 0
                                    || pieces.get(i).minXMm()
                                            < pieces.get(first).minXMm())
                    ? i
                    : first;
        }
        if (first < 0) {
            result.addAll(chosen);
            return true;
        }
        if (left == 0) {
            return false;
        }
        Box at = pieces.get(first);
        for (Box top : pieces) {
            if (top.minYMm() > at.minYMm() || top.minYMm() + high < at.maxYMm()) {
                continue;
            }
            Box reach = Box.ofSize(at.minXMm(), top.minYMm(), wide, high);
            Set<Integer> here = new HashSet<>();
            for (int i = 0; i < pieces.size(); i++) {
                if (!covered.contains(i) && reach.covers(pieces.get(i), 1e-6)) {
                    here.add(i);
                }
            }
            Set<Integer> more = new HashSet<>(covered);
            more.addAll(here);
            chosen.add(here);
            if (cover(pieces, wide, high, more, chosen, left - 1, result)) {
                return true;
            }
            chosen.removeLast();
        }
        return false;
    }

    /** The boxes of the pieces; where they are very many, of those that are nearest to each other together. */
    private static List<Box> clusters(Region pressed, double wide, double high) {
        List<Box> boxes = new ArrayList<>();
        for (var piece : pressed.pieces()) {
            boxes.add(piece.region().bounds());
            if (boxes.size() > 400) {
                return List.of();
            }
        }
        while (boxes.size() > MOST_PIECES) {
            int a = 0;
            int b = 1;
            double least = Double.POSITIVE_INFINITY;
            for (int i = 0; i < boxes.size(); i++) {
                for (int j = i + 1; j < boxes.size(); j++) {
                    Box both = boxes.get(i).joined(boxes.get(j));
                    double grows = both.widthMm() > wide || both.heightMm() > high
                            ? Double.MAX_VALUE
                            : both.widthMm() + both.heightMm();
                    if (grows < least) {
                        least = grows;
                        a = i;
                        b = j;
                    }
                }
            }
            Box joined = boxes.get(a).joined(boxes.get(b));
            boxes.remove(b);
            boxes.set(a, joined);
        }
        return boxes;
    }

    // ---- rows that share a strip

    private static List<Box> inRows(Press press, Box art) {
        List<Box> positions = new ArrayList<>();
        for (double y : middles(art.minYMm(), art.maxYMm(), press.platenHeightMm())) {
            for (double x : middles(art.minXMm(), art.maxXMm(), press.platenWidthMm())) {
                positions.add(at(press, x, y));
            }
        }
        return positions;
    }

    private static List<Double> middles(double from, double to, double platen) {
        double length = to - from;
        int n = (int) Math.clamp(Math.ceil((length - SHARED_MM) / (platen - SHARED_MM) - 1e-9), 1, MOST_IN_A_ROW);
        List<Double> middles = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            middles.add((from + to) / 2 + (i - (n - 1) / 2.0) * (platen - SHARED_MM));
        }
        return middles;
    }

    // ---- what is heated oftener

    private static List<Box> shared(List<Box> positions, Region pressed) {
        List<Box> shared = new ArrayList<>();
        for (int i = 0; i < positions.size(); i++) {
            for (int j = i + 1; j < positions.size(); j++) {
                positions
                        .get(i)
                        .crossed(positions.get(j))
                        .filter(b -> isIn(pressed, b))
                        .flatMap(pressed.bounds()::crossed)
                        .ifPresent(shared::add);
            }
        }
        return shared;
    }

    private static boolean isIn(Region region, Box box) {
        return region.bounds()
                .crossed(box)
                .filter(b -> region.intersect(Region.of(b)).areaMm2() > LEAST_MM2)
                .isPresent();
    }

    private static int times(List<Box> positions, Region region) {
        return Math.max(1, deepest(positions, 0, Optional.empty(), 0, region));
    }

    private static int deepest(List<Box> positions, int from, Optional<Box> common, int depth, Region region) {
        int most = depth;
        for (int i = from; i < positions.size(); i++) {
            Optional<Box> here = common.map(positions.get(i)::crossed).orElse(Optional.of(positions.get(i)));
            if (here.isPresent() && isIn(region, here.get())) {
                most = Math.max(most, deepest(positions, i + 1, here, depth + 1, region));
            }
        }
        return most;
    }
}
