package jurren.core.finish;

import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.IntStream;
import jurren.core.blank.Substrate;
import jurren.core.material.Peel;
import jurren.core.material.Pressure;
import jurren.core.material.Recipe;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static jurren.core.Fixtures.COTTON;
import static jurren.core.Fixtures.RECIPE;
import static jurren.core.Fixtures.cotton;
import static org.assertj.core.api.Assertions.assertThat;

class FilmPressTest {
    private static final Recipe PUFF = new Recipe(150, 145, 155, 8, 10, 14, 2, 0, Pressure.LIGHT, Peel.HOT, true);
    private static final Recipe BASE = new Recipe(185, 180, 200, 30, 40, 80, 5, 0, Pressure.FIRM, Peel.WARM, false);

    /** From the lowest up. */
    static List<Pressed> films(Recipe... recipes) {
        return IntStream.range(0, recipes.length)
                .mapToObj(i -> new Pressed(i + 1, recipes[i], false))
                .toList();
    }

    static Pressing asked(List<Pressed> films, LayerOverlaps lying, Substrate cloth, Pressing.Wish... wishes) {
        return new Pressing(films, lying, cloth, 1, 220, OptionalDouble.empty(), List.of(wishes), Set.of());
    }

    private static FinishSequence press(Pressing asked) {
        return FilmPress.of(asked, PressSolver.solve(asked), false);
    }

    /** Each on the one before. */
    static FinishSequence press(Substrate cloth, Recipe... recipes) {
        return press(asked(films(recipes), LayerOverlaps.stacked(recipes.length), cloth));
    }

    private static List<Double> heats(FinishSequence press) {
        return press.steps().stream()
                .filter(s -> s.kind().heats())
                .map(Step::seconds)
                .toList();
    }

    /** A base and the print pressed into it, 30 to 40 s: the base is tacked 5 s, and has its dwell from the print. */
    @Test
    void aSheetPressedOntoABaseIsTheFullDwellOfWhatLiesBelow() {
        List<Pressed> stack = List.of(new Pressed(1, BASE, false), new Pressed(2, BASE, true));
        FinishSequence press = press(asked(stack, LayerOverlaps.stacked(2), cotton("thick", 200, 200)));

        assertThat(press.steps())
                .extracting(Step::kind)
                .containsExactly(
                        HeatStep.WARM,
                        HeatStep.TACK,
                        HeatStep.PEEL,
                        SheetStep.TAPE_SHEET,
                        HeatStep.PRESS,
                        HeatStep.PEEL);
        assertThat(heats(press)).containsExactly(4.0, 5.0, 35.0);
        assertThat(press.heat())
                .containsExactly(
                        new HeatTaken(0, 44, 0, 200, 1),
                        new HeatTaken(1, 40, 30, 80, 1),
                        new HeatTaken(2, 35, 30, 80, 1));
    }

    /** Smooth film bears 165 °C, the print needs 180: the base goes first, the smooth film comes cooler and last. */
    @Test
    void whatNeedsMoreHeatIsPressedBeforeWhatBearsLess() {
        List<Pressed> apart =
                List.of(new Pressed(1, RECIPE, false), new Pressed(2, BASE, false), new Pressed(3, BASE, true));
        LayerOverlaps lying = new LayerOverlaps(List.of(0L, 4L, 0L), List.of(0L, 4L, 0L));
        FinishSequence press = press(asked(apart, lying, cotton("thick", 200, 200)));

        assertThat(press.steps())
                .filteredOn(s -> s.kind().heats() && !s.layers().isEmpty())
                .extracting(Step::layers)
                .containsExactly(List.of(2), List.of(3), List.of(1));
        assertThat(press.steps())
                .filteredOn(s -> s.layers().equals(List.of(1)) && s.kind().heats())
                .singleElement()
                .satisfies(s -> assertThat(s.celsius()).isEqualTo(155));
        // the other way round the smooth film lies below: it cannot be spared the heat
        Pressing below = asked(apart, LayerOverlaps.stacked(3), cotton("thick", 200, 200));
        assertThat(PressSolver.solve(below).clashes())
                .first()
                .satisfies(c -> assertThat(c)
                        .hasSize(2)
                        .contains(new Limit(Limit.Kind.MOST_CELSIUS, 1))
                        .anyMatch(l -> l.kind() == Limit.Kind.LEAST_CELSIUS && l.layer() > 1));
    }

