package jurren.perf;

import java.awt.geom.Line2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import jurren.core.art.Chain;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.cut.ClosedCut;
import jurren.core.cut.CutOrder;
import jurren.core.cut.SwivelKnife;
import jurren.core.cut.Thinned;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.load.Dialect;
import jurren.core.material.Colour;

/**
 * How far the knife travels raised beside the least possible, and how long orders and trailing knives take to work out.
 * Up to 13 paths the least is found exactly (M. Held and R. M. Karp, 1962, over subsets, every vertex a start); beyond,
 * a bound below it (their one-trees of 1970, between the nearest vertices), which no order reaches quite.
 */
public final class CutSpeed {
    private static final int CASES = 60;
    private static final int EXACT = 13;
    private static final int VERTICES = 8;
    private static final int ASCENTS = 600;

    private CutSpeed() {}

    public static void main(String[] args) {
        System.out.println("Travel with the knife up beside the least possible, median and worst of " + CASES);
        for (int n : new int[] {5, 9, EXACT}) {
            ratios("exactly", n, 1);
            ratios("exactly, large shapes", n, 12);
        }
        for (int n : new int[] {20, 30, 40}) {
            ratios("to a bound", n, 0.5);
        }
        for (int n : new int[] {20, 40, 60, 500, 5000}) {
            ordering(n);
        }
        swivelling();
        corners();
    }

    private static Outline shape(Random random, double size) {
        double x = 280 * random.nextDouble();
        double y = 280 * random.nextDouble();
        List<Point> points = new ArrayList<>();
        for (int k = 0; k < VERTICES; k++) {
            double a = 2 * Math.PI * k / VERTICES;
            double r = size * (0.5 + random.nextDouble());
            points.add(new Point(x + r * Math.cos(a), y + r * Math.sin(a)));
        }
        return Outline.of(points);
    }

    private static void ratios(String how, int n, double size) {
        double[] ratio = new double[CASES];
        for (int c = 0; c < CASES; c++) {
            Random random = new Random(100L * n + c);
            List<Piece> pieces = new ArrayList<>();
            List<Outline> outlines = new ArrayList<>();
            while (pieces.size() < n) {
                Outline o = shape(random, size);
                // none in another: what must wait for what is another question
                if (outlines.stream()
                        .allMatch(p -> p.bounds().crossed(o.bounds()).isEmpty())) {
                    outlines.add(o);
                    pieces.add(new Piece(o, List.of()));
                }
            }
            double way = travel(CutOrder.of(pieces, Point.ORIGIN));
            ratio[c] = way / (n <= EXACT ? exact(outlines) : bound(outlines));
        }
        Arrays.sort(ratio);
        System.out.printf(
                Locale.ROOT, "%5d paths, %-22s median %.3f, worst %.3f%n", n, how, ratio[CASES / 2], ratio[CASES - 1]);
    }

    private static double travel(List<ClosedCut> order) {
        double way = 0;
        Point at = Point.ORIGIN;
        for (ClosedCut p : order) {
            way += at.distanceMm(p.start());
            at = p.start();
        }
        return way;
    }

    /** Over subsets and the vertex where the last began. */
    private static double exact(List<Outline> outlines) {
        int n = outlines.size();
        double[][] best = new double[1 << n][n * VERTICES];
        for (double[] row : best) {
            Arrays.fill(row, Double.POSITIVE_INFINITY);
        }
        for (int i = 0; i < n; i++) {
            for (int v = 0; v < VERTICES; v++) {
                best[1 << i][i * VERTICES + v] =
                        Point.ORIGIN.distanceMm(outlines.get(i).point(v));
            }
        }
        double[][] mm = new double[n * VERTICES][n * VERTICES];
        for (int a = 0; a < mm.length; a++) {
            for (int b = 0; b < mm.length; b++) {
                mm[a][b] = outlines.get(a / VERTICES)
                        .point(a % VERTICES)
                        .distanceMm(outlines.get(b / VERTICES).point(b % VERTICES));
            }
        }
        for (int set = 1; set < 1 << n; set++) {
            for (int a = 0; a < mm.length; a++) {
                double so = best[set][a];
                if (so == Double.POSITIVE_INFINITY) {
                    continue;
                }
                for (int j = 0; j < n; j++) {
                    if ((set >> j & 1) == 0) {
                        double[] next = best[set | 1 << j];
                        for (int b = j * VERTICES; b < (j + 1) * VERTICES; b++) {
                            next[b] = Math.min(next[b], so + mm[a][b]);
                        }
                    }
                }
            }
        }
        return Arrays.stream(best[(1 << n) - 1]).min().orElseThrow();
    }

