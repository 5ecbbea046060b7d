package jurren.core.way.behindglass;

import java.util.Optional;
import jurren.core.finish.HandWork;
import jurren.core.finish.TableWork;
import jurren.core.layer.Layer;
import jurren.core.way.CutFilm;
import jurren.core.way.Grip;

/** Vinyl stuck behind glass and seen through it: reversed, and what is seen first is laid first. */
public final class BehindGlass extends CutFilm {
    public BehindGlass() {
        super(true);
    }

    @Override
    public Grip grip() {
        return Grip.BEHIND_GLASS;
    }

    @Override
    public boolean isSeenThrough() {
        return true;
    }

    @Override
    public Optional<HandWork> byHand() {
        return Optional.of(new TableWork());
    }

    @Override
    public boolean isTurnedOver(Layer layer) {
        return true;
    }
}
