package jurren.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.Fixtures;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Treatment;
import jurren.core.blank.AreaMeasures;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.blank.BlankSize;
import jurren.core.blank.Face;
import jurren.core.blank.Family;
import jurren.core.blank.Fit;
import jurren.core.blank.Form;
import jurren.core.blank.Obstacle;
import jurren.core.blank.Panel;
import jurren.core.blank.Substrate;
import jurren.core.blank.Vessel;
import jurren.core.finish.HeatStep;
import jurren.core.finish.HeatTaken;
import jurren.core.finish.Press;
import jurren.core.finish.Step;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.Prices;
import jurren.core.job.Shop;
import jurren.core.job.SizeEntry;
import jurren.core.job.Thing;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.material.Colour;
import jurren.core.material.CutSettings;
import jurren.core.material.FilmColour;
import jurren.core.material.Material;
import jurren.core.material.Process;
import jurren.core.snag.Snag;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.CUTTER;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Lines on mugs, cones and large flat things. */
class RoundPlanTest {
    private static final String ONE = "one";
    private static final Material VINYL = new Material(
            "vinyl",
            "Vinyl",
            Process.ADHESIVE,
            0.07,
            0.8,
            false,
            Optional.empty(),
            new CutSettings(80, 300, 0.1, 1),
            5,
            List.of(new FilmColour("Cream", CREAM)));

    private final Planner planner = new Planner();

    private static Blank blank(String id, Form form, AreaMeasures area, Substrate.Stuff stuff, Obstacle... further) {
        Substrate made = new Substrate(stuff.name(), stuff, 0, Substrate.Coating.NONE, 200, 60, Optional.empty());
        return new Blank(
                id,
                id,
                Family.OWN,
                made,
                ONE,
                List.of(new BlankColour("c", "c", Colour.of("#202020"))),
                List.of(new BlankSize(
                        ONE, List.of(Face.of("face", "face", form, area, 80).withFurther(List.of(further))))),
                Optional.empty());
    }

    private static final Blank MUG = blank(
            "mug",
            new Vessel(Vessel.Profile.MUG, 82, 82, 96, 5, 5, Optional.of(new Vessel.Handle(14, 15, 32))),
            new AreaMeasures(213.6, 86, 5),
            Substrate.Stuff.CERAMIC);
    private static final Blank CONE = blank(
            "cone",
            new Vessel(Vessel.Profile.CUP, 87, 66, 165, 20, 12, Optional.empty()),
            new AreaMeasures(240.3, 133, 20),
            Substrate.Stuff.STEEL);
    private static final Blank BANNER = blank(
            "banner",
            new Panel(Panel.Cut.RECTANGLE, 900, 900, 0),
            new AreaMeasures(880, 880, 10),
            Substrate.Stuff.CANVAS);

    private static Shop shop() {
        List<Blank> blanks = new ArrayList<>(Fixtures.shop().blanks());
        blanks.addAll(List.of(MUG, CONE, BANNER));
        return new Shop(
                blanks,
                List.of(Fixtures.FILM, VINYL),
                CUTTER,
                Fixtures.PRINTER,
                List.of(
                        new Press("flat", "flat", Press.Kind.FLAT, 381, 381, 220),
                        new Press("mug", "mug", Press.Kind.MUG, 240, 120, 210)),
                List.of(),
                new Prices("$", 30));
    }

    private static Job job(Blank blank, Material material, String text, double capital, Pose pose) {
        Motif m = new Motif(
                "m1",
                text,
                Lettering.of(text, ShippedTypeface.ANTON, capital, CREAM),
                List.of(new Treatment.Weld()),
                pose);
        return Fixtures.job(new Line(
                "A",
                "t",
                Thing.of(blank.id(), "c"),
                material.id(),
                ONE,
                List.of(SizeEntry.of(ONE, 1)),
                List.of(m),
                Map.of(),
                Fit.USUAL));
    }

    private Plan plan(Job job) {
        return planner.plan(job, shop());
    }

    @Test
    void artUnderTheHandleIsMarkedThere() {
        Plan plan = plan(job(MUG, VINYL, "HANDLE", 20, Pose.at(100, 60)));
        assertThat(plan.snags())
                .filteredOn(Snag.InTheWay.class::isInstance)
                .singleElement()
                .satisfies(s -> {
                    assertThat(((Snag.InTheWay) s).kind()).isEqualTo(Obstacle.Kind.HANDLE);
                    assertThat(s.where().orElseThrow().xMm()).isBetween(Math.PI * 41 - 22, Math.PI * 41);
                });
        assertThat(plan(job(MUG, VINYL, "MUG", 20, Pose.at(0, 60))).snags()).noneMatch(Snag.InTheWay.class::isInstance);
    }

