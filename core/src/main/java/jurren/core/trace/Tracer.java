package jurren.core.trace;

import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Point;
import jurren.core.material.Colour;
import jurren.core.stop.Stop;
import jurren.core.trace.TraceSettings.Mode;

/**
 * Traces pictures. Equal pictures and settings give equal results. A thread that is interrupted stops
 * between two phases, or two edges, with a {@link java.util.concurrent.CancellationException}.
 */
public final class Tracer {
    /** Edges closer to where they were read than this gain nothing but nodes. */
    private static final double LEAST_TOLERANCE_PX = 0.18;

    private static final double LARGE_TOLERANCE_PX = 0.3;
    private static final double MOST_TOLERANCE_PX = 1.3;
    private static final double TOLERANCE_PER_NOISE = 4;
    /** Noise can leave specks in specks. */
    private static final int ROUNDS_OF_SPECKS = 3;
    /** Pixels beside one of another colour: some hundred times what a detailed logo has. */
    private static final long MOST_CROSSINGS = 3_000_000;

    private static final double SPECK_GROWS = 4;

    private Tracer() {}

    public static Traced trace(Picture picture, TraceSettings settings) {
        if (settings.mode() == Mode.MIDDLE_LINES) {
            return MiddleLines.of(picture, settings);
        }
        Read read =
                settings.mode() == Mode.ONE_COLOUR ? oneColour(picture, settings) : severalColours(picture, settings);
        double speck = calmed(read.labels, settings);
        Boundaries.All boundaries = Boundaries.of(read.labels);
        Stop stop = Stop.here();
        stop.look();
        double noise = noise(boundaries.edges());
        List<List<double[]>> curves = boundaries.edges().parallelStream()
                .map(e -> {
                    stop.look();
                    return EdgeFit.of(e, tolerance(e, noise) * settings.smoothing(), boundaries.widthPx(), noise);
                })
                .toList();
        stop.look();
        return new Traced(
                picture.width(),
                picture.height(),
                flats(read, boundaries, curves),
                List.of(),
                read.labels.colours(),
                read.ground,
                read.level,
                read.darkInk,
                speck);
    }

    /**
     * What is nothing but specks, as a film's grain is, would be edges without end: larger and larger parts are given
     * away until it is not.
     *
     * @return what is smaller than this is given away
     */
    private static double calmed(Labels labels, TraceSettings settings) {
        double speck = Math.max(1, settings.speckPx2());
        while (labels.crossings() > MOST_CROSSINGS && speck < labels.of().length) {
            Stop.lookHere();
            speck *= SPECK_GROWS;
            new Parts(labels).giveAway(speck, List.of(), settings.kept());
        }
        return speck > settings.speckPx2() && speck > 1 ? speck : settings.speckPx2();
    }

    private record Read(Labels labels, Optional<Colour> ground, double level, boolean darkInk) {}

    private static Read oneColour(Picture picture, TraceSettings settings) {
        OneColour.Threshold found = OneColour.of(picture, settings);
        clean(found.labels(), settings);
        return new Read(found.labels(), Optional.empty(), found.level(), found.darkInk());
    }

    private static Read severalColours(Picture picture, TraceSettings settings) {
        Labels labels = SeveralColours.of(picture, settings.colours());
        int ground = SeveralColours.ground(labels);
        int[] to = chosen(labels, settings, ground);
        SeveralColours.relabel(labels, to);
        clean(labels, settings);
        Optional<Colour> left = ground > 0 && !settings.keepGround()
                ? Optional.of(labels.colours().get(ground - 1))
                : Optional.empty();
        return new Read(labels, left, 0.5, true);
    }

    /** To which number each colour goes: itself, the one it was merged into, or none. */
    private static int[] chosen(Labels labels, TraceSettings settings, int ground) {
        int[] to = SeveralColours.same(labels);
        for (int i = 1; i < to.length; i++) {
            Colour c = labels.colours().get(i - 1);
            Colour other = settings.merged().getOrDefault(c, c);
            int at = labels.colours().indexOf(other) + 1;
            int target = at == 0 ? i : at;
            boolean out = settings.without().contains(labels.colours().get(target - 1))
                    || target == ground && !settings.keepGround();
            to[i] = out ? 0 : settings.outerOnly() ? 1 : target;
        }
        return to;
    }

    private static void clean(Labels labels, TraceSettings settings) {
        for (int round = 0; round < ROUNDS_OF_SPECKS; round++) {
            boolean first = round == 0;
            if (!new Parts(labels)
                    .giveAway(settings.speckPx2(), first ? settings.dropped() : List.of(), settings.kept())) {
                break;
            }
            Stop.lookHere();
        }
        if (settings.outerOnly()) {
            new Parts(labels).fillHoles();
        }
    }

