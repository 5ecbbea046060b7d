package jurren.core.job;

import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;

/**
 * One number of something in the shop that a person can change.
 *
 * @param id   by which it is named to people
 * @param with the same with another number; throws {@link IllegalArgumentException} with the reason where that cannot
 *        be
 */
public record Figure<T>(String id, Unit unit, ToDoubleFunction<T> get, BiFunction<T, Double, T> with) {
    /** What is counted. */
    public enum Unit {
        LENGTH,
        FINE_LENGTH,
        FORCE,
        SPEED,
        SECONDS,
        DEGREES,
        COUNT,
        MONEY,
        SHARE
    }

    private static final double MOST = 100_000;

    public double of(T t) {
        return get.applyAsDouble(t);
    }

    /** Why it cannot become so; empty when it can. */
    public Optional<String> objection(T t, double value) {
        if (!(Math.abs(value) <= MOST)) {
            return Optional.of("nothing in a shop is so large");
        }
        try {
            with.apply(t, value);
            return Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.of(e.getMessage());
        }
    }
}
