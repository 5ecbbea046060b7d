package jurren.formats.words;

/** Degrees as people read them; the choice is apart from that of lengths. */
public enum HeatUnit {
    FAHRENHEIT("°F"), CELSIUS("°C");

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
}