    @Test
    void artWiderThanOnceRoundRunsOverTheSeam() {
        assertThat(plan(job(CONE, VINYL, "ONCE ROUND AND MORE", 40, Pose.at(0, 100)))
                        .snags())
                .filteredOn(Snag.OverWrap.class::isInstance)
                .singleElement()
                .satisfies(s -> assertThat(((Snag.OverWrap) s).roundMm()).isCloseTo(Math.PI * 76.5, within(1e-9)));
    }

    @Test
    void layersLieOnTheUnrolledFaceAndCarryTheSameFilm() {
        SizePlan size = plan(job(CONE, VINYL, "LEVEL", 30, Pose.at(0, 97)))
                .lines()
                .getFirst()
                .drawn();
        double flat = size.art().paints().getFirst().region().areaMm2();
        double unrolled = size.layers().getFirst().region().areaMm2();

        assertThat(unrolled)
                .as("true at half height, so nearly the same about there")
                .isCloseTo(flat, within(flat * 0.01));
        assertThat(size.layers().getFirst().region())
                .isNotEqualTo(size.art().paints().getFirst().region());
        assertThat(size.laid()
                        .paints()
                        .getFirst()
                        .region()
                        .warped(size.face().rolling())
                        .differingFrom(size.art().paints().getFirst().region())
                        .areaMm2())
                .isLessThan(flat * 1e-3);
    }

    /**
     * A mug in a shop that has only a flat press, a vinyl on it, a cup of steel without sleeves, a canvas under its own
     * press.
     */
    @Test
    void aPressThatIsMissingIsNamed() {
        Shop all = shop();
        Shop flat = new Shop(
                all.blanks(),
                all.materials(),
                CUTTER,
                Fixtures.PRINTER,
                all.presses().subList(0, 1),
                List.of(),
                all.prices());
        Job mug = job(MUG, Fixtures.FILM, "HOT", 20, Pose.at(0, 60));
        assertThat(planner.plan(mug, flat).snags())
                .filteredOn(Snag.NoPress.class::isInstance)
                .singleElement()
                .satisfies(s -> {
                    assertThat(s).isEqualTo(new Snag.NoPress("A", Press.Kind.MUG, Press.Kind.FLAT));
                    assertThat(s.gravity()).isEqualTo(Snag.Gravity.STOPS);
                });
        assertThat(plan(mug).snags()).as("there is one").noneMatch(Snag.NoPress.class::isInstance);
        assertThat(planner.plan(mug.withLine("A", l -> l.withThing(l.thing().withPress(Optional.of("flat")))), flat)
                        .snags())
                .as("chosen by a person")
                .noneMatch(Snag.NoPress.class::isInstance);
        assertThat(planner.plan(job(MUG, VINYL, "COLD", 20, Pose.at(0, 60)), flat)
                        .snags())
                .as("laid by hand")
                .noneMatch(Snag.NoPress.class::isInstance);
        assertThat(plan(job(CONE, Fixtures.FILM, "HOT", 20, Pose.at(0, 90))).snags())
                .contains(new Snag.NoPress("A", Press.Kind.OVEN_SLEEVE, Press.Kind.FLAT));
        assertThat(planner.plan(job(BANNER, Fixtures.FILM, "HOT", 20, Pose.at(0, 60)), flat)
                        .snags())
                .noneMatch(Snag.NoPress.class::isInstance);
        assertThat(new Snag.NoPress("A", Press.Kind.CAP, Press.Kind.FLAT).gravity())
                .as("a flat press does a cap with care")
                .isEqualTo(Snag.Gravity.LOOK);
    }

    @Test
    void heatFilmIsStoppedOnACurve() {
        Plan plan = plan(job(MUG, Fixtures.FILM, "HOT", 20, Pose.at(0, 60)));
        assertThat(plan.snags()).hasAtLeastOneElementOfType(Snag.DoesNotHold.class);
        assertThat(plan.has(Snag.Gravity.STOPS)).isTrue();
    }

