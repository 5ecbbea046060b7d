package jurren.core.finish;

import java.util.List;

/**
 * The table steps of one rigid stencil, which is one plate a colour: push the cut shapes out, fix the plate,
 * dab the paint through from the edge inwards, lift it straight up; let the paint dry before the next plate
 * and before use.
 */
public final class StencilWork implements HandWork {
    private static final double PUSH_OUT_S = 45;
    private static final double FIX_S = 40;
    private static final double PAINT_S = 120;
    private static final double LIFT_S = 15;
    private static final double DRY_S = 2 * 3600;

    @Override
    public void put(StepList steps, List<Integer> layers) {
        steps.hand(Step.Kind.PUSH_OUT, layers, PUSH_OUT_S);
        steps.hand(Step.Kind.FIX, layers, FIX_S);
        steps.hand(Step.Kind.PAINT, layers, PAINT_S);
        steps.hand(Step.Kind.LIFT_PLATE, layers, LIFT_S);
        steps.unattended(Step.Kind.DRY, layers.getLast(), DRY_S);
    }
}
