package jurren.core.finish;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import jurren.core.material.Pressure;
import jurren.core.stop.Stop;

/**
 * The fewest closings of a press that bond every layer with none suffering; of those the one with the fewest changes of
 * heat, then the least time.
 *
 * <p>Dynamic programming from the last closing to the first. Backwards, the heat that a layer still takes once it is
 * laid is known when it is laid, so a state is only who is still there and who must be bonded by then; of the labels of
 * a state those are kept that no other beats in changes, time and heat together. Three things keep it small, each
 * without losing the best: a closing bonds whatever it can; what may be laid for a closing without that the wait before
 * peeling becomes longer is laid no earlier (it takes less heat and gets in nobody's way), so only largest sets that
 * can lie side by side are tried; and of heat and seconds only those matter that some layer needs at the least.
 *
 * <p>Beyond {@link Pressing#MOST_EXACT} layers only the most promising states of each length are followed.
 */
final class ClosingSearch {
    /** Labels followed of one length, divided among the layers. */
    private static final int WIDEST = 1200;

    private static final double SLACK = 1e-9;
    private static final Comparator<Label> BEST = Comparator.<Label>comparingInt(l -> l.changes)
            .thenComparingDouble(l -> l.timeS)
            .thenComparingDouble(l -> l.heatS);

    /** Before a closing: who is down, and who of them must be bonded by then; the heat of what follows. */
    private record State(long down, long bonded, int heat) {}

    private record Label(
            State state,
            int changes,
            double timeS,
            double heatS,
            Label after,
            long laid,
            long bonds,
            double seconds,
            Pressure pressure) {
        boolean beats(Label other) {
            return changes <= other.changes && timeS <= other.timeS + SLACK && heatS <= other.heatS + SLACK;
        }
    }

    private final Pressing p;
    private final int n;
    private final long[] above;
    private final double[] heats;
    private final double[] dwells;
    private final long atOnce;
    private final double mostHeatS;
    private final boolean exact;
    /** Only asked whether anything will do: then neither heat nor time tells states and labels apart. */
    private final boolean onlyWhether;

    private final Map<Long, long[]> sideBySide = new HashMap<>();
    private final Map<State, List<Label>> known = new HashMap<>();
    private long looked;

    ClosingSearch(Pressing p) {
        this(p, false);
    }

    private ClosingSearch(Pressing p, boolean onlyWhether) {
        this.p = p;
        this.onlyWhether = onlyWhether;
        this.n = p.layers().size();
        this.above = new long[n];
        for (int i = 0; i < n; i++) {
            for (long b = p.before(i); b != 0; b &= b - 1) {
                above[Long.numberOfTrailingZeros(b)] |= 1L << i;
            }
        }
        this.heats =
                IntStream.range(0, n).mapToDouble(p::leastC).distinct().sorted().toArray();
        this.dwells = IntStream.concat(IntStream.of(-1), IntStream.range(0, n))
                .mapToDouble(i -> i < 0 ? Pressing.LEAST_TACK_S : p.leastS(i))
                .distinct()
                .sorted()
                .toArray();
        this.mostHeatS = p.mostOnThingS();
        this.atOnce = IntStream.range(0, n)
                .filter(p::isAtOnce)
                .mapToLong(i -> 1L << i)
                .reduce(0, (a, b) -> a | b);
        this.exact = n <= Pressing.MOST_EXACT;
    }

    /** Empty when nothing keeps to all limits. */
    Optional<List<Closing>> best() {
        if (p.isCoveredWhatTakesNothing()) {
            return Optional.empty();
        }
        long all = (1L << n) - 1;
        Collection<Label> level = List.of(new Label(new State(all, all, -1), 0, 0, 0, null, 0, 0, 0, Pressure.LIGHT));
        for (int closings = 0; closings <= 2 * n && !level.isEmpty(); closings++) {
            Optional<Label> done = level.stream().filter(l -> l.state.down == 0).min(BEST);
            if (done.isPresent()) {
                return Optional.of(onlyWhether ? List.of() : closings(done.get()));
            }
            Stop.here().look();
            List<Label> next = new ArrayList<>();
            level.forEach(l -> extend(l, next));
            level = kept(next);
        }
        return Optional.empty();
    }

    /**
     * Whether anything keeps to all limits; far quicker told than what is best. Beyond what is exact the same states
     * are followed as for the best, so that both say the same.
     */
    static boolean isPossible(Pressing p) {
        return new ClosingSearch(p, p.layers().size() <= Pressing.MOST_EXACT)
                .best()
                .isPresent();
    }

    long looked() {
        return looked;
    }

