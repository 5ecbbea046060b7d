package jurren.core.finish;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.function.Function;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.layer.Layer;

/**
 * Who lies on whom, and whose carrier would come between another film and the cloth.
 *
 * @param on    for each layer, by index from the bottom, the set of those that lie on it as bits
 * @param under for each layer the set of those that would lie on its carrier, were they laid while it is still there
 */
public record LayerOverlaps(List<Long> on, List<Long> under) {
    /** As much film as scissors leave around what was cut. */
    private static final double CUT_OFF_MM = 10;
    /** As close as a hand trims a carrier. */
    public static final double TRIMMED_MM = 2;
    /** More layers are pressed in several sequences: sets of them are kept as bits. */
    public static final int MOST = 60;
    /** Films that share less were not meant to meet. */
    private static final double LEAST_MEETING_MM2 = 0.5;

    public LayerOverlaps {
        if (on.size() > MOST) {
            throw new IllegalArgumentException(
                    "no more than " + MOST + " layers are told apart at once, but there are " + on.size());
        }
        on = List.copyOf(on);
        under = List.copyOf(under);
    }

    /** Carriers that follow the pieces of their film, as close as a hand trims them. */
    public static Function<Layer, Region> trimmed(Function<Layer, Region> piece) {
        return layer -> piece.apply(layer).grown(TRIMMED_MM, CornerStyle.ROUND);
    }

    /** A carrier as scissors cut it off the roll: a rectangle around all of its film. */
    public static Region asCutOff(Layer layer) {
        return layer.region().isEmpty()
                ? Region.EMPTY
                : Region.of(layer.region().bounds().grown(CUT_OFF_MM));
    }

    /** Each on all below it. */
    public static LayerOverlaps stacked(int layers) {
        List<Long> all = new ArrayList<>();
        for (int i = 0; i < layers; i++) {
            all.add(((1L << layers) - 1) & -(2L << i));
        }
        return new LayerOverlaps(all, all);
    }

    /** None touching another. */
    public static LayerOverlaps apart(int layers) {
        List<Long> none = Collections.nCopies(layers, 0L);
        return new LayerOverlaps(none, none);
    }

    /**
     * As layers really lie.
     *
     * @param layers  from the lowest up, what goes under the press
     * @param carrier of a layer, as it is when it is laid
     */
    public static LayerOverlaps of(List<Layer> layers, Function<Layer, Region> carrier) {
        int n = layers.size();
        long[] on = new long[n];
        long[] under = new long[n];
        Region[] carriers = new Region[n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                Region film = layers.get(j).region();
                Box reach = layers.get(i).region().bounds().grown(CUT_OFF_MM);
                if (i == j || film.isEmpty() || reach.crossed(film.bounds()).isEmpty()) {
                    continue;
                }
                if (j > i && layers.get(i).region().intersect(film).areaMm2() > LEAST_MEETING_MM2) {
                    on[i] |= 1L << j;
                    under[i] |= 1L << j;
                } else {
                    if (carriers[i] == null) {
                        carriers[i] = carrier.apply(layers.get(i));
                    }
                    if (carriers[i].intersect(film).areaMm2() > LEAST_MEETING_MM2) {
                        under[i] |= 1L << j;
                    }
                }
            }
        }
        return new LayerOverlaps(
                Arrays.stream(on).boxed().toList(), Arrays.stream(under).boxed().toList());
    }

    /** Of some of the layers alone. */
    LayerOverlaps of(List<Integer> some) {
        return new LayerOverlaps(
                some.stream().map(i -> picked(on.get(i), some)).toList(),
                some.stream().map(i -> picked(under.get(i), some)).toList());
    }

    private static long picked(long set, List<Integer> some) {
        long of = 0;
        for (int k = 0; k < some.size(); k++) {
            of |= (set >> some.get(k) & 1) << k;
        }
        return of;
    }

    /** Whether {@code upper} lies on {@code lower}. */
    public boolean isOn(int upper, int lower) {
        return (on.get(lower) >> upper & 1) != 0;
    }

    public int size() {
        return on.size();
    }
}
