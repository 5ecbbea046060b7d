package jurren.core.finish;

/**
 * The table steps that put art on with a rigid stencil, one plate a colour: push the cut shapes out,
 * fix the plate, dab the paint through from the edge inwards, lift it straight up; let the paint dry
 * before the next plate and before use.
 *
 * <p>Drying is left out of the time per piece: nobody stands by it.
 */
public final class StencilWork {
    private static final double CLEAN_S = 60;
    private static final double PUSH_OUT_S = 45;
    private static final double FIX_S = 40;
    private static final double PAINT_S = 120;
    private static final double LIFT_S = 15;
    private static final double DRY_S = 2 * 3600;

    private StencilWork() {
    }

    public static FinishSequence of(int layers) {
        if (layers == 0) {
            return FinishSequence.NOTHING;
        }
        StepList steps = new StepList();
        steps.hand(Step.Kind.CLEAN, 0, CLEAN_S);
        double hands = CLEAN_S;
        for (int layer = 1; layer <= layers; layer++) {
            double begin = steps.endS();
            steps.hand(Step.Kind.PUSH_OUT, layer, PUSH_OUT_S);
            steps.hand(Step.Kind.FIX, layer, FIX_S);
            steps.hand(Step.Kind.PAINT, layer, PAINT_S);
            steps.hand(Step.Kind.LIFT_PLATE, layer, LIFT_S);
            hands += steps.endS() - begin;
            steps.hand(Step.Kind.DRY, layer, DRY_S);
        }
        return new FinishSequence(steps.steps(), java.util.List.of(), hands);
    }
}
