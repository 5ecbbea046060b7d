package jurren.core.weed;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.finish.HandTimes;
import jurren.core.finish.Weeding;
import jurren.core.geometry.Box;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.layer.Fabrication;
import jurren.core.layer.Layer;
import jurren.core.load.Load;
import jurren.core.load.Placed;
import jurren.core.snag.Flaws;

/**
 * What is lifted off a cut load by hand, as it lies on the film: first the insides, then what lies shut in between
 * pieces, then each frame with the waste around its pieces. What stays is whatever is left. Parts that would come up
 * with the waste are marked: small ones, thin ones, pointed ones.
 *
 * @param around  the frames; without any, the film that the load takes
 * @param wastes  in the order in which they are lifted
 * @param cares   what to hold down
 * @param seconds how long all of it takes
 */
public record WeedPlan(List<Region> around, List<Waste> wastes, List<Care> cares, double seconds) {
    /** What kind of waste, in the order in which they are lifted. */
    public enum Kind {
        INSIDE,
        BETWEEN,
        FRAME
    }

    /** Lifts in one. */
    public record Waste(Kind kind, Region region) {
        /** Whether it takes tweezers. */
        public boolean isFine() {
            return region.areaMm2() < Weeding.FINE_MM2;
        }
    }

    /** Why a part may come up with the waste. */
    public enum Why {
        SMALL,
        THIN,
        POINTED
    }

    /**
     * A part to be held down.
     *
     * @param mm how wide it is there; 0 where that does not matter
     */
    public record Care(Why why, Point at, double mm) {
        Care placed(Placement onto) {
            return new Care(why, onto.apply(at), mm);
        }
    }

    /** Smaller pieces hold too little to stay by themselves. */
    public static final double SMALL_MM2 = 12;
    /** Narrower than so many times what the film holds at all is thin. */
    public static final double THIN_TIMES = 1.5;

    private static final double LEAST_WASTE_MM2 = 0.05;
    private static final double TOUCHING_MM = 0.02;
    private static final double SLIT_MM = 0.0005;
    private static final double TORN_MM = 2;
    /** So many of a kind in one layer say enough. */
    private static final int ENOUGH = 12;

    public WeedPlan {
        around = List.copyOf(around);
        wastes = List.copyOf(wastes);
        cares = List.copyOf(cares);
    }

    /** @param times that hands take */
    public static WeedPlan of(Load load, HandTimes times) {
        List<Placed> weeded = load.placed().stream()
                .filter(p -> p.item().layer().making().cut() == Fabrication.Cut.KISS)
                .toList();
        if (weeded.isEmpty()) {
            return new WeedPlan(List.of(), List.of(), List.of(), 0);
        }
        List<Region> pieces = weeded.stream()
                .map(p -> p.item().layer().weeded().placed(p.onto()))
                .toList();
        Map<Kind, List<Region>> wastes = new EnumMap<>(Kind.class);
        List<Region> frames = around(load, pieces);
        for (int f = 0; f < frames.size(); f++) {
            Region frame = frames.get(f);
            Region slits = load.framed()
                    ? Region.weld(load.frames().get(f).reliefs().stream()
                            .map(WeedPlan::slit)
                            .toList())
                    : Region.EMPTY;
            Box box = frame.bounds();
            List<Region> in = pieces.stream()
                    .filter(p -> p.bounds().crossed(box).isPresent())
                    .toList();
            Region film = Region.weld(in);
            Region filled = film.filled();
            for (Piece w : frame.minus(film).minus(slits).pieces()) {
                Region region = w.region();
                Kind kind = touches(w.outer(), frame)
                        ? Kind.FRAME
                        : isInside(region, in, filled) ? Kind.INSIDE : Kind.BETWEEN;
                if (region.areaMm2() >= LEAST_WASTE_MM2) {
                    wastes.computeIfAbsent(kind, _ -> new ArrayList<>()).add(region);
                }
            }
        }
        List<Waste> all = new ArrayList<>();
        wastes.forEach((kind, regions) -> regions.stream()
                .sorted(Comparator.comparingDouble((Region r) -> r.bounds().minXMm())
                        .thenComparing(r -> r.bounds().minYMm()))
                .forEach(r -> all.add(new Waste(kind, r))));
        Map<Layer, List<Care>> known = new IdentityHashMap<>();
        List<Care> cares = weeded.stream()
                .flatMap(p -> known.computeIfAbsent(p.item().layer(), WeedPlan::cares).stream()
                        .map(c -> c.placed(p.onto())))
                .toList();
        return new WeedPlan(
                frames,
                all,
                cares,
                weeded.stream()
                        .mapToDouble(p -> Weeding.seconds(p.item().layer().region(), times))
                        .sum());
    }

