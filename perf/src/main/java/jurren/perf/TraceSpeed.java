package jurren.perf;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.Locale;
import java.util.Random;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.trace.Picture;
import jurren.core.trace.TraceSettings;
import jurren.core.trace.TraceSettings.Mode;
import jurren.core.trace.Traced;
import jurren.core.trace.Tracer;

/**
 * How long a large picture takes to clean curves, and how much memory is in use beside the picture itself. As
 * a bound, the time in which every pixel is read once in the same run.
 */
public final class TraceSpeed {
    private static final int[] COLOURS = {0xF6EFDC, 0x2B3A55, 0xE8743B, 0x7FC4DA, 0x7C2E57, 0x2F7D4F};
    private static final int RUNS = 7;

    private TraceSpeed() {}

    public static void main(String[] args) {
        System.out.println(
                "| picture | traced as | median ms | of reading it once | slowest ms | memory at its most, MB | points |");
        System.out.println("|---|---|---|---|---|---|---|");
        for (int side : new int[] {1000, 2000, 4000}) {
            Picture one = picture(side, 2, 0);
            row(side + " x " + side, one, TraceSettings.USUAL, "one colour");
            row(
                    side + " x " + side,
                    picture(side, 6, 0),
                    TraceSettings.USUAL.withMode(Mode.SEVERAL_COLOURS).withColours(6),
                    "6 colours");
            row(
                    side + " x " + side + ", noisy",
                    picture(side, 6, 8),
                    TraceSettings.USUAL
                            .withMode(Mode.SEVERAL_COLOURS)
                            .withColours(6)
                            .withSpeck(20),
                    "6 colours");
            if (side == 2000) {
                int times = (int) Math.ceil(Math.sqrt(one.width() * (double) one.height() / 500_000));
                row(
                        "4 megapixels, reduced by " + times + " for a slider",
                        one.reduced(times),
                        TraceSettings.USUAL.reduced(times),
                        "one colour");
            }
        }
    }

    private static void row(String name, Picture p, TraceSettings s, String as) {
        double[] ms = new double[RUNS];
        double[] reading = new double[RUNS];
        long most = 0;
        Traced traced = null;
        for (int i = -2; i < RUNS; i++) {
            System.gc();
            long before = used();
            long readFrom = System.nanoTime();
            long sum = 0;
            int[] row = new int[p.width()];
            for (int y = 0; y < p.height(); y++) {
                p.row(y, row);
                for (int c : row) {
                    sum += c;
                }
            }
            long from = System.nanoTime();
            Peak peak = new Peak(before);
            traced = Tracer.trace(p, s);
            double took = (System.nanoTime() - from) / 1e6;
            most = Math.max(most, peak.stop());
            if (i >= 0) {
                ms[i] = took;
                reading[i] = (from - readFrom + (sum == 1 ? 1 : 0)) / 1e6;
            }
        }
        Arrays.sort(ms);
        Arrays.sort(reading);
        System.out.printf(
                Locale.ROOT,
                "| %s | %s | %.0f | %.0f x | %.0f | %d | %d |%n",
                name,
                as,
                ms[RUNS / 2],
                ms[RUNS / 2] / reading[RUNS / 2],
                ms[RUNS - 1],
                (most + 4L * p.width() * p.height()) >> 20,
                traced.nodes());
    }

    private static long used() {
        Runtime r = Runtime.getRuntime();
        return r.totalMemory() - r.freeMemory();
    }

    /** Watches the memory in use while something runs; garbage counts until it is collected. */
    private static final class Peak {
        private final Thread watcher;
        private volatile boolean on = true;
        private volatile long most;

        Peak(long before) {
            watcher = Thread.ofPlatform().daemon().start(() -> {
                while (on) {
                    most = Math.max(most, used() - before);
                    try {
                        Thread.sleep(2);
                    } catch (InterruptedException _) {
                        return;
                    }
                }
            });
        }

        long stop() {
            on = false;
            watcher.interrupt();
            return most;
        }
    }

    /** Some 600 letters and dots in rows. */
    private static Picture picture(int side, int colours, double noise) {
        BufferedImage image = new BufferedImage(side, side, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(new Color(COLOURS[0]));
        g.fillRect(0, 0, side, side);
        double cell = side / 22.0;
        for (int i = 0; i < 484; i++) {
            double x = (i % 22 + 0.1) * cell;
            double y = (i / 22 + 0.1) * cell;
            g.setColor(new Color(COLOURS[1 + i % (colours - 1)]));
            if (i % 4 == 0) {
                g.fill(new Ellipse2D.Double(x, y, cell * 0.8, cell * 0.7));
                g.setColor(new Color(COLOURS[colours == 2 ? 0 : 1 + (i + 1) % (colours - 1)]));
                g.fill(new Ellipse2D.Double(x + cell * 0.2, y + cell * 0.2, cell * 0.3, cell * 0.3));
            } else {
                java.awt.Shape letter =
                        Texts.letter(String.valueOf("ROBINOTTERKITE".charAt(i % 14)), ShippedTypeface.values()[i % 12]);
                Rectangle2D b = letter.getBounds2D();
                double scale = cell * 0.8 / Math.max(b.getWidth(), b.getHeight());
                g.fill(new AffineTransform(scale, 0, 0, scale, x - b.getX() * scale, y - b.getY() * scale)
                        .createTransformedShape(letter));
            }
        }
        g.dispose();
        int[] argb = image.getRGB(0, 0, side, side, null, 0, side);
        if (noise > 0) {
            Random random = new Random(9);
            for (int i = 0; i < argb.length; i++) {
                int c = argb[i];
                int d = (int) Math.round(random.nextGaussian() * noise);
                argb[i] = 0xFF000000
                        | Math.clamp((c >> 16 & 0xFF) + d, 0, 255) << 16
                        | Math.clamp((c >> 8 & 0xFF) + d, 0, 255) << 8
                        | Math.clamp((c & 0xFF) + d, 0, 255);
            }
        }
        return Picture.ofOwned(side, side, argb);
    }
}
