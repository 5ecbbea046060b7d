package jurren.core.way;

import java.util.List;
import java.util.Optional;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.layer.Edging;
import jurren.core.layer.Fabrication;
import jurren.core.layer.Layer;
import jurren.core.layer.Part;
import jurren.core.layer.Print;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import jurren.core.material.Material;

/**
 * Printed on its face and cut around: at a distance, which leaves a rim of the bare film, or on the edge, with bleed.
 */
public abstract class PrintedAndCut implements Way {
    private static final Edging USUAL = new Edging(1.5, false, false);

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
        Region cut = outline(part.region(), on.edging());
        Print ink = on.edging().outMm() > 0 ? part.colours() : part.colours().bleeding(Print.BLEED_MM);
        return List.of(new Layer(
                1,
                Film.print(part.film().materialId()),
                material,
                Layer.Role.PRINT,
                new Fabrication(false, on.edging().through() ? Fabrication.Cut.THROUGH : Fabrication.Cut.KISS, true),
                stock(material),
                cut,
                part.seen(),
                List.of(),
                part.join(),
                ink));
    }

    /** The art's edge, moved out or in. */
    public static Region outline(Region art, Edging edging) {
        Region whole = edging.holesKept() ? art : art.filled();
        return edging.outMm() == 0 ? whole : whole.grown(edging.outMm(), CornerStyle.ROUND);
    }

    /** What is printed on is white, where there is white. */
    public static Colour stock(Material material) {
        return material.standingOut(new Colour(0));
    }

    @Override
    public boolean isTurnedOver(Layer layer) {
        return false;
    }
}
