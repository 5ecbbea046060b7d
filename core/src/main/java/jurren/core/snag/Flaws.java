package jurren.core.snag;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Thinness;

/**
 * What a knife or a film would make a mess of in the layers of a face, each kind once a layer, where it is worst.
 *
 * @param thinnest the narrowest part of each layer, from the lowest up
 */
public record Flaws(List<Flaw> found, List<Thinness> thinnest) {
    public static final Flaws NONE = new Flaws(List.of(), List.of());

    /** Smaller parts and holes hold on nothing and cannot be weeded. */
    public static final double CRUMB_MM2 = 1;
    /** Cuts nearer than this are one line to a knife. */
    public static final double DOUBLED_MM = 0.2;
    /** Shorter slits are the ends of corners, or where two curves touch. */
    public static final double DOUBLED_LONG_MM = 1.2;

    public static final double MEANT_LONG_MM = 3;
    /** Layers nearer than this were meant to meet. */
    public static final double MEANT_TO_MEET_MM = 0.3;
    /** A tip that is still narrower than {@link #SPIKE_WIDE_MM} so far from its point is a spike. */
    public static final double SPIKE_LONG_MM = 2.5;

    public static final double SPIKE_WIDE_MM = 0.5;

    /** Of what kind. */
    public enum Kind {
        CRUMBS,
        LIFTS,
        SPIKES,
        DOUBLED,
        NECK,
        GAP
    }

    /**
     * One kind in one layer.
     *
     * @param layer 0 where it is between layers
     * @param mm    what matters of it: a width or a distance; 0 where there is none
     * @param at    on the unrolled face
     */
    public record Flaw(Kind kind, int layer, int count, double mm, Point at) {
        Flaw onLayer(int order, Placement there) {
            return new Flaw(kind, order, count, mm, there.apply(at));
        }
    }

    public Flaws {
        found = List.copyOf(found);
        thinnest = List.copyOf(thinnest);
    }

    /** The narrowest part of a layer, by its order. */
    public Thinness thinnest(int layer) {
        return thinnest.get(layer - 1);
    }

    /** The neck of a layer, where it has one. */
    public boolean isNeck(int layer) {
        return found.stream().anyMatch(f -> f.kind == Kind.NECK && f.layer == layer);
    }

    /** Pieces and holes that are too small, the largest first. */
    public static List<Region> crumbs(Region region) {
        List<Region> crumbs = new ArrayList<>();
        for (Piece piece : region.pieces()) {
            if (Math.abs(piece.outer().signedAreaMm2()) < CRUMB_MM2) {
                crumbs.add(piece.region());
            }
            piece.holes().stream()
                    .filter(h -> Math.abs(h.signedAreaMm2()) < CRUMB_MM2)
                    .forEach(h -> crumbs.add(Region.enclosedBy(List.of(h), jurren.core.geometry.FillRule.EVEN_ODD)));
        }
        crumbs.removeIf(Region::isEmpty);
        crumbs.sort(Comparator.comparingDouble(Region::areaMm2).reversed());
        return crumbs;
    }

    /** Pieces larger than crumbs that an opening by half the least width leaves nothing of. */
    public static List<Region> lifting(Region region, double leastMm) {
        return region.pieces().stream()
                .map(Piece::region)
                .filter(r -> r.areaMm2() >= CRUMB_MM2
                        && r.areaMm2() < leastMm * r.outlineLengthMm() / 2
                        && r.grown(-leastMm / 2, CornerStyle.MITRED).isEmpty())
                .toList();
    }

    /** The points of all spikes. */
    public static List<Point> spikes(Region region) {
        List<Point> spikes = new ArrayList<>();
        for (Piece piece : region.pieces()) {
            spikes(spikes, piece.outer(), region);
            piece.holes().forEach(h -> spikes(spikes, h, region));
        }
        return spikes;
    }

    private static void spikes(List<Point> spikes, Outline outline, Region region) {
        List<Point> c = outline.points();
        int n = c.getFirst().equals(c.getLast()) ? c.size() - 1 : c.size();
        for (int i = 0; i < n && n > 2; i++) {
            Point at = c.get(i);
            if (isSharp(c.get((i + n - 1) % n), at, c.get((i + 1) % n))) {
                Optional<Point> one = away(c, n, i, 1);
                Optional<Point> other = away(c, n, i, -1);
                if (one.isPresent()
                        && other.isPresent()
                        && one.get().distanceMm(other.get()) < SPIKE_WIDE_MM
                        && region.contains(one.get().towards(other.get(), 0.5))) {
                    spikes.add(at);
                }
            }
        }
    }

    private static boolean isSharp(Point before, Point at, Point after) {
        double ax = before.xMm() - at.xMm();
        double ay = before.yMm() - at.yMm();
        double bx = after.xMm() - at.xMm();
        double by = after.yMm() - at.yMm();
        // sharper than 40 degrees
        return ax * bx + ay * by > 0.766 * Math.hypot(ax, ay) * Math.hypot(bx, by);
    }

    /** So far along the outline from a corner as a spike is long, while it goes on straight enough to be its side. */
    private static Optional<Point> away(List<Point> c, int n, int corner, int step) {
        double left = SPIKE_LONG_MM;
        Point from = c.get(corner);
        Point first = from;
        for (int k = 1; k < n; k++) {
            Point to = c.get(((corner + k * step) % n + n) % n);
            double length = from.distanceMm(to);
            if (length >= left) {
                Point end = from.towards(to, left / length);
                return first.distanceMm(end) > SPIKE_LONG_MM * 0.9 ? Optional.of(end) : Optional.empty();
            }
            left -= length;
            from = to;
        }
        return Optional.empty();
    }
}
