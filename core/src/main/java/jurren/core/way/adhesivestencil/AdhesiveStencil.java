package jurren.core.way.adhesivestencil;

import java.util.Optional;
import jurren.core.finish.HandWork;
import jurren.core.finish.StencilFilmWork;
import jurren.core.layer.Fabrication;
import jurren.core.way.CutPlate;
import jurren.core.way.Grip;

/** A film with openings: stuck on with transfer tape, which holds its islands, painted or etched through, lifted. */
public final class AdhesiveStencil extends CutPlate {
    private static final double MARGIN_MM = 20;

    public AdhesiveStencil() {
        super(MARGIN_MM, Fabrication.Cut.KISS);
    }

    @Override
    public Grip grip() {
        return Grip.STENCIL;
    }

    @Override
    public Optional<HandWork> byHand() {
        return Optional.of(new StencilFilmWork());
    }
}
