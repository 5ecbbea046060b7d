package jurren.app.session;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Supplier;
import jurren.core.job.Line;

/** Where each place is cut for the edge view; all benches share it. What nobody moved is in the middle. */
public final class EdgeLines {
    private final Map<String, EdgeLine> moved = new HashMap<>();
    private final Supplier<Line> open;
    private final Runnable changed;

    EdgeLines(Supplier<Line> open, Runnable changed) {
        this.open = open;
        this.changed = changed;
    }

    public EdgeLine now() {
        return moved.getOrDefault(key(), EdgeLine.MIDDLE);
    }

    /** Whether somebody put it where it is on the open place, or it was put where there is something to see. */
    public boolean isPut() {
        return moved.containsKey(key());
    }

    private String key() {
        return open.get().id() + " " + open.get().at();
    }

    public void drag(EdgeLine to) {
        moved.put(key(), to);
        changed.run();
    }

    void clear() {
        moved.clear();
    }
}
