package jurren.core.finish;

import jurren.core.blank.DyeHeat;
import jurren.core.blank.MadeOf;
import jurren.core.material.Recipe;
import java.util.List;

/**
 * The steps of a dye print: wipe the thing and, where it is cloth, dry it under the press; tape the
 * sheet face down; press, which a cup in an oven sleeve takes in two halves, turned between; lift the
 * sheet while it is hot.
 */
public final class DyePress {
    private static final double CLEAN_S = 20;
    private static final double DRY_S = 8;
    static final double TAPE_S = 60;

    private DyePress() {
    }

    /** @param inOven whether it is turned halfway */
    public static FinishSequence of(Recipe recipe, MadeOf madeOf, boolean inOven, int positions) {
        DyeHeat heat = madeOf.dye().orElse(new DyeHeat(recipe.celsius(), recipe.leastS(), recipe.mostS()));
        StepList steps = new StepList();
        steps.hand(Step.Kind.CLEAN, 0, CLEAN_S);
        if (madeOf.isCloth()) {
            steps.press(Step.Kind.WARM, 0, heat.celsius(), DRY_S, recipe.pressure(), recipe.peel());
        }
        steps.hand(Step.Kind.TAPE_SHEET, 1, TAPE_S);
        double dwell = (heat.leastS() + heat.mostS()) / 2;
        if (inOven) {
            steps.press(Step.Kind.PRESS, 1, heat.celsius(), dwell / 2, recipe.pressure(), recipe.peel());
            steps.hand(Step.Kind.TURN, 1, StepList.HANDLING_S);
            steps.press(Step.Kind.PRESS, 1, heat.celsius(), dwell / 2, recipe.pressure(), recipe.peel());
        } else {
            steps.press(Step.Kind.PRESS, 1, heat.celsius(), dwell, recipe.pressure(), recipe.peel());
        }
        steps.peel(1, recipe);
        double total = steps.steps().stream().filter(s -> s.kind().heats()).mapToDouble(Step::seconds).sum();
        List<HeatTaken> taken = List.of(new HeatTaken(0, total, 0, madeOf.mostTotalS()),
                new HeatTaken(1, dwell, heat.leastS(), recipe.mostTotalS()));
        return new FinishSequence(steps.steps(), taken, (steps.endS() + StepList.HANDLING_S) * positions);
    }
}
