package jurren.core.job;

import jurren.core.art.Motif;
import jurren.core.art.References;
import jurren.core.blank.Fit;
import jurren.core.layer.Join;
import jurren.core.material.Colour;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * One kind of thing in a job.
 *
 * @param drawnFor the size whose face the motifs' poses and sizes are given on
 * @param motifs   from the bottom up
 * @param fit      how the art finds its place on the other sizes, and on another blank
 * @param joins    how the layer of a colour meets those under it; laid over where nothing is said
 */
public record Line(String id, String title, Thing thing, String materialId, String drawnFor, List<SizeEntry> sizes,
                   List<Motif> motifs, Map<Colour, Join> joins, Fit fit) {
    public Line {
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

    public int copies() {
        return sizes.stream().mapToInt(SizeEntry::count).sum();
    }

    public SizeEntry entry(String size) {
        return sizes.stream().filter(s -> s.size().equals(size)).findFirst().orElse(SizeEntry.of(size, 0));
    }

    public Join join(Colour colour) {
        return joins.getOrDefault(colour, Join.LAID_OVER);
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
        return new Line(newId, title, thing, materialId, drawnFor, sizes, motifs, joins, fit);
    }

    public Line withTitle(String newTitle) {
        return new Line(id, newTitle, thing, materialId, drawnFor, sizes, motifs, joins, fit);
    }

    public Line withThing(Thing newThing) {
        return new Line(id, title, newThing, materialId, drawnFor, sizes, motifs, joins, fit);
    }

    public Line withFit(Fit newFit) {
        return new Line(id, title, thing, materialId, drawnFor, sizes, motifs, joins, newFit);
    }

    /** Another blank with its sizes; what was decided for the old ones is gone. */
    public Line withBlank(Thing newThing, String newDrawnFor, List<SizeEntry> newSizes) {
        return new Line(id, title, newThing, materialId, newDrawnFor, newSizes, motifs, joins, fit);
    }

    public Line withBlankColour(String newColourId) {
        return withThing(thing.withColour(newColourId));
    }

    public Line withMaterial(String newMaterialId) {
        return new Line(id, title, thing, newMaterialId, drawnFor, sizes, motifs, joins, fit);
    }

    public Line withSizes(List<SizeEntry> newSizes) {
        return new Line(id, title, thing, materialId, drawnFor, newSizes, motifs, joins, fit);
    }

    public Line withMotifs(List<Motif> newMotifs) {
        return new Line(id, title, thing, materialId, drawnFor, sizes, newMotifs, joins, fit);
    }

    public Line withDrawnFor(String size, List<SizeEntry> newSizes) {
        return new Line(id, title, thing, materialId, size, newSizes, motifs, joins, fit);
    }

    public Line withMotif(String motifId, UnaryOperator<Motif> change) {
        return withMotifs(motifs.stream().map(m -> m.id().equals(motifId) ? change.apply(m) : m).toList());
    }

    public Line withJoin(Colour colour, Join join) {
        Map<Colour, Join> changed = new LinkedHashMap<>(joins);
        changed.put(colour, join);
        return new Line(id, title, thing, materialId, drawnFor, sizes, motifs, changed, fit);
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
        return new Line(id, title, thing, materialId, drawnFor, changed, motifs, joins, fit);
    }
}
