package jurren.app.cli;

import java.util.ResourceBundle;
import jurren.formats.words.Sentence;

/** The texts of the command line. */
final class CliTexts {
    private static final ResourceBundle TEXTS = ResourceBundle.getBundle("jurren.app.cli.cli");

    private CliTexts() {}

    static String text(String key, Object... values) {
        return Sentence.of(TEXTS.getString(key), values);
    }
}
