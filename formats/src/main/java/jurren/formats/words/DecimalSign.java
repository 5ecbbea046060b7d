package jurren.formats.words;

import java.text.DecimalFormatSymbols;
import java.util.Locale;

/**
 * What parts the ones from the tenths in figures that people read and type. It is one choice for
 * the whole program, made when it begins and when its user says so; until then, and in every file, it is a point.
 */
public enum DecimalSign {
    POINT(Locale.ROOT),
    COMMA(Locale.GERMANY);

    private static volatile DecimalSign inUse = POINT;

    private final Locale locale;

    DecimalSign(Locale locale) {
        this.locale = locale;
    }

    /** As this machine is set. */
    public static DecimalSign usual() {
        return DecimalFormatSymbols.getInstance(Locale.getDefault(Locale.Category.FORMAT))
                                .getDecimalSeparator()
                        == ','
                ? COMMA
                : POINT;
    }

    /** From now on figures are shown so. */
    public void use() {
        inUse = this;
    }

    static DecimalSign inUse() {
        return inUse;
    }

    /** What figures for people are formatted with. */
    public static Locale locale() {
        return inUse.locale;
    }

    /**
     * Whether a number is as likely one with thousands set apart, by the sign that does not part tenths here: {@code
     * 1,000}.
     */
    static boolean mayBeThousands(String digits) {
        return digits.matches(inUse == POINT ? "[1-9]\\d{0,2},\\d{3}" : "[1-9]\\d{0,2}\\.\\d{3}");
    }
}
