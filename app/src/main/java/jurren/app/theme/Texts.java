package jurren.app.theme;

import java.util.ResourceBundle;
import jurren.formats.words.Sentence;

/** All texts of the window, from {@code window.properties}. */
public final class Texts {
    private static final ResourceBundle TEXTS = ResourceBundle.getBundle("jurren.app.theme.window");

    private Texts() {}

    /** What an exception says of itself, or at least what it is. */
    public static String reason(Throwable why) {
        return why.getMessage() == null || why.getMessage().isBlank()
                ? why.getClass().getSimpleName()
                : why.getMessage();
    }

    public static boolean has(String key) {
        return TEXTS.containsKey(key);
    }

    public static String of(String key, Object... values) {
        String pattern = TEXTS.getString(key);
        return values.length == 0 ? pattern : Sentence.of(pattern, values);
    }
}
