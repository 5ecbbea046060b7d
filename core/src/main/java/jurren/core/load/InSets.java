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
import jurren.core.nest.Cutout;
import jurren.core.nest.Layout;
import jurren.core.nest.Lie;

/** What goes onto one piece lies together, in a frame of its own, the frames in rows: for the least weeding. */
final class InSets {
    private final FilmLoads film;
    private final Nesting nesting;
    private final List<List<CutItem>> sets;

    InSets(FilmLoads film, Nesting nesting) {
        this.film = film;
        this.nesting = nesting;
        Map<List<Object>, List<CutItem>> byPiece = new LinkedHashMap<>();
        film.items().forEach(i -> byPiece.computeIfAbsent(List.of(i.lineId(), i.size(), i.copy()), _ -> new ArrayList<>()).add(i));
        this.sets = List.copyOf(byPiece.values());
    }

    /** On the first roll that is long enough for all of them; otherwise on the last. */
    void lay(List<Stock> rolls) {
        for (Stock roll : rolls) {
            Region usable = film.usable(roll);
            if (usable.isEmpty()) {
                continue;
            }
            double across = usable.bounds().heightMm();
            List<Layout> inside = sets.stream().map(set -> inside(set, across, usable.bounds().widthMm())).toList();
            List<Box> boxes = IntStream.range(0, sets.size()).mapToObj(g -> box(sets.get(g), inside.get(g))).toList();
            RowLayout.Result laid = new RowLayout(across, Loading.GAP_MM).lay(boxes.stream()
                    .map(b -> new RowLayout.Block(b.widthMm() + 2 * film.margin(), b.heightMm() + 2 * film.margin())).toList());
            if (laid.usedMm() <= usable.bounds().widthMm() || roll == rolls.getLast()) {
                keep(roll, inside, boxes, laid);
                return;
            }
        }
        film.leave(film.items());
    }

    private Layout inside(List<CutItem> set, double across, double longest) {
        return nesting.best(new Nesting.Request(set.stream().map(i -> new Cutout(film.carrier(i), i.turning())).toList(),
                List.of(Bed.roll(Math.max(1, across - 2 * film.margin()), longest)), Loading.GAP_MM));
    }

    private Box box(List<CutItem> set, Layout inside) {
        return IntStream.range(0, set.size()).filter(k -> inside.lies().get(k).isPresent())
                .mapToObj(k -> film.carrier(set.get(k)).placed(inside.lies().get(k).get().placement()).bounds())
                .reduce(Box::joined).orElse(Box.ofSize(0, 0, 1, 1));
    }

    private void keep(Stock roll, List<Layout> inside, List<Box> boxes, RowLayout.Result laid) {
        List<Placed> placed = new ArrayList<>();
        List<CutItem> left = new ArrayList<>();
        for (int g = 0; g < sets.size(); g++) {
            for (int k = 0; k < sets.get(g).size(); k++) {
                CutItem item = sets.get(g).get(k);
                Optional<Lie> in = inside.get(g).lies().get(k);
                if (in.isEmpty() || laid.spots().get(g).isEmpty()) {
                    left.add(item);
                } else {
                    placed.add(film.placed(item, within(in.get(), boxes.get(g), laid.spots().get(g).get(), film.usable(roll).bounds(), InRows.across(item))));
                }
            }
        }
        film.leave(left);
        film.load(roll, placed);
    }

    private Lie within(Lie in, Box box, RowLayout.Spot spot, Box usable, double across) {
        Placement turn = Placement.turned(spot.turned() ? across : 0);
        Box lying = box.placed(turn);
        Point at = turn.apply(new Point(in.xMm(), in.yMm()));
        return new Lie(0, in.degrees() + (spot.turned() ? across : 0), usable.minXMm() + film.margin() + spot.xMm() - lying.minXMm() + at.xMm(),
                usable.minYMm() + film.margin() + spot.yMm() - lying.minYMm() + at.yMm());
    }
}
