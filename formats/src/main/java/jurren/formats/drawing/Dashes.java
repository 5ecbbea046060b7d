package jurren.formats.drawing;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.PathIterator;

/** How many dashes a line would be taken apart into: a file of a few letters can ask for millions. */
final class Dashes {
    private Dashes() {}

    /** 0 for a line without dashes. Curves count as long as their control polygon, which is never too short. */
    static double count(Shape outline, BasicStroke stroke) {
        float[] dashes = stroke.getDashArray();
        if (dashes == null) {
            return 0;
        }
        double period = 0;
        for (float d : dashes) {
            period += d;
        }
        return dashes.length * lengthOf(outline) / Math.max(period, Double.MIN_NORMAL);
    }

    private static double lengthOf(Shape outline) {
        double[] c = new double[6];
        double length = 0;
        double x = 0;
        double y = 0;
        double startX = 0;
        double startY = 0;
        for (PathIterator i = outline.getPathIterator(null); !i.isDone(); i.next()) {
            int kind = i.currentSegment(c);
            int points = switch (kind) {
                case PathIterator.SEG_QUADTO -> 2;
                case PathIterator.SEG_CUBICTO -> 3;
                case PathIterator.SEG_CLOSE -> 0;
                default -> 1;
            };
            if (kind == PathIterator.SEG_MOVETO) {
                startX = c[0];
                startY = c[1];
            } else if (kind == PathIterator.SEG_CLOSE) {
                length += Math.hypot(startX - x, startY - y);
                x = startX;
                y = startY;
            }
            for (int p = 0; p < points; p++) {
                length += kind == PathIterator.SEG_MOVETO ? 0 : Math.hypot(c[2 * p] - x, c[2 * p + 1] - y);
                x = c[2 * p];
                y = c[2 * p + 1];
            }
        }
        return length;
    }
}
