package jurren.core.art;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;

/**
 * Where a box that is moved by hand is held: at the middle lines and edges of the area, and of the other
 * motifs. Each direction is held on its own by whatever is nearest.
 *
 * @param area   its middle lines and edges hold first
 * @param others boxes of what stands still
 */
public record Snapping(Box area, List<Box> others, double reachMm) {
    /**
     * A line that holds.
     *
     * @param upright true for one from top to bottom
     * @param atMm    where it lies
     * @param of      the box it belongs to
     */
    public record Guide(boolean upright, double atMm, Box of) {}

    /** How far to move so as to be held, and by what. */
    public record Held(Point by, List<Guide> guides) {
        public Held {
            guides = List.copyOf(guides);
        }
    }

    private record Catch(double by, Guide guide) {}

    public Snapping {
        others = List.copyOf(others);
    }

    public Held hold(Box moving) {
        Optional<Catch> across = nearest(moving, true);
        Optional<Catch> down = nearest(moving, false);
        List<Guide> guides = new ArrayList<>();
        across.ifPresent(c -> guides.add(c.guide));
        down.ifPresent(c -> guides.add(c.guide));
        return new Held(
                new Point(across.map(Catch::by).orElse(0.0), down.map(Catch::by).orElse(0.0)), guides);
    }

    private Optional<Catch> nearest(Box moving, boolean upright) {
        Optional<Catch> best = nearest(moving, area, upright, Optional.empty());
        for (Box other : others) {
            best = nearest(moving, other, upright, best);
        }
        return best;
    }

    private Optional<Catch> nearest(Box moving, Box target, boolean upright, Optional<Catch> soFar) {
        Optional<Catch> best = soFar;
        for (double at : lines(target, upright)) {
            for (double own : lines(moving, upright)) {
                double by = at - own;
                if (Math.abs(by) <= reachMm && (best.isEmpty() || Math.abs(by) < Math.abs(best.get().by))) {
                    best = Optional.of(new Catch(by, new Guide(upright, at, target)));
                }
            }
        }
        return best;
    }

    private static double[] lines(Box b, boolean upright) {
        return upright
                ? new double[] {b.centre().xMm(), b.minXMm(), b.maxXMm()}
                : new double[] {b.centre().yMm(), b.minYMm(), b.maxYMm()};
    }
}
