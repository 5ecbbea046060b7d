package jurren.core.nest;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.stop.Stop;

/**
 * Every shape in every turn, and how far apart each two must stand. Equal shapes are one. A shape is grown by half the
 * gap and its outline made coarser on the outer side, so that what is free here is free in truth.
 */
final class Shapes {
    /** The most an outline is made coarser, as a share of the gap. */
    private static final double COARSE = 0.12;
    /**
     * Without a gap, as a share of the shape's size: what was one before fits together again only as fine as this,
     * which few can be.
     */
    private static final double OF_SIZE = 0.0005;

    private static final double OF_SIZE_OF_MANY = 0.005;
    private static final int MANY = 150;
    private static final double FINE_MM = 0.02;
    /** What is kept of clearances; the rest are worked out when they are asked for. */
    private static final long MOST_BYTES = 160L << 20;
    /** Shapes of more parts than this would make clearances too large to keep: they are made coarser. */
    private static final int MANY_PARTS = 14;
    /** Without a gap, what was one before only fits together again in all its parts. */
    private static final int VERY_MANY_PARTS = 40;

    private static final int PARTS_IN_ALL = 600;
    private static final double COARSER = 2.5;
    /** Where so few would be left, they are not worth looking for. */
    private static final int FEW_PARTS = 3;

    private static final int MANY_CORNERS = 24;
    /** Making it coarser corner by corner would take too long. */
    private static final int TOO_MANY_CORNERS = 6000;

    private static final int MOST_KEPT = 3000;
    private static final long MOST_PAIRS_OF_PARTS = 12_000_000;
    private static final int MOST_COARSER = 4;
    /** Two milliseconds each. */
    private static final int MOST_OUTLINED = 6000;
    /** A shape that no other is a turn of. */
    private static final int ALONE = -1;

    private static final int NOT_NUMBERED = -1;

    private record Kind(Region shape, Turning turning) {}

    private final List<Turned> all = new ArrayList<>();
    private final Map<Kind, List<Turned>> made = new ConcurrentHashMap<>();
    private final Map<Kind, int[]> turns = new HashMap<>();
    private final Map<Region, Integer> known = new HashMap<>();
    private final double gapMm;
    private Clearance[] clearances = new Clearance[0];
    private boolean outlined;
    private int mostParts = 1;
    private int mostEach = MANY_PARTS;
    private double ofSize = OF_SIZE;
    private final AtomicLong bytes = new AtomicLong();

    Shapes(double gapMm) {
        this.gapMm = gapMm;
    }

    /**
     * Makes all turns of all, as coarse as must be for so many: all pairs are looked at, and each pair in all its
     * parts.
     */
    void expect(List<Cutout> cutouts) {
        long turned = cutouts.stream()
                .distinct()
                .mapToLong(c -> c.turning().degrees().size())
                .sum();
        ofSize = turned > MANY ? OF_SIZE_OF_MANY : OF_SIZE;
        mostEach = (int) Math.clamp(
                Math.sqrt((double) MOST_PAIRS_OF_PARTS / Math.max(1, turned * turned / 2)),
                1,
                gapMm > 0 ? MANY_PARTS : Math.clamp(PARTS_IN_ALL / Math.max(1, turned), MANY_PARTS, VERY_MANY_PARTS));
        Stop stop = Stop.here();
        cutouts.stream().map(c -> new Kind(c.shape(), c.turning())).distinct().toList().parallelStream()
                .forEach(k -> {
                    stop.look();
                    Region around = around(k.shape);
                    made.put(
                            k,
                            k.turning.degrees().stream()
                                    .map(d -> Turned.of(NOT_NUMBERED, ALONE, d, k.shape, around))
                                    .toList());
                });
    }

    /** The numbers of a shape's turns, of those that were expected. */
    int[] turnsOf(Cutout c) {
        int shape = known.computeIfAbsent(c.shape(), _ -> known.size());
        return turns.computeIfAbsent(
                new Kind(c.shape(), c.turning()),
                k -> made.remove(k).stream()
                        .mapToInt(t -> add(t.numbered(all.size(), shape)))
                        .toArray());
    }

    /** A shape in one turn of its own, as a person laid it. */
    int turned(Cutout c, double degrees) {
        Placement turn = Placement.turned(degrees);
        return add(Turned.of(
                all.size(), ALONE, 0, c.shape().placed(turn), around(c.shape()).placed(turn)));
    }

    /** What nothing may lie on. */
    int obstacle(Region region) {
        return add(Turned.of(all.size(), ALONE, 0, region, region));
    }

    private int add(Turned t) {
        all.add(t);
        mostParts = Math.max(mostParts, t.parts());
        return t.number();
    }

