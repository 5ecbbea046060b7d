package jurren.core.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Point;
import jurren.core.load.Cutter;
import jurren.core.load.FilmPiece;
import jurren.core.load.Load;
import jurren.core.material.Colour;
import jurren.core.material.Material;

/**
 * Small squares with a triangle in each, cut before the film is: in a row across it, each with more force than the one
 * before. The first whose triangle lifts clean while its carrier stays whole tells the force.
 */
public final class TestCut {
    public static final int MOST = 12;
    private static final double SIDE_MM = 12;
    private static final double GAP_MM = 4;
    private static final double TRIANGLE_MM = 3;

    private TestCut() {}

    /** Forces from one to another in equal steps, each as near as the cutter can. */
    public static List<Double> forces(double fromGf, double toGf, int count, Cutter cutter) {
        if (count < 1 || count > MOST || !(fromGf > 0) || !(toGf >= fromGf)) {
            throw new IllegalArgumentException("a row has 1 to " + MOST + " squares, with a force that grows");
        }
        return DoubleStream.iterate(0, i -> i < count, i -> i + 1)
                .map(i -> count == 1 ? fromGf : fromGf + (toGf - fromGf) * i / (count - 1))
                .map(g -> cutter.head().forceGf(Math.rint(g)))
                .distinct()
                .boxed()
                .toList();
    }

    /**
     * The row as something to cut: its load has the number 0 and no piece. It begins at the start corner and goes on in
     * a second row where the film is too narrow for one.
     */
    public static CutRun of(Material material, Colour colour, FilmPiece stock, Cutter cutter, List<Double> forces) {
        double across = Math.max(SIDE_MM, cutter.usableMm(stock.widthMm()));
        int aRow = Math.max(1, (int) ((across + GAP_MM) / (SIDE_MM + GAP_MM)));
        List<CutPath> paths = new ArrayList<>();
        List<Double> each = new ArrayList<>();
        for (int i = 0; i < forces.size(); i++) {
            double x = cutter.beforeMm() + (double) (i / aRow) * (SIDE_MM + GAP_MM);
            double y = cutter.rollerMm() + i % aRow * (SIDE_MM + GAP_MM);
            for (int pass = 0; pass < material.cutting().passes(); pass++) {
                paths.add(new ClosedCut(
                        CutPath.Kind.INSIDE, triangle(x + TRIANGLE_MM, y + TRIANGLE_MM, SIDE_MM - 2 * TRIANGLE_MM), i));
                each.add(forces.get(i));
            }
            for (int pass = 0; pass < material.cutting().passes(); pass++) {
                paths.add(new ClosedCut(CutPath.Kind.OUTSIDE, square(x, y), i));
                each.add(forces.get(i));
            }
        }
        int rows = (forces.size() + aRow - 1) / aRow;
        double used = cutter.beforeMm() + rows * (SIDE_MM + GAP_MM) - GAP_MM + cutter.afterMm();
        return CutRun.timed(
                new Load(0, material, colour, stock, List.of(), List.of(), used, used), cutter, paths, each);
    }

    private static Outline square(double x, double y) {
        return Outline.of(List.of(
                new Point(x, y),
                new Point(x + SIDE_MM, y),
                new Point(x + SIDE_MM, y + SIDE_MM),
                new Point(x, y + SIDE_MM)));
    }

    private static Outline triangle(double x, double y, double side) {
        return Outline.of(List.of(new Point(x, y), new Point(x + side, y), new Point(x + side / 2, y + side)));
    }
}
