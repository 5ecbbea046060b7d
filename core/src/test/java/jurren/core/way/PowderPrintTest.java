package jurren.core.way;

import java.util.List;
import java.util.Optional;
import jurren.core.Fixtures;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.finish.HeatStep;
import jurren.core.finish.PowderStep;
import jurren.core.finish.Step;
import jurren.core.finish.StepKind;
import jurren.core.finish.TableStep;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.core.job.SizeEntry;
import jurren.core.layer.Layer;
import jurren.core.load.Printer;
import jurren.core.material.Colour;
import jurren.core.material.CutSettings;
import jurren.core.material.FilmColour;
import jurren.core.material.Material;
import jurren.core.material.Peel;
import jurren.core.material.Pressure;
import jurren.core.material.Process;
import jurren.core.material.Recipe;
import jurren.core.material.Underlay;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.plan.PrintSheet;
import jurren.core.snag.Snag;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Printed on a carrier with white behind the colours, powdered, cured, pressed twice; nothing is cut. */
class PowderPrintTest {
    private static final Colour INK = Colour.of("#E8743B");

    private static Material powder(Peel peel) {
        return new Material(
                        "powder",
                        "Powder print",
                        Process.POWDER_PRINT,
                        0.1,
                        0.5,
                        false,
                        false,
                        Optional.of(new Recipe(155, 150, 160, 10, 15, 60, 3, 8, Pressure.MEDIUM, peel, false)),
                        Optional.empty(),
                        new CutSettings(1, 1, 0.1, 1),
                        6,
                        List.of(new FilmColour("Tangerine", INK)))
                .withUnderlay(new Underlay(0.3, 0.4, 120));
    }

    private static Plan plan(Peel peel, Printer printer, int copies, double width) {
        Shop shop = Fixtures.shop(powder(peel), Fixtures.COTTON);
        shop = new Shop(
                shop.blanks(), shop.materials(), shop.cutter(), printer, shop.presses(), shop.shelf(), shop.prices());
        Job job = Fixtures.job()
                .withLine(
                        "A",
                        l -> l.withMaterial("powder")
                                .withMotifs(List.of(new Motif(
                                        "m1",
                                        "triangle",
                                        new Shape(Shape.Kind.POLYGON, width, width, 3, 0.5, INK),
                                        List.of(),
                                        Pose.at(0, 180))))
                                .withSizes(List.of(SizeEntry.of("M", copies))));
        return new Planner().plan(job, shop);
    }

    @Test
    void whiteIsDrawnInByTheShopsFigureAndNothingIsCutOrWeeded() {
        Plan plan = plan(Peel.COLD, Fixtures.PRINTER, 2, 90);
        Layer layer = plan.lines().getFirst().drawn().layers().getFirst();
        Region white = layer.print().white();
        // for a convex shape: area less edge times the figure, and its corners with it
        double in = 0.3;
        double edge = layer.region().outlineLengthMm();
        double corners = 3 * Math.sqrt(3) * in * in;
        assertThat(white.areaMm2()).isCloseTo(layer.region().areaMm2() - edge * in + corners, within(0.01));
        assertThat(white.minus(layer.region()).isEmpty()).isTrue();
        assertThat(plan.runs()).isEmpty();
        assertThat(plan.lines().getFirst().drawn().finish().steps()).noneMatch(s -> s.kind() == TableStep.WEED);
    }

    @Test
    void itIsCuredBeforeItIsPressedPeeledAndPressedAgain() {
        for (Peel peel : List.of(Peel.COLD, Peel.HOT)) {
            List<Step> steps = plan(peel, Fixtures.PRINTER, 1, 90)
                    .lines()
                    .getFirst()
                    .drawn()
                    .finish()
                    .steps();
            assertThat(steps.stream().map(Step::kind).toList())
                    .isEqualTo(List.<StepKind>of(
                            HeatStep.WARM,
                            PowderStep.POWDER,
                            PowderStep.CURE,
                            HeatStep.PRESS,
                            HeatStep.PEEL,
                            HeatStep.REPRESS));
            assertThat(steps.get(2).celsius()).isEqualTo(120);
            assertThat(steps.get(4).peel()).isEqualTo(peel);

            assertThat(steps.getLast().seconds()).isEqualTo(8);
        }
    }

    @Test
    void piecesAreGangedByTrueShapeOnAsManySheetsAsItTakes() {
        Printer narrow = new Printer("p", "p", 300, 330, 483, 5);
        Plan plan = plan(Peel.COLD, narrow, 20, 120);
        List<Region> all = plan.prints().stream()
                .peek(s -> assertThat(s.isGanged() && s.reversed()).isTrue())
                .peek(PowderPrintTest::liesApart)
                .flatMap(s -> s.slots().stream())
                .map(s -> s.layer().region())
                .toList();
        assertThat(all).hasSize(20);
        double paper = plan.prints().stream()
                .mapToDouble(s -> s.times() * s.heightMm())
                .sum();
        double box = Math.ceil(20 / 2.0) * (120 + 7);
        assertThat(paper).as("less than two boxes in a row").isLessThan(box);
        assertThat(plan.snags()).noneMatch(s -> s instanceof Snag.NotOnPaper);
        assertThat(plan(Peel.COLD, new Printer("p", "p", 300, 100, 483, 5), 1, 120)
                        .snags())
                .anyMatch(s -> s instanceof Snag.NotOnPaper);
    }

    private static void liesApart(PrintSheet sheet) {
        List<Region> inked = sheet.slots().stream()
                .map(s -> s.layer().print().everything().placed(s.onto()))
                .toList();
        for (int i = 0; i < inked.size(); i++) {
            assertThat(inked.get(i).bounds().minXMm()).isGreaterThan(5);
            assertThat(inked.get(i).bounds().maxXMm()).isLessThan(sheet.widthMm() - 5);
            assertThat(inked.get(i).bounds().maxYMm()).isLessThan(sheet.heightMm());
            for (int k = i + 1; k < inked.size(); k++) {
                List<Point> way = inked.get(i).shortestWayTo(inked.get(k));
                assertThat(way.getFirst().distanceMm(way.getLast()))
                        .as("5 to 10 mm between neighbours")
                        .isGreaterThan(5);
            }
        }
    }

    @Test
    void whatIsFinerThanADotIsToldAndNotStopped() {
        assertThat(plan(Peel.COLD, Fixtures.PRINTER, 1, 0.6).snags())
                .filteredOn(s -> s instanceof Snag.FineInk)
                .hasSize(1)
                .allMatch(s -> s.gravity() == Snag.Gravity.LOOK);
        assertThat(plan(Peel.COLD, Fixtures.PRINTER, 1, 90).snags()).noneMatch(s -> s instanceof Snag.FineInk);
    }
}
