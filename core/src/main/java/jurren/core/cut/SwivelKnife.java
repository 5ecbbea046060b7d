package jurren.core.cut;

import java.util.ArrayList;
import java.util.List;
import jurren.core.geometry.Point;

/**
 * The way of a knife that trails behind the middle it turns about. Where the tip shall go straight, the middle runs
 * ahead of it by the offset; at a corner the tip stays and the middle swings round it until the knife points along the
 * next edge.
 *
 * <p>The tip points where its last cut ended, so a cut begins with a swing from there. Before the first, a short cut in
 * the waste sets it.
 */
public final class SwivelKnife {
    /** Long enough to set a knife that points any way, several times its usual offset. */
    private static final double SETTING_OFFSETS = 12;
    /** Smaller turns are a curve's: the straight way from one side to the other leaves it by less than can be sent. */
    private static final double LEAST_SWING = Math.toRadians(20);

    private static final double SWING_STEP = Math.toRadians(15);

    private final double offsetMm;
    /** Where the knife points: from the tip to the middle. */
    private double ux = 1;

    private double uy;

    public SwivelKnife(double offsetMm) {
        this.offsetMm = offsetMm;
    }

    /** A cut in the waste at the start corner, after which the knife points along the feed. */
    public List<Point> setting() {
        ux = 1;
        uy = 0;
        return List.of(Point.ORIGIN, new Point(SETTING_OFFSETS * offsetMm, 0));
    }

    /**
     * Where the middle goes so that the tip goes along {@code tip}; afterwards it points as at the end of that.
     *
     * @param tip points one after the other, at least two that differ
     */
    public List<Point> way(List<Point> tip) {
        List<Point> way = new ArrayList<>();
        way.add(ahead(tip.getFirst()));
        for (int i = 1; i < tip.size(); i++) {
            double dx = tip.get(i).xMm() - tip.get(i - 1).xMm();
            double dy = tip.get(i).yMm() - tip.get(i - 1).yMm();
            double length = Math.hypot(dx, dy);
            if (length > 0) {
                swing(way, tip.get(i - 1), dx / length, dy / length);
                way.add(ahead(tip.get(i)));
            }
        }
        return way;
    }

    private Point ahead(Point tip) {
        return tip.plus(offsetMm * ux, offsetMm * uy);
    }

    private void swing(List<Point> way, Point corner, double toX, double toY) {
        double turn = Math.atan2(ux * toY - uy * toX, ux * toX + uy * toY);
        double from = Math.atan2(uy, ux);
        if (Math.abs(turn) > LEAST_SWING) {
            int steps = (int) Math.ceil(Math.abs(turn) / SWING_STEP);
            for (int k = 1; k < steps; k++) {
                double a = from + turn * k / steps;
                way.add(corner.plus(offsetMm * Math.cos(a), offsetMm * Math.sin(a)));
            }
        }
        ux = toX;
        uy = toY;
        way.add(ahead(corner));
    }
}
