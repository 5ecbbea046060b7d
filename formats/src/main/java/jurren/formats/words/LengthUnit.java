package jurren.formats.words;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Lengths as people read and type them. Text always reads back: {@code parse(format(x))} is x to the
 * digits shown. Numbers take a point or a comma, inches also fractions: {@code 10 1/2}, {@code 10½"}.
 */
public enum LengthUnit {
    INCH("in", 25.4, 2), MILLIMETRE("mm", 1, 1);

    private static final String FRACTIONS = "¼½¾⅛⅜⅝⅞";
    private static final double[] FRACTION_VALUES = {1 / 4.0, 1 / 2.0, 3 / 4.0, 1 / 8.0, 3 / 8.0, 5 / 8.0, 7 / 8.0};
    private static final Pattern TEXT = Pattern.compile(
            "\\s*([-+]?\\d*(?:[.,]\\d+)?)\\s*(?:(\\d+)\\s*/\\s*(\\d+)|([" + FRACTIONS + "]))?\\s*"
                    + "(in|inch|inches|\"|″|mm|cm)?\\s*", Pattern.CASE_INSENSITIVE);

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
        return String.format(Locale.ROOT, "%." + digits + "f", mm / mmEach);
    }

    public String format(double mm) {
        return number(mm) + " " + mark;
    }

    /** For large things of which nobody needs the last digit: rolls, platens. */
    public String rough(double mm) {
        return String.format(Locale.ROOT, "%." + (digits - 1) + "f %s", mm / mmEach, mark);
    }

    /** For the way of a knife: whole feet, or metres. */
    public String far(double mm) {
        return this == MILLIMETRE ? String.format(Locale.ROOT, "%.1f m", mm / 1000)
                : String.format(Locale.ROOT, "%.0f ft", mm / mmEach / 12);
    }

    /** For small things: overlaps, thin parts. */
    public String fine(double mm) {
        return String.format(Locale.ROOT, "%." + (digits + 1) + "f %s", mm / mmEach, mark);
    }

    /** Long film: feet and inches, or metres. */
    public String film(double mm) {
        if (this == MILLIMETRE) {
            return String.format(Locale.ROOT, "%.2f m", mm / 1000);
        }
        long inches = Math.round(mm / mmEach);
        return inches < 24 ? String.format(Locale.ROOT, "%.1f in", mm / mmEach)
                : inches / 12 + " ft" + (inches % 12 == 0 ? "" : " " + inches % 12 + " in");
    }

    /** Millimetres from text in this unit, or in the unit the text names; empty when it is not a measure. */
    public Optional<Double> parse(String text) {
        Matcher m = TEXT.matcher(text);
        if (!m.matches() || m.group(1).isEmpty() && m.group(2) == null && m.group(4) == null) {
            return Optional.empty();
        }
        String whole = m.group(1).replace(',', '.');
        boolean slashOnly = m.group(2) != null && m.group(1).isEmpty();
        if (whole.equals("-") || whole.equals("+")) {
            return Optional.empty();
        }
        double value = whole.isEmpty() || slashOnly ? 0 : Double.parseDouble(whole);
        double part = 0;
        if (m.group(2) != null) {
            double below = Double.parseDouble(m.group(3));
            if (below == 0) {
                return Optional.empty();
            }
            part = Double.parseDouble(m.group(2)) / below;
        } else if (m.group(4) != null) {
            part = FRACTION_VALUES[FRACTIONS.indexOf(m.group(4))];
        }
        return Optional.of((value + Math.copySign(part, value)) * millimetresEach(m.group(5)));
    }

    private double millimetresEach(String named) {
        return switch (named == null ? "" : named.toLowerCase(Locale.ROOT)) {
            case "mm" -> 1;
            case "cm" -> 10;
            case "" -> mmEach;
            default -> 25.4;
        };
    }
}
