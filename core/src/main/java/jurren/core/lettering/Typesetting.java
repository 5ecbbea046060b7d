package jurren.core.lettering;

import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;

/**
 * How lettering is set. Spacings are shares of the capital height and may be below zero.
 *
 * @param letterSpacing added between letters
 * @param wordSpacing   added at every space between words
 * @param lineGap       the room from a baseline down to the top of the next line's capitals
 * @param shifts        letters moved out of their place, by the number of their character in the text
 * @param forms         letters in another of the font's forms (1 is its first), by the same number
 */
public record Typesetting(
        double letterSpacing,
        double wordSpacing,
        double lineGap,
        Align align,
        Baseline baseline,
        Map<Integer, Shift> shifts,
        Map<Integer, Integer> forms) {
    /** How lines stand under each other. */
    public enum Align {
        LEFT,
        MIDDLE,
        RIGHT,
        /** Letters drawn apart until all lines are as wide as the widest. */
        SPREAD,
        /** Letters made larger until all lines are as wide as the widest. */
        FILL
    }

    /** A letter moved, in shares of the capital height to the right and down, and turned clockwise. */
    public record Shift(double right, double down, double degrees) {
        public static final Shift NONE = new Shift(0, 0, 0);

        public Shift {
            if (!(Math.abs(right) < 100 && Math.abs(down) < 100 && Math.abs(degrees) <= 360)) {
                throw new IllegalArgumentException("a letter can be shifted by up to 100 capital heights, but was by "
                        + right + ", " + down + ", " + degrees);
            }
        }
    }

    public static final Typesetting USUAL =
            new Typesetting(0, 0, 0.4, Align.MIDDLE, new Baseline.Straight(), Map.of(), Map.of());

    public Typesetting {
        shifts = Map.copyOf(shifts);
        forms = Map.copyOf(forms);
        check("letter spacing", letterSpacing);
        check("word spacing", wordSpacing);
        check("line gap", lineGap);
    }

    private static void check(String what, double value) {
        if (!(value >= -2 && value <= 20)) {
            throw new IllegalArgumentException("a " + what + " must be from -2 to 20 capital heights but was " + value);
        }
    }

    public Typesetting withLetterSpacing(double spacing) {
        return new Typesetting(spacing, wordSpacing, lineGap, align, baseline, shifts, forms);
    }

    public Typesetting withWordSpacing(double spacing) {
        return new Typesetting(letterSpacing, spacing, lineGap, align, baseline, shifts, forms);
    }

    public Typesetting withLineGap(double gap) {
        return new Typesetting(letterSpacing, wordSpacing, gap, align, baseline, shifts, forms);
    }

    public Typesetting withAlign(Align newAlign) {
        return new Typesetting(letterSpacing, wordSpacing, lineGap, newAlign, baseline, shifts, forms);
    }

    public Typesetting withBaseline(Baseline newBaseline) {
        return new Typesetting(letterSpacing, wordSpacing, lineGap, align, newBaseline, shifts, forms);
    }

    public Shift shift(int letter) {
        return shifts.getOrDefault(letter, Shift.NONE);
    }

    public int form(int letter) {
        return forms.getOrDefault(letter, 0);
    }

    public Typesetting withShift(int letter, UnaryOperator<Shift> change) {
        Map<Integer, Shift> changed = new TreeMap<>(shifts);
        changed.put(letter, change.apply(shift(letter)));
        changed.values().removeIf(Shift.NONE::equals);
        return new Typesetting(letterSpacing, wordSpacing, lineGap, align, baseline, changed, forms);
    }

    /** 0 is the letter's own form. */
    public Typesetting withForm(int letter, int form) {
        Map<Integer, Integer> changed = new TreeMap<>(forms);
        changed.put(letter, form);
        changed.values().removeIf(n -> n <= 0);
        return new Typesetting(letterSpacing, wordSpacing, lineGap, align, baseline, shifts, changed);
    }
}
