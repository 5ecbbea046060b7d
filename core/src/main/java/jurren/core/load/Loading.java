package jurren.core.load;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.layer.Layer;
import jurren.core.layer.Making;
import jurren.core.material.Colour;
import jurren.core.material.Material;
import jurren.core.nest.Bed;
import jurren.core.nest.Cutout;
import jurren.core.nest.Layout;
import jurren.core.nest.Lie;

/**
 * Groups what is to be cut by film and colour and lays it on what the shelf has of it: the least valuable piece first,
 * offcuts by their size, then rolls, then one to buy.
 *
 * @param loads    one for each piece of film that something lies on
 * @param unlaid   items that fit nowhere between the rollers
 * @param requests what better layouts can be looked for
 */
public record Loading(List<Load> loads, List<CutItem> unlaid, List<Nesting.Request> requests) {
    /** Between pieces, so that two are never cut by one stroke and each carrier can be cut off. */
    public static final double GAP_MM = 3;
    /** The usual desktop roll, for colours that are not on the shelf. */
    public static final double USUAL_WIDTH_MM = 305;
    private static final double ROUNDING_MM = 1e-6;

    /** What is cut from one film colour. */
    public record Wanted(Material material, Colour colour, List<CutItem> items) {
        public Wanted {
            items = List.copyOf(items);
        }
    }

    private record Film(String materialId, Colour colour) {
    }

    public Loading {
        loads = List.copyOf(loads);
        unlaid = List.copyOf(unlaid);
        requests = List.copyOf(requests);
    }

    /** What a weeding frame adds to a piece, both sides together. */
    public static double frameMm(boolean framed) {
        return framed ? 2 * Frames.MARGIN_MM : 0;
    }

    public static Loading of(List<Wanted> wanted, List<? extends Stock> shelf, Cutter cutter, boolean framed, Laying laying, Nesting nesting) {
        Sheets sheets = new Sheets(shelf, cutter, framed, laying, nesting);
        merged(wanted).forEach(sheets::lay);
        return new Loading(sheets.loads, sheets.unlaid, sheets.requests);
    }

    /** One film colour is cut for all lines together. */
    private static List<Wanted> merged(List<Wanted> wanted) {
        Map<Film, Wanted> byFilm = new LinkedHashMap<>();
        for (Wanted w : wanted) {
            byFilm.merge(new Film(w.material.id(), w.colour), w, (a, b) -> {
                List<CutItem> both = new ArrayList<>(a.items);
                both.addAll(b.items);
                return new Wanted(a.material, a.colour, both);
            });
        }
        return List.copyOf(byFilm.values());
    }

    /** Fills pieces of film, one film after the other. */
    private static final class Sheets {
        private final List<? extends Stock> shelf;
        private final Cutter cutter;
        private final boolean framed;
        private final Laying laying;
        private final Nesting nesting;
        private final Map<Layer, Nesting.Carried> carried = new IdentityHashMap<>();
        private final List<Load> loads = new ArrayList<>();
        private final List<CutItem> unlaid = new ArrayList<>();
        private final List<Nesting.Request> requests = new ArrayList<>();

        Sheets(List<? extends Stock> shelf, Cutter cutter, boolean framed, Laying laying, Nesting nesting) {
            this.shelf = shelf;
            this.cutter = cutter;
            this.framed = framed;
            this.laying = laying;
            this.nesting = nesting;
        }

        /** Large ones are not all remembered: within one loading each is asked for once. */
        private Nesting.Carried carried(Layer layer) {
            return carried.computeIfAbsent(layer, nesting::carried);
        }

        private Region carrier(Layer layer) {
            return carried(layer).carrier();
        }

        private Region cell(Layer layer) {
            return carried(layer).cell();
        }

