package jurren.formats.words;

import java.util.Locale;
import java.util.Optional;

/** Degrees as people read them; the choice is apart from that of lengths. */
public enum HeatUnit {
    FAHRENHEIT("°F"),
    CELSIUS("°C");

    private final String mark;

    HeatUnit(String mark) {
        this.mark = mark;
    }

    public String mark() {
        return mark;
    }

    /** Whole degrees: no press keeps finer ones. */
    public String format(double celsius) {
        return Math.round(this == FAHRENHEIT ? celsius * 9 / 5 + 32 : celsius) + " " + mark;
    }

    /** In degrees Celsius; the other unit is taken where its letter is told. */
    public Optional<Double> parse(String text) {
        String t = text.strip().toUpperCase(Locale.ROOT);
        HeatUnit told = t.endsWith("F") ? FAHRENHEIT : t.endsWith("C") ? CELSIUS : this;
        return Numbers.parse(t.replaceFirst("\\s*°?\\s*[FC]?$", ""))
                .map(v -> told == FAHRENHEIT ? (v - 32) * 5 / 9 : v);
    }
}
