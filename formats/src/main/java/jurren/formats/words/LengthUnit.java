package jurren.formats.words;

import java.util.Optional;

/**
 * Lengths as people read and type them. Text always reads back: {@code parse(format(x))} is x to the
 * digits shown. What can be typed is told by {@link MeasureText}.
 */
public enum LengthUnit {
    INCH("in", 25.4, 2),
    MILLIMETRE("mm", 1, 1);

    private final String mark;
    private final double mmEach;
    private final int digits;

    LengthUnit(String mark, double mmEach, int digits) {
        this.mark = mark;
        this.mmEach = mmEach;
        this.digits = digits;
    }

    public String mark() {
        return mark;
    }

    /** The number alone. */
    public String number(double mm) {
        return String.format(DecimalSign.locale(), "%." + digits + "f", mm / mmEach);
    }

    public String format(double mm) {
        return number(mm) + " " + mark;
    }

    /** For large things of which nobody needs the last digit: rolls, platens. */
    public String rough(double mm) {
        return String.format(DecimalSign.locale(), "%." + (digits - 1) + "f %s", mm / mmEach, mark);
    }

    /** For the way of a knife: whole feet, or metres. */
    public String far(double mm) {
        return this == MILLIMETRE
                ? String.format(DecimalSign.locale(), "%.1f m", mm / 1000)
                : String.format(DecimalSign.locale(), "%.0f ft", mm / mmEach / 12);
    }

    /** For small things: overlaps, thin parts. */
    public String fine(double mm) {
        return String.format(DecimalSign.locale(), "%." + (digits + 1) + "f %s", mm / mmEach, mark);
    }

    /** Long film: feet and inches, or metres. */
    public String film(double mm) {
        if (this == MILLIMETRE) {
            return String.format(DecimalSign.locale(), "%.2f m", mm / 1000);
        }
        long inches = Math.round(mm / mmEach);
        return inches < 24
                ? String.format(DecimalSign.locale(), "%.1f in", mm / mmEach)
                : inches / 12 + " ft" + (inches % 12 == 0 ? "" : " " + inches % 12 + " in");
    }

    /** For films: thousandths of an inch, or micrometres. */
    public String thin(double mm) {
        return this == MILLIMETRE
                ? Math.round(mm * 1000) + " µm"
                : String.format(DecimalSign.locale(), "%.1f mil", mm / mmEach * 1000);
    }

    /** Millimetres from text in this unit, or in the unit the text names; empty when it is not a measure. */
    public Optional<Double> parse(String text) {
        return MeasureText.parse(text, mmEach);
    }
}
