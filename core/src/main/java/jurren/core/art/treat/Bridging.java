package jurren.core.art.treat;

import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Straight bridges from loose parts to what holds them. The largest part holds; the others join it one
 * after the other, the nearest first (Prim's minimum spanning tree over the parts), each along its
 * shortest way; more bridges go out from its middle, spread evenly from that first one.
 */
final class Bridging {
    /** So far a bridge reaches into both sides, as a share of its width, that a round edge leaves no notch. */
    private static final double INTO = 0.5;
    /** More parts than this are no letters but dust, and would take minutes. */
    private static final int MOST_PARTS = 400;

    private Bridging() {
    }

    /** The bridges alone, overlapping what they join; empty when it is one part already. */
    static Region bridges(Region parts, double widthMm, int each) {
        List<Region> loose = new ArrayList<>(parts.pieces().stream().map(Piece::region)
                .sorted(Comparator.comparingDouble(Region::areaMm2).reversed()).toList());
        if (loose.size() > MOST_PARTS) {
            throw new IllegalArgumentException("bridges can hold " + MOST_PARTS + " parts at most, not " + loose.size());
        }
        if (loose.size() < 2) {
            return Region.EMPTY;
        }
        Region held = loose.removeFirst();
        List<Region> bridges = new ArrayList<>();
        while (!loose.isEmpty()) {
            Region next = nearest(held, loose);
            loose.remove(next);
            Region rest = held;
            bridges.addAll(toHold(next, rest, widthMm, each));
            held = Region.weld(List.of(held, next));
        }
        return Region.weld(bridges);
    }

    private static Region nearest(Region held, List<Region> loose) {
        return loose.stream().min(Comparator.comparingDouble(r -> length(held.shortestWayTo(r)))).orElseThrow();
    }

    private static double length(List<Point> way) {
        return way.getFirst().distanceMm(way.getLast());
    }

    private static List<Region> toHold(Region part, Region held, double widthMm, int each) {
        List<Point> shortest = part.shortestWayTo(held);
        List<Region> all = new ArrayList<>(List.of(bar(shortest.getFirst(), shortest.getLast(), widthMm)));
        Point middle = part.bounds().centre();
        double first = Math.atan2(shortest.getLast().yMm() - middle.yMm(), shortest.getLast().xMm() - middle.xMm());
        for (int i = 1; i < each; i++) {
            double angle = first + 2 * Math.PI * i / each;
            reach(part, held, middle, angle).ifPresent(way -> all.add(bar(way.getFirst(), way.getLast(), widthMm)));
        }
        return all;
    }

    /** From the part outwards in a direction to the first place that holds. */
    private static java.util.Optional<List<Point>> reach(Region part, Region held, Point middle, double angle) {
        Box all = part.bounds().joined(held.bounds());
        double far = Math.hypot(all.widthMm(), all.heightMm());
        Point end = new Point(middle.xMm() + far * Math.cos(angle), middle.yMm() + far * Math.sin(angle));
        var own = part.along(middle, end);
        var its = held.along(middle, end);
        if (own.isEmpty() || its.isEmpty()) {
            return java.util.Optional.empty();
        }
        double from = own.getLast().toMm();
        return its.stream().filter(i -> i.fromMm() > from).findFirst()
                .map(i -> List.of(middle.towards(end, from / far), middle.towards(end, i.fromMm() / far)));
    }

    private static Region bar(Point a, Point b, double widthMm) {
        double length = a.distanceMm(b);
        double into = widthMm * INTO;
        double degrees = length == 0 ? 0 : Math.toDegrees(Math.atan2(b.yMm() - a.yMm(), b.xMm() - a.xMm()));
        return Region.of(Box.ofSize(-into, -widthMm / 2, length + 2 * into, widthMm))
                .placed(Placement.turned(degrees).then(Placement.moved(a.xMm(), a.yMm())));
    }

    /** Reaches so far beyond what it frames that its own corners are never the nearest. */
    static Region frame(Region of, double marginMm) {
        return Region.of(of.bounds().grown(marginMm)).minus(of.grown(0, CornerStyle.ROUND));
    }
}
