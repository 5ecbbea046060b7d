package jurren.core.trace;

import java.util.Arrays;
import java.util.stream.IntStream;

/** Pixels, rows from the top, each 0xAARRGGBB with its colour not multiplied by its alpha. */
public final class Picture {
    /** More than any camera of the trade takes, and what fits into memory. */
    public static final int MOST_PIXELS = 60_000_000;

    private static final int MEAN_OF = 5_000;

    private final int width;
    private final int height;
    private final int[] argb;
    private Boolean opaque;

    private Picture(int width, int height, int[] argb) {
        this.width = width;
        this.height = height;
        this.argb = argb;
    }

    /** Takes the array, which must not be changed any more. */
    public static Picture ofOwned(int width, int height, int[] argb) {
        if (width < 1 || height < 1 || (long) width * height != argb.length) {
            throw new IllegalArgumentException(
                    "a picture of " + width + " x " + height + " has not " + argb.length + " pixels");
        }
        return new Picture(width, height, argb);
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    public int argb(int x, int y) {
        return argb[y * width + x];
    }

    /** Whether nothing shows through it anywhere; looked at once. */
    public boolean isOpaque() {
        Boolean known = opaque;
        if (known == null) {
            known = Arrays.stream(argb).allMatch(p -> p >>> 24 == 0xFF);
            opaque = known;
        }
        return known;
    }

    /** The mean of what shows, as 0xRRGGBB, from some thousands of its pixels. */
    public int mean() {
        int step = Math.max(1, argb.length / MEAN_OF);
        long[] sum = new long[4];
        for (int i = 0; i < argb.length; i += step) {
            int a = argb[i] >>> 24;
            sum[0] += a;
            sum[1] += (long) a * (argb[i] >> 16 & 0xFF);
            sum[2] += (long) a * (argb[i] >> 8 & 0xFF);
            sum[3] += (long) a * (argb[i] & 0xFF);
        }
        return sum[0] == 0 ? 0 : (int) (sum[1] / sum[0]) << 16 | (int) (sum[2] / sum[0]) << 8 | (int) (sum[3] / sum[0]);
    }

    int[] pixels() {
        return argb;
    }

    /** Copies a row. */
    public void row(int y, int[] into) {
        System.arraycopy(argb, y * width, into, 0, width);
    }

    /**
     * The mean of every square of {@code times} by {@code times} pixels; what is left over at the far edges is dropped.
     */
    public Picture reduced(int times) {
        if (times <= 1) {
            return this;
        }
        int w = Math.max(1, width / times);
        int h = Math.max(1, height / times);
        int[] to = new int[w * h];
        IntStream.range(0, h).parallel().forEach(y -> {
            for (int x = 0; x < w; x++) {
                to[y * w + x] = mean(
                        x * times, y * times, Math.min(times, width - x * times), Math.min(times, height - y * times));
            }
        });
        return new Picture(w, h, to);
    }

    private int mean(int x0, int y0, int across, int down) {
        long a = 0;
        long r = 0;
        long g = 0;
        long b = 0;
        for (int y = y0; y < y0 + down; y++) {
            for (int x = x0; x < x0 + across; x++) {
                int p = argb[y * width + x];
                int alpha = p >>> 24;
                a += alpha;
                r += alpha * (p >> 16 & 0xFF);
                g += alpha * (p >> 8 & 0xFF);
                b += alpha * (p & 0xFF);
            }
        }
        if (a == 0) {
            return 0;
        }
        return (int) (a / (across * down)) << 24 | (int) (r / a) << 16 | (int) (g / a) << 8 | (int) (b / a);
    }
}
