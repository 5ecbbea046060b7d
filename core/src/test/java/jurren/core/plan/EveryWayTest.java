package jurren.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import jurren.core.Fixtures;
import jurren.core.art.Films;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Painted;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.art.Treatment;
import jurren.core.art.treat.HoldIslands;
import jurren.core.cut.CutPath;
import jurren.core.cut.CutRun;
import jurren.core.dryrun.CutSheet;
import jurren.core.dryrun.DryRun;
import jurren.core.finish.HeatStep;
import jurren.core.finish.ReadyStep;
import jurren.core.finish.Step;
import jurren.core.finish.TableStep;
import jurren.core.geometry.Box;
import jurren.core.geometry.Interval;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.Shop;
import jurren.core.job.SizeEntry;
import jurren.core.layer.Fabrication;
import jurren.core.layer.Join;
import jurren.core.layer.Layer;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.load.Load;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import jurren.core.material.FilmColour;
import jurren.core.material.Material;
import jurren.core.material.Process;
import jurren.core.snag.Snag;
import jurren.core.way.WaysTest;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.TANGERINE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Every process from the art to the dry run of what a plotter would cut. */
@Tag("long")
class EveryWayTest {
    private static Shop shop(Material... materials) {
        Shop tees = Fixtures.shop();
        return new Shop(
                tees.blanks(),
                List.of(materials),
                tees.cutter(),
                tees.printer(),
                tees.presses(),
                tees.shelf(),
                tees.prices());
    }

    private static Plan plan(Process process, UnaryOperator<Line> change) {
        Material m = WaysTest.material(process);
        Line line = change.apply(Fixtures.line(SizeEntry.of("M", 2)).withMaterial(m.id()));
        return new Planner().plan(Fixtures.job(line), shop(m));
    }

    private static Point rounded(Point p) {
        return new Point(Math.round(p.xMm() / 0.025) * 0.025, Math.round(p.yMm() / 0.025) * 0.025);
    }

    private interface Knife {
        List<Point> way(CutRun run, CutPath path, List<Point> written);
    }

    private static DryRun made(Plan plan, Knife knife) {
        List<CutSheet> sheets = new ArrayList<>();
        for (CutRun run : plan.runs()) {
            List<List<Point>> strokes = new ArrayList<>();
            for (CutPath path : run.paths()) {
                List<Point> way = knife.way(
                        run,
                        path,
                        path.knife(run.overcutMm()).stream()
                                .map(EveryWayTest::rounded)
                                .toList());
                if (!way.isEmpty()) {
                    strokes.add(way);
                }
            }
            sheets.add(new CutSheet(run.load().order(), strokes));
        }
        return DryRun.of(plan, sheets);
    }

    private static List<Point> mirrored(CutRun run, CutPath path, List<Point> written) {
        Box slot = run.load().placed().get(path.item()).slot();
        return written.stream()
                .map(p -> rounded(new Point(slot.minXMm() + slot.maxXMm() - p.xMm(), p.yMm())))
                .toList();
    }

    private static Line held(Line line) {
        return line.withMotif("m1", m -> m.withTreatments(List.of(new Treatment.Weld(), new HoldIslands(3, 2, true))));
    }

    @ParameterizedTest
    @EnumSource(Process.class)
    void isMadeFromEndToEndAndAWrongMirrorIsSeen(Process process) {
        Plan plan = plan(process, process == Process.RIGID_STENCIL ? EveryWayTest::held : UnaryOperator.identity());
        LinePlan line = plan.lines().getFirst();

        assertThat(line.drawn().layers()).isNotEmpty();
        assertThat(line.finish().steps()).isNotEmpty();
        assertThat(line.finish().secondsPerPiece()).isPositive();
        boolean cuts = line.drawn().layers().stream().anyMatch(Layer::isCut);
        boolean prints = line.drawn().layers().stream().anyMatch(Layer::isPrint);
        assertThat(plan.runs().isEmpty()).isEqualTo(!cuts);
        assertThat(plan.prints().isEmpty()).isEqualTo(!prints);
        assertThat(line.isPressed()).isEqualTo(line.material().isPressed());
        if (cuts) {
            DryRun right = made(plan, (_, _, written) -> written);
            assertThat(right.copies()).hasSize(2);
            assertThat(right.isTrue()).as("off by %s mm", right.worstMm()).isTrue();
            assertThat(made(plan, EveryWayTest::mirrored).isTrue())
                    .as("mirrored")
                    .isFalse();
            assertThat(made(plan, (run, path, written) -> path == run.paths().getFirst() ? List.of() : written)
                            .isTrue())
                    .as("a cut less")
                    .isFalse();
        }
    }

