package jurren.core.blank;

import jurren.core.geometry.Curves;

/** One part of the picture of a garment, in face coordinates, painted in the order given. */
public record GarmentPart(Kind kind, Curves curves) {
    /** How it is painted. */
    public enum Kind {
        CLOTH, INSIDE, RIB,
        /** A line, not an area. */
        SEAM
    }
}