    private List<Label> kept(List<Label> next) {
        List<Label> live = next.stream()
                .filter(l -> known.get(l.state).stream().anyMatch(o -> o == l))
                .toList();
        return exact || live.size() <= WIDEST / n
                ? live
                : live.stream()
                        .sorted(Comparator.<Label>comparingInt(l -> Long.bitCount(l.state.down))
                                .thenComparingInt(l -> Long.bitCount(l.state.bonded))
                                .thenComparing(BEST))
                        .limit(WIDEST / n)
                        .toList();
    }

    /** Every closing that can come right before what a label holds. */
    private void extend(Label l, List<Label> next) {
        long down = l.state.down;
        double bears = p.mostC();
        double mostS = mostHeatS - l.heatS;
        Pressure most = Pressure.FIRM;
        for (long b = down; b != 0; b &= b - 1) {
            int i = Long.numberOfTrailingZeros(b);
            bears = Math.min(bears, p.mostC(i));
            mostS = Math.min(mostS, p.mostInAllS(i) - l.heatS);
            if (p.isOnce(i)) {
                most = most.compareTo(p.pressure(i)) < 0 ? most : p.pressure(i);
            }
        }
        for (int h = 0; h < heats.length && heats[h] <= bears + SLACK; h++) {
            for (double seconds : dwells) {
                if (seconds <= mostS + SLACK) {
                    close(l, h, seconds, most, next);
                }
            }
        }
    }

    private void close(Label l, int h, double seconds, Pressure most, List<Label> next) {
        long down = l.state.down;
        long bonds = 0;
        long overdone = 0;
        long warmEnough = 0;
        long mustGo = 0;
        for (long b = down; b != 0; b &= b - 1) {
            int i = Long.numberOfTrailingZeros(b);
            long bit = 1L << i;
            boolean warm = heats[h] >= p.leastC(i) - SLACK;
            warmEnough |= warm ? bit : 0;
            if (warm
                    && seconds >= p.leastS(i) - SLACK
                    && seconds <= p.mostS(i) + SLACK
                    && p.pressure(i).compareTo(most) <= 0) {
                bonds |= bit;
            }
            overdone |= seconds > p.mostS(i) + SLACK ? bit : 0;
            mustGo |= p.isOnce(i) ? bit : 0;
        }
        long mustBeBonded = l.state.bonded & ~bonds | overdone;
        long may = 0;
        for (long b = down & warmEnough & ~mustBeBonded; b != 0; b &= b - 1) {
            int i = Long.numberOfTrailingZeros(b);
            boolean free = (above[i] & down) == 0 && ((atOnce >> i & 1) == 0 || (bonds >> i & 1) != 0);
            may |= free ? 1L << i : 0;
        }
        if ((mustGo & ~may) == 0) {
            Closable closing = new Closable(l, h, seconds, most, bonds, overdone);
            for (long laid : choices(may, heats[h])) {
                looked++;
                if ((mustGo & ~laid) == 0 && (laid != 0 || (bonds & l.state.bonded & ~atOnce) != 0)) {
                    put(closing, laid, next);
                }
            }
        }
    }

    /** A closing but for what is laid for it. */
    private record Closable(Label after, int heat, double seconds, Pressure most, long bonds, long overdone) {}

    private void put(Closable c, long laid, List<Label> next) {
        Label l = c.after;
        // what must be bonded as it is laid gets nothing from a later closing
        long bonds = c.bonds & l.state.bonded & (~atOnce | laid);
        long before = (l.state.bonded & ~bonds | c.overdone) & ~laid;
        double cool = 0;
        Pressure pressure = Pressure.LIGHT;
        for (long b = laid | bonds; b != 0; b &= b - 1) {
            int i = Long.numberOfTrailingZeros(b);
            cool = (laid >> i & 1) != 0 ? Math.max(cool, coolingS(i, c.heat)) : cool;
            pressure = pressure.compareTo(p.pressure(i)) > 0 ? pressure : p.pressure(i);
        }
        State state = new State(l.state.down & ~laid, before, onlyWhether ? -1 : c.heat);
        Label found = new Label(
                state,
                l.changes + (l.state.heat >= 0 && l.state.heat != c.heat ? 1 : 0),
                onlyWhether ? 0 : l.timeS + p.times().of(HandTime.HANDLING) + c.seconds + cool,
                l.heatS + c.seconds,
                l,
                laid,
                bonds,
                c.seconds,
                pressure.compareTo(c.most) < 0 ? pressure : c.most);
        List<Label> same = known.computeIfAbsent(state, _ -> new ArrayList<>(2));
        if (same.stream().anyMatch(o -> o.beats(found))) {
            return;
        }
        same.removeIf(found::beats);
        same.add(found);
        next.add(found);
    }

    private double coolingS(int i, int heat) {
        return Cooling.untilPeeled(p.layers().get(i), heats[heat]);
    }

