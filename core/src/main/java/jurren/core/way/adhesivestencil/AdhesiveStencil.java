package jurren.core.way.adhesivestencil;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.finish.HandWork;
import jurren.core.finish.StencilFilmWork;
import jurren.core.geometry.Region;
import jurren.core.layer.Layer;
import jurren.core.layer.Making;
import jurren.core.layer.Part;
import jurren.core.material.Material;
import jurren.core.way.Grip;
import jurren.core.way.Setting;
import jurren.core.way.Way;

/** A film with openings: stuck on with transfer tape, which holds its islands, painted or etched through, lifted. */
public final class AdhesiveStencil implements Way {
    public static final double MARGIN_MM = 20;

    @Override
    public Grip grip() {
        return Grip.STENCIL;
    }

    @Override
    public boolean isOnePrint() {
        return false;
    }

    @Override
    public List<Layer> layers(Part part, Material material, Setting on) {
        Region film = Region.of(on.art().grown(MARGIN_MM)).minus(part.region());
        return List.of(new Layer(1, part.film(), material, Layer.Role.PLATE, Making.cut(false, Making.Cut.KISS),
                material.colours().getFirst().colour(), film, part.seen(), List.of(), part.join(), film.thinnest(), Map.of()));
    }

    @Override
    public Optional<HandWork> byHand() {
        return Optional.of(new StencilFilmWork());
    }

    /** Islands stay, so paint goes exactly where the film is not, inside its outer edge. */
    @Override
    public Region shows(Layer layer, Region made) {
        return made.isEmpty() ? made : Region.of(made.bounds()).minus(made);
    }

    @Override
    public boolean isTurnedOver(Layer layer) {
        return false;
    }

    @Override
    public boolean isTakenOffAgain() {
        return true;
    }
}
