package jurren.core.blank;

/** One size of a blank. */
public record BlankSize(String id, TeeMeasures measures, AreaMeasures area, double artWidthMm) {
    public BlankSize {
        if (!(artWidthMm > 0)) {
            throw new IllegalArgumentException("size " + id + " needs an art width above zero");
        }
    }
}
