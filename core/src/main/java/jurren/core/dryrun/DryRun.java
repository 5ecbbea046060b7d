package jurren.core.dryrun;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import jurren.core.art.Painted;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.layer.Join;
import jurren.core.layer.Layer;
import jurren.core.layer.Print;
import jurren.core.load.Load;
import jurren.core.load.Placed;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.plan.PrintSheet;
import jurren.core.plan.SizePlan;
import jurren.core.stop.Stop;
import jurren.core.way.known.Ways;

/**
 * Makes every copy from the cut sheets and compares it with the art.
 *
 * <ol>
 *   <li>A stroke that comes back to its start is an outline; what it overcuts beyond that is dropped.
 *       A stroke that never does frees nothing, but slits what it goes through.
 *   <li>What the outlines that cut into a piece's own stretch of film enclose (even-odd) is the piece; a frame goes
 * around it.
 *   <li>The piece is turned back as it lay, turned over where its way turns it over, and the middle of its
 *       place put where that belongs: a piece cut beside its place comes out wrong.
 *   <li>The pieces are stacked in order; what is seen of each film is compared with the art.
 * </ol>
 */
public record DryRun(List<Comparison> copies, List<PressedPiece> pressed) {
    /** White that stands out so far would be seen. */
    private static final double WHITE_LOOKED_MM = 2;

    /** A plotter rounds to 0.025 mm: strips narrower than twice that are its rounding, not film. */
    private static final double ROUNDING_MM = 0.05;

    private static final int LEAST_CORNERS = 3;
    /** To either side of a stroke that slits a piece: as wide that it is no rounding. */
    private static final double SLIT_MM = 0.1;

    /** So far an edge may lie from where it was wanted. */
    public static final double TRUE_MM = 0.05;

    public DryRun {
        copies = List.copyOf(copies);
        pressed = List.copyOf(pressed);
    }

    public double matchPercent() {
        double all = copies.stream().mapToDouble(Comparison::allMm2).sum();
        return all == 0
                ? 0
                : 100 * copies.stream().mapToDouble(Comparison::agreeingMm2).sum() / all;
    }

    public double worstMm() {
        return copies.stream().mapToDouble(Comparison::worstMm).max().orElse(0);
    }

    /**
     * Whether every edge lies where the art has it, after the plotter's rounding, and nothing suffered under the press.
     */
    public boolean isTrue() {
        return isCutTrue() && spoiled().isEmpty();
    }

    /** Whether every edge lies where the art has it. */
    public boolean isCutTrue() {
        return worstMm() <= TRUE_MM;
    }

    /** Those that did not come out well from under the press. */
    public List<PressedPiece> spoiled() {
        return pressed.stream().filter(p -> !p.faults().isEmpty()).toList();
    }

    /** With what a press made of it. */
    public DryRun with(List<PressedPiece> underHeat) {
        return new DryRun(copies, underHeat);
    }

    /** The copy that agrees least; throws when there is none. */
    public Comparison worst() {
        return copies.stream()
                .min(Comparator.comparingDouble(Comparison::matchPercent))
                .orElseThrow();
    }

    /** Marks of panels are taken off again, with what a knife missed of them. */
    private static final double AROUND_MARK_MM = 0.5;

    private record Copy(String lineId, String place, String size, int number) {}

    private record Applied(Layer layer, Region onFace) {}

    /** Of what was cut alone: ink is taken as planned and not judged. */
    public static DryRun of(Plan plan, List<CutSheet> sheets) {
        return of(plan, sheets, List.of());
    }

