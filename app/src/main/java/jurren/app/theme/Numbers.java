package jurren.app.theme;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;

/** Plain numbers as people type them, with a point or a comma. */
public final class Numbers {
    private Numbers() {
    }

    public static String format(double value) {
        return BigDecimal.valueOf(value).setScale(1, RoundingMode.HALF_UP).stripTrailingZeros().toPlainString();
    }

    public static Optional<Double> parse(String text) {
        try {
            double value = Double.parseDouble(text.strip().replace(',', '.'));
            return Double.isFinite(value) ? Optional.of(value) : Optional.empty();
        } catch (NumberFormatException _) {
            return Optional.empty();
        }
    }
}
