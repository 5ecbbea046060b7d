package jurren.core.weed;

import java.util.Comparator;
import java.util.List;
import java.util.Random;
import jurren.core.Fixtures;
import jurren.core.finish.HandTimes;
import jurren.core.finish.Weeding;
import jurren.core.geometry.Box;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import jurren.core.layer.Layer;
import jurren.core.load.CutItem;
import jurren.core.load.LayoutChoices;
import jurren.core.load.Load;
import jurren.core.load.Loading;
import jurren.core.load.Nesting;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.CUTTER;
import static jurren.core.Fixtures.FILM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class WeedPlanTest {
    private static Load load(Region region, boolean framed, int copies) {
        Layer layer = Fixtures.layer(region);
        List<CutItem> items = java.util.stream.IntStream.rangeClosed(1, copies)
                .mapToObj(i -> new CutItem("A", "front", "M", i, layer))
                .toList();
        return Loading.of(
                        List.of(new Loading.Wanted(FILM, CREAM, items)),
                        List.of(),
                        CUTTER,
                        framed,
                        LayoutChoices.USUAL,
                        new Nesting())
                .loads()
                .getFirst();
    }

    private static double area(WeedPlan plan, WeedPlan.Kind kind) {
        return plan.wastes().stream()
                .filter(w -> w.kind() == kind)
                .mapToDouble(w -> w.region().areaMm2())
                .sum();
    }

    /** By hand: a ring of 20 and 10 mm with a disc of 4 mm in it, in one frame. */
    @Test
    void aRingWithADiscInIt() {
        Region region = Shapes.ring(0, 0, 20, 10).weld(Shapes.disc(0, 0, 4));
        Load load = load(region, true, 1);
        WeedPlan plan = WeedPlan.of(load, HandTimes.USUAL);
        assertThat(plan.wastes())
                .extracting(WeedPlan.Waste::kind)
                .containsExactly(WeedPlan.Kind.INSIDE, WeedPlan.Kind.FRAME);
        assertThat(area(plan, WeedPlan.Kind.INSIDE)).isCloseTo(Math.PI * (100 - 16), within(0.5));
        double frame = Region.enclosedBy(List.of(load.frames().getFirst().outline()), FillRule.NON_ZERO)
                .areaMm2();
        assertThat(area(plan, WeedPlan.Kind.FRAME)).isCloseTo(frame - Math.PI * 400, within(1.0));
        assertThat(plan.seconds()).isEqualTo(Weeding.seconds(region, HandTimes.USUAL));
    }

    /** Two chevrons whose tips meet shut in what lies between them, and a square with a hole has an inside. */
    @Test
    void whatIsShutInBetweenIsNoInside() {
        Region left = Shapes.polygon(20, -20, 0, 0, 20, 20, 10, 0);
        Region right = Shapes.polygon(20, -20, 30, 0, 20, 20, 40, 0);
        Region square = Region.of(new Box(60, -20, 100, 20)).minus(Region.of(new Box(70, -10, 90, 10)));
        WeedPlan plan = WeedPlan.of(load(Region.together(List.of(left, right, square)), true, 1), HandTimes.USUAL);
        assertThat(plan.wastes())
                .extracting(WeedPlan.Waste::kind)
                .containsExactly(WeedPlan.Kind.INSIDE, WeedPlan.Kind.BETWEEN, WeedPlan.Kind.FRAME);
        assertThat(area(plan, WeedPlan.Kind.INSIDE)).isCloseTo(400, within(1e-6));
        assertThat(area(plan, WeedPlan.Kind.BETWEEN))
                .as("a lozenge of 20 by 40")
                .isCloseTo(400, within(1e-6));
        assertThat(plan.at(plan.wastes().getFirst().region().inside()))
                .contains(plan.wastes().getFirst());
    }

    /** By hand: within the frame of a trough of bars 10 mm wide are 308 * 278 mm, less 8,200 of its own. */
    private static final Region TROUGH = Region.weld(List.of(
            Region.of(new Box(0, 0, 10, 300)),
            Region.of(new Box(0, 0, 270, 10)),
            Region.of(new Box(0, 290, 270, 300))));

    @Test
    void largeWasteComesUpInParts() {
        Load load = load(TROUGH, true, 1);
        Load.Frame frame = load.frames().getFirst();
        assertThat(Math.abs(frame.outline().signedAreaMm2()) - TROUGH.areaMm2())
                .isCloseTo(308 * 278 - 8_200, within(1e-6));
        assertThat(load.reliefCount())
                .as("one from the frame to the bar, and a short one beyond the bar")
                .isEqualTo(2);
        Load.Relief relief = frame.reliefs().stream()
                .max(Comparator.comparingDouble(Load.Relief::lengthMm))
                .orElseThrow();
        assertThat(frame.reliefs().stream()
                        .mapToDouble(Load.Relief::lengthMm)
                        .min()
                        .orElseThrow())
                .isCloseTo(4 - 0.5, within(1e-6));
        assertThat(WeedPlan.of(load, HandTimes.USUAL).count(WeedPlan.Kind.FRAME))
                .as("in two halves")
                .isEqualTo(2);
        assertThat(relief.lengthMm()).as("half a millimetre before the bar").isCloseTo(264 - 0.5, within(1e-6));
        Box box = frame.outline().bounds();
        double along = box.widthMm() > box.heightMm()
                ? relief.from().xMm() - box.minXMm()
                : relief.from().yMm() - box.minYMm();
        assertThat(along).as("where the waste is halved").isCloseTo(154, within(6.0));
        assertThat(load(TROUGH, false, 1).reliefCount()).isZero();
        assertThat(load(Shapes.rectangle(0, 0, 270, 150), true, 1).reliefCount())
                .as("a full one has little around it")
                .isZero();
    }

    /** Whatever is cut: a relief cut lies within its frame, beside all film, and all of the waste is still lifted. */
    @RepeatedTest(12)
    void reliefCutsGoThroughWasteAlone(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        List<Region> discs = new java.util.ArrayList<>();
        for (int i = 0; i < 3 + random.nextInt(8); i++) {
            discs.add(Shapes.ring(
                    200 * random.nextDouble(), 100.0 * i + 60 * random.nextDouble(), 10 + 12 * random.nextDouble(), 6));
        }
        Region art = Region.weld(discs);
        Load load = load(art, true, 1 + random.nextInt(2));
        List<Region> films = load.placed().stream()
                .map(p -> p.item().layer().region().placed(p.onto()))
                .toList();
        double reliefMm = 0;
        for (Load.Frame frame : load.frames()) {
            Region inside = Region.enclosedBy(List.of(frame.outline()), FillRule.NON_ZERO);
            double waste = inside.areaMm2()
                    - films.stream()
                            .filter(f -> inside.contains(f.bounds().centre()))
                            .mapToDouble(f -> f.filled().areaMm2())
                            .sum();
            assertThat(frame.reliefs().isEmpty()).as("waste of %.0f mm2", waste).isEqualTo(waste <= 60_000);
            for (Load.Relief relief : frame.reliefs()) {
                Region cut = Region.along(relief.from(), relief.to(), 0.2);
                assertThat(films).noneMatch(f -> f.intersect(cut).areaMm2() > 0);
                assertThat(cut.minus(inside.grown(0.25, jurren.core.geometry.CornerStyle.MITRED))
                                .areaMm2())
                        .isZero();
                reliefMm += relief.lengthMm();
            }
        }
        WeedPlan plan = WeedPlan.of(load, HandTimes.USUAL);
        assertThat(plan.count(WeedPlan.Kind.FRAME))
                .isGreaterThanOrEqualTo(load.frames().size());
        double all = load.frames().stream()
                        .mapToDouble(f -> Math.abs(f.outline().signedAreaMm2()))
                        .sum()
                - films.stream().mapToDouble(Region::areaMm2).sum();
        assertThat(plan.wastes().stream().mapToDouble(w -> w.region().areaMm2()).sum())
                .as("but for the slits themselves")
                .isCloseTo(all, within(1 + 0.02 * reliefMm));
    }

    @Test
    void withoutFramesTheFilmAroundLiftsInOne() {
        Load load = load(Shapes.ring(0, 0, 20, 10), false, 2);
        WeedPlan plan = WeedPlan.of(load, HandTimes.USUAL);
        assertThat(plan.count(WeedPlan.Kind.INSIDE)).isEqualTo(2);
        assertThat(plan.count(WeedPlan.Kind.FRAME)).isEqualTo(1);
        assertThat(area(plan, WeedPlan.Kind.FRAME))
                .isCloseTo(load.usedMm() * load.stock().widthMm() - 2 * Math.PI * 400, within(2.0));
    }

    @Test
    void whatComesUpWithTheWasteIsMarked() {
        Region wide = Region.of(new Box(0, 0, 40, 20));
        Region small = Region.of(new Box(50, 0, 53, 3));
        double thinMm = FILM.leastStrokeMm() * 1.2;
        Region thin = Region.of(new Box(60, 0, 60 + thinMm, 40));
        Region needle = Region.enclosedBy(
                List.of(Outline.of(List.of(new Point(70, 0), new Point(80, 0), new Point(75, 80)))), FillRule.NON_ZERO);
        WeedPlan plan =
                WeedPlan.of(load(Region.together(List.of(wide, small, thin, needle)), true, 2), HandTimes.USUAL);
        assertThat(plan.count(WeedPlan.Why.SMALL)).isEqualTo(2);
        assertThat(plan.count(WeedPlan.Why.POINTED))
                .as("the needle's upper end, of each copy")
                .isEqualTo(2);
        assertThat(plan.cares().stream().filter(c -> c.why() == WeedPlan.Why.THIN && Math.abs(c.mm() - thinMm) < 0.01))
                .hasSize(2);
    }

    /** What is lifted and what stays is exactly what was framed, and nothing of the pieces is lifted. */
    @RepeatedTest(6)
    void liftedAndLeftAreTheWholeFrame(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        Region all = Region.EMPTY;
        for (int i = 0; i < 25; i++) {
            double x = 140 * random.nextDouble();
            double y = 140 * random.nextDouble();
            double r = 3 + 12 * random.nextDouble();
            all = all.weld(
                    random.nextBoolean() ? Shapes.ring(x, y, r, r * random.nextDouble() * 0.9) : Shapes.disc(x, y, r));
        }
        Load load = load(all, true, 2);
        WeedPlan plan = WeedPlan.of(load, HandTimes.USUAL);
        Region lifted =
                Region.weld(plan.wastes().stream().map(WeedPlan.Waste::region).toList());
        Region pieces = Region.weld(load.placed().stream()
                .map(p -> p.item().layer().region().placed(p.onto()))
                .toList());
        Region frames = Region.weld(load.frames().stream()
                .map(f -> Region.enclosedBy(List.of(f.outline()), FillRule.NON_ZERO))
                .toList());
        assertThat(lifted.intersect(pieces).areaMm2()).isLessThan(1e-3);
        assertThat(lifted.areaMm2() + pieces.intersect(frames).areaMm2()).isCloseTo(frames.areaMm2(), within(1.0));
        assertThat(plan.wastes().stream().map(w -> w.kind().ordinal()).toList()).isSorted();
        double each =
                plan.wastes().stream().mapToDouble(w -> w.region().areaMm2()).sum();
        assertThat(each).as("nothing twice").isCloseTo(lifted.areaMm2(), within(1e-3));
        plan.wastes().stream()
                .filter(w -> w.kind() == WeedPlan.Kind.INSIDE)
                .forEach(w -> assertThat(pieces.filled().contains(w.region().inside()))
                        .isTrue());
    }
}
