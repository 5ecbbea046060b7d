package jurren.perf;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import jurren.core.art.Chain;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Curves;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.material.Colour;
import jurren.core.nest.Bed;
import jurren.core.nest.Cutout;
import jurren.core.nest.Layout;
import jurren.core.nest.Nest;
import jurren.core.nest.Turning;

/**
 * How tight layouts are: jigsaws of which a perfect packing is known, letters and shapes beside bounding boxes in rows
 * (laid here, by code of this class alone), many pieces, and whether any ever overlaps or hangs over.
 */
public final class NestQuality {
    private static final double SHEET_WIDE = 300;
    private static final double SHEET_HIGH = 200;
    private static final double ROLL = 300;
    private static final double GAP = 3;
    private static final long SEED = 7;

    private NestQuality() {}

    public static void main(String[] args) {
        switch (args.length == 0 ? "" : args[0]) {
            case "jigsaws" -> jigsaws(number(args, 1, 10), number(args, 2, 10), Turning.NONE);
            case "turned" -> jigsaws(number(args, 1, 10), number(args, 2, 10), Turning.QUARTER);
            case "letters" -> letters(number(args, 1, 20), number(args, 2, 10));
            case "sound" -> sound(number(args, 1, 1000));
            case "memory" -> memory(number(args, 1, 600));
            default -> {
                jigsaws(8, 10, Turning.NONE);
                jigsaws(4, 60, Turning.NONE);
                letters(6, 10);
                many();
                sound(200);
            }
        }
    }

    private static int number(String[] args, int at, int usual) {
        return args.length > at ? Integer.parseInt(args[at]) : usual;
    }

    private static void say(String pattern, Object... what) {
        System.out.printf(Locale.ROOT, pattern + "%n", what);
    }

    private static double median(double[] all) {
        double[] sorted = all.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }

    /** A rectangle cut at random, straight and in waves, the largest piece first. */
    private static List<Region> jigsaw(long seed, int pieces) {
        Random random = new Random(seed);
        List<Region> all = new ArrayList<>(List.of(Region.of(Box.ofSize(0, 0, SHEET_WIDE, SHEET_HIGH))));
        for (int tries = 0; all.size() < pieces && tries < 5000; tries++) {
            all.sort(Comparator.comparingDouble((Region r) -> -r.areaMm2()));
            Region largest = all.getFirst();
            Region side = side(largest, random, random.nextBoolean());
            Region one = largest.intersect(side);
            Region other = largest.minus(side);
            if (one.pieceCount() == 1
                    && other.pieceCount() == 1
                    && Math.min(one.areaMm2(), other.areaMm2()) > largest.areaMm2() / 4) {
                all.removeFirst();
                all.add(one);
                all.add(other);
            }
        }
        return all;
    }

    private static Region side(Region of, Random random, boolean waves) {
        Box b = of.bounds();
        Point in = of.inside();
        double turn = random.nextDouble() * Math.PI;
        double reach = 2 * Math.hypot(b.widthMm(), b.heightMm());
        double size = Math.sqrt(of.areaMm2());
        double high = waves ? (random.nextDouble() - 0.5) * 0.5 * size : 0;
        double wide = size * (0.8 + random.nextDouble());
        List<Point> line = new ArrayList<>();
        int n = waves ? 160 : 2;
        for (int i = 0; i < n; i++) {
            double t = -reach + 2 * reach * i / (n - 1);
            double s = high * Math.sin(t / wide * Math.PI);
            line.add(new Point(
                    in.xMm() + t * Math.cos(turn) - s * Math.sin(turn),
                    in.yMm() + t * Math.sin(turn) + s * Math.cos(turn)));
        }
        double dx = -3 * reach * Math.sin(turn);
        double dy = 3 * reach * Math.cos(turn);
        line.add(new Point(line.getLast().xMm() + dx, line.getLast().yMm() + dy));
        line.add(new Point(line.getFirst().xMm() + dx, line.getFirst().yMm() + dy));
        return Region.enclosedBy(List.of(Outline.of(line)), FillRule.NON_ZERO);
    }

