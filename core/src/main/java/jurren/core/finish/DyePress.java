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
    private static final double CLEAN_S = 20;
    private static final double LINT_S = 15;
    private static final double DRY_S = 8;
    private static final double SLEEVE_S = 40;
    private static final double COOL_S = 600;
    static final double TAPE_S = 60;

    private DyePress() {}

    /** @param inOven whether it is turned halfway */
    public static FinishSequence of(Recipe recipe, Substrate madeOf, boolean inOven, int positions) {
        DyeHeat heat = madeOf.dye().orElse(new DyeHeat(recipe.celsius(), recipe.leastS(), recipe.mostS()));
        StepList steps = new StepList();
        if (madeOf.isCloth()) {
            steps.hand(Step.Kind.LINT, 0, LINT_S);
            steps.nextClosing();
            for (int position = 0; position < positions; position++) {
                steps.press(Step.Kind.WARM, List.of(), List.of(), heat.celsius(), DRY_S, recipe.pressure(), position);
            }
        } else {
            steps.hand(Step.Kind.CLEAN, 0, CLEAN_S);
        }
        steps.hand(Step.Kind.TAPE_SHEET, 1, TAPE_S);
        double dwell = (heat.leastS() + heat.mostS()) / 2;
        List<Integer> sheet = List.of(1);
        if (inOven) {
            steps.hand(Step.Kind.SLEEVE, 1, SLEEVE_S);
            steps.nextClosing();
            steps.press(Step.Kind.PRESS, sheet, sheet, heat.celsius(), dwell / 2, recipe.pressure(), 0);
            steps.hand(Step.Kind.TURN, 1, StepList.HANDLING_S);
            steps.nextClosing();
            steps.press(Step.Kind.PRESS, sheet, sheet, heat.celsius(), dwell / 2, recipe.pressure(), 0);
        } else {
            steps.nextClosing();
            for (int position = 0; position < positions; position++) {
                steps.press(Step.Kind.PRESS, sheet, sheet, heat.celsius(), dwell, recipe.pressure(), position);
            }
        }
        steps.peel(1, recipe);
        if (!madeOf.isCloth()) {
            steps.unattended(Step.Kind.COOL, 0, COOL_S);
        }
        double total = dwell + (madeOf.isCloth() ? DRY_S : 0);
        List<HeatTaken> taken = List.of(
                new HeatTaken(0, total, 0, madeOf.mostTotalS(), 1),
                new HeatTaken(1, dwell, heat.leastS(), recipe.mostTotalS(), 1));
        return new FinishSequence(steps.steps(), taken, steps.handsS() + StepList.HANDLING_S);
    }
}
