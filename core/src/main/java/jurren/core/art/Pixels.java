package jurren.core.art;

import jurren.core.memo.Scale;
import jurren.core.trace.Picture;

/** What has pixels: a customer's file, or something worked out that is soft at its edges. */
public interface Pixels {
    Picture picture();

    /** Whether somebody made it; otherwise it was worked out, as a shadow is. */
    default boolean isPicture() {
        return true;
    }

    /** What remembering it keeps alive. */
    void weigh(Scale scale);
}
