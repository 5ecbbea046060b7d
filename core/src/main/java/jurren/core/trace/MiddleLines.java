package jurren.core.trace;

import java.awt.BasicStroke;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import jurren.core.geometry.Curves;

/**
 * Ink as lines along its middle, each with the width it usually has.
 *
 * <ol>
 *   <li>The ink is thinned until it is one pixel wide.
 *   <li>What is left is followed from end or crossing to the next; short spurs, which a rough edge leaves, go.
 *   <li>Each line is fitted like an edge; its width is twice the usual distance from it to where ink ends.
 * </ol>
 *
 * <p>References: T. Zhang, C. Suen, "A fast parallel algorithm for thinning digital patterns" (1984);
 * G. Borgefors, "Distance transformations in digital images" (1986), whose 3-4 distance this takes.
 */
final class MiddleLines {
    /** Thinning goes over the whole picture once for every pixel of half a width. */
    private static final int MOST_PIXELS = 4_000_000;

    private static final double SOFT_PX = 1.4;
    private static final double TOLERANCE_PX = 0.9;

    private final int w;
    private final int h;
    private final byte[] ink;
    private final int[] depth;
    private long inkPixels;

    private MiddleLines(Labels labels) {
        // one empty pixel all around, so that neighbours always exist
        this.w = labels.width() + 2;
        this.h = labels.height() + 2;
        this.ink = new byte[w * h];
        for (int y = 0; y < labels.height(); y++) {
            System.arraycopy(labels.of(), y * labels.width(), ink, (y + 1) * w + 1, labels.width());
        }
        this.depth = depth();
        for (byte b : ink) {
            inkPixels += b;
        }
    }

    static Traced of(Picture picture, TraceSettings settings) {
        int times = (int) Math.ceil(Math.sqrt((double) picture.width() * picture.height() / MOST_PIXELS));
        TraceSettings small = settings.reduced(times);
        OneColour.Threshold found = OneColour.of(picture.reduced(times), small);
        new Parts(found.labels()).giveAway(small.speckPx2(), small.dropped(), small.kept());
        MiddleLines all = new MiddleLines(found.labels());
        all.thin();
        List<Traced.Line> lines = all.withTrueWidths(all.lines(times, settings.smoothing()), times);
        int nodes = 0;
        Path2D.Double shape = new Path2D.Double(Path2D.WIND_NON_ZERO);
        for (Traced.Line line : lines) {
            shape.append(
                    new BasicStroke((float) line.widthPx(), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND)
                            .createStrokedShape(line.curves().toAwt()),
                    false);
            nodes += line.curves().nodes();
        }
        List<Traced.Flat> flats = lines.isEmpty()
                ? List.of()
                : List.of(new Traced.Flat(found.labels().colours().getFirst(), Curves.of(shape), nodes));
        return new Traced(
                picture.width(),
                picture.height(),
                flats,
                lines,
                found.labels().colours(),
                Optional.empty(),
                found.level(),
                found.darkInk(),
                settings.speckPx2());
    }

    /** Whole pixels say a width to one only; all lines together are as wide as there is ink. */
    private List<Traced.Line> withTrueWidths(List<Traced.Line> lines, int times) {
        double inked = inkPixels * times * times;
        double covered = 0;
        for (Traced.Line line : lines) {
            covered += line.widthPx() * line.curves().lengthMm() + line.widthPx() * line.widthPx() * 0.4;
        }
        double more = covered > 0 ? Math.clamp(inked / covered, 0.8, 1.4) : 1;
        return lines.stream()
                .map(l -> new Traced.Line(l.curves(), l.widthPx() * more))
                .toList();
    }

    /** For every ink pixel, three times its distance from the ground. */
    private int[] depth() {
        int[] d = new int[w * h];
        Arrays.setAll(d, i -> ink[i] == 0 ? 0 : Integer.MAX_VALUE / 2);
        for (int i = w + 1; i < d.length - w - 1; i++) {
            if (d[i] > 0) {
                d[i] = Math.min(
                        Math.min(d[i], d[i - 1] + 3), Math.min(d[i - w] + 3, Math.min(d[i - w - 1], d[i - w + 1]) + 4));
            }
        }
        for (int i = d.length - w - 2; i > w; i--) {
            if (d[i] > 0) {
                d[i] = Math.min(
                        Math.min(d[i], d[i + 1] + 3), Math.min(d[i + w] + 3, Math.min(d[i + w + 1], d[i + w - 1]) + 4));
            }
        }
        return d;
    }

    private void thin() {
        boolean changed = true;
        while (changed) {
            changed = pass(true) | pass(false);
        }
    }

    private boolean pass(boolean first) {
        int[] gone = IntStream.range(1, h - 1)
                .parallel()
                .flatMap(y -> IntStream.range(y * w + 1, (y + 1) * w - 1).filter(i -> ink[i] != 0 && goes(i, first)))
                .toArray();
        for (int i : gone) {
            ink[i] = 0;
        }
        return gone.length > 0;
    }