    /** @param prints every sheet of the plan that was printed; what is missing is not judged */
    public static DryRun of(Plan plan, List<CutSheet> sheets, List<InkSheet> prints) {
        Stop stop = Stop.here();
        Map<Copy, List<Applied>> parts = new LinkedHashMap<>();
        for (CutSheet sheet : sheets) {
            Load load = plan.runs().get(sheet.load() - 1).load();
            List<Outline> outlines = outlines(sheet, load.material().cutting().passes());
            List<Slit> slits = sheet.strokes().stream()
                    .filter(s -> back(s) < LEAST_CORNERS && s.size() > 1)
                    .map(Slit::new)
                    .toList();
            for (Placed placed : load.placed()) {
                stop.look();
                Region piece = slit(lifted(outlines, placed), slits);
                parts.computeIfAbsent(
                                new Copy(
                                        placed.item().lineId(),
                                        placed.item().place(),
                                        placed.item().size(),
                                        placed.item().copy()),
                                _ -> new ArrayList<>())
                        .add(new Applied(placed.item().layer(), ontoFace(piece, placed)));
            }
        }
        List<Comparison> all = new ArrayList<>(parts.entrySet().parallelStream()
                .map(e -> compare(plan, e.getKey(), e.getValue(), stop))
                .toList());
        for (InkSheet print : prints) {
            stop.look();
            PrintSheet sheet = plan.prints().get(print.print() - 1);
            InkSheet.Pieces pieces = InkSheet.Pieces.of(print);
            all.addAll(IntStream.range(0, sheet.slots().size())
                    .parallel()
                    .mapToObj(i -> {
                        stop.look();
                        return compare(plan, sheet, i, pieces, print.look());
                    })
                    .toList());
        }
        return new DryRun(all, List.of());
    }

    /** A material that needs several passes is cut free only where the knife went as often. */
    private static List<Outline> outlines(CutSheet sheet, int passes) {
        List<Outline> different = new ArrayList<>();
        List<Integer> times = new ArrayList<>();
        Map<List<Point>, Integer> exactly = new HashMap<>();
        for (List<Point> stroke : sheet.strokes()) {
            int back = back(stroke);
            if (back >= LEAST_CORNERS) {
                Outline cut = Outline.of(stroke.subList(0, back));
                // a film that needs several passes is cut round and round before the knife goes elsewhere
                int known = exactly.getOrDefault(
                        stroke.subList(0, back),
                        passes > 1 && !different.isEmpty() && isSame(different.getLast(), cut)
                                ? different.size() - 1
                                : -1);
                if (known < 0) {
                    exactly.put(stroke.subList(0, back), different.size());
                    different.add(cut);
                    times.add(1);
                } else {
                    times.set(known, times.get(known) + 1);
                }
            }
        }
        return IntStream.range(0, different.size())
                .filter(i -> times.get(i) >= passes)
                .mapToObj(different::get)
                .toList();
    }

    private static int back(List<Point> stroke) {
        return stroke.lastIndexOf(stroke.getFirst());
    }

    /** A stroke that never comes back, and where it is. */
    private record Slit(List<Point> stroke, Box box) {
        Slit(List<Point> stroke) {
            this(stroke, Box.around(stroke).grown(SLIT_MM));
        }

        Region region() {
            return Region.weld(IntStream.range(1, stroke.size())
                    .mapToObj(i -> Region.along(stroke.get(i - 1), stroke.get(i), SLIT_MM))
                    .toList());
        }
    }

    private static Region slit(Region piece, List<Slit> slits) {
        Region left = piece;
        for (Slit s : slits) {
            left = !left.isEmpty() && left.bounds().crossed(s.box).isPresent() ? left.minus(s.region()) : left;
        }
        return left;
    }

    /** Whether two cuts go the same way, from the same place, but for what a plotter rounds. */
    private static boolean isSame(Outline a, Outline b) {
        Box x = a.bounds();
        Box y = b.bounds();
        return a.point(0).distanceMm(b.point(0)) < 2 * ROUNDING_MM
                && x.grown(2 * ROUNDING_MM).covers(y, 0)
                && y.grown(2 * ROUNDING_MM).covers(x, 0)
                && Math.abs(a.lengthMm() - b.lengthMm()) < 0.01 * a.lengthMm() + 4 * ROUNDING_MM;
    }

    /**
     * Whatever cuts into what is a piece's own counts for it, be it meant for it or not; a frame goes around all of it.
     */
    private static Region lifted(List<Outline> outlines, Placed placed) {
        Region own = placed.cell();
        List<Outline> inCell = outlines.stream()
                .filter(o -> own.bounds().crossed(o.bounds()).isPresent() && own.isCrossedBy(o))
                .toList();
        return Region.enclosedBy(inCell, FillRule.EVEN_ODD);
    }

