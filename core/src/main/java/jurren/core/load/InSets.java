package jurren.core.load;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.nest.Bed;
import jurren.core.nest.BedPosition;
import jurren.core.nest.Cutout;
import jurren.core.nest.Layout;

/** What goes onto one piece lies together, in a frame of its own, the frames in rows: for the least weeding. */
final class InSets {
    /** Sets that are tried on one offcut before it is left. */
    private static final int MOST_TRIED = 40;

    private final FilmLoads film;
    private final Nesting nesting;
    private final List<List<CutItem>> sets;

    InSets(FilmLoads film, Nesting nesting) {
        this.film = film;
        this.nesting = nesting;
        Map<List<Object>, List<CutItem>> byPiece = new LinkedHashMap<>();
        film.items()
                .forEach(i -> byPiece.computeIfAbsent(List.of(i.lineId(), i.size(), i.copy()), _ -> new ArrayList<>())
                        .add(i));
        this.sets = List.copyOf(byPiece.values());
    }

    /**
     * One on each offcut that takes it as a whole, the rest on the first roll that is long enough for all of them;
     * otherwise on the last. On mats one
     * after the other.
     *
     * @param offcuts the least valuable first
     * @return false where a set lies on no mat as a whole; then nothing is laid
     */
    boolean lay(List<FilmPiece> offcuts, List<FilmPiece> rolls) {
        List<Runnable> filled = new ArrayList<>();
        List<List<CutItem>> left = onOffcuts(offcuts, filled);
        boolean laid = left.isEmpty()
                || (rolls.stream().allMatch(MatPiece.class::isInstance)
                        ? onMats(rolls, left, filled)
                        : onRoll(rolls, left, filled));
        if (laid) {
            filled.forEach(Runnable::run);
        }
        return laid;
    }

    private List<List<CutItem>> onOffcuts(List<FilmPiece> offcuts, List<Runnable> filled) {
        List<List<CutItem>> left = new ArrayList<>(sets);
        for (FilmPiece offcut : offcuts) {
            Region bed = film.framed(offcut);
            double most = bed.areaMm2();
            List<List<CutItem>> small = left.stream()
                    .filter(set -> set.stream()
                                    .mapToDouble(i -> film.carrier(i).areaMm2())
                                    .sum()
                            <= most)
                    .limit(MOST_TRIED)
                    .toList();
            for (List<CutItem> set : bed.isEmpty() ? List.<List<CutItem>>of() : small) {
                Layout on = nesting.first(film.request(cutouts(set), List.of(new Bed(bed, false)), List.of(offcut)));
                if (on.unlaid() == 0) {
                    filled.add(() -> film.load(
                            offcut,
                            IntStream.range(0, set.size())
                                    .mapToObj(k -> film.placed(
                                            set.get(k), on.positions().get(k).orElseThrow()))
                                    .toList()));
                    left.remove(set);
                    break;
                }
            }
        }
        return left;
    }

    private List<Cutout> cutouts(List<CutItem> set) {
        return set.stream().map(i -> new Cutout(film.carrier(i), i.turning())).toList();
    }

    private boolean onRoll(List<FilmPiece> rolls, List<List<CutItem>> of, List<Runnable> filled) {
        for (FilmPiece roll : rolls) {
            Region usable = film.usable(roll);
            if (usable.isEmpty()) {
                continue;
            }
            Rows rows = rows(of, usable.bounds());
            if (rows.laid.usedMm() <= usable.bounds().widthMm() || roll == rolls.getLast()) {
                filled.add(() ->
                        keep(roll, rows, IntStream.range(0, of.size()).boxed().toList()));
                return true;
            }
        }
        filled.add(() -> of.forEach(film::leave));
        return true;
    }

