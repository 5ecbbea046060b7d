package jurren.core.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.function.ToDoubleFunction;
import jurren.core.geometry.Box;
import jurren.core.geometry.Interval;
import jurren.core.geometry.Point;

/**
 * The stack of films along a straight line over the face, as if cut there and seen from the edge.
 *
 * @param lengthMm the length of the line
 * @param films    every stretch of film with the height it lies at, from the lowest layer up
 */
public record CrossSection(double lengthMm, List<Film> films) {
    private static final int LEVELS = 20;

    /** A stretch of one layer; it lies on whatever is under it there. */
    public record Film(int layer, Interval along, double bottomMm, double topMm) {}

    public CrossSection {
        films = List.copyOf(films);
    }

    public double thickestMm() {
        return films.stream().mapToDouble(Film::topMm).max().orElse(0);
    }

    /**
     * The level at which there is most to see, as a share of a box's height: where the line meets most layers, of those
     * where it runs longest through them. Half way down when there is nothing.
     */
    public static double busiest(List<Layer> layers, Box box) {
        double best = 0.5;
        double most = 0;
        for (int i = 1; i < LEVELS; i++) {
            double share = (double) i / LEVELS;
            double y = box.minYMm() + share * box.heightMm();
            double seen = 0;
            for (Layer layer : layers) {
                double length = layer.region().along(new Point(box.minXMm(), y), new Point(box.maxXMm(), y)).stream()
                        .mapToDouble(Interval::lengthMm)
                        .sum();
                seen += length > 0 ? 1 + length / box.widthMm() / layers.size() : 0;
            }
            if (seen > most + 1e-9) {
                most = seen;
                best = share;
            }
        }
        return best;
    }

    /**
     * Lays the layers one on another along the line. A film is cut into stretches wherever one below
     * it begins or ends, because there it changes height.
     */
    public static CrossSection of(List<Layer> layers, Point from, Point to, ToDoubleFunction<Layer> thicknessMm) {
        List<Film> films = new ArrayList<>();
        for (Layer layer : layers) {
            List<Film> below = List.copyOf(films);
            for (Interval stretch : layer.region().along(from, to)) {
                films.addAll(laid(layer, stretch, below, thicknessMm.applyAsDouble(layer)));
            }
        }
        return new CrossSection(from.distanceMm(to), films);
    }

    private static List<Film> laid(Layer layer, Interval stretch, List<Film> below, double thicknessMm) {
        TreeSet<Double> steps = new TreeSet<>(List.of(stretch.fromMm(), stretch.toMm()));
        for (Film film : below) {
            for (double end : new double[] {film.along.fromMm(), film.along.toMm()}) {
                if (end > stretch.fromMm() && end < stretch.toMm()) {
                    steps.add(end);
                }
            }
        }
        List<Film> films = new ArrayList<>();
        double start = steps.pollFirst();
        for (double end : steps) {
            double middle = (start + end) / 2;
            double bottom = below.stream()
                    .filter(f -> f.along.fromMm() <= middle && middle <= f.along.toMm())
                    .mapToDouble(Film::topMm)
                    .max()
                    .orElse(0);
            films.add(new Film(layer.order(), new Interval(start, end), bottom, bottom + thicknessMm));
            start = end;
        }
        return joined(films);
    }

    /** Neighbouring stretches at one height are one. */
    private static List<Film> joined(List<Film> films) {
        List<Film> out = new ArrayList<>();
        for (Film film : films) {
            if (!out.isEmpty()
                    && out.getLast().bottomMm == film.bottomMm
                    && out.getLast().along.toMm() == film.along.fromMm()) {
                Film last = out.removeLast();
                out.add(new Film(
                        film.layer, new Interval(last.along.fromMm(), film.along.toMm()), film.bottomMm, film.topMm));
            } else {
                out.add(film);
            }
        }
        return out;
    }
}