    /** Also round what fills little of its box, whose ink and film are the whole box all the same. */
    @ParameterizedTest
    @EnumSource(Process.class)
    void noWeedingFrameCutsIntoWhatIsAPiecesOwn(Process process) {
        Plan plan = plan(
                process,
                line -> line.withMotifs(List.of(new Motif(
                        "m1",
                        "kite",
                        new Shape(Shape.Kind.STAR, 90, 90, 4, 0, Colour.of("#E8743B")),
                        List.of(),
                        Pose.at(0, 120)))));
        for (CutRun run : plan.runs()) {
            for (Load.Frame frame : run.load().frames()) {
                assertThat(run.load().placed()).noneMatch(p -> p.cell().isCrossedBy(frame.outline()));
            }
        }
        assertThat(plan.runs().stream().anyMatch(r -> !r.load().frames().isEmpty()))
                .isEqualTo(plan.lines().getFirst().drawn().layers().stream()
                        .anyMatch(l -> l.making().cut() == Fabrication.Cut.KISS));
    }

    /** Two passes told, two passes cut; with one of them missing nothing comes free. */
    @Test
    void passesAreCutAsOftenAsTheMaterialSays() {
        Plan plan = plan(Process.RIGID_STENCIL, EveryWayTest::held);
        CutRun run = plan.runs().getFirst();
        assertThat(run.paths().size() % 2).isZero();
        assertThat(run.paths().get(0).corners()).isEqualTo(run.paths().get(1).corners());
        assertThat(run.paths())
                .as("what falls out by itself needs no weeding frame")
                .noneMatch(p -> p.kind() == CutPath.Kind.FRAME);
        List<CutPath> once = new ArrayList<>();
        assertThat(made(plan, (_, path, written) -> {
                            boolean again =
                                    once.stream().anyMatch(p -> p.corners().equals(path.corners()));
                            once.add(path);
                            return again ? List.of() : written;
                        })
                        .isTrue())
                .isFalse();
    }

    /** Art a tenth larger on L than on M has letters a tenth larger; what holds an island is 2 mm wide on both. */
    @Test
    void aStencilKeepsItsBridgesAsWideOnEverySize() {
        UnaryOperator<Line> bridged = l -> l.withMotifs(List.of(new Motif(
                        "m1",
                        "O",
                        Lettering.of("O", ShippedTypeface.ANTON, 60, CREAM),
                        List.of(new Treatment.Weld(), new HoldIslands(2, 2, true)),
                        Pose.at(0, 180))))
                .withSizes(List.of(SizeEntry.of("M", 1), SizeEntry.of("L", 1)));
        LinePlan plate = plan(Process.RIGID_STENCIL, bridged).lines().getFirst();
        LinePlan film = plan(Process.HEAT_FILM, bridged).lines().getFirst();
        assertThat(plate.size("L").orElseThrow().artBounds().orElseThrow().widthMm()
                        / plate.drawn().artBounds().orElseThrow().widthMm())
                .isCloseTo(270.0 / 254, within(0.01));
        assertThat(bridgeMm(plate, "M")).isCloseTo(2, within(0.05));
        assertThat(bridgeMm(plate, "L")).isCloseTo(2, within(0.05));
        assertThat(bridgeMm(film, "L")).as("film grows as a whole").isCloseTo(2 * 270.0 / 254, within(0.05));
    }

