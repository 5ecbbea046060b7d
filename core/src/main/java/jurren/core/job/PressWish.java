package jurren.core.job;

import java.util.Optional;
import jurren.core.material.Film;

/**
 * What a person decided about how a film is pressed; the rest of the sequence is solved around it.
 *
 * @param seconds of the press that bonds it
 * @param after   a film that must be down before it
 */
public record PressWish(Film film, Optional<Double> seconds, Optional<Film> after) {
    public PressWish {
        seconds.ifPresent(s -> {
            if (!(s > 0 && s <= 3600)) {
                throw new IllegalArgumentException("a press must last above 0 and up to 3600 s but was to last " + s);
            }
        });
    }

    public static PressWish of(Film film) {
        return new PressWish(film, Optional.empty(), Optional.empty());
    }

    public PressWish lasting(Optional<Double> newSeconds) {
        return new PressWish(film, newSeconds, after);
    }

    public PressWish after(Optional<Film> other) {
        return new PressWish(film, seconds, other);
    }

    boolean isNothing() {
        return seconds.isEmpty() && after.isEmpty();
    }
}
