package jurren.formats.svg;

import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** {@code calc()} of plain numbers and lengths, worked out in pixels; the library does not know it. */
final class Sums {
    private static final Pattern INNERMOST = Pattern.compile("calc\\(([^()]*)\\)|\\(([^()]*)\\)");
    private static final Pattern PART =
            Pattern.compile("\\s*([-+]?[0-9]*\\.?[0-9]+(?:[eE][-+]?[0-9]+)?)(px|mm|cm|in|pt|pc|)\\s*([-+*/]|$)");
    private static final Map<String, Double> PX =
            Map.of("", 1.0, "px", 1.0, "mm", 96 / 25.4, "cm", 96 / 2.54, "in", 96.0, "pt", 96 / 72.0, "pc", 16.0);
    private static final int MOST_DEEP = 20;

    private Sums() {}

    /** The same with every sum that can be worked out as one number. */
    static String workedOut(String value) {
        if (!value.contains("calc(")) {
            return value;
        }
        String now = value;
        for (int i = 0; i < MOST_DEEP && now.contains("calc("); i++) {
            Matcher m = INNERMOST.matcher(now.substring(now.indexOf("calc(")));
            if (!m.find()) {
                break;
            }
            Optional<Double> sum = sum(m.group(1) == null ? m.group(2) : m.group(1));
            if (sum.isEmpty()) {
                return value;
            }
            int at = now.indexOf("calc(");
            now = now.substring(0, at + m.start()) + sum.get() + now.substring(at + m.end());
        }
        return now;
    }

    /** A length in pixels. */
    static Optional<Double> px(String length) {
        return sum(length.strip());
    }

    private static Optional<Double> sum(String text) {
        double sum = 0;
        double product = 1;
        char before = '+';
        char sign = '+';
        Matcher m = PART.matcher(text);
        int at = 0;
        while (at < text.length() && m.find(at) && m.start() == at) {
            double v = Double.parseDouble(m.group(1)) * PX.get(m.group(2));
            switch (before) {
                case '*' -> product *= v;
                case '/' -> product /= v;
                default -> product = v;
            }
            at = m.end();
            before = m.group(3).isEmpty() ? '+' : m.group(3).charAt(0);
            if (before == '+' || before == '-') {
                sum += sign == '-' ? -product : product;
                sign = before;
            }
            if (m.group(3).isEmpty()) {
                return at == text.length() && Double.isFinite(sum) ? Optional.of(sum) : Optional.empty();
            }
        }
        return Optional.empty();
    }
}
