package jurren.core.nest;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.CancellationException;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.IntStream;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

/** Layouts, judged by the geometry engine and not by what laid them. */
@Tag("long")
class NestTest {
    private static final double GAP = 3;
    private static final double TOLERANCE = 0.001;

    private static Region star(double x, double y, double r, int arms, double deep, int corners) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            double a = 2 * Math.PI * i / corners;
            double radius = r * (1 + deep * Math.sin(arms * a));
            points.add(new Point(x + radius * Math.cos(a), y + radius * Math.sin(a)));
        }
        return Region.enclosedBy(List.of(Outline.of(points)), FillRule.NON_ZERO);
    }

    private static Region triangle(double x, double y, double width, double height) {
        return Region.enclosedBy(
                List.of(Outline.of(List.of(new Point(x, y), new Point(x + width, y), new Point(x, y + height)))),
                FillRule.NON_ZERO);
    }

    private static Region random(Random random) {
        double x = random.nextInt(300) - 150;
        double y = random.nextInt(300) - 150;
        double size = 6 + random.nextDouble() * 50;
        return switch (random.nextInt(5)) {
            case 0 -> Shapes.rectangle(x, y, size, 4 + random.nextDouble() * 40);
            case 1 -> triangle(x, y, size, 5 + random.nextDouble() * 60);
            case 2 -> Shapes.ring(x, y, size, size * (0.2 + 0.7 * random.nextDouble()));
            case 3 -> star(x, y, size, 3 + random.nextInt(5), 0.5 * random.nextDouble(), 30 + random.nextInt(300));
            default ->
                Shapes.rectangle(x, y, size, size).minus(Shapes.rectangle(x + size * 0.3, y - 1, size, size * 0.6));
        };
    }

    /** Inside the usable film, apart by the gap, each once: with tolerance 0.001 mm. */
    private static void isSound(List<Cutout> cutouts, List<Bed> beds, double gap, Layout layout) {
        assertThat(layout.positions()).hasSameSizeAs(cutouts);
        List<List<Region>> lying = new ArrayList<>();
        beds.forEach(_ -> lying.add(new ArrayList<>()));
        for (int i = 0; i < cutouts.size(); i++) {
            Optional<BedPosition> lie = layout.positions().get(i);
            if (lie.isPresent()) {
                assertThat(lie.get().placement().turnsOver())
                        .as("never turned over")
                        .isFalse();
                Region there = cutouts.get(i).shape().placed(lie.get().placement());
                assertThat(there.minus(beds.get(lie.get().bed()).usable().grown(TOLERANCE, CornerStyle.MITRED))
                                .areaMm2())
                        .as("%s hangs over", i)
                        .isZero();
                lying.get(lie.get().bed()).add(there);
            }
        }
        for (List<Region> on : lying) {
            for (int i = 0; i < on.size(); i++) {
                Region around = on.get(i).grown(gap - TOLERANCE, CornerStyle.ROUND);
                for (int j = 0; j < i; j++) {
                    if (around.bounds().crossed(on.get(j).bounds()).isPresent()) {
                        assertThat(around.intersect(on.get(j)).areaMm2())
                                .as("%s and %s", i, j)
                                .isLessThan(1e-6);
                    }
                }
            }
        }
    }

    @RepeatedTest(30)
    void whateverIsLaidLiesInsideAndApart(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Turning turning = Turning.values()[random.nextInt(Turning.values().length)];
        List<Cutout> cutouts = new ArrayList<>();
        int n = 1 + random.nextInt(20);
        for (int i = 0; i < n; i++) {
            Cutout c = new Cutout(random(random), turning);
            cutouts.addAll(Collections.nCopies(1 + random.nextInt(3), c));
        }
        Region offcut = Shapes.rectangle(5, -20, 160, 120)
                .minus(Shapes.rectangle(60, 30, 200, 100))
                .minus(Shapes.disc(35, 60, 12));
        List<Bed> beds = random.nextBoolean()
                ? List.of(Bed.roll(281, 20_000))
                : List.of(new Bed(offcut, false), Bed.roll(281, 20_000));
        double gap = random.nextBoolean() ? GAP : 0;
        Nest nest = Nest.of(cutouts, beds, gap, 7);
        Layout first = nest.layout();
        isSound(cutouts, beds, gap, first);
        assertThat(first.unlaid()).isZero();
        nest.improve(2);
        isSound(cutouts, beds, gap, nest.layout());
        assertThat(nest.layout().unlaid()).isZero();
        if (nest.layout().on(0) == first.on(0)) {
            assertThat(nest.layout().usedMm().getLast())
                    .as("never worse")
                    .isLessThanOrEqualTo(first.usedMm().getLast() + 1e-9);
        }
    }

    @Test
    void theSameSeedAndStepsGiveTheSame() {
        Random random = new Random(5);
        List<Cutout> cutouts = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            cutouts.add(new Cutout(random(random), Turning.QUARTER));
        }
        Nest one = Nest.of(cutouts, List.of(Bed.roll(281, 20_000)), GAP, 7);
        Nest other = Nest.of(cutouts, List.of(Bed.roll(281, 20_000)), GAP, 7);
        one.improve(4);
        other.improve(1);
        other.improve(3);
        assertThat(one.layout()).isEqualTo(other.layout());
    }

    @Test
    void discsLieInTheHoleOfARing() {
        Cutout ring = new Cutout(Shapes.ring(0, 0, 100, 85), Turning.NONE);
        Cutout disc = new Cutout(Shapes.disc(0, 0, 28), Turning.NONE);
        Nest nest = Nest.of(List.of(disc, disc, ring, disc, disc), List.of(Bed.roll(281, 20_000)), GAP, 7);
        nest.improve(20);
        assertThat(nest.layout().usedMm().getFirst())
                .as("no more film than the ring alone")
                .isEqualTo(200, within(0.05));
        isSound(List.of(disc, disc, ring, disc, disc), List.of(Bed.roll(281, 20_000)), GAP, nest.layout());
    }

    @Test
    void twoRightTrianglesMakeARectangle() {
        Cutout t = new Cutout(triangle(0, 0, 100, 60), Turning.QUARTER);
        Nest nest = Nest.of(List.of(t, t), List.of(Bed.roll(60, 20_000)), 0, 7);
        nest.improve(6);
        assertThat(nest.layout().usedMm().getFirst()).isEqualTo(100, within(0.05));
    }

    /** Cut again and again through its largest part, in straight lines and in waves. */
    private static List<Region> cutUp(Region sheet, int parts, Random random) {
        List<Region> all = new ArrayList<>(List.of(sheet));
        while (all.size() < parts) {
            all.sort(Comparator.comparingDouble((Region r) -> -r.areaMm2()));
            Region largest = all.getFirst();
            Point in = largest.inside();
            double wave = random.nextBoolean() ? 0.1 * Math.sqrt(largest.areaMm2()) : 0;
            List<Point> beside = new ArrayList<>(List.of(new Point(300, 300), new Point(-300, 300)));
            for (int x = -300; x <= 300; x += 3) {
                beside.add(new Point(x, wave * Math.sin(x / 25.0)));
            }
            Region side = Region.enclosedBy(List.of(Outline.of(beside)), FillRule.NON_ZERO)
                    .placed(Placement.turned(360 * random.nextDouble()).then(Placement.moved(in.xMm(), in.yMm())));
            Region one = largest.intersect(side);
            Region other = largest.minus(side);
            if (one.pieceCount() == 1
                    && other.pieceCount() == 1
                    && Math.min(one.areaMm2(), other.areaMm2()) > largest.areaMm2() / 4) {
                all.set(0, one);
                all.add(other);
            }
        }
        return all;
    }

    @RepeatedTest(4)
    void whatWasOneSheetBecomesNearlyOneAgain(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        List<Cutout> parts = new ArrayList<>(cutUp(Shapes.rectangle(0, 0, 180, 120), 14, random).stream()
                .map(r -> new Cutout(r, Turning.NONE))
                .toList());
        Collections.shuffle(parts, random);
        List<Bed> roll = List.of(Bed.roll(120, 5000));
        Nest nest = Nest.of(parts, roll, 0, 7);
        nest.improve(12);
        assertThat(nest.layout().usedMm().getFirst()).isBetween(180 - TOLERANCE, 180 / 0.97);
        isSound(parts, roll, 0, nest.layout());
    }

    /** In the middle of a step, of whichever kind: it can be gone on with afterwards. */
    @ParameterizedTest
    @ValueSource(ints = {6, 30, 90})
    void aSearchThatIsStoppedCanBeGoneOnWith(int pieces) throws InterruptedException {
        Random random = new Random(pieces);
        List<Cutout> all = new ArrayList<>();
        for (int i = 0; i < pieces; i++) {
            all.add(new Cutout(random(random), Turning.QUARTER));
        }
        List<Bed> roll = List.of(Bed.roll(281, 50_000));
        Nest nest = Nest.of(all, roll, GAP, 7);
        Thread here = Thread.currentThread();
        for (int round = 0; round < 3; round++) {
            double before = nest.layout().usedMm().getFirst();
            Thread other = Thread.startVirtualThread(() -> {
                LockSupport.parkNanos(40_000_000);
                here.interrupt();
            });
            assertThatThrownBy(() -> nest.improve(10_000)).isInstanceOf(CancellationException.class);
            other.join();
            assertThat(Thread.interrupted()).isTrue();
            assertThat(nest.layout().usedMm().getFirst()).isLessThanOrEqualTo(before + 1e-9);
            isSound(all, roll, GAP, nest.layout());
        }
        nest.improve(1);
        isSound(all, roll, GAP, nest.layout());
    }

    @Test
    void whatIsPinnedIsBuiltAround() {
        Random random = new Random(5);
        List<Region> parts = cutUp(Shapes.rectangle(0, 0, 180, 120), 10, random);
        List<Cutout> all = new ArrayList<>();
        BedPosition there = new BedPosition(0, 0, 20, 0);
        all.add(new Cutout(parts.getFirst(), Turning.NONE, Optional.of(there)));
        parts.subList(1, parts.size()).forEach(r -> all.add(new Cutout(r, Turning.HALF)));
        List<Bed> roll = List.of(Bed.roll(120, 5000));
        Nest nest = Nest.of(all, roll, 0, 7);
        double first = nest.layout().usedMm().getFirst();
        nest.improve(6);
        assertThat(nest.layout().positions().getFirst()).contains(there);
        assertThat(nest.layout().usedMm().getFirst()).isLessThan(first);
        isSound(all, roll, 0, nest.layout());
    }

    @Test
    void whatIsPinnedStaysAndTheRestLiesAroundIt() {
        Cutout square = new Cutout(Shapes.rectangle(0, 0, 50, 50), Turning.QUARTER);
        BedPosition there = new BedPosition(0, 0, 200, 100);
        Cutout pinned = new Cutout(Shapes.rectangle(0, 0, 50, 50), Turning.QUARTER, Optional.of(there));
        List<Cutout> all = List.of(square, pinned, square, square);
        Nest nest = Nest.of(all, List.of(Bed.roll(281, 20_000)), GAP, 7);
        nest.improve(2);
        assertThat(nest.layout().positions().get(1)).contains(there);
        assertThat(nest.layout().usedMm().getFirst()).isEqualTo(250, within(1e-9));
        isSound(all, List.of(Bed.roll(281, 20_000)), GAP, nest.layout());
    }

    @Test
    void theLeastValuablePieceIsFilledFirst() {
        Cutout square = new Cutout(Shapes.rectangle(0, 0, 40, 40), Turning.QUARTER);
        Bed offcut = new Bed(Shapes.rectangle(0, 0, 90, 90), false);
        Layout layout = Nest.of(Collections.nCopies(5, square), List.of(offcut, Bed.roll(281, 5000)), GAP, 7)
                .layout();
        assertThat(layout.on(0)).isEqualTo(4);
        assertThat(layout.on(1)).isEqualTo(1);
        assertThat(layout.usedMm().getLast()).isEqualTo(40, within(1e-9));
    }

    @Test
    void whatFitsNowhereIsLeft() {
        Cutout wide = new Cutout(Shapes.rectangle(0, 0, 300, 290), Turning.QUARTER);
        Cutout small = new Cutout(Shapes.rectangle(0, 0, 30, 20), Turning.QUARTER);
        Layout layout = Nest.of(List.of(wide, small), List.of(Bed.roll(281, 5000)), GAP, 7)
                .layout();
        assertThat(layout.positions().getFirst()).isEmpty();
        assertThat(layout.positions().get(1)).isPresent();
        assertThatThrownBy(() -> new Cutout(Region.EMPTY, Turning.NONE)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Bed(Shapes.disc(0, 0, 50), true)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void convexPartsMakeUpTheWhole() {
        Random random = new Random(11);
        for (int i = 0; i < 60; i++) {
            Region shape = random(random);
            List<Outline> parts = shape.convexParts();
            assertThat(parts.stream().mapToDouble(Outline::signedAreaMm2).sum())
                    .isCloseTo(shape.areaMm2(), within(1e-6 * shape.areaMm2()));
            assertThat(parts).allSatisfy(p -> {
                Region part = Region.enclosedBy(List.of(p), FillRule.NON_ZERO);
                assertThat(part.hull().areaMm2()).isCloseTo(part.areaMm2(), within(1e-6));
            });
        }
    }

    @Test
    void whatIsCoarserCoversTheShapeAndGrowsByLittle() {
        Random random = new Random(12);
        for (int i = 0; i < 60; i++) {
            Region shape = random(random);
            Region coarser = Coarser.of(shape, 0.4);
            assertThat(shape.minus(coarser).areaMm2()).isLessThan(1e-6);
            assertThat(coarser.minus(shape.grown(0.45, CornerStyle.MITRED)).areaMm2())
                    .as("no further than was allowed")
                    .isLessThan(0.05 * shape.areaMm2());
            assertThat(coarser.vertexCount()).isLessThanOrEqualTo(shape.vertexCount());
        }
    }

    /** A ring's hole has far fewer corners, its outer edge as many as it must. */
    @Test
    void whereAnOutlineBulgesItMayStayFiner() {
        Region ring = Shapes.ring(0, 0, 40, 25);
        Region coarser = Coarser.of(ring, 0.05, 4);
        assertThat(ring.minus(coarser).areaMm2()).isLessThan(1e-6);
        assertThat(coarser.bounds().widthMm()).isLessThan(80.2);
        assertThat(coarser.minus(Shapes.disc(0, 0, 40.1)).areaMm2())
                .as("beyond the outer edge")
                .isLessThan(0.01);
        int inside = coarser.pieces().getFirst().holes().getFirst().size();
        assertThat(inside)
                .as("corners of the hole")
                .isLessThan(Coarser.of(ring, 0.05)
                                .pieces()
                                .getFirst()
                                .holes()
                                .getFirst()
                                .size()
                        / 2);
        assertThat(coarser.intersect(Shapes.disc(0, 0, 20.9)).areaMm2())
                .as("no further than was allowed")
                .isLessThan(0.01);
    }

    /**
     * Two shapes a step inside what their clearance says overlap, a step outside they do not; parts and outlines say
     * the same.
     */
    @Test
    void clearancesSayWhereTwoOverlap() {
        Random random = new Random(13);
        for (int i = 0; i < 25; i++) {
            Region a = random(random).simplified(0.5);
            Region b = random(random).simplified(0.5);
            Turned ta = Turned.of(0, 0, 0, a, a);
            Turned tb = Turned.of(1, 1, 0, b, b);
            Clearance parts = new Clearance(ta, tb);
            Clearance rings = parts.outlined();
            double[] of = new double[2000];
            double[] ofRings = new double[2000];
            for (int k = 0; k < 6; k++) {
                boolean upright = random.nextBoolean();
                Box boxA = a.bounds();
                Box boxB = b.bounds();
                double level = upright
                        ? boxA.minXMm() - boxB.maxXMm() + random.nextDouble() * (boxA.widthMm() + boxB.widthMm())
                        : boxA.minYMm() - boxB.maxYMm() + random.nextDouble() * (boxA.heightMm() + boxB.heightMm());
                int n = parts.along(upright, level, false, of);
                assertThat(rings.along(upright, level, false, ofRings)).isEqualTo(n);
                double[] unkept = new double[2000];
                assertThat(Clearance.along(ta, tb, upright, level, false, unkept))
                        .as("worked out as far as it is looked at")
                        .isEqualTo(n);
                assertThat(Arrays.copyOf(unkept, n)).containsExactly(Arrays.copyOf(of, n), within(1e-6));
                assertThat(Clearance.along(ta, tb, upright, -level, true, unkept))
                        .as("seen from the second")
                        .isEqualTo(n);
                for (int s = 0; s < n; s++) {
                    assertThat(unkept[s]).isCloseTo(-of[n - 1 - s], within(1e-6));
                }
                for (int s = 0; s < n; s++) {
                    assertThat(ofRings[s]).isCloseTo(of[s], within(1e-6));
                    double inwards = s % 2 == 0 ? 1e-3 : -1e-3;
                    assertThat(overlap(a, b, upright, level, of[s] - inwards))
                            .as("outside")
                            .isLessThan(1e-6);
                    if (of[s | 1] - of[s & ~1] > 0.5) {
                        assertThat(overlap(a, b, upright, level, of[s] + 200 * inwards))
                                .as("inside")
                                .isPositive();
                    }
                }
            }
        }
    }

    /** Beside small steps along the same line, each asked of the geometry engine. */
    @Test
    void theFirstFreePlaceOnALineIsTheFirst() {
        Random random = new Random(17);
        int found = 0;
        for (int i = 0; i < 12; i++) {
            List<Region> regions = IntStream.range(0, 5)
                    .mapToObj(_ -> random(random).simplified(0.5))
                    .toList();
            List<Cutout> cutouts =
                    regions.stream().map(r -> new Cutout(r, Turning.NONE)).toList();
            jurren.core.nest.Shapes shapes = new jurren.core.nest.Shapes(0);
            shapes.expect(cutouts);
            int[] turns = cutouts.stream().mapToInt(c -> shapes.turnsOf(c)[0]).toArray();
            shapes.ready();
            Board board = new Board(shapes, Box.ofSize(0, 0, 400, 200));
            Region there = Region.EMPTY;
            for (int k = 0; k < 4; k++) {
                double x = board.lowX(turns[k]) + 120 * random.nextDouble();
                double y = board.lowY(turns[k]) + (board.highY(turns[k]) - board.lowY(turns[k])) * random.nextDouble();
                board.add(k, turns[k], x, y, false);
                there = there.weld(cutouts.get(k).shape().placed(Placement.moved(x, y)));
            }
            double level = (board.lowY(turns[4]) + board.highY(turns[4])) / 2;
            double from = board.lowX(turns[4]);
            double free = board.firstFree(-1, turns[4], false, level, from, board.highX(turns[4]));
            if (!Double.isNaN(free)) {
                found++;
                for (double x = from; x < free - 1; x += 0.7) {
                    assertThat(regions.get(4)
                                    .placed(Placement.moved(x, level))
                                    .grown(0.5, CornerStyle.ROUND)
                                    .intersect(there)
                                    .areaMm2())
                            .as("at %s of %s", x, free)
                            .isPositive();
                }
                assertThat(regions.get(4)
                                .placed(Placement.moved(free, level))
                                .intersect(there)
                                .areaMm2())
                        .isLessThan(1e-3);
                double half = board.firstFree(-1, turns[4], false, level, from, from + (free - from) / 2);
                assertThat(Double.isNaN(half)).as("no further than was asked").isEqualTo(free > from + 1e-6);
            }
        }
        assertThat(found).isPositive();
    }

    private static double overlap(Region a, Region b, boolean upright, double level, double along) {
        return a.intersect(b.placed(upright ? Placement.moved(level, along) : Placement.moved(along, level)))
                .areaMm2();
    }
}