    /** How wide the gap is that a bridge leaves in the letter's foot, along the middle line. */
    private static double bridgeMm(LinePlan line, String size) {
        Region art = Region.weld(line.size(size).orElseThrow().art().paints().stream()
                .map(Painted::region)
                .toList());
        Box box = art.bounds();
        double y = box.maxYMm() - 1.5;
        List<Interval> ink = art.along(new Point(box.minXMm(), y), new Point(box.maxXMm(), y));
        return IntStream.range(1, ink.size())
                .mapToDouble(i -> ink.get(i).fromMm() - ink.get(i - 1).toMm())
                .max()
                .orElse(0);
    }

    @Test
    void aPrintedFilmIsMaskedBeforeItIsPressed() {
        assertThat(plan(Process.PRINTED_HEAT_FILM, UnaryOperator.identity())
                        .lines()
                        .getFirst()
                        .finish()
                        .steps())
                .extracting(Step::kind)
                .startsWith(TableStep.WEED, HeatStep.WARM, ReadyStep.MASK, HeatStep.PRESS);
        assertThat(plan(Process.HEAT_FILM, UnaryOperator.identity())
                        .lines()
                        .getFirst()
                        .finish()
                        .steps())
                .extracting(Step::kind)
                .doesNotContain(ReadyStep.MASK);
    }

    @Test
    void anIslandThatFallsOutIsASnagAndComesOutWrong() {
        Plan loose = plan(Process.RIGID_STENCIL, l -> l.withMotifs(List.of(Fixtures.name("ROBO"))));
        assertThat(loose.snags()).filteredOn(Snag.LooseIsland.class::isInstance).isNotEmpty();
        assertThat(made(loose, (_, _, written) -> written).isTrue()).isFalse();
        assertThat(plan(Process.ADHESIVE_STENCIL, l -> l.withMotifs(List.of(Fixtures.name("ROBO"))))
                        .snags())
                .noneMatch(Snag.LooseIsland.class::isInstance);
    }

    /** Seen through the glass: the upper layer is laid first. */
    @Test
    void behindGlassWhatIsSeenFirstIsLaidFirst() {
        Plan plan = plan(Process.ADHESIVE_BEHIND_GLASS, UnaryOperator.identity());
        assertThat(plan.lines().getFirst().isSeenThrough()).isTrue();
        assertThat(plan.lines().getFirst().finish().steps())
                .filteredOn(s -> s.kind() == TableStep.LAY)
                .extracting(Step::layer)
                .containsExactly(2, 1);
        assertThat(plan(Process.ADHESIVE, UnaryOperator.identity())
                        .lines()
                        .getFirst()
                        .finish()
                        .steps())
                .filteredOn(s -> s.kind() == TableStep.LAY)
                .extracting(Step::layer)
                .containsExactly(1, 2);
    }

    // ---- several materials in one stack

    private static final Material SMOOTH = Fixtures.FILM;
    private static final Material GLITTER = new Material(
            "glitter",
            "Glitter",
            Process.HEAT_FILM,
            0.3,
            2.5,
            true,
            SMOOTH.recipe(),
            SMOOTH.cutting(),
            18,
            List.of(new FilmColour("Red glitter", TANGERINE)));

    /** A cream square with a tangerine square of its own in the middle, or under it. */
    private static Job squares(boolean glitterOnTop) {
        Motif plain = new Motif(
                "m1", "plain", new Shape(Shape.Kind.RECTANGLE, 80, 80, 4, 0, CREAM), List.of(), Pose.at(0, 180));
        Motif part = new Motif(
                        "m2",
                        "part",
                        new Shape(Shape.Kind.RECTANGLE, 30, 30, 4, 0, TANGERINE),
                        List.of(),
                        Pose.at(35, 180))
                .withFilms(Films.allOf("glitter"));
        return Fixtures.job(Fixtures.line(SizeEntry.of("M", 1))
                .withMotifs(glitterOnTop ? List.of(plain, part) : List.of(part, plain)));
    }

