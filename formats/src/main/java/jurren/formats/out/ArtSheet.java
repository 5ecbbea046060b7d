package jurren.formats.out;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Chain;
import jurren.core.art.Drawing;
import jurren.core.art.Motif;
import jurren.core.art.Painted;
import jurren.core.art.Pose;
import jurren.core.art.Source;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.core.plan.LinePlan;
import jurren.formats.words.Words;

/**
 * What is written: regions of one colour each from the bottom up, in millimetres with y down.
 *
 * @param flattened whether shades, see-through paint or pictures became one colour each
 */
public record ArtSheet(String title, List<Part> parts, boolean flattened) {
    public ArtSheet {
        parts = parts.stream().filter(p -> !p.region.isEmpty()).toList();
    }

    public ArtSheet(String title, List<Part> parts) {
        this(title, parts, false);
    }

    /**
     * One colour; several parts may have it.
     *
     * @param spot the name of the ink in the drawing that it came from
     */
    public record Part(String name, Colour colour, Region region, Optional<String> spot) {
        public Part(String name, Colour colour, Region region) {
            this(name, colour, region, Optional.empty());
        }
    }

    /** As the customer sees it: nothing lies under anything. */
    public static ArtSheet asWorn(LinePlan plan) {
        List<Part> parts = new ArrayList<>();
        plan.drawn()
                .art()
                .seen()
                .forEach((colour, region) -> parts.add(new Part(
                        name(plan, colour), colour, region, spot(plan.line().motifs(), colour))));
        return new ArtSheet(plan.line().title(), parts, hasInk(plan.motifs().values()));
    }

    private static boolean hasInk(Collection<BuiltMotif> motifs) {
        return motifs.stream()
                .flatMap(m -> m.paints().stream())
                .anyMatch(p -> p.ink().isPresent());
    }

    /** As the knife follows it, each colour whole, whatever lies on it. */
    public static ArtSheet asCut(LinePlan plan) {
        return new ArtSheet(
                plan.line().title(),
                plan.drawn().layers().stream()
                        .map(l -> new Part(
                                Words.layerName(plan, l),
                                l.colour(),
                                l.region().warped(plan.face().rolling())))
                        .toList());
    }

    /** Some motifs as they are built. */
    public static ArtSheet of(LinePlan plan, List<Motif> motifs) {
        List<Part> parts = new ArrayList<>();
        for (Motif m : motifs) {
            BuiltMotif built = plan.motifs().get(m.id());
            if (built != null) {
                built.placed(m.pose().placement())
                        .paints()
                        .forEach(p -> parts.add(
                                new Part(name(plan, p.colour()), p.colour(), p.region(), spot(motifs, p.colour()))));
            }
        }
        return new ArtSheet(
                plan.line().title(),
                parts,
                hasInk(motifs.stream()
                        .map(m -> plan.motifs().get(m.id()))
                        .filter(Objects::nonNull)
                        .toList()));
    }

    /** A source on its own. */
    public static ArtSheet of(String title, Source source) {
        List<Painted> paints = new Chain()
                .art(List.of(new Motif("m1", title, source, List.of(), Pose.at(0, 0))), Placement.HERE)
                .paints();
        return new ArtSheet(
                title,
                paints.stream()
                        .map(p -> new Part(
                                p.colour().hex(),
                                p.colour(),
                                p.region(),
                                source instanceof Drawing d
                                        ? Optional.ofNullable(d.inks().get(p.colour()))
                                        : Optional.empty()))
                        .toList(),
                paints.stream().anyMatch(p -> p.ink().isPresent()));
    }

    private static Optional<String> spot(Collection<Motif> motifs, Colour colour) {
        return motifs.stream()
                .flatMap(m -> m.source() instanceof Drawing d
                        ? Optional.ofNullable(d.inks().get(colour)).stream()
                        : Stream.empty())
                .findFirst();
    }

    private static String name(LinePlan plan, Colour colour) {
        return plan.used().stream()
                .flatMap(m -> m.sold(colour).stream())
                .findFirst()
                .map(c -> c.name())
                .orElse(colour.hex());
    }

    public Optional<Box> box() {
        return parts.stream().map(p -> p.region.bounds()).reduce(Box::joined);
    }

    /** Everything as one. */
    public Region whole() {
        return Region.weld(parts.stream().map(Part::region).toList());
    }

    /** With the upper left corner of everything at the origin. */
    ArtSheet atOrigin() {
        return box().map(b -> placed(Placement.moved(-b.minXMm(), -b.minYMm()))).orElse(this);
    }

    private ArtSheet placed(Placement p) {
        return new ArtSheet(
                title,
                parts.stream()
                        .map(r -> new Part(r.name, r.colour, r.region.placed(p), r.spot))
                        .toList(),
                flattened);
    }
}
