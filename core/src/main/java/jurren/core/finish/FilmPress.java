package jurren.core.finish;

import jurren.core.blank.MadeOf;
import jurren.core.material.Peel;
import jurren.core.material.Pressure;
import jurren.core.material.Recipe;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The steps that put a stack of heat films onto cloth.
 *
 * <ol>
 *   <li>Warm the cloth, to drive out damp.
 *   <li>Tack each lower layer as briefly as its recipe says and peel its carrier.
 *   <li>Press the top layer, and with it all, for the full dwell once.
 *   <li>Peel, cover and press again briefly, to settle the edges.
 * </ol>
 *
 * <p>The full dwell is long enough for the layer that needs most and, if that is possible, short
 * enough that no layer goes over its most in all: tacks already taken and the last press count. Of
 * what is allowed, the middle is taken. Where nothing is, the needed dwell stands and
 * {@link FinishSequence#heat()} shows who takes too much.
 *
 * <p>Example: two smooth films (10 to 15 s, 30 s in all, tack 3 s) on cotton: warm 4, tack 3, press 12,
 * again 3. The lower takes 3 + 12 + 3 = 18 s of 10 to 30, the upper 15, the cloth 22.
 */
public final class FilmPress {
    private static final double WARM_S = 4;
    private static final double REPRESS_S = 3;
    
    private FilmPress() {
    }

    /**
     * @param layers    the recipes from the lowest layer up
     * @param positions how often the press closes for each step to reach the whole art
     */
    public static FinishSequence of(List<Recipe> layers, MadeOf cloth, int positions) {
        if (layers.isEmpty()) {
            return FinishSequence.NOTHING;
        }
        StepList b = new StepList();
        Recipe top = layers.getLast();
        double hottest = layers.stream().mapToDouble(Recipe::celsius).max().orElseThrow();
        b.press(Step.Kind.WARM, 0, hottest, WARM_S, top.pressure(), top.peel());
        for (int i = 0; i < layers.size() - 1; i++) {
            Recipe r = layers.get(i);
            b.press(Step.Kind.TACK, i + 1, r.celsius(), r.tackS(), r.pressure(), r.peel());
            b.peel(i + 1, r);
        }
        Pressure firmest = layers.stream().map(Recipe::pressure).max(Comparator.naturalOrder()).orElseThrow();
        b.press(Step.Kind.PRESS, layers.size(), hottest, fullDwell(layers, cloth), firmest, top.peel());
        b.peel(layers.size(), top);
        b.press(Step.Kind.REPRESS, layers.size(), hottest, REPRESS_S, firmest, top.peel());
        return new FinishSequence(b.steps(), heatTaken(b.steps(), layers, cloth), (b.endS() + StepList.HANDLING_S) * positions);
    }

    private static double fullDwell(List<Recipe> layers, MadeOf cloth) {
        double least = 0;
        double most = Double.POSITIVE_INFINITY;
        double tacksAbove = 0;
        for (int i = layers.size() - 1; i >= 0; i--) {
            Recipe r = layers.get(i);
            if (i < layers.size() - 1) {
                tacksAbove += r.tackS();
            }
            least = Math.max(least, r.leastS());
            most = Math.min(most, Math.min(r.mostS(), r.mostTotalS() - REPRESS_S - tacksAbove));
        }
        most = Math.min(most, cloth.mostTotalS() - WARM_S - tacksAbove - REPRESS_S);
        return Math.max(least, Math.floor((least + most) / 2));
    }

    private static List<HeatTaken> heatTaken(List<Step> steps, List<Recipe> layers, MadeOf cloth) {
        List<HeatTaken> heat = new ArrayList<>();
        heat.add(new HeatTaken(0, seconds(steps, 0), 0, cloth.mostTotalS()));
        for (int i = 0; i < layers.size(); i++) {
            heat.add(new HeatTaken(i + 1, seconds(steps, i + 1), layers.get(i).leastS(), layers.get(i).mostTotalS()));
        }
        return heat;
    }

    /** Every press heats what is already down: a layer is heated from its own first press on. */
    private static double seconds(List<Step> steps, int layer) {
        return steps.stream().filter(s -> s.kind().heats() && s.layer() >= layer).mapToDouble(Step::seconds).sum();
    }
}
