package jurren.app.bench.art;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Point;

/** A line that is being drawn point by point on the face, until it is finished or given up. */
final class DrawnLine {
    private final ArtActions actions;
    private final List<Point> stops = new ArrayList<>();
    private boolean smooth;
    private boolean on;
    private Point pen = new Point(0, 0);
    private Runnable changed = () -> {};

    DrawnLine(ArtActions actions) {
        this.actions = actions;
    }

    void onChange(Runnable newChanged) {
        changed = newChanged;
    }

    boolean isOn() {
        return on;
    }

    List<Point> stops() {
        return List.copyOf(stops);
    }

    /** @param from where the keys begin */
    void begin(boolean newSmooth, Point from) {
        smooth = newSmooth;
        pen = from;
        on = true;
        stops.clear();
        changed.run();
    }

    /** Where the keys would put the next point. */
    Optional<Point> pen() {
        return on ? Optional.of(pen) : Optional.empty();
    }

    void movePen(double dx, double dy) {
        pen = pen.plus(dx, dy);
        changed.run();
    }

    void putPoint() {
        stops.add(pen);
        changed.run();
    }

    /** The second click at the same place ends it. */
    void add(Point p, int clicks) {
        if (clicks > 1) {
            finish();
        } else {
            stops.add(p);
            pen = p;
        }
    }

    boolean takeBack() {
        boolean had = on && !stops.isEmpty();
        if (had) {
            stops.removeLast();
        }
        return on;
    }

    void finish() {
        if (on && stops.stream().distinct().count() > 1) {
            actions.addLine(stops(), smooth);
            stop();
        }
    }

    boolean stop() {
        boolean was = on;
        on = false;
        stops.clear();
        changed.run();
        return was;
    }
}