    /** A relief cut, with what tears by itself before a piece. */
    private static Region slit(Load.Relief r) {
        double along = TORN_MM / r.lengthMm();
        return Region.along(r.from().towards(r.to(), -along), r.from().towards(r.to(), 1 + along), SLIT_MM);
    }

    /** Within the frames; without any, the film that the load takes. */
    private static List<Region> around(Load load, List<Region> pieces) {
        if (load.framed()) {
            return load.frames().stream()
                    .map(f -> Region.enclosedBy(List.of(f.outline()), FillRule.NON_ZERO))
                    .toList();
        }
        Box box = pieces.stream().map(Region::bounds).reduce(Box::joined).orElseThrow();
        return List.of(Region.of(new Box(
                0,
                0,
                Math.max(load.usedMm(), box.maxXMm()),
                Math.max(load.stock().widthMm(), box.maxYMm()))));
    }

    private static boolean touches(Outline outer, Region around) {
        Box a = around.bounds();
        Box o = outer.bounds();
        return o.minXMm() - a.minXMm() < TOUCHING_MM
                || o.minYMm() - a.minYMm() < TOUCHING_MM
                || a.maxXMm() - o.maxXMm() < TOUCHING_MM
                || a.maxYMm() - o.maxYMm() < TOUCHING_MM;
    }

    /** In a hole of one piece, and not shut in by several. */
    private static boolean isInside(Region waste, List<Region> pieces, Region filled) {
        Point p = waste.inside();
        return filled.contains(p)
                && pieces.stream()
                        .anyMatch(r -> r.bounds().covers(waste.bounds(), TOUCHING_MM)
                                && r.filled().contains(p));
    }

    /** Each kind where it is worst, as the layer lies on its face. */
    private static List<Care> cares(Layer layer) {
        Region region = layer.region();
        List<Care> cares = new ArrayList<>();
        region.pieces().stream()
                .map(Piece::region)
                .filter(r -> r.filled().areaMm2() < SMALL_MM2)
                .sorted(Comparator.comparingDouble(Region::areaMm2))
                .limit(ENOUGH)
                .forEach(r -> cares.add(new Care(Why.SMALL, r.inside(), 0)));
        double thin = layer.material().leastStrokeMm() * THIN_TIMES;
        region.pieces().stream()
                .map(Piece::region)
                .filter(r -> r.filled().areaMm2() >= SMALL_MM2)
                .map(r -> r.thinnestBelow(thin))
                .flatMap(Optional::stream)
                .map(t -> new Care(Why.THIN, t.where(), t.widthMm()))
                .sorted(Comparator.comparingDouble(Care::mm))
                .limit(ENOUGH)
                .forEach(cares::add);
        Flaws.spikes(region).stream().limit(ENOUGH).forEach(p -> cares.add(new Care(Why.POINTED, p, 0)));
        return cares;
    }

    /** How many lift of a kind. */
    public int count(Kind kind) {
        return (int) wastes.stream().filter(w -> w.kind == kind).count();
    }

    public int count(Why why) {
        return (int) cares.stream().filter(c -> c.why == why).count();
    }

    /** What lifts at a place of the film. */
    public Optional<Waste> at(Point p) {
        return wastes.stream()
                .filter(w -> w.region.bounds().covers(Box.ofSize(p.xMm(), p.yMm(), 0, 0), 0) && w.region.contains(p))
                .findFirst();
    }
}
