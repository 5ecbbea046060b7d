package jurren.core.trace;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import jurren.core.material.Colour;

/**
 * Every pixel given to one of a few flat colours.
 *
 * <ol>
 *   <li>Each is given to the colour it looks most like.
 *   <li>Pixels in the middle of nine alike are sure, and so are those that touch a sure one of their colour.
 *   <li>The others lie at soft edges or in hairlines. One whose colour is a mixture of two sure neighbours
 *       goes to the one it is more of, so that no rim of a third colour runs between them; a hairline keeps
 *       its own colour.
 * </ol>
 */
final class SeveralColours implements Labels.Crossing {
    /** A mixture's colour is this near the line between the two, in levels. */
    private static final double MIXTURE = 36;

    private static final int REACH = 2;

    private final Picture picture;
    private final int width;
    private final int height;
    private final List<Colour> colours;
    private final byte[] of;

    private SeveralColours(Picture picture, List<Colour> colours) {
        this.picture = picture;
        this.width = picture.width();
        this.height = picture.height();
        this.colours = colours;
        this.of = new byte[width * height];
    }

    static Labels of(Picture picture, int most) {
        SeveralColours all = new SeveralColours(picture, Palette.of(picture, most));
        if (!all.colours.isEmpty()) {
            all.byLook();
            all.settleEdges();
        }
        return Labels.of(all.width, all.height, all.of, all.colours, all);
    }

    private void byLook() {
        double[][] lab = colours.stream().map(c -> Oklab.of(c.rgb())).toArray(double[][]::new);
        byte[] nearest = new byte[1 << 18];
        IntStream.range(0, nearest.length).parallel().forEach(i -> {
            int rgb = (i >> 12 & 0x3F) << 18 | (i >> 6 & 0x3F) << 10 | (i & 0x3F) << 2;
            nearest[i] = (byte) (1 + Palette.nearest(lab, Oklab.of(rgb | 0x020202)));
        });
        int[] from = picture.pixels();
        IntStream.range(0, height).parallel().forEach(y -> {
            for (int i = y * width, end = i + width; i < end; i++) {
                int p = from[i];
                of[i] = p >>> 24 < 128 ? 0 : nearest[(p >> 18 & 0x3F) << 12 | (p >> 10 & 0x3F) << 6 | p >> 2 & 0x3F];
            }
        });
    }

    private void settleEdges() {
        byte[] sure = new byte[of.length];
        IntStream.range(0, height).parallel().forEach(y -> {
            for (int x = 0; x < width; x++) {
                sure[y * width + x] = (byte) (allAlike(x, y) ? 1 : 0);
            }
        });
        byte[] touching = sure.clone();
        IntStream.range(0, height).parallel().forEach(y -> {
            for (int x = 0; x < width; x++) {
                int i = y * width + x;
                if (sure[i] == 0 && touchesSure(sure, x, y)) {
                    touching[i] = 1;
                }
            }
        });
        byte[] seen = of.clone();
        IntStream.range(0, height).parallel().forEach(y -> {
            for (int x = 0; x < width; x++) {
                if (touching[y * width + x] == 0) {
                    of[y * width + x] = settled(seen, sure, x, y);
                }
            }
        });
    }

    private boolean allAlike(int x, int y) {
        byte own = of[y * width + x];
        for (int yy = Math.max(0, y - 1); yy <= Math.min(height - 1, y + 1); yy++) {
            for (int xx = Math.max(0, x - 1); xx <= Math.min(width - 1, x + 1); xx++) {
                if (of[yy * width + xx] != own) {
                    return false;
                }
            }
        }
        return true;
    }

    private boolean touchesSure(byte[] sure, int x, int y) {
        byte own = of[y * width + x];
        for (int yy = Math.max(0, y - 1); yy <= Math.min(height - 1, y + 1); yy++) {
            for (int xx = Math.max(0, x - 1); xx <= Math.min(width - 1, x + 1); xx++) {
                if (sure[yy * width + xx] != 0 && of[yy * width + xx] == own) {
                    return true;
                }
            }
        }
        return false;
    }

