package jurren.core.run;

import java.util.Map;
import jurren.core.finish.HandTime;

/**
 * What there is to work with.
 *
 * @param hands pairs of them
 * @param filmChangeS until another film is in the cutter
 * @param more  machines there is another one of, by their id, and how many there are
 */
public record Means(int hands, Map<Machine, Integer> more, double filmChangeS) {
    public static final Means ONE_PAIR = new Means(1, Map.of());

    public Means {
        more = Map.copyOf(more);
        if (hands < 1) {
            throw new IllegalArgumentException("nothing is done without hands");
        }
    }

    /** Films changed as quickly as usual. */
    public Means(int hands, Map<Machine, Integer> more) {
        this(hands, more, HandTime.CHANGE_FILM.usualS());
    }

    int units(Machine m) {
        return more.getOrDefault(m, 1);
    }
}
