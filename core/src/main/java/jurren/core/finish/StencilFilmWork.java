package jurren.core.finish;

import java.util.List;

/** A stencil that sticks: taped and laid like vinyl, painted or etched through, dried to the touch, lifted. */
public final class StencilFilmWork implements HandWork {
    private static final double PAINT_S = 120;
    private static final double LIFT_S = 20;
    private static final double DRY_S = 2 * 3600;

    @Override
    public void put(StepList steps, List<Integer> layers) {
        TableWork.laid(steps, layers);
        steps.hand(Step.Kind.PAINT, layers, PAINT_S);
        steps.hand(Step.Kind.LIFT_STENCIL, layers, LIFT_S);
        steps.unattended(Step.Kind.DRY, layers.getLast(), DRY_S);
    }
}
