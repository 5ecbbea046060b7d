package jurren.app.cutter;

import java.io.IOException;
import java.util.Optional;
import jurren.standins.cutter.MachineLine;

/**
 * One connection to a cutter, from its opening to its end. Whatever comes from one that is not the newest is dropped.
 * What is open is opened and closed on the sender's thread.
 */
final class Link {
    /** What goes through it. */
    private sealed interface Open {
        record Nothing() implements Open {}

        record Cut(MachineLine line) implements Open {}

        record Questions(Asking asking) implements Open {}
    }

    private volatile Open open = new Open.Nothing();
    private boolean toldToStop;

    void cutsBy(MachineLine line) {
        open = new Open.Cut(line);
    }

    void asksBy(Asking asking) {
        open = new Open.Questions(asking);
    }

    Optional<MachineLine> line() {
        return open instanceof Open.Cut c ? Optional.of(c.line) : Optional.empty();
    }

    Optional<Asking> asking() {
        return open instanceof Open.Questions q ? Optional.of(q.asking) : Optional.empty();
    }

    /** Asked and answered on the window's thread. */
    void isToStop() {
        toldToStop = true;
    }

    boolean isToldToStop() {
        return toldToStop;
    }

    void hangUp() throws IOException {
        switch (open) {
            case Open.Nothing _ -> {}
            case Open.Cut c -> c.line.close();
            case Open.Questions q -> q.asking.close();
        }
        open = new Open.Nothing();
    }
}
