package jurren.formats.words;

import java.util.Optional;

/** Whole numbers as people type them. {@code 1,000} and {@code 2.6} may mean two things, or none, and are not taken. */
public final class Counts {
    private static final int MOST_DIGITS = 7;

    private Counts() {}

    public static String format(long count) {
        return Long.toString(count);
    }

    public static Optional<Double> parse(String text) {
        String digits = text.strip();
        return digits.length() <= MOST_DIGITS && digits.matches("[0-9]+")
                ? Optional.of((double) Integer.parseInt(digits))
                : Optional.empty();
    }
}
