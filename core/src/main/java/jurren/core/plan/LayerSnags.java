package jurren.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import jurren.core.finish.Limit;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Thinness;
import jurren.core.layer.Layer;
import jurren.core.material.Material;
import jurren.core.material.Underlay;
import jurren.core.snag.Flaws;
import jurren.core.snag.Snag;
import jurren.core.way.known.Ways;

/** What would go wrong with the layers of a place: too thin, loose, stacked too high, clashing under the press. */
final class LayerSnags {
    /** What is nearer to its limit reads the same in thousandths of an inch. */
    private static final double SHOWN_MM = 0.0254;
    /** General practice for smooth films on cloth. */
    private static final int MOST_FILMS = 3;

    private final Consumer<Snag> found;

    LayerSnags(Consumer<Snag> found) {
        this.found = found;
    }

    private void found(Snag snag) {
        found.accept(snag);
    }

    void look(LinePlan plan) {
        thinParts(plan);
        islands(plan);
        flaws(plan);
        sold(plan);
        stack(plan);
        heat(plan);
    }

    /** What hangs on nothing falls out of a plate. */
    private void islands(LinePlan plan) {
        for (Layer layer : plan.drawn().layers()) {
            if (Ways.of(layer.material()).losesIslands() && layer.region().pieceCount() > 1) {
                Region plate = layer.region().largest().region();
                Region island = layer.region().pieces().stream()
                        .map(p -> p.region())
                        .filter(r -> !r.equals(plate))
                        .findFirst()
                        .orElseThrow();
                found(new Snag.LooseIsland(
                        plan.line().id(),
                        layer.order(),
                        layer.region().pieceCount() - 1,
                        plan.face().rolled(island.inside())));
            }
        }
    }

    /** One snag a layer, on the size where it is worst. */
    private void thinParts(LinePlan plan) {
        for (int i = 0; i < plan.drawn().layers().size(); i++) {
            int layer = i;
            plan.sizes().stream()
                    .filter(size -> layer < size.layers().size()
                            && isThin(size, size.layers().get(layer)))
                    .min(Comparator.comparingDouble(
                            size -> thinnest(size, layer).widthMm()))
                    .ifPresent(size -> found(thinPart(plan, size, size.layers().get(layer))));
        }
    }

    private static Thinness thinnest(SizePlan size, int layer) {
        return size.flaws().thinnest(size.layers().get(layer).order());
    }

    private static boolean isThin(SizePlan size, Layer layer) {
        return !Ways.of(layer.material()).held(layer).isEmpty()
                && size.flaws().thinnest(layer.order()).widthMm()
                        < layer.material().leastStrokeMm() - SHOWN_MM;
    }

    private static Snag thinPart(LinePlan plan, SizePlan size, Layer layer) {
        Thinness thinnest = size.flaws().thinnest(layer.order());
        String line = plan.line().id();
        double least = layer.material().leastStrokeMm();
        Point at = size.face().rolled(thinnest.where());
        return layer.isCut()
                ? new Snag.ThinPart(
                        line,
                        layer.order(),
                        size.id(),
                        thinnest.widthMm(),
                        least,
                        size.flaws().isNeck(layer.order()),
                        at)
                : new Snag.FineInk(line, layer.order(), size.id(), thinnest.widthMm(), least, at);
    }

    /** What the knife would make a mess of on the size it is drawn for, and between layers. */
    private void flaws(LinePlan plan) {
        String line = plan.line().id();
        for (Flaws.Flaw f : plan.drawn().flaws().found()) {
            Point at = plan.face().rolled(f.at());
            Optional<Layer> ink = plan.drawn().layers().stream()
                    .filter(l -> l.order() == f.layer() && !l.isCut())
                    .findFirst();
            if (ink.isPresent()) {
                inkFlaw(line, f, ink.get(), at);
                continue;
            }
            switch (f.kind()) {
                case CRUMBS -> found(new Snag.Crumbs(line, f.layer(), f.count(), at));
                case LIFTS -> found(new Snag.WillLift(line, f.layer(), f.count(), f.mm(), at));
                case SPIKES -> found(new Snag.Spikes(line, f.layer(), f.count(), at));
                case DOUBLED -> found(new Snag.DoubledLine(line, f.layer(), f.mm(), at));
                case GAP -> found(new Snag.HairlineGap(line, f.mm(), at));
                case NECK -> {}
            }
        }
    }

