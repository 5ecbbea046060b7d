package jurren.core.finish;

import java.util.EnumMap;
import java.util.Map;

/**
 * How long everything takes in one shop.
 *
 * @param tuned what is not as usual, in seconds
 */
public record HandTimes(Map<HandTime, Double> tuned) {
    public static final HandTimes USUAL = new HandTimes(Map.of());
    private static final double MOST_S = 7 * 24 * 3600;

    public HandTimes {
        Map<HandTime, Double> other = new EnumMap<>(HandTime.class);
        tuned.forEach((t, s) -> {
            if (!(s >= 0 && s <= MOST_S)) {
                throw new IllegalArgumentException("a time lies between nothing and a week but was " + s + " s");
            }
            if (s != t.usualS()) {
                other.put(t, s);
            }
        });
        tuned = Map.copyOf(other);
    }

    public double of(HandTime time) {
        return tuned.getOrDefault(time, time.usualS());
    }

    public HandTimes with(HandTime time, double seconds) {
        Map<HandTime, Double> all = new EnumMap<>(HandTime.class);
        all.putAll(tuned);
        all.put(time, seconds);
        return new HandTimes(all);
    }
}
