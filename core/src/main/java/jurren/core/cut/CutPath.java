package jurren.core.cut;

import jurren.core.geometry.Outline;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * One closed cut, begun at the outline's first point.
 *
 * @param item which of the load's placed items it belongs to, from 0
 */
public record CutPath(Kind kind, Outline outline, int item) {
    static final long BYTES = 100;

    /** What the cut bounds. */
    public enum Kind {
        INSIDE, OUTSIDE, FRAME
    }

    public Point start() {
        return outline.point(0);
    }

    CutPath placed(Placement onto, int ofItem) {
        return new CutPath(kind, outline.placed(onto), ofItem);
    }

    /** The knife's way: once round back to the start and on along the first edges by the overcut. */
    public List<Point> knife(double overcutMm) {
        List<Point> way = new ArrayList<>(outline.points());
        way.add(start());
        double left = Math.min(overcutMm, outline.lengthMm() / 2);
        for (int i = 0; left > 0; i++) {
            Point from = outline.point(i);
            Point to = outline.point((i + 1) % outline.size());
            double step = from.distanceMm(to);
            way.add(step <= left ? to : from.towards(to, left / step));
            left -= step;
        }
        return way;
    }
}
