package jurren.core.finish;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import jurren.core.blank.DyeHeat;
import jurren.core.blank.Substrate;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.material.Peel;
import jurren.core.material.Pressure;
import jurren.core.material.Recipe;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.COTTON;
import static jurren.core.Fixtures.RECIPE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Table work, and the presses of a dye print. */
class OtherWorkTest {
    private static final Substrate CUP = new Substrate(
            "coated steel",
            Substrate.Stuff.STEEL,
            0,
            Substrate.Coating.DYE,
            210,
            900,
            Optional.of(new DyeHeat(195, 300, 420)));

    private static final Recipe DYE = new Recipe(198, 45, 60, 600, 5, Pressure.MEDIUM, Peel.HOT);

    @Test
    void vinylIsCleanedOnceAndLaidLayerByLayer() {
        FinishSequence work = HandWork.of(HandWork.each(new TableWork(), 2), false, HandTimes.USUAL);
        assertThat(work.steps())
                .extracting(Step::kind)
                .containsExactly(
                        TableStep.CLEAN,
                        TableStep.TAPE,
                        TableStep.HINGE,
                        TableStep.BACKING,
                        TableStep.LAY,
                        TableStep.BURNISH,
                        TableStep.LIFT,
                        TableStep.TAPE,
                        TableStep.HINGE,
                        TableStep.BACKING,
                        TableStep.LAY,
                        TableStep.BURNISH,
                        TableStep.LIFT,
                        TableStep.WAIT);
        assertThat(work.steps()).extracting(Step::layer).containsExactly(0, 1, 1, 1, 1, 1, 1, 2, 2, 2, 2, 2, 2, 2);
        assertThat(work.heat()).isEmpty();
        assertThat(work.steps()).noneMatch(s -> s.kind().heats());
        assertThat(work.secondsPerPiece()).as("nobody stands by the wait").isEqualTo(60 + 2 * 205);
        assertThat(IntStream.range(1, 14)
                        .allMatch(i -> work.steps().get(i).startS()
                                == work.steps().get(i - 1).endS()))
                .isTrue();
        assertThat(HandWork.of(HandWork.each(new TableWork(), 0), false, HandTimes.USUAL)
                        .steps())
                .isEmpty();
    }

    /** 300 to 420 s in an oven sleeve: 360, in two halves with a turn between. */
    @Test
    void aCupInASleeveIsTurnedHalfway() {
        FinishSequence work = DyePress.of(DYE, CUP, true, 1, HandTimes.USUAL);
        assertThat(work.steps())
                .extracting(Step::kind)
                .containsExactly(
                        TableStep.CLEAN,
                        SheetStep.TAPE_SHEET,
                        SheetStep.SLEEVE,
                        HeatStep.PRESS,
                        SheetStep.TURN,
                        HeatStep.PRESS,
                        HeatStep.PEEL,
                        HeatStep.COOL);
        assertThat(work.steps()).filteredOn(s -> s.kind().heats()).allSatisfy(s -> {
            assertThat(s.seconds()).isEqualTo(180);
            assertThat(s.celsius()).as("as the cup says, not the paper").isEqualTo(195);
        });
        assertThat(work.heat()).contains(new HeatTaken(0, 360, 0, 900, 1));
        assertThat(work.heat()).noneMatch(HeatTaken::tooMuch);
    }

    @Test
    void clothIsDriedFirstAndPressedOnceForEachPosition() {
        FinishSequence once = DyePress.of(RECIPE, COTTON, false, 1, HandTimes.USUAL);
        assertThat(once.steps())
                .extracting(Step::kind)
                .as("no alcohol on cloth")
                .containsExactly(TableStep.LINT, HeatStep.WARM, SheetStep.TAPE_SHEET, HeatStep.PRESS, HeatStep.PEEL);
        FinishSequence thrice = DyePress.of(RECIPE, COTTON, false, 3, HandTimes.USUAL);
        assertThat(thrice.steps())
                .filteredOn(s -> s.kind() == HeatStep.PRESS)
                .extracting(Step::position)
                .containsExactly(0, 1, 2);
        assertThat(thrice.heat()).as("nothing is shared").isEqualTo(once.heat());
    }

