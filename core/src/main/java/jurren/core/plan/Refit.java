package jurren.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Chain;
import jurren.core.art.Motif;
import jurren.core.art.Sizing;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.blank.Face;
import jurren.core.blank.Fit;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.hold.Verdict;
import jurren.core.hold.WhatHolds;
import jurren.core.job.Line;
import jurren.core.job.Shop;
import jurren.core.job.SizeEntry;
import jurren.core.job.Thing;
import jurren.core.material.Material;

/** Edits that move or resize the whole art of a line: by its rules, onto another face, onto another blank. */
public final class Refit {
    /** What an exchange of the blank changed besides the blank. */
    public sealed interface Note {
        /** The art's width, before and after. */
        record Width(double fromMm, double toMm) implements Note {}

        /** The colour that was not to be had, and the one that was taken. */
        record Colour(String from, String to) implements Note {}

        /** All pieces are now of this size. */
        record Size(String to, int count) implements Note {}

        /** The material does not hold there, and what was taken instead. */
        record Material(String from, String to) implements Note {}

        /** A decorated face that the other thing has not. */
        record Place(String faceId) implements Note {}
    }

    /** The line as it became, and what to tell about it. */
    public record Refitted(Line line, List<Note> notes) {
        public Refitted {
            notes = List.copyOf(notes);
        }
    }

    private final Chain chain;

    public Refit(Chain chain) {
        this.chain = chain;
    }

    public Refit() {
        this(new Chain());
    }

    /** The box of the whole art on the face it is drawn for. */
    public Optional<Box> artBox(Line line) {
        return chain.art(line.motifs(), Placement.HERE).bounds();
    }

    /** The whole art moved and scaled; what treatments add in millimetres stays as it is. */
    public Line placed(Line line, Placement onto) {
        double factor = Math.sqrt(Math.abs(onto.determinant()));
        return line.withMotifs(line.motifs().stream()
                .map(m -> placed(m, line.motifs(), onto, factor))
                .toList());
    }

    /** Some motifs of a face moved and scaled together. */
    public List<Motif> placed(List<Motif> some, List<Motif> face, Placement onto) {
        double factor = Math.sqrt(Math.abs(onto.determinant()));
        return some.stream().map(m -> placed(m, face, onto, factor)).toList();
    }

    private Motif placed(Motif m, List<Motif> face, Placement onto, double factor) {
        BuiltMotif built = chain.build(m, face);
        Point at = onto.apply(m.pose().point());
        Motif moved = m.withPose(
                m.pose().moved(at.xMm() - m.pose().xMm(), at.yMm() - m.pose().yMm()));
        return factor == 1
                ? moved
                : built.bounds()
                        .map(b -> moved.withSource(Sizing.toWidth(m.source(), built, b.widthMm() * factor, true)))
                        .orElse(moved);
    }

    /** All motifs turned half round about the middle of the area. */
    public Line turnedRound(Line line, Face face) {
        Point middle = face.area().box().centre();
        return line.withMotifs(line.motifs().stream()
                .map(m -> m.withPose(m.pose()
                        .moved(
                                2 * (middle.xMm() - m.pose().xMm()),
                                2 * (middle.yMm() - m.pose().yMm()))
                        .turnedTo((m.pose().degrees() + 180) % 360)))
                .toList());
    }

    /** A rule chosen anew: the art goes where it says. */
    public Line put(Line line, Face face, Fit fit, BiFunction<Face, Box, Placement> rule) {
        Line ruled = line.withFit(fit);
        return artBox(line).map(art -> placed(ruled, rule.apply(face, art))).orElse(ruled);
    }

    /** Another face of the same blank; the art is fitted to it by its rules. */
    public Line ontoFace(Line line, Blank blank, String faceId) {
        var size = blank.size(line.drawnFor()).orElseThrow();
        Face from = Planner.face(line, size);
        Line turned = line.withThing(line.thing().withFace(faceId).withTrueAt(Optional.empty()))
                .withSizes(line.sizes().stream().map(SizeEntry::unmeasured).toList());
        return fitted(turned, from, Planner.face(turned, size));
    }

    private Line fitted(Line line, Face from, Face to) {
        Line moved = artBox(line)
                .map(art -> placed(line, line.fit().between(from, to, art, Optional.empty(), Fit.OnFilm.ENDLESS)))
                .orElse(line);
        return artBox(moved)
                .filter(art -> !to.area().box().covers(art, 0))
                .map(art -> placed(moved, intoArea(art, to)))
                .orElse(moved);
    }

    /** No larger than the area, and no further than its edges. */
    private static Placement intoArea(Box art, Face to) {
        Box area = to.area().box();
        double factor = Math.min(1, Math.min(area.widthMm() / art.widthMm(), area.heightMm() / art.heightMm()));
        double halfWidth = art.widthMm() * factor / 2;
        double halfHeight = art.heightMm() * factor / 2;
        double x = Math.clamp(art.centre().xMm(), area.minXMm() + halfWidth - 1e-9, area.maxXMm() - halfWidth + 1e-9);
        double y = Math.clamp(art.centre().yMm(), area.minYMm() + halfHeight - 1e-9, area.maxYMm() - halfHeight + 1e-9);
        return Placement.moved(-art.centre().xMm(), -art.centre().yMm())
                .then(Placement.scaled(factor))
                .then(Placement.moved(x, y));
    }

