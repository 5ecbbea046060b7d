package jurren.core.geometry;

import java.util.List;
import java.util.Optional;

/**
 * The narrowest neck: the least width at which a piece would come apart in two if every edge moved
 * inwards by half of it. A thin end that only gets shorter is no neck.
 *
 * <p>The piece is shrunk by growing steps until it first is in two, then the step is halved to within
 * {@link #EXACT_MM}; the neck lies in the middle of the shortest way between the two that came apart.
 *
 * <p>Example: two discs of 10 mm joined by a bar 2 mm wide answer 2 mm, in the middle of the bar.
 */
final class Neck {
    private static final double FIRST_MM = 0.02;
    private static final double STEP = 1.5;
    private static final double EXACT_MM = 0.002;

    private Neck() {}

    static Optional<Thinness> of(Region region) {
        Optional<Thinness> narrowest = Optional.empty();
        for (Piece p : region.pieces()) {
            double most = narrowest.map(Thinness::widthMm).orElse(Double.POSITIVE_INFINITY);
            Optional<Thinness> neck = ofPiece(p.region(), most / 2);
            if (neck.isPresent() && neck.get().widthMm() < most) {
                narrowest = neck;
            }
        }
        return narrowest;
    }

    private static Optional<Thinness> ofPiece(Region piece, double most) {
        double whole = 0;
        double apart = FIRST_MM;
        Region left = shrunk(piece, apart);
        while (left.pieceCount() == 1 && apart < most) {
            whole = apart;
            apart *= STEP;
            left = shrunk(piece, apart);
        }
        if (left.pieceCount() < 2) {
            return Optional.empty();
        }
        while (apart - whole > EXACT_MM) {
            double middle = (whole + apart) / 2;
            Region tried = shrunk(piece, middle);
            if (tried.pieceCount() > 1) {
                apart = middle;
                left = tried;
            } else {
                whole = middle;
            }
        }
        return Optional.of(new Thinness(whole + apart, between(left)));
    }

    private static Region shrunk(Region piece, double by) {
        return piece.grown(-by, CornerStyle.MITRED);
    }

    private static Point between(Region apart) {
        List<Piece> pieces = apart.pieces();
        Region first = pieces.getFirst().region();
        List<Region> others =
                pieces.subList(1, pieces.size()).stream().map(Piece::region).toList();
        List<Point> way = first.shortestWayTo(Region.weld(others));
        return way.getFirst().towards(way.getLast(), 0.5);
    }
}