    @Test
    void coldWorkFollowsHeatAndCountsOn() {
        FinishSequence heat = FilmPressTest.press(COTTON, RECIPE);
        FinishSequence both = heat.then(HandWork.of(HandWork.each(new StickerWork(), 1), false, HandTimes.USUAL));
        assertThat(both.steps()).hasSize(heat.steps().size() + 5);
        assertThat(both.steps().get(heat.steps().size()).startS())
                .isEqualTo(heat.steps().getLast().endS());
        assertThat(both.steps()).extracting(Step::order).isSorted().doesNotHaveDuplicates();
        assertThat(both.secondsPerPiece()).isEqualTo(heat.secondsPerPiece() + 60 + 40);
        assertThat(FinishSequence.NOTHING.then(heat)).isEqualTo(heat);
        assertThat(heat.then(FinishSequence.NOTHING)).isEqualTo(heat);
    }

    @Test
    void aStencilThatSticksIsLiftedAfterThePaint() {
        assertThat(HandWork.of(HandWork.each(new StencilFilmWork(), 1), false, HandTimes.USUAL)
                        .steps())
                .extracting(Step::kind)
                .containsSubsequence(TableStep.LIFT, PlateStep.PAINT, PlateStep.LIFT_STENCIL, PlateStep.DRY);
    }

    /** Two vinyls that do not meet go in one tape, with 25 s for the second; the third lies on the first. */
    @Test
    void whatDoesNotMeetGoesOnInOneTape() {
        List<HandWork.Task> each = HandWork.each(new TableWork(), 3);
        LayerOverlaps lying = new LayerOverlaps(List.of(0b100L, 0L, 0L), List.of(0L, 0L, 0L));
        List<HandWork.Task> goes = HandWork.inGoes(each, lying);
        assertThat(goes).extracting(HandWork.Task::layers).containsExactly(List.of(1, 2), List.of(3));
        FinishSequence work = HandWork.of(goes, false, HandTimes.USUAL);
        assertThat(work.steps())
                .filteredOn(s -> s.kind() == TableStep.TAPE)
                .extracting(Step::seconds)
                .containsExactly(70.0, 45.0);
        assertThat(HandWork.inGoes(HandWork.each(new StencilWork(), 2), LayerOverlaps.apart(2)))
                .as("one plate a colour")
                .hasSize(2);
        assertThat(HandWork.of(each, true, HandTimes.USUAL).steps().getFirst().kind())
                .as("no alcohol on cloth")
                .isEqualTo(TableStep.LINT);
    }

    /** A ring of 40 mm outside and 20 mm inside: 5 + 0.06 pi · 10 + 2 = 8.9 s; a speck takes tweezers. */
    @Test
    void weedingTakesAsLongAsItsEdgesAndInsides() {
        Region ring = disc(20).minus(disc(10));
        assertThat(Weeding.seconds(ring, HandTimes.USUAL)).isEqualTo(Math.ceil(5 + 0.06 * Math.PI * 10 + 2));
        assertThat(Weeding.seconds(ring.weld(Region.of(Box.ofSize(50, 0, 1, 1))), HandTimes.USUAL))
                .isGreaterThanOrEqualTo(Weeding.seconds(ring, HandTimes.USUAL) + 3);
        assertThat(Weeding.seconds(Region.EMPTY, HandTimes.USUAL)).isZero();
    }

    private static Region disc(double radius) {
        return Region.of(Box.ofSize(-0.001, -0.001, 0.002, 0.002)).grown(radius, CornerStyle.ROUND);
    }

    /**
     * While one cools the next is pressed: two films on each other, busy 27, 8 and more; waits of 19 s vanish from the
     * second piece on.
     */
    @Test
    void severalPiecesInTurnDoNotWait() {
        FinishSequence one = FilmPressTest.press(COTTON, RECIPE, RECIPE);
        assertThat(one.secondsFor(1)).isCloseTo(one.secondsPerPiece(), within(1e-9));
        double busy = one.secondsPerPiece() - 2 * 19;
        assertThat(one.secondsFor(10))
                .as("each stage of ten pieces takes longer than one cools")
                .isCloseTo(10 * busy, within(1e-9));
        FinishSequence four = one.sideBySide(4);
        assertThat(four.secondsPerPiece()).isCloseTo(one.secondsPerPiece() - 22 * 0.75, within(1e-9));
    }
}
