package jurren.core.load;

import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.layer.Layer;
import jurren.core.layer.Making;
import jurren.core.memo.Scale;

/**
 * What a layer takes of the film, as the knife sees it, at the origin.
 *
 * @param carrier the film it stays on
 * @param cell    the same with half the gap around it
 * @param framed  as far as a weeding frame of its own reaches; empty where there is nothing to weed
 */
record Carried(Region carrier, Region cell, Region framed) {
    static Carried of(Layer layer) {
        CutItem item = new CutItem("", "", "", 0, layer);
        Region carrier = item.carrier();
        return new Carried(carrier, carrier.grown(Loading.GAP_MM / 2, CornerStyle.ROUND),
                layer.making().cut() == Making.Cut.KISS ? Frames.around(framed(item, carrier)) : Region.EMPTY);
    }

    /** A frame goes around all that is the piece's own; of what is printed that is its ink too. */
    private static Region framed(CutItem item, Region carrier) {
        return item.layer().isPrint() ? carrier : item.layer().weeded().placed(item.ontoFilm(0));
    }

    void weigh(Scale scale) {
        carrier.weigh(scale);
        cell.weigh(scale);
        framed.weigh(scale);
    }
}
