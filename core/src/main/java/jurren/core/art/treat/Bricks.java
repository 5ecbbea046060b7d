package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.TooMuch;
import jurren.core.art.Treatment;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * Crossed by the joints of a brick wall, even about the middle. The joints are cut through or in a second colour.
 * From there it can be moved and turned; each part may have its own.
 */
public record Bricks(
        double lengthMm,
        double heightMm,
        double jointMm,
        boolean cutThrough,
        Colour colour,
        double shiftMm,
        double downMm,
        double degrees,
        boolean eachPart)
        implements Treatment {
    private static final int MOST = 20_000;

    public Bricks {
        Pattern.Tiling.check(shiftMm, downMm, degrees);
        Limits.ofPattern("a brick", lengthMm);
        Limits.ofPattern("a brick", heightMm);
        Limits.ofPattern("a joint", jointMm);
    }

    /** Level, even about the middle of the whole. */
    public Bricks(double lengthMm, double heightMm, double jointMm, boolean cutThrough, Colour colour) {
        this(lengthMm, heightMm, jointMm, cutThrough, colour, 0, 0, 0, false);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Pattern.fill(
                paints,
                new Pattern.Tiling(shiftMm, downMm, degrees, false, eachPart),
                s -> joints(s.bounds()),
                cutThrough,
                colour);
    }

    private Pattern joints(Box all) {
        double pitch = lengthMm + jointMm;
        double rowPitch = heightMm + jointMm;
        if (all.areaMm2() / (pitch * rowPitch) > MOST) {
            throw new TooMuch("bricks so small would be more than " + MOST);
        }
        return piece -> {
            Box b = piece.bounds();
            int firstRow = (int) Math.floor((b.minYMm() - all.centre().yMm()) / rowPitch);
            int lastRow = (int) Math.ceil((b.maxYMm() - all.centre().yMm()) / rowPitch) + 1;
            int first = (int) Math.floor((b.minXMm() - all.centre().xMm()) / pitch) - 1;
            int last = (int) Math.ceil((b.maxXMm() - all.centre().xMm()) / pitch) + 1;
            List<Region> joints = new ArrayList<>();
            for (int row = firstRow; row <= lastRow; row++) {
                double y = all.centre().yMm() + (row - 0.5) * rowPitch;
                joints.add(Region.of(Box.ofSize(b.minXMm() - 1, y - jointMm / 2, b.widthMm() + 2, jointMm)));
                for (int column = first; column <= last; column++) {
                    double x = all.centre().xMm() + (column + Math.floorMod(row, 2) * 0.5) * pitch;
                    joints.add(Region.of(Box.ofSize(x - jointMm / 2, y, jointMm, rowPitch)));
                }
            }
            return Region.weld(joints);
        };
    }
}
