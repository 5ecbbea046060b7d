package jurren.core.art.treat;

import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import java.util.ArrayList;
import java.util.List;

/** Crossed by the joints of a brick wall, even about the middle. The joints are cut through or in a second colour. */
public record Bricks(double lengthMm, double heightMm, double jointMm, boolean cutThrough, Colour colour) implements Treatment {
    private static final int MOST = 20_000;

    public Bricks {
        Limits.above("a brick", lengthMm, 0);
        Limits.above("a brick", heightMm, 0);
        Limits.above("a joint", jointMm, 0);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        Region shape = Paint.welded(paints);
        return shape.isEmpty() ? paints : Limits.filled(paints, joints(shape.bounds()).intersect(shape), cutThrough, colour);
    }

    private Region joints(Box b) {
        double pitch = lengthMm + jointMm;
        double rowPitch = heightMm + jointMm;
        int rows = (int) Math.ceil(b.heightMm() / 2 / rowPitch) + 1;
        int columns = (int) Math.ceil(b.widthMm() / 2 / pitch) + 1;
        if ((double) rows * columns * 4 > MOST) {
            throw new IllegalArgumentException("bricks so small would be more than " + MOST);
        }
        List<Region> all = new ArrayList<>();
        for (int row = -rows; row <= rows; row++) {
            double y = b.centre().yMm() + (row - 0.5) * rowPitch;
            all.add(Region.of(Box.ofSize(b.minXMm() - 1, y - jointMm / 2, b.widthMm() + 2, jointMm)));
            for (int column = -columns; column <= columns; column++) {
                double x = b.centre().xMm() + (column + Math.floorMod(row, 2) * 0.5) * pitch;
                all.add(Region.of(Box.ofSize(x - jointMm / 2, y, jointMm, rowPitch)));
            }
        }
        return Region.weld(all);
    }
}
