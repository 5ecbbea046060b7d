package jurren.core.weed;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.CUTTER;
import static jurren.core.Fixtures.FILM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import jurren.core.Fixtures;
import jurren.core.finish.Weeding;
import jurren.core.geometry.Box;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import jurren.core.layer.Layer;
import jurren.core.load.CutItem;
import jurren.core.load.Laying;
import jurren.core.load.Load;
import jurren.core.load.Loading;
import jurren.core.load.Nesting;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class WeedPlanTest {
    private static Load load(Region region, boolean framed, int copies) {
        Layer layer = Fixtures.layer(region);
        List<CutItem> items = java.util.stream.IntStream.rangeClosed(1, copies).mapToObj(i -> new CutItem("A", "front", "M", i, layer)).toList();
        return Loading.of(List.of(new Loading.Wanted(FILM, CREAM, items)), List.of(), CUTTER, framed, Laying.USUAL, new Nesting()).loads().getFirst();
    }

    private static double area(WeedPlan plan, WeedPlan.Kind kind) {
        return plan.wastes().stream().filter(w -> w.kind() == kind).mapToDouble(w -> w.region().areaMm2()).sum();
    }

    /** By hand: a ring of 20 and 10 mm with a disc of 4 mm in it, in one frame. */
    @Test
    void aRingWithADiscInIt() {
        Region region = Shapes.ring(0, 0, 20, 10).weld(Shapes.disc(0, 0, 4));
        Load load = load(region, true, 1);
        WeedPlan plan = WeedPlan.of(load);
        assertThat(plan.wastes()).extracting(WeedPlan.Waste::kind).containsExactly(WeedPlan.Kind.INSIDE, WeedPlan.Kind.FRAME);
        assertThat(area(plan, WeedPlan.Kind.INSIDE)).isCloseTo(Math.PI * (100 - 16), within(0.5));
        double frame = Region.enclosedBy(List.of(load.frames().getFirst().outline()), FillRule.NON_ZERO).areaMm2();
        assertThat(area(plan, WeedPlan.Kind.FRAME)).isCloseTo(frame - Math.PI * 400, within(1.0));
        assertThat(plan.seconds()).isEqualTo(Weeding.seconds(region));
    }

    /** Two chevrons whose tips meet shut in what lies between them, and a square with a hole has an inside. */
    @Test
    void whatIsShutInBetweenIsNoInside() {
        Region left = Shapes.polygon(20, -20, 0, 0, 20, 20, 10, 0);
        Region right = Shapes.polygon(20, -20, 30, 0, 20, 20, 40, 0);
        Region square = Region.of(new Box(60, -20, 100, 20)).minus(Region.of(new Box(70, -10, 90, 10)));
        WeedPlan plan = WeedPlan.of(load(Region.together(List.of(left, right, square)), true, 1));
        assertThat(plan.wastes()).extracting(WeedPlan.Waste::kind).containsExactly(WeedPlan.Kind.INSIDE, WeedPlan.Kind.BETWEEN, WeedPlan.Kind.FRAME);
        assertThat(area(plan, WeedPlan.Kind.INSIDE)).isCloseTo(400, within(1e-6));
        assertThat(area(plan, WeedPlan.Kind.BETWEEN)).as("a lozenge of 20 by 40").isCloseTo(400, within(1e-6));
        assertThat(plan.at(plan.wastes().getFirst().region().inside())).contains(plan.wastes().getFirst());
    }

    @Test
    void withoutFramesTheFilmAroundLiftsInOne() {
        Load load = load(Shapes.ring(0, 0, 20, 10), false, 2);
        WeedPlan plan = WeedPlan.of(load);
        assertThat(plan.count(WeedPlan.Kind.INSIDE)).isEqualTo(2);
        assertThat(plan.count(WeedPlan.Kind.FRAME)).isEqualTo(1);
        assertThat(area(plan, WeedPlan.Kind.FRAME)).isCloseTo(load.usedMm() * load.stock().widthMm() - 2 * Math.PI * 400, within(2.0));
    }

    @Test
    void whatComesUpWithTheWasteIsMarked() {
        Region wide = Region.of(new Box(0, 0, 40, 20));
        Region small = Region.of(new Box(50, 0, 53, 3));
        double thinMm = FILM.leastStrokeMm() * 1.2;
        Region thin = Region.of(new Box(60, 0, 60 + thinMm, 40));
        Region needle = Region.enclosedBy(List.of(Outline.of(List.of(new Point(70, 0), new Point(80, 0), new Point(75, 80)))), FillRule.NON_ZERO);
        WeedPlan plan = WeedPlan.of(load(Region.together(List.of(wide, small, thin, needle)), true, 2));
        assertThat(plan.count(WeedPlan.Why.SMALL)).isEqualTo(2);
        assertThat(plan.count(WeedPlan.Why.POINTED)).as("the needle's upper end, of each copy").isEqualTo(2);
        assertThat(plan.cares().stream().filter(c -> c.why() == WeedPlan.Why.THIN && Math.abs(c.mm() - thinMm) < 0.01)).hasSize(2);
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
            all = all.weld(random.nextBoolean() ? Shapes.ring(x, y, r, r * random.nextDouble() * 0.9) : Shapes.disc(x, y, r));
        }
        Load load = load(all, true, 2);
        WeedPlan plan = WeedPlan.of(load);
        Region lifted = Region.weld(plan.wastes().stream().map(WeedPlan.Waste::region).toList());
        Region pieces = Region.weld(load.placed().stream().map(p -> p.item().layer().region().placed(p.onto())).toList());
        Region frames = Region.weld(load.frames().stream().map(f -> Region.enclosedBy(List.of(f.outline()), FillRule.NON_ZERO)).toList());
        assertThat(lifted.intersect(pieces).areaMm2()).isLessThan(1e-3);
        assertThat(lifted.areaMm2() + pieces.intersect(frames).areaMm2()).isCloseTo(frames.areaMm2(), within(1.0));
        assertThat(plan.wastes().stream().map(w -> w.kind().ordinal()).toList()).isSorted();
        double each = plan.wastes().stream().mapToDouble(w -> w.region().areaMm2()).sum();
        assertThat(each).as("nothing twice").isCloseTo(lifted.areaMm2(), within(1e-3));
        plan.wastes().stream().filter(w -> w.kind() == WeedPlan.Kind.INSIDE).forEach(w -> assertThat(pieces.filled().contains(w.region().inside())).isTrue());
    }
}
