package jurren.core.way.dyeprint;

import java.util.List;
import jurren.core.layer.Fabrication;
import jurren.core.layer.Layer;
import jurren.core.layer.Part;
import jurren.core.material.Material;
import jurren.core.way.Grip;
import jurren.core.way.Way;
import jurren.core.way.WayContext;

/** Printed on a sheet that lies face down on the thing; it is reversed, and no knife follows it. */
public final class DyePrint implements Way {
    @Override
    public Grip grip() {
        return Grip.POLYESTER;
    }

    @Override
    public boolean isOnePrint() {
        return true;
    }

    @Override
    public List<Layer> layers(Part part, Material material, WayContext on) {
        return List.of(print(1, part, material));
    }

    /** The ink of a part, to be laid face down. */
    public static Layer print(int order, Part part, Material material) {
        return new Layer(
                order,
                part.film(),
                material,
                Layer.Role.PRINT,
                Fabrication.print(true),
                part.colours().most(),
                part.region(),
                part.seen(),
                List.of(),
                part.join(),
                part.colours());
    }

    @Override
    public boolean isSheet(Layer layer) {
        return true;
    }

    @Override
    public boolean isTurnedOver(Layer layer) {
        return true;
    }
}
