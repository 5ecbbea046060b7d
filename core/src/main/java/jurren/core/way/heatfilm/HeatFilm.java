package jurren.core.way.heatfilm;

import jurren.core.layer.Layer;
import jurren.core.way.CutFilm;
import jurren.core.way.Grip;

/** Cut from its back with the carrier down, then turned over onto the cloth under heat. */
public final class HeatFilm extends CutFilm {
    public HeatFilm() {
        super(true);
    }

    @Override
    public Grip grip() {
        return Grip.FIBRES;
    }

    @Override
    public boolean isTurnedOver(Layer layer) {
        return true;
    }
}
