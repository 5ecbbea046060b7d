package jurren.core.layer;

import jurren.core.geometry.Interval;
import jurren.core.geometry.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.function.ToDoubleFunction;

/**
 * The stack of films along a straight line over the face, as if cut there and seen from the edge.
 *
 * @param lengthMm the length of the line
 * @param films    every stretch of film with the height it lies at, from the lowest layer up
 */
public record CrossSection(double lengthMm, List<Film> films) {
    /** A stretch of one layer; it lies on whatever is under it there. */
    public record Film(int layer, Interval along, double bottomMm, double topMm) {
    }

    public CrossSection {
        films = List.copyOf(films);
    }

    public double thickestMm() {
        return films.stream().mapToDouble(Film::topMm).max().orElse(0);
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
                    .mapToDouble(Film::topMm).max().orElse(0);
            films.add(new Film(layer.order(), new Interval(start, end), bottom, bottom + thicknessMm));
            start = end;
        }
        return joined(films);
    }

    /** Neighbouring stretches at one height are one. */
    private static List<Film> joined(List<Film> films) {
        List<Film> out = new ArrayList<>();
        for (Film film : films) {
            if (!out.isEmpty() && out.getLast().bottomMm == film.bottomMm
                    && out.getLast().along.toMm() == film.along.fromMm()) {
                Film last = out.removeLast();
                out.add(new Film(film.layer, new Interval(last.along.fromMm(), film.along.toMm()),
                        film.bottomMm, film.topMm));
            } else {
                out.add(film);
            }
        }
        return out;
    }
}
