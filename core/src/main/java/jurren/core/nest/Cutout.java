package jurren.core.nest;

import java.util.Optional;
import jurren.core.geometry.Region;

/**
 * A shape to be laid.
 *
 * @param shape  as the knife sees it, anywhere
 * @param pinned where a person wants it
 */
public record Cutout(Region shape, Turning turning, Optional<BedPosition> pinned) {
    public Cutout {
        if (shape.isEmpty()) {
            throw new IllegalArgumentException("nothing cannot be laid");
        }
    }

    public Cutout(Region shape, Turning turning) {
        this(shape, turning, Optional.empty());
    }
}
