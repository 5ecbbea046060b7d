package jurren.core.way.sticker;

import java.util.Optional;
import jurren.core.finish.HandWork;
import jurren.core.finish.StickerWork;
import jurren.core.way.Grip;
import jurren.core.way.PrintedAndCut;

/** Printed, cut around, peeled off and laid. */
public final class Sticker extends PrintedAndCut {
    @Override
    public Grip grip() {
        return Grip.SURFACE;
    }

    @Override
    public Optional<HandWork> byHand() {
        return Optional.of(new StickerWork());
    }
}
