package jurren.core.finish;

import java.util.List;
import java.util.Optional;

/** A printed sticker: off its backing, laid from one edge, rubbed down; a day before it is washed. */
public final class StickerWork implements HandWork {
    private static final double BACKING_S = 10;
    private static final double LAY_S = 20;
    private static final double BURNISH_S = 10;
    private static final double WAIT_S = 24 * 3600;

    @Override
    public void put(StepList steps, List<Integer> layers) {
        steps.hand(Step.Kind.BACKING, layers, BACKING_S);
        steps.hand(Step.Kind.LAY, layers, LAY_S);
        steps.hand(Step.Kind.BURNISH, layers, BURNISH_S);
    }

    @Override
    public Optional<Double> waitS() {
        return Optional.of(WAIT_S);
    }
}
