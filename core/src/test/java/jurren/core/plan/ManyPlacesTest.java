package jurren.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jurren.core.Fixtures;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.blank.AreaMeasures;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.blank.BlankSize;
import jurren.core.blank.Face;
import jurren.core.blank.Family;
import jurren.core.blank.Garment;
import jurren.core.dryrun.CutSheet;
import jurren.core.dryrun.DryRun;
import jurren.core.finish.HeatStep;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.Place;
import jurren.core.job.Shop;
import jurren.core.job.SizeEntry;
import jurren.core.load.Placed;
import jurren.core.material.Colour;
import jurren.core.snag.Snag;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

/** A shirt decorated in front and on its back. */
class ManyPlacesTest {
    private static Face face(String id) {
        return Face.of(
                id,
                id,
                new Garment(Garment.Neck.ROUND, Garment.Sleeve.SHORT, 508, 740, 458, 210, 180, 98),
                new AreaMeasures(280, 330, 76),
                254);
    }

    private static Blank tee(String id, String... faces) {
        List<Face> all = new ArrayList<>();
        for (String f : faces) {
            all.add(face(f));
        }
        return new Blank(
                id,
                id,
                Family.SHIRTS,
                Fixtures.COTTON,
                "M",
                List.of(new BlankColour("black", "Black", Colour.of("#2B2B30"))),
                List.of(new BlankSize("M", all)),
                Optional.empty());
    }

    private static final Shop SHOP = shop();

    private static Shop shop() {
        Shop one = Fixtures.shop();
        return new Shop(
                List.of(tee("tee", "front", "back", "left sleeve"), tee("vest", "front")),
                one.materials(),
                one.cutter(),
                one.printer(),
                one.presses(),
                one.shelf(),
                one.prices());
    }

    private static Motif square(String id, double mm) {
        return new Motif(
                id, "square", new Shape(Shape.Kind.RECTANGLE, mm, mm, 4, 0, CREAM), List.of(), Pose.at(0, 180));
    }

    private static Line both() {
        return Fixtures.line(SizeEntry.of("M", 4))
                .withPlace(Place.of("back", "smooth-film"))
                .withMotifs(List.of(square("m9", 100)))
                .at(0);
    }

    private static Plan plan(Line line) {
        return new Planner().plan(Fixtures.job(line), SHOP);
    }

    @Test
    void theThingsAreCountedOnceAndEachPlaceIsCutForAllOfThem() {
        Plan plan = plan(both());
        assertThat(plan.job().lines())
                .singleElement()
                .satisfies(l -> assertThat(l.copies()).isEqualTo(4));
        assertThat(plan.places("A")).extracting(LinePlan::place).containsExactly("front", "back");
        List<Placed> placed =
                plan.runs().stream().flatMap(r -> r.load().placed().stream()).toList();
        assertThat(placed).filteredOn(p -> p.item().place().equals("back")).hasSize(4);
        assertThat(placed)
                .filteredOn(p -> p.item().place().equals("front"))
                .as("two layers each")
                .hasSize(8);
        Plan front = plan(both().at(1).withoutPlace());
        Plan back = plan(Fixtures.line(SizeEntry.of("M", 4)).withMotifs(List.of(square("m9", 100))));
        assertThat(plan.places("A").get(1).finish().steps().get(1).kind()).isEqualTo(HeatStep.TURN_OVER);
        assertThat(plan.places("A").getFirst().finish().steps())
                .extracting(s -> s.kind())
                .doesNotContain(HeatStep.TURN_OVER);
        assertThat(plan.quote().pressTime())
                .as("pressed at both, and each of four turned over for 15 s at 30 an hour")
                .isCloseTo(front.quote().pressTime() + back.quote().pressTime() + 4 * 15 / 3600.0 * 30, within(1e-9));
    }

