package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import jurren.core.art.Chain;
import jurren.core.art.Drawing;
import jurren.core.art.Motif;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/** A drawing as several motifs, each with some of its shapes, where they were and with all that was done to the whole. */
public final class TakenApart {
    /** Of more nobody could find one. */
    public static final int MOST = 200;
    /** Shapes that lie so near touch. */
    private static final double TOUCH_MM = 0.05;

    private TakenApart() {
    }

    /** A motif for each colour, in the order in which each first comes; the motif itself where there is one colour. */
    public static List<Motif> byColour(Motif whole, Supplier<String> ids) {
        Map<Colour, List<Integer>> byColour = new LinkedHashMap<>();
        int number = 0;
        for (Paint p : Chain.drawing((Drawing) whole.source())) {
            for (int i = 0; i < p.parts().size(); i++) {
                byColour.computeIfAbsent(p.colour(), _ -> new ArrayList<>()).add(++number);
            }
        }
        return motifs(whole, List.copyOf(byColour.values()), ids);
    }

    /** A motif for each set of shapes that touch, whatever their colour, in the order in which each begins. */
    public static List<Motif> byPart(Motif whole, Supplier<String> ids) {
        List<Region> shapes = new ArrayList<>();
        for (Paint p : Chain.drawing((Drawing) whole.source())) {
            shapes.addAll(p.parts());
        }
        int[] of = new int[shapes.size()];
        for (int i = 0; i < of.length; i++) {
            of[i] = i;
            for (int k = 0; k < i; k++) {
                if (root(of, i) != root(of, k) && touch(shapes.get(i), shapes.get(k))) {
                    int a = root(of, i);
                    int b = root(of, k);
                    of[Math.max(a, b)] = Math.min(a, b);
                }
            }
        }
        Map<Integer, List<Integer>> clusters = new LinkedHashMap<>();
        for (int i = 0; i < of.length; i++) {
            clusters.computeIfAbsent(root(of, i), _ -> new ArrayList<>()).add(i + 1);
        }
        return motifs(whole, List.copyOf(clusters.values()), ids);
    }

    private static int root(int[] of, int i) {
        int at = i;
        while (of[at] != at) {
            at = of[at];
        }
        return at;
    }

    private static boolean touch(Region a, Region b) {
        if (a.bounds().grown(TOUCH_MM).crossed(b.bounds()).isEmpty()) {
            return false;
        }
        List<jurren.core.geometry.Point> way = a.shortestWayTo(b);
        return way.getFirst().distanceMm(way.getLast()) <= TOUCH_MM;
    }

    private static List<Motif> motifs(Motif whole, List<List<Integer>> shares, Supplier<String> ids) {
        if (shares.size() < 2) {
            return List.of(whole);
        }
        if (shares.size() > MOST) {
            throw new IllegalArgumentException("that would be " + shares.size() + " motifs; " + MOST + " are the most");
        }
        List<Motif> motifs = new ArrayList<>();
        for (List<Integer> share : shares) {
            List<Treatment> treatments = new ArrayList<>(List.of(OnlyShapes.of(share)));
            treatments.addAll(whole.treatments());
            boolean first = motifs.isEmpty();
            motifs.add(new Motif(first ? whole.id() : ids.get(), whole.name() + " " + (motifs.size() + 1), whole.source(), treatments,
                    whole.pose(), whole.standing(), whole.films()));
        }
        return motifs;
    }
}