        void lay(Wanted w) {
            double margin = framed && w.items.stream().anyMatch(i -> i.layer().making().cut() == Making.Cut.KISS) ? Frames.MARGIN_MM : 0;
            List<Stock> offcuts = new ArrayList<>(shelf.stream().filter(s -> s instanceof Offcut && s.isOf(w.material.id(), w.colour))
                    .filter(s -> !beds(List.of(s), margin).isEmpty()).toList());
            offcuts.sort(Comparator.comparingDouble(s -> ((Offcut) s).outline().areaMm2()));
            List<Stock> taken = laying.taken().stream().filter(s -> s.isOf(w.material.id(), w.colour)
                    && w.items.stream().anyMatch(i -> laying.pin(i).filter(p -> p.stock().equals(s.id())).isPresent())).map(Stock.class::cast).toList();
            offcuts.addAll(0, taken);
            List<Stock> rolls = new ArrayList<>(shelf.stream().filter(s -> s instanceof Roll r && r.isThere() && s.isOf(w.material.id(), w.colour)).toList());
            rolls.add(new Roll("roll-305", w.material.id(), w.colour, USUAL_WIDTH_MM, 0));
            if (laying.wish() == Laying.Wish.LEAST_WEEDING && taken.isEmpty()) {
                inGroups(w, rolls, margin);
            } else {
                nested(w, offcuts, rolls, margin);
            }
        }

        /** Roll after roll is taken down until all that fits at all lies somewhere. */
        private void nested(Wanted w, List<Stock> offcuts, List<Stock> rolls, double margin) {
            List<Stock> taken = new ArrayList<>(offcuts);
            for (Stock roll : rolls) {
                taken.add(roll);
                List<Stock> usable = taken.stream().filter(s -> !beds(List.of(s), margin).isEmpty()).toList();
                if (usable.isEmpty()) {
                    continue;
                }
                Nesting.Request request = request(w, usable, margin);
                Layout layout = nesting.best(request);
                if (layout.unlaid() > 0 && roll != rolls.getLast()) {
                    continue;
                }
                double rows = usable.size() == 1 && laying.pins().isEmpty() ? inRows(w, usable.getFirst(), margin).usedMm : Double.POSITIVE_INFINITY;
                if (rows < layout.usedMm().getFirst() - ROUNDING_MM) {
                    inRows(w, usable.getFirst(), margin).keep();
                } else {
                    keep(w, usable, layout, margin);
                }
                requests.add(request);
                return;
            }
            unlaid.addAll(w.items);
        }

        private List<Bed> beds(List<Stock> stock, double margin) {
            List<Bed> beds = new ArrayList<>();
            for (int i = 0; i < stock.size(); i++) {
                boolean taken = laying.isTaken(stock.get(i));
                Region usable = taken ? Region.of(Box.ofSize(0, 0, stock.get(i).lengthMm(), stock.get(i).widthMm()))
                        : stock.get(i).usable(cutter).grown(-margin, CornerStyle.MITRED);
                if (!usable.isEmpty()) {
                    beds.add(new Bed(usable, i == stock.size() - 1 && stock.get(i) instanceof Roll, taken));
                }
            }
            return beds;
        }

        private Nesting.Request request(Wanted w, List<Stock> stock, double margin) {
            List<Cutout> cutouts = w.items.stream().map(item -> {
                Region carrier = carrier(item.layer());
                Optional<Lie> pinned = laying.pin(item).flatMap(pin -> lie(pin, carrier, stock));
                return new Cutout(carrier, item.turning(), pinned);
            }).toList();
            return new Nesting.Request(cutouts, beds(stock, margin), GAP_MM);
        }

        /** Where a pin has a piece; nowhere when its film is gone or it would hang over. */
        private Optional<Lie> lie(Pin pin, Region carrier, List<Stock> stock) {
            for (int bed = 0; bed < stock.size(); bed++) {
                if (stock.get(bed).id().equals(pin.stock())) {
                    Box lying = carrier.placed(Placement.turned(pin.degrees())).bounds();
                    Lie lie = new Lie(bed, pin.degrees(), pin.at().xMm(), pin.at().yMm());
                    boolean on = laying.isTaken(stock.get(bed)) || stock.get(bed).usable(cutter).bounds().covers(lying.placed(Placement.moved(lie.xMm(), lie.yMm())), GAP_MM);
                    return on ? Optional.of(lie) : Optional.empty();
                }
            }
            return Optional.empty();
        }