    /**
     * 500 mm of letters on a platen of 381: two positions, each over whole letters, so that nothing is heated twice.
     */
    @Test
    void largeArtIsPressedInPositionsOverWholePieces() {
        Plan plan = plan(job(BANNER, Fixtures.FILM, "KITE FAIR", 150, Pose.at(0, 400)));
        LinePlan line = plan.lines().getFirst();

        assertThat(line.platen().positions()).hasSize(2);
        assertThat(line.platen().mostTimes()).isEqualTo(1);
        assertThat(plan.snags()).noneMatch(Snag.SplitPress.class::isInstance);
        assertThat(line.finish().steps())
                .filteredOn(s -> s.kind() == HeatStep.PRESS)
                .extracting(Step::position)
                .containsExactly(0, 1);
        assertThat(line.drawn().layers().getFirst().region().pieces())
                .allSatisfy(p -> assertThat(line.platen().positions())
                        .anyMatch(b -> b.covers(p.region().bounds(), 0)));
    }

    /** In one piece a strip of 15 mm is pressed twice, which the film does bear. */
    @Test
    void whatIsHeatedTwiceCounts() {
        Line whole = job(BANNER, Fixtures.FILM, "KITEFAIRS", 150, Pose.at(0, 400))
                .lines()
                .getFirst()
                .withMotif(
                        "m1",
                        m -> m.withTreatments(List.of(
                                new Treatment.Weld(),
                                new Treatment.Outlined(14, CornerStyle.ROUND, Fixtures.TANGERINE))));
        Plan plan = planner.plan(Fixtures.job(whole), shop());
        LinePlan line = plan.lines().getFirst();

        assertThat(plan.snags())
                .filteredOn(Snag.SplitPress.class::isInstance)
                .singleElement()
                .satisfies(s -> assertThat(((Snag.SplitPress) s).sharedMm()).isCloseTo(15, within(1e-9)));
        assertThat(line.finish().heat())
                .filteredOn(h -> h.layer() == 1)
                .singleElement()
                .satisfies(h -> assertThat(h.times()).isEqualTo(2));
        assertThat(line.finish().heat()).noneMatch(HeatTaken::tooMuch);
    }

    @Test
    void obstaclesThatLeaveNothingAreSaid() {
        Blank full = blank(
                "full",
                new Panel(Panel.Cut.RECTANGLE, 100, 100, 0),
                new AreaMeasures(80, 80, 10),
                Substrate.Stuff.ALUMINIUM,
                new Obstacle(Obstacle.Kind.CAMERA, new Obstacle.Rect(-50, 0, 100, 100)));
        Shop shop = shop().withOwn(List.of(full));
        assertThat(planner.plan(job(full, VINYL, "X", 20, Pose.at(0, 60)), shop).snags())
                .hasAtLeastOneElementOfType(Snag.NoRoom.class);
    }

    @Test
    void measuresTakenByHandChangeTheFace() {
        Job narrower = job(CONE, VINYL, "A", 20, Pose.at(0, 90))
                .withLine("A", l -> l.withSize(ONE, s -> s.withMeasured(Form.Measure.TOP_DIAMETER, 66)));
        Face face = plan(narrower).lines().getFirst().face();
        assertThat(face.surface().kind()).isEqualTo("cylinder");
        assertThat(face.area().widthMm()).as("it follows the thing").isCloseTo(240.3 * 66 / 76.5, within(0.01));
    }

    @Test
    void exchangingTheBlankKeepsPiecesAndFitsTheArt() {
        Line tees = Fixtures.line(SizeEntry.of("S", 2), SizeEntry.of("L", 3));
        Refit.Refitted onMug = new Refit().ontoBlank(tees, shop(), MUG);
        Box art = new Refit().artBox(onMug.line()).orElseThrow();

        assertThat(onMug.line().copies()).isEqualTo(5);
        assertThat(onMug.line().materialId()).isEqualTo("vinyl");
        assertThat(MUG.reference().faces().getFirst().area().box().covers(art, 1e-6))
                .isTrue();
        assertThat(onMug.notes())
                .hasAtLeastOneElementOfType(Refit.Note.Width.class)
                .hasAtLeastOneElementOfType(Refit.Note.Material.class)
                .hasAtLeastOneElementOfType(Refit.Note.Size.class);
        assertThat(new Refit()
                        .ontoBlank(tees, shop(), shop().blank("tee").orElseThrow())
                        .notes())
                .isEmpty();
    }

    @Test
    void aWholeArtTurnsRoundAboutTheAreaAndBack() {
        Line line = job(CONE, VINYL, "UP", 20, Pose.at(12, 70)).lines().getFirst();
        Face face = CONE.reference().faces().getFirst();
        Line turned = new Refit().turnedRound(line, face);

        assertThat(turned.motifs().getFirst().pose()).isEqualTo(new Pose(-12, 2 * 86.5 - 70, 180));
        assertThat(new Refit().turnedRound(turned, face).motifs().getFirst().pose())
                .isEqualTo(line.motifs().getFirst().pose());
    }
}
