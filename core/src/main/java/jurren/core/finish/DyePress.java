package jurren.core.finish;

import java.util.List;
import jurren.core.blank.DyeHeat;
import jurren.core.blank.Substrate;
import jurren.core.material.Recipe;

/**
 * The steps of a dye print: take the lint off cloth and dry it under the press, wipe anything else; tape the sheet face
 * down; press over each position, which a cup in an oven sleeve takes in two halves, turned between with gloves; lift
 * the sheet while it is hot. What is hot through and through cools before anybody takes hold of it.
 */
public final class DyePress {

    private DyePress() {}

    /** @param inOven whether it is turned halfway */
    public static FinishSequence of(Recipe recipe, Substrate madeOf, boolean inOven, int positions, HandTimes times) {
        DyeHeat heat = madeOf.dye().orElse(new DyeHeat(recipe.celsius(), recipe.leastS(), recipe.mostS()));
        double dry = times.of(HandTime.SHEET_DRY);
        StepList steps = new StepList(times);
        if (madeOf.isCloth()) {
            steps.hand(TableStep.LINT, 0, HandTime.SHEET_LINT);
            steps.nextClosing();
            for (int position = 0; position < positions; position++) {
                steps.press(HeatStep.WARM, List.of(), List.of(), heat.celsius(), dry, recipe.pressure(), position);
            }
        } else {
            steps.hand(TableStep.CLEAN, 0, HandTime.SHEET_CLEAN);
        }
        steps.hand(SheetStep.TAPE_SHEET, 1, HandTime.SHEET_TAPE);
        double dwell = (heat.leastS() + heat.mostS()) / 2;
        List<Integer> sheet = List.of(1);
        if (inOven) {
            steps.hand(SheetStep.SLEEVE, 1, HandTime.SLEEVE);
            steps.nextClosing();
            steps.press(HeatStep.PRESS, sheet, sheet, heat.celsius(), dwell / 2, recipe.pressure(), 0);
            steps.hand(SheetStep.TURN, 1, HandTime.HANDLING);
            steps.nextClosing();
            steps.press(HeatStep.PRESS, sheet, sheet, heat.celsius(), dwell / 2, recipe.pressure(), 0);
        } else {
            steps.nextClosing();
            for (int position = 0; position < positions; position++) {
                steps.press(HeatStep.PRESS, sheet, sheet, heat.celsius(), dwell, recipe.pressure(), position);
            }
        }
        steps.peel(1, recipe);
        if (!madeOf.isCloth()) {
            steps.unattended(HeatStep.COOL, 0, HandTime.COOL);
        }
        double total = dwell + (madeOf.isCloth() ? dry : 0);
        List<HeatTaken> taken = List.of(
                new HeatTaken(0, total, 0, madeOf.mostTotalS(), 1),
                new HeatTaken(1, dwell, heat.leastS(), recipe.mostTotalS(), 1));
        return new FinishSequence(steps.steps(), taken, steps.handsS() + times.of(HandTime.HANDLING));
    }
}
