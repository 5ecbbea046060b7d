package jurren.core.art;

import jurren.core.geometry.CornerStyle;
import jurren.core.material.Colour;

/** One live operation on a motif. */
public sealed interface Treatment {
    /** Parts of one colour that overlap become one; counters are kept. */
    record Weld() implements Treatment {
    }

    /** A second colour behind everything so far, reaching {@code distanceMm} beyond its edge. */
    record Outlined(double distanceMm, CornerStyle corners, Colour colour) implements Treatment {
        public Outlined {
            if (!(distanceMm > 0)) {
                throw new IllegalArgumentException("an outline must be wider than zero but was " + distanceMm + " mm");
            }
        }
    }
}
