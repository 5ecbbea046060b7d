package jurren.core.load;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import jurren.core.material.Colour;
import jurren.core.material.Material;

/**
 * Groups what is to be cut by film and colour and lays it on what the shelf has of it: the least valuable piece first,
 * offcuts by their size, then rolls, then one to buy.
 *
 * @param loads    one for each piece of film that something lies on
 * @param unlaid   items that fit nowhere between the rollers
 * @param requests what better layouts can be looked for
 * @param displaced layouts that were kept for these pieces on film that is not here as it was
 */
public record Loading(
        List<Load> loads, List<CutItem> unlaid, List<Nesting.Request> requests, List<KeptLayout> displaced) {
    /** Between pieces, so that two are never cut by one stroke and each carrier can be cut off. */
    public static final double GAP_MM = 3;
    /** The usual desktop roll, for colours that are not on the shelf. */
    public static final double USUAL_WIDTH_MM = 305;

    /** What is cut from one film colour. */
    public record Wanted(Material material, Colour colour, List<CutItem> items) {
        public Wanted {
            items = List.copyOf(items);
        }
    }

    private record Film(String materialId, Colour colour) {}

    public Loading {
        loads = List.copyOf(loads);
        unlaid = List.copyOf(unlaid);
        requests = List.copyOf(requests);
        displaced = List.copyOf(displaced);
    }

    /** What a weeding frame adds to a piece, both sides together. */
    public static double frameMm(boolean framed) {
        return framed ? 2 * Frames.MARGIN_MM : 0;
    }

    public static Loading of(
            List<Wanted> wanted,
            List<? extends Stock> shelf,
            Cutter cutter,
            boolean framed,
            LayoutChoices laying,
            Nesting nesting) {
        // films do not share a shelf: each is laid by itself
        List<FilmLoads> films = merged(wanted).parallelStream()
                .map(w -> {
                    FilmLoads film = new FilmLoads(w, cutter, framed, laying, nesting);
                    film.lay(shelf);
                    return film;
                })
                .toList();
        List<Load> loads = films.stream().flatMap(f -> f.loads().stream()).toList();
        return new Loading(
                IntStream.range(0, loads.size())
                        .mapToObj(i -> loads.get(i).numbered(i + 1))
                        .toList(),
                films.stream().flatMap(f -> f.unlaid().stream()).toList(),
                films.stream().flatMap(f -> f.request().stream()).toList(),
                films.stream().flatMap(f -> f.displaced().stream()).toList());
    }

    /** One film colour is cut for all lines together. */
    private static List<Wanted> merged(List<Wanted> wanted) {
        Map<Film, Wanted> byFilm = new LinkedHashMap<>();
        for (Wanted w : wanted) {
            byFilm.merge(new Film(w.material.id(), w.colour), w, (a, b) -> {
                List<CutItem> both = new ArrayList<>(a.items);
                both.addAll(b.items);
                return new Wanted(a.material, a.colour, both);
            });
        }
        return List.copyOf(byFilm.values());
    }
}
