package jurren.core.layer;

import jurren.core.geometry.Piece;
import jurren.core.geometry.Region;
import jurren.core.geometry.Thinness;
import jurren.core.material.Colour;
import java.util.ArrayList;
import java.util.List;

/**
 * One thickness of one film, on the face as the customer sees it.
 *
 * @param order    1 for the lowest
 * @param region   what the film covers
 * @param seen     what of it stays in sight
 * @param unwelded overlapping parts whose own edges a knife would follow
 * @param join     how it meets the layers under it
 */
public record Layer(int order, Colour colour, Region region, Region seen, List<Region> unwelded, Join join,
                    Thinness thinnest) {
    public Layer {
        unwelded = List.copyOf(unwelded);
    }

    /** What a knife follows: the region's pieces, or the parts themselves where they were not welded. */
    public List<Piece> cutPieces() {
        if (unwelded.isEmpty()) {
            return region.pieces();
        }
        List<Piece> pieces = new ArrayList<>();
        for (Piece piece : region.pieces()) {
            Region whole = piece.region();
            if (unwelded.stream().allMatch(part -> part.intersect(whole).isEmpty())) {
                pieces.add(piece);
            }
        }
        unwelded.forEach(part -> pieces.addAll(part.intersect(region).pieces()));
        return pieces;
    }
}
