package jurren.core.memo;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.SequencedSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.LongAdder;
import java.util.function.Function;

/**
 * Remembers the answers of a pure function by the value of what was asked, as long as its {@link Memory} has room
 * and something else is worth less. Safe for several threads; two that ask the same at once may both compute it.
 */
public final class Memo<K, V> {
    /** An entry's own objects: map node, ordered node, the record around them. */
    private static final long ENTRY_BYTES = 200;

    private static final long LARGE_BYTES = 1 << 20;

    /** Puts on the scale what a question and its answer keep alive. */
    public interface Weighing<K, V> {
        void weigh(K key, V value, Scale scale);
    }

    private record Known<V>(V value, Memory.Kept kept, boolean isLarge) {}

    private final Memory memory;
    private final Function<K, V> function;
    private final Weighing<? super K, ? super V> weighing;
    private final Map<K, Known<V>> known = new ConcurrentHashMap<>();
    private final LongAdder computed = new LongAdder();
    private final int mostLarge;
    /** The large answers, what was asked for last at the end. */
    private final SequencedSet<Memory.Kept> large = new LinkedHashSet<>();

    /** In the memory of this process. */
    public Memo(Function<K, V> function, Weighing<? super K, ? super V> weighing) {
        this(Memory.ofProcess(), function, weighing);
    }

    public Memo(Memory memory, Function<K, V> function, Weighing<? super K, ? super V> weighing) {
        this(memory, Integer.MAX_VALUE, function, weighing);
    }

    /**
     * @param mostLarge answers of more than a megabyte are remembered at a time: a large thing that is moved about is
     * asked for by its last place
     */
    public Memo(int mostLarge, Function<K, V> function, Weighing<? super K, ? super V> weighing) {
        this(Memory.ofProcess(), mostLarge, function, weighing);
    }

    private Memo(Memory memory, int mostLarge, Function<K, V> function, Weighing<? super K, ? super V> weighing) {
        this.memory = memory;
        this.mostLarge = mostLarge;
        this.function = function;
        this.weighing = weighing;
    }

    public V get(K key) {
        Known<V> before = known.get(key);
        if (before != null) {
            memory.used(before.kept);
            if (before.isLarge) {
                usedLarge(before.kept);
            }
            return before.value;
        }
        long began = System.nanoTime();
        V value = function.apply(key);
        computed.increment();
        remember(key, value, System.nanoTime() - began);
        return value;
    }

    private void remember(K key, V value, long costNs) {
        Weighed w = new Weighed();
        weighing.weigh(key, value, w);
        Memory.Kept kept = new Memory.Kept(() -> known.remove(key), costNs, w.bytes, w.parts.toArray());
        long[] partBytes = w.partBytes.stream().mapToLong(Long::longValue).toArray();
        boolean isLarge = mostLarge < Integer.MAX_VALUE
                && w.bytes + Arrays.stream(partBytes).sum() > LARGE_BYTES;
        if (known.putIfAbsent(key, new Known<>(value, kept, isLarge)) == null) {
            memory.keep(kept, partBytes);
            if (isLarge) {
                forgetOldLarge(kept);
            }
        }
    }

    private void forgetOldLarge(Memory.Kept latest) {
        synchronized (large) {
            large.addLast(latest);
            while (large.size() > mostLarge + memory.largeBeside()) {
                memory.letGo(large.removeFirst());
            }
        }
    }

    private void usedLarge(Memory.Kept kept) {
        synchronized (large) {
            if (large.contains(kept)) {
                large.addLast(kept);
            }
        }
    }

    /** How many answers were worked out and not remembered. */
    public long computed() {
        return computed.sum();
    }

    private static final class Weighed implements Scale {
        private final List<Object> parts = new ArrayList<>();
        private final List<Long> partBytes = new ArrayList<>();
        private long bytes = ENTRY_BYTES;

        @Override
        public void add(long more) {
            bytes += more;
        }

        @Override
        public void add(Object part, long of) {
            parts.add(part);
            partBytes.add(of);
        }
    }
}
