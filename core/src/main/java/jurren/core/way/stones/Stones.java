package jurren.core.way.stones;

import java.util.List;
import jurren.core.finish.HandTime;
import jurren.core.finish.ReadyStep;
import jurren.core.finish.Readying;
import jurren.core.layer.Fabrication;
import jurren.core.material.Material;
import jurren.core.way.CutPlate;
import jurren.core.way.Grip;

/** A template plate with an opening for what is set into it, face up; tape lifts the stones, heat melts their glue. */
public final class Stones extends CutPlate {
    private static final double MARGIN_MM = 20;

    public Stones() {
        super(MARGIN_MM, Fabrication.Cut.THROUGH);
    }

    @Override
    public Grip grip() {
        return Grip.FIBRES;
    }

    @Override
    public List<Readying> readied(Material material) {
        return List.of(new Readying(ReadyStep.SET_STONES, HandTime.SET_STONES));
    }
}
