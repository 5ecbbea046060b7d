package jurren.core.finish;

import java.util.List;
import java.util.Optional;

/** A printed sticker: off its backing, laid from one edge, rubbed down; a day before it is washed. */
public final class StickerWork implements HandWork {

    @Override
    public void put(StepList steps, List<Integer> layers) {
        steps.hand(TableStep.BACKING, layers, HandTime.STICKER_BACKING);
        steps.hand(TableStep.LAY, layers, HandTime.STICKER_LAY);
        steps.hand(TableStep.BURNISH, layers, HandTime.STICKER_BURNISH);
    }

    @Override
    public Optional<HandTime> waits() {
        return Optional.of(HandTime.STICKER_HOLDS);
    }
}
