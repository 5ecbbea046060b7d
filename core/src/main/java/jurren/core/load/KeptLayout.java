package jurren.core.load;

import java.util.List;
import jurren.core.material.Colour;
import jurren.core.nest.Layout;

/**
 * A layout that a search found and a person took. It is found again by the value of what was to be laid.
 *
 * @param pieces  digest of the outlines, rounded to a micrometre, with how each may be turned and where it is pinned
 * @param beds    digest of where on the film they may lie, and of the gap between them
 * @param stock   ids of the pieces of film, in the order in which they are filled
 * @param seed    of the search
 * @param steps   that the search had gone when it found this
 * @param sparedMm of film from rolls, against what was laid when it was taken
 */
public record KeptLayout(
        String materialId,
        Colour colour,
        String pieces,
        String beds,
        List<String> stock,
        long seed,
        int steps,
        double sparedMm,
        Layout layout) {
    public KeptLayout {
        stock = List.copyOf(stock);
        if (steps < 0 || !Double.isFinite(sparedMm)) {
            throw new IllegalArgumentException("a layout after " + steps + " steps that spares " + sparedMm + " mm");
        }
    }

    /** The same, told what it spares. */
    public KeptLayout sparing(double newSparedMm) {
        return new KeptLayout(materialId, colour, pieces, beds, stock, seed, steps, newSparedMm, layout);
    }

    /** The same pieces, wherever they lie. */
    boolean isOfSame(KeptLayout other) {
        return materialId.equals(other.materialId) && colour.equals(other.colour) && pieces.equals(other.pieces);
    }
}
