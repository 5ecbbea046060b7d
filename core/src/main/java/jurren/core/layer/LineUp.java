package jurren.core.layer;

import java.util.List;
import java.util.function.Predicate;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;

/**
 * Marks on the middle line of a thing, one above its art and one below, cut with every film that is laid by hand and
 * taken off again. The upper one is as far from the top on every place: so what lies on the front and on the back lies
 * as high, and films of one place lie on each other.
 */
public final class LineUp {
    /** From a mark's middle to the art. */
    private static final double OFF_MM = 8;

    private static final double CLEAR_MM = 2;
    private static final double LEAST_FROM_TOP_MM = 4;

    private LineUp() {}

    /** How far from the top the upper mark is, above all the art of all places. */
    public static double heightMm(List<Box> art) {
        return Math.max(
                LEAST_FROM_TOP_MM, art.stream().mapToDouble(Box::minYMm).min().orElse(0) - OFF_MM);
    }

    /**
     * A mark that would lie on art or touch it is left out.
     *
     * @param byHand what is laid by hand: on what is pressed a mark would stay
     */
    public static List<Layer> marked(List<Layer> layers, double heightMm, Predicate<Layer> byHand) {
        List<Region> art =
                layers.stream().map(Layer::region).filter(r -> !r.isEmpty()).toList();
        if (art.isEmpty()) {
            return layers;
        }
        double below = art.stream().mapToDouble(r -> r.bounds().maxYMm()).max().orElseThrow() + OFF_MM;
        Region kept = Region.weld(art).grown(CLEAR_MM, CornerStyle.ROUND);
        Region marks =
                Region.weld(List.of(Panels.mark(new Point(0, heightMm)), Panels.mark(new Point(0, below))).stream()
                        .filter(m -> m.intersect(kept).isEmpty())
                        .toList());
        return layers.stream()
                .map(l ->
                        l.role() == Layer.Role.FILM && l.isCut() && !l.region().isEmpty() && byHand.test(l)
                                ? l.marked(marks)
                                : l)
                .toList();
    }
}
