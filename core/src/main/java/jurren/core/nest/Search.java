package jurren.core.nest;

import jurren.core.stop.Stop;

/** Looks for a shorter layout of one open bed. */
interface Search {
    /**
     * Goes on until so much more was looked at, in convex parts; where nobody waits any more it ends so that it can be
     * gone on with.
     */
    void step(long units, Stop stop);

    Board best();

    double lengthMm();

    /** Goes on from what another found. */
    void adopt(Board better);
}
