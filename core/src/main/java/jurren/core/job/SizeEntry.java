package jurren.core.job;

import jurren.core.blank.AreaMeasures;
import java.util.Optional;

/**
 * How many of a size, and what this order decides otherwise than the blank suggests.
 *
 * @param artWidthMm the art's width on this size, when not in proportion to the size it is drawn for
 * @param area       the area measured on the thing itself
 */
public record SizeEntry(String size, int count, Optional<Double> artWidthMm, Optional<AreaMeasures> area) {
    public SizeEntry {
        if (count < 0) {
            throw new IllegalArgumentException("a count must not be negative but was " + count);
        }
        artWidthMm.ifPresent(w -> {
            if (!(w > 0)) {
                throw new IllegalArgumentException("an art width must be above zero but was " + w + " mm");
            }
        });
    }

    public static SizeEntry of(String size, int count) {
        return new SizeEntry(size, count, Optional.empty(), Optional.empty());
    }

    public SizeEntry withCount(int newCount) {
        return new SizeEntry(size, newCount, artWidthMm, area);
    }

    public SizeEntry withArtWidth(Optional<Double> newWidthMm) {
        return new SizeEntry(size, count, newWidthMm, area);
    }

    public SizeEntry withArea(Optional<AreaMeasures> newArea) {
        return new SizeEntry(size, count, artWidthMm, newArea);
    }
}