    /** As the hand lays it: by where it lay on the film as planned, not by where in it the knife happened to go. */
    private static Region ontoFace(Region piece, Placed placed) {
        if (piece.isEmpty()) {
            return piece;
        }
        Layer layer = placed.item().layer();
        Placement inHand = placed.degrees() == 0 ? Placement.HERE : Placement.turned(-placed.degrees());
        if (Ways.of(layer.material()).isTurnedOver(layer)) {
            inHand = inHand.then(Placement.flipped());
        }
        inHand = inHand.then(Placement.otherYAxis());
        Point lay = inHand.apply(placed.box().centre());
        Point belongs = layer.region().bounds().centre();
        Region laid = piece.placed(inHand.then(Placement.moved(belongs.xMm() - lay.xMm(), belongs.yMm() - lay.yMm())));
        return layer.marks().isEmpty() ? laid : laid.minus(layer.marks().grown(AROUND_MARK_MM, CornerStyle.MITRED));
    }

    private static Comparison compare(Plan plan, Copy copy, List<Applied> parts, Stop stop) {
        LinePlan line = plan.line(copy.lineId, copy.place).orElseThrow();
        SizePlan size = line.size(copy.size).orElseThrow();
        Map<Film, Region> wanted = wanted(line, size);
        Map<Film, Region> got = seen(size, parts, stop);

        double agreeing = 0;
        double worst = 0;
        for (Map.Entry<Film, Region> want : wanted.entrySet()) {
            stop.look();
            Region is = got.getOrDefault(want.getKey(), Region.EMPTY);
            agreeing += want.getValue().intersect(is).areaMm2();
            stop.look();
            double distance = edgeDistanceMm(want.getValue(), is);
            worst = Math.max(worst, Double.isInfinite(distance) ? largest(size) : distance);
        }
        return new Comparison(copy.lineId, copy.place, copy.size, copy.number, wanted, got, agreeing, worst);
    }

    /**
     * Films as the art shows them, with the gaps that were wished; of what is printed, the film that was cut for it.
     */
    private static Map<Film, Region> wanted(LinePlan line, SizePlan size) {
        Map<Film, Region> seen = size.laid().seen(Painted::film);
        Map<Film, Region> wanted = new LinkedHashMap<>();
        for (Map.Entry<Film, Region> e : List.copyOf(seen.entrySet()).reversed()) {
            Region left = e.getValue();
            for (Film above : wanted.keySet()) {
                if (line.line().join(above) instanceof Join.Butted b) {
                    left = left.minus(seen.get(above).grown(b.gapMm(), CornerStyle.ROUND));
                }
            }
            wanted.put(e.getKey(), left);
        }
        wanted.keySet()
                .removeIf(f -> size.layers().stream().noneMatch(l -> l.film().equals(f)));
        size.layers().stream().filter(DryRun::carriesInk).forEach(l -> wanted.put(l.film(), l.region()));
        return wanted;
    }

    /**
     * A print laid on the thing beside the colours that the art shows there: cut out of its sheet and laid by its
     * crosses, turned over where its way turns it over; or, where a knife cuts it out by the sheet's marks, laid as it
     * was cut. What bleeds beyond the base or the thing's own picture is cut off or lost and does not count.
     */
    private static Comparison compare(
            Plan plan, PrintSheet print, int number, InkSheet.Pieces sheet, Optional<InkSheet.Look> seen) {
        PrintSheet.Slot slot = print.slots().get(number);
        SizePlan size = plan.line(slot.lineId(), slot.place())
                .orElseThrow()
                .size(slot.size())
                .orElseThrow();
        Layer layer = slot.layer();
        String material = layer.material().id();
        Region counts = layer.region();
        Print art = Print.of(size.laid().only(p -> p.film().materialId().equals(material)), counts);
        Map<Film, Region> wanted = films(material, art.flats(), art.shaded());
        Map<Film, Region> got = new LinkedHashMap<>();
        double pictures = 0;
        double white = 0;
        Optional<Placement> laid = print.hasOwnMarks()
                ? sheet.byMarks(print).map(m -> m.then(slot.onto().inverse()))
                : sheet.within(slot.box()).map(crosses -> {
                    Placement over = slot.turned() ? Placement.turned(-90) : Placement.HERE;
                    over = Ways.of(layer.material()).isTurnedOver(layer) ? over.then(Placement.flipped()) : over;
                    Point is = over.apply(crosses.centre());
                    Point belongs = PrintSheet.inkOf(layer).centre();
                    return over.then(Placement.moved(belongs.xMm() - is.xMm(), belongs.yMm() - is.yMm()));
                });
        if (laid.isPresent()) {
            Placement onto = laid.get();
            Map<Colour, Region> flat = new LinkedHashMap<>();
            sheet.flat()
                    .forEach((colour, r) -> flat.put(
                            colour,
                            InkSheet.Pieces.in(slot.box(), r).placed(onto).intersect(counts)));
            got.putAll(films(
                    material,
                    flat,
                    InkSheet.Pieces.in(slot.box(), sheet.shaded()).placed(onto).intersect(counts)));
            white = whiteWrongMm(
                    layer,
                    InkSheet.Pieces.in(slot.box(), sheet.white())
                            .placed(onto)
                            .intersect(counts.grown(WHITE_LOOKED_MM, CornerStyle.ROUND)));
            pictures = seen.map(look -> Pictures.wrongMm(art, look, onto.inverse()))
                    .orElse(0.0);
        }
        double agreeing = 0;
        double worst = Math.max(pictures, white);
        for (Map.Entry<Film, Region> want : wanted.entrySet()) {
            Region is = got.getOrDefault(want.getKey(), Region.EMPTY);
            agreeing += want.getValue().intersect(is).areaMm2();
            double distance = edgeDistanceMm(want.getValue(), is);
            worst = Math.max(worst, Double.isInfinite(distance) ? largest(size) : distance);
        }
        return new Comparison(slot.lineId(), slot.place(), slot.size(), number + 1, wanted, got, agreeing, worst);
    }

