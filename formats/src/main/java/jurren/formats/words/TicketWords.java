package jurren.formats.words;

/** The fixed words of the printed ticket. */
public final class TicketWords {
    private TicketWords() {}

    public static String text(String key, Object... values) {
        return Words.text(key, values);
    }
}
