package jurren.core.job;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.finish.Press;
import jurren.core.load.Cutter;
import jurren.core.load.Printer;
import jurren.core.material.Material;

/**
 * What a person made their own: films that were tuned or added, the machines that are really there, who works and what is
 * charged.
 *
 * @param films   each in place of the shipped one of its id, or beside the shipped ones
 * @param cutters the one in use first
 * @param notes   what the maker's sheet says, by the id of the film
 */
public record MyShop(List<Material> films, List<Cutter> cutters, List<Press> presses, Printer printer, Prices prices, Map<String, String> notes) {
    public static final int LONGEST_NOTE = 4_000;

    public MyShop {
        films = List.copyOf(films);
        cutters = List.copyOf(cutters);
        presses = List.copyOf(presses);
        notes = Map.copyOf(notes);
        if (cutters.isEmpty() || presses.isEmpty()) {
            throw new IllegalArgumentException("a shop needs a cutter and a press");
        }
    }

    public Optional<Material> film(String id) {
        return films.stream().filter(m -> m.id().equals(id)).findFirst();
    }

    public MyShop withFilm(Material film) {
        List<Material> all = new ArrayList<>(films);
        int at = -1;
        for (int i = 0; i < all.size(); i++) {
            at = all.get(i).id().equals(film.id()) ? i : at;
        }
        if (at < 0) {
            all.add(film);
        } else {
            all.set(at, film);
        }
        return new MyShop(all, cutters, presses, printer, prices, notes);
    }

    /** A tuned film is as it was shipped again; one of their own is gone. */
    public MyShop withoutFilm(String id) {
        return new MyShop(films.stream().filter(m -> !m.id().equals(id)).toList(), cutters, presses, printer, prices, notes);
    }

    public MyShop withCutters(List<Cutter> newCutters) {
        return new MyShop(films, newCutters, presses, printer, prices, notes);
    }

    public MyShop withPresses(List<Press> newPresses) {
        return new MyShop(films, cutters, newPresses, printer, prices, notes);
    }

    public MyShop withPrinter(Printer newPrinter) {
        return new MyShop(films, cutters, presses, newPrinter, prices, notes);
    }

    public MyShop withPrices(Prices newPrices) {
        return new MyShop(films, cutters, presses, printer, newPrices, notes);
    }

    /** An empty note is none. */
    public MyShop withNote(String filmId, String note) {
        Map<String, String> all = new LinkedHashMap<>(notes);
        if (note.isBlank()) {
            all.remove(filmId);
        } else {
            all.put(filmId, note.substring(0, Math.min(note.length(), LONGEST_NOTE)));
        }
        return new MyShop(films, cutters, presses, printer, prices, all);
    }
}
