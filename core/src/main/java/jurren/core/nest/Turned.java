package jurren.core.nest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import jurren.core.geometry.Box;
import jurren.core.geometry.GeometryException;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;

/**
 * A shape in one of its turns, as convex parts. Its place is where its own origin lies.
 *
 * @param number  by which pairs are known
 * @param trueBox of the shape itself, without what keeps others away
 * @param box     with it
 * @param edges   the outlines of both together, the film on their left
 * @param x       of each part, as {@code y}
 * @param lowest  of each part, its corner with the least y (and of those with the least x); {@code highest} the other
 *        way round
 * @param boxes   of each part: least and most x, least and most y
 */
record Turned(
        int number,
        int shape,
        int degrees,
        Box trueBox,
        Box box,
        List<Outline> edges,
        double[][] x,
        double[][] y,
        int[] lowest,
        int[] highest,
        double[] boxes) {
    /** @param around the shape with what keeps others away */
    static Turned of(int number, int shape, int degrees, Region itself, Region around) {
        Box box = null;
        Placement turn = degrees == 0 ? Placement.HERE : Placement.turned(degrees);
        Region turned = around.placed(turn);
        // what the large ones cover of a line need not be looked at in the small ones
        List<Outline> parts = parts(turned).stream()
                .sorted(Comparator.comparingDouble((Outline o) -> -Math.abs(o.signedAreaMm2())))
                .toList();
        double[][] x = new double[parts.size()][];
        double[][] y = new double[parts.size()][];
        for (int p = 0; p < x.length; p++) {
            Outline o = parts.get(p);
            x[p] = new double[o.size()];
            y[p] = new double[o.size()];
            box = box == null ? o.bounds() : box.joined(o.bounds());
            for (int k = 0; k < o.size(); k++) {
                x[p][k] = o.xMm(k);
                y[p][k] = o.yMm(k);
            }
        }
        int[] lowest = new int[x.length];
        int[] highest = new int[x.length];
        double[] boxes = new double[4 * x.length];
        for (int p = 0; p < x.length; p++) {
            lowest[p] = outermost(x[p], y[p], 1);
            highest[p] = outermost(x[p], y[p], -1);
            Box b = parts.get(p).bounds();
            System.arraycopy(new double[] {b.minXMm(), b.maxXMm(), b.minYMm(), b.maxYMm()}, 0, boxes, 4 * p, 4);
        }
        return new Turned(
                number, shape, degrees, itself.placed(turn).bounds(), box, edges(turned), x, y, lowest, highest, boxes);
    }

    /** Of the corners with the least y (the most, where it is turned round) the one with the least x (the most). */
    private static int outermost(double[] x, double[] y, int sign) {
        int at = 0;
        for (int k = 1; k < x.length; k++) {
            double dy = sign * (y[k] - y[at]);
            if (dy < 0 || dy == 0 && sign * (x[k] - x[at]) < 0) {
                at = k;
            }
        }
        return at;
    }

    private static List<Outline> edges(Region region) {
        List<Outline> edges = new ArrayList<>();
        for (Piece piece : region.pieces()) {
            edges.add(round(piece.outer(), true));
            piece.holes().forEach(h -> edges.add(round(h, false)));
        }
        return edges;
    }

    private static Outline round(Outline o, boolean counterClockwise) {
        return o.signedAreaMm2() > 0 == counterClockwise
                ? o
                : Outline.of(o.points().reversed());
    }

    Turned numbered(int itsNumber, int ofShape) {
        return new Turned(itsNumber, ofShape, degrees, trueBox, box, edges, x, y, lowest, highest, boxes);
    }

    /** What cannot be taken apart is as large as its hull. */
    static List<Outline> parts(Region region) {
        try {
            return region.convexParts();
        } catch (GeometryException _) {
            return region.hull().convexParts();
        }
    }

    int parts() {
        return x.length;
    }
}
