package jurren.core.nest;

import java.util.List;
import jurren.core.geometry.Box;
import jurren.core.geometry.GeometryException;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;

/**
 * A shape in one of its turns, as convex parts. Its place is where its own origin lies.
 *
 * @param number  by which pairs are known
 * @param trueBox of the shape itself, without what keeps others away
 * @param box     with it
 */
record Turned(int number, int shape, int degrees, Box trueBox, Box box, double[][] x, double[][] y) {
    /** @param around the shape with what keeps others away */
    static Turned of(int number, int shape, int degrees, Region itself, Region around) {
        Box box = null;
        Placement turn = degrees == 0 ? Placement.HERE : Placement.turned(degrees);
        List<Outline> parts = parts(around.placed(turn));
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
        return new Turned(number, shape, degrees, itself.placed(turn).bounds(), box, x, y);
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