    /**
     * A path from the origin through all is a tree on them; prices on its nodes drive the least tree towards a path.
     */
    private static double bound(List<Outline> outlines) {
        int n = outlines.size() + 1;
        double[][] mm = new double[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < i; j++) {
                mm[i][j] = nearest(i, j, outlines);
                mm[j][i] = mm[i][j];
            }
        }
        double[] price = new double[n];
        double best = 0;
        double step = 20;
        for (int round = 0; round < ASCENTS; round++) {
            int[] degree = new int[n];
            double tree = leastTree(mm, price, degree);
            // inner nodes of a path have two edges, the origin one and some last one too: that one's price is given
            // back at its best
            double sum = tree;
            double last = Double.POSITIVE_INFINITY;
            for (int i = 0; i < n; i++) {
                sum -= price[i] * (i == 0 ? 1 : 2);
                last = i == 0 ? last : Math.min(last, price[i]);
            }
            best = Math.max(best, sum + last);
            for (int i = 0; i < n; i++) {
                price[i] += step * (degree[i] - (i == 0 ? 1 : 2));
            }
            step *= 0.985;
        }
        return best;
    }

    private static double nearest(int i, int j, List<Outline> outlines) {
        double least = Double.POSITIVE_INFINITY;
        for (int v = 0; v < VERTICES; v++) {
            Point a = outlines.get(i - 1).point(v);
            if (j == 0) {
                least = Math.min(least, a.distanceMm(Point.ORIGIN));
            } else {
                for (int w = 0; w < VERTICES; w++) {
                    least = Math.min(least, a.distanceMm(outlines.get(j - 1).point(w)));
                }
            }
        }
        return least;
    }

    private static double leastTree(double[][] mm, double[] price, int[] degree) {
        int n = price.length;
        double[] away = new double[n];
        int[] from = new int[n];
        boolean[] in = new boolean[n];
        Arrays.fill(away, Double.POSITIVE_INFINITY);
        away[0] = 0;
        double sum = 0;
        for (int k = 0; k < n; k++) {
            int next = -1;
            for (int i = 0; i < n; i++) {
                if (!in[i] && (next < 0 || away[i] < away[next])) {
                    next = i;
                }
            }
            in[next] = true;
            sum += away[next];
            if (k > 0) {
                degree[next]++;
                degree[from[next]]++;
            }
            for (int i = 0; i < n; i++) {
                double d = mm[next][i] + price[next] + price[i];
                if (!in[i] && d < away[i]) {
                    away[i] = d;
                    from[i] = next;
                }
            }
        }
        return sum;
    }

    private static void ordering(int n) {
        double[] s = new double[5];
        int paths = 0;
        for (int c = 0; c < s.length; c++) {
            Random random = new Random(c);
            List<Piece> pieces = new ArrayList<>();
            int across = (int) Math.ceil(Math.sqrt(n / 2.0));
            for (int i = 0; pieces.size() * 2 < n; i++) {
                double x = 10 * (i % across) + 2 * random.nextDouble();
                double y = 10 * (i / across) + 2 * random.nextDouble();
                pieces.add(new Piece(circle(x, y, 3), List.of(circle(x, y, 1.5))));
            }
            long from = System.nanoTime();
            paths = CutOrder.of(pieces, Point.ORIGIN).size();
            s[c] = (System.nanoTime() - from) / 1e9;
        }
        Arrays.sort(s);
        System.out.printf(
                Locale.ROOT,
                "%5d paths with insides of %d vertices put in order: median %.3f s, worst %.3f s%n",
                paths,
                CIRCLE,
                s[2],
                s[4]);
    }

    private static final int CIRCLE = 40;

    private static Outline circle(double x, double y, double r) {
        List<Point> points = new ArrayList<>();
        for (int k = 0; k < CIRCLE; k++) {
            double a = 2 * Math.PI * k / CIRCLE;
            points.add(new Point(x + r * Math.cos(a), y + r * Math.sin(a)));
        }
        return Outline.of(points);
    }

    private static void swivelling() {
        Region letters = new Chain()
                .build(new Motif(
                        "m",
                        "m",
                        Lettering.of("Otterbrook", ShippedTypeface.FREDOKA, 60, new Colour(0)),
                        List.of(),
                        Pose.at(0, 0)))
                .region();
        double[] s = new double[5];
        int vertices = 0;
        for (int c = 0; c < s.length; c++) {
            SwivelKnife knife = new SwivelKnife(0.25);
            vertices = 0;
            long from = System.nanoTime();
            while (vertices < 200_000) {
                for (Piece p : letters.pieces()) {
                    knife.way(p.outer().points());
                    vertices += p.outer().size();
                }
            }
            s[c] = (System.nanoTime() - from) / 1e9;
        }
        Arrays.sort(s);
        System.out.printf(
                Locale.ROOT,
                "A trailing knife allowed for on %,d vertices of lettering: median %.3f s, worst %.3f s%n",
                vertices,
                s[2],
                s[4]);
    }

    /**
     * Corners sent beside the fewest that any straight-to-straight way over them needs, found over all pairs (H. Imai
     * and M. Iri, 1988).
     */
    private static void corners() {
        double within = Dialect.USUAL_UNIT_MM / 2;
        for (ShippedTypeface face : List.of(ShippedTypeface.FREDOKA, ShippedTypeface.PACIFICO, ShippedTypeface.ANTON)) {
            Region letters = new Chain()
                    .build(new Motif(
                            "m", "m", Lettering.of("Otterbrook", face, 60, new Colour(0)), List.of(), Pose.at(0, 0)))
                    .region();
            int drawn = 0;
            int sent = 0;
            int fewest = 0;
            for (Piece p : letters.pieces()) {
                List<Outline> all = new ArrayList<>(p.holes());
                all.add(p.outer());
                for (Outline o : all) {
                    drawn += o.size();
                    sent += Thinned.of(o, within).size();
                    fewest += fewest(o, within);
                }
            }
            System.out.printf(
                    Locale.ROOT,
                    "%-16s %5d corners drawn, %4d sent, %4d the fewest: %.3f%n",
                    face,
                    drawn,
                    sent,
                    fewest,
                    sent / (double) fewest);
        }
    }

    private static int fewest(Outline o, double within) {
        int n = o.size();
        int[] steps = new int[n + 1];
        Arrays.fill(steps, Integer.MAX_VALUE);
        steps[0] = 0;
        for (int a = 0; a < n; a++) {
            for (int b = a + 1; b <= n; b++) {
                if (steps[a] + 1 < steps[b] && passes(o, a, b, within)) {
                    steps[b] = steps[a] + 1;
                }
            }
        }
        return steps[n];
    }

    private static boolean passes(Outline o, int a, int b, double within) {
        int n = o.size();
        for (int k = a + 1; k < b; k++) {
            if (Line2D.ptSegDist(o.xMm(a), o.yMm(a), o.xMm(b % n), o.yMm(b % n), o.xMm(k), o.yMm(k)) > within) {
                return false;
            }
        }
        return true;
    }
}