    private int around(int i, int k) {
        return switch (k & 7) {
            case 0 -> i - w;
            case 1 -> i - w + 1;
            case 2 -> i + 1;
            case 3 -> i + w + 1;
            case 4 -> i + w;
            case 5 -> i + w - 1;
            case 6 -> i - 1;
            default -> i - w - 1;
        };
    }

    private boolean goes(int i, boolean first) {
        int neighbours = 0;
        int begins = 0;
        for (int k = 0; k < 8; k++) {
            neighbours += ink[around(i, k)];
            begins += ink[around(i, k)] == 0 && ink[around(i, k + 1)] != 0 ? 1 : 0;
        }
        if (neighbours < 2 || neighbours > 6 || begins != 1) {
            return false;
        }
        int n = ink[i - w];
        int e = ink[i + 1];
        int s = ink[i + w];
        int o = ink[i - 1];
        return first ? n * e * s == 0 && e * s * o == 0 : n * e * o == 0 && n * s * o == 0;
    }

    // ---- following what is left

    private List<Traced.Line> lines(int times, double smoothing) {
        boolean[] used = new boolean[w * h];
        List<Traced.Line> found = new ArrayList<>();
        for (int i = 0; i < ink.length; i++) {
            if (ink[i] != 0 && degree(i) != 2) {
                for (int k = 0; k < 8; k++) {
                    int j = around(i, k);
                    if (ink[j] != 0 && isLinked(i, k) && !(used[j] && degree(j) == 2) && !(degree(j) != 2 && j < i)) {
                        addLine(found, follow(i, j, used), times, smoothing);
                    }
                }
            }
        }
        for (int i = 0; i < ink.length; i++) {
            if (ink[i] != 0 && degree(i) == 2 && !used[i]) {
                for (int k = 0; k < 8; k++) {
                    if (ink[around(i, k)] != 0 && isLinked(i, k) && !used[i]) {
                        addLine(found, follow(i, around(i, k), used), times, smoothing);
                    }
                }
            }
        }
        return found;
    }

    /** Over a corner only where no side neighbour makes the way already. */
    private boolean isLinked(int i, int k) {
        return (k & 1) == 0 || ink[around(i, k - 1)] == 0 && ink[around(i, k + 1)] == 0;
    }

    private int degree(int i) {
        int n = 0;
        for (int k = 0; k < 8; k++) {
            n += ink[around(i, k)] != 0 && isLinked(i, k) ? 1 : 0;
        }
        return n;
    }

    private List<Integer> follow(int from, int first, boolean[] used) {
        List<Integer> line = new ArrayList<>(List.of(from));
        int before = from;
        int i = first;
        while (true) {
            line.add(i);
            if (degree(i) != 2 || i == from || used[i]) {
                return line;
            }
            used[i] = true;
            int next = -1;
            for (int k = 0; k < 8; k++) {
                int j = around(i, k);
                if (ink[j] != 0 && j != before && isLinked(i, k)) {
                    next = j;
                }
            }
            before = i;
            i = next;
        }
    }

    private void addLine(List<Traced.Line> to, List<Integer> pixels, int times, double smoothing) {
        double[] depths =
                pixels.stream().mapToDouble(i -> depth[i] / 3.0 - 0.5).sorted().toArray();
        double width = 2 * depths[depths.length / 2];
        int first = pixels.getFirst();
        int last = pixels.getLast();
        boolean spur = degree(first) == 1 ^ degree(last) == 1;
        if (pixels.size() < 2 || spur && pixels.size() < depth[degree(first) == 1 ? last : first] / 3.0 * 1.3 + 1) {
            return;
        }
        boolean closed = first == last && pixels.size() > 3;
        List<double[]> fitted = EdgeFit.of(
                smoothed(closed ? pixels.subList(0, pixels.size() - 1) : pixels, closed),
                TOLERANCE_PX * smoothing,
                SOFT_PX,
                0);
        Path2D.Double path = new Path2D.Double();
        for (double[] c : fitted) {
            if (path.getCurrentPoint() == null) {
                path.moveTo(c[0] * times, c[1] * times);
            }
            path.curveTo(c[2] * times, c[3] * times, c[4] * times, c[5] * times, c[6] * times, c[7] * times);
        }
        if (path.getCurrentPoint() != null) {
            to.add(new Traced.Line(Curves.of(path), Math.max(1, width) * times));
        }
    }

    /** The middles of the pixels, evened out; ends stay. */
    private Edge smoothed(List<Integer> pixels, boolean closed) {
        double[] xy = new double[2 * pixels.size()];
        for (int i = 0; i < pixels.size(); i++) {
            xy[2 * i] = pixels.get(i) % w - 0.5;
            xy[2 * i + 1] = pixels.get(i) / w - 0.5;
        }
        return new Edge(1, 0, closed, xy).evened(2);
    }
}
