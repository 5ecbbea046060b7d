package jurren.core.way;

import java.util.List;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import jurren.core.layer.Fabrication;
import jurren.core.layer.Layer;
import jurren.core.layer.Part;
import jurren.core.layer.Print;
import jurren.core.material.Material;

/** What is cut is the rest: a plate or film with the part as its opening, used and taken off again. */
public abstract class CutPlate implements Way {
    private final double marginMm;
    private final Fabrication.Cut cut;

    /** @param marginMm from all art of the place to the plate's edge */
    protected CutPlate(double marginMm, Fabrication.Cut cut) {
        this.marginMm = marginMm;
        this.cut = cut;
    }

    @Override
    public boolean isOnePrint() {
        return false;
    }

    @Override
    public List<Layer> layers(Part part, Material material, WayContext on) {
        Box edge = on.art().grown(marginMm);
        Region plate = Region.of(edge).minus(part.region()).minus(otherHoles(edge, on));
        return List.of(new Layer(
                1,
                part.film(),
                material,
                Layer.Role.PLATE,
                Fabrication.cut(false, cut),
                material.colours().getFirst().colour(),
                plate,
                part.seen(),
                List.of(),
                part.join(),
                Print.NONE));
    }

    /** What is cut out of it beside the part. */
    protected Region otherHoles(Box edge, WayContext on) {
        return Region.EMPTY;
    }

    @Override
    public boolean isTurnedOver(Layer layer) {
        return false;
    }

    @Override
    public boolean isTakenOffAgain() {
        return true;
    }

    /** Islands stay where they are, so what shows is exactly where the plate is not, inside its outer edge. */
    @Override
    public Region shows(Layer layer, Region made) {
        return made.isEmpty() ? made : Region.of(made.bounds()).minus(made);
    }
}