        /** How it is turned to lie across. */
        private static double across(CutItem item) {
            return item.layer().isPrint() ? 270 : 90;
        }

        private void keep(Wanted w, List<Stock> stock, Layout layout, double margin) {
            for (int bed = 0; bed < stock.size(); bed++) {
                List<Placed> placed = new ArrayList<>();
                for (int i = 0; i < w.items.size(); i++) {
                    Optional<Lie> lie = layout.lies().get(i);
                    if (lie.isPresent() && lie.get().bed() == bed) {
                        placed.add(placed(w.items.get(i), lie.get()));
                    }
                }
                load(w, stock.get(bed), placed, margin);
            }
            IntStream.range(0, w.items.size()).filter(i -> layout.lies().get(i).isEmpty()).forEach(i -> unlaid.add(w.items.get(i)));
        }

        private Placed placed(CutItem item, Lie lie) {
            Placement onto = item.ontoFilm(lie.degrees()).then(Placement.moved(lie.xMm(), lie.yMm()));
            return new Placed(item, cell(item.layer()).placed(lie.placement()), onto, lie.degrees());
        }

        private void load(Wanted w, Stock stock, List<Placed> lying, double margin) {
            if (lying.isEmpty()) {
                return;
            }
            List<Placed> placed = CutSequence.of(lying);
            double end = placed.stream().mapToDouble(p -> carrierBox(p).maxXMm()).max().orElseThrow() + margin;
            Region usable = stock.usable(cutter);
            double used = stock instanceof Roll && !laying.isTaken(stock) ? end + cutter.afterMm() : stock.lengthMm();
            loads.add(new Load(loads.size() + 1, w.material, w.colour, stock, placed, margin > 0 ? Frames.around(placed, usable) : List.of(),
                    used, stock instanceof Roll ? leastMm(w, placed, stock, margin) : stock.lengthMm()));
        }

        private Box carrierBox(Placed p) {
            return carrier(p.item().layer()).placed(p.item().ontoFilm(0).inverse().then(p.onto())).bounds();
        }

        /**
         * No layout takes less: cells do not overlap and lie within half a gap around what can be cut, and the longest
         * piece must lie somewhere.
         */
        private double leastMm(Wanted w, List<Placed> placed, Stock stock, double margin) {
            double across = cutter.usableMm(stock.widthMm()) - 2 * margin;
            double cells = placed.stream().mapToDouble(p -> cell(p.item().layer()).areaMm2()).sum();
            double longest = placed.stream().mapToDouble(p -> {
                Box b = carrier(p.item().layer()).bounds();
                return p.item().layer().material().directed() || b.widthMm() > across ? b.widthMm() : b.heightMm() > across ? b.heightMm()
                        : Math.min(b.widthMm(), b.heightMm());
            }).max().orElse(0);
            return cutter.beforeMm() + Math.max(longest, cells / (across + GAP_MM) - GAP_MM) + 2 * margin + cutter.afterMm();
        }

        private final class Rows {
            private final Wanted w;
            private final Stock roll;
            private final double margin;
            private final RowLayout.Result laid;
            private final double usedMm;

            Rows(Wanted w, Stock roll, double margin, RowLayout.Result laid) {
                this.w = w;
                this.roll = roll;
                this.margin = margin;
                this.laid = laid;
                this.usedMm = laid.left() > 0 || laid.usedMm() > roll.usable(cutter).bounds().widthMm() ? Double.POSITIVE_INFINITY : laid.usedMm() - 2 * margin;
            }

            void keep() {
                Box usable = roll.usable(cutter).bounds();
                List<Placed> placed = new ArrayList<>();
                for (int i = 0; i < w.items.size(); i++) {
                    RowLayout.Spot spot = laid.spots().get(i).orElseThrow();
                    double degrees = spot.turned() ? across(w.items.get(i)) : 0;
                    Box lying = carrier(w.items.get(i).layer()).bounds().placed(Placement.turned(degrees));
                    placed.add(placed(w.items.get(i), new Lie(0, degrees, usable.minXMm() + margin + spot.xMm() - lying.minXMm(),
                            usable.minYMm() + margin + spot.yMm() - lying.minYMm())));
                }
                load(w, roll, placed, margin);
            }
        }