    @Test
    void aGlitterPartOnSmoothIsALayerALoadAndARecipeOfItsOwn() {
        Plan plan = new Planner().plan(squares(true), shop(SMOOTH, GLITTER));
        LinePlan line = plan.lines().getFirst();
        assertThat(line.drawn().layers()).extracting(l -> l.material().id()).containsExactly("smooth-film", "glitter");
        assertThat(plan.runs()).extracting(r -> r.load().material().id()).containsExactly("smooth-film", "glitter");
        assertThat(line.thickestMm()).isEqualTo(0.39, within(1e-9));
        assertThat(plan.snags()).noneMatch(Snag.NothingHoldsOn.class::isInstance);
        assertThat(made(plan, (_, _, written) -> written).isTrue()).isTrue();
    }

    @Test
    void whatTakesNothingOnTopIsRefusedOnlyWhereThePiecesMeet() {
        Plan under = new Planner().plan(squares(false), shop(SMOOTH, GLITTER));
        assertThat(under.snags())
                .filteredOn(Snag.NothingHoldsOn.class::isInstance)
                .singleElement()
                .satisfies(s -> assertThat(s.layer()).isEqualTo(1));
        Job knockedOut =
                squares(false).withLine("A", l -> l.withJoin(Film.of("smooth-film", CREAM), new Join.Butted(0.2)));
        assertThat(new Planner().plan(knockedOut, shop(SMOOTH, GLITTER)).snags())
                .noneMatch(Snag.NothingHoldsOn.class::isInstance);
    }

    /** The same colour of two materials is two films. */
    @Test
    void oneColourOfTwoMaterialsIsTwoLayers() {
        Job job = squares(true)
                .withLine(
                        "A",
                        l -> l.withMotif(
                                "m1", m -> m.withSource(new Shape(Shape.Kind.RECTANGLE, 80, 80, 4, 0, TANGERINE))));
        Plan plan = new Planner().plan(job, shop(SMOOTH, GLITTER));
        assertThat(plan.lines().getFirst().drawn().layers()).hasSize(2);
        assertThat(plan.runs()).hasSize(2);
        List<CutRun> runs = plan.runs();
        DryRun exchanged = DryRun.of(plan, List.of(strokes(runs.get(1), 1), strokes(runs.get(0), 2)));
        assertThat(exchanged.isTrue()).as("the loads exchanged").isFalse();
    }

    private static CutSheet strokes(CutRun run, int asLoad) {
        return new CutSheet(
                asLoad, run.paths().stream().map(p -> p.knife(run.overcutMm())).toList());
    }

    @Test
    void aColourThatTheMaterialIsNotSoldInIsSaidWithTheNearest() {
        Job job = squares(true)
                .withLine(
                        "A",
                        l -> l.withMotif(
                                "m2", m -> m.withSource(new Shape(Shape.Kind.RECTANGLE, 30, 30, 4, 0, CREAM))));
        assertThat(new Planner().plan(job, shop(SMOOTH, GLITTER)).snags())
                .contains(new Snag.NotSold("A", 2, "Glitter", CREAM, "Red glitter"));
    }

    @Test
    void aLayerIsMadeOfAnotherMaterialInEveryMotifThatShowsIt() {
        Plan plan = new Planner().plan(squares(true), shop(SMOOTH, GLITTER));
        LinePlan line = plan.lines().getFirst();
        Line all = line.remade(line.line(), line.drawn().layers().getFirst(), "glitter");
        assertThat(all.motifs()).allSatisfy(m -> assertThat(m.films()).isEqualTo(Films.allOf("glitter")));
        Line back = line.remade(line.line(), line.drawn().layers().getLast(), "smooth-film");
        assertThat(back.motifs())
                .as("nothing is said of what is usual")
                .allSatisfy(m -> assertThat(m.films()).isEqualTo(Films.USUAL));
    }
}
