package jurren.core.plan;

import jurren.core.art.Art;
import jurren.core.blank.AreaMeasures;
import jurren.core.blank.BlankSize;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.layer.Layer;
import java.util.List;
import java.util.Optional;

/**
 * A line on one of its sizes.
 *
 * @param fit from the face the art was drawn for to this size's face
 */
public record SizePlan(BlankSize size, AreaMeasures area, int count, Placement fit, Art art, List<Layer> layers) {
    public SizePlan {
        layers = List.copyOf(layers);
    }

    public Optional<Box> artBounds() {
        return art.bounds();
    }
}
