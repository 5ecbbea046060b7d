package jurren.core.finish;

import java.util.List;

/**
 * The table steps of one rigid stencil, which is one plate a colour: push the cut shapes out, fix the plate,
 * dab the paint through from the edge inwards, lift it straight up; let the paint dry before the next plate
 * and before use.
 */
public final class StencilWork implements HandWork {

    @Override
    public void put(StepList steps, List<Integer> layers) {
        steps.hand(PlateStep.PUSH_OUT, layers, HandTime.PLATE_PUSH_OUT);
        steps.hand(PlateStep.FIX, layers, HandTime.PLATE_FIX);
        steps.hand(PlateStep.PAINT, layers, HandTime.PLATE_PAINT);
        steps.hand(PlateStep.LIFT_PLATE, layers, HandTime.PLATE_LIFT);
        steps.unattended(PlateStep.DRY, layers.getLast(), HandTime.PLATE_DRY);
    }
}
