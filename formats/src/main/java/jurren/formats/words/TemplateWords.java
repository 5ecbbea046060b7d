package jurren.formats.words;

/** Words that stand on a template. */
public final class TemplateWords {
    private TemplateWords() {}

    public static String text(String key, Object... values) {
        return Words.text(key, values);
    }
}
