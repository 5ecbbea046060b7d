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
    @Test
    void twoSmoothFilmsAsTheWorkedExampleSays() {
        FinishSequence press = FilmPress.of(List.of(RECIPE, RECIPE), COTTON, 1);

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
        FinishSequence press = FilmPress.of(Collections.nCopies(layers, RECIPE), COTTON, 1);

        assertThat(press.heat()).noneMatch(HeatTaken::tooMuch).noneMatch(HeatTaken::tooLittle);
        assertThat(press.steps()).isSortedAccordingTo((a, b) -> Double.compare(a.startS(), b.startS()));
        assertThat(IntStream.range(1, press.steps().size()).allMatch(
                i -> press.steps().get(i).startS() >= press.steps().get(i - 1).endS())).isTrue();
    }

    @Test
    void heatThatCannotBeSparedIsShownNotHidden() {
        Recipe slow = new Recipe(155, 20, 25, 26, 4, Pressure.FIRM, Peel.COLD);
        FinishSequence press = FilmPress.of(List.of(slow, RECIPE), cotton("thin", 160, 24), 1);

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
