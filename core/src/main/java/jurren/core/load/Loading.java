package jurren.core.load;

import jurren.core.material.Colour;
import jurren.core.material.Material;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Groups what is to be cut by film and colour, finds a roll for each and lays the items out on it.
 *
 * @param loads  one for each film and colour that could be laid
 * @param unlaid items that fit no way round between the rollers
 */
public record Loading(List<Load> loads, List<CutItem> unlaid) {
    /** The usual desktop roll, for colours that are not on the shelf. */
    private static final double USUAL_WIDTH_MM = 305;

    /** What is cut from one film colour. */
    public record Wanted(Material material, Colour colour, List<CutItem> items) {
        public Wanted {
            items = List.copyOf(items);
        }
    }

    private record Film(String materialId, Colour colour) {
    }

    public Loading {
        loads = List.copyOf(loads);
        unlaid = List.copyOf(unlaid);
    }

    /** What a weeding frame adds to a piece, both sides together. */
    public static double frameMm(boolean framed) {
        return framed ? 2 * RowLayout.FRAME_MARGIN_MM : 0;
    }

    public static Loading of(List<Wanted> wanted, List<Roll> shelf, Cutter cutter, boolean framed) {
        List<Load> loads = new ArrayList<>();
        List<CutItem> unlaid = new ArrayList<>();
        for (Wanted w : merged(wanted)) {
            Roll roll = onShelf(shelf, w).orElseGet(() -> toBuy(w));
            RowLayout.Result laid = new RowLayout(cutter, roll.widthMm(), framed).lay(w.items);
            unlaid.addAll(laid.left());
            if (!laid.placed().isEmpty()) {
                loads.add(new Load(loads.size() + 1, w.material, w.colour, roll, framed, laid.placed(), laid.usedMm()));
            }
        }
        return new Loading(loads, unlaid);
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

    private static Optional<Roll> onShelf(List<Roll> shelf, Wanted w) {
        return shelf.stream()
                .filter(r -> r.materialId().equals(w.material.id()) && r.colour().equals(w.colour)).findFirst();
    }

    private static Roll toBuy(Wanted w) {
        return new Roll("roll-305", w.material.id(), w.colour, USUAL_WIDTH_MM, 0);
    }
}
