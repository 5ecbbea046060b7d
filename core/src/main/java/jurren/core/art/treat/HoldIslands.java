package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Region;

/**
 * For stencils: what stands free inside the shape (the middle of an O) is held by bridges of stencil
 * that cross the shape, up and down or the shortest way, so that nothing falls out when the shape is cut from a plate.
 */
public record HoldIslands(double widthMm, int each, boolean upright) implements Treatment {
    private static final double SLIVER_MM = 0.3;
    /** Less is the rounding of an edge that was moved in and out. */
    private static final double DUST_MM2 = 1e-4;

    private static final double HAIR_MM = 0.02;
    /** So much more goes with a sliver, that no line of it stays behind. */
    private static final double CLEAR_MM = 0.005;

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
        Region bridges =
                Bridging.bridges(Bridging.frame(shape, shape.bounds().heightMm() + widthMm), widthMm, each, upright);
        return Paint.each(paints, r -> withoutSlivers(r.minus(bridges), bridges));
    }

    /** Where a bridge runs along an edge it leaves a strip of the shape that no knife can make: that is bridge too. */
    private static Region withoutSlivers(Region left, Region bridges) {
        Region holds = left.grown(-SLIVER_MM / 2, CornerStyle.ROUND).grown(SLIVER_MM / 2, CornerStyle.ROUND);
        Region beside = bridges.grown(SLIVER_MM, CornerStyle.MITRED);
        List<Region> slivers = left.minus(holds).pieces().stream()
                .map(Piece::region)
                .filter(p -> p.areaMm2() > DUST_MM2 && !p.intersect(beside).isEmpty())
                .map(p -> p.grown(CLEAR_MM, CornerStyle.MITRED))
                .toList();
        if (slivers.isEmpty()) {
            return left;
        }
        // where they lay, hairs of rounding are left
        return left.minus(Region.weld(slivers))
                .grown(-HAIR_MM, CornerStyle.MITRED)
                .grown(HAIR_MM, CornerStyle.MITRED);
    }
}