    private static void jigsaws(int instances, int seconds, Turning turning) {
        double[] shares = new double[instances];
        StringBuilder each = new StringBuilder();
        for (int k = 0; k < instances; k++) {
            int pieces = 20 + k * 17 % 41;
            Random random = new Random(k);
            List<Cutout> cutouts = new ArrayList<>();
            double area = 0;
            for (Region r : jigsaw(100 + k, pieces)) {
                Region turned = turning == Turning.NONE ? r : r.placed(Placement.turned(90 * random.nextInt(4)));
                cutouts.add(new Cutout(turned, turning));
                area += r.areaMm2();
            }
            Collections.shuffle(cutouts, random);
            Nest nest = Nest.of(cutouts, List.of(Bed.roll(SHEET_HIGH, 5000)), 0, SEED);
            improve(nest, seconds);
            shares[k] = 100 * area / SHEET_HIGH / nest.layout().usedMm().getFirst();
            each.append(String.format(Locale.ROOT, " %d:%.1f", pieces, shares[k]));
        }
        say(
                "jigsaws, %s, %d s: %.1f %% of the area at the median of %d (perfect 100); pieces:share%s",
                turning == Turning.NONE ? "not turned" : "turned by quarters",
                seconds,
                median(shares),
                instances,
                each);
    }

    private static void improve(Nest nest, double seconds) {
        long until = System.nanoTime() + (long) (seconds * 1e9);
        while (System.nanoTime() < until) {
            nest.improve(1);
        }
    }

    private static Region letterOrShape(Random random) {
        double size = 15 + random.nextDouble() * 45;
        ShippedTypeface[] faces = ShippedTypeface.values();
        return switch (random.nextInt(4)) {
            case 0 ->
                Region.enclosedBy(
                        List.of(Outline.of(List.of(
                                new Point(0, 0),
                                new Point(size, 0),
                                new Point(0, size * (0.6 + random.nextDouble()))))),
                        FillRule.NON_ZERO);
            case 1 ->
                Curves.of(new java.awt.geom.Ellipse2D.Double(0, 0, size, size * (0.5 + random.nextDouble())))
                        .enclosed();
            default -> {
                char c = (char) ('A' + random.nextInt(26));
                Region letter = new Chain()
                        .build(new Motif(
                                "m",
                                "m",
                                Lettering.of(
                                        String.valueOf(c),
                                        faces[random.nextInt(faces.length)],
                                        size * 1.4,
                                        new Colour(0)),
                                List.of(),
                                Pose.at(0, 0)))
                        .region();
                yield letter.pieceCount() == 1 ? letter : letter.hull();
            }
        };
    }

    /** First fit decreasing height, none, all or the flatter turned: what is laid by eye. */
    private static double rows(List<Cutout> cutouts) {
        double best = Double.POSITIVE_INFINITY;
        for (int way = 0; way < 3; way++) {
            List<double[]> boxes = new ArrayList<>();
            for (Cutout c : cutouts) {
                Box b = c.shape().bounds();
                boolean turn = way == 1 || way == 2 && b.heightMm() < b.widthMm();
                boxes.add(turn ? new double[] {b.heightMm(), b.widthMm()} : new double[] {b.widthMm(), b.heightMm()});
            }
            boxes.sort(Comparator.comparingDouble((double[] b) -> -b[0]));
            List<double[]> rows = new ArrayList<>();
            double end = -GAP;
            for (double[] b : boxes) {
                double[] row = rows.stream()
                        .filter(r -> r[0] + b[1] <= ROLL)
                        .findFirst()
                        .orElse(null);
                if (row == null) {
                    row = new double[] {0};
                    rows.add(row);
                    end += GAP + b[0];
                }
                row[0] += b[1] + GAP;
            }
            best = Math.min(best, end);
        }
        return best;
    }

    private static void letters(int instances, int seconds) {
        double[] saved = new double[instances];
        double[] first = new double[instances];
        for (int k = 0; k < instances; k++) {
            Random random = new Random(1000 + k);
            List<Cutout> cutouts = new ArrayList<>();
            for (int i = 0; i < 100; i++) {
                cutouts.add(new Cutout(letterOrShape(random), Turning.QUARTER));
            }
            double rows = rows(cutouts);
            Nest nest = Nest.of(cutouts, List.of(Bed.roll(ROLL, 50_000)), GAP, SEED);
            first[k] = 100 * (1 - nest.layout().usedMm().getFirst() / rows);
            improve(nest, seconds);
            saved[k] = 100 * (1 - nest.layout().usedMm().getFirst() / rows);
        }
        say(
                "100 letters and shapes on a roll of 300 mm: %.1f %% less film than boxes in rows at once, %.1f %% after %d s (median of %d; least %.1f)",
                median(first),
                median(saved),
                seconds,
                instances,
                Arrays.stream(saved).min().orElse(0));
    }

