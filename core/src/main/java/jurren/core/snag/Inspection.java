package jurren.core.snag;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Thinness;
import jurren.core.layer.Join;
import jurren.core.layer.Layer;
import jurren.core.material.Underlay;
import jurren.core.memo.Memo;
import jurren.core.way.known.Ways;

/**
 * Looks the layers of a face over. What one look at widths can rule out is looked at no further, and a shape that was
 * looked at before is known again wherever it lies. Safe for several threads.
 */
public final class Inspection {
    private static final int MOST_LARGE = 6;
    private static final Thinness NOTHING = new Thinness(0, new Point(0, 0));

    /**
     * What is asked of a layer's shape.
     *
     * @param shape  as it would lie at the origin
     * @param isThin whether it is anywhere narrower than the material bears
     */
    private record Looked(Region shape, double leastMm, boolean isThin) {}

    /** @param neck whether it falls apart where it is too narrow */
    private record Seen(List<Flaws.Flaw> flaws, boolean neck) {}

    private final Memo<Looked, Seen> seen = new Memo<>(MOST_LARGE, Inspection::look, (looked, found, scale) -> {
        looked.shape.weigh(scale);
        scale.add(found, 64L * (1 + found.flaws.size()));
    });

    /** A disc that lies in the film lies in one piece of it: widths are remembered piece by piece. */
    private final Memo<Region, Thinness> widths = new Memo<>(MOST_LARGE, Region::thinnest, (piece, width, scale) -> {
        piece.weigh(scale);
        scale.add(width, 64);
    });

    private record Slit(Region group, double withinMm, double longMm) {
        Optional<Thinness> found() {
            return group.slit(withinMm, longMm);
        }
    }

    /** What lies further apart than a gap is wide has none in common: gaps are remembered group by group. */
    private final Memo<Slit, Optional<Thinness>> slits = new Memo<>(MOST_LARGE, Slit::found, (slit, gap, scale) -> {
        slit.group.weigh(scale);
        scale.add(gap, 64);
    });

    public Flaws of(List<Layer> layers) {
        List<Flaws.Flaw> found = new ArrayList<>();
        List<Thinness> thinnest = new ArrayList<>();
        for (Layer l : layers) {
            if (l.region().isEmpty()) {
                thinnest.add(NOTHING);
                continue;
            }
            Thinness least = thinnest(l.region());
            thinnest.add(least);
            Region held = held(l);
            if (!held.isEmpty()) {
                look(l, held, held == l.region() ? least : thinnest(held), found);
            }
        }
        betweenLayers(
                found,
                layers.stream().filter(l -> l.isCut() && !held(l).isEmpty()).toList());
        return new Flaws(found, thinnest);
    }

    /** How many pieces and groups were really measured. */
    long measured() {
        return widths.computed() + slits.computed();
    }

    private static Region held(Layer l) {
        return Ways.of(l.material()).held(l);
    }

    private void look(Layer l, Region held, Thinness thinnest, List<Flaws.Flaw> found) {
        double leastMm = l.material().leastStrokeMm();
        Seen s = seen.get(new Looked(held.atOrigin(), leastMm, thinnest.widthMm() < leastMm));
        s.flaws.forEach(f -> found.add(f.onLayer(l.order(), there(held))));
        if (s.neck) {
            found.add(new Flaws.Flaw(Flaws.Kind.NECK, l.order(), 1, thinnest.widthMm(), thinnest.where()));
        }
        if (l.unwelded().isEmpty()) {
            double least = l.material().underlay().map(Underlay::leastGapMm).orElse(Flaws.DOUBLED_MM);
            slit(held, least, Flaws.DOUBLED_LONG_MM)
                    .ifPresent(gap ->
                            found.add(new Flaws.Flaw(Flaws.Kind.DOUBLED, l.order(), 1, gap.widthMm(), gap.where())));
        }
    }

    private static Seen look(Looked l) {
        List<Flaws.Flaw> found = new ArrayList<>();
        add(found, Flaws.Kind.CRUMBS, Flaws.crumbs(l.shape), 0);
        if (l.isThin) {
            add(found, Flaws.Kind.LIFTS, Flaws.lifting(l.shape, l.leastMm), l.leastMm);
        }
        var spikes = Flaws.spikes(l.shape);
        if (!spikes.isEmpty()) {
            found.add(new Flaws.Flaw(Flaws.Kind.SPIKES, 0, spikes.size(), 0, spikes.getFirst()));
        }
        return new Seen(
                found,
                l.isThin && l.shape.grown(-l.leastMm / 2, CornerStyle.MITRED).pieceCount() > l.shape.pieceCount());
    }

    /**
     * Asked of the pieces where they lie: rounded as a whole first, none of them would be known again beside another
     * that moved.
     */
    private Thinness thinnest(Region shape) {
        return shape.pieces().stream()
                .map(p -> {
                    Region piece = p.region();
                    Thinness atOrigin = widths.get(piece.atOrigin());
                    return new Thinness(atOrigin.widthMm(), there(piece).apply(atOrigin.where()));
                })
                .min(Comparator.comparingDouble(Thinness::widthMm))
                .orElseThrow();
    }

    private Optional<Thinness> slit(Region shape, double withinMm, double longMm) {
        return shape.groups(withinMm).stream()
                .flatMap(g -> slits
                        .get(new Slit(g.atOrigin(), withinMm, longMm))
                        .map(t -> new Thinness(t.widthMm(), there(g).apply(t.where())))
                        .stream())
                .min(Comparator.comparingDouble(Thinness::widthMm));
    }

    /** From the origin to where a region lies. */
    private static Placement there(Region r) {
        return Placement.moved(r.bounds().minXMm(), r.bounds().minYMm());
    }

    private static void add(List<Flaws.Flaw> found, Flaws.Kind kind, List<Region> parts, double mm) {
        if (!parts.isEmpty()) {
            found.add(new Flaws.Flaw(kind, 0, parts.size(), mm, parts.getFirst().inside()));
        }
    }

    /** Where the thing would show between two layers that were meant to meet. */
    private void betweenLayers(List<Flaws.Flaw> found, List<Layer> cut) {
        boolean wished = cut.stream().anyMatch(l -> l.join() instanceof Join.Butted b && b.gapMm() > 0);
        if (cut.size() < 2 || wished) {
            return;
        }
        Optional<Thinness> gap = slit(
                Region.weld(cut.stream().map(Layer::region).toList()), Flaws.MEANT_TO_MEET_MM, Flaws.MEANT_LONG_MM);
        gap.filter(g -> cut.stream().filter(l -> isBeside(l, g)).count() > 1)
                .ifPresent(g -> found.add(new Flaws.Flaw(Flaws.Kind.GAP, 0, 1, g.widthMm(), g.where())));
    }

    private static boolean isBeside(Layer layer, Thinness gap) {
        Region around =
                Region.of(Box.ofSize(gap.where().xMm(), gap.where().yMm(), 0, 0).grown(gap.widthMm() * 0.6 + 0.01));
        return !layer.region().intersect(around).isEmpty();
    }
}
