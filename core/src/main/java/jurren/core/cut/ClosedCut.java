package jurren.core.cut;

import java.util.ArrayList;
import java.util.List;
import jurren.core.geometry.Box;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;

/** Once round, begun at the outline's first point. */
public record ClosedCut(Kind kind, Outline outline, int item) implements CutPath {
    static final long BYTES = 100;

    @Override
    public Point start() {
        return outline.point(0);
    }

    @Override
    public Point end() {
        return start();
    }

    @Override
    public double lengthMm() {
        return outline.lengthMm();
    }

    @Override
    public Box bounds() {
        return outline.bounds();
    }

    @Override
    public List<Point> corners() {
        return outline.points();
    }

    @Override
    public ClosedCut placed(Placement onto, int ofItem) {
        return new ClosedCut(kind, outline.placed(onto), ofItem);
    }

    /** Once round back to the start and on along the first edges by the overcut. */
    @Override
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
