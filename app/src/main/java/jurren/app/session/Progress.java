package jurren.app.session;

import java.util.HashSet;
import java.util.Set;

/** What of the job is made already: kept for the session, forgotten when what is to be made changes. */
public final class Progress {
    private final Set<Integer> cutLoads = new HashSet<>();
    private int pressed;

    public void cut(int load) {
        cutLoads.add(load);
    }

    public boolean isCut(int load) {
        return cutLoads.contains(load);
    }

    public void pressed() {
        pressed++;
    }

    public int piecesPressed() {
        return pressed;
    }

    void forget() {
        cutLoads.clear();
        pressed = 0;
    }
}
