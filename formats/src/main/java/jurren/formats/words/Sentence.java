package jurren.formats.words;

import java.text.MessageFormat;
import java.util.regex.Pattern;

/** A text with its figures put in. A thing that comes in one size is not told by its size: nobody says "size one size". */
public final class Sentence {
    private static final Pattern AFTERTHOUGHT = Pattern.compile("(,| on| in) size one size");
    private static final String NAMED = "size one size";

    private Sentence() {}

    public static String of(String pattern, Object... values) {
        String sentence = new MessageFormat(pattern, DecimalSign.locale()).format(values);
        return sentence.contains(NAMED)
                ? AFTERTHOUGHT.matcher(sentence).replaceAll("").replace(NAMED, "the one size")
                : sentence;
    }
}
