package jurren.app.bench.art;

import java.util.ArrayList;
import java.util.List;
import jurren.core.geometry.Point;

/** A line that is being drawn point by point on the face, until it is finished or given up. */
final class DrawnLine {
    private final ArtActions actions;
    private final List<Point> stops = new ArrayList<>();
    private boolean smooth;
    private boolean on;
    private Runnable changed = () -> { };

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

    void begin(boolean newSmooth) {
        smooth = newSmooth;
        on = true;
        stops.clear();
        changed.run();
    }

    /** The second click at the same place ends it. */
    void add(Point p, int clicks) {
        if (clicks > 1) {
            finish();
        } else {
            stops.add(p);
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
