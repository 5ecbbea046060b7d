package jurren.core.memo;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;
import java.util.function.ToLongFunction;

/**
 * Remembers the answers of a pure function by the value of what was asked, the last ones of them, as many
 * as together weigh no more than it may hold. Safe for several threads; two that ask the same at once may
 * both compute it.
 */
public final class Memo<K, V> {
    private final Function<K, V> function;
    private final ToLongFunction<V> weight;
    private final long most;
    private final Map<K, V> known = new LinkedHashMap<>(64, 0.75f, true);
    private long held;
    private long computed;

    /** The last {@code most} answers. */
    public Memo(int most, Function<K, V> function) {
        this(most, function, _ -> 1);
    }

    /** @param weight of an answer; what alone weighs more than {@code most} is not remembered */
    public Memo(long most, Function<K, V> function, ToLongFunction<V> weight) {
        this.function = function;
        this.weight = weight;
        this.most = most;
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
            remember(key, value);
        }
        return value;
    }

    private void remember(K key, V value) {
        long own = weight.applyAsLong(value);
        if (own > most) {
            return;
        }
        V before = known.put(key, value);
        held += own - (before == null ? 0 : weight.applyAsLong(before));
        for (Iterator<V> eldest = known.values().iterator(); held > most; ) {
            held -= weight.applyAsLong(eldest.next());
            eldest.remove();
        }
    }

    /** How many answers were worked out and not remembered. */
    public long computed() {
        synchronized (known) {
            return computed;
        }
    }
}
