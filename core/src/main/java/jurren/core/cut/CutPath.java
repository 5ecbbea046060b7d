package jurren.core.cut;

import java.util.List;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;

/** One way of the knife, down from its start to its end. */
public sealed interface CutPath permits ClosedCut, OpenCut {
    /** What the cut does. */
    enum Kind {
        /** Bounds a hole. */
        INSIDE,
        /** Bounds a piece. */
        OUTSIDE,
        /** Goes around pieces, for weeding. */
        FRAME,
        /** Takes large waste apart, for weeding. */
        RELIEF,
        /** Says in waste which piece lies beside it. */
        NAME
    }

    Kind kind();

    /** Which of the load's placed items it belongs to, from 0. */
    int item();

    Point start();

    /** Where the knife would be without an overcut. */
    Point end();

    /** Without an overcut. */
    double lengthMm();

    Box bounds();

    /** From the start on, none twice. */
    List<Point> corners();

    /** The knife's way. */
    List<Point> knife(double overcutMm);

    CutPath placed(Placement onto, int ofItem);
}
