package jurren.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Motif;
import jurren.core.geometry.Region;
import jurren.core.job.Line;
import jurren.core.layer.Layer;
import jurren.core.material.Film;
import jurren.core.way.known.Ways;

/**
 * Exchanges two neighbours of a stack by changing the order of the motifs that show them: layers follow the art, so a
 * layer comes higher where its motifs do.
 */
public final class LayerOrder {
    private LayerOrder() {}

    /** What came of it. */
    public sealed interface Result {}

    public record Moved(Line line) implements Result {}

    /** @param other the layer it would have changed places with; 0 when there is none */
    public record Stays(Why why, int layer, int other) implements Result {}

    /** Why a layer stays where it is. */
    public enum Why {
        /** It is the highest or the lowest already. */
        AT_THE_END,
        /** What would come below it takes nothing on top. */
        TOP_ONLY,
        /** A print is pressed into its base. */
        PRINT_IN_BASE,
        /** One motif shows both; only its own drawing says which lies above. */
        ONE_MOTIF
    }

    /**
     * @param now the line as it is by now
     * @param up  towards the eye, or down to the thing
     */
    public static Result moved(LinePlan plan, Line now, Layer layer, boolean up) {
        List<Layer> layers = plan.drawn().layers();
        // what is one film on the thing moves as one: a base with its print
        List<Film> films = layers.stream().map(Layer::film).distinct().toList();
        int at = films.indexOf(layer.film());
        int to = up ? at + 1 : at - 1;
        boolean pair = layers.stream().anyMatch(l -> l.film().equals(layer.film()) && l.role() == Layer.Role.BASE);
        if (at < 0 || to < 0 || to >= films.size()) {
            return new Stays(pair ? Why.PRINT_IN_BASE : Why.AT_THE_END, layer.order(), 0);
        }
        Film lower = up ? films.get(at) : films.get(to);
        Film upper = up ? films.get(to) : films.get(at);
        int other = layers.stream()
                .filter(l -> l.film().equals(films.get(to)))
                .findFirst()
                .orElseThrow()
                .order();
        // lower goes over upper
        if (takesNothing(layers, upper) && meet(layers, lower, upper)) {
            return new Stays(Why.TOP_ONLY, up ? layer.order() : other, up ? other : layer.order());
        }
        Set<String> ofLower = shownBy(plan, now, lower);
        Set<String> ofUpper = shownBy(plan, now, upper);
        if (ofLower.stream().anyMatch(ofUpper::contains)) {
            return new Stays(Why.ONE_MOTIF, layer.order(), other);
        }
        return new Moved(now.withMotifs(above(now.motifs(), ofLower, ofUpper)));
    }

    /** Those that come to lie over, right above the highest of those that come to lie under. */
    private static List<Motif> above(List<Motif> motifs, Set<String> over, Set<String> under) {
        List<Motif> rest = new ArrayList<>(
                motifs.stream().filter(m -> !over.contains(m.id())).toList());
        int last = -1;
        for (int i = 0; i < rest.size(); i++) {
            last = under.contains(rest.get(i).id()) ? i : last;
        }
        rest.addAll(last + 1, motifs.stream().filter(m -> over.contains(m.id())).toList());
        return rest;
    }

    private static boolean takesNothing(List<Layer> layers, Film film) {
        return layers.stream()
                .anyMatch(l -> l.film().equals(film) && l.material().topOnly());
    }

    private static boolean meet(List<Layer> layers, Film a, Film b) {
        return layers.stream()
                .filter(l -> l.film().equals(a))
                .anyMatch(l ->
                        layers.stream().filter(m -> m.film().equals(b)).anyMatch(m -> touches(l.region(), m.region())));
    }

    private static boolean touches(Region a, Region b) {
        return a.bounds().crossed(b.bounds()).isPresent() && !a.intersect(b).isEmpty();
    }

    private static Set<String> shownBy(LinePlan plan, Line now, Film film) {
        return now.motifs().stream()
                .filter(m -> {
                    BuiltMotif built = plan.motifs().get(m.id());
                    return built != null
                            && built.paints().stream().anyMatch(p -> {
                                var material = plan.material(m, p.colour());
                                Film shows = Ways.of(material).isOnePrint()
                                        ? Film.print(material.id())
                                        : Film.of(material.id(), p.colour());
                                return shows.equals(film);
                            });
                })
                .map(Motif::id)
                .collect(Collectors.toSet());
    }
}
