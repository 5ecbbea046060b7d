package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import jurren.core.art.TooMuch;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;

/**
 * Straight bridges from loose parts to what holds them. The largest part holds; the others join it one
 * after the other, the nearest first (Prim's minimum spanning tree over the parts), each along its
 * shortest way or beside it where the bridge lies between both with its whole width; more bridges go out
 * from its middle, spread evenly from that first one.
 */
final class Bridging {
    /** So far a bridge reaches into both sides, as a share of its width, that a round edge leaves no notch. */
    private static final double INTO = 0.5;
    /** More parts than this are no letters but dust, and would take minutes. */
    private static final int MOST_PARTS = 400;
    /** Ways that are tried on each side of the shortest one. */
    private static final int STEPS = 6;

    private static final double SAME_MM = 1e-6;

    private Bridging() {}

    /** The bridges alone, overlapping what they join; empty when it is one part already. */
    static Region bridges(Region parts, double widthMm, int each, boolean upright) {
        List<Region> loose = new ArrayList<>(parts.pieces().stream()
                .map(Piece::region)
                .sorted(Comparator.comparingDouble(Region::areaMm2).reversed())
                .toList());
        if (loose.size() > MOST_PARTS) {
            throw new TooMuch("bridges can hold " + MOST_PARTS + " parts at most, not " + loose.size());
        }
        if (loose.size() < 2) {
            return Region.EMPTY;
        }
        List<Region> bridges = new ArrayList<>();
        Reached[] reached = new Reached[loose.size()];
        int newest = 0;
        for (int done = 1; done < loose.size(); done++) {
            int next = -1;
            for (int i = 1; i < reached.length; i++) {
                if (reached[i] == null || !reached[i].held) {
                    reached[i] = nearer(reached[i], loose.get(i), loose.get(newest));
                    next = next < 0 || reached[i].length < reached[next].length ? i : next;
                }
            }
            Region held = Region.together(heldParts(loose, reached));
            bridges.addAll(toHold(loose.get(next), held, reached[next].way, widthMm, each, upright));
            reached[next] = reached[next].now();
            newest = next;
        }
        return Region.weld(bridges);
    }

    /** The shortest way from a part to what holds so far, and whether it is held itself by now. */
    private record Reached(List<Point> way, double length, boolean held) {
        Reached now() {
            return new Reached(way, length, true);
        }
    }

    private static List<Region> heldParts(List<Region> parts, Reached[] reached) {
        List<Region> held = new ArrayList<>(List.of(parts.getFirst()));
        for (int i = 1; i < reached.length; i++) {
            if (reached[i] != null && reached[i].held) {
                held.add(parts.get(i));
            }
        }
        return held;
    }

    /** Looked at closely only where the boxes are near enough. */
    private static Reached nearer(Reached soFar, Region part, Region newest) {
        if (soFar != null
                && part.bounds().grown(soFar.length).crossed(newest.bounds()).isEmpty()) {
            return soFar;
        }
        List<Point> way = part.shortestWayTo(newest);
        double length = length(way);
        return soFar == null || length < soFar.length ? new Reached(way, length, false) : soFar;
    }

    private static double length(List<Point> way) {
        return way.getFirst().distanceMm(way.getLast());
    }

    private static List<Region> toHold(
            Region part, Region held, List<Point> shortest, double widthMm, int each, boolean upright) {
        if (upright) {
            List<Region> all = spread(part, held, -Math.PI / 2, 0, widthMm, each);
            if (!all.isEmpty()) {
                return all;
            }
        }
        List<Point> straight = widthBetween(part, held, shortest, widthMm);
        List<Region> all = new ArrayList<>(List.of(bar(straight.getFirst(), straight.getLast(), widthMm)));
        Point middle = part.bounds().centre();
        double first = Math.atan2(
                shortest.getLast().yMm() - middle.yMm(), shortest.getLast().xMm() - middle.xMm());
        all.addAll(spread(part, held, first, 1, widthMm, each));
        return all;
    }

    /** Bridges from a part's middle in even directions, from number {@code begin} on. */
    private static List<Region> spread(Region part, Region held, double first, int begin, double widthMm, int each) {
        List<Region> all = new ArrayList<>();
        for (int i = begin; i < each; i++) {
            reach(part, held, part.bounds().centre(), first + 2 * Math.PI * i / each)
                    .ifPresent(way -> all.add(bar(way.getFirst(), way.getLast(), widthMm)));
        }
        return all;
    }

    /**
     * The shortest way between two straight edges may run along their corners. Beside it, up to a width
     * away, there may be one whose both sides and middle meet both parts sooner.
     */
    private static List<Point> widthBetween(Region part, Region held, List<Point> shortest, double widthMm) {
        double length = length(shortest);
        if (length == 0) {
            return shortest;
        }
        double dx = (shortest.getLast().xMm() - shortest.getFirst().xMm()) / length;
        double dy = (shortest.getLast().yMm() - shortest.getFirst().yMm()) / length;
        List<Point> best = shortest;
        double least = Double.POSITIVE_INFINITY;
        int bestStep = STEPS + 1;
        for (int step = -STEPS; step <= STEPS; step++) {
            double beside = step * widthMm / STEPS;
            double longest = 0;
            for (int side = -1; side <= 1; side++) {
                longest = Math.max(longest, gap(part, held, shortest, dx, dy, beside + side * widthMm / 2, widthMm));
            }
            if (longest < least - SAME_MM
                    || Math.abs(longest - least) <= SAME_MM && Math.abs(step) < Math.abs(bestStep)) {
                least = longest;
                bestStep = step;
                best = List.of(
                        shortest.getFirst().plus(-dy * beside, dx * beside),
                        shortest.getLast().plus(-dy * beside, dx * beside));
            }
        }
        return least < Double.POSITIVE_INFINITY ? best : shortest;
    }

    /** How long a bridge is on one line beside the shortest way; infinite where the line misses one of both. */
    private static double gap(
            Region part, Region held, List<Point> way, double dx, double dy, double beside, double widthMm) {
        Point from = way.getFirst().plus(-dy * beside - dx * widthMm * 2, dx * beside - dy * widthMm * 2);
        Point to = way.getLast().plus(-dy * beside + dx * widthMm * 2, dx * beside + dy * widthMm * 2);
        var own = part.along(from, to);
        var its = held.along(from, to);
        return own.isEmpty() || its.isEmpty()
                ? Double.POSITIVE_INFINITY
                : its.getFirst().fromMm() - own.getLast().toMm();
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
        return its.stream()
                .filter(i -> i.fromMm() > from)
                .findFirst()
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
