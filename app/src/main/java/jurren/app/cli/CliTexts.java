package jurren.app.cli;

import java.text.MessageFormat;
import java.util.ResourceBundle;
import jurren.formats.words.DecimalSign;

/** The texts of the command line. */
final class CliTexts {
    private static final ResourceBundle TEXTS = ResourceBundle.getBundle("jurren.app.cli.cli");

    private CliTexts() {}

    static String text(String key, Object... values) {
        return new MessageFormat(TEXTS.getString(key), DecimalSign.locale()).format(values);
    }
}
