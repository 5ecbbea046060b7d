package jurren.core.memo;

import java.util.IdentityHashMap;
import java.util.Map;
import java.util.TreeSet;

/**
 * One budget for everything that is remembered. When it is exceeded, what is worth least goes first: an
 * answer's worth is the time it took for each byte it keeps alive, on top of the worth of what went last, so that
 * what nobody asks for sinks and goes in its turn (GreedyDual-Size).
 *
 * <p>Worked example: budget 100. A takes 50 bytes and 100 ns (worth 2), B 50 and 50 (worth 1). C of 50 and 150
 * comes: B goes, and from now on 1 is added. A asked again is worth 1 + 2 = 3, C is worth 1 + 3 = 4 unless it was
 * put in before B went.
 *
 * <p>Parts that several answers keep ({@link Scale#add(Object, long)}) count once. Safe for several threads.
 *
 * <p>References: [CI97] P. Cao, S. Irani, Cost-Aware WWW Proxy Caching Algorithms, USENIX 1997.
 */
public final class Memory {
    private static final long USUAL_BYTES = 256L << 20;
    /** Of the heap, where that is small. */
    private static final long SHARE = 6;

    private static final Memory OF_PROCESS =
            new Memory(Math.min(USUAL_BYTES, Runtime.getRuntime().maxMemory() / SHARE));

    private static final class Share {
        private long bytes;
        private int keepers;
    }

    private long budgetBytes;
    private final Map<Object, Share> shares = new IdentityHashMap<>();
    private final TreeSet<Kept> byWorth = new TreeSet<>();
    private long heldBytes;
    private long counted;
    private volatile double risen;
    private volatile int largeBeside;

    public Memory(long budgetBytes) {
        this.budgetBytes = budgetBytes;
    }

    /** The one of this process: 256 MB, or a sixth of a small heap. */
    public static Memory ofProcess() {
        return OF_PROCESS;
    }

    public synchronized long budgetBytes() {
        return budgetBytes;
    }

    /** From here on it holds no more than this. Answers take longer with less, and stay the same. */
    public synchronized void limit(long newBudgetBytes) {
        budgetBytes = newBudgetBytes;
        shrink();
    }

    public synchronized long heldBytes() {
        return heldBytes;
    }

    /** How many answers are remembered. */
    public synchronized int count() {
        return byWorth.size();
    }

    /** Everything is worked out anew from here on. */
    public synchronized void forget() {
        while (!byWorth.isEmpty()) {
            release(byWorth.first());
        }
    }

    /**
     * So many large things stand beside the one that is moved about: they are remembered too, as long as the budget
     * has room.
     */
    public void expectLargeBeside(int things) {
        largeBeside = things;
    }

    int largeBeside() {
        return largeBeside;
    }

    /** What one answer keeps. */
    static final class Kept implements Comparable<Kept> {
        private final Runnable forget;
        private final long costNs;
        private final long bytes;
        private final Object[] parts;
        private double worth;
        private double risenThen;
        private long number;

        Kept(Runnable forget, long costNs, long bytes, Object[] parts) {
            this.forget = forget;
            this.costNs = costNs;
            this.bytes = bytes;
            this.parts = parts;
        }

        @Override
        public int compareTo(Kept o) {
            int byWorth = Double.compare(worth, o.worth);
            return byWorth != 0 ? byWorth : Long.compare(number, o.number);
        }
    }

    /** @param partBytes of each of its parts */
    synchronized void keep(Kept kept, long[] partBytes) {
        if (kept.bytes > budgetBytes) {
            kept.forget.run();
            return;
        }
        long all = kept.bytes;
        heldBytes += kept.bytes;
        for (int i = 0; i < kept.parts.length; i++) {
            Share share = shares.computeIfAbsent(kept.parts[i], _ -> new Share());
            if (share.keepers++ == 0) {
                share.bytes = partBytes[i];
                heldBytes += share.bytes;
                all += share.bytes;
            }
        }
        kept.number = counted++;
        rate(kept, all);
        byWorth.add(kept);
        shrink();
    }

    private void shrink() {
        while (heldBytes > budgetBytes && !byWorth.isEmpty()) {
            Kept least = byWorth.first();
            risen = Math.max(risen, least.worth);
            release(least);
        }
    }

    private void rate(Kept kept, long bytes) {
        kept.risenThen = risen;
        kept.worth = risen + (double) kept.costNs / Math.max(1, bytes);
    }

    /** It was asked for again: worth what it would be worth if it came now. Nothing to do until something went. */
    void used(Kept kept) {
        if (kept.risenThen == risen) {
            return;
        }
        synchronized (this) {
            if (byWorth.remove(kept)) {
                double own = kept.worth - kept.risenThen;
                kept.risenThen = risen;
                kept.worth = risen + own;
                kept.number = counted++;
                byWorth.add(kept);
            }
        }
    }

    /** It will not be asked for again; what went already is let be. */
    synchronized void letGo(Kept kept) {
        if (byWorth.contains(kept)) {
            release(kept);
        }
    }

    private void release(Kept kept) {
        byWorth.remove(kept);
        heldBytes -= kept.bytes;
        for (Object part : kept.parts) {
            Share share = shares.get(part);
            if (--share.keepers == 0) {
                heldBytes -= share.bytes;
                shares.remove(part);
            }
        }
        kept.forget.run();
    }
}
