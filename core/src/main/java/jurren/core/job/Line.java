package jurren.core.job;

import jurren.core.art.Motif;
import jurren.core.art.References;
import jurren.core.blank.Fit;
import jurren.core.layer.Edging;
import jurren.core.layer.Join;
import jurren.core.material.Film;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * One kind of thing in a job.
 *
 * @param drawnFor the size whose face the motifs' poses and sizes are given on
 * @param motifs   from the bottom up
 * @param fit      how the art finds its place on the other sizes, and on another blank
 * @param materialId what everything is made of that says nothing else
 * @param joins    how what is made of a film meets those under it; laid over where nothing is said
 * @param edgings  where the cut line of a material lies, by its id; as is usual where nothing is said
 */
public record Line(String id, String title, Thing thing, String materialId, String drawnFor, List<SizeEntry> sizes,
                   List<Motif> motifs, Map<Film, Join> joins, Fit fit, Map<String, Edging> edgings) {
    public Line {
        edgings = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(edgings));
        sizes = List.copyOf(sizes);
        motifs = List.copyOf(motifs);
        joins = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(joins));
        if (motifs.stream().map(Motif::id).distinct().count() != motifs.size()) {
            throw new IllegalArgumentException("the motifs of line " + id + " need different ids");
        }
        String line = id;
        References.loop(motifs).ifPresent(ring -> {
            throw new IllegalArgumentException("motifs of line " + line + " follow each other in a ring: "
                    + ring.stream().map(Motif::name).collect(Collectors.joining(", then ")));
        });
    }

    public Line(String id, String title, Thing thing, String materialId, String drawnFor, List<SizeEntry> sizes, List<Motif> motifs,
                Map<Film, Join> joins, Fit fit) {
        this(id, title, thing, materialId, drawnFor, sizes, motifs, joins, fit, Map.of());
    }

    public int copies() {
        return sizes.stream().mapToInt(SizeEntry::count).sum();
    }

    public SizeEntry entry(String size) {
        return sizes.stream().filter(s -> s.size().equals(size)).findFirst().orElse(SizeEntry.of(size, 0));
    }

    public Join join(Film film) {
        return joins.getOrDefault(film, Join.LAID_OVER);
    }

    /** Every material that is named, the usual one first. */
    public Set<String> materials() {
        Set<String> all = new LinkedHashSet<>(List.of(materialId));
        motifs.forEach(m -> all.addAll(m.films().materials()));
        return all;
    }

    public Optional<Motif> motif(String motifId) {
        return motifs.stream().filter(m -> m.id().equals(motifId)).findFirst();
    }

    private boolean isKnown(String motifId) {
        return motif(motifId).isPresent() || motifs.stream().anyMatch(m -> m.others().contains(motifId));
    }

    /** An id that no motif of this line has, nor follows although it is gone. */
    public String freeMotifId() {
        int n = motifs.size() + 1;
        while (isKnown("m" + n)) {
            n++;
        }
        return "m" + n;
    }

    public String blankId() {
        return thing.blankId();
    }

    public Line withId(String newId) {
        return new Line(newId, title, thing, materialId, drawnFor, sizes, motifs, joins, fit, edgings);
    }

    public Line withTitle(String newTitle) {
        return new Line(id, newTitle, thing, materialId, drawnFor, sizes, motifs, joins, fit, edgings);
    }

    public Line withThing(Thing newThing) {
        return new Line(id, title, newThing, materialId, drawnFor, sizes, motifs, joins, fit, edgings);
    }

    public Line withFit(Fit newFit) {
        return new Line(id, title, thing, materialId, drawnFor, sizes, motifs, joins, newFit, edgings);
    }

    /** Another blank with its sizes; what was decided for the old ones is gone. */
    public Line withBlank(Thing newThing, String newDrawnFor, List<SizeEntry> newSizes) {
        return new Line(id, title, newThing, materialId, newDrawnFor, newSizes, motifs, joins, fit, edgings);
    }

    public Line withBlankColour(String newColourId) {
        return withThing(thing.withColour(newColourId));
    }

    /** What was said about joins of the usual material is said about the new one. */
    public Line withMaterial(String newMaterialId) {
        Map<Film, Join> moved = new LinkedHashMap<>();
        joins.forEach((film, join) -> moved.put(film.materialId().equals(materialId) ? film.in(newMaterialId) : film, join));
        return new Line(id, title, thing, newMaterialId, drawnFor, sizes, motifs, moved, fit, edgings);
    }

    public Line withSizes(List<SizeEntry> newSizes) {
        return new Line(id, title, thing, materialId, drawnFor, newSizes, motifs, joins, fit, edgings);
    }

    public Line withMotifs(List<Motif> newMotifs) {
        return new Line(id, title, thing, materialId, drawnFor, sizes, newMotifs, joins, fit, edgings);
    }

    public Line withDrawnFor(String size, List<SizeEntry> newSizes) {
        return new Line(id, title, thing, materialId, size, newSizes, motifs, joins, fit, edgings);
    }

    public Line withMotif(String motifId, UnaryOperator<Motif> change) {
        return withMotifs(motifs.stream().map(m -> m.id().equals(motifId) ? change.apply(m) : m).toList());
    }

    public Line withEdging(String ofMaterialId, Edging edging) {
        Map<String, Edging> changed = new LinkedHashMap<>(edgings);
        changed.put(ofMaterialId, edging);
        return new Line(id, title, thing, materialId, drawnFor, sizes, motifs, joins, fit, changed);
    }

    public Line withJoin(Film film, Join join) {
        Map<Film, Join> changed = new LinkedHashMap<>(joins);
        changed.put(film, join);
        return new Line(id, title, thing, materialId, drawnFor, sizes, motifs, changed, fit, edgings);
    }

    /** A size that was not in the run is added to it. */
    public Line withSize(String size, UnaryOperator<SizeEntry> change) {
        List<SizeEntry> changed = new ArrayList<>();
        boolean found = false;
        for (SizeEntry s : sizes) {
            boolean isIt = s.size().equals(size);
            found |= isIt;
            changed.add(isIt ? change.apply(s) : s);
        }
        if (!found) {
            changed.add(change.apply(SizeEntry.of(size, 0)));
        }
        return new Line(id, title, thing, materialId, drawnFor, changed, motifs, joins, fit, edgings);
    }
}
