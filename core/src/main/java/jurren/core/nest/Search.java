package jurren.core.nest;

/** Looks for a shorter layout of one open bed. */
interface Search {
    /** Goes on until so much more was looked at, in convex parts. */
    void step(long units);

    Board best();

    double lengthMm();

    /** Goes on from what another found. */
    void adopt(Board better);
}
