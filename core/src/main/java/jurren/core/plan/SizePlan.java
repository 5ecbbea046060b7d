package jurren.core.plan;

import java.util.List;
import java.util.Optional;
import jurren.core.art.Art;
import jurren.core.blank.AreaMeasures;
import jurren.core.blank.Face;
import jurren.core.finish.FinishSequence;
import jurren.core.finish.PlatenPlan;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.layer.Layer;
import jurren.core.material.Film;
import jurren.core.snag.Flaws;

/**
 * A line on one of its sizes.
 *
 * @param id     of the size
 * @param face   as it was measured for this order
 * @param count  as ordered
 * @param again  pieces that were spoiled and are made once more
 * @param fit    from the face the art was drawn for to this size's face
 * @param art    as the customer reads it
 * @param laid   the art on the unrolled face; the same on a flat one
 * @param layers on the unrolled face
 * @param shapes what is drawn of the face
 * @param thickestMm where most lies on top of each other
 * @param flaws  what a knife or a film would make a mess of
 * @param platen where the press closes
 * @param finish what is done to each piece of it
 */
public record SizePlan(
        String id,
        Face face,
        int count,
        int again,
        Placement fit,
        Art art,
        Art laid,
        List<Layer> layers,
        FaceShapes shapes,
        double thickestMm,
        Flaws flaws,
        PlatenPlan platen,
        FinishSequence finish) {
    public SizePlan {
        layers = List.copyOf(layers);
    }

    /** All of a film, whether it is one piece or panels. */
    public Region of(Film film) {
        return Region.weld(layers.stream()
                .filter(l -> l.film().equals(film))
                .map(Layer::region)
                .toList());
    }

    public AreaMeasures area() {
        return face.area();
    }

    public Optional<Box> artBounds() {
        return art.bounds();
    }
}
