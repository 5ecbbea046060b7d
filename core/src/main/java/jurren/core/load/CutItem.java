package jurren.core.load;

import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.layer.Layer;
import jurren.core.memo.Memo;
import jurren.core.nest.Turning;

/**
 * One layer of one copy, to be cut: where it belongs and how it gets there.
 *
 * @param place the face it goes onto
 */
public record CutItem(String lineId, String place, String size, int copy, Layer layer) {
    /** Pieces of a layer that stand further apart than twice this do not hold each other on their carrier. */
    private static final double CARRIED_MM = 4;
    /** Nothing is laid into smaller holes. */
    private static final double LEAST_HOLE_MM2 = 150;
    /** What keeps others away need not be finer than this where it has very many corners. */
    private static final double COARSE_MM = 0.1;

    private static final int MANY_CORNERS = 600;
    private static final int TOO_MANY_CORNERS = 20_000;
    /** A carrier that holds more pieces is cut as straight as it can be. */
    private static final int MANY_PIECES = 40;

    private static final int MOST_LARGE = 6;
    /** Piece by piece as it would lie at the origin: what stands still beside something that moves is known again. */
    private static final Memo<Region, Region> SIMPLIFIED =
            new Memo<>(MOST_LARGE, piece -> piece.simplified(COARSE_MM), (piece, simple, scale) -> {
                piece.weigh(scale);
                simple.weigh(scale);
            });

    /** Whether it is cut as in a mirror. */
    public boolean turnedOver() {
        return layer.making().reversed();
    }

    /**
     * From the face to the film as the knife sees it, at the origin: reversed when the piece will be
     * turned over, then turned. The y axis goes from down to up on the way.
     */
    public Placement ontoFilm(double degrees) {
        Placement seenByKnife =
                turnedOver() ? Placement.otherYAxis().then(Placement.flipped()) : Placement.otherYAxis();
        return degrees == 0 ? seenByKnife : seenByKnife.then(Placement.turned(degrees));
    }

    /** How it may be turned on the film: what has a direction only about, what is printed not upside down. */
    Turning turning() {
        return layer.material().directed() ? Turning.HALF : layer.isPrint() ? Turning.ACROSS : Turning.QUARTER;
    }

    /** What it takes of the film, as the knife sees it, at the origin. */
    public Region carrier() {
        return carrier(layer).placed(ontoFilm(0));
    }

    /**
     * What a layer takes of the film, as it lies on the face: all its pieces stay on one carrier, so what lies
     * between them is its own; what is printed has its ink around it.
     */
    public static Region carrier(Layer layer) {
        Region art = layer.weeded();
        if (layer.isPrint()) {
            art = Region.of(layer.print().bounds().joined(art.bounds()));
        }
        if (layer.role() == Layer.Role.PLATE) {
            art = art.filled();
        }
        if (art.pieceCount() > MANY_PIECES) {
            art = art.hull();
        }
        double coarse = art.vertexCount() > MANY_CORNERS ? COARSE_MM : 0;
        if (coarse > 0) {
            art = art.eachPiece(SIMPLIFIED::get);
            art = art.vertexCount() > TOO_MANY_CORNERS ? art.hull() : art;
        }
        if (art.pieceCount() > 1) {
            Region closed =
                    art.grown(CARRIED_MM + 2 * coarse, CornerStyle.ROUND).grown(-CARRIED_MM, CornerStyle.ROUND);
            art = coarse > 0 ? closed : closed.weld(art);
        } else if (coarse > 0) {
            art = art.grown(coarse, CornerStyle.MITRED);
        }
        if (art.pieceCount() > 1) {
            art = art.hull();
        }
        Piece one = art.largest();
        return new Piece(
                        one.outer(),
                        one.holes().stream()
                                .filter(h -> Math.abs(h.signedAreaMm2()) >= LEAST_HOLE_MM2)
                                .toList())
                .region();
    }
}