        /** Rectangles in rows, the usual way of laying by eye: nothing that is nested may take more. */
        private Rows inRows(Wanted w, Stock roll, double margin) {
            List<RowLayout.Block> blocks = w.items.stream().map(i -> carrier(i.layer()).bounds().grown(margin))
                    .map(b -> new RowLayout.Block(b.widthMm(), b.heightMm())).toList();
            return new Rows(w, roll, margin, new RowLayout(roll.usable(cutter).bounds().heightMm(), GAP_MM).lay(blocks));
        }

        /** What goes onto one piece lies together, in a frame of its own, the frames in rows. */
        private void inGroups(Wanted w, List<Stock> rolls, double margin) {
            Map<List<Object>, List<CutItem>> sets = new LinkedHashMap<>();
            w.items.forEach(i -> sets.computeIfAbsent(List.of(i.lineId(), i.size(), i.copy()), _ -> new ArrayList<>()).add(i));
            List<List<CutItem>> groups = List.copyOf(sets.values());
            for (Stock roll : rolls) {
                Region usable = roll.usable(cutter);
                if (usable.isEmpty()) {
                    continue;
                }
                double across = usable.bounds().heightMm();
                List<Layout> inside = groups.stream().map(g -> nesting.best(new Nesting.Request(g.stream()
                        .map(i -> new Cutout(carrier(i.layer()), i.turning())).toList(), List.of(Bed.roll(Math.max(1, across - 2 * margin), usable.bounds().widthMm())), GAP_MM))).toList();
                List<Box> boxes = IntStream.range(0, groups.size()).mapToObj(g -> box(groups.get(g), inside.get(g))).toList();
                RowLayout.Result laid = new RowLayout(across, GAP_MM).lay(boxes.stream()
                        .map(b -> new RowLayout.Block(b.widthMm() + 2 * margin, b.heightMm() + 2 * margin)).toList());
                if (laid.usedMm() > usable.bounds().widthMm() && roll != rolls.getLast()) {
                    continue;
                }
                List<Placed> placed = new ArrayList<>();
                for (int g = 0; g < groups.size(); g++) {
                    for (int k = 0; k < groups.get(g).size(); k++) {
                        Optional<Lie> in = inside.get(g).lies().get(k);
                        if (in.isEmpty() || laid.spots().get(g).isEmpty()) {
                            unlaid.add(groups.get(g).get(k));
                        } else {
                            placed.add(placed(groups.get(g).get(k), within(in.get(), boxes.get(g), laid.spots().get(g).get(), usable.bounds(), margin, across(groups.get(g).get(k)))));
                        }
                    }
                }
                load(w, roll, placed, margin);
                return;
            }
            unlaid.addAll(w.items);
        }

        private Box box(List<CutItem> group, Layout inside) {
            return IntStream.range(0, group.size()).filter(k -> inside.lies().get(k).isPresent())
                    .mapToObj(k -> carrier(group.get(k).layer()).placed(inside.lies().get(k).get().placement()).bounds())
                    .reduce(Box::joined).orElse(Box.ofSize(0, 0, 1, 1));
        }

        private static Lie within(Lie in, Box box, RowLayout.Spot spot, Box usable, double margin, double across) {
            Placement turn = Placement.turned(spot.turned() ? across : 0);
            Box lying = box.placed(turn);
            Point at = turn.apply(new Point(in.xMm(), in.yMm()));
            return new Lie(0, in.degrees() + (spot.turned() ? across : 0), usable.minXMm() + margin + spot.xMm() - lying.minXMm() + at.xMm(),
                    usable.minYMm() + margin + spot.yMm() - lying.minYMm() + at.yMm());
        }
    }
}
