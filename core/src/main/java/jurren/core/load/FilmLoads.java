package jurren.core.load;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.layer.Fabrication;
import jurren.core.layer.Layer;
import jurren.core.nest.Bed;
import jurren.core.nest.BedPosition;
import jurren.core.nest.Cutout;
import jurren.core.nest.Layout;

/**
 * What is cut from one film colour, laid on what there is of it. It chooses the pieces of film and nests on them, and
 * keeps rows of rectangles where these take less.
 */
final class FilmLoads {
    private static final double ROUNDING_MM = 1e-6;

    private final Loading.Wanted wanted;
    private final Cutter cutter;
    private final LayoutChoices laying;
    private final Nesting nesting;
    /** What a frame takes on each side. */
    private final double margin;

    private final Map<Layer, CarrierShape> carried = new IdentityHashMap<>();
    private final List<Load> loads = new ArrayList<>();
    private final List<CutItem> unlaid = new ArrayList<>();
    private Optional<Nesting.Request> request = Optional.empty();
    private Optional<KeptLayout> displaced = Optional.empty();

    FilmLoads(Loading.Wanted wanted, Cutter cutter, boolean framed, LayoutChoices laying, Nesting nesting) {
        this.wanted = wanted;
        this.cutter = cutter;
        this.laying = laying;
        this.nesting = nesting;
        this.margin = framed
                        && wanted.items().stream()
                                .anyMatch(i -> i.layer().making().cut() == Fabrication.Cut.KISS)
                ? Frames.MARGIN_MM
                : 0;
    }

    /** Not numbered yet. */
    List<Load> loads() {
        return loads;
    }

    List<CutItem> unlaid() {
        return unlaid;
    }

    Optional<Nesting.Request> request() {
        return request;
    }

    /** What is kept of the same pieces on other film. */
    Optional<KeptLayout> displaced() {
        return displaced;
    }

    List<CutItem> items() {
        return wanted.items();
    }

    double margin() {
        return margin;
    }

    /** What can be cut of a piece of film. */
    Region usable(FilmPiece stock) {
        return stock.usable(cutter);
    }

    /** Where pieces may lie with a frame around them. */
    Region framed(FilmPiece stock) {
        return usable(stock).grown(-margin, CornerStyle.MITRED);
    }

    /** Large ones are not all remembered by the nesting: within one loading each is asked for once. */
    private CarrierShape carried(Layer layer) {
        return carried.computeIfAbsent(layer, nesting::carried);
    }

    Region carrier(CutItem item) {
        return carried(item.layer()).carrier();
    }

    // ---- which film

    void lay(List<? extends Stock> shelf) {
        List<FilmPiece> offcuts = new ArrayList<>(shelf.stream()
                .filter(s -> !s.comesOffRoll() && isOfThis(s))
                .filter(s -> !beds(List.of(s)).isEmpty())
                .toList());
        offcuts.sort(Comparator.comparingDouble(s -> s.areaMm2(s.lengthMm())));
        List<FilmPiece> taken = laying.taken().stream()
                .filter(s -> isOfThis(s)
                        && items().stream()
                                .anyMatch(i -> laying.pin(i)
                                        .filter(p -> p.stock().equals(s.id()))
                                        .isPresent()))
                .map(FilmPiece.class::cast)
                .toList();
        offcuts.addAll(0, taken);
        List<FilmPiece> rolls = new ArrayList<>(shelf.stream()
                .filter(s -> s instanceof Roll r && r.isThere() && isOfThis(s))
                .toList());
        rolls.add(new Roll("roll-305", wanted.material().id(), wanted.colour(), Loading.USUAL_WIDTH_MM, 0));
        if (cutter.isOnMats()) {
            rolls = rolls.stream()
                    .flatMap(r -> MatPiece.off((Roll) r, cutter, items().size()).stream())
                    .map(FilmPiece.class::cast)
                    .toList();
        }
        // what a hand laid stays, and the rest lies around it
        boolean byHand = items().stream().anyMatch(i -> laying.pin(i).isPresent());
        boolean inSets = laying.wish() == LayoutChoices.Wish.LEAST_WEEDING
                && !byHand
                && new InSets(this, nesting).lay(offcuts, rolls);
        if (!inSets) {
            nested(offcuts, rolls);
        }
    }

    private boolean isOfThis(FilmPiece s) {
        return s.isOf(wanted.material(), wanted.colour());
    }

    /** Roll after roll is taken down until all that fits at all lies somewhere. */
    private void nested(List<FilmPiece> offcuts, List<FilmPiece> rolls) {
        List<FilmPiece> taken = new ArrayList<>(offcuts);
        double wantedMm2 =
                items().stream().mapToDouble(i -> carrier(i).areaMm2()).sum();
        long before = Long.MAX_VALUE;
        for (FilmPiece roll : rolls) {
            taken.add(roll);
            List<FilmPiece> usable =
                    taken.stream().filter(s -> !beds(List.of(s)).isEmpty()).toList();
            boolean last = roll == rolls.getLast();
            if (usable.isEmpty()
                    || !last
                            && beds(usable).stream()
                                            .mapToDouble(b -> b.usable().areaMm2())
                                            .sum()
                                    < wantedMm2) {
                continue;
            }
            Nesting.Request asked = request(usable);
            Layout layout = nesting.layout(asked, laying.layouts());
            // what another whole mat does not take fits on none
            boolean helped = layout.unlaid() < before || !(roll instanceof MatPiece p && p.isWhole(cutter));
            if (layout.unlaid() > 0 && !last && helped) {
                before = layout.unlaid();
                continue;
            }
            Optional<InRows> rows = usable.size() == 1 && laying.pins().isEmpty()
                    ? Optional.of(new InRows(this, usable.getFirst()))
                    : Optional.empty();
            if (rows.filter(r -> r.usedMm() < layout.usedMm().getFirst() - ROUNDING_MM)
                    .isPresent()) {
                rows.get().keep();
            } else {
                keep(usable, layout);
            }
            request = Optional.of(asked);
            displaced = nesting.displaced(asked, laying.layouts());
            return;
        }
        leave(items());
    }