    /** White lies under all of the ink and ends before it, by as much as its material says; where it says nothing there is none. */
    private static double whiteWrongMm(Layer layer, Region white) {
        Region wanted = layer.material()
                .underlay()
                .map(u -> layer.region().grown(-u.whiteInMm(), CornerStyle.ROUND))
                .orElse(Region.EMPTY);
        if (wanted.isEmpty() || white.isEmpty()) {
            return wanted.isEmpty() && white.isEmpty()
                    ? 0
                    : (wanted.isEmpty() ? white : wanted).bounds().widthMm();
        }
        return edgeDistanceMm(wanted, white);
    }

    /** Flat colours by their films; everything else as the print it is. */
    private static Map<Film, Region> films(String material, Map<Colour, Region> flat, Region shaded) {
        Map<Film, Region> films = new LinkedHashMap<>();
        flat.forEach((colour, r) -> films.put(Film.of(material, colour), r));
        films.put(Film.print(material), shaded);
        films.values().removeIf(Region::isEmpty);
        return films;
    }

    private static boolean carriesInk(Layer layer) {
        return layer.isCut() && layer.film().colour().isEmpty();
    }

    /**
     * Where two edges cross at a sharp angle, rounding moves their crossing further than either edge: what differs
     * is judged by how wide it is, not how long. Only where edges lie apart is it looked at: it is most of the work.
     */
    private static double edgeDistanceMm(Region wanted, Region is) {
        double distance = wanted.edgeDistanceMm(is);
        if (distance <= TRUE_MM || Double.isInfinite(distance)) {
            return distance;
        }
        boolean onlySlivers =
                wanted.differingFrom(is).grown(-TRUE_MM / 2, CornerStyle.MITRED).isEmpty();
        return onlySlivers ? TRUE_MM : distance;
    }

    /** A colour that is missing altogether is as wrong as the art is large. */
    private static double largest(SizePlan size) {
        return size.artBounds().map(b -> Math.hypot(b.widthMm(), b.heightMm())).orElse(0.0);
    }

    /** Prints cover what lies under them as planned: ink is not read back from paper here. */
    private static Map<Film, Region> seen(SizePlan size, List<Applied> parts, Stop stop) {
        List<Applied> fromTop = new ArrayList<>(parts);
        size.layers().stream().filter(l -> !l.isCut()).forEach(l -> fromTop.add(new Applied(l, l.region())));
        fromTop.sort(Comparator.comparingInt((Applied p) -> p.layer.order()).reversed());
        Map<Film, Region> seen = new LinkedHashMap<>();
        Region above = Region.EMPTY;
        for (Applied part : fromTop) {
            stop.look();
            Layer layer = part.layer;
            Region shows = Ways.of(layer.material()).shows(layer, part.onFace);
            if (layer.isCut()) {
                seen.merge(layer.film(), carriesInk(layer) ? shows : shows.minus(above), Region::weld);
            }
            above = above.weld(shows);
        }
        return seen;
    }

    static Region withoutHairs(Region region) {
        return region.grown(-ROUNDING_MM / 2, CornerStyle.MITRED).grown(ROUNDING_MM / 2, CornerStyle.MITRED);
    }
}