    @Test
    void theDryRunJudgesEveryPlace() {
        Plan plan = plan(both());
        DryRun run = DryRun.of(
                plan,
                plan.runs().stream()
                        .map(r -> new CutSheet(
                                r.load().order(),
                                r.paths().stream()
                                        .map(p -> p.knife(r.overcutMm()))
                                        .toList()))
                        .toList());
        assertThat(run.copies()).hasSize(8);
        assertThat(run.isTrue()).isTrue();
        DryRun less = DryRun.of(
                plan,
                plan.runs().stream()
                        .map(r -> new CutSheet(
                                r.load().order(),
                                r.paths().stream()
                                        .filter(p -> !r.load()
                                                .placed()
                                                .get(p.item())
                                                .item()
                                                .place()
                                                .equals("back"))
                                        .map(p -> p.knife(r.overcutMm()))
                                        .toList()))
                        .toList());
        assertThat(less.isTrue()).as("nothing was cut for the back").isFalse();
        assertThat(less.worst().place()).isEqualTo("back");
    }

    @Test
    void anEditAtOnePlaceLeavesTheOthersAlone() {
        Line line = both();
        Line changed = line.at(1)
                .withMaterial("glow")
                .withMotif("m9", m -> m.withPose(Pose.at(5, 200)))
                .withSize("M", s -> s.withArtWidth(Optional.of(90.0)));
        assertThat(changed.at(0).place()).isEqualTo(line.place());
        assertThat(changed.at(1).materialId()).isEqualTo("glow");
        assertThat(changed.at(1).entry("M").artWidthMm()).contains(90.0);
        assertThat(changed.at(0).entry("M").artWidthMm()).isEmpty();
        assertThat(changed.withSize("M", s -> s.withCount(7)).at(0).copies())
                .as("the things are the same")
                .isEqualTo(7);
        assertThat(line.freeMotifId()).isNotEqualTo("m9").isNotEqualTo("m1");
        assertThat(Fixtures.job(changed).lines().getFirst().at())
                .as("a job holds it from its first place")
                .isZero();
        assertThatIllegalArgumentException()
                .isThrownBy(() -> line.withPlace(Place.of("back", "smooth-film")))
                .withMessageContaining("different faces");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> line.withMotifs(List.of(square("m9", 10))))
                .withMessageContaining("different ids");
        assertThat(Fixtures.line().withoutPlace()).as("the last stays").isEqualTo(Fixtures.line());
    }

    @Test
    void anUnchangedPlaceCostsNothing() {
        Planner planner = new Planner();
        Job job = Fixtures.job(both());
        planner.plan(job, SHOP);
        long before = planner.stagesComputed();
        planner.plan(job.withLine("A", l -> l.at(1).withMotif("m9", m -> m.withPose(Pose.at(9, 150)))), SHOP);
        assertThat(planner.stagesComputed()).isEqualTo(before);
    }

    @Test
    void snagsKnowTheirPlace() {
        Plan plan = plan(both().at(1).withMotif("m9", m -> m.withPose(Pose.at(0, 700))));
        Snag outside = plan.snags().stream()
                .filter(Snag.OutsideArea.class::isInstance)
                .findFirst()
                .orElseThrow();
        assertThat(plan.line(outside).orElseThrow().place()).isEqualTo("back");
    }

    /**
     * Exchanged for a thing without a back: that art is kept, and said, and not made; with a back again it is made
     * again.
     */
    @Test
    void aPlaceThatTheOtherThingHasNotIsKept() {
        Refit.Refitted vest =
                new Refit().ontoBlank(both(), SHOP, SHOP.blank("vest").orElseThrow());
        assertThat(vest.notes()).contains(new Refit.Note.Place("back"));
        assertThat(vest.line().at(1).motifs()).isEqualTo(both().at(1).motifs());
        Plan plan = plan(vest.line());
        assertThat(plan.places("A")).hasSize(1);
        assertThat(plan.snags()).contains(new Snag.NoSuchPlace("A", "back"));
        assertThat(plan(new Refit()
                                .ontoBlank(vest.line(), SHOP, SHOP.blank("tee").orElseThrow())
                                .line())
                        .places("A"))
                .hasSize(2);
    }
}
