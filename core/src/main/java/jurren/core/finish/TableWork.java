package jurren.core.finish;

import java.util.List;
import java.util.Optional;

/**
 * The table steps that put adhesive vinyl on: lay transfer tape on it and burnish (layers that lie beside each other in
 * one tape, by their cross marks), hinge it where it belongs, peel the backing flat, lay it (from the middle on a
 * curve, from one edge on the flat), burnish, peel the tape low and slow; wait before use.
 */
public final class TableWork implements HandWork {

    @Override
    public void put(StepList steps, List<Integer> layers) {
        laid(steps, layers);
    }

    @Override
    public boolean takesSeveral() {
        return true;
    }

    static void laid(StepList steps, List<Integer> layers) {
        steps.hand(
                TableStep.TAPE,
                layers,
                steps.times().of(HandTime.VINYL_TAPE)
                        + steps.times().of(HandTime.VINYL_TAPE_MORE) * (layers.size() - 1));
        steps.hand(TableStep.HINGE, layers, HandTime.VINYL_HINGE);
        steps.hand(TableStep.BACKING, layers, HandTime.VINYL_BACKING);
        steps.hand(TableStep.LAY, layers, HandTime.VINYL_LAY);
        steps.hand(TableStep.BURNISH, layers, HandTime.VINYL_BURNISH);
        steps.hand(TableStep.LIFT, layers, HandTime.VINYL_LIFT);
    }

    @Override
    public Optional<HandTime> waits() {
        return Optional.of(HandTime.VINYL_HOLDS);
    }
}
