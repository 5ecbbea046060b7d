package jurren.core.load;

import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.layer.Fabrication;
import jurren.core.layer.Layer;
import jurren.core.memo.Scale;

/**
 * What a layer takes of the film, as the knife sees it, at the origin.
 *
 * @param carrier the film it stays on
 * @param cell    the same with half the gap around it
 * @param framed  as far as a weeding frame of its own reaches; empty where there is nothing to weed
 * @param largestHoleMm2 of its cell
 * @param filled what its cell covers when nothing lies in its holes
 */
record CarrierShape(Region carrier, Region cell, Region framed, double largestHoleMm2, Covered filled) {
    /** Of the film, as it lies and turned by a quarter. */
    record Covered(Chords along, Chords across) {
        static Covered of(Region cell, double leastMm2) {
            return new Covered(Chords.of(cell, leastMm2), Chords.of(cell.placed(Placement.turned(90)), leastMm2));
        }
    }

    static CarrierShape of(Layer layer) {
        CutItem item = new CutItem("", "", "", 0, layer);
        Region carrier = item.carrier();
        Region cell = carrier.grown(Loading.GAP_MM / 2, CornerStyle.ROUND);
        double largestHoleMm2 = cell.pieces().stream()
                .flatMap(p -> p.holes().stream())
                .mapToDouble(h -> Math.abs(h.signedAreaMm2()))
                .max()
                .orElse(0);
        return new CarrierShape(
                carrier,
                cell,
                layer.making().cut() == Fabrication.Cut.KISS ? Frames.around(framed(item, carrier)) : Region.EMPTY,
                largestHoleMm2,
                Covered.of(cell, Double.MAX_VALUE));
    }

    /** What its cell covers beside pieces whose cells are at least so large. */
    Covered covered(double smallestMm2) {
        return largestHoleMm2 < smallestMm2 ? filled : Covered.of(cell, smallestMm2);
    }

    /** A frame goes around all that is the piece's own; of what is printed that is its ink too. */
    private static Region framed(CutItem item, Region carrier) {
        return item.layer().isPrint() ? carrier : item.layer().weeded().placed(item.ontoFilm(0));
    }

    void weigh(Scale scale) {
        carrier.weigh(scale);
        cell.weigh(scale);
        framed.weigh(scale);
        filled.along().weigh(scale);
        filled.across().weigh(scale);
    }
}
