package jurren.core.trace;

import java.util.List;
import java.util.stream.IntStream;
import jurren.core.material.Colour;

/**
 * Which colour every pixel belongs to: 0 for none, else the number of a colour, from 1.
 *
 * @param of       the colour of each pixel, changed by the phases that follow
 * @param seen     the colour that each pixel was seen as, before anything was given away
 * @param crossing what is read from the levels
 */
record Labels(int width, int height, byte[] of, byte[] seen, List<Colour> colours, Crossing crossing) {
    /** Nearly all of a pixel; noise keeps it from being all. */
    private static final double WHOLE = 0.88;

    /**
     * Between the middles of two neighbouring pixels, seen as colours a and b, where the edge is: 0 at the first, 1 at
     * the second.
     */
    interface Crossing {
        /** How much of a pixel is of colour a and not of colour b: 1 where it is a's, 0 where it is b's. */
        double share(int pixel, int a, int b);
    }

    static Labels of(int width, int height, byte[] of, List<Colour> colours, Crossing crossing) {
        return new Labels(width, height, of, of.clone(), colours, crossing);
    }

    /** How many pairs of neighbours are of two colours. */
    long crossings() {
        return IntStream.range(0, height)
                .parallel()
                .mapToLong(y -> {
                    long n = 0;
                    for (int x = 0; x < width; x++) {
                        int p = y * width + x;
                        n += (x > 0 && of[p] != of[p - 1] ? 1 : 0) + (y > 0 && of[p] != of[p - width] ? 1 : 0);
                    }
                    return n;
                })
                .sum();
    }

    int at(int x, int y) {
        return x < 0 || y < 0 || x >= width || y >= height ? 0 : of[y * width + x];
    }

    /**
     * The share of the way from one pixel to its neighbour at which the edge is; the border of the picture is
     * the edge of its pixels. Where both colours are whole one pixel further on, what the four pixels in a row
     * hold of the first says it without error, for an edge that a lens with square pixels sees; elsewhere the
     * two in the middle are interpolated.
     */
    double edge(int x, int y, int toX, int toY) {
        if (isOutside(x, y) || isOutside(toX, toY)) {
            return 0.5;
        }
        int p = y * width + x;
        int q = toY * width + toX;
        int a = seen[p];
        int b = seen[q];
        if (a == b) {
            return 0.5;
        }
        double here = crossing.share(p, a, b);
        double there = crossing.share(q, a, b);
        int beforeX = 2 * x - toX;
        int beforeY = 2 * y - toY;
        int afterX = 2 * toX - x;
        int afterY = 2 * toY - y;
        if (!isOutside(beforeX, beforeY)
                && !isOutside(afterX, afterY)
                && seen[beforeY * width + beforeX] == a
                && seen[afterY * width + afterX] == b) {
            double before = crossing.share(beforeY * width + beforeX, a, b);
            double after = crossing.share(afterY * width + afterX, a, b);
            if (before > WHOLE && after < 1 - WHOLE) {
                return Math.clamp(before + here + there + after - 1.5, 0.01, 0.99);
            }
        }
        return here - there < 1e-6 ? 0.5 : Math.clamp((here - 0.5) / (here - there), 0.01, 0.99);
    }

    private boolean isOutside(int x, int y) {
        return x < 0 || y < 0 || x >= width || y >= height;
    }

    /** How sharp the edge between two neighbours is, from 0 to 1; 0 where it cannot be said. */
    double step(int x, int y, int toX, int toY) {
        if (isOutside(x, y) || isOutside(toX, toY)) {
            return 0;
        }
        int p = y * width + x;
        int q = toY * width + toX;
        return seen[p] == seen[q] ? 0 : crossing.share(p, seen[p], seen[q]) - crossing.share(q, seen[p], seen[q]);
    }
}
