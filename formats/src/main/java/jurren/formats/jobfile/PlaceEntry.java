package jurren.formats.jobfile;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.art.Motif;
import jurren.core.blank.AreaMeasures;
import jurren.core.blank.Fit;
import jurren.core.blank.Form;
import jurren.core.job.Place;
import jurren.core.job.PressWish;
import jurren.core.layer.Edging;
import jurren.core.layer.Join;
import jurren.core.layer.Panels;
import jurren.core.material.Colour;
import jurren.core.material.Film;

/** A place of a line as its file tells it. */
record PlaceEntry(
        String face,
        @Needed String material,
        Optional<String> press,
        Optional<Double> trueAtMm,
        Optional<Fit> fit,
        Map<String, SizeHere> sizes,
        List<Motif> motifs,
        List<JoinEntry> joins,
        Map<String, Edging> edgings,
        @JsonInclude(Include.NON_EMPTY) List<PanelsEntry> panels,
        Optional<Double> lineUpMm,
        Optional<Boolean> trimmed,
        @JsonInclude(Include.NON_EMPTY) List<WishEntry> pressing) {
    /** One size at this place. */
    record SizeHere(
            Optional<Double> artWidthMm,
            Optional<AreaMeasures> area,
            @JsonInclude(Include.NON_EMPTY) Map<Form.Measure, Double> measured) {
        static SizeHere of(Place.OnSize s) {
            return new SizeHere(
                    s.artWidthMm(),
                    s.area(),
                    s.measured().isEmpty() ? Map.of() : new EnumMap<Form.Measure, Double>(s.measured()));
        }
    }

    /** Before films could be mixed they were told by their colour only. */
    record FilmEntry(Optional<String> material, Optional<Colour> colour) {
        static FilmEntry of(Film film) {
            return new FilmEntry(Optional.of(film.materialId()), film.colour());
        }

        Film film(String usual) {
            return new Film(material.orElse(usual), colour);
        }
    }

    record JoinEntry(
            Optional<String> material,
            Optional<Colour> colour,
            String kind,
            Optional<Double> overlapMm,
            Optional<Double> gapMm) {
        private static JoinEntry of(Film film, Join join) {
            return switch (join) {
                case Join.LaidOver _ -> of(film, "laid-over", Optional.empty(), Optional.empty());
                case Join.KnockedOut k -> of(film, "knocked-out", Optional.of(k.overlapMm()), Optional.empty());
                case Join.Butted b -> of(film, "butted", Optional.empty(), Optional.of(b.gapMm()));
            };
        }

        private static JoinEntry of(Film film, String kind, Optional<Double> overlapMm, Optional<Double> gapMm) {
            return new JoinEntry(Optional.of(film.materialId()), film.colour(), kind, overlapMm, gapMm);
        }

        private Join join() {
            return switch (kind) {
                case "laid-over" -> Join.LAID_OVER;
                case "knocked-out" -> new Join.KnockedOut(told(overlapMm, "overlapMm"));
                case "butted" -> new Join.Butted(told(gapMm, "gapMm"));
                default -> throw new UnknownKind(kind);
            };
        }

        private static double told(Optional<Double> mm, String name) {
            return mm.orElseThrow(() -> new IllegalArgumentException("a join's " + name + " is not a number"));
        }
    }

    record PanelsEntry(
            @Needed FilmEntry film,
            boolean upright,
            @Needed double overlapMm,
            @Needed List<Double> at) {}

    record WishEntry(@Needed FilmEntry film, Optional<Double> seconds, Optional<FilmEntry> after) {
        static WishEntry of(PressWish w) {
            return new WishEntry(FilmEntry.of(w.film()), w.seconds(), w.after().map(FilmEntry::of));
        }

        PressWish wish(String usual) {
            return new PressWish(film.film(usual), seconds, after.map(a -> a.film(usual)));
        }
    }

    static PlaceEntry of(Place p) {
        Map<String, SizeHere> sizes = new LinkedHashMap<>();
        p.sizes().forEach((id, s) -> sizes.put(id, SizeHere.of(s)));
        List<JoinEntry> joins = new ArrayList<>();
        p.joins().forEach((film, join) -> joins.add(JoinEntry.of(film, join)));
        List<PanelsEntry> panels = new ArrayList<>();
        p.panels()
                .forEach((film, each) ->
                        panels.add(new PanelsEntry(FilmEntry.of(film), each.upright(), each.overlapMm(), each.at())));
        return new PlaceEntry(
                p.faceId(),
                p.materialId(),
                p.pressId(),
                p.trueAtMm(),
                Optional.of(p.fit()),
                sizes,
                p.motifs(),
                joins,
                p.edgings(),
                panels,
                p.lineUpMm(),
                p.trimmed() ? Optional.empty() : Optional.of(false),
                p.pressWishes().stream().map(WishEntry::of).toList());
    }

    Place place() {
        Map<String, Place.OnSize> onSizes = new LinkedHashMap<>();
        sizes.forEach((id, s) -> onSizes.put(id, new Place.OnSize(s.artWidthMm(), s.area(), s.measured())));
        Map<Film, Panels> split = new LinkedHashMap<>();
        panels.forEach(p -> split.put(p.film().film(material), new Panels(p.upright(), p.at(), p.overlapMm())));
        return new Place(
                face,
                press,
                trueAtMm,
                material,
                motifs,
                joins(joins, material),
                fit.orElse(Fit.USUAL),
                edgings,
                onSizes,
                pressing.stream().map(w -> w.wish(material)).toList(),
                split,
                lineUpMm,
                trimmed.orElse(true));
    }

    static Map<Film, Join> joins(List<JoinEntry> entries, String usual) {
        Map<Film, Join> joins = new LinkedHashMap<>();
        entries.forEach(j -> joins.put(new FilmEntry(j.material(), j.colour()).film(usual), j.join()));
        return joins;
    }
}
