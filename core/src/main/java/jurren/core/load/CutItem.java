package jurren.core.load;

import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.layer.Layer;

/**
 * One layer of one copy, to be cut: where it belongs and how it gets there.
 *
 * @param place the face it goes onto
 */
public record CutItem(String lineId, String place, String size, int copy, Layer layer) {
    /** Whether it is cut as in a mirror. */
    public boolean turnedOver() {
        return layer.making().reversed();
    }

    /**
     * From the face to the film as the knife sees it, at the origin: reversed when the piece will be
     * turned over, then a quarter turn when {@code turned}. The y axis goes from down to up on the way.
     */
    public Placement ontoFilm(boolean turned) {
        Placement seenByKnife = turnedOver()
                ? Placement.otherYAxis().then(Placement.flipped())
                : Placement.otherYAxis();
        return turned ? seenByKnife.then(Placement.turned(90)) : seenByKnife;
    }

    /** What it takes on the film, somewhere. */
    Box footprint(boolean turned) {
        return layer.region().bounds().placed(ontoFilm(turned));
    }
}
