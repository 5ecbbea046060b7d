package jurren.core.finish;

import static jurren.core.Fixtures.COTTON;
import static jurren.core.Fixtures.RECIPE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import jurren.core.blank.DyeHeat;
import jurren.core.blank.MadeOf;
import jurren.core.material.Peel;
import jurren.core.material.Pressure;
import jurren.core.material.Recipe;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Table work, and the presses of a dye print. */
class OtherWorkTest {
    private static final MadeOf CUP = new MadeOf("coated steel", MadeOf.Stuff.STEEL, 0, MadeOf.Coating.DYE, 210, 900,
            Optional.of(new DyeHeat(195, 300, 420)));

    private static final Recipe DYE = new Recipe(198, 45, 60, 600, 5, Pressure.MEDIUM, Peel.HOT);

    @Test
    void vinylIsCleanedOnceAndLaidLayerByLayer() {
        FinishSequence work = HandWork.of(HandWork.each(new TableWork(), 2), false);
        assertThat(work.steps()).extracting(Step::kind).containsExactly(Step.Kind.CLEAN,
                Step.Kind.TAPE, Step.Kind.HINGE, Step.Kind.BACKING, Step.Kind.LAY, Step.Kind.BURNISH, Step.Kind.LIFT,
                Step.Kind.TAPE, Step.Kind.HINGE, Step.Kind.BACKING, Step.Kind.LAY, Step.Kind.BURNISH, Step.Kind.LIFT, Step.Kind.WAIT);
        assertThat(work.steps()).extracting(Step::layer).containsExactly(0, 1, 1, 1, 1, 1, 1, 2, 2, 2, 2, 2, 2, 2);
        assertThat(work.heat()).isEmpty();
        assertThat(work.steps()).noneMatch(s -> s.kind().heats());
        assertThat(work.secondsPerPiece()).as("nobody stands by the wait").isEqualTo(60 + 2 * 205);
        assertThat(IntStream.range(1, 14).allMatch(i -> work.steps().get(i).startS() == work.steps().get(i - 1).endS())).isTrue();
        assertThat(HandWork.of(HandWork.each(new TableWork(), 0), false).steps()).isEmpty();
    }

    /** 300 to 420 s in an oven sleeve: 360, in two halves with a turn between. */
    @Test
    void aCupInASleeveIsTurnedHalfway() {
        FinishSequence work = DyePress.of(DYE, CUP, true, 1);
        assertThat(work.steps()).extracting(Step::kind).containsExactly(Step.Kind.CLEAN, Step.Kind.TAPE_SHEET, Step.Kind.SLEEVE,
                Step.Kind.PRESS, Step.Kind.TURN, Step.Kind.PRESS, Step.Kind.PEEL, Step.Kind.COOL);
        assertThat(work.steps()).filteredOn(s -> s.kind().heats()).allSatisfy(s -> {
            assertThat(s.seconds()).isEqualTo(180);
            assertThat(s.celsius()).as("as the cup says, not the paper").isEqualTo(195);
        });
        assertThat(work.heat()).contains(new HeatTaken(0, 360, 0, 900, 1));
        assertThat(work.heat()).noneMatch(HeatTaken::tooMuch);
    }

    @Test
    void clothIsDriedFirstAndPressedOnceForEachPosition() {
        FinishSequence once = DyePress.of(RECIPE, COTTON, false, 1);
        assertThat(once.steps()).extracting(Step::kind).as("no alcohol on cloth").containsExactly(Step.Kind.LINT, Step.Kind.WARM, Step.Kind.TAPE_SHEET,
                Step.Kind.PRESS, Step.Kind.PEEL);
        FinishSequence thrice = DyePress.of(RECIPE, COTTON, false, 3);
        assertThat(thrice.steps()).filteredOn(s -> s.kind() == Step.Kind.PRESS).extracting(Step::position).containsExactly(0, 1, 2);
        assertThat(thrice.heat()).as("nothing is shared").isEqualTo(once.heat());
    }

    @Test
    void coldWorkFollowsHeatAndCountsOn() {
        FinishSequence heat = FilmPressTest.press(COTTON, RECIPE);
        FinishSequence both = heat.then(HandWork.of(HandWork.each(new StickerWork(), 1), false));
        assertThat(both.steps()).hasSize(heat.steps().size() + 5);
        assertThat(both.steps().get(heat.steps().size()).startS()).isEqualTo(heat.steps().getLast().endS());
        assertThat(both.steps()).extracting(Step::order).isSorted().doesNotHaveDuplicates();
        assertThat(both.secondsPerPiece()).isEqualTo(heat.secondsPerPiece() + 60 + 40);
        assertThat(FinishSequence.NOTHING.then(heat)).isEqualTo(heat);
        assertThat(heat.then(FinishSequence.NOTHING)).isEqualTo(heat);
    }

    @Test
    void aStencilThatSticksIsLiftedAfterThePaint() {
        assertThat(HandWork.of(HandWork.each(new StencilFilmWork(), 1), false).steps()).extracting(Step::kind).containsSubsequence(Step.Kind.LIFT,
                Step.Kind.PAINT, Step.Kind.LIFT_STENCIL, Step.Kind.DRY);
    }
}
