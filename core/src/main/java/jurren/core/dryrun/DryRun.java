package jurren.core.dryrun;

import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.layer.Layer;
import jurren.core.load.Load;
import jurren.core.load.Placed;
import jurren.core.material.Colour;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.plan.SizePlan;
import jurren.core.stop.Stop;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Makes every copy from the cut sheets and compares it with the art.
 *
 * <ol>
 *   <li>A stroke that comes back to its start is an outline; what it overcuts beyond that is dropped.
 *       A stroke that never does is a cut that frees nothing.
 *   <li>In each slot, the frame is lifted off and what the outlines enclose (even-odd) is the piece.
 *   <li>The piece is turned back as it lay, turned over where the process turns it over, and its
 *       middle put where the middle of its layer belongs.
 *   <li>The pieces are stacked in order; what is seen of each colour is compared with the art.
 * </ol>
 */
public record DryRun(List<Comparison> copies) {
    /** A plotter rounds to 0.025 mm: strips narrower than twice that are its rounding, not film. */
    private static final double ROUNDING_MM = 0.05;

    public DryRun {
        copies = List.copyOf(copies);
    }

    public double matchPercent() {
        double all = copies.stream().mapToDouble(Comparison::allMm2).sum();
        return all == 0 ? 0 : 100 * copies.stream().mapToDouble(Comparison::agreeingMm2).sum() / all;
    }

    public double worstMm() {
        return copies.stream().mapToDouble(Comparison::worstMm).max().orElse(0);
    }

    /** The copy that agrees least; throws when there is none. */
    public Comparison worst() {
        return copies.stream().min(Comparator.comparingDouble(Comparison::matchPercent)).orElseThrow();
    }

    private record Copy(String lineId, String size, int number) {
    }

    private record Part(Layer layer, Region onFace) {
    }

    public static DryRun of(Plan plan, List<CutSheet> sheets) {
        Stop stop = Stop.here();
        Map<Copy, List<Part>> parts = new LinkedHashMap<>();
        for (CutSheet sheet : sheets) {
            Load load = plan.runs().get(sheet.load() - 1).load();
            List<Outline> outlines = outlines(sheet);
            for (Placed placed : load.placed()) {
                stop.look();
                Region piece = lifted(outlines, placed, load.framed());
                parts.computeIfAbsent(
                        new Copy(placed.item().lineId(), placed.item().size(), placed.item().copy()),
                        _ -> new ArrayList<>()).add(new Part(placed.item().layer(), ontoFace(piece, placed)));
            }
        }
        return new DryRun(parts.entrySet().parallelStream().map(e -> compare(plan, e.getKey(), e.getValue(), stop)).toList());
    }

    private static List<Outline> outlines(CutSheet sheet) {
        List<Outline> found = new ArrayList<>();
        for (List<Point> stroke : sheet.strokes()) {
            int back = stroke.lastIndexOf(stroke.getFirst());
            if (back >= 3) {
                found.add(Outline.of(stroke.subList(0, back)));
            }
        }
        return found;
    }

    private static Region lifted(List<Outline> outlines, Placed placed, boolean framed) {
        List<Outline> inSlot = outlines.stream()
                .filter(o -> placed.slot().grown(ROUNDING_MM).covers(o.bounds(), 0))
                .filter(o -> !framed || !o.bounds().covers(placed.slot(), ROUNDING_MM)).toList();
        return Region.enclosedBy(inSlot, FillRule.EVEN_ODD);
    }

    private static Region ontoFace(Region piece, Placed placed) {
        if (piece.isEmpty()) {
            return piece;
        }
        Placement inHand = placed.turned() ? Placement.turned(-90) : Placement.HERE;
        if (placed.item().turnedOver()) {
            inHand = inHand.then(Placement.flipped());
        }
        Region seen = piece.placed(inHand.then(Placement.otherYAxis()));
        Box is = seen.bounds();
        Box belongs = placed.item().layer().region().bounds();
        return seen.placed(Placement.moved(belongs.centre().xMm() - is.centre().xMm(),
                belongs.centre().yMm() - is.centre().yMm()));
    }

    private static Comparison compare(Plan plan, Copy copy, List<Part> parts, Stop stop) {
        LinePlan line = plan.line(copy.lineId).orElseThrow();
        SizePlan size = line.size(copy.size).orElseThrow();
        Map<Colour, Region> wanted = size.laid().seen();
        Map<Colour, Region> got = seen(parts, stop);

        double agreeing = 0;
        double worst = 0;
        for (Map.Entry<Colour, Region> want : wanted.entrySet()) {
            stop.look();
            Region is = got.getOrDefault(want.getKey(), Region.EMPTY);
            agreeing += want.getValue().intersect(is).areaMm2();
            stop.look();
            double distance = edgeDistanceMm(want.getValue(), is);
            worst = Math.max(worst, Double.isInfinite(distance) ? largest(size) : distance);
        }
        return new Comparison(copy.lineId, copy.size, copy.number, wanted, got, agreeing, worst);
    }

    /** Only where rounding may have left hairs are they looked for: it is most of the work. */
    private static double edgeDistanceMm(Region wanted, Region is) {
        double distance = wanted.edgeDistanceMm(is);
        return distance <= 2 * ROUNDING_MM ? distance : withoutHairs(wanted).edgeDistanceMm(withoutHairs(is));
    }

    /** A colour that is missing altogether is as wrong as the art is large. */
    private static double largest(SizePlan size) {
        return size.artBounds().map(b -> Math.hypot(b.widthMm(), b.heightMm())).orElse(0.0);
    }

    private static Map<Colour, Region> seen(List<Part> parts, Stop stop) {
        List<Part> fromTop = new ArrayList<>(parts);
        fromTop.sort(Comparator.comparingInt((Part p) -> p.layer.order()).reversed());
        Map<Colour, Region> seen = new LinkedHashMap<>();
        Region above = Region.EMPTY;
        for (Part part : fromTop) {
            stop.look();
            seen.put(part.layer.colour(), part.onFace.minus(above));
            above = above.weld(part.onFace);
        }
        return seen;
    }

    static Region withoutHairs(Region region) {
        return region.grown(-ROUNDING_MM / 2, CornerStyle.MITRED).grown(ROUNDING_MM / 2, CornerStyle.MITRED);
    }
}
