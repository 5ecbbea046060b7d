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
 * What a person made their own: films that were tuned or added, the machines that are really there, who works and what
 * is charged.
 *
 * @param films   each in place of the shipped one of its id, or beside the shipped ones
 * @param cutters the one in use first
 * @param printers the same
 * @param forces  found by trying, by the cutter and the film ({@link #pair})
 * @param knives  how far each knife went since it was new, in millimetres of plain film, by the cutter; a film's own by
 *        both ({@link #pair})
 * @param notes   what the maker's sheet says, by the id of the film
 */
public record MyShop(
        List<Material> films,
        List<Cutter> cutters,
        List<Press> presses,
        List<Printer> printers,
        Prices prices,
        Map<String, Double> forces,
        Map<String, Double> knives,
        Map<String, String> notes) {
    public static final int LONGEST_NOTE = 4_000;
    private static final double MOST_GF = 10_000;
    /** What plain film is cut with. */
    private static final double PLAIN_GF = 90;

    public MyShop {
        films = List.copyOf(films);
        cutters = List.copyOf(cutters);
        presses = List.copyOf(presses);
        printers = List.copyOf(printers);
        notes = Map.copyOf(notes);
        forces = Map.copyOf(forces);
        knives = Map.copyOf(knives);
        if (knives.values().stream().anyMatch(k -> !(k >= 0 && Double.isFinite(k)))) {
            throw new IllegalArgumentException("a knife has gone some way or none");
        }
        if (forces.values().stream().anyMatch(f -> !(f > 0 && f <= MOST_GF))) {
            throw new IllegalArgumentException("a force must be above 0 and at most " + MOST_GF + " gf");
        }
        if (cutters.isEmpty() || presses.isEmpty() || printers.isEmpty()) {
            throw new IllegalArgumentException("a shop needs a cutter, a press and a printer");
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
        return new MyShop(all, cutters, presses, printers, prices, forces, knives, notes);
    }

    /** A tuned film is as it was shipped again; one of their own is gone. */
    public MyShop withoutFilm(String id) {
        return new MyShop(
                films.stream().filter(m -> !m.id().equals(id)).toList(),
                cutters,
                presses,
                printers,
                prices,
                forces,
                knives,
                notes);
    }

    public MyShop withCutters(List<Cutter> newCutters) {
        return new MyShop(films, newCutters, presses, printers, prices, forces, knives, notes);
    }

    public MyShop withPresses(List<Press> newPresses) {
        return new MyShop(films, cutters, newPresses, printers, prices, forces, knives, notes);
    }

    public MyShop withPrinters(List<Printer> newPrinters) {
        return new MyShop(films, cutters, presses, newPrinters, prices, forces, knives, notes);
    }

    public MyShop withPrices(Prices newPrices) {
        return new MyShop(films, cutters, presses, printers, newPrices, forces, knives, notes);
    }

    /** An empty note is none. */
    public MyShop withNote(String filmId, String note) {
        Map<String, String> all = new LinkedHashMap<>(notes);
        if (note.isBlank()) {
            all.remove(filmId);
        } else {
            all.put(filmId, note.substring(0, Math.min(note.length(), LONGEST_NOTE)));
        }
        return new MyShop(films, cutters, presses, printers, prices, forces, knives, all);
    }

    /** As films are for every cutter. */
    public MyShop withoutForces() {
        return new MyShop(films, cutters, presses, printers, prices, Map.of(), knives, notes);
    }

    /** A cutter and a film, as forces are kept for them. */
    public static String pair(String cutterId, String filmId) {
        return cutterId + " " + filmId;
    }

    public Optional<Double> force(String cutterId, String filmId) {
        return Optional.ofNullable(forces.get(pair(cutterId, filmId)));
    }

    /** Found by trying; none again when empty. */
    public MyShop withForce(String cutterId, String filmId, Optional<Double> gf) {
        Map<String, Double> all = new LinkedHashMap<>(forces);
        gf.ifPresentOrElse(f -> all.put(pair(cutterId, filmId), f), () -> all.remove(pair(cutterId, filmId)));
        return new MyShop(films, cutters, presses, printers, prices, all, knives, notes);
    }

    /** How far the knife of a cutter went since it was new, as far as in plain film; by its key, see {@link #knife}. */
    public double knifeMm(String knife) {
        return knives.getOrDefault(knife, 0.0);
    }

    /** Which knife a film is cut with: one of its own where it has one, else the cutter's usual one. */
    public String knife(String cutterId, String filmId) {
        String own = pair(cutterId, filmId);
        return knives.containsKey(own) ? own : cutterId;
    }

    /** The films that have a knife of their own in a cutter. */
    public List<String> ownKnives(String cutterId) {
        return knives.keySet().stream()
                .filter(k -> k.startsWith(cutterId + " "))
                .map(k -> k.substring(cutterId.length() + 1))
                .sorted()
                .toList();
    }

    /** The film is cut with the usual knife again. */
    public MyShop withoutKnife(String knife) {
        Map<String, Double> all = new LinkedHashMap<>(knives);
        all.remove(knife);
        return new MyShop(films, cutters, presses, printers, prices, forces, all, notes);
    }

    /** A film pressed twice as hard takes twice as much of a knife. */
    public static double wear(Material film) {
        return Math.max(1, film.cutting().forceGf() / PLAIN_GF);
    }

    /** A knife went so far through a film. */
    public MyShop withCut(String cutterId, Material film, double mm) {
        String knife = knife(cutterId, film.id());
        return withKnife(knife, knifeMm(knife) + mm * wear(film));
    }

    /** What was cut meanwhile stays cut, whatever else is taken back. */
    public MyShop withKnivesOf(MyShop later) {
        return new MyShop(films, cutters, presses, printers, prices, forces, later.knives, notes);
    }

    public MyShop withKnife(String cutterId, double mm) {
        Map<String, Double> all = new LinkedHashMap<>(knives);
        all.put(cutterId, mm);
        return new MyShop(films, cutters, presses, printers, prices, forces, all, notes);
    }
}
