package jurren.core.finish;

import java.util.List;

/** A stencil that sticks: taped and laid like vinyl, painted or etched through, dried to the touch, lifted. */
public final class StencilFilmWork implements HandWork {

    @Override
    public void put(StepList steps, List<Integer> layers) {
        TableWork.laid(steps, layers);
        steps.hand(PlateStep.PAINT, layers, HandTime.STENCIL_PAINT);
        steps.hand(PlateStep.LIFT_STENCIL, layers, HandTime.STENCIL_LIFT);
        steps.unattended(PlateStep.DRY, layers.getLast(), HandTime.STENCIL_DRY);
    }
}
