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
 *   <li>Where a film is printed on its face, lay a mask on it and lift it off its backing; it is peeled with the carrier.
 *   <li>Tack each lower layer as briefly as its recipe says and peel its carrier. A printed sheet that goes
 *       onto a layer is taped face down and takes its own full dwell there.
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
    private static final double MASK_S = 20;
    private static final double WAY_UP_S = 5;
    private static final double TURN_OVER_S = 15;

    private FilmPress() {
    }

    /**
     * @param layers    from the lowest up
     * @param positions how often the press closes for each step to reach the whole art
     */
    public static FinishSequence of(List<Pressed> layers, MadeOf cloth, int positions) {
        if (layers.isEmpty()) {
            return FinishSequence.NOTHING;
        }
        StepList b = new StepList();
        Pressed top = layers.getLast();
        double hottest = layers.stream().filter(p -> !p.sheet()).mapToDouble(p -> p.recipe().celsius()).max()
                .orElse(top.recipe().celsius());
        b.press(Step.Kind.WARM, 0, hottest, WARM_S, top.recipe().pressure(), top.recipe().peel());
        for (Pressed p : layers) {
            Recipe r = p.recipe();
            if (p.masked()) {
                b.hand(Step.Kind.MASK, p.layer(), MASK_S);
            }
            if (p.sheet()) {
                b.hand(Step.Kind.TAPE_SHEET, p.layer(), DyePress.TAPE_S);
                b.press(Step.Kind.PRESS, p.layer(), r.celsius(), p.sheetS(), r.pressure(), r.peel());
                b.peel(p.layer(), r);
            } else if (p != top) {
                b.press(Step.Kind.TACK, p.layer(), r.celsius(), r.tackS(), r.pressure(), r.peel());
                b.peel(p.layer(), r);
            }
        }
        if (!top.sheet()) {
            Pressure firmest = layers.stream().map(p -> p.recipe().pressure()).max(Comparator.naturalOrder()).orElseThrow();
            b.press(Step.Kind.PRESS, top.layer(), hottest, fullDwell(layers, cloth), firmest, top.recipe().peel());
            b.peel(top.layer(), top.recipe());
            b.press(Step.Kind.REPRESS, top.layer(), hottest, REPRESS_S, firmest, top.recipe().peel());
        }
        return new FinishSequence(b.steps(), heatTaken(b.steps(), layers, cloth), (b.endS() + StepList.HANDLING_S) * positions);
    }

    /** Between two places of a thing: what was pressed faces the lower plate now. */
    public static FinishSequence turningOver() {
        StepList b = new StepList();
        b.hand(Step.Kind.TURN_OVER, 0, TURN_OVER_S);
        return new FinishSequence(b.steps(), List.of(), b.endS());
    }

    /** What its owner sees upside down as it lies on the bench, like a lid that is opened. */
    public static FinishSequence wayUp() {
        StepList b = new StepList();
        b.hand(Step.Kind.WAY_UP, 0, WAY_UP_S);
        return new FinishSequence(b.steps(), List.of(), b.endS());
    }

    /** A layer that already had its dwell from a sheet pressed onto it needs no more, and bears the less. */
    private static double fullDwell(List<Pressed> layers, MadeOf cloth) {
        double least = 0;
        double most = Double.POSITIVE_INFINITY;
        double before = 0;
        double longest = 0;
        for (int i = layers.size() - 1; i >= 0; i--) {
            Pressed p = layers.get(i);
            Recipe r = p.recipe();
            if (i < layers.size() - 1) {
                before += p.briefS();
                longest = Math.max(longest, p.sheet() ? p.sheetS() : 0);
            }
            if (!p.sheet()) {
                least = Math.max(least, longest >= r.leastS() ? 0 : r.leastS());
                most = Math.min(most, Math.min(r.mostS(), r.mostTotalS() - REPRESS_S - before));
            }
        }
        most = Math.min(most, cloth.mostTotalS() - WARM_S - before - REPRESS_S);
        return Math.max(least, Math.floor((least + most) / 2));
    }

    private static List<HeatTaken> heatTaken(List<Step> steps, List<Pressed> layers, MadeOf cloth) {
        List<HeatTaken> heat = new ArrayList<>();
        heat.add(new HeatTaken(0, seconds(steps, 0), 0, cloth.mostTotalS()));
        for (Pressed p : layers) {
            heat.add(new HeatTaken(p.layer(), seconds(steps, p.layer()), p.recipe().leastS(), p.recipe().mostTotalS()));
        }
        return heat;
    }

    /** Every press heats what is already down: a layer is heated from its own first press on. */
    private static double seconds(List<Step> steps, int layer) {
        return steps.stream().filter(s -> s.kind().heats() && s.layer() >= layer).mapToDouble(Step::seconds).sum();
    }
}
