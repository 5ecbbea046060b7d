package jurren.core.finish;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import jurren.core.blank.Substrate;
import jurren.core.material.Pressure;

/**
 * What must come under heat at one place of a thing, and everything that limits how.
 *
 * @param layers     from the lowest up
 * @param cloth      what it is pressed onto
 * @param clothTimes how often the most heated spot of the thing is pressed in one closing over all positions
 * @param reachesC   the hottest the press gets
 * @param dyeMovesC  above which the dye of the cloth moves, where that would show
 * @param wishes     what a person decided otherwise
 * @param waived     limits that are not kept to
 * @param times      that hands take
 */
public record Pressing(
        List<Pressed> layers,
        LayerOverlaps lying,
        Substrate cloth,
        int clothTimes,
        double reachesC,
        OptionalDouble dyeMovesC,
        List<Wish> wishes,
        Set<Limit> waived,
        HandTimes times) {
    /** As many are looked through to the end; of more the best of very many. */
    public static final int MOST_EXACT = 10;
    /** A press that keeps a film in place at the least. */
    static final double LEAST_TACK_S = 1;

    /** What a person decided about a layer. */
    public sealed interface Wish {
        int layer();
    }

    /** The press that bonds it takes so long. */
    public record Seconds(int layer, double seconds) implements Wish {}

    /** It goes down in a later closing than another. */
    public record After(int layer, int other) implements Wish {}

    public Pressing {
        layers = List.copyOf(layers);
        wishes = List.copyOf(wishes);
        waived = Set.copyOf(waived);
        if (layers.size() != lying.size()) {
            throw new IllegalArgumentException(layers.size() + " layers but " + lying.size() + " known places");
        }
    }

    /** As long as hands usually take. */
    public Pressing(
            List<Pressed> layers,
            LayerOverlaps lying,
            Substrate cloth,
            int clothTimes,
            double reachesC,
            OptionalDouble dyeMovesC,
            List<Wish> wishes,
            Set<Limit> waived) {
        this(layers, lying, cloth, clothTimes, reachesC, dyeMovesC, wishes, waived, HandTimes.USUAL);
    }

    public Pressing waiving(Set<Limit> more) {
        Set<Limit> all = new HashSet<>(waived);
        all.addAll(more);
        return new Pressing(layers, lying, cloth, clothTimes, reachesC, dyeMovesC, wishes, all, times);
    }

    /** As if only some of the layers were there: whatever clashes among them clashes among all. */
    Pressing of(List<Integer> some) {
        List<Pressed> its = some.stream().map(layers::get).toList();
        List<Wish> about = wishes.stream()
                .filter(w -> its.stream().anyMatch(l -> l.layer() == w.layer()))
                .toList();
        return new Pressing(its, lying.of(some), cloth, clothTimes, reachesC, dyeMovesC, about, waived, times);
    }

    /** Every limit that is kept to. */
    public List<Limit> limits() {
        List<Limit> all = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            Pressed p = layers.get(i);
            Set<Limit.Kind> kinds = EnumSet.of(
                    Limit.Kind.LEAST_CELSIUS,
                    Limit.Kind.MOST_CELSIUS,
                    Limit.Kind.LEAST_SECONDS,
                    Limit.Kind.MOST_SECONDS,
                    Limit.Kind.MOST_IN_ALL);
            if (p.topOnly() && lying.on().get(i) != 0) {
                kinds.add(Limit.Kind.TOP_ONLY);
            }
            if (p.recipe().once()) {
                kinds.add(Limit.Kind.ONCE);
            }
            kinds.forEach(k -> all.add(new Limit(k, p.layer())));
        }
        all.add(new Limit(Limit.Kind.THING_CELSIUS, 0));
        all.add(new Limit(Limit.Kind.THING_IN_ALL, 0));
        all.add(new Limit(Limit.Kind.PRESS_CELSIUS, 0));
        if (dyeMovesC.isPresent()) {
            all.add(new Limit(Limit.Kind.DYE_MOVES, 0));
        }
        wishes.forEach(w -> all.add(limit(w)));
        all.removeAll(waived);
        return all;
    }

    static Limit limit(Wish w) {
        return new Limit(w instanceof Seconds ? Limit.Kind.WISHED_SECONDS : Limit.Kind.WISHED_ORDER, w.layer());
    }

    boolean keeps(Limit.Kind kind, int index) {
        return !waived.contains(
                new Limit(kind, index < 0 ? 0 : layers.get(index).layer()));
    }

    // ---- what each layer needs and bears, as far as it is kept to

    private OptionalDouble wished(int i) {
        return !keeps(Limit.Kind.WISHED_SECONDS, i)
                ? OptionalDouble.empty()
                : wishes.stream()
                        .filter(w -> w instanceof Seconds
                                && w.layer() == layers.get(i).layer())
                        .mapToDouble(w -> ((Seconds) w).seconds())
                        .findFirst();
    }

    double leastS(int i) {
        double least =
                keeps(Limit.Kind.LEAST_SECONDS, i) ? layers.get(i).recipe().leastS() : LEAST_TACK_S;
        return Math.max(least, wished(i).orElse(0));
    }

    double mostS(int i) {
        double most = keeps(Limit.Kind.MOST_SECONDS, i) ? layers.get(i).recipe().mostS() : Double.POSITIVE_INFINITY;
        return Math.min(most, wished(i).orElse(Double.POSITIVE_INFINITY));
    }

    /** In all closings, counting each once. */
    double mostInAllS(int i) {
        return keeps(Limit.Kind.MOST_IN_ALL, i)
                ? layers.get(i).recipe().mostTotalS() / layers.get(i).times()
                : Double.POSITIVE_INFINITY;
    }

    double leastC(int i) {
        return keeps(Limit.Kind.LEAST_CELSIUS, i) ? layers.get(i).recipe().leastCelsius() : 0;
    }

    double mostC(int i) {
        return keeps(Limit.Kind.MOST_CELSIUS, i) ? layers.get(i).recipe().mostCelsius() : Double.POSITIVE_INFINITY;
    }

    double tackS(int i) {
        return Math.max(LEAST_TACK_S, layers.get(i).recipe().tackS());
    }

    Pressure pressure(int i) {
        return layers.get(i).recipe().pressure();
    }

    boolean isOnce(int i) {
        return layers.get(i).recipe().once() && keeps(Limit.Kind.ONCE, i);
    }

    boolean isAtOnce(int i) {
        return layers.get(i).sheet() || isOnce(i);
    }

    /** The hottest that thing, press and dye allow. */
    double mostC() {
        double most = keeps(Limit.Kind.THING_CELSIUS, -1) ? cloth.mostCelsius() : Double.POSITIVE_INFINITY;
        most = Math.min(most, keeps(Limit.Kind.PRESS_CELSIUS, -1) ? reachesC : Double.POSITIVE_INFINITY);
        return Math.min(
                most,
                keeps(Limit.Kind.DYE_MOVES, -1)
                        ? dyeMovesC.orElse(Double.POSITIVE_INFINITY)
                        : Double.POSITIVE_INFINITY);
    }

    /** What closings over the thing may last together, after it was warmed. */
    double mostOnThingS() {
        return keeps(Limit.Kind.THING_IN_ALL, -1)
                ? cloth.mostTotalS() / clothTimes - (cloth.isCloth() ? times.of(HandTime.WARM) : 0)
                : Double.POSITIVE_INFINITY;
    }

    /** The layers that must be down, in earlier closings, before {@code i}: as bits. */
    long before(int i) {
        long before = 0;
        for (int j = 0; j < layers.size(); j++) {
            before |= lying.isOn(i, j) ? 1L << j : 0;
        }
        for (Wish w : wishes) {
            if (w instanceof After a && a.layer == layers.get(i).layer() && keeps(Limit.Kind.WISHED_ORDER, i)) {
                before |= bit(a.other);
            }
        }
        return before;
    }

    private long bit(int layer) {
        for (int j = 0; j < layers.size(); j++) {
            if (layers.get(j).layer() == layer) {
                return 1L << j;
            }
        }
        return 0;
    }

    /** Whether something lies on what takes nothing. */
    boolean isCoveredWhatTakesNothing() {
        for (int i = 0; i < layers.size(); i++) {
            if (layers.get(i).topOnly()
                    && keeps(Limit.Kind.TOP_ONLY, i)
                    && lying.on().get(i) != 0
                    && !isItsOwnSheet(i)) {
                return true;
            }
        }
        return false;
    }

    /** A print is pressed into its base, whatever else the base refuses. */
    private boolean isItsOwnSheet(int i) {
        long on = lying.on().get(i);
        for (int j = 0; j < layers.size(); j++) {
            if ((on >> j & 1) != 0 && !layers.get(j).sheet()) {
                return false;
            }
        }
        return true;
    }
}
