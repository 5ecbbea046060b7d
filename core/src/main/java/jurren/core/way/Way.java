package jurren.core.way;

import java.util.List;
import java.util.Optional;
import jurren.core.finish.HandWork;
import jurren.core.finish.Readying;
import jurren.core.geometry.Region;
import jurren.core.layer.Edging;
import jurren.core.layer.Layer;
import jurren.core.layer.Part;
import jurren.core.material.Material;

/**
 * How a material gets onto a thing: what the art becomes, how that is made, how it is put on, and how a made
 * piece is seen again. One package each; everybody else asks the plan.
 */
public interface Way {
    /** What it takes hold of. */
    Grip grip();

    /** Whether all its colours lie side by side in one print, instead of being a film each. */
    boolean isOnePrint();

    /**
     * The layers that a part of the art becomes, from the bottom up, numbered from 1.
     *
     * @param on what is said about it, and what else stands on the place
     */
    List<Layer> layers(Part part, Material material, WayContext on);

    /** Where its cut line lies when nobody said anything; empty when it has none of its own. */
    default Optional<Edging> usualEdging() {
        return Optional.empty();
    }

    /** Whether the layer that is seen first is laid first, because it is seen through the thing. */
    default boolean isSeenThrough() {
        return false;
    }

    /** How it is put on without a press; empty where it is pressed. */
    default Optional<HandWork> byHand() {
        return Optional.empty();
    }

    /** Whether it is taped on as a printed sheet and lifted again. */
    default boolean isSheet(Layer layer) {
        return false;
    }

    /** What hands do to it before it is laid under the press: mask it, set its stones. */
    default List<Readying> readied(Material material) {
        return List.of();
    }

    /** What of a layer has to be wide enough to hold, by {@link Material#leastStrokeMm}; empty where nothing has to. */
    default Region held(Layer layer) {
        return layer.isCut() && layer.role() != Layer.Role.PLATE ? layer.region() : Region.EMPTY;
    }

    /** Whether its prints lie into each other on the sheet by their true shape, and are cut apart by hand. */
    default boolean isGanged() {
        return false;
    }

    /** Whether what is half seen through comes out as it is drawn, where it is printed. */
    default boolean showsSeeThrough() {
        return isOnePrint();
    }

    /** Whether its own figures (bridges, strips) stay as wide when the art is made for another size. */
    default boolean keepsWidths() {
        return false;
    }

    /** How often the press closes for it at the least. */
    default int presses() {
        return byHand().isPresent() ? 0 : 1;
    }

    /** Whether a person turns a made piece over before it is laid on the face as the customer sees it. */
    boolean isTurnedOver(Layer layer);

    /** Whether it takes more than a film and a press, so that nobody begins with it. */
    default boolean isForLater() {
        return isTakenOffAgain();
    }

    /** Whether what is cut only helps, and comes off again. */
    default boolean isTakenOffAgain() {
        return false;
    }

    /** Whether pieces of a layer that hang on nothing fall out and are lost. */
    default boolean losesIslands() {
        return false;
    }

    /** What a made piece shows on the thing: itself, or what was painted through it. */
    default Region shows(Layer layer, Region made) {
        return made;
    }
}
