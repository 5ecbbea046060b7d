package jurren.core.finish;

import java.util.ArrayList;
import java.util.List;

/**
 * Spends what a sequence leaves free. Sequences are compared by the least that is needed; hands and timers are not that
 * exact, so tacks are made as long as their recipe says, then the dwells that bond go up to the middle of their range,
 * as long as every layer and the thing stay under their most. Heat goes up to what the recipes say, the same through a
 * run of closings that can share it.
 */
final class Dwells {
    private static final double STEP_S = 1;

    private Dwells() {}

    static List<Closing> spread(Pressing p, List<Closing> least) {
        List<Closing> all = new ArrayList<>(heated(p, least));
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i).bonded().isEmpty()) {
                lengthen(
                        p,
                        all,
                        i,
                        all.get(i).laid().stream().mapToDouble(p::tackS).max().orElse(0));
            }
        }
        for (int i = all.size() - 1; i >= 0; i--) {
            List<Integer> bonded = all.get(i).bonded();
            if (!bonded.isEmpty()) {
                double from = bonded.stream().mapToDouble(p::leastS).max().orElseThrow();
                double to = bonded.stream().mapToDouble(p::mostS).min().orElseThrow();
                lengthen(p, all, i, Double.isInfinite(to) ? from : Math.floor((from + to) / 2));
            }
        }
        return all;
    }

    private static void lengthen(Pressing p, List<Closing> all, int at, double toS) {
        for (double s = all.get(at).seconds() + STEP_S; s <= toS + 1e-9; s += STEP_S) {
            Closing was = all.get(at);
            all.set(at, was.lasting(s));
            if (!isBorne(p, all)) {
                all.set(at, was);
                return;
            }
        }
    }

    /**
     * Whether every layer and the thing take no more than they bear, and each is bonded in a press of its own range.
     */
    static boolean isBorne(Pressing p, List<Closing> all) {
        double onThing = all.stream().mapToDouble(Closing::seconds).sum();
        if (onThing > p.mostOnThingS() + 1e-9) {
            return false;
        }
        for (int i = 0; i < p.layers().size(); i++) {
            double taken = 0;
            boolean bonded = false;
            for (Closing c : all) {
                if (!c.down().contains(i)) {
                    continue;
                }
                taken += c.seconds();
                if (!bonded && c.seconds() > p.mostS(i) + 1e-9) {
                    return false;
                }
                bonded |= c.bonded().contains(i);
            }
            if (taken > p.mostInAllS(i) + 1e-9) {
                return false;
            }
        }
        return true;
    }

    /** As hot as the recipes say where what lies there bears it. */
    private static List<Closing> heated(Pressing p, List<Closing> least) {
        List<Closing> all = new ArrayList<>(least);
        for (int from = 0; from < all.size(); ) {
            int to = from;
            double wanted = 0;
            double bears = p.mostC();
            double needs = all.get(from).celsius();
            for (; to < all.size() && all.get(to).celsius() == needs; to++) {
                Closing c = all.get(to);
                for (int i : c.down()) {
                    bears = Math.min(bears, p.mostC(i));
                }
                for (int i : c.bonded().isEmpty() ? c.laid() : c.bonded()) {
                    wanted = Math.max(wanted, p.layers().get(i).recipe().celsius());
                }
            }
            double celsius = Math.max(needs, Math.min(wanted, bears));
            for (; from < to; from++) {
                all.set(from, all.get(from).at(celsius));
            }
        }
        return all;
    }
}
