package jurren.core.way.powderprint;

import java.util.List;
import jurren.core.finish.HandTime;
import jurren.core.finish.PowderStep;
import jurren.core.finish.Readying;
import jurren.core.geometry.Region;
import jurren.core.layer.Fabrication;
import jurren.core.layer.Layer;
import jurren.core.layer.Part;
import jurren.core.material.Material;
import jurren.core.material.Underlay;
import jurren.core.way.Grip;
import jurren.core.way.Way;
import jurren.core.way.WayContext;

/**
 * Printed as in a mirror on a carrier, colours first and white over them, drawn in so that it never shows. Powder sticks
 * to the wet ink and is cured; the press melts it into fibres, and the carrier is peeled. Ink either holds or does not:
 * nothing is half seen through, and what is finer than a dot comes off.
 */
public final class PowderPrint implements Way {
    @Override
    public Grip grip() {
        return Grip.FIBRES;
    }

    @Override
    public boolean isOnePrint() {
        return true;
    }

    @Override
    public List<Layer> layers(Part part, Material material, WayContext on) {
        return List.of(new Layer(
                1,
                part.film(),
                material,
                Layer.Role.PRINT,
                Fabrication.print(true),
                part.colours().most(),
                part.region(),
                part.seen(),
                List.of(),
                part.join(),
                material.underlay()
                        .map(u -> part.colours().onWhite(u.whiteInMm()))
                        .orElse(part.colours())));
    }

    /** It keeps for months in between: both may have been done long before. */
    @Override
    public List<Readying> readied(Material material) {
        return List.of(
                new Readying(PowderStep.POWDER, HandTime.POWDER),
                new Readying(
                        PowderStep.CURE,
                        HandTime.CURE,
                        material.underlay().map(Underlay::cureCelsius).orElse(0.0)));
    }

    @Override
    public boolean isGanged() {
        return true;
    }

    @Override
    public boolean showsSeeThrough() {
        return false;
    }

    @Override
    public Region held(Layer layer) {
        return layer.region();
    }

    @Override
    public boolean isTurnedOver(Layer layer) {
        return true;
    }
}
