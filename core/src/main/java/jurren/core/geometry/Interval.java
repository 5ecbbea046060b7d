package jurren.core.geometry;

/** A stretch of a line, from and to in millimetres from the line's start. */
public record Interval(double fromMm, double toMm) {
    public double lengthMm() {
        return toMm - fromMm;
    }
}
