package jurren.core.way.stones;

import java.util.List;
import java.util.Map;
import jurren.core.geometry.Region;
import jurren.core.layer.Layer;
import jurren.core.layer.Making;
import jurren.core.layer.Part;
import jurren.core.material.Material;
import jurren.core.way.Grip;
import jurren.core.way.Setting;
import jurren.core.way.Way;

/** A template plate with an opening for what is set into it, face up; tape lifts the stones, heat melts their glue. */
public final class Stones implements Way {
    private static final double MARGIN_MM = 20;

    @Override
    public Grip grip() {
        return Grip.FIBRES;
    }

    @Override
    public boolean isOnePrint() {
        return false;
    }

    @Override
    public List<Layer> layers(Part part, Material material, Setting on) {
        Region template = Region.of(part.region().bounds().grown(MARGIN_MM)).minus(part.region());
        return List.of(new Layer(1, part.film(), material, Layer.Role.PLATE, Making.cut(false, Making.Cut.THROUGH),
                part.film().colour().orElseThrow(), template, part.seen(), List.of(), part.join(), template.thinnest(), Map.of()));
    }

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
