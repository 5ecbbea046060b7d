package jurren.core.art.treat;

import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** The same shape in rows over a box, every second row set off by half a pitch, even about the box's middle. */
final class Lattice {
    private static final int MOST = 20_000;

    private Lattice() {
    }

    static List<Region> rows(Box over, double pitchMm, double rowPitchMm, Box shape, Region tile) {
        return rows(over, pitchMm, rowPitchMm, tile, p -> shape.placed(Placement.moved(p.xMm(), p.yMm())).crossed(over).isPresent());
    }

    static List<Region> rows(Box over, double pitchMm, double rowPitchMm, Region tile, Predicate<Point> wanted) {
        if (over.areaMm2() / (pitchMm * rowPitchMm) > MOST) {
            throw new IllegalArgumentException("so small it would be more than " + MOST + " times");
        }
        int rows = (int) Math.ceil(over.heightMm() / 2 / rowPitchMm) + 1;
        int columns = (int) Math.ceil(over.widthMm() / 2 / pitchMm) + 1;
        List<Region> all = new ArrayList<>();
        for (int row = -rows; row <= rows; row++) {
            for (int column = -columns; column <= columns; column++) {
                double x = over.centre().xMm() + (column + Math.floorMod(row, 2) * 0.5) * pitchMm;
                double y = over.centre().yMm() + row * rowPitchMm;
                if (wanted.test(new Point(x, y))) {
                    all.add(tile.placed(Placement.moved(x, y)));
                }
            }
        }
        return all;
    }

    /** Around the origin, larger or smaller. */
    static Region centred(Region tile, double factor) {
        Point c = tile.bounds().centre();
        return tile.placed(Placement.moved(-c.xMm(), -c.yMm()).then(Placement.scaled(factor))).sound();
    }
}
