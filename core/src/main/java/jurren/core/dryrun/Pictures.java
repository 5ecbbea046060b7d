package jurren.core.dryrun;

import java.util.Optional;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.layer.Print;
import jurren.core.material.Colour;

/**
 * Whether pictures and shades were printed as they were wanted. No two painters make the same pixels, so means are
 * compared, over squares that lie wholly inside.
 */
final class Pictures {
    private static final double LEAST_MM = 1;
    private static final int MOST_ACROSS = 16;
    private static final int SAMPLES = 8;
    /** Two films of such a difference are told apart at a glance; the two painters' own differences stay far below. */
    private static final double DIFFERENT = 30;
    /** A few squares on the sharpest edges of a picture differ by how it was made smaller. */
    private static final double MOST_WRONG = 0.04;

    private Pictures() {}

    /** How large what differs is; 0 when it looks as it should. */
    static double wrongMm(Print art, InkSheet.Look look, Placement toSheet) {
        Region shaded = art.shaded();
        if (shaded.isEmpty()) {
            return 0;
        }
        Box box = shaded.bounds();
        double square = Math.max(LEAST_MM, Math.max(box.widthMm(), box.heightMm()) / MOST_ACROSS);
        Region inside = shaded.grown(-LEAST_MM / 2, CornerStyle.ROUND);
        int seen = 0;
        int wrong = 0;
        for (double y = box.minYMm(); y < box.maxYMm(); y += square) {
            for (double x = box.minXMm(); x < box.maxXMm(); x += square) {
                Optional<Boolean> same = same(art, look, toSheet, inside, x, y, square);
                seen += same.isPresent() ? 1 : 0;
                wrong += same.isPresent() && !same.get() ? 1 : 0;
            }
        }
        return wrong > MOST_WRONG * seen ? square * Math.sqrt(wrong) : 0;
    }

    /** Empty where too little of the square lies inside. */
    private static Optional<Boolean> same(
            Print art, InkSheet.Look look, Placement toSheet, Region inside, double x, double y, double square) {
        long[] wanted = new long[3];
        long[] got = new long[3];
        int n = 0;
        for (int i = 0; i < SAMPLES * SAMPLES; i++) {
            Point p = new Point(x + square * (i % SAMPLES + 0.5) / SAMPLES, y + square * (i / SAMPLES + 0.5) / SAMPLES);
            Optional<Colour> colour = inside.contains(p) ? art.at(p) : Optional.empty();
            if (colour.isPresent()) {
                add(wanted, colour.get().rgb());
                add(got, look.rgb(toSheet.apply(p)));
                n++;
            }
        }
        return n < SAMPLES * SAMPLES / 4
                ? Optional.empty()
                : Optional.of(mean(wanted, n).differenceFrom(mean(got, n)) < DIFFERENT);
    }

    private static void add(long[] sum, int rgb) {
        sum[0] += rgb >> 16;
        sum[1] += rgb >> 8 & 0xFF;
        sum[2] += rgb & 0xFF;
    }

    private static Colour mean(long[] sum, int n) {
        return new Colour((int) (sum[0] / n) << 16 | (int) (sum[1] / n) << 8 | (int) (sum[2] / n));
    }
}
