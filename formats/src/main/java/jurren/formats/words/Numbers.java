package jurren.formats.words;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;

/** Plain numbers as people type them, with a point or a comma; what may be thousands is not taken. */
public final class Numbers {
    private Numbers() {}

    public static String format(double value) {
        char sign = DecimalSign.inUse() == DecimalSign.COMMA ? ',' : '.';
        return BigDecimal.valueOf(value)
                .setScale(1, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString()
                .replace('.', sign);
    }

    public static Optional<Double> parse(String text) {
        String number = text.strip();
        if (!number.matches("[-+]?\\d{0,9}(?:[.,]\\d{1,9})?")
                || !number.matches(".*\\d.*")
                || DecimalSign.mayBeThousands(number.replaceFirst("^[-+]", ""))) {
            return Optional.empty();
        }
        return Optional.of(Double.parseDouble(number.replace(',', '.')));
    }
}
