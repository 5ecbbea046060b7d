package jurren.core.cut;

import java.util.List;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;

/** Through waste, from one end to the other. */
public record OpenCut(Kind kind, List<Point> corners, int item) implements CutPath {
    public OpenCut {
        corners = List.copyOf(corners);
        if (corners.size() < 2) {
            throw new IllegalArgumentException("an open cut needs two ends");
        }
    }

    @Override
    public Point start() {
        return corners.getFirst();
    }

    @Override
    public Point end() {
        return corners.getLast();
    }

    @Override
    public double lengthMm() {
        double mm = 0;
        for (int i = 1; i < corners.size(); i++) {
            mm += corners.get(i - 1).distanceMm(corners.get(i));
        }
        return mm;
    }

    @Override
    public Box bounds() {
        return Box.around(corners);
    }

    /** Nothing is freed by it, so it needs no overcut. */
    @Override
    public List<Point> knife(double overcutMm) {
        return corners;
    }

    @Override
    public OpenCut placed(Placement onto, int ofItem) {
        return new OpenCut(kind, corners.stream().map(onto::apply).toList(), ofItem);
    }
}
