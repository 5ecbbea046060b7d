package jurren.core.load;

import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;

/**
 * Lays items on a roll in rows across it: longest first, each into the first row with room (first fit
 * decreasing height). Three ways of turning are tried, none, all, and each so that it lies flattest
 * along the feed, and the shortest result is kept.
 */
final class RowLayout {
    /** Between slots, so that two frames or two pieces are never cut by one stroke. */
    private static final double GAP_MM = 3;
    /** From a piece to the weeding frame round it. */
    static final double FRAME_MARGIN_MM = 4;

    record Result(List<Placed> placed, List<CutItem> left, double usedMm) {
    }

    private final Cutter cutter;
    private final double usableMm;
    private final double marginMm;

    RowLayout(Cutter cutter, double filmWidthMm, boolean framed) {
        this.cutter = cutter;
        this.usableMm = cutter.usableMm(filmWidthMm);
        this.marginMm = framed ? FRAME_MARGIN_MM : 0;
    }

    Result lay(List<CutItem> items) {
        List<Predicate<CutItem>> ways = List.of(_ -> false, _ -> true, this::flatterTurned);
        return ways.stream().map(way -> rows(items, way))
                .min(Comparator.<Result>comparingInt(r -> r.left.size()).thenComparingDouble(Result::usedMm))
                .orElseThrow();
    }

    private boolean flatterTurned(CutItem item) {
        return slotSize(item, true).widthMm() < slotSize(item, false).widthMm();
    }

    private Box slotSize(CutItem item, boolean turned) {
        return item.footprint(turned).grown(marginMm);
    }

    private boolean fits(CutItem item, boolean turned) {
        return slotSize(item, turned).heightMm() <= usableMm;
    }

    private record Candidate(CutItem item, boolean turned, Box size) {
    }

    private static final class Row {
        final double startMm;
        double filledMm;

        Row(double startMm) {
            this.startMm = startMm;
        }
    }

    private Result rows(List<CutItem> items, Predicate<CutItem> turn) {
        List<Candidate> candidates = new ArrayList<>();
        List<CutItem> left = new ArrayList<>();
        for (CutItem item : items) {
            boolean turned = fits(item, turn.test(item)) == turn.test(item);
            if (fits(item, turned)) {
                candidates.add(new Candidate(item, turned, slotSize(item, turned)));
            } else {
                left.add(item);
            }
        }
        candidates.sort(Comparator.comparingDouble((Candidate c) -> c.size.widthMm()).reversed());

        List<Placed> placed = new ArrayList<>();
        List<Row> rows = new ArrayList<>();
        double end = cutter.beforeMm();
        for (Candidate c : candidates) {
            Row row = rows.stream().filter(r -> r.filledMm + c.size.heightMm() <= usableMm).findFirst().orElse(null);
            if (row == null) {
                row = new Row(rows.isEmpty() ? end : end + GAP_MM);
                rows.add(row);
                end = row.startMm + c.size.widthMm();
            }
            placed.add(place(c, row));
            row.filledMm += c.size.heightMm() + GAP_MM;
        }
        return new Result(placed, left, end + cutter.afterMm());
    }

    private Placed place(Candidate c, Row row) {
        Box slot = Box.ofSize(row.startMm, cutter.rollerMm() + row.filledMm, c.size.widthMm(), c.size.heightMm());
        Placement onto = c.item.ontoFilm(c.turned)
                .then(Placement.moved(slot.minXMm() - c.size.minXMm(), slot.minYMm() - c.size.minYMm()));
        return new Placed(c.item, slot, onto, c.turned);
    }
}
