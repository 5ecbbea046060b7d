package jurren.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import jurren.core.Fixtures;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.art.Treatment;
import jurren.core.finish.Limit;
import jurren.core.geometry.Box;
import jurren.core.hold.Reason;
import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.core.job.SizeEntry;
import jurren.core.layer.Layer;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.load.CutItem;
import jurren.core.material.Colour;
import jurren.core.material.Peel;
import jurren.core.material.Pressure;
import jurren.core.material.Recipe;
import jurren.core.snag.Snag;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.COTTON;
import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.RECIPE;
import static jurren.core.Fixtures.TANGERINE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class PlannerTest {
    private final Planner planner = new Planner();

    private Plan plan(Job job) {
        return planner.plan(job, Fixtures.shop());
    }

    private static Job with(UnaryOperator<Motif> change) {
        return Fixtures.job().withLine("A", l -> l.withMotif("m1", change));
    }

    private static Motif letters(Motif m, UnaryOperator<Lettering> change) {
        return m.withSource(change.apply((Lettering) m.source()));
    }

    @Test
    void aNameWithAnOutlineBecomesTwoLayersOnTwoLoadsForEveryCopy() {
        Plan plan = plan(Fixtures.job());

        assertThat(plan.lines().getFirst().drawn().layers())
                .extracting(Layer::colour)
                .containsExactly(TANGERINE, CREAM);
        assertThat(plan.runs())
                .hasSize(2)
                .allSatisfy(r -> assertThat(r.load().placed())
                        .hasSize(5)
                        .extracting(p -> p.item())
                        .allMatch(CutItem::turnedOver));
        assertThat(plan.runs().getFirst().load().placed())
                .extracting(p -> p.item().copy())
                .containsExactlyInAnyOrder(1, 2, 3, 4, 5);
        assertThat(plan.quote().total())
                .isCloseTo(
                        plan.filmUsedMm() / 1000 * 9 + plan.lines().getFirst().finishSeconds() / 3600 * 30,
                        within(1e-9));
    }

    @Test
    void eachSizeHasItsOwnArtWidthUnderTheSameCollar() {
        LinePlan line = plan(Fixtures.job()).lines().getFirst();
        double drawn = line.drawn().artBounds().map(Box::widthMm).orElseThrow();
        SizePlan small = line.size("S").orElseThrow();

        assertThat(line.sizes()).extracting(SizePlan::id).containsExactly("S", "M", "L");
        assertThat(small.artBounds().map(Box::widthMm).orElseThrow()).isCloseTo(drawn * 240 / 254, within(1e-6));
        assertThat(small.artBounds().orElseThrow().minYMm() - 76)
                .as("the distance to the area's edge scales with it")
                .isCloseTo((line.drawn().artBounds().orElseThrow().minYMm() - 76) * 240 / 254, within(1e-6));

        Job own = Fixtures.job().withLine("A", l -> l.withSize("S", s -> s.withArtWidth(Optional.of(100.0))));
        assertThat(plan(own)
                        .lines()
                        .getFirst()
                        .size("S")
                        .orElseThrow()
                        .artBounds()
                        .map(Box::widthMm)
                        .orElseThrow())
                .isCloseTo(100, within(1e-6));
    }

    @Test
    void anEditElsewhereEvaluatesNoMotifAgain() {
        plan(Fixtures.job());
        long before = planner.stagesComputed();

        plan(Fixtures.job().withLine("A", l -> l.withSize("L", s -> s.withCount(9))));
        plan(with(m -> m.withPose(m.pose().moved(5, 5))));
        assertThat(planner.stagesComputed()).isEqualTo(before);

        plan(with(m -> letters(m, l -> l.withText("Wren"))));
        assertThat(planner.stagesComputed()).isGreaterThan(before);
    }

    @Test
    void equalJobsGiveEqualPlans() {
        assertThat(new Planner().plan(Fixtures.job(), Fixtures.shop()).runs())
                .isEqualTo(plan(Fixtures.job()).runs());
    }

    @Test
    void factsWithNothingToWorkOnAreUnusable() {
        assertThat(plan(with(m -> letters(m, l -> l.withText("  ")))).snags())
                .hasAtLeastOneElementOfType(Snag.EmptyLettering.class);
        assertThat(plan(with(m -> letters(m, l -> l.withText("Ro漢")))).snags())
                .filteredOn(Snag.MissingGlyph.class::isInstance)
                .singleElement()
                .satisfies(s -> assertThat(((Snag.MissingGlyph) s).character()).isEqualTo("漢"));
        assertThat(plan(Fixtures.job().withLine("A", l -> l.withMotifs(List.of())))
                        .has(Snag.Gravity.UNUSABLE))
                .isTrue();
        assertThat(plan(with(m -> letters(m, l -> l.withCapHeight(900)))).snags())
                .hasAtLeastOneElementOfType(Snag.BeyondBlank.class);
    }

    @Test
    void artOutsideItsAreaIsMarkedWhereItIs() {
        Plan plan = plan(with(m -> m.withPose(m.pose().moved(200, 0))));

        assertThat(plan.snags())
                .filteredOn(s -> s instanceof Snag.OutsideArea o && o.sizeId().equals("M"))
                .singleElement()
                .satisfies(s -> {
                    Box area = plan.lines().getFirst().drawn().area().box();
                    assertThat(area.contains(s.where().orElseThrow())).isFalse();
                    assertThat(plan.lines().getFirst().drawn().art().paints())
                            .anyMatch(p -> p.region().contains(s.where().orElseThrow()));
                });
        assertThat(plan(Fixtures.job()).snags()).noneMatch(Snag.OutsideArea.class::isInstance);
    }

    @Test
    void thinPartsAreMarkedOnTheSizeWhereTheyAreWorst() {
        Job small = with(m -> new Motif(
                m.id(),
                m.name(),
                Lettering.of("film", ShippedTypeface.LOBSTER, 6, CREAM),
                List.of(new Treatment.Weld()),
                Pose.at(0, 180)));
        assertThat(plan(small).snags())
                .filteredOn(Snag.ThinPart.class::isInstance)
                .singleElement()
                .satisfies(s -> {
                    assertThat(((Snag.ThinPart) s).sizeId()).isEqualTo("S");
                    assertThat(((Snag.ThinPart) s).widthMm()).isBetween(0.05, 0.8);
                });
    }

    @Test
    void aPieceThatFitsNoWayRoundStopsTheWork() {
        Job large = with(m -> new Motif(
                m.id(),
                m.name(),
                Lettering.of("H", ShippedTypeface.ALFA_SLAB_ONE, 300, CREAM),
                List.of(new Treatment.Weld()),
                Pose.at(0, 380)));
        Plan plan = plan(large);
        assertThat(plan.snags()).hasAtLeastOneElementOfType(Snag.NotOnRoll.class);
        assertThat(plan.has(Snag.Gravity.STOPS)).isTrue();
    }

    @Test
    void lettersThatOverlapUnweldedAreFound() {
        Job script = with(m -> new Motif(
                m.id(),
                m.name(),
                Lettering.of("minim", ShippedTypeface.PACIFICO, 40, CREAM),
                List.of(),
                Pose.at(0, 180)));
        assertThat(plan(script).snags())
                .filteredOn(Snag.NotWelded.class::isInstance)
                .singleElement()
                .satisfies(s -> assertThat(s.where()).isPresent());
    }

    @Test
    void heatAndStackingLimitsAreHeld() {
        Shop glitter = Fixtures.shop(Fixtures.film(RECIPE, true), COTTON);
        assertThat(planner.plan(Fixtures.job(), glitter).snags()).hasAtLeastOneElementOfType(Snag.NothingHoldsOn.class);

        Shop nylon = Fixtures.shop(Fixtures.FILM, Fixtures.cotton("thin cotton", 150, 45));
        assertThat(planner.plan(Fixtures.job(), nylon).snags())
                .filteredOn(Snag.DoesNotHold.class::isInstance)
                .singleElement()
                .satisfies(s ->
                        assertThat(((Snag.DoesNotHold) s).verdict().reason()).isEqualTo(Reason.TOO_HOT));

        Recipe delicate = new Recipe(155, 10, 12, 12, 3, Pressure.MEDIUM, Peel.WARM);
        assertThat(planner.plan(Fixtures.job(), Fixtures.shop(Fixtures.film(delicate, false), COTTON))
                        .snags())
                .as("1 s of tack and 10 of dwell are borne")
                .noneMatch(Snag.PressClash.class::isInstance);
        Recipe frail = new Recipe(155, 10, 10, 10, 3, Pressure.MEDIUM, Peel.WARM);
        assertThat(planner.plan(Fixtures.job(), Fixtures.shop(Fixtures.film(frail, false), COTTON))
                        .snags())
                .filteredOn(Snag.PressClash.class::isInstance)
                .singleElement()
                .satisfies(
                        s -> assertThat(((Snag.PressClash) s).limits()).contains(new Limit(Limit.Kind.MOST_IN_ALL, 1)));
    }

    @Test
    void whatARollHasNoRoomForIsLaidOnOneToBuyAndSaid() {
        Job many = Fixtures.job(Fixtures.line(SizeEntry.of("M", 200)));
        Plan plan = plan(many);
        assertThat(plan.snags())
                .filteredOn(Snag.RollTooShort.class::isInstance)
                .isNotEmpty()
                .allSatisfy(s -> assertThat(((Snag.RollTooShort) s).leftMm()).isZero());
        assertThat(plan.runs())
                .filteredOn(r -> r.load().stock().lengthMm() > 0)
                .isNotEmpty()
                .allSatisfy(r -> assertThat(r.load().usedMm())
                        .isLessThanOrEqualTo(r.load().stock().lengthMm()));
        assertThat(plan.runs().stream().mapToInt(r -> r.load().placed().size()).sum())
                .isEqualTo(400);
    }

    /** Seventy colours in a row: more than are told apart at once, and still every one of them is laid. */
    @Test
    void veryManyColoursAreAllPressed() {
        List<Motif> motifs = new ArrayList<>();
        for (int i = 0; i < 70; i++) {
            motifs.add(new Motif(
                    "m" + i,
                    "square",
                    new Shape(Shape.Kind.RECTANGLE, 3, 3, 4, 0, new Colour(0x100000 + 977 * i)),
                    List.of(),
                    Pose.at(-120 + 3.4 * i, 180)));
        }
        Plan plan = plan(Fixtures.job(Fixtures.line(SizeEntry.of("M", 1)).withMotifs(motifs)));
        LinePlan line = plan.lines().getFirst();
        assertThat(line.drawn().layers()).hasSize(70);
        assertThat(line.finish().steps().stream()
                        .filter(s -> s.kind().heats())
                        .flatMap(s -> s.layers().stream())
                        .distinct())
                .hasSize(70);
    }
}
