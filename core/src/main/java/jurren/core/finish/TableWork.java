package jurren.core.finish;

import java.util.Optional;

/**
 * The table steps that put one layer of adhesive vinyl on: lay transfer tape on it and burnish, peel the
 * backing flat, lay it (from the middle on a curve, from one edge on the flat), burnish, peel the tape low
 * and slow; wait before use.
 */
public final class TableWork implements HandWork {
    private static final double TAPE_S = 45;
    private static final double BACKING_S = 20;
    private static final double LAY_S = 60;
    private static final double BURNISH_S = 30;
    private static final double LIFT_S = 30;
    private static final double WAIT_S = 24 * 3600;

    @Override
    public void put(StepList steps, int layer) {
        laid(steps, layer);
    }

    static void laid(StepList steps, int layer) {
        steps.hand(Step.Kind.TAPE, layer, TAPE_S);
        steps.hand(Step.Kind.BACKING, layer, BACKING_S);
        steps.hand(Step.Kind.LAY, layer, LAY_S);
        steps.hand(Step.Kind.BURNISH, layer, BURNISH_S);
        steps.hand(Step.Kind.LIFT, layer, LIFT_S);
    }

    @Override
    public Optional<Double> waitS() {
        return Optional.of(WAIT_S);
    }
}
