package jurren.core.way.adhesive;

import java.util.Optional;
import jurren.core.finish.HandWork;
import jurren.core.finish.TableWork;
import jurren.core.layer.Layer;
import jurren.core.way.CutFilm;
import jurren.core.way.Grip;

/** Vinyl cut from its face, lifted face up by transfer tape and laid by hand. */
public final class Adhesive extends CutFilm {
    public Adhesive() {
        super(false);
    }

    @Override
    public Grip grip() {
        return Grip.SURFACE;
    }

    @Override
    public Optional<HandWork> byHand() {
        return Optional.of(new TableWork());
    }

    @Override
    public boolean isTurnedOver(Layer layer) {
        return false;
    }
}
