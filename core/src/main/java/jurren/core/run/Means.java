package jurren.core.run;

import java.util.Map;

/**
 * What there is to work with.
 *
 * @param hands pairs of them
 * @param more  machines there is another one of, by their id, and how many there are
 */
public record Means(int hands, Map<Machine, Integer> more) {
    public static final Means ONE_PAIR = new Means(1, Map.of());

    public Means {
        more = Map.copyOf(more);
        if (hands < 1) {
            throw new IllegalArgumentException("nothing is done without hands");
        }
    }

    int units(Machine m) {
        return more.getOrDefault(m, 1);
    }
}
