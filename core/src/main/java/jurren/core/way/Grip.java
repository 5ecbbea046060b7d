package jurren.core.way;

/** What a way takes hold of, and so what the thing must have. */
public enum Grip {
    /** Glue that melts into fibres. */
    FIBRES,
    /** Dye that gasses into polyester. */
    POLYESTER,
    /** Glue that sticks to what is smooth. */
    SURFACE,
    /** Glue on the far side of what is seen through. */
    BEHIND_GLASS,
    /** A plate that lies flat on it. */
    PLATE,
    /** A stencil that sticks until it is lifted. */
    STENCIL
}
