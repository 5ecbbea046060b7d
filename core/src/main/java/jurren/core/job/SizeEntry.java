package jurren.core.job;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import jurren.core.blank.AreaMeasures;
import jurren.core.blank.Face;
import jurren.core.blank.Form;

/**
 * How many of a size, and what this order decides otherwise than the blank suggests.
 *
 * @param artWidthMm the art's width on this size, when not in proportion to the size it is drawn for
 * @param area       the area measured on the thing itself
 * @param measured   measures of the thing taken by hand
 */
public record SizeEntry(
        String size,
        int count,
        Optional<Double> artWidthMm,
        Optional<AreaMeasures> area,
        Map<Form.Measure, Double> measured) {
    public SizeEntry {
        measured = Map.copyOf(measured);
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
        return new SizeEntry(size, count, Optional.empty(), Optional.empty(), Map.of());
    }

    public SizeEntry withCount(int newCount) {
        return new SizeEntry(size, newCount, artWidthMm, area, measured);
    }

    public SizeEntry withArtWidth(Optional<Double> newWidthMm) {
        return new SizeEntry(size, count, newWidthMm, area, measured);
    }

    public SizeEntry withArea(Optional<AreaMeasures> newArea) {
        return new SizeEntry(size, count, artWidthMm, newArea, measured);
    }

    /** Only the count: what was measured belongs to another face. */
    public SizeEntry unmeasured() {
        return of(size, count);
    }

    public SizeEntry withMeasured(Form.Measure measure, double mm) {
        Map<Form.Measure, Double> changed = new EnumMap<>(Form.Measure.class);
        changed.putAll(measured);
        changed.put(measure, mm);
        return new SizeEntry(size, count, artWidthMm, area, changed);
    }

    /** The face as it was measured for this order. Throws when the measures cannot be. */
    public Face asMeasured(Face catalogued) {
        Face face = catalogued.measured(measured);
        return area.map(face::withArea).orElse(face);
    }
}
