package jurren.formats.words;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Reads a length as people type it: {@code 10 1/2}, {@code 15/16}, {@code 10½"}, {@code 10''}, {@code 1ft 2in},
 * {@code 5' 3"}, {@code 3+1/2}, {@code 2*3}, {@code 1-1/2"}, {@code 25,4 mm}. Numbers without a unit are in the unit
 * that the same text names elsewhere, or in the usual one. Empty for what is no length, or may be two:
 * {@code 1,000} (one, or a thousand, where a point parts tenths), {@code 2in*3in}, {@code 1/0}.
 *
 * <pre>
 * sum      = [sign] product { ("+" | "-") product }
 * product  = measure { ("*" | "x" | "×" | "/") measure }
 * measure  = number [unit] { number unit }           units from large to small: feet, then inches
 * number   = decimal [ [" " | "-"] fraction ] | fraction
 * fraction = digits "/" digits | one of ¼ ½ ¾ ⅛ ⅜ ⅝ ⅞
 * </pre>
 */
final class MeasureText {
    private static final int MOST_CHARACTERS = 60;
    private static final String FRACTIONS = "¼½¾⅛⅜⅝⅞";
    private static final double[] FRACTION_VALUES = {1 / 4.0, 1 / 2.0, 3 / 4.0, 1 / 8.0, 3 / 8.0, 5 / 8.0, 7 / 8.0};
    private static final double INCH = 25.4;
    /** The longer name first where one begins with another. */
    private static final String[] NAMES = {
        "inches", "inch", "in", "feet", "foot", "ft", "mm", "cm", "mil", "µm", "μm", "um", "m", "\"", "″", "”", "''",
        "’’", "'", "′", "’"
    };

    private static final Map<String, Double> MM_EACH = Map.ofEntries(
            Map.entry("inches", INCH),
            Map.entry("inch", INCH),
            Map.entry("in", INCH),
            Map.entry("\"", INCH),
            Map.entry("″", INCH),
            Map.entry("”", INCH),
            Map.entry("''", INCH),
            Map.entry("’’", INCH),
            Map.entry("feet", 12 * INCH),
            Map.entry("foot", 12 * INCH),
            Map.entry("ft", 12 * INCH),
            Map.entry("'", 12 * INCH),
            Map.entry("′", 12 * INCH),
            Map.entry("’", 12 * INCH),
            Map.entry("mm", 1.0),
            Map.entry("cm", 10.0),
            Map.entry("m", 1000.0),
            Map.entry("mil", INCH / 1000),
            Map.entry("µm", 0.001),
            Map.entry("μm", 0.001),
            Map.entry("um", 0.001));

    /** It is no length, or may be two. */
    private static final class NoLength extends Exception {
        private static final long serialVersionUID = 1L;
    }

    /** A number with the millimetres of one of it; 0 for a plain number. */
    private record Measure(double value, double mmEach) {
        boolean isPlain() {
            return mmEach == 0;
        }

        double mm() {
            return value * mmEach;
        }
    }

    private final String text;
    private int at;
    private double named;

    private MeasureText(String text) {
        this.text = text;
    }

    /** @param usualMmEach of a number where no unit is named */
    static Optional<Double> parse(String typed, double usualMmEach) {
        String text = typed.strip()
                .toLowerCase(Locale.ROOT)
                .replace('\u00a0', ' ')
                .replace('\u202f', ' ')
                .replace('−', '-');
        if (text.isEmpty() || text.length() > MOST_CHARACTERS) {
            return Optional.empty();
        }
        try {
            MeasureText reading = new MeasureText(text);
            reading.named = reading.onlyUnit();
            double mm = reading.sum(usualMmEach);
            return reading.at == text.length() && Double.isFinite(mm) ? Optional.of(mm) : Optional.empty();
        } catch (NoLength _) {
            return Optional.empty();
        }
    }

    /** The unit that plain numbers are in because it is the only one named; 0 for none. */
    private double onlyUnit() {
        double only = 0;
        for (int i = 0; i < text.length(); ) {
            String name = nameAt(i);
            if (name == null) {
                i++;
                continue;
            }
            double each = MM_EACH.get(name);
            only = only == 0 || only == each ? each : -1;
            i += name.length();
        }
        return Math.max(0, only);
    }

    private String nameAt(int i) {
        for (String name : NAMES) {
            if (text.startsWith(name, i)) {
                return name;
            }
        }
        return null;
    }

    private double sum(double usual) throws NoLength {
        double sign = sign();
        double sum = sign * inMm(product(), usual);
        for (space(); at < text.length() && (peek('+') || peek('-')); space()) {
            double next = text.charAt(at++) == '+' ? 1 : -1;
            sum += next * inMm(product(), usual);
        }
        return sum;
    }

    private double sign() {
        space();
        if (peek('+') || peek('-')) {
            return text.charAt(at++) == '-' ? -1 : 1;
        }
        return 1;
    }

    private double inMm(Measure m, double usual) {
        return m.isPlain() ? m.value * (named > 0 ? named : usual) : m.mm();
    }

    private Measure product() throws NoLength {
        Measure so = measure();
        for (space(); peek('*') || peek('×') || peek('x') || peek('/'); space()) {
            boolean divides = text.charAt(at++) == '/';
            Measure by = measure();
            if (divides && (!by.isPlain() || by.value == 0) || !divides && !by.isPlain() && !so.isPlain()) {
                throw new NoLength();
            }
            so = divides
                    ? new Measure(so.value / by.value, so.mmEach)
                    : new Measure(so.value * by.value, Math.max(so.mmEach, by.mmEach));
        }
        return so;
    }

    private Measure measure() throws NoLength {
        Measure first = new Measure(number(), unit());
        double mm = first.mm();
        double last = first.mmEach;
        for (space(); last > 0 && startsNumber(); space()) {
            double more = number();
            double each = unit();
            if (each == 0 || each >= last) {
                throw new NoLength();
            }
            mm += more * each;
            last = each;
        }
        return first.isPlain() ? first : new Measure(mm, 1);
    }

    private double unit() {
        int before = at;
        space();
        String name = nameAt(at);
        if (name == null) {
            at = before;
            return 0;
        }
        at += name.length();
        return MM_EACH.get(name);
    }

    private boolean startsNumber() {
        return at < text.length()
                && (Character.isDigit(text.charAt(at))
                        || peek('.')
                        || peek(',')
                        || FRACTIONS.indexOf(text.charAt(at)) >= 0);
    }

    private double number() throws NoLength {
        space();
        if (at < text.length() && FRACTIONS.indexOf(text.charAt(at)) >= 0) {
            return FRACTION_VALUES[FRACTIONS.indexOf(text.charAt(at++))];
        }
        String whole = digits();
        if (whole.isEmpty()) {
            throw new NoLength();
        }
        boolean isWhole = whole.chars().allMatch(c -> c >= '0' && c <= '9');
        if (isWhole && fractionLine(at)) {
            at = afterSpace(at) + 1;
            return Double.parseDouble(whole) / below();
        }
        double value = Double.parseDouble(whole.replace(',', '.'));
        return isWhole ? value + part() : value;
    }

    /** The fraction after a whole number: {@code 10 1/2}, {@code 10-1/2}, {@code 10½}; 0 for none. */
    private double part() throws NoLength {
        int from = afterSpace(at);
        if (from < text.length() && FRACTIONS.indexOf(text.charAt(from)) >= 0) {
            at = from + 1;
            return FRACTION_VALUES[FRACTIONS.indexOf(text.charAt(from))];
        }
        boolean hyphen = at < text.length() && peek('-');
        int begin = hyphen ? at + 1 : from;
        int end = begin;
        while (end < text.length() && isDigit(end)) {
            end++;
        }
        if (end == begin || !hyphen && begin == at || !fractionLine(end)) {
            return 0;
        }
        double above = Double.parseDouble(text.substring(begin, end));
        at = afterSpace(end) + 1;
        double part = above / below();
        if (hyphen && part >= 1) {
            throw new NoLength();
        }
        return part;
    }

    /** A line with digits below it. */
    private boolean fractionLine(int i) {
        int line = afterSpace(i);
        if (line >= text.length() || text.charAt(line) != '/') {
            return false;
        }
        int below = afterSpace(line + 1);
        return below < text.length() && isDigit(below);
    }

    private double below() throws NoLength {
        space();
        String digits = digits();
        if (digits.isEmpty() || digits.contains(",") || digits.contains(".") || Double.parseDouble(digits) == 0) {
            throw new NoLength();
        }
        return Double.parseDouble(digits);
    }

    /** Digits with at most one point or comma; a comma that may part thousands is refused. */
    private String digits() throws NoLength {
        int from = at;
        int points = 0;
        while (at < text.length() && (isDigit(at) || peek('.') || peek(','))) {
            points += isDigit(at) ? 0 : 1;
            at++;
        }
        String found = text.substring(from, at);
        if (points > 1 || points == found.length() && points > 0 || DecimalSign.mayBeThousands(found)) {
            throw new NoLength();
        }
        return found;
    }

    private boolean isDigit(int i) {
        return text.charAt(i) >= '0' && text.charAt(i) <= '9';
    }

    private boolean peek(char c) {
        return at < text.length() && text.charAt(at) == c;
    }

    private int afterSpace(int i) {
        int j = i;
        while (j < text.length() && Character.isWhitespace(text.charAt(j))) {
            j++;
        }
        return j;
    }

    private void space() {
        at = afterSpace(at);
    }
}
