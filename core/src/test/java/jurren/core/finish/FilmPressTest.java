package jurren.core.finish;

import static jurren.core.Fixtures.COTTON;
import static jurren.core.Fixtures.RECIPE;
import static jurren.core.Fixtures.cotton;
import static org.assertj.core.api.Assertions.assertThat;

import jurren.core.material.Peel;
import jurren.core.material.Pressure;
import jurren.core.material.Recipe;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FilmPressTest {
    /** From the lowest up. */
    static List<Pressed> films(Recipe... recipes) {
        return IntStream.range(0, recipes.length).mapToObj(i -> new Pressed(i + 1, recipes[i], false)).toList();
    }

    /**
     * A smooth film, a base and the print pressed into it: film tack 3, base tack 5, print (30 to 40 s) 35. Then a last film of
     * its own: the others had their full dwell from the print and only bear what is added.
     */
    @Test
    void aSheetPressedOntoABaseIsTheFullDwellOfWhatLiesBelow() {
        Recipe base = new Recipe(185, 30, 40, 80, 5, Pressure.FIRM, Peel.WARM);
        Recipe smooth = new Recipe(155, 10, 15, 60, 3, Pressure.MEDIUM, Peel.WARM);
        List<Pressed> stack = List.of(new Pressed(1, smooth, false), new Pressed(2, base, false), new Pressed(3, base, true));
        FinishSequence press = FilmPress.of(stack, cotton("thick", 200, 200), 1);

        assertThat(press.steps()).extracting(Step::kind).containsExactly(Step.Kind.WARM, Step.Kind.TACK, Step.Kind.PEEL, Step.Kind.TACK,
                Step.Kind.PEEL, Step.Kind.TAPE_SHEET, Step.Kind.PRESS, Step.Kind.PEEL);
        assertThat(press.steps()).filteredOn(s -> s.kind().heats()).extracting(Step::seconds).containsExactly(4.0, 3.0, 5.0, 35.0);
        assertThat(press.heat()).containsExactly(new HeatTaken(0, 47, 0, 200), new HeatTaken(1, 43, 10, 60),
                new HeatTaken(2, 40, 30, 80), new HeatTaken(3, 35, 30, 80));
    }

    @Test
    void afterASheetATopFilmIsPressedWithoutCookingWhatHadItsDwell() {
        Recipe base = new Recipe(185, 30, 40, 80, 5, Pressure.FIRM, Peel.WARM);
        List<Pressed> stack = List.of(new Pressed(1, base, false), new Pressed(2, base, true), new Pressed(3, RECIPE, false));
        FinishSequence press = FilmPress.of(stack, cotton("thick", 200, 200), 1);

        assertThat(press.steps()).extracting(Step::kind).endsWith(Step.Kind.PRESS, Step.Kind.PEEL, Step.Kind.REPRESS);
        assertThat(press.heat()).noneMatch(HeatTaken::tooMuch).noneMatch(HeatTaken::tooLittle);
        assertThat(press.heat().getLast().totalS()).as("10 to 15 s and 3 s again").isBetween(13.0, 18.0);
    }

    @Test
    void twoSmoothFilmsAsTheWorkedExampleSays() {
        FinishSequence press = FilmPress.of(films(RECIPE, RECIPE), COTTON, 1);

        assertThat(press.steps()).extracting(Step::kind).containsExactly(Step.Kind.WARM, Step.Kind.TACK, Step.Kind.PEEL,
                Step.Kind.PRESS, Step.Kind.PEEL, Step.Kind.REPRESS);
        assertThat(press.steps()).filteredOn(s -> s.kind().heats()).extracting(Step::seconds)
                .containsExactly(4.0, 3.0, 12.0, 3.0);
        assertThat(press.heat()).containsExactly(new HeatTaken(0, 22, 0, 45), new HeatTaken(1, 18, 10, 30),
                new HeatTaken(2, 15, 10, 30));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5})
    void everyLayerStaysWithinItsLeastAndMost(int layers) {
        FinishSequence press = FilmPress.of(films(Collections.nCopies(layers, RECIPE).toArray(Recipe[]::new)), COTTON, 1);

        assertThat(press.heat()).noneMatch(HeatTaken::tooMuch).noneMatch(HeatTaken::tooLittle);
        assertThat(press.steps()).isSortedAccordingTo((a, b) -> Double.compare(a.startS(), b.startS()));
        assertThat(IntStream.range(1, press.steps().size()).allMatch(
                i -> press.steps().get(i).startS() >= press.steps().get(i - 1).endS())).isTrue();
    }

    @Test
    void heatThatCannotBeSparedIsShownNotHidden() {
        Recipe slow = new Recipe(155, 20, 25, 26, 4, Pressure.FIRM, Peel.COLD);
        FinishSequence press = FilmPress.of(films(slow, RECIPE), cotton("thin", 160, 24), 1);

        assertThat(press.heat()).filteredOn(HeatTaken::tooMuch).extracting(HeatTaken::layer).contains(0, 1);
        assertThat(press.heat()).noneMatch(HeatTaken::tooLittle);
        assertThat(press.steps()).filteredOn(s -> s.kind() == Step.Kind.PRESS).singleElement()
                .satisfies(s -> assertThat(s.pressure()).isEqualTo(Pressure.FIRM));
    }

    @Test
    void noLayersNeedNoSteps() {
        assertThat(FilmPress.of(List.of(), COTTON, 1).steps()).isEmpty();
    }
}
