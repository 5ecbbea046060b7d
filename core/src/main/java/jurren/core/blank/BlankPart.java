package jurren.core.blank;

import jurren.core.geometry.Curves;

/** One part of the picture of a blank, in face coordinates, painted in the order given. */
public record BlankPart(Kind kind, Curves curves) {
    /** How it is painted. */
    public enum Kind {
        BODY,
        INSIDE,
        TRIM,
        /** A line, not an area. */
        SEAM
    }
}
