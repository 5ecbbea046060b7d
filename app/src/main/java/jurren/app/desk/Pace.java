package jurren.app.desk;

import jurren.core.stop.Stop;

/** How far a piece of work is. */
public final class Pace {
    private volatile double share = Double.NaN;

    /** So many of so many are done; the place to learn that nobody waits any more. */
    public void done(int of, int all) {
        Stop.lookHere();
        share = all == 0 ? Double.NaN : (double) of / all;
    }

    double share() {
        return share;
    }
}