    /** The colour of a pixel that no sure one of its own colour touches. */
    private byte settled(byte[] seen, byte[] sure, int x, int y) {
        byte own = seen[y * width + x];
        int near = 0;
        for (int reach = REACH; near == 0 && reach <= 2 * REACH; reach += REACH) {
            for (int yy = Math.max(0, y - reach); yy <= Math.min(height - 1, y + reach); yy++) {
                for (int xx = Math.max(0, x - reach); xx <= Math.min(width - 1, x + reach); xx++) {
                    if (sure[yy * width + xx] != 0) {
                        near |= 1 << seen[yy * width + xx];
                    }
                }
            }
            near = Integer.bitCount(near) < 2 ? 0 : near;
        }
        if (own == 0 || (near & 1) != 0 || near == 0) {
            return own;
        }
        int p = picture.argb(x, y);
        double best = MIXTURE * MIXTURE;
        byte taken = own;
        for (int a = 1; a <= colours.size(); a++) {
            for (int b = a + 1; b <= colours.size(); b++) {
                if ((near >> a & 1) != 0 && (near >> b & 1) != 0) {
                    double share = Math.clamp(mixed(p, rgb(a), rgb(b)), 0, 1);
                    double off = squaredOff(p, rgb(a), rgb(b), share);
                    if (off < best) {
                        best = off;
                        taken = (byte) (share < 0.5 ? a : b);
                    }
                }
            }
        }
        return taken;
    }

    private int rgb(int label) {
        return colours.get(label - 1).rgb();
    }

    /** How much of colour b is in a mixture with colour a. */
    private static double mixed(int p, int a, int b) {
        int r = (b >> 16 & 0xFF) - (a >> 16 & 0xFF);
        int g = (b >> 8 & 0xFF) - (a >> 8 & 0xFF);
        int l = (b & 0xFF) - (a & 0xFF);
        double length = r * r + g * g + l * l;
        return length == 0
                ? 0.5
                : (r * ((p >> 16 & 0xFF) - (a >> 16 & 0xFF))
                                + g * ((p >> 8 & 0xFF) - (a >> 8 & 0xFF))
                                + l * ((p & 0xFF) - (a & 0xFF)))
                        / length;
    }

    private static double squaredOff(int p, int a, int b, double share) {
        double sum = 0;
        for (int shift = 0; shift <= 16; shift += 8) {
            double mixed = (a >> shift & 0xFF) + share * ((b >> shift & 0xFF) - (a >> shift & 0xFF));
            double d = (p >> shift & 0xFF) - mixed;
            sum += d * d;
        }
        return sum;
    }

    /** Outside 0 to 1 a third colour is near, and then it says nothing. */
    @Override
    public double share(int pixel, int a, int b) {
        int p = picture.pixels()[pixel];
        if (a == 0 || b == 0) {
            double there = (p >>> 24) / 255.0;
            return a == 0 ? 1 - there : there;
        }
        return Math.clamp(1 - mixed(p, rgb(a), rgb(b)), 0, 1);
    }

    /** The colour that most of the picture's border has. */
    static int ground(Labels labels) {
        int[] sizes = new int[labels.colours().size() + 1];
        for (int x = 0; x < labels.width(); x++) {
            sizes[labels.at(x, 0)]++;
            sizes[labels.at(x, labels.height() - 1)]++;
        }
        for (int y = 0; y < labels.height(); y++) {
            sizes[labels.at(0, y)]++;
            sizes[labels.at(labels.width() - 1, y)]++;
        }
        return IntStream.range(0, sizes.length)
                .boxed()
                .max((a, b) -> Integer.compare(sizes[a], sizes[b]))
                .orElse(0);
    }

    static void relabel(Labels labels, int[] to) {
        byte[] of = labels.of();
        IntStream.range(0, labels.height()).parallel().forEach(y -> {
            for (int i = y * labels.width(), end = i + labels.width(); i < end; i++) {
                of[i] = (byte) to[of[i]];
            }
        });
    }

    static int[] same(Labels labels) {
        int[] to = new int[labels.colours().size() + 1];
        Arrays.setAll(to, i -> i);
        return to;
    }
}
