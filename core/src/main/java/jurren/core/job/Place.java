package jurren.core.job;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import jurren.core.art.Motif;
import jurren.core.art.References;
import jurren.core.blank.AreaMeasures;
import jurren.core.blank.Fit;
import jurren.core.blank.Form;
import jurren.core.layer.Edging;
import jurren.core.layer.Join;
import jurren.core.layer.Panels;
import jurren.core.material.Film;

/**
 * One decorated place of a thing.
 *
 * @param faceId     the face that is decorated; empty for the usual one
 * @param pressId    the press that was chosen; otherwise the first that suits the face
 * @param trueAtMm   on a cone, the height from the lip at which widths of the art are true
 * @param materialId what everything is made of that says nothing else
 * @param motifs     from the bottom up
 * @param joins      how what is made of a film meets those under it; laid over where nothing is said
 * @param fit        how the art finds its place on the other sizes, and on another blank
 * @param edgings    where the cut line of a material lies, by its id; as is usual where nothing is said
 * @param sizes      what this order decides otherwise than the blank suggests, by size
 * @param pressWishes what a person decided about the press sequence
 * @param panels     how films are split that are wider than what they are cut from
 * @param lineUpMm   how far from the top the marks are by which the places of a thing are lined up
 * @param trimmed    whether carriers are trimmed around their film before it is pressed, or left as they were cut off
 */
public record Place(
        String faceId,
        Optional<String> pressId,
        Optional<Double> trueAtMm,
        String materialId,
        List<Motif> motifs,
        Map<Film, Join> joins,
        Fit fit,
        Map<String, Edging> edgings,
        Map<String, OnSize> sizes,
        List<PressWish> pressWishes,
        Map<Film, Panels> panels,
        Optional<Double> lineUpMm,
        boolean trimmed) {
    /** No thing is longer. */
    private static final double FARTHEST_MM = 3000;

    /**
     * One size of the thing at this place.
     *
     * @param artWidthMm the art's width on this size, when not in proportion to the size it is drawn for
     * @param area       the area measured on the thing itself
     * @param measured   measures of the thing taken by hand
     */
    public record OnSize(Optional<Double> artWidthMm, Optional<AreaMeasures> area, Map<Form.Measure, Double> measured) {
        static final OnSize AS_SUGGESTED = new OnSize(Optional.empty(), Optional.empty(), Map.of());

        public OnSize {
            measured = Map.copyOf(measured);
        }
    }

    public Place {
        motifs = List.copyOf(motifs);
        pressWishes = List.copyOf(pressWishes);
        joins = Collections.unmodifiableMap(new LinkedHashMap<>(joins));
        panels = Collections.unmodifiableMap(new LinkedHashMap<>(panels));
        edgings = Collections.unmodifiableMap(new LinkedHashMap<>(edgings));
        Map<String, OnSize> said = new LinkedHashMap<>(sizes);
        said.values().removeIf(OnSize.AS_SUGGESTED::equals);
        sizes = Collections.unmodifiableMap(said);
        lineUpMm.filter(mm -> !(mm >= 0 && mm <= FARTHEST_MM)).ifPresent(mm -> {
            throw new IllegalArgumentException(
                    "marks to line up by are 0 to " + FARTHEST_MM + " mm from the top but were " + mm);
        });
        References.loop(motifs).ifPresent(ring -> {
            throw new IllegalArgumentException("motifs follow each other in a ring: "
                    + ring.stream().map(Motif::name).collect(Collectors.joining(", then ")));
        });
    }

    /** With nothing on it yet. */
    public static Place of(String faceId, String materialId) {
        return new Place(
                faceId,
                Optional.empty(),
                Optional.empty(),
                materialId,
                List.of(),
                Map.of(),
                Fit.USUAL,
                Map.of(),
                Map.of(),
                List.of(),
                Map.of(),
                Optional.empty(),
                true);
    }

    OnSize onSize(String size) {
        return sizes.getOrDefault(size, OnSize.AS_SUGGESTED);
    }

    Place withMotifs(List<Motif> newMotifs) {
        return new Place(
                faceId,
                pressId,
                trueAtMm,
                materialId,
                newMotifs,
                joins,
                fit,
                edgings,
                sizes,
                pressWishes,
                panels,
                lineUpMm,
                trimmed);
    }

    Place withFit(Fit newFit) {
        return new Place(
                faceId,
                pressId,
                trueAtMm,
                materialId,
                motifs,
                joins,
                newFit,
                edgings,
                sizes,
                pressWishes,
                panels,
                lineUpMm,
                trimmed);
    }

    Place withEdgings(Map<String, Edging> newEdgings) {
        return new Place(
                faceId,
                pressId,
                trueAtMm,
                materialId,
                motifs,
                joins,
                fit,
                newEdgings,
                sizes,
                pressWishes,
                panels,
                lineUpMm,
                trimmed);
    }

    Place withJoins(Map<Film, Join> newJoins) {
        return new Place(
                faceId,
                pressId,
                trueAtMm,
                materialId,
                motifs,
                newJoins,
                fit,
                edgings,
                sizes,
                pressWishes,
                panels,
                lineUpMm,
                trimmed);
    }

    Place withPanels(Map<Film, Panels> newPanels) {
        return new Place(
                faceId,
                pressId,
                trueAtMm,
                materialId,
                motifs,
                joins,
                fit,
                edgings,
                sizes,
                pressWishes,
                newPanels,
                lineUpMm,
                trimmed);
    }

    Place withLineUp(Optional<Double> newMm) {
        return new Place(
                faceId,
                pressId,
                trueAtMm,
                materialId,
                motifs,
                joins,
                fit,
                edgings,
                sizes,
                pressWishes,
                panels,
                newMm,
                trimmed);
    }

    Place withTrimmed(boolean newTrimmed) {
        return new Place(
                faceId,
                pressId,
                trueAtMm,
                materialId,
                motifs,
                joins,
                fit,
                edgings,
                sizes,
                pressWishes,
                panels,
                lineUpMm,
                newTrimmed);
    }

    Place withPressWishes(List<PressWish> newWishes) {
        return new Place(
                faceId,
                pressId,
                trueAtMm,
                materialId,
                motifs,
                joins,
                fit,
                edgings,
                sizes,
                newWishes,
                panels,
                lineUpMm,
                trimmed);
    }

    Place withSizes(Map<String, OnSize> newSizes) {
        return new Place(
                faceId,
                pressId,
                trueAtMm,
                materialId,
                motifs,
                joins,
                fit,
                edgings,
                newSizes,
                pressWishes,
                panels,
                lineUpMm,
                trimmed);
    }

    Place on(Thing thing) {
        return new Place(
                thing.faceId(),
                thing.pressId(),
                thing.trueAtMm(),
                materialId,
                motifs,
                joins,
                fit,
                edgings,
                sizes,
                pressWishes,
                panels,
                lineUpMm,
                trimmed);
    }

    /** What was said about joins and panels of the usual material is said about the new one. */
    Place withMaterial(String newMaterialId) {
        return new Place(
                faceId,
                pressId,
                trueAtMm,
                newMaterialId,
                motifs,
                moved(joins, newMaterialId),
                fit,
                edgings,
                sizes,
                pressWishes,
                moved(panels, newMaterialId),
                lineUpMm,
                trimmed);
    }

    private <T> Map<Film, T> moved(Map<Film, T> said, String newMaterialId) {
        Map<Film, T> moved = new LinkedHashMap<>();
        said.forEach(
                (film, what) -> moved.put(film.materialId().equals(materialId) ? film.in(newMaterialId) : film, what));
        return moved;
    }
}
