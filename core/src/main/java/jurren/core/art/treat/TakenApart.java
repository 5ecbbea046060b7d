package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import jurren.core.art.Chain;
import jurren.core.art.Drawing;
import jurren.core.art.DrawnGroup;
import jurren.core.art.DrawnShape;
import jurren.core.art.Motif;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * A drawing as several motifs, each with some of its shapes, where they were and with all that was done to the whole.
 */
public final class TakenApart {
    /** Of more nobody could find one. */
    public static final int MOST = 200;
    /** Shapes that lie so near touch. */
    private static final double TOUCH_MM = 0.05;

    private TakenApart() {}

    /** A motif for each colour, in the order in which each first comes; the motif itself where there is one colour. */
    public static List<Motif> byColour(Motif whole, Supplier<String> ids) {
        Map<Colour, List<Integer>> byColour = new LinkedHashMap<>();
        Predicate<Integer> shown = shown(whole);
        int number = 0;
        for (Paint p : Chain.drawing((Drawing) whole.source())) {
            for (int i = 0; i < p.parts().size(); i++) {
                if (shown.test(++number)) {
                    byColour.computeIfAbsent(p.colour(), _ -> new ArrayList<>()).add(number);
                }
            }
        }
        return motifs(whole, List.copyOf(byColour.values()), List.of(), ids);
    }

    /** What was taken apart before is taken apart further. */
    private static Predicate<Integer> shown(Motif whole) {
        return !whole.treatments().isEmpty() && whole.treatments().getFirst() instanceof OnlyShapes only
                ? only.kept()::get
                : _ -> true;
    }

    /** A motif for each set of shapes that touch, whatever their colour, in the order in which each begins. */
    public static List<Motif> byPart(Motif whole, Supplier<String> ids) {
        List<Region> shapes = new ArrayList<>();
        List<Integer> numbers = new ArrayList<>();
        Predicate<Integer> shown = shown(whole);
        int number = 0;
        for (Paint p : Chain.drawing((Drawing) whole.source())) {
            for (Region part : p.parts()) {
                if (shown.test(++number)) {
                    shapes.add(part);
                    numbers.add(number);
                }
            }
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
            clusters.computeIfAbsent(root(of, i), _ -> new ArrayList<>()).add(numbers.get(i));
        }
        return motifs(whole, List.copyOf(clusters.values()), List.of(), ids);
    }

    /**
     * A motif for each group of the file, at the outermost depth at which there are several: a group that holds all
     * there is is none. What is in no group there is one more motif.
     */
    public static List<Motif> byGroup(Motif whole, Supplier<String> ids) {
        List<List<DrawnGroup>> paths = paths((Drawing) whole.source());
        List<Integer> shown = IntStream.rangeClosed(1, paths.size())
                .boxed()
                .filter(shown(whole))
                .toList();
        int depth = 0;
        Map<List<DrawnGroup>, List<Integer>> byGroup = shares(paths, shown, depth);
        while (byGroup.size() == 1 && byGroup.keySet().iterator().next().size() > depth) {
            byGroup = shares(paths, shown, ++depth);
        }
        int last = depth;
        return motifs(
                whole,
                List.copyOf(byGroup.values()),
                byGroup.keySet().stream()
                        .map(path -> path.size() > last ? path.get(last).name() : "")
                        .toList(),
                ids);
    }

    private static Map<List<DrawnGroup>, List<Integer>> shares(
            List<List<DrawnGroup>> paths, List<Integer> shown, int depth) {
        Map<List<DrawnGroup>, List<Integer>> shares = new LinkedHashMap<>();
        for (int number : shown) {
            List<DrawnGroup> path = paths.get(number - 1);
            shares.computeIfAbsent(path.subList(0, Math.min(path.size(), depth + 1)), _ -> new ArrayList<>())
                    .add(number);
        }
        return shares;
    }

    /** Of each shape that is there, as {@link Chain#drawing} counts them. */
    private static List<List<DrawnGroup>> paths(Drawing d) {
        Placement size = Placement.scaled(d.widthFactor(), d.heightFactor());
        return d.shapes().stream()
                .filter(s -> !s.curves().placed(size).enclosed().isEmpty())
                .map(DrawnShape::groups)
                .toList();
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

    /** @param names of each; what has none gets a number */
    private static List<Motif> motifs(
            Motif whole, List<List<Integer>> shares, List<String> names, Supplier<String> ids) {
        if (shares.size() < 2) {
            return List.of(whole);
        }
        if (shares.size() > MOST) {
            throw new IllegalArgumentException("that would be " + shares.size() + " motifs; " + MOST + " are the most");
        }
        boolean again = !whole.treatments().isEmpty() && whole.treatments().getFirst() instanceof OnlyShapes;
        List<Motif> motifs = new ArrayList<>();
        for (List<Integer> share : shares) {
            List<Treatment> treatments = new ArrayList<>(List.of(OnlyShapes.of(share)));
            treatments.addAll(
                    again ? whole.treatments().subList(1, whole.treatments().size()) : whole.treatments());
            int n = motifs.size();
            String name = n < names.size() && !names.get(n).isBlank() ? names.get(n) : whole.name() + " " + (n + 1);
            motifs.add(new Motif(
                    n == 0 ? whole.id() : ids.get(),
                    name,
                    whole.source(),
                    treatments,
                    whole.pose(),
                    whole.standing(),
                    whole.films()));
        }
        return motifs;
    }
}
