package jurren.core.way.stones;

import java.util.Optional;
import jurren.core.finish.Step;
import jurren.core.layer.Fabrication;
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
    public Optional<Step.Kind> readied() {
        return Optional.of(Step.Kind.SET_STONES);
    }
}
