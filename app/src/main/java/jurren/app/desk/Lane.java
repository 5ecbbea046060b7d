package jurren.app.desk;

import java.util.Optional;

/** Orders of one kind: a newer one stops and replaces what is under way. */
public final class Lane {
    private final Desk desk;
    private Errand now;

    Lane(Desk desk) {
        this.desk = desk;
    }

    public <T> Errand want(Order<T> order) {
        stop();
        now = desk.give(order);
        return now;
    }

    public void stop() {
        if (now != null) {
            now.stop();
            now = null;
        }
    }

    /** What is under way. */
    public Optional<Errand> now() {
        return Optional.ofNullable(now).filter(e -> !e.isOver() && !e.isStopped());
    }
}