    /**
     * What may be worth laying for a closing: nothing, or of those that cool no longer than one of them as many as can
     * lie together.
     */
    private long[] choices(long may, double celsius) {
        List<Long> all = new ArrayList<>(List.of(0L));
        List<Double> cools = new ArrayList<>(onlyWhether ? List.of(Double.MAX_VALUE) : List.of());
        for (long b = onlyWhether ? 0 : may; b != 0; b &= b - 1) {
            double cool = Cooling.untilPeeled(p.layers().get(Long.numberOfTrailingZeros(b)), celsius);
            if (!cools.contains(cool)) {
                cools.add(cool);
            }
        }
        for (double longest : cools) {
            long quick = 0;
            for (long b = may; b != 0; b &= b - 1) {
                int i = Long.numberOfTrailingZeros(b);
                quick |= Cooling.untilPeeled(p.layers().get(i), celsius) <= longest ? 1L << i : 0;
            }
            for (long set : largestSideBySide(quick)) {
                if (!all.contains(set)) {
                    all.add(set);
                }
            }
        }
        return all.stream().mapToLong(Long::longValue).toArray();
    }

    /** The largest sets of these that can lie under the press together, whichever is laid first. */
    private long[] largestSideBySide(long of) {
        return sideBySide.computeIfAbsent(of, set -> {
            List<Long> found = new ArrayList<>();
            if (exact) {
                collect(set, 0, found);
            } else {
                for (long b = set; b != 0; b &= b - 1) {
                    long one = grown(set, Long.lowestOneBit(b));
                    if (!found.contains(one)) {
                        found.add(one);
                    }
                }
            }
            return found.stream()
                    .filter(s -> found.stream().noneMatch(o -> !o.equals(s) && (s & ~o) == 0))
                    .mapToLong(Long::longValue)
                    .toArray();
        });
    }

    private void collect(long left, long chosen, List<Long> found) {
        if (left == 0) {
            if (chosen != 0) {
                found.add(chosen);
            }
            return;
        }
        long bit = Long.lowestOneBit(left);
        if (canLieTogether(chosen | bit)) {
            collect(left ^ bit, chosen | bit, found);
        }
        if (conflicts(bit, left | chosen)) {
            collect(left ^ bit, chosen, found);
        }
    }

    /** One that gets on with all others is never left out. */
    private boolean conflicts(long bit, long among) {
        int i = Long.numberOfTrailingZeros(bit);
        if ((p.lying().under().get(i) & among) != 0) {
            return true;
        }
        for (long b = among; b != 0; b &= b - 1) {
            if ((p.lying().under().get(Long.numberOfTrailingZeros(b)) & bit) != 0) {
                return true;
            }
        }
        return false;
    }

    private long grown(long set, long from) {
        long chosen = from;
        for (long b = set & ~from; b != 0; b &= b - 1) {
            long bit = Long.lowestOneBit(b);
            chosen |= canLieTogether(chosen | bit) ? bit : 0;
        }
        return chosen;
    }

    private boolean canLieTogether(long set) {
        return inLayingOrder(set).size() == Long.bitCount(set);
    }

    /**
     * One after the other, so that none comes onto the carrier of another; fewer than there are where that cannot be.
     */
    private List<Integer> inLayingOrder(long set) {
        List<Integer> order = new ArrayList<>();
        long left = set;
        for (boolean any = true; any && left != 0; ) {
            any = false;
            for (long b = left; b != 0 && !any; b &= b - 1) {
                int i = Long.numberOfTrailingZeros(b);
                // it may be laid once all are down that would come onto its carrier
                if ((p.lying().under().get(i) & left & ~(1L << i)) == 0) {
                    order.add(i);
                    left &= ~(1L << i);
                    any = true;
                }
            }
        }
        return order;
    }

    private List<Closing> closings(Label first) {
        List<Closing> all = new ArrayList<>();
        for (Label l = first; l.after != null; l = l.after) {
            all.add(new Closing(
                    inLayingOrder(l.laid),
                    indices(l.bonds),
                    indices(l.after.state.down),
                    heats[l.state.heat],
                    l.seconds,
                    l.pressure));
        }
        return all;
    }

    private static List<Integer> indices(long set) {
        List<Integer> all = new ArrayList<>();
        for (long b = set; b != 0; b &= b - 1) {
            all.add(Long.numberOfTrailingZeros(b));
        }
        return all;
    }

    /** The longest chain of layers on each other: no sequence has fewer closings. */
    static int leastClosings(Pressing p) {
        int[] high = new int[p.layers().size()];
        for (int i = 0; i < high.length; i++) {
            high[i] = 1;
            for (long b = p.before(i); b != 0; b &= b - 1) {
                int j = Long.numberOfTrailingZeros(b);
                high[i] = Math.max(high[i], j < i ? high[j] + 1 : 1);
            }
        }
        return Arrays.stream(high).max().orElse(0);
    }
}
