package jurren.core.memo;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * Remembers the answers of a pure function by the value of what was asked, the last {@code capacity}
 * of them. Safe for several threads; two that ask the same at once may both compute it.
 */
public final class Memo<K, V> {
    private final Function<K, V> function;
    private final Map<K, V> known;
    private long computed;

    public Memo(int capacity, Function<K, V> function) {
        this.function = function;
        this.known = new LinkedHashMap<>(capacity, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > capacity;
            }
        };
    }

    public V get(K key) {
        synchronized (known) {
            V value = known.get(key);
            if (value != null) {
                return value;
            }
        }
        V value = function.apply(key);
        synchronized (known) {
            computed++;
            known.put(key, value);
        }
        return value;
    }

    /** How many answers were worked out and not remembered. */
    public long computed() {
        synchronized (known) {
            return computed;
        }
    }
}
