package jurren.core.load;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.DoubleStream;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Region;
import jurren.core.memo.Scale;

/**
 * How much of the lines straight across the film a piece covers: over what length of the feed more than so and so much.
 */
final class Chords {
    /** Chords are told too short by less than this, never too long. */
    private static final double STEP_MM = 0.1;
    /** Edges that are steeper than this over their whole length are steps. */
    private static final double UPRIGHT_MM = 1e-6;

    private final double areaMm2;
    /** At i, over how much of the feed a chord is i steps long or longer. */
    private final double[] feedMm;

    private record Edge(double fromMm, double toMm, double slope, double atMm) {
        double yMm(double xMm) {
            return atMm + slope * (xMm - fromMm);
        }
    }

    private Chords(double areaMm2, double[] feedMm) {
        this.areaMm2 = areaMm2;
        this.feedMm = feedMm;
    }

    /**
     * The feed is along x.
     *
     * @param leastMm2 holes smaller than this count as covered
     */
    static Chords of(Region region, double leastMm2) {
        List<Edge> edges = new ArrayList<>();
        double area = 0;
        for (Piece piece : region.pieces()) {
            area += edges(piece.outer(), 1, edges);
            for (Outline hole : piece.holes()) {
                if (Math.abs(hole.signedAreaMm2()) >= leastMm2) {
                    area -= edges(hole, -1, edges);
                }
            }
        }
        double[] feed = new double[2 + (int) (region.bounds().heightMm() / STEP_MM)];
        sweep(edges, feed);
        for (int i = feed.length - 2; i >= 0; i--) {
            feed[i] += feed[i + 1];
        }
        return new Chords(area, feed);
    }

    /** Over what length of the feed more than this is covered. */
    double feedMm(double chordMm) {
        int step = (int) Math.floor(chordMm / STEP_MM) + 1;
        return step < feedMm.length ? feedMm[step] : 0;
    }

    double areaMm2() {
        return areaMm2;
    }

    void weigh(Scale scale) {
        scale.add(feedMm, (long) Double.BYTES * feedMm.length);
    }

    /** Upper edges count up, lower ones down, those of holes the other way round; the area the ring encloses. */
    private static double edges(Outline ring, int sign, List<Edge> edges) {
        double area = ring.signedAreaMm2();
        double upper = area > 0 ? sign : -sign;
        for (int i = 0; i < ring.size(); i++) {
            int next = (i + 1) % ring.size();
            double dx = ring.xMm(next) - ring.xMm(i);
            if (Math.abs(dx) > UPRIGHT_MM) {
                double up = dx > 0 ? -upper : upper;
                int left = dx > 0 ? i : next;
                edges.add(new Edge(
                        ring.xMm(left),
                        ring.xMm(left) + Math.abs(dx),
                        up * (ring.yMm(next) - ring.yMm(i)) / dx,
                        up * ring.yMm(left)));
            }
        }
        return Math.abs(area);
    }

    /** Between two corners next to each other along the feed, what is covered changes evenly. */
    private static void sweep(List<Edge> edges, double[] feed) {
        edges.sort(Comparator.comparingDouble(Edge::fromMm));
        double[] corners = edges.stream()
                .flatMapToDouble(e -> DoubleStream.of(e.fromMm, e.toMm))
                .sorted()
                .toArray();
        List<Edge> over = new ArrayList<>();
        int next = 0;
        for (int i = 1; i < corners.length; i++) {
            double from = corners[i - 1];
            double to = corners[i];
            if (to - from <= UPRIGHT_MM) {
                continue;
            }
            double middle = (from + to) / 2;
            while (next < edges.size() && edges.get(next).fromMm < middle) {
                over.add(edges.get(next++));
            }
            over.removeIf(e -> e.toMm < middle);
            spread(
                    over.stream().mapToDouble(e -> e.yMm(from)).sum(),
                    over.stream().mapToDouble(e -> e.yMm(to)).sum(),
                    to - from,
                    feed);
        }
    }

    /** A chord that goes evenly from one length to another over so much of the feed. */
    private static void spread(double one, double other, double alongMm, double[] feed) {
        double least = Math.max(0, Math.min(one, other) / STEP_MM);
        double most = Math.max(0, Math.max(one, other) / STEP_MM);
        int first = Math.min((int) least, feed.length - 1);
        int last = Math.min((int) most, feed.length - 1);
        for (int i = first; i <= last; i++) {
            double share = first == last ? 1 : (Math.min(i + 1, most) - Math.max(i, least)) / (most - least);
            feed[i] += alongMm * share;
        }
    }
}