    @Test
    void twoSmoothFilmsAsTheWorkedExampleSays() {
        FinishSequence press = press(COTTON, RECIPE, RECIPE);

        assertThat(press.steps())
                .extracting(Step::kind)
                .containsExactly(
                        HeatStep.WARM, HeatStep.TACK, HeatStep.PEEL, HeatStep.PRESS, HeatStep.PEEL, HeatStep.REPRESS);
        assertThat(heats(press)).containsExactly(4.0, 3.0, 12.0, 3.0);
        assertThat(press.heat())
                .containsExactly(
                        new HeatTaken(0, 22, 0, 45, 1),
                        new HeatTaken(1, 18, 10, 30, 1),
                        new HeatTaken(2, 15, 10, 30, 1));
        assertThat(press.steps())
                .filteredOn(s -> s.kind() == HeatStep.PEEL)
                .first()
                .satisfies(s -> assertThat(s.seconds())
                        .as("11.6 ln(133 / 28) = 18.07 up, and 5 to peel")
                        .isEqualTo(19 + 5));
        assertThat(press.heatAfter(2).get(1).totalS()).isEqualTo(3);
        assertThat(press.heatAfter(4).get(2).totalS()).isEqualTo(12);
    }

    @Test
    void filmsBesideEachOtherAreLaidTogetherUnlessTheirCarriersAreInTheWay() {
        assertThat(heats(press(asked(films(RECIPE, RECIPE, RECIPE), LayerOverlaps.apart(3), COTTON))))
                .containsExactly(4.0, 12.0, 3.0);
        // each has its carrier where the other's film goes
        LayerOverlaps tangled = new LayerOverlaps(List.of(0L, 0L), List.of(2L, 1L));
        assertThat(heats(press(asked(films(RECIPE, RECIPE), tangled, COTTON)))).containsExactly(4.0, 3.0, 12.0, 3.0);
        // only the first has, so it is laid second
        FinishSequence second =
                press(asked(films(RECIPE, RECIPE), new LayerOverlaps(List.of(0L, 0L), List.of(2L, 0L)), COTTON));
        assertThat(second.steps())
                .filteredOn(s -> s.kind() == HeatStep.PRESS)
                .singleElement()
                .satisfies(s -> assertThat(s.layers()).containsExactly(2, 1));
    }

