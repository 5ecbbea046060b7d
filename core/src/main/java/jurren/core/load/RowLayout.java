package jurren.core.load;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * Lays rectangles on a roll in rows across it: longest first, each into the first row with room (first fit
 * decreasing height). Three ways of turning are tried, none, all, and each so that it lies flattest
 * along the feed, and the shortest result is kept.
 */
final class RowLayout {
    /** A rectangle, along the feed and across it. */
    record Block(double lengthMm, double widthMm) {
        Block turned() {
            return new Block(widthMm, lengthMm);
        }
    }

    /** Where a rectangle lies, by its lower left corner. */
    record Spot(double xMm, double yMm, boolean turned) {}

    /** @param spots of each block in its order; empty where it is too wide either way */
    record Result(List<Optional<Spot>> spots, double usedMm) {
        long left() {
            return spots.stream().filter(Optional::isEmpty).count();
        }
    }

    private final double acrossMm;
    private final double gapMm;

    RowLayout(double acrossMm, double gapMm) {
        this.acrossMm = acrossMm;
        this.gapMm = gapMm;
    }

    Result lay(List<Block> blocks) {
        List<Predicate<Block>> ways = List.of(_ -> false, _ -> true, b -> b.widthMm < b.lengthMm);
        return ways.stream()
                .map(way -> rows(blocks, way))
                .min(Comparator.comparingLong(Result::left).thenComparingDouble(Result::usedMm))
                .orElseThrow();
    }

    private boolean fits(Block block, boolean turned) {
        return (turned ? block.lengthMm : block.widthMm) <= acrossMm;
    }

    private static final class Row {
        private final double startMm;
        private double filledMm;

        Row(double startMm) {
            this.startMm = startMm;
        }
    }

    private Result rows(List<Block> blocks, Predicate<Block> turn) {
        List<Boolean> turned =
                blocks.stream().map(b -> fits(b, turn.test(b)) == turn.test(b)).toList();
        List<Block> lying = IntStream.range(0, blocks.size())
                .mapToObj(i -> turned.get(i) ? blocks.get(i).turned() : blocks.get(i))
                .toList();
        List<Optional<Spot>> spots = new ArrayList<>(Collections.nCopies(blocks.size(), Optional.empty()));
        List<Integer> order = new ArrayList<>(IntStream.range(0, blocks.size())
                .filter(i -> lying.get(i).widthMm <= acrossMm)
                .boxed()
                .toList());
        order.sort(
                Comparator.comparingDouble((Integer i) -> lying.get(i).lengthMm).reversed());
        List<Row> rows = new ArrayList<>();
        double end = 0;
        for (int i : order) {
            Block b = lying.get(i);
            Row row = rows.stream()
                    .filter(r -> r.filledMm + b.widthMm <= acrossMm)
                    .findFirst()
                    .orElse(null);
            if (row == null) {
                row = new Row(rows.isEmpty() ? end : end + gapMm);
                rows.add(row);
                end = row.startMm + b.lengthMm;
            }
            spots.set(i, Optional.of(new Spot(row.startMm, row.filledMm, turned.get(i))));
            row.filledMm += b.widthMm + gapMm;
        }
        return new Result(spots, end);
    }
}