    /** Nothing weeds ink: what is too small is told as a fine part, and only gaps are left to tell. */
    private void inkFlaw(String line, Flaws.Flaw f, Layer ink, Point at) {
        switch (f.kind()) {
            case DOUBLED ->
                found(new Snag.FineGap(
                        line,
                        f.layer(),
                        f.mm(),
                        ink.material().underlay().map(Underlay::leastGapMm).orElse(f.mm()),
                        at));
            case CRUMBS, LIFTS, SPIKES, GAP, NECK -> {}
        }
    }

    private void sold(LinePlan plan) {
        for (Layer layer : plan.drawn().layers()) {
            Material m = layer.material();
            if (layer.role() == Layer.Role.FILM
                    && m.sold(layer.stock()).isEmpty()
                    && !m.colours().isEmpty()) {
                found(new Snag.NotSold(
                        plan.line().id(),
                        layer.order(),
                        m.name(),
                        layer.stock(),
                        m.colourName(m.nearest(layer.stock()))));
            }
        }
    }

    private void stack(LinePlan plan) {
        List<Layer> layers = plan.drawn().layers().stream()
                .filter(l -> l.role() != Layer.Role.PLATE)
                .toList();
        List<Layer> pressed = plan.drawn().layers().stream()
                .filter(l -> l.role() != Layer.Role.PLATE || l.material().isPressed())
                .toList();
        for (Layer layer : pressed.stream().filter(l -> l.material().topOnly()).toList()) {
            boolean covered = pressed.stream()
                    .filter(l -> l.order() > layer.order() && !l.film().equals(layer.film()))
                    .anyMatch(l -> !l.laid().intersect(layer.laid()).isEmpty());
            if (covered) {
                found(new Snag.NothingHoldsOn(
                        plan.line().id(), layer.order(), layer.material().name()));
            }
        }
        List<Layer> thick = layers.stream().filter(l -> l.thicknessMm() > 0).toList();
        if (thick.size() > MOST_FILMS) {
            Region tooThick = atLeastDeep(thick, MOST_FILMS + 1);
            int films = MOST_FILMS + 1;
            for (Region more = tooThick; films < thick.size() && !more.isEmpty(); ) {
                more = atLeastDeep(thick, films + 1);
                if (!more.isEmpty()) {
                    tooThick = more;
                    films++;
                }
            }
            if (!tooThick.isEmpty()) {
                found(new Snag.TooManyFilms(
                        plan.line().id(), films, MOST_FILMS, plan.face().rolled(tooThick.inside())));
            }
        }
    }

    private static Region atLeastDeep(List<Layer> layers, int depth) {
        List<Region> deep = new ArrayList<>();
        for (int i = 0; i < depth; i++) {
            deep.add(Region.EMPTY);
        }
        for (Layer layer : layers) {
            for (int d = depth - 1; d > 0; d--) {
                deep.set(d, deep.get(d).weld(deep.get(d - 1).intersect(layer.region())));
            }
            deep.set(0, deep.getFirst().weld(layer.region()));
        }
        return deep.getLast();
    }

    private void heat(LinePlan plan) {
        Set<Set<Limit>> told = new HashSet<>();
        for (SizePlan size : plan.sizes()) {
            for (Set<Limit> clash : size.finish().solved().clashes()) {
                if (told.add(clash) && clash.stream().noneMatch(l -> l.kind() == Limit.Kind.TOP_ONLY)) {
                    List<Limit> limits = clash.stream()
                            .sorted(Comparator.comparing(Limit::layer).thenComparing(Limit::kind))
                            .toList();
                    found(new Snag.PressClash(plan.line().id(), limits.getLast().layer(), limits));
                }
            }
        }
    }
}