    /** Puff is laid for the last closing, which nothing follows; the smooth film had its own before. */
    @Test
    void puffIsPressedOnceAndLightlyAndLast() {
        FinishSequence alone = press(COTTON, PUFF);
        assertThat(alone.steps()).extracting(Step::kind).containsExactly(HeatStep.WARM, HeatStep.PRESS, HeatStep.PEEL);

        FinishSequence with = press(asked(films(PUFF, RECIPE), LayerOverlaps.apart(2), COTTON));
        assertThat(with.steps())
                .filteredOn(s -> s.kind().heats() && !s.layers().isEmpty())
                .extracting(Step::layers)
                .containsExactly(List.of(2), List.of(1));
        assertThat(with.steps())
                .filteredOn(s -> s.kind().heats())
                .last()
                .satisfies(s -> assertThat(s.pressure()).isEqualTo(Pressure.LIGHT));
        assertThat(with.heat()).noneMatch(HeatTaken::tooMuch);

        assertThat(PressSolver.solve(asked(films(PUFF, RECIPE), LayerOverlaps.stacked(2), COTTON))
                        .clashes())
                .as("under a film it is squashed")
                .isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5})
    void everyLayerStaysWithinItsLeastAndMost(int layers) {
        FinishSequence press = press(COTTON, Collections.nCopies(layers, RECIPE).toArray(Recipe[]::new));

        assertThat(press.heat()).noneMatch(HeatTaken::tooMuch).noneMatch(HeatTaken::tooLittle);
        assertThat(press.steps()).isSortedAccordingTo((a, b) -> Double.compare(a.startS(), b.startS()));
        assertThat(IntStream.range(1, press.steps().size())
                        .allMatch(i -> press.steps().get(i).startS()
                                >= press.steps().get(i - 1).endS()))
                .isTrue();
    }

    /** 20 s are needed by the lower, 24 are borne by the cloth, of which 4 are spent on warming. */
    @Test
    void whatCannotBeSparedIsNamedByTheSmallestSetOfLimits() {
        Recipe slow = new Recipe(155, 20, 25, 26, 4, Pressure.FIRM, Peel.COLD);
        Solved solved =
                PressSolver.solve(asked(films(slow, RECIPE), LayerOverlaps.stacked(2), cotton("thin", 160, 23)));

        assertThat(solved.clashes())
                .first()
                .satisfies(c -> assertThat(c)
                        .containsExactlyInAnyOrder(
                                new Limit(Limit.Kind.LEAST_SECONDS, 1), new Limit(Limit.Kind.THING_IN_ALL, 0)));
        assertThat(solved.closings()).as("the sequence is shown all the same").isNotEmpty();
        Pressing cold = new Pressing(
                films(RECIPE), LayerOverlaps.stacked(1), COTTON, 1, 120, OptionalDouble.empty(), List.of(), Set.of());
        assertThat(PressSolver.solve(cold).clashes())
                .singleElement()
                .satisfies(c -> assertThat(c)
                        .containsExactlyInAnyOrder(
                                new Limit(Limit.Kind.LEAST_CELSIUS, 1), new Limit(Limit.Kind.PRESS_CELSIUS, 0)));
    }

    @Test
    void aPersonsWishesAreKeptWhereTheyCanBe() {
        Pressing longer = asked(films(RECIPE), LayerOverlaps.stacked(1), COTTON, new Pressing.Seconds(1, 14));
        assertThat(heats(press(longer))).containsExactly(4.0, 14.0, 3.0);
        Pressing second = asked(films(RECIPE, RECIPE), LayerOverlaps.apart(2), COTTON, new Pressing.After(1, 2));
        assertThat(press(second).steps())
                .filteredOn(s -> s.kind().heats() && !s.layers().isEmpty())
                .extracting(Step::layers)
                .containsExactly(List.of(2), List.of(1));

        Solved tooShort =
                PressSolver.solve(asked(films(RECIPE), LayerOverlaps.stacked(1), COTTON, new Pressing.Seconds(1, 6)));
        assertThat(tooShort.clashes())
                .singleElement()
                .satisfies(c -> assertThat(c).contains(new Limit(Limit.Kind.WISHED_SECONDS, 1)));
        assertThat(tooShort.closings())
                .singleElement()
                .satisfies(
                        c -> assertThat(c.seconds()).as("pressed without that").isGreaterThanOrEqualTo(10));
        Pressing ring = asked(
                films(RECIPE, RECIPE),
                LayerOverlaps.apart(2),
                COTTON,
                new Pressing.After(1, 2),
                new Pressing.After(2, 1));
        assertThat(PressSolver.solve(ring).clashes())
                .as("two wishes against each other")
                .first()
                .satisfies(c -> assertThat(c).allMatch(Limit::isWish).hasSize(2));
        assertThat(PressSolver.solve(ring).closings()).hasSize(2);
        Pressing against = asked(films(RECIPE, RECIPE), LayerOverlaps.stacked(2), COTTON, new Pressing.After(1, 2));
        assertThat(PressSolver.solve(against).clashes())
                .first()
                .satisfies(c -> assertThat(c).contains(new Limit(Limit.Kind.WISHED_ORDER, 1)));
    }

    @Test
    void eachPositionIsAStepOfItsOwnAndOnlySharedSpotsCountTwice() {
        Pressed left = new Pressed(1, RECIPE, false, List.of(), false, 0.09, 1, Set.of(0));
        Pressed both = new Pressed(2, RECIPE, false, List.of(), false, 0.09, 2, Set.of(0, 1));
        Pressing asked = new Pressing(
                List.of(left, both),
                LayerOverlaps.stacked(2),
                cotton("thick", 200, 90),
                2,
                220,
                OptionalDouble.empty(),
                List.of(),
                Set.of());
        FinishSequence press = press(asked);

        assertThat(press.steps())
                .filteredOn(s -> s.kind() == HeatStep.TACK)
                .extracting(Step::position)
                .containsExactly(0);
        assertThat(press.steps())
                .filteredOn(s -> s.kind() == HeatStep.PRESS)
                .extracting(Step::position)
                .containsExactly(0, 1);
        double dwell = press.steps().stream()
                .filter(s -> s.kind() == HeatStep.PRESS)
                .findFirst()
                .orElseThrow()
                .seconds();
        double again = press.steps().stream()
                .filter(s -> s.kind() == HeatStep.REPRESS)
                .findFirst()
                .map(Step::seconds)
                .orElse(0.0);
        assertThat(press.heat().get(1).totalS()).isEqualTo(3 + dwell + again);
        assertThat(press.heat().get(2).totalS()).as("its seam is pressed twice").isEqualTo(2 * (dwell + again));
        assertThat(press.heatAfter(press.steps().size())).isEqualTo(press.heat());
    }

    @Test
    void noLayersNeedNoSteps() {
        assertThat(press(COTTON).steps()).isEmpty();
    }
}