    private Region around(Region shape) {
        double coarse = Math.max(FINE_MM, gapMm > 0 ? gapMm * COARSE : Math.sqrt(shape.areaMm2()) * ofSize);
        if (mostEach < FEW_PARTS) {
            return Coarser.of(shape.hull().grown(gapMm / 2, CornerStyle.ROUND), coarse);
        }
        // what many corners have is mostly finer than any of this: it goes before the slow and careful part
        double fine = shape.vertexCount() > MANY_CORNERS ? coarse / 8 : 0;
        Region grown = gapMm + fine > 0
                ? shape.grown(gapMm / 2 + fine, CornerStyle.ROUND).simplified(fine)
                : shape;
        if (grown.vertexCount() > TOO_MANY_CORNERS) {
            return grown.hull();
        }
        Region around = Coarser.of(grown, coarse);
        double hollow = coarse;
        for (int i = 0; i < MOST_COARSER && Turned.parts(around).size() > mostEach; i++) {
            hollow *= COARSER;
            // parts come from hollow corners; bulging ones are left as they are, unless they must go into hollow ones
            // without a gap
            around = Coarser.of(grown, gapMm > 0 ? coarse : hollow, hollow);
        }
        return Turned.parts(around).size() > 2 * mostEach ? around.hull() : around;
    }

    /** To be called when all shapes are known. */
    void ready() {
        int size = all.size();
        this.clearances = new Clearance[size <= MOST_KEPT ? size * (size + 1) / 2 : 0];
    }

    Turned turned(int number) {
        return all.get(number);
    }

    /**
     * Puts the clearances of all pairs that a search on these shapes will ask for into outlines, where there are not
     * too many.
     * Two shapes turned alike are worked out once.
     */
    void outline(Set<Integer> used) {
        List<int[]> pairs = new ArrayList<>();
        Set<List<Integer>> first = new HashSet<>();
        for (int a : used) {
            for (int b : used) {
                if (a <= b && clearances.length > 0 && first.add(alike(a, b))) {
                    pairs.add(new int[] {a, b});
                }
            }
        }
        if (clearances.length == 0 || pairs.size() > MOST_OUTLINED) {
            return;
        }
        outlined = true;
        Stop stop = Stop.here();
        Map<List<Integer>, Clearance> known = new ConcurrentHashMap<>();
        pairs.parallelStream().forEach(p -> {
            stop.look();
            known.put(alike(p[0], p[1]), new Clearance(all.get(p[0]), all.get(p[1])).outlined());
        });
        Map<List<Integer>, int[]> of = new HashMap<>();
        pairs.forEach(p -> of.put(alike(p[0], p[1]), p));
        for (int a : used) {
            for (int b : used) {
                if (a <= b) {
                    List<Integer> alike = alike(a, b);
                    int quarters =
                            (all.get(a).degrees() - all.get(of.get(alike)[0]).degrees() + 360) / 90 % 4;
                    clearances[b * (b + 1) / 2 + a] = known.get(alike).turned(quarters);
                }
            }
        }
    }

    boolean isOutlined() {
        return outlined;
    }

    /** Two pairs are alike when both shapes of one are those of the other turned by the same quarters. */
    private List<Integer> alike(int a, int b) {
        Turned first = all.get(a);
        Turned second = all.get(b);
        return first.shape() < 0 || second.shape() < 0
                ? List.of(a, b)
                : List.of(
                        first.shape(),
                        first.degrees() % 90,
                        second.shape(),
                        (second.degrees() - first.degrees() + 360) % 360);
    }

    /** Room for the stretches of any line. */
    double[] stretches() {
        return new double[Math.max(256, 2 * mostParts * mostParts + 2)];
    }

    /**
     * The stretches of a line at which two overlap, from the smaller number to the larger; see {@link Clearance#along}.
     */
    int along(int a, int b, boolean upright, double level, boolean reverse, double[] into) {
        if (!outlined && (all.get(a).parts() == 1 && all.get(b).parts() == 1 || isUnkept(b * (b + 1) / 2 + a))) {
            return Clearance.along(all.get(a), all.get(b), upright, level, reverse, into);
        }
        return between(a, b).along(upright, level, reverse, into);
    }

    /** What could not be kept is worked out only as far as it is looked at. */
    private boolean isUnkept(int at) {
        return at >= clearances.length || clearances[at] == null && bytes.get() >= MOST_BYTES;
    }

    /** What a look at two costs. */
    int cost(int a, int b) {
        return outlined
                ? between(a, b).cost()
                : 1 + all.get(a).parts() * all.get(b).parts();
    }

    /** From the smaller number to the larger. Two threads may work the same one out; both get the same. */
    Clearance between(int a, int b) {
        int at = b * (b + 1) / 2 + a;
        if (at >= clearances.length) {
            return new Clearance(all.get(a), all.get(b));
        }
        Clearance c = clearances[at];
        if (c == null) {
            c = new Clearance(all.get(a), all.get(b));
            if (bytes.get() < MOST_BYTES) {
                bytes.addAndGet(c.bytes());
                clearances[at] = c;
            }
        }
        return c;
    }
}
