package jurren.formats.drawing;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where the tiles of a pattern lie that reach into a shape; of one drawing so many in all, and so many patterns within
 * each other.
 */
public final class Tiles {
    private static final int MOST = 1500;
    private static final int MOST_DEEP = 3;
    private static final double LEAST_DETERMINANT = 1e-9;

    private int laid;
    private int deep;

    /** Lays one tile, moved by so much in the pattern's own space. */
    @FunctionalInterface
    public interface TilePainter<E extends Exception> {
        void lay(Point2D by) throws E;
    }

    /**
     * @param onto  from the pattern's space to the shape's
     * @param box   what a tile paints
     * @param xStep how far the next tile is, either way
     * @return empty where there are too many, or a step or a space leads nowhere
     */
    public Optional<List<Point2D>> over(
            Shape shape, AffineTransform onto, Rectangle2D box, double xStep, double yStep) {
        double wide = Math.abs(xStep);
        double high = Math.abs(yStep);
        if (!(wide > 0 && high > 0) || deep >= MOST_DEEP || Math.abs(onto.getDeterminant()) < LEAST_DETERMINANT) {
            return Optional.empty();
        }
        Rectangle2D over;
        try {
            over = onto.createInverse().createTransformedShape(shape).getBounds2D();
        } catch (NoninvertibleTransformException _) {
            return Optional.empty();
        }
        double left = Math.ceil((over.getMinX() - box.getMaxX()) / wide);
        double right = Math.floor((over.getMaxX() - box.getMinX()) / wide);
        double low = Math.ceil((over.getMinY() - box.getMaxY()) / high);
        double top = Math.floor((over.getMaxY() - box.getMinY()) / high);
        if (!(Math.max(0, right - left + 1) * Math.max(0, top - low + 1) <= MOST - laid)) {
            return Optional.empty();
        }
        List<Point2D> all = new ArrayList<>();
        for (double j = low; j <= top; j++) {
            for (double i = left; i <= right; i++) {
                all.add(new Point2D.Double(i * wide, j * high));
            }
        }
        laid += all.size();
        return Optional.of(all);
    }

    public <E extends Exception> void lay(List<Point2D> all, TilePainter<E> laying) throws E {
        deep++;
        try {
            for (Point2D by : all) {
                laying.lay(by);
            }
        } finally {
            deep--;
        }
    }
}
