package jurren.core.nest;

/**
 * Goes round the Minkowski sum of a convex part and one of another shape turned round: the edges of both in the order
 * of their directions, from the sum's lowest corner on.
 */
final class ConvexSum {
    private final double[] ax;
    private final double[] ay;
    private final double[] bx;
    private final double[] by;
    private int i;
    private int j;
    private int leftOfA;
    private int leftOfB;

    ConvexSum(Turned a, int partOfA, Turned b, int partOfB) {
        ax = a.x()[partOfA];
        ay = a.y()[partOfA];
        bx = b.x()[partOfB];
        by = b.y()[partOfB];
        i = a.lowest()[partOfA];
        j = b.highest()[partOfB];
        leftOfA = ax.length;
        leftOfB = bx.length;
    }

    boolean goesOn() {
        return leftOfA > 0 || leftOfB > 0;
    }

    double x() {
        return ax[i] - bx[j];
    }

    double y() {
        return ay[i] - by[j];
    }

    /** To the next corner; from the last to the first. */
    void step() {
        int nextOfA = i + 1 == ax.length ? 0 : i + 1;
        int nextOfB = j + 1 == bx.length ? 0 : j + 1;
        double cross = (ax[nextOfA] - ax[i]) * (by[j] - by[nextOfB]) - (ay[nextOfA] - ay[i]) * (bx[j] - bx[nextOfB]);
        boolean ofA = leftOfB == 0 || leftOfA > 0 && cross >= 0;
        boolean ofB = leftOfA == 0 || leftOfB > 0 && cross <= 0;
        if (ofA) {
            i = nextOfA;
            leftOfA--;
        }
        if (ofB) {
            j = nextOfB;
            leftOfB--;
        }
    }
}
