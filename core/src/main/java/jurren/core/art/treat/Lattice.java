package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import jurren.core.art.TooMuch;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;

/** Places in rows over a box, every second row set off by half a pitch, even about the box's middle. */
final class Lattice {
    private static final int MOST = 20_000;

    private final Point middle;
    private final double pitchMm;
    private final double rowPitchMm;

    Lattice(Box over, double pitchMm, double rowPitchMm) {
        if (over.areaMm2() / (pitchMm * rowPitchMm) > MOST) {
            throw new TooMuch("so small it would be more than " + MOST + " times");
        }
        this.middle = over.centre();
        this.pitchMm = pitchMm;
        this.rowPitchMm = rowPitchMm;
    }

    /** A tile at every place whose box meets a piece's; overlapping tiles become one. */
    Pattern everywhere(Region tile) {
        Box own = tile.bounds();
        return piece -> Region.weld(tiles(
                tile,
                piece.bounds(),
                p -> own.placed(Placement.moved(p.xMm(), p.yMm()))
                        .crossed(piece.bounds())
                        .isPresent()));
    }

    /** A tile at every place that lies so far inside a piece. */
    Pattern whole(Region tile, double insideMm) {
        return piece -> {
            Region room = piece.grown(-insideMm, CornerStyle.ROUND);
            return room.isEmpty() ? Region.EMPTY : Region.together(tiles(tile, room.bounds(), room::contains));
        };
    }

    private List<Region> tiles(Region tile, Box near, Predicate<Point> wanted) {
        double reachX = tile.bounds().widthMm();
        double reachY = tile.bounds().heightMm();
        int firstRow = (int) Math.floor((near.minYMm() - reachY - middle.yMm()) / rowPitchMm);
        int lastRow = (int) Math.ceil((near.maxYMm() + reachY - middle.yMm()) / rowPitchMm);
        int first = (int) Math.floor((near.minXMm() - reachX - middle.xMm()) / pitchMm) - 1;
        int last = (int) Math.ceil((near.maxXMm() + reachX - middle.xMm()) / pitchMm);
        List<Region> all = new ArrayList<>();
        for (int row = firstRow; row <= lastRow; row++) {
            for (int column = first; column <= last; column++) {
                Point at = new Point(
                        middle.xMm() + (column + Math.floorMod(row, 2) * 0.5) * pitchMm,
                        middle.yMm() + row * rowPitchMm);
                if (wanted.test(at)) {
                    all.add(tile.placed(Placement.moved(at.xMm(), at.yMm())));
                }
            }
        }
        return all;
    }

    /** Around the origin, larger or smaller. */
    static Region centred(Region tile, double factor) {
        Point c = tile.bounds().centre();
        return tile.placed(Placement.moved(-c.xMm(), -c.yMm()).then(Placement.scaled(factor)))
                .sound();
    }
}
