package jurren.core.nest;

import java.util.ArrayList;
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
 */
record Turned(int number, int shape, int degrees, Box trueBox, Box box, List<Outline> edges, double[][] x, double[][] y) {
    /** @param around the shape with what keeps others away */
    static Turned of(int number, int shape, int degrees, Region itself, Region around) {
        Box box = null;
        Placement turn = degrees == 0 ? Placement.HERE : Placement.turned(degrees);
        Region turned = around.placed(turn);
        List<Outline> parts = parts(turned);
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
        return new Turned(number, shape, degrees, itself.placed(turn).bounds(), box, edges(turned), x, y);
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
        return o.signedAreaMm2() > 0 == counterClockwise ? o : Outline.of(o.points().reversed());
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
