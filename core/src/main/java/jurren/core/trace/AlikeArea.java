package jurren.core.trace;

import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.stop.Stop;

/**
 * What belongs to a clicked place of a photograph: all around it that is of about its colour. How much "about" is
 * follows from the picture: water that rises from the place floods more and more, and the thing is what it first stands
 * in for long while it rises (a maximally stable extremal region; Matas, Chum, Urban, Pajdla, "Robust wide-baseline
 * stereo from maximally stable extremal regions", 2002).
 */
public final class AlikeArea {
    private static final int MOST_PIXELS = 600_000;
    private static final int LEVELS = 256;
    private static final int LEAST_LEVEL = 6;
    private static final int RISE = 5;
    /** A thing that fills more of a photograph is what it lies on. */
    private static final double MOST_SHARE = 0.7;

    private static final double LEAST_PX2 = 16;
    /** By how many pixels more than at its stillest its shore may move, were it round, and still stand still. */
    private static final double AS_STILL = 0.12;

    private static final int LONG = 16;

    private final int width;
    private final int height;
    private final int[] reached;

    private AlikeArea(Picture picture, int seedX, int seedY) {
        this.width = picture.width();
        this.height = picture.height();
        this.reached = flooded(picture, seedX, seedY);
    }

    /**
     * The outline of what was clicked, without its holes, in the picture's pixels from its upper left; empty where
     * nothing stands out from what is around it.
     */
    public static Optional<Region> at(Picture picture, Point px) {
        if (px.xMm() < 0 || px.yMm() < 0 || px.xMm() >= picture.width() || px.yMm() >= picture.height()) {
            return Optional.empty();
        }
        int times = (int) Math.max(1, Math.ceil(Math.sqrt((double) picture.width() * picture.height() / MOST_PIXELS)));
        Picture small = picture.reduced(times);
        int x = Math.min((int) (px.xMm() / times), small.width() - 1);
        int y = Math.min((int) (px.yMm() / times), small.height() - 1);
        AlikeArea area = new AlikeArea(small, x, y);
        return area.level().stream()
                .boxed()
                .findFirst()
                .flatMap(level -> area.outline(level, new Point(x + 0.5, y + 0.5)))
                .map(r -> r.placed(Placement.scaled(times, times)));
    }

    /**
     * How high the water must stand to reach each pixel: the largest step of colour on the way that has the smallest.
     */
    private static int[] flooded(Picture picture, int seedX, int seedY) {
        int w = picture.width();
        int h = picture.height();
        int seed = mean(picture, seedX, seedY);
        int[] level = new int[w * h];
        Arrays.fill(level, LEVELS);
        int[] next = new int[w * h];
        int[] first = new int[LEVELS];
        Arrays.fill(first, -1);
        int start = seedY * w + seedX;
        level[start] = 0;
        next[start] = -1;
        first[0] = start;
        for (int now = 0; now < LEVELS; now++) {
            Stop.lookHere();
            while (first[now] >= 0) {
                int at = first[now];
                first[now] = next[at];
                int x = at % w;
                int y = at / w;
                for (int side = 0; side < 4; side++) {
                    int nx = x + (side == 0 ? 1 : side == 1 ? -1 : 0);
                    int ny = y + (side == 2 ? 1 : side == 3 ? -1 : 0);
                    int to = ny * w + nx;
                    if (nx >= 0 && ny >= 0 && nx < w && ny < h && level[to] == LEVELS) {
                        level[to] = Math.max(now, step(picture.argb(nx, ny), seed));
                        next[to] = first[level[to]];
                        first[level[to]] = to;
                    }
                }
            }
        }
        return level;
    }

    private static int mean(Picture picture, int x, int y) {
        int x0 = Math.max(0, x - 1);
        int y0 = Math.max(0, y - 1);
        int[] sum = new int[3];
        int n = 0;
        for (int j = y0; j <= Math.min(picture.height() - 1, y + 1); j++) {
            for (int i = x0; i <= Math.min(picture.width() - 1, x + 1); i++) {
                int p = picture.argb(i, j);
                sum[0] += p >> 16 & 0xFF;
                sum[1] += p >> 8 & 0xFF;
                sum[2] += p & 0xFF;
                n++;
            }
        }
        return sum[0] / n << 16 | sum[1] / n << 8 | sum[2] / n;
    }

    private static int step(int argb, int seed) {
        return Math.max(
                Math.abs((argb >> 16 & 0xFF) - (seed >> 16 & 0xFF)),
                Math.max(Math.abs((argb >> 8 & 0xFF) - (seed >> 8 & 0xFF)), Math.abs((argb & 0xFF) - (seed & 0xFF))));
    }

    /**
     * The middle of the first long time in which the water does not spread: what was clicked lies within what lies
     * around it.
     */
    private OptionalDouble level() {
        double[] areas = new double[LEVELS];
        for (int l : reached) {
            areas[Math.min(l, LEVELS - 1)]++;
        }
        Arrays.parallelPrefix(areas, Double::sum);
        double whole = (double) width * height;
        double[] spreads = new double[LEVELS];
        double least = Double.POSITIVE_INFINITY;
        for (int l = 0; l < LEVELS; l++) {
            boolean thing = l >= LEAST_LEVEL
                    && l + RISE < LEVELS
                    && areas[l] >= LEAST_PX2
                    && areas[l + RISE] <= MOST_SHARE * whole;
            spreads[l] = thing
                    ? (areas[l + RISE] - areas[l - RISE]) / Math.sqrt(4 * Math.PI * areas[l])
                    : Double.POSITIVE_INFINITY;
            least = Math.min(least, spreads[l]);
        }
        if (least == Double.POSITIVE_INFINITY) {
            return OptionalDouble.empty();
        }
        int longest = 0;
        for (int from = 0; from < LEVELS; from = still(spreads, from, least) + 1) {
            longest = Math.max(longest, still(spreads, from, least) - from);
        }
        int from = 0;
        while (still(spreads, from, least) - from < Math.min(longest, LONG)) {
            from = still(spreads, from, least) + 1;
        }
        return OptionalDouble.of((from + still(spreads, from, least) - 1) / 2.0);
    }

    /** Up to where the water stands still from a level on. */
    private static int still(double[] spreads, int from, double least) {
        int to = from;
        while (to < LEVELS && spreads[to] <= least + AS_STILL) {
            to++;
        }
        return to;
    }

    /** Between pixels where the water would stand still between them. */
    private Optional<Region> outline(double level, Point seed) {
        int[] grey = new int[reached.length];
        for (int i = 0; i < grey.length; i++) {
            int g = Math.clamp(Math.round(127.5 * reached[i] / level), 0, 255);
            grey[i] = 0xFF000000 | g << 16 | g << 8 | g;
        }
        Traced traced = Tracer.trace(
                Picture.ofOwned(width, height, grey),
                TraceSettings.USUAL.withInk(TraceSettings.Ink.DARK).withLevel(OptionalDouble.of(0.5)));
        return traced.flats().stream()
                .flatMap(f -> f.curves().enclosed().pieces().stream())
                .map(Piece::region)
                .filter(r -> r.contains(seed))
                .map(Region::filled)
                .findFirst();
    }
}