    private List<Bed> beds(List<FilmPiece> stock) {
        List<Bed> beds = new ArrayList<>();
        for (int i = 0; i < stock.size(); i++) {
            boolean taken = laying.isTaken(stock.get(i));
            Region usable = taken
                    ? Region.of(Box.ofSize(
                            0, 0, stock.get(i).lengthMm(), stock.get(i).widthMm()))
                    : framed(stock.get(i));
            if (!usable.isEmpty()) {
                beds.add(new Bed(usable, i == stock.size() - 1 && stock.get(i).comesOffRoll(), taken));
            }
        }
        return beds;
    }

    Nesting.Request request(List<Cutout> cutouts, List<Bed> beds, List<FilmPiece> stock) {
        return new Nesting.Request(
                wanted.material().id(),
                wanted.colour(),
                cutouts,
                beds,
                stock.stream().map(FilmPiece::id).toList(),
                Loading.GAP_MM);
    }

    private Nesting.Request request(List<FilmPiece> stock) {
        List<Cutout> cutouts = items().stream()
                .map(item -> {
                    Optional<BedPosition> pinned = laying.pin(item).flatMap(pin -> lie(pin, carrier(item), stock));
                    return new Cutout(carrier(item), item.turning(), pinned);
                })
                .toList();
        return request(cutouts, beds(stock), stock);
    }

    /** Where a pin has a piece; nowhere when its film is gone or it would hang over. */
    private Optional<BedPosition> lie(Pin pin, Region carrier, List<FilmPiece> stock) {
        for (int bed = 0; bed < stock.size(); bed++) {
            if (stock.get(bed).id().equals(pin.stock())) {
                Box lying = carrier.placed(Placement.turned(pin.degrees())).bounds();
                BedPosition lie = new BedPosition(
                        bed, pin.degrees(), pin.at().xMm(), pin.at().yMm());
                boolean on = laying.isTaken(stock.get(bed))
                        || usable(stock.get(bed))
                                .bounds()
                                .covers(lying.placed(Placement.moved(lie.xMm(), lie.yMm())), Loading.GAP_MM);
                return on ? Optional.of(lie) : Optional.empty();
            }
        }
        return Optional.empty();
    }

    // ---- what came of it

    private void keep(List<FilmPiece> stock, Layout layout) {
        for (int bed = 0; bed < stock.size(); bed++) {
            List<Placed> placed = new ArrayList<>();
            for (int i = 0; i < items().size(); i++) {
                Optional<BedPosition> lie = layout.positions().get(i);
                if (lie.isPresent() && lie.get().bed() == bed) {
                    placed.add(placed(items().get(i), lie.get()));
                }
            }
            load(stock.get(bed), placed);
        }
        leave(IntStream.range(0, items().size())
                .filter(i -> layout.positions().get(i).isEmpty())
                .mapToObj(items()::get)
                .toList());
    }

    Placed placed(CutItem item, BedPosition lie) {
        Placement onto = item.ontoFilm(lie.degrees()).then(Placement.moved(lie.xMm(), lie.yMm()));
        return new Placed(item, carried(item.layer()).cell().placed(lie.placement()), onto, lie.degrees());
    }

    void leave(List<CutItem> items) {
        unlaid.addAll(items);
    }

    void load(FilmPiece stock, List<Placed> lying) {
        if (lying.isEmpty()) {
            return;
        }
        List<Placed> placed = CutSequence.of(lying);
        double end = placed.stream()
                        .mapToDouble(p -> onFilm(p, carrier(p.item())).bounds().maxXMm())
                        .max()
                        .orElseThrow()
                + margin;
        double used = stock.comesOffRoll() && !laying.isTaken(stock) ? end + cutter.afterMm() : stock.lengthMm();
        List<Load.Frame> frames = margin == 0
                ? List.of()
                : Frames.around(
                        placed.stream()
                                .map(p -> onFilm(p, carried(p.item().layer()).framed()))
                                .toList(),
                        placed,
                        usable(stock));
        if (laying.named()) {
            Scoring scoring = new Scoring(placed);
            frames = frames.stream().map(scoring::in).toList();
        }
        loads.add(new Load(
                0,
                wanted.material(),
                wanted.colour(),
                stock,
                placed,
                frames,
                used,
                !stock.comesOffRoll() ? stock.lengthMm() : leastMm(placed, stock)));
    }

    private static Region onFilm(Placed p, Region atOrigin) {
        return atOrigin.placed(p.item().ontoFilm(0).inverse().then(p.onto()));
    }

    /**
     * No layout takes less: the longest piece must lie somewhere, and what lies side by side must fit between the
     * rollers.
     */
    private double leastMm(List<Placed> placed, FilmPiece stock) {
        LeastFilm least = new LeastFilm(cutter.usableMm(stock.widthMm()) - 2 * margin);
        // what a hand turned askew may take less than it does in quarters
        placed.stream()
                .filter(p -> p.degrees() % 90 == 0)
                .forEach(p -> least.add(p.item().layer(), carried(p.item().layer())));
        return cutter.beforeMm() + least.alongMm() + 2 * margin + cutter.afterMm();
    }
}
