package jurren.core.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import jurren.core.material.Colour;

/**
 * The flat colours of a picture, by clustering its colours where they look alike (k-means in
 * {@link Oklab} over a histogram of 32 levels a channel, begun with the colours farthest apart). Pixels
 * at soft edges are left out of the count, because what they mix is nobody's colour.
 *
 * <p>References: S. Lloyd, "Least squares quantization in PCM" (1982); T. Gonzalez, "Clustering to minimize
 * the maximum intercluster distance" (1985).
 */
final class Palette {
    private static final int BINS = 1 << 15;
    /** A step to the next pixel that is larger is an edge. */
    private static final int EDGE_STEP = 20;

    private static final int ROUNDS = 16;

    private Palette() {}

    /** Sums of one bin of the histogram. */
    private static final class Bin {
        long count;
        long r;
        long g;
        long b;
        double[] lab;

        int rgb() {
            return (int) (r / count) << 16 | (int) (g / count) << 8 | (int) (b / count);
        }
    }

    /** At most {@code most} colours, those that cover more first. */
    static List<Colour> of(Picture picture, int most) {
        List<Bin> bins = histogram(picture);
        if (bins.isEmpty()) {
            return List.of();
        }
        int[] centres = begin(bins, most);
        double[][] lab = IntStream.of(centres).mapToObj(i -> bins.get(i).lab).toArray(double[][]::new);
        int[] to = new int[bins.size()];
        for (int round = 0; round < ROUNDS; round++) {
            for (int i = 0; i < to.length; i++) {
                to[i] = nearest(lab, bins.get(i).lab);
            }
            double[][] moved = means(bins, to, lab);
            if (Arrays.deepEquals(moved, lab)) {
                break;
            }
            lab = moved;
        }
        return colours(bins, to, lab.length);
    }

    static int nearest(double[][] lab, double[] of) {
        int best = 0;
        for (int k = 1; k < lab.length; k++) {
            if (Oklab.squaredDistance(lab[k], of) < Oklab.squaredDistance(lab[best], of)) {
                best = k;
            }
        }
        return best;
    }

    private static List<Bin> histogram(Picture picture) {
        int step = Math.max(1, (int) Math.sqrt(picture.pixels().length / 1_000_000.0));
        Bin[] flat = new Bin[BINS];
        Bin[] all = new Bin[BINS];
        long flatCount = 0;
        long allCount = 0;
        for (int y = 0; y < picture.height(); y += step) {
            for (int x = 0; x < picture.width(); x += step) {
                int p = picture.argb(x, y);
                if (p >>> 24 < 128) {
                    continue;
                }
                add(all, p);
                allCount++;
                if (isFlat(picture, x, y, p)) {
                    add(flat, p);
                    flatCount++;
                }
            }
        }
        Bin[] taken = flatCount * 10 > allCount ? flat : all;
        List<Bin> found = new ArrayList<>();
        for (Bin b : taken) {
            if (b != null) {
                b.lab = Oklab.of(b.rgb());
                found.add(b);
            }
        }
        return found;
    }

    private static boolean isFlat(Picture picture, int x, int y, int p) {
        return step(p, picture.argb(Math.max(0, x - 1), y)) < EDGE_STEP
                && step(p, picture.argb(Math.min(picture.width() - 1, x + 1), y)) < EDGE_STEP
                && step(p, picture.argb(x, Math.max(0, y - 1))) < EDGE_STEP
                && step(p, picture.argb(x, Math.min(picture.height() - 1, y + 1))) < EDGE_STEP;
    }

    private static int step(int a, int b) {
        return Math.max(
                Math.abs((a >> 16 & 0xFF) - (b >> 16 & 0xFF)),
                Math.max(Math.abs((a >> 8 & 0xFF) - (b >> 8 & 0xFF)), Math.abs((a & 0xFF) - (b & 0xFF))));
    }

    private static void add(Bin[] bins, int p) {
        int at = (p >> 19 & 0x1F) << 10 | (p >> 11 & 0x1F) << 5 | p >> 3 & 0x1F;
        Bin bin = bins[at] == null ? bins[at] = new Bin() : bins[at];
        bin.count++;
        bin.r += p >> 16 & 0xFF;
        bin.g += p >> 8 & 0xFF;
        bin.b += p & 0xFF;
    }

    /** The commonest colour, then always the one farthest from those there are; rare ones count less. */
    private static int[] begin(List<Bin> bins, int most) {
        List<Integer> chosen = new ArrayList<>();
        chosen.add(IntStream.range(0, bins.size())
                .boxed()
                .max(Comparator.comparingLong(i -> bins.get(i).count))
                .orElseThrow());
        double[] away = new double[bins.size()];
        Arrays.fill(away, Double.MAX_VALUE);
        while (chosen.size() < most) {
            double[] last = bins.get(chosen.getLast()).lab;
            int best = -1;
            double bestScore = 0;
            for (int i = 0; i < away.length; i++) {
                away[i] = Math.min(away[i], Oklab.squaredDistance(bins.get(i).lab, last));
                double score = away[i] * Math.pow(bins.get(i).count, 0.6);
                if (away[i] > 1e-4 && score > bestScore) {
                    best = i;
                    bestScore = score;
                }
            }
            if (best < 0) {
                break;
            }
            chosen.add(best);
        }
        return chosen.stream().mapToInt(i -> i).toArray();
    }

    private static double[][] means(List<Bin> bins, int[] to, double[][] before) {
        double[][] sums = new double[before.length][4];
        for (int i = 0; i < to.length; i++) {
            Bin b = bins.get(i);
            double[] s = sums[to[i]];
            for (int c = 0; c < 3; c++) {
                s[c] += b.lab[c] * b.count;
            }
            s[3] += b.count;
        }
        return IntStream.range(0, before.length)
                .mapToObj(k -> sums[k][3] == 0
                        ? before[k]
                        : new double[] {sums[k][0] / sums[k][3], sums[k][1] / sums[k][3], sums[k][2] / sums[k][3]})
                .toArray(double[][]::new);
    }

    /** Each cluster shown as its commonest colour, which no stray pixel shifts. */
    private static List<Colour> colours(List<Bin> bins, int[] to, int clusters) {
        long[] size = new long[clusters];
        Bin[] common = new Bin[clusters];
        for (int i = 0; i < to.length; i++) {
            Bin b = bins.get(i);
            size[to[i]] += b.count;
            if (common[to[i]] == null || b.count > common[to[i]].count) {
                common[to[i]] = b;
            }
        }
        return IntStream.range(0, clusters)
                .boxed()
                .filter(k -> common[k] != null)
                .sorted(Comparator.comparingLong((Integer k) -> -size[k]))
                .map(k -> new Colour(common[k].rgb()))
                .distinct()
                .toList();
    }
}
