package jurren.core.load;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.nest.Bed;
import jurren.core.nest.BedPosition;
import jurren.core.nest.Cutout;
import jurren.core.nest.Layout;
import jurren.core.stop.Stop;

/**
 * Whether a layout can be cut as it is told: files are written by others too. Everything lies on its bed and at its
 * pin, turned as it may be, and nothing is nearer to another than the gap.
 */
final class LayoutCheck {
    /** What searching and rounding may leave of a gap, and hang over an edge, without harm. */
    private static final double SLACK_MM = 0.02;

    private static final double SLIVER_MM2 = 1e-4;

    private final Nesting.Request request;
    private final Layout layout;
    /** Of each bed, as far as something may lie. */
    private final Map<Integer, Region> reach = new HashMap<>();

    private final Map<Region, Region> cells = new HashMap<>();

    LayoutCheck(Nesting.Request request, Layout layout) {
        this.request = request;
        this.layout = layout;
    }

    boolean isSound() {
        int n = request.cutouts().size();
        if (layout.positions().size() != n
                || layout.usedMm().size() != request.beds().size()) {
            return false;
        }
        if (!IntStream.range(0, n)
                .allMatch(
                        i -> mayLie(request.cutouts().get(i), layout.positions().get(i)))) {
            return false;
        }
        List<Integer> lying = IntStream.range(0, n)
                .filter(i -> layout.positions().get(i).isPresent())
                .boxed()
                .toList();
        List<Region> placed = lying.stream()
                .map(i -> cell(request.cutouts().get(i).shape())
                        .placed(layout.positions().get(i).orElseThrow().placement()))
                .toList();
        Stop stop = Stop.here();
        return IntStream.range(0, placed.size()).parallel().allMatch(i -> {
            stop.look();
            return IntStream.range(i + 1, placed.size())
                    .filter(k -> bed(lying.get(i)) == bed(lying.get(k)))
                    .noneMatch(k -> overlap(placed.get(i), placed.get(k)));
        });
    }

    private int bed(int item) {
        return layout.positions().get(item).orElseThrow().bed();
    }

    private static boolean overlap(Region a, Region b) {
        return a.bounds().crossed(b.bounds()).isPresent() && a.intersect(b).areaMm2() > SLIVER_MM2;
    }

    private Region cell(Region shape) {
        double half = request.gapMm() / 2 - SLACK_MM;
        return half <= 0 ? shape : cells.computeIfAbsent(shape, s -> s.grown(half, CornerStyle.ROUND));
    }

    private boolean mayLie(Cutout cutout, Optional<BedPosition> at) {
        if (cutout.pinned().isPresent()) {
            return at.equals(cutout.pinned());
        }
        if (at.isEmpty()) {
            return true;
        }
        BedPosition p = at.get();
        return p.bed() >= 0
                && p.bed() < request.beds().size()
                && !request.beds().get(p.bed()).full()
                && Double.isFinite(p.xMm() + p.yMm())
                && cutout.turning().degrees().stream().anyMatch(d -> d == p.degrees())
                && isOn(p.bed(), cutout.shape().placed(p.placement()));
    }

    private boolean isOn(int bed, Region shape) {
        Bed on = request.beds().get(bed);
        Region room = reach.computeIfAbsent(bed, _ -> on.usable().grown(SLACK_MM, CornerStyle.MITRED));
        Box box = shape.bounds();
        return room.bounds().covers(box, 0) && (on.open() || shape.minus(room).areaMm2() <= SLIVER_MM2);
    }
}
