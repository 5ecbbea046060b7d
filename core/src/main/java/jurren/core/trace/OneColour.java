package jurren.core.trace;

import java.util.List;
import java.util.stream.IntStream;
import jurren.core.material.Colour;

/**
 * Ink and ground told apart by their levels. The level between them is found by Otsu's method and then
 * put halfway between what is usual on either side, because there half a pixel is ink.
 *
 * <p>References: N. Otsu, "A threshold selection method from gray-level histograms", IEEE Transactions on
 * Systems, Man, and Cybernetics 9 (1979).
 */
final class OneColour {
    private static final Colour INK = new Colour(0x000000);

    private OneColour() {}

    /** What was found beside the labels. */
    record Threshold(Labels labels, double level, boolean darkInk) {}

    static Threshold of(Picture picture, TraceSettings settings) {
        Levels levels = Levels.of(picture);
        double level =
                settings.level().isPresent() ? settings.level().getAsDouble() * 255 : between(levels.histogram());
        boolean darkInk = switch (settings.ink()) {
            case DARK -> true;
            case LIGHT -> false;
            case FOUND -> levels.clear ? levels.lightGround : !levels.borderDarkerThan(level);
        };
        if (settings.evenLight()) {
            levels.evenOut(darkInk);
            level = settings.level().isPresent() ? level : between(levels.histogram());
        }
        double ends = Math.clamp(level, 0.5, 254.5);
        byte[] of = new byte[levels.of.length];
        IntStream.range(0, levels.height).parallel().forEach(y -> {
            for (int i = y * levels.width, end = i + levels.width; i < end; i++) {
                of[i] = (byte) (levels.at(i) < ends == darkInk ? 1 : 0);
            }
        });
        int[] histogram = levels.histogram();
        int split = (int) ends;
        double dark = usual(histogram, 0, split);
        double light = Math.max(dark + 1, usual(histogram, split + 1, 255));
        // where a person set the level, half a pixel is there
        double half = settings.level().isPresent() ? ends : (dark + light) / 2;
        boolean inkIsDark = darkInk;
        Labels.Crossing crossing = (p, a, _) -> {
            double l = levels.at(p);
            double lightness = l < half
                    ? (l - dark) / Math.max(1, half - dark) / 2
                    : 0.5 + (l - half) / Math.max(1, light - half) / 2;
            return Math.clamp((a == 1) == inkIsDark ? 1 - lightness : lightness, 0, 1);
        };
        return new Threshold(Labels.of(levels.width, levels.height, of, List.of(INK), crossing), ends / 255, darkInk);
    }

    static double between(int[] histogram) {
        long all = 0;
        double sum = 0;
        for (int i = 0; i < 256; i++) {
            all += histogram[i];
            sum += (double) i * histogram[i];
        }
        double best = -1;
        int at = 127;
        long dark = 0;
        double darkSum = 0;
        for (int i = 0; i < 255; i++) {
            dark += histogram[i];
            darkSum += (double) i * histogram[i];
            if (dark > 0 && dark < all) {
                double apart = darkSum / dark - (sum - darkSum) / (all - dark);
                double variance = (double) dark * (all - dark) * apart * apart;
                if (variance > best) {
                    best = variance;
                    at = i;
                }
            }
        }
        return (usual(histogram, 0, at) + usual(histogram, at + 1, 255)) / 2;
    }

    /** The median of a part of the levels. */
    private static double usual(int[] histogram, int from, int to) {
        long all = 0;
        for (int i = from; i <= to; i++) {
            all += histogram[i];
        }
        long sum = 0;
        for (int i = from; i <= to; i++) {
            sum += histogram[i];
            if (sum * 2 >= all && all > 0) {
                return i;
            }
        }
        return (from + to) / 2.0;
    }
}
