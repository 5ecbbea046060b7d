package jurren.standins.cutter;

import java.util.ArrayList;
import java.util.List;
import jurren.core.geometry.Point;

/**
 * What a knife leaves whose tip is dragged behind the middle that the machine moves (a tractrix, in small steps).
 * Lifted, it keeps pointing where it did.
 */
public final class TrailingKnife {
    private static final double STEP_MM = 0.01;
    /** Tips nearer to each other are one place of the cut. */
    private static final double APART_MM = 0.02;
    /**
     * A cut whose tip comes so near to where it began has come back to it; one that is not allowed for begins and ends
     * beside its corner.
     */
    private static final double BACK_MM = 0.15;

    private static final double BACK_OFFSETS = 1.5;

    private final double offsetMm;
    private double behindX;
    private double behindY;

    /** @param degrees where it points before anything is cut, counter-clockwise from the feed */
    public TrailingKnife(double offsetMm, double degrees) {
        this.offsetMm = offsetMm;
        behindX = -offsetMm * Math.cos(Math.toRadians(degrees));
        behindY = -offsetMm * Math.sin(Math.toRadians(degrees));
    }

    /** The cuts that its tip makes while the middle goes along these strokes, one after the other. */
    public List<List<Point>> cuts(List<List<Point>> strokes) {
        return strokes.stream().map(this::cut).toList();
    }

    private List<Point> cut(List<Point> middle) {
        List<Point> tip = new ArrayList<>();
        tip.add(middle.getFirst().plus(behindX, behindY));
        for (int i = 1; i < middle.size(); i++) {
            Point a = middle.get(i - 1);
            Point b = middle.get(i);
            int steps = (int) Math.ceil(a.distanceMm(b) / STEP_MM);
            for (int k = 1; k <= steps; k++) {
                Point was = a.towards(b, (k - 1.0) / steps);
                Point is = a.towards(b, (double) k / steps);
                drag(was.xMm() - is.xMm(), was.yMm() - is.yMm());
                Point at = is.plus(behindX, behindY);
                if (at.distanceMm(tip.getLast()) > APART_MM) {
                    tip.add(at);
                }
            }
        }
        Point end = middle.getLast().plus(behindX, behindY);
        if (!end.equals(tip.getLast())) {
            tip.add(end);
        }
        return closed(tip);
    }

    private void drag(double byX, double byY) {
        double x = behindX + byX;
        double y = behindY + byY;
        double length = Math.hypot(x, y);
        if (length > 0) {
            behindX = offsetMm * x / length;
            behindY = offsetMm * y / length;
        }
    }

    /** A cut that came back runs on over its own beginning: where it is nearest to that it is closed. */
    private List<Point> closed(List<Point> tip) {
        int nearest = -1;
        double least = BACK_MM + BACK_OFFSETS * offsetMm;
        int away = 0;
        for (int i = 1; i < tip.size(); i++) {
            away = tip.get(i).distanceMm(tip.getFirst()) > tip.get(away).distanceMm(tip.getFirst()) ? i : away;
        }
        if (tip.get(away).distanceMm(tip.getFirst()) < 2 * least) {
            return tip;
        }
        for (int i = tip.size() - 1; i > away; i--) {
            double mm = tip.get(i).distanceMm(tip.getFirst());
            if (mm < least) {
                least = mm;
                nearest = i;
            }
        }
        if (nearest < 0) {
            return tip;
        }
        List<Point> closed = new ArrayList<>(tip.subList(0, nearest));
        closed.add(tip.getFirst());
        return closed;
    }
}