    /**
     * Another blank. Sizes that both have keep their counts, otherwise all pieces become the new one's
     * reference size; the colour stays if it is sold; a material that does not hold gives way to one
     * that does; the art is fitted by its rules and then into the area.
     */
    public Refitted ontoBlank(Line line, Shop shop, Blank to) {
        Blank old = shop.blank(line.blankId()).orElse(to);
        Face from = Planner.face(line, old.size(line.drawnFor()).orElse(old.reference()));
        List<Note> notes = new ArrayList<>();
        BlankColour had = old.colourOrFirst(line.thing().colourId());
        BlankColour colour = to.colourOrFirst(had.id());
        if (!colour.id().equals(had.id())) {
            notes.add(new Note.Colour(had.name(), colour.name()));
        }
        List<SizeEntry> sizes = sizes(line, to, notes);
        String drawnFor = to.size(line.drawnFor()).isPresent() ? line.drawnFor() : to.referenceSize();
        boolean kept = to.reference().face(line.thing().faceId()).isPresent()
                || line.places().stream()
                        .anyMatch(p -> p.faceId().isEmpty()
                                || p.faceId()
                                        .equals(to.reference()
                                                .faces()
                                                .getFirst()
                                                .id()));
        String faceId = kept ? line.thing().faceId() : "";
        Line exchanged = line.withBlank(
                new Thing(to.id(), colour.id(), faceId, Optional.empty(), Optional.empty()), drawnFor, sizes);
        Face face = Planner.face(exchanged, to.size(drawnFor).orElseThrow());
        Line held = holding(exchanged, shop, to, colour, face, notes);
        Line refitted = others(line, fitted(held, from, face), shop, old, to, notes);
        artBox(line)
                .ifPresent(was -> artBox(refitted)
                        .filter(is -> Math.abs(is.widthMm() - was.widthMm()) > 0.05)
                        .ifPresent(is -> notes.add(new Note.Width(was.widthMm(), is.widthMm()))));
        return new Refitted(refitted, notes);
    }

    /** The other places of the line, as far as the new thing has them; the rest is kept, and said. */
    private Line others(Line line, Line refitted, Shop shop, Blank old, Blank to, List<Note> notes) {
        Line all = refitted;
        for (int i = 0; i < line.places().size(); i++) {
            Line was = line.at(i);
            String faceId = was.thing().faceId();
            if (i == line.at()) {
                continue;
            }
            if (!faceId.isEmpty() && to.reference().face(faceId).isEmpty()) {
                notes.add(new Note.Place(faceId));
                continue;
            }
            Line now = all.at(i);
            Face face = Planner.face(now, to.size(now.drawnFor()).orElseThrow());
            Line held = holding(now, shop, to, to.colourOrFirst(now.colourId()), face, notes);
            all = fitted(held, Planner.face(was, old.size(was.drawnFor()).orElse(old.reference())), face)
                    .at(line.at());
        }
        return all;
    }

    private static List<SizeEntry> sizes(Line line, Blank to, List<Note> notes) {
        List<SizeEntry> kept = line.sizes().stream()
                .filter(s -> to.size(s.size()).isPresent())
                .map(SizeEntry::unmeasured)
                .toList();
        int lost = line.copies() - kept.stream().mapToInt(SizeEntry::count).sum();
        if (lost == 0 && !kept.isEmpty()) {
            return kept;
        }
        List<SizeEntry> all = new ArrayList<>(kept);
        Optional<SizeEntry> reference =
                kept.stream().filter(s -> s.size().equals(to.referenceSize())).findFirst();
        reference.ifPresent(all::remove);
        all.add(reference
                .orElse(SizeEntry.of(to.referenceSize(), 0))
                .withCount(reference.map(SizeEntry::count).orElse(0) + lost));
        notes.add(new Note.Size(to.referenceSize(), Math.max(lost, 0)));
        return all;
    }

    private static Line holding(Line line, Shop shop, Blank to, BlankColour colour, Face face, List<Note> notes) {
        Optional<Material> has = shop.material(line.materialId());
        if (has.isPresent()
                && WhatHolds.of(has.get(), to.madeOf(face), colour, face).answer() != Verdict.Answer.DOES_NOT_HOLD) {
            return line;
        }
        return WhatHolds.best(shop.materials(), to.madeOf(face), colour, face)
                .filter(m -> !m.id().equals(line.materialId()))
                .map(m -> {
                    notes.add(new Note.Material(has.map(Material::name).orElse(line.materialId()), m.name()));
                    return line.withMaterial(m.id());
                })
                .orElse(line);
    }
}
