package jurren.core.way.dyeoverbase;

import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Region;
import jurren.core.layer.Edging;
import jurren.core.layer.Fabrication;
import jurren.core.layer.Join;
import jurren.core.layer.Layer;
import jurren.core.layer.Part;
import jurren.core.layer.Print;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import jurren.core.material.Material;
import jurren.core.way.Grip;
import jurren.core.way.PrintedAndCut;
import jurren.core.way.Way;
import jurren.core.way.WayContext;

/**
 * A base cut from its face along the art's outer edge and pressed on first, then a print laid face down on it.
 * The print runs on beyond the base, so that hands a little off leave no bare rim.
 */
public final class DyeOverBase implements Way {
    private static final Edging USUAL = new Edging(0, true, false);

    @Override
    public Grip grip() {
        return Grip.FIBRES;
    }

    @Override
    public boolean isOnePrint() {
        return true;
    }

    @Override
    public Optional<Edging> usualEdging() {
        return Optional.of(USUAL);
    }

    @Override
    public List<Layer> layers(Part part, Material material, WayContext on) {
        Region base = PrintedAndCut.outline(part.region(), on.edging());
        if (base.isEmpty()) {
            return List.of();
        }
        Colour stock = PrintedAndCut.stock(material);
        Print ink = part.colours().bleeding(Print.BLEED_MM);
        Region stays = part.region().intersect(base);
        Film film = Film.print(part.film().materialId());
        return List.of(
                new Layer(
                        1,
                        film,
                        material,
                        Layer.Role.BASE,
                        Fabrication.cut(false, Fabrication.Cut.KISS),
                        stock,
                        base,
                        base.minus(stays),
                        List.of(),
                        part.join(),
                        Print.NONE),
                new Layer(
                        2,
                        film,
                        material,
                        Layer.Role.PRINT,
                        Fabrication.print(true),
                        part.colours().most(),
                        stays,
                        part.seen().intersect(base),
                        List.of(),
                        Join.LAID_OVER,
                        ink));
    }

    @Override
    public boolean isSheet(Layer layer) {
        return layer.isPrint();
    }

    @Override
    public int presses() {
        return 2;
    }

    @Override
    public boolean isTurnedOver(Layer layer) {
        return layer.isPrint();
    }
}
