package jurren.core.art.treat;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.art.Backing;
import jurren.core.art.Drawing;
import jurren.core.art.Films;
import jurren.core.art.Guide;
import jurren.core.art.Lettering;
import jurren.core.art.Mark;
import jurren.core.art.Motif;
import jurren.core.art.PrintedPicture;
import jurren.core.art.Shape;
import jurren.core.art.Stroke;
import jurren.core.art.TracedPicture;
import jurren.core.art.Treatment;
import jurren.core.material.Colour;

/** What a colour of a motif is made of goes with it when the colour is exchanged for another. */
public final class FilmsFollow {
    private FilmsFollow() {}

    /**
     * The motif as it was changed, where nothing was said of its films, with what was said before said of the new
     * colours.
     */
    public static Motif of(Motif before, Motif changed) {
        if (before.films().ofColour().isEmpty() || !before.films().equals(changed.films()) || before.equals(changed)) {
            return changed;
        }
        Films films = changed.films();
        List<Colour> was = said(before);
        List<Colour> is = said(changed);
        if (was.size() == is.size()) {
            for (int i = 0; i < was.size(); i++) {
                films = is.contains(was.get(i)) ? films : moved(films, was.get(i), is.get(i));
            }
        }
        for (Treatment t : changed.treatments()) {
            if (t instanceof Recolour r && !before.treatments().contains(t)) {
                films = moved(films, r.from(), r.to());
            }
        }
        return films.equals(changed.films()) ? changed : changed.withFilms(films);
    }

    private static Films moved(Films films, Colour from, Colour to) {
        String material = films.ofColour().get(from);
        return material == null || films.ofColour().containsKey(to)
                ? films
                : films.with(from, Optional.empty()).with(to, Optional.of(material));
    }

    /** Every colour that the source and its treatments name, in a fixed order. */
    private static List<Colour> said(Motif m) {
        List<Colour> all = new ArrayList<>(
                switch (m.source()) {
                    case Lettering l -> l.colouring().colours();
                    case TracedPicture t ->
                        t.shownAs().entrySet().stream()
                                .sorted(Comparator.comparing((Map.Entry<Colour, Colour> e) ->
                                        e.getKey().hex()))
                                .map(Map.Entry::getValue)
                                .toList();
                    case Shape s -> List.of(s.colour());
                    case Stroke s -> List.of(s.colour());
                    case Backing b -> List.of(b.colour());
                    case Drawing _, PrintedPicture _, Guide _, Mark _ -> List.of();
                });
        m.treatments().forEach(t -> all.addAll(said(t)));
        return all;
    }

    private static List<Colour> said(Treatment t) {
        List<Colour> all = new ArrayList<>();
        if (t instanceof Treatment.Off off) {
            return said(off.of());
        }
        for (RecordComponent c : t.getClass().getRecordComponents()) {
            try {
                switch (c.getAccessor().invoke(t)) {
                    case Colour colour -> all.add(colour);
                    case List<?> list ->
                        list.stream()
                                .filter(Colour.class::isInstance)
                                .map(Colour.class::cast)
                                .forEach(all::add);
                    default -> {}
                }
            } catch (IllegalAccessException | InvocationTargetException e) {
                throw new IllegalStateException("a treatment does not tell its colour", e);
            }
        }
        return all;
    }
}
