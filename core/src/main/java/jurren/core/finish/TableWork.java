package jurren.core.finish;

import java.util.List;
import java.util.Optional;

/**
 * The table steps that put adhesive vinyl on: lay transfer tape on it and burnish (layers that lie beside each other in
 * one tape, by their cross marks), hinge it where it belongs, peel the backing flat, lay it (from the middle on a
 * curve, from one edge on the flat), burnish, peel the tape low and slow; wait before use.
 */
public final class TableWork implements HandWork {
    private static final double TAPE_S = 45;
    private static final double BESIDE_S = 25;
    private static final double HINGE_S = 20;
    private static final double BACKING_S = 20;
    private static final double LAY_S = 60;
    private static final double BURNISH_S = 30;
    private static final double LIFT_S = 30;
    private static final double WAIT_S = 24 * 3600;

    @Override
    public void put(StepList steps, List<Integer> layers) {
        laid(steps, layers);
    }

    @Override
    public boolean takesSeveral() {
        return true;
    }

    static void laid(StepList steps, List<Integer> layers) {
        steps.hand(Step.Kind.TAPE, layers, TAPE_S + BESIDE_S * (layers.size() - 1));
        steps.hand(Step.Kind.HINGE, layers, HINGE_S);
        steps.hand(Step.Kind.BACKING, layers, BACKING_S);
        steps.hand(Step.Kind.LAY, layers, LAY_S);
        steps.hand(Step.Kind.BURNISH, layers, BURNISH_S);
        steps.hand(Step.Kind.LIFT, layers, LIFT_S);
    }

    @Override
    public Optional<Double> waitS() {
        return Optional.of(WAIT_S);
    }
}
