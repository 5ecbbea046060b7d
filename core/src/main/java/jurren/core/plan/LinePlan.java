package jurren.core.plan;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Films;
import jurren.core.art.Motif;
import jurren.core.art.Painted;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.blank.Face;
import jurren.core.blank.Substrate;
import jurren.core.finish.FinishSequence;
import jurren.core.finish.PlatenPlan;
import jurren.core.hold.Verdict;
import jurren.core.hold.WhatHolds;
import jurren.core.job.Line;
import jurren.core.layer.Edging;
import jurren.core.layer.Layer;
import jurren.core.material.Colour;
import jurren.core.material.Material;
import jurren.core.way.known.Ways;

/**
 * One line worked out at one of its places.
 *
 * @param line   looked at from that place
 * @param motifs each motif built, around its own origin, by its id
 * @param sizes  the sizes in the run, and the one the art is drawn for, in the blank's order
 * @param materials every material it is made of by its id, the usual one first
 * @param holds  whether each of them holds on this thing
 */
public record LinePlan(
        Line line,
        Blank blank,
        BlankColour blankColour,
        Map<String, Material> materials,
        Map<String, BuiltMotif> motifs,
        List<SizePlan> sizes,
        Map<String, Verdict> holds) {
    public LinePlan {
        materials = Collections.unmodifiableMap(new LinkedHashMap<>(materials));
        holds = Collections.unmodifiableMap(new LinkedHashMap<>(holds));
        motifs = Map.copyOf(motifs);
        sizes = List.copyOf(sizes);
    }

    /** The face that is decorated here. */
    public String place() {
        return face().id();
    }

    /** What everything is made of that says nothing else. */
    public Material material() {
        return materials.get(line.materialId());
    }

    /** Of what a motif's colour is made. */
    public Material material(Motif motif, Colour colour) {
        return motif.films().of(colour).map(materials::get).orElse(material());
    }

    /** The materials of its layers; the usual one while there is no art. */
    public List<Material> used() {
        List<Layer> layers = drawn().layers();
        return layers.isEmpty()
                ? List.of(material())
                : layers.stream().map(Layer::material).distinct().toList();
    }

    /** The height of the piece where most lies on top of each other. */
    public double thickestMm() {
        return drawn().thickestMm();
    }

    /**
     * A line with what one layer of this plan is made of made of another material, in every motif that shows it.
     *
     * @param now the line as it is by now
     */
    public Line remade(Line now, Layer layer, String newMaterialId) {
        Line remade = now.withMotifs(now.motifs().stream()
                .map(m -> m.withFilms(remade(m, layer, newMaterialId).plain(now.materialId())))
                .toList());
        return Optional.ofNullable(now.panels().get(layer.film()))
                .map(p -> remade.withPanels(layer.film(), Optional.empty())
                        .withPanels(layer.film().in(newMaterialId), Optional.of(p)))
                .orElse(remade);
    }

    private Films remade(Motif m, Layer layer, String newMaterialId) {
        List<Colour> colours = motifs.containsKey(m.id())
                ? motifs.get(m.id()).paints().stream().map(Painted::colour).toList()
                : List.of();
        Films films = m.films();
        for (Colour c : colours) {
            if (material(m, c).id().equals(layer.material().id())
                    && layer.film().colour().map(c::equals).orElse(true)) {
                films = films.with(c, Optional.of(newMaterialId));
            }
        }
        Films changed = films;
        boolean whole = !colours.isEmpty()
                && colours.stream().allMatch(c -> changed.of(c).equals(Optional.of(newMaterialId)));
        return whole ? Films.allOf(newMaterialId) : changed;
    }

    /** Where the cut line of a material lies: as was said, or as is usual. */
    public Edging edging(Material of) {
        return Ways.edging(of, line.edgings());
    }

    /** True when something of it goes under heat. */
    public boolean isPressed() {
        List<Layer> layers = drawn().layers();
        return layers.isEmpty()
                ? material().isPressed()
                : layers.stream().anyMatch(l -> l.material().isPressed());
    }

    /** True when a knife cuts something of it; without art, when it would cut the usual material. */
    public boolean isCut() {
        List<Layer> layers = drawn().layers();
        return layers.isEmpty()
                ? !Ways.of(material()).isOnePrint()
                        || Ways.of(material()).usualEdging().isPresent()
                : layers.stream().anyMatch(Layer::isCut);
    }

    /** True when all of it is seen through the thing. */
    public boolean isSeenThrough() {
        List<Layer> layers = drawn().layers();
        return layers.isEmpty()
                ? Ways.of(material()).isSeenThrough()
                : layers.stream().allMatch(l -> Ways.of(l.material()).isSeenThrough());
    }

    /** Whether the usual material holds. */
    public Verdict holdsUsual() {
        return holds.get(line.materialId());
    }

    /** What the face is made of. */
    public Substrate madeOf() {
        return blank.madeOf(face());
    }

    /** Whether any material would hold on this thing, whatever it is made of now. */
    public boolean wouldHold(Material any) {
        return WhatHolds.of(any, madeOf(), blankColour, face()).answer() != Verdict.Answer.DOES_NOT_HOLD;
    }

    public SizePlan drawn() {
        return size(line.drawnFor()).orElseThrow();
    }

    public Face face() {
        return drawn().face();
    }

    public Optional<SizePlan> size(String id) {
        return sizes.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** The time at the press or the table for all copies, one after the other. */
    public double finishSeconds() {
        return sizes.stream()
                .mapToDouble(s -> s.finish().secondsFor(s.count() + s.again()))
                .sum();
    }

    /** What is done to a piece of the size the art is drawn for. */
    public FinishSequence finish() {
        return drawn().finish();
    }

    /** Where the press closes on the size the art is drawn for. */
    public PlatenPlan platen() {
        return drawn().platen();
    }

    /** The size of a piece by its place in the run, from 0; the one drawn for when there are no more. */
    public SizePlan sizeOfPiece(int piece) {
        int before = 0;
        for (SizePlan s : sizes) {
            if (piece < before + s.count()) {
                return s;
            }
            before += s.count();
        }
        return drawn();
    }
}
