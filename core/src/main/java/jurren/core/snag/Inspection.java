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
import jurren.core.memo.Memo;

/**
 * Looks the layers of a face over. What one look at widths can rule out is looked at no further, and a shape that was
 * looked at before is known again wherever it lies. Safe for several threads.
 */
public final class Inspection {
    private static final int MOST_LARGE = 6;
    private static final Thinness NOTHING = new Thinness(0, new Point(0, 0));

    /**
     * What matters of one layer by itself.
     *
     * @param shape as it would lie at the origin
     */
    private record Looked(Region shape, double leastMm, boolean cut, boolean welded) {
    }

    private record Seen(Thinness thinnest, List<Flaws.Flaw> flaws) {
    }

    private final Memo<Looked, Seen> seen = new Memo<>(MOST_LARGE, this::look, (looked, found, scale) -> {
        looked.shape.weigh(scale);
        scale.add(found, 64L * (1 + found.flaws.size()));
    });

    /** A disc that lies in the film lies in one piece of it: widths are remembered piece by piece. */
    private final Memo<Region, Thinness> widths = new Memo<>(MOST_LARGE, Region::thinnest, (piece, width, scale) -> {
        piece.weigh(scale);
        scale.add(width, 64);
    });

    public Flaws of(List<Layer> layers) {
        List<Flaws.Flaw> found = new ArrayList<>();
        List<Thinness> thinnest = new ArrayList<>();
        for (Layer l : layers) {
            if (l.region().isEmpty()) {
                thinnest.add(NOTHING);
                continue;
            }
            Region shape = l.region().atOrigin();
            Placement there = there(l.region());
            Seen s = seen.get(new Looked(shape, l.material().leastStrokeMm(), isLookedAt(l), l.unwelded().isEmpty()));
            thinnest.add(new Thinness(s.thinnest.widthMm(), there.apply(s.thinnest.where())));
            s.flaws.forEach(f -> found.add(f.onLayer(l.order(), there)));
        }
        betweenLayers(found, layers.stream().filter(Inspection::isLookedAt).toList());
        return new Flaws(found, thinnest);
    }

    private static boolean isLookedAt(Layer l) {
        return l.isCut() && l.role() != Layer.Role.PLATE;
    }

    private Seen look(Looked l) {
        Thinness thinnest = l.shape.pieces().stream().map(p -> thinnest(p.region())).min(Comparator.comparingDouble(Thinness::widthMm)).orElseThrow();
        return new Seen(thinnest, l.cut ? flaws(l, thinnest) : List.of());
    }

    private Thinness thinnest(Region piece) {
        Thinness atOrigin = widths.get(piece.atOrigin());
        return new Thinness(atOrigin.widthMm(), there(piece).apply(atOrigin.where()));
    }

    /** From the origin to where a region lies. */
    private static Placement there(Region r) {
        return Placement.moved(r.bounds().minXMm(), r.bounds().minYMm());
    }

    private static List<Flaws.Flaw> flaws(Looked l, Thinness thinnest) {
        List<Flaws.Flaw> found = new ArrayList<>();
        add(found, Flaws.Kind.CRUMBS, Flaws.crumbs(l.shape), 0);
        if (thinnest.widthMm() < l.leastMm) {
            add(found, Flaws.Kind.LIFTS, Flaws.lifting(l.shape, l.leastMm), l.leastMm);
            if (l.shape.grown(-l.leastMm / 2, CornerStyle.MITRED).pieceCount() > l.shape.pieceCount()) {
                found.add(new Flaws.Flaw(Flaws.Kind.NECK, 0, 1, thinnest.widthMm(), thinnest.where()));
            }
        }
        var spikes = Flaws.spikes(l.shape);
        if (!spikes.isEmpty()) {
            found.add(new Flaws.Flaw(Flaws.Kind.SPIKES, 0, spikes.size(), 0, spikes.getFirst()));
        }
        if (l.welded) {
            l.shape.slit(Flaws.DOUBLED_MM, Flaws.DOUBLED_LONG_MM)
                    .ifPresent(gap -> found.add(new Flaws.Flaw(Flaws.Kind.DOUBLED, 0, 1, gap.widthMm(), gap.where())));
        }
        return found;
    }

    private static void add(List<Flaws.Flaw> found, Flaws.Kind kind, List<Region> parts, double mm) {
        if (!parts.isEmpty()) {
            found.add(new Flaws.Flaw(kind, 0, parts.size(), mm, parts.getFirst().inside()));
        }
    }

    /** Where the thing would show between two layers that were meant to meet. */
    private static void betweenLayers(List<Flaws.Flaw> found, List<Layer> cut) {
        boolean wished = cut.stream().anyMatch(l -> l.join() instanceof Join.Butted b && b.gapMm() > 0);
        if (cut.size() < 2 || wished) {
            return;
        }
        Optional<Thinness> gap = Region.weld(cut.stream().map(Layer::region).toList()).slit(Flaws.MEANT_TO_MEET_MM, Flaws.MEANT_LONG_MM);
        gap.filter(g -> cut.stream().filter(l -> isBeside(l, g)).count() > 1)
                .ifPresent(g -> found.add(new Flaws.Flaw(Flaws.Kind.GAP, 0, 1, g.widthMm(), g.where())));
    }

    private static boolean isBeside(Layer layer, Thinness gap) {
        Region around = Region.of(Box.ofSize(gap.where().xMm(), gap.where().yMm(), 0, 0).grown(gap.widthMm() * 0.6 + 0.01));
        return !layer.region().intersect(around).isEmpty();
    }
}
