package jurren.core.load;

import java.util.ArrayList;
import java.util.List;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.nest.BedPosition;

/** Rectangles in rows, the usual way of laying by eye: nothing that is nested may take more. */
final class InRows {
    private final FilmLoads film;
    private final FilmPiece roll;
    private final RowLayout.Result laid;

    InRows(FilmLoads film, FilmPiece roll) {
        this.film = film;
        this.roll = roll;
        List<RowLayout.Block> blocks = film.items().stream()
                .map(i -> film.carrier(i).bounds().grown(film.margin()))
                .map(b -> new RowLayout.Block(b.widthMm(), b.heightMm()))
                .toList();
        this.laid = new RowLayout(film.usable(roll).bounds().heightMm(), Loading.GAP_MM).lay(blocks);
    }

    /** Without the frame; endless when not all of it lies on the roll. */
    double usedMm() {
        return laid.left() > 0 || laid.usedMm() > film.usable(roll).bounds().widthMm()
                ? Double.POSITIVE_INFINITY
                : laid.usedMm() - 2 * film.margin();
    }

    /** How something is turned to lie across. */
    static double across(CutItem item) {
        return item.layer().isPrint() ? 270 : 90;
    }

    void keep() {
        Box usable = film.usable(roll).bounds();
        List<Placed> placed = new ArrayList<>();
        for (int i = 0; i < film.items().size(); i++) {
            CutItem item = film.items().get(i);
            RowLayout.Spot spot = laid.spots().get(i).orElseThrow();
            double degrees = spot.turned() ? across(item) : 0;
            Box lying = film.carrier(item).bounds().placed(Placement.turned(degrees));
            placed.add(film.placed(
                    item,
                    new BedPosition(
                            0,
                            degrees,
                            usable.minXMm() + film.margin() + spot.xMm() - lying.minXMm(),
                            usable.minYMm() + film.margin() + spot.yMm() - lying.minYMm())));
        }
        film.load(roll, placed);
    }
}