    private boolean onMats(List<FilmPiece> mats, List<List<CutItem>> of, List<Runnable> filled) {
        List<List<CutItem>> left = of;
        for (FilmPiece mat : mats) {
            Region usable = film.usable(mat);
            if (left.isEmpty() || usable.isEmpty()) {
                continue;
            }
            Rows rows = rows(left, usable.bounds());
            List<Integer> fit = IntStream.range(0, left.size())
                    .filter(g -> rows.endMm(g) <= usable.bounds().widthMm() && rows.isWhole(g))
                    .boxed()
                    .toList();
            if (!fit.isEmpty()) {
                filled.add(() -> keep(mat, rows, fit));
            }
            left = IntStream.range(0, left.size())
                    .filter(g -> !fit.contains(g))
                    .mapToObj(left::get)
                    .toList();
        }
        return left.isEmpty();
    }

    /** Sets in rows, each with how it lies in itself. */
    private record Rows(
            List<List<CutItem>> sets, List<Layout> inside, List<Box> boxes, RowLayout.Result laid, double margin) {
        double endMm(int set) {
            return laid.spots()
                    .get(set)
                    .map(s -> s.xMm()
                            + (s.turned()
                                    ? boxes.get(set).heightMm()
                                    : boxes.get(set).widthMm())
                            + 2 * margin)
                    .orElse(Double.POSITIVE_INFINITY);
        }

        boolean isWhole(int set) {
            return inside.get(set).unlaid() == 0;
        }
    }

    private Rows rows(List<List<CutItem>> of, Box usable) {
        double across = usable.heightMm();
        List<Layout> inside =
                of.stream().map(set -> inside(set, across, usable.widthMm())).toList();
        List<Box> boxes = IntStream.range(0, of.size())
                .mapToObj(g -> box(of.get(g), inside.get(g)))
                .toList();
        RowLayout.Result laid = new RowLayout(across, Loading.GAP_MM)
                .lay(boxes.stream()
                        .map(b ->
                                new RowLayout.Block(b.widthMm() + 2 * film.margin(), b.heightMm() + 2 * film.margin()))
                        .toList());
        return new Rows(of, inside, boxes, laid, film.margin());
    }

    private Layout inside(List<CutItem> set, double across, double longest) {
        return nesting.first(film.request(
                cutouts(set), List.of(Bed.roll(Math.max(1, across - 2 * film.margin()), longest)), List.of()));
    }

    private Box box(List<CutItem> set, Layout inside) {
        return IntStream.range(0, set.size())
                .filter(k -> inside.positions().get(k).isPresent())
                .mapToObj(k -> film.carrier(set.get(k))
                        .placed(inside.positions().get(k).get().placement())
                        .bounds())
                .reduce(Box::joined)
                .orElse(Box.ofSize(0, 0, 1, 1));
    }

    private void keep(FilmPiece roll, Rows rows, List<Integer> which) {
        List<Placed> placed = new ArrayList<>();
        List<CutItem> left = new ArrayList<>();
        for (int g : which) {
            Layout inside = rows.inside.get(g);
            for (int k = 0; k < rows.sets.get(g).size(); k++) {
                CutItem item = rows.sets.get(g).get(k);
                Optional<BedPosition> in = inside.positions().get(k);
                if (in.isEmpty() || rows.laid.spots().get(g).isEmpty()) {
                    left.add(item);
                } else {
                    placed.add(film.placed(
                            item,
                            within(
                                    in.get(),
                                    rows.boxes.get(g),
                                    rows.laid.spots().get(g).get(),
                                    film.usable(roll).bounds(),
                                    InRows.across(item))));
                }
            }
        }
        film.leave(left);
        film.load(roll, placed);
    }

    private BedPosition within(BedPosition in, Box box, RowLayout.Spot spot, Box usable, double across) {
        Placement turn = Placement.turned(spot.turned() ? across : 0);
        Box lying = box.placed(turn);
        Point at = turn.apply(new Point(in.xMm(), in.yMm()));
        return new BedPosition(
                0,
                in.degrees() + (spot.turned() ? across : 0),
                usable.minXMm() + film.margin() + spot.xMm() - lying.minXMm() + at.xMm(),
                usable.minYMm() + film.margin() + spot.yMm() - lying.minYMm() + at.yMm());
    }
}