    /**
     * The settings with the part at a point dropped, or there again when it was. What lies all around
     * cannot be dropped.
     */
    public static TraceSettings toggled(Picture picture, TraceSettings settings, Point at) {
        Labels labels;
        if (settings.mode() == Mode.SEVERAL_COLOURS) {
            labels = SeveralColours.of(picture, settings.colours());
            SeveralColours.relabel(labels, chosen(labels, settings, SeveralColours.ground(labels)));
        } else {
            labels = OneColour.of(picture, settings).labels();
        }
        Parts parts = new Parts(labels);
        int part = parts.at(at);
        if (part < 0) {
            return settings;
        }
        List<Point> dropped = new ArrayList<>(settings.dropped());
        List<Point> kept = new ArrayList<>(settings.kept());
        if (dropped.removeIf(p -> parts.at(p) == part) | kept.removeIf(p -> parts.at(p) == part)) {
            return settings.withSpots(dropped, kept);
        }
        if (parts.areaPx2(part) < settings.speckPx2()) {
            kept.add(at);
        } else if (parts.colour(part) != 0 || !parts.reachesBorder(part)) {
            dropped.add(at);
        }
        return settings.withSpots(dropped, kept);
    }

    /** What is small is followed more closely. */
    private static double tolerance(Edge e, double noise) {
        double least = Math.clamp(LEAST_TOLERANCE_PX * e.size() / 1000.0, LEAST_TOLERANCE_PX, LARGE_TOLERANCE_PX);
        return Math.clamp(TOLERANCE_PER_NOISE * noise, least, MOST_TOLERANCE_PX);
    }

    /** Some edges are noisier than others; what is usual counts. */
    private static double noise(List<Edge> edges) {
        double[] noises = edges.parallelStream()
                .filter(e -> e.size() > 12)
                .mapToDouble(Tracer::noise)
                .sorted()
                .toArray();
        return noises.length == 0 ? 0 : noises[noises.length / 2];
    }

    /**
     * How unevenly points stand off the line between their neighbours two before and two after: of an even bend
     * nothing is left, of independent errors about their standard deviation.
     */
    private static double noise(Edge e) {
        int n = e.size();
        double[] off = IntStream.range(2, n - 2)
                .mapToDouble(i -> {
                    double dx = e.x(i + 2) - e.x(i - 2);
                    double dy = e.y(i + 2) - e.y(i - 2);
                    double d = Math.hypot(dx, dy);
                    return d == 0 ? 0 : (dx * (e.y(i) - e.y(i - 2)) - dy * (e.x(i) - e.x(i - 2))) / d;
                })
                .toArray();
        double[] uneven = IntStream.range(1, off.length - 1)
                .mapToDouble(i -> Math.abs(off[i] - (off[i - 1] + off[i + 1]) / 2))
                .sorted()
                .toArray();
        return uneven[uneven.length / 2];
    }

    private static List<Traced.Flat> flats(Read read, Boundaries.All boundaries, List<List<double[]>> curves) {
        int kinds = read.labels.colours().size() + 1;
        Path2D.Double[] paths = new Path2D.Double[kinds];
        int[] nodes = new int[kinds];
        for (Boundaries.Ring ring : boundaries.rings()) {
            Path2D.Double path = paths[ring.colour()] == null
                    ? paths[ring.colour()] = new Path2D.Double(Path2D.WIND_EVEN_ODD)
                    : paths[ring.colour()];
            nodes[ring.colour()] += append(path, ring, curves);
        }
        List<Traced.Flat> flats = new ArrayList<>();
        for (int k = 1; k < kinds; k++) {
            if (paths[k] != null && paths[k].getCurrentPoint() != null) {
                flats.add(new Traced.Flat(read.labels.colours().get(k - 1), Curves.of(paths[k]), nodes[k]));
            }
        }
        return flats;
    }

    private static int append(Path2D path, Boundaries.Ring ring, List<List<double[]>> curves) {
        int nodes = 0;
        boolean begun = false;
        for (Boundaries.Turn turn : ring.turns()) {
            List<double[]> all = turn.backwards() ? curves.get(turn.edge()).reversed() : curves.get(turn.edge());
            for (double[] c : all) {
                double[] d = turn.backwards() ? new double[] {c[6], c[7], c[4], c[5], c[2], c[3], c[0], c[1]} : c;
                if (!begun) {
                    path.moveTo(d[0], d[1]);
                    begun = true;
                }
                if (isStraight(d)) {
                    path.lineTo(d[6], d[7]);
                } else {
                    path.curveTo(d[2], d[3], d[4], d[5], d[6], d[7]);
                }
                nodes++;
            }
        }
        if (begun) {
            path.closePath();
        }
        return nodes;
    }

    private static boolean isStraight(double[] c) {
        double dx = c[6] - c[0];
        double dy = c[7] - c[1];
        double d = Math.hypot(dx, dy);
        if (d == 0) {
            return c[2] == c[0] && c[3] == c[1] && c[4] == c[0] && c[5] == c[1];
        }
        return Math.abs(dx * (c[3] - c[1]) - dy * (c[2] - c[0])) < 1e-9 * d
                && Math.abs(dx * (c[5] - c[1]) - dy * (c[4] - c[0])) < 1e-9 * d;
    }
}
