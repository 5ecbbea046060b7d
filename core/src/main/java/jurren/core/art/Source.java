package jurren.core.art;

import java.util.Set;
import jurren.core.memo.Scale;

/** What a motif is made from, before any treatment. Its size lives here, so treatments stay true in mm. */
public sealed interface Source
        permits Lettering, Drawing, TracedPicture, PrintedPicture, Guide, Shape, Stroke, Mark, Backing {
    /** The same thing larger or smaller; both factors must be above zero. */
    Source resized(double widthFactor, double heightFactor);

    /** The motifs it follows, by id. */
    default Set<String> others() {
        return Set.of();
    }

    /** The same following another motif where it followed {@code from}. */
    default Source withOther(String from, String to) {
        return this;
    }

    /** What remembering it keeps alive; a few figures are not worth counting. */
    default void weigh(Scale scale) {}

    static void checkFactors(double widthFactor, double heightFactor) {
        if (!(widthFactor > 0 && heightFactor > 0 && widthFactor < 1e6 && heightFactor < 1e6)) {
            throw new IllegalArgumentException(
                    "a size must be above zero but would be scaled by " + widthFactor + " and " + heightFactor);
        }
    }
}
