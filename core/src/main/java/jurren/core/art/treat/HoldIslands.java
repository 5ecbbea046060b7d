package jurren.core.art.treat;

import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Region;
import java.util.List;

/**
 * For stencils: what stands free inside the shape (the middle of an O) is held by bridges of stencil
 * that cross the shape, up and down or the shortest way, so that nothing falls out when the shape is cut from a plate.
 */
public record HoldIslands(double widthMm, int each, boolean upright) implements Treatment {
    public HoldIslands {
        Limits.above("a bridge", widthMm, 0);
        Limits.within("bridges for each part", each, 1, 4);
    }

    @Override
    public boolean shouldChange() {
        return false;
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        Region shape = Paint.welded(paints);
        if (shape.isEmpty() || shape.holeCount() == 0) {
            return paints;
        }
        Region bridges = Bridging.bridges(Bridging.frame(shape, shape.bounds().heightMm() + widthMm), widthMm, each, upright);
        return Paint.each(paints, r -> r.minus(bridges));
    }
}
