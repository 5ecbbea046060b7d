package jurren.core.trace;

import java.util.stream.IntStream;

/** How bright every pixel is, 0 to 255, over a ground that its opaque part is told from. */
final class Levels {
    final int width;
    final int height;
    final byte[] of;
    /** True when a good part of the picture is clear, so that what is clear is the ground. */
    final boolean clear;

    final boolean lightGround;

    private Levels(Picture picture, boolean clear, boolean lightGround) {
        this.width = picture.width();
        this.height = picture.height();
        this.clear = clear;
        this.lightGround = lightGround;
        this.of = new byte[width * height];
        int[] from = picture.pixels();
        int ground = lightGround ? 255 : 0;
        IntStream.range(0, height).parallel().forEach(y -> {
            for (int i = y * width, end = i + width; i < end; i++) {
                int p = from[i];
                int alpha = p >>> 24;
                int luma = luma(p);
                of[i] = (byte) (alpha == 255 ? luma : (luma * alpha + ground * (255 - alpha) + 127) / 255);
            }
        });
    }

    static Levels of(Picture picture) {
        int[] from = picture.pixels();
        // every few rows say what is usual
        int step = Math.max(1, picture.height() / 500);
        int rows = (picture.height() + step - 1) / step;
        long[] sums = IntStream.range(0, rows)
                .parallel()
                .mapToObj(row -> {
                    int y = row * step;
                    long[] s = new long[3];
                    for (int i = y * picture.width(), end = i + picture.width(); i < end; i++) {
                        int alpha = from[i] >>> 24;
                        s[0] += alpha < 128 ? 1 : 0;
                        s[1] += alpha;
                        s[2] += (long) alpha * luma(from[i]);
                    }
                    return s;
                })
                .reduce(new long[3], (a, b) -> new long[] {a[0] + b[0], a[1] + b[1], a[2] + b[2]});
        boolean clear = sums[0] * 200 > (long) rows * picture.width();
        double mean = sums[1] == 0 ? 0 : (double) sums[2] / sums[1];
        return new Levels(picture, clear, !clear || mean < 150);
    }

    int at(int i) {
        return of[i] & 0xFF;
    }

    /** Rec. 601 luma, which is what most converters to grey take. */
    private static int luma(int rgb) {
        return (299 * (rgb >> 16 & 0xFF) + 587 * (rgb >> 8 & 0xFF) + 114 * (rgb & 0xFF) + 500) / 1000;
    }

    int[] histogram() {
        return IntStream.range(0, height)
                .parallel()
                .mapToObj(y -> {
                    int[] count = new int[256];
                    for (int i = y * width, end = i + width; i < end; i++) {
                        count[at(i)]++;
                    }
                    return count;
                })
                .reduce(new int[256], Levels::add);
    }

    private static int[] add(int[] a, int[] b) {
        int[] sum = a.clone();
        for (int i = 0; i < sum.length; i++) {
            sum[i] += b[i];
        }
        return sum;
    }

    /** Whether more of the picture's border is darker than a level. */
    boolean borderDarkerThan(double level) {
        int darker = 0;
        int all = 0;
        for (int x = 0; x < width; x++) {
            darker += (at(x) < level ? 1 : 0) + (at((height - 1) * width + x) < level ? 1 : 0);
            all += 2;
        }
        for (int y = 0; y < height; y++) {
            darker += (at(y * width) < level ? 1 : 0) + (at(y * width + width - 1) < level ? 1 : 0);
            all += 2;
        }
        return darker * 2 > all;
    }

    /**
     * Uneven light taken out: every level as a share of the brightest that is usual around it, so that a
     * shadow over light ground looks like light ground. For dark ink on a light ground, or turned round.
     */
    void evenOut(boolean darkInk) {
        int tile = Math.max(8, Math.max(width, height) / 24);
        int across = (width + tile - 1) / tile;
        int down = (height + tile - 1) / tile;
        double[][] usual = new double[down][across];
        IntStream.range(0, down).parallel().forEach(ty -> {
            for (int tx = 0; tx < across; tx++) {
                usual[ty][tx] = brightest(tx * tile, ty * tile, tile, darkInk);
            }
        });
        double[][] ground = spread(usual);
        IntStream.range(0, height).parallel().forEach(y -> {
            for (int x = 0; x < width; x++) {
                int i = y * width + x;
                double there = between(ground, (x + 0.5) / tile - 0.5, (y + 0.5) / tile - 0.5);
                double level = darkInk ? at(i) : 255 - at(i);
                double even = Math.min(255, level * 235 / Math.max(there, 16));
                of[i] = (byte) (int) Math.round(darkInk ? even : 255 - even);
            }
        });
    }

    /** The level that a tenth of a tile is above. */
    private double brightest(int x0, int y0, int tile, boolean darkInk) {
        int[] count = new int[256];
        int all = 0;
        for (int y = y0; y < Math.min(height, y0 + tile); y++) {
            for (int x = x0; x < Math.min(width, x0 + tile); x++) {
                int level = at(y * width + x);
                count[darkInk ? level : 255 - level]++;
                all++;
            }
        }
        int above = 0;
        for (int level = 255; level > 0; level--) {
            above += count[level];
            if (above * 10 >= all) {
                return level;
            }
        }
        return 0;
    }

    /**
     * A tile full of ink has no ground of its own: the brighter of its neighbours is taken, and the whole made smooth.
     */
    private static double[][] spread(double[][] tiles) {
        double[][] now = tiles;
        for (int round = 0; round < 4; round++) {
            double[][] next = new double[now.length][now[0].length];
            for (int y = 0; y < now.length; y++) {
                for (int x = 0; x < now[0].length; x++) {
                    double best = 0;
                    double sum = 0;
                    int n = 0;
                    for (int dy = -1; dy <= 1; dy++) {
                        for (int dx = -1; dx <= 1; dx++) {
                            double v = now[Math.clamp(y + dy, 0, now.length - 1)][
                                    Math.clamp(x + dx, 0, now[0].length - 1)];
                            best = Math.max(best, v);
                            sum += v;
                            n++;
                        }
                    }
                    next[y][x] = round < 2 ? now[y][x] < 0.75 * best ? best : now[y][x] : sum / n;
                }
            }
            now = next;
        }
        return now;
    }

    private static double between(double[][] grid, double x, double y) {
        int x0 = (int) Math.floor(x);
        int y0 = (int) Math.floor(y);
        double fx = x - x0;
        double fy = y - y0;
        return (cell(grid, x0, y0) * (1 - fx) + cell(grid, x0 + 1, y0) * fx) * (1 - fy)
                + (cell(grid, x0, y0 + 1) * (1 - fx) + cell(grid, x0 + 1, y0 + 1) * fx) * fy;
    }

    private static double cell(double[][] grid, int x, int y) {
        return grid[Math.clamp(y, 0, grid.length - 1)][Math.clamp(x, 0, grid[0].length - 1)];
    }
}