    private static void many() {
        for (boolean alike : new boolean[] {true, false}) {
            Random random = new Random(5);
            Region one = letterOrShape(random);
            List<Cutout> cutouts = new ArrayList<>();
            for (int i = 0; i < 500; i++) {
                cutouts.add(new Cutout(alike ? one : letterOrShape(random), Turning.QUARTER));
            }
            double[] ms = new double[3];
            for (int k = 0; k < ms.length; k++) {
                long from = System.nanoTime();
                Nest.of(cutouts, List.of(Bed.roll(ROLL, 50_000)), GAP, SEED);
                ms[k] = (System.nanoTime() - from) / 1e6;
            }
            say(
                    "500 pieces, %s: first layout after %.0f ms (median of 3)",
                    alike ? "all alike" : "all different", median(ms));
        }
    }

    /**
     * Every layout checked by the geometry engine: nothing hangs over, none nearer than the gap, by more than 0.001 mm.
     */
    private static void sound(int instances) {
        int wrong = 0;
        for (int k = 0; k < instances; k++) {
            Random random = new Random(k);
            List<Cutout> cutouts = new ArrayList<>();
            Turning turning = Turning.values()[random.nextInt(Turning.values().length)];
            for (int i = 1 + random.nextInt(25); i > 0; i--) {
                cutouts.add(new Cutout(letterOrShape(random), turning));
            }
            Bed offcut = new Bed(
                    Region.of(Box.ofSize(0, 0, 150, 130)).minus(Region.of(Box.ofSize(60, 70, 200, 100))), false);
            List<Bed> beds =
                    random.nextBoolean() ? List.of(offcut, Bed.roll(281, 20_000)) : List.of(Bed.roll(281, 20_000));
            Nest nest = Nest.of(cutouts, beds, GAP, SEED);
            wrong += isSound(cutouts, beds, nest.layout()) ? 0 : 1;
            nest.improve(1);
            wrong += isSound(cutouts, beds, nest.layout()) ? 0 : 1;
        }
        say("%d random instances, each layout twice: %d overlap or hang over by more than 0.001 mm", instances, wrong);
    }

    private static boolean isSound(List<Cutout> cutouts, List<Bed> beds, Layout layout) {
        List<List<Region>> lying = new ArrayList<>();
        beds.forEach(_ -> lying.add(new ArrayList<>()));
        for (int i = 0; i < cutouts.size(); i++) {
            if (layout.positions().get(i).isEmpty()) {
                return false;
            }
            Region there = cutouts.get(i)
                    .shape()
                    .placed(layout.positions().get(i).get().placement());
            int bed = layout.positions().get(i).get().bed();
            if (there.minus(beds.get(bed).usable().grown(0.001, CornerStyle.MITRED))
                            .areaMm2()
                    > 1e-9) {
                return false;
            }
            Region around = there.grown(GAP - 0.001, CornerStyle.ROUND);
            if (lying.get(bed).stream()
                    .anyMatch(r -> r.bounds().crossed(around.bounds()).isPresent()
                            && r.intersect(around).areaMm2() > 1e-6)) {
                return false;
            }
            lying.get(bed).add(there);
        }
        return true;
    }

    private static void memory(int seconds) {
        Random random = new Random(3);
        List<Cutout> cutouts = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            cutouts.add(new Cutout(letterOrShape(random), Turning.QUARTER));
        }
        Nest nest = Nest.of(cutouts, List.of(Bed.roll(ROLL, 50_000)), GAP, SEED);
        for (int part = 0; part <= 5; part++) {
            System.gc();
            Runtime r = Runtime.getRuntime();
            say(
                    "after %d s: %d MB held, %.0f mm used",
                    part * seconds / 5,
                    (r.totalMemory() - r.freeMemory()) >> 20,
                    nest.layout().usedMm().getFirst());
            if (part < 5) {
                improve(nest, seconds / 5.0);
            }
        }
    }
}
