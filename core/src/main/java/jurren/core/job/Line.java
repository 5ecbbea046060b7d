package jurren.core.job;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import jurren.core.art.Motif;
import jurren.core.art.treat.FilmsFollow;
import jurren.core.blank.Fit;
import jurren.core.layer.Edging;
import jurren.core.layer.Join;
import jurren.core.layer.Panels;
import jurren.core.material.Film;

/**
 * One kind of thing in a job, decorated at one place or several. The things are counted once, however many places
 * they have.
 *
 * <p>A line is looked at from one of its places: what is asked of it and changed in it, but for the things
 * themselves, is that place's. A job holds its lines as seen from their first.
 *
 * @param drawnFor the size whose face the motifs' poses and sizes are given on
 * @param counts   how many of which size, in the blank's order
 * @param at       the place it is looked at from, from 0
 */
public record Line(
        String id,
        String title,
        String blankId,
        String colourId,
        String drawnFor,
        List<Count> counts,
        List<Place> places,
        int at) {
    /** So many of a size. */
    public record Count(String size, int pieces) {}

    public Line {
        counts = List.copyOf(counts);
        places = List.copyOf(places);
        if (at < 0 || at >= places.size()) {
            throw new IllegalArgumentException("line " + id + " has no place " + at);
        }
        if (places.stream().map(Place::faceId).distinct().count() != places.size()) {
            throw new IllegalArgumentException("the places of line " + id + " need different faces");
        }
        List<String> motifs =
                places.stream().flatMap(p -> p.motifs().stream()).map(Motif::id).toList();
        if (Set.copyOf(motifs).size() != motifs.size()) {
            throw new IllegalArgumentException("the motifs of line " + id + " need different ids");
        }
    }

    /** Decorated at one place. */
    public Line(
            String id,
            String title,
            Thing thing,
            String materialId,
            String drawnFor,
            List<SizeEntry> sizes,
            List<Motif> motifs,
            Map<Film, Join> joins,
            Fit fit) {
        this(
                id,
                title,
                thing.blankId(),
                thing.colourId(),
                drawnFor,
                counts(sizes),
                List.of(new Place(
                        thing.faceId(),
                        thing.pressId(),
                        thing.trueAtMm(),
                        materialId,
                        motifs,
                        joins,
                        fit,
                        Map.of(),
                        onSizes(sizes),
                        List.of(),
                        Map.of(),
                        Optional.empty(),
                        true)),
                0);
    }

    private static List<Count> counts(List<SizeEntry> sizes) {
        return sizes.stream().map(s -> new Count(s.size(), s.count())).toList();
    }

    private static Map<String, Place.OnSize> onSizes(List<SizeEntry> sizes) {
        Map<String, Place.OnSize> on = new LinkedHashMap<>();
        sizes.forEach(s -> on.put(s.size(), new Place.OnSize(s.artWidthMm(), s.area(), s.measured())));
        return on;
    }

    // ---- its places

    /** The place it is looked at from. */
    public Place place() {
        return places.get(at);
    }

    /** Looked at from another place; the last where there are fewer. */
    public Line at(int place) {
        return place == at
                ? this
                : new Line(
                        id,
                        title,
                        blankId,
                        colourId,
                        drawnFor,
                        counts,
                        places,
                        Math.clamp(place, 0, places.size() - 1));
    }

    /** One place more, and looked at from there. */
    public Line withPlace(Place added) {
        List<Place> more = new ArrayList<>(places);
        more.add(added);
        return new Line(id, title, blankId, colourId, drawnFor, counts, more, more.size() - 1);
    }

    /** Without the place it is looked at from; the last one stays. */
    public Line withoutPlace() {
        if (places.size() < 2) {
            return this;
        }
        List<Place> fewer = new ArrayList<>(places);
        fewer.remove(at);
        return new Line(id, title, blankId, colourId, drawnFor, counts, fewer, Math.max(0, at - 1));
    }

    private Line with(Place changed) {
        List<Place> all = new ArrayList<>(places);
        all.set(at, changed);
        return new Line(id, title, blankId, colourId, drawnFor, counts, all, at);
    }

    // ---- what is so

    /** What it is made on, and where. */
    public Thing thing() {
        return new Thing(blankId, colourId, place().faceId(), place().pressId(), place().trueAtMm());
    }

    public String materialId() {
        return place().materialId();
    }

    public List<Motif> motifs() {
        return place().motifs();
    }

    public Map<Film, Join> joins() {
        return place().joins();
    }

    public Map<String, Edging> edgings() {
        return place().edgings();
    }

    public Map<Film, Panels> panels() {
        return place().panels();
    }

    public List<PressWish> pressWishes() {
        return place().pressWishes();
    }

    /** What is wished of a film under the press; nothing when nobody said anything. */
    public PressWish pressWish(Film film) {
        return pressWishes().stream()
                .filter(w -> w.film().equals(film))
                .findFirst()
                .orElse(PressWish.of(film));
    }

    public Fit fit() {
        return place().fit();
    }

    public List<SizeEntry> sizes() {
        return counts.stream().map(c -> entry(c.size)).toList();
    }

    public int copies() {
        return counts.stream().mapToInt(Count::pieces).sum();
    }

    public SizeEntry entry(String size) {
        int pieces = counts.stream()
                .filter(c -> c.size.equals(size))
                .mapToInt(Count::pieces)
                .findFirst()
                .orElse(0);
        Place.OnSize on = place().onSize(size);
        return new SizeEntry(size, pieces, on.artWidthMm(), on.area(), on.measured());
    }

    public Join join(Film film) {
        return joins().getOrDefault(film, Join.LAID_OVER);
    }

    /** Every material that is named at this place, the usual one first. */
    public Set<String> materials() {
        Set<String> all = new LinkedHashSet<>(List.of(materialId()));
        motifs().forEach(m -> all.addAll(m.films().materials()));
        return all;
    }

    public Optional<Motif> motif(String motifId) {
        return motifs().stream().filter(m -> m.id().equals(motifId)).findFirst();
    }

    /** The ids that a further motif cannot have: those of all places, and what is followed although it is gone. */
    public Set<String> takenMotifIds() {
        Set<String> taken = new HashSet<>();
        places.stream().flatMap(p -> p.motifs().stream()).forEach(m -> {
            taken.add(m.id());
            taken.addAll(m.others());
        });
        return taken;
    }

    /** An id that no motif of this line has, nor follows although it is gone. */
    public String freeMotifId() {
        Set<String> taken = takenMotifIds();
        int n = motifs().size() + 1;
        while (taken.contains("m" + n)) {
            n++;
        }
        return "m" + n;
    }

    // ---- changed

    /** What a colour is made of goes with it where it was exchanged since. */
    public Line filmsFollowing(Line before) {
        return withMotifs(motifs().stream()
                .map(m -> before.motif(m.id()).map(b -> FilmsFollow.of(b, m)).orElse(m))
                .toList());
    }

    public Line withId(String newId) {
        return new Line(newId, title, blankId, colourId, drawnFor, counts, places, at);
    }

    public Line withTitle(String newTitle) {
        return new Line(id, newTitle, blankId, colourId, drawnFor, counts, places, at);
    }

    public Line withThing(Thing newThing) {
        return new Line(id, title, newThing.blankId(), newThing.colourId(), drawnFor, counts, places, at)
                .with(place().on(newThing));
    }

    /** In place of what was wished of its film before. */
    public Line withPressWish(PressWish wish) {
        List<PressWish> all = new ArrayList<>(pressWishes().stream()
                .filter(w -> !w.film().equals(wish.film()))
                .toList());
        if (!wish.isNothing()) {
            all.add(wish);
        }
        return with(place().withPressWishes(all));
    }

    public Line withFit(Fit newFit) {
        return with(place().withFit(newFit));
    }

    /** Another blank with its sizes; what was decided for the old ones is gone, at every place. */
    public Line withBlank(Thing newThing, String newDrawnFor, List<SizeEntry> newSizes) {
        return new Line(
                        id,
                        title,
                        newThing.blankId(),
                        newThing.colourId(),
                        newDrawnFor,
                        counts(newSizes),
                        places.stream().map(p -> p.withSizes(Map.of())).toList(),
                        at)
                .with(place().on(newThing).withSizes(onSizes(newSizes)));
    }

    public Line withBlankColour(String newColourId) {
        return withThing(thing().withColour(newColourId));
    }

    public Line withMaterial(String newMaterialId) {
        return with(place().withMaterial(newMaterialId));
    }

    public Line withSizes(List<SizeEntry> newSizes) {
        return new Line(id, title, blankId, colourId, drawnFor, counts(newSizes), places, at)
                .with(place().withSizes(onSizes(newSizes)));
    }

    public Line withMotifs(List<Motif> newMotifs) {
        return with(place().withMotifs(newMotifs));
    }

    public Line withDrawnFor(String size, List<SizeEntry> newSizes) {
        return new Line(id, title, blankId, colourId, size, counts(newSizes), places, at)
                .with(place().withSizes(onSizes(newSizes)));
    }

    public Line withMotif(String motifId, UnaryOperator<Motif> change) {
        return withMotifs(motifs().stream()
                .map(m -> m.id().equals(motifId) ? change.apply(m) : m)
                .toList());
    }

    public Line withEdging(String ofMaterialId, Edging edging) {
        Map<String, Edging> changed = new LinkedHashMap<>(edgings());
        changed.put(ofMaterialId, edging);
        return with(place().withEdgings(changed));
    }

    public Line withJoin(Film film, Join join) {
        Map<Film, Join> changed = new LinkedHashMap<>(joins());
        changed.put(film, join);
        return with(place().withJoins(changed));
    }

    public boolean trimmed() {
        return place().trimmed();
    }

    public Line withTrimmed(boolean trimmed) {
        return with(place().withTrimmed(trimmed));
    }

    /** Marks by which all its places are lined up, so far from the top; none where there is nothing. */
    public Line withLineUp(Optional<Double> mm) {
        return new Line(
                id,
                title,
                blankId,
                colourId,
                drawnFor,
                counts,
                places.stream().map(p -> p.withLineUp(mm)).toList(),
                at);
    }

    public Optional<Double> lineUpMm() {
        return place().lineUpMm();
    }

    /** A film is split into panels; one piece again where there are none. */
    public Line withPanels(Film film, Optional<Panels> split) {
        Map<Film, Panels> changed = new LinkedHashMap<>(panels());
        split.ifPresentOrElse(p -> changed.put(film, p), () -> changed.remove(film));
        return with(place().withPanels(changed));
    }

    /** A size that was not in the run is added to it. */
    public Line withSize(String size, UnaryOperator<SizeEntry> change) {
        List<SizeEntry> changed = new ArrayList<>();
        boolean found = false;
        for (SizeEntry s : sizes()) {
            boolean isIt = s.size().equals(size);
            found |= isIt;
            changed.add(isIt ? change.apply(s) : s);
        }
        if (!found) {
            changed.add(change.apply(SizeEntry.of(size, 0)));
        }
        return withSizes(changed);
    }
}
