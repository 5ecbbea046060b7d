package jurren.core.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Interval;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;

/**
 * How a film that is wider than its roll is split into panels. Each laps onto the one before. Beside every seam of a
 * film that is laid by hand lies a small square on its corner, cut with both panels, so that the two squares lie on
 * each other when the panels meet.
 *
 * @param upright   whether seams run up and down and the panels lie side by side; else across, one above the other
 * @param at        where the seams are, as shares of the film's own extent from the left or the top, ascending
 * @param overlapMm by how much two panels lie on each other, half of it on each side of the seam
 */
public record Panels(boolean upright, List<Double> at, double overlapMm) {
    private static final double LAID_OVERLAP_MM = 5;
    /** Two films under the press are thick where they overlap. */
    private static final double PRESSED_OVERLAP_MM = 2;

    public static final double MOST_OVERLAP_MM = 50;
    public static final int MOST = 24;
    private static final double MARK_HALF_MM = 3;
    private static final double MARK_OFF_MM = 4;
    /** What marks add at both ends of a seam together. */
    private static final double MARKS_MM = 2 * (MARK_OFF_MM + 2 * MARK_HALF_MM);

    private static final double STRAY_MM = 0.001;
    /** Places looked at for a seam. */
    private static final int STEPS = 600;
    /** Of places that cross as much film the one is taken that makes panels more alike. */
    private static final double ALIKE = 1e-3;

    private static final double MOST_OF_TWO = 0.65;

    public Panels {
        at = List.copyOf(at);
        if (at.isEmpty() || at.size() >= MOST || !(overlapMm >= 0 && overlapMm <= MOST_OVERLAP_MM)) {
            throw new IllegalArgumentException(
                    "a film is split into 2 to " + MOST + " panels that overlap by 0 to " + MOST_OVERLAP_MM + " mm");
        }
        double before = 0;
        for (double share : at) {
            if (!(share > before && share < 1)) {
                throw new IllegalArgumentException(
                        "seams lie one after the other within the film, but one is at " + share + " of it");
            }
            before = share;
        }
    }

    /** Of what is laid by hand, or pressed. */
    public static double usualOverlapMm(boolean byHand) {
        return byHand ? LAID_OVERLAP_MM : PRESSED_OVERLAP_MM;
    }

    /** With one seam elsewhere. */
    public Panels with(int seam, double share) {
        List<Double> moved = new ArrayList<>(at);
        moved.set(seam, share);
        return new Panels(upright, moved, overlapMm);
    }

    public Panels withOverlap(double mm) {
        return new Panels(upright, at, mm);
    }

    /** Where a seam is, in the film's own millimetres. */
    public double seamMm(int seam, Box film) {
        return from(film) + at.get(seam) * extent(film);
    }

    /** The seams as lines over the film. */
    public List<List<Point>> lines(Box film) {
        return IntStream.range(0, at.size())
                .mapToObj(k -> line(upright, seamMm(k, film), film))
                .toList();
    }

    private static List<Point> line(boolean upright, double mm, Box film) {
        return upright
                ? List.of(new Point(mm, film.minYMm()), new Point(mm, film.maxYMm()))
                : List.of(new Point(film.minXMm(), mm), new Point(film.maxXMm(), mm));
    }

    private double from(Box film) {
        return upright ? film.minXMm() : film.minYMm();
    }

    private double extent(Box film) {
        return upright ? film.widthMm() : film.heightMm();
    }

    // ---- splitting

    /**
     * The panels of a layer from the left or the top; those with nothing on them are left out.
     *
     * @param marked with marks beside the seams; what is pressed would keep them
     */
    public List<Layer> of(Layer layer, boolean marked) {
        Box film = layer.region().bounds();
        List<Layer> panels = new ArrayList<>();
        for (int k = 0; k <= at.size(); k++) {
            double low = k == 0 ? from(film) - 1 : seamMm(k - 1, film) - overlapMm / 2;
            double high = k == at.size() ? from(film) + extent(film) + 1 : seamMm(k, film) + overlapMm / 2;
            Region strip = strip(film, low, high);
            Region marks = !marked
                    ? Region.EMPTY
                    : Region.weld(IntStream.of(k - 1, k)
                            .filter(s -> s >= 0 && s < at.size())
                            .mapToObj(s -> marks(s, film))
                            .toList());
            Layer panel = layer.panel(lapping(layer.region(), strip, k), new Panel(k + 1, at.size() + 1), marks);
            if (!panel.region().isEmpty()) {
                panels.add(panel);
            }
        }
        return panels;
    }

    /** The strip less what lies beyond a seam without crossing it: that is the neighbour's alone. */
    private Region lapping(Region film, Region strip, int panel) {
        Region beyond = strip.minus(between(film.bounds(), panel));
        List<Region> others = film.intersect(beyond).pieces().stream()
                .map(Piece::region)
                .filter(r -> !touchesSeam(r, film.bounds(), panel))
                .toList();
        return others.isEmpty()
                ? strip
                : strip.minus(
                        Region.weld(others).grown(STRAY_MM, CornerStyle.MITRED).intersect(beyond));
    }

    private boolean touchesSeam(Region r, Box film, int panel) {
        Box b = r.bounds();
        double low = upright ? b.minXMm() : b.minYMm();
        double high = upright ? b.maxXMm() : b.maxYMm();
        return panel > 0 && high >= seamMm(panel - 1, film) - STRAY_MM && low < seamMm(panel - 1, film)
                || panel < at.size() && low <= seamMm(panel, film) + STRAY_MM && high > seamMm(panel, film);
    }

    /** From seam to seam, without what laps. */
    private Region between(Box film, int panel) {
        double low = panel == 0 ? from(film) - 1 : seamMm(panel - 1, film);
        double high = panel == at.size() ? from(film) + extent(film) + 1 : seamMm(panel, film);
        return strip(film, low, high);
    }

    private Region strip(Box film, double low, double high) {
        return Region.of(
                upright
                        ? Box.ofSize(low, film.minYMm() - 1, high - low, film.heightMm() + 2)
                        : Box.ofSize(film.minXMm() - 1, low, film.widthMm() + 2, high - low));
    }

    private Region marks(int seam, Box film) {
        List<Point> line = line(upright, seamMm(seam, film), film);
        double beyond = MARK_OFF_MM + MARK_HALF_MM;
        return Region.weld(List.of(
                mark(line.getFirst().plus(upright ? 0 : -beyond, upright ? -beyond : 0)),
                mark(line.getLast().plus(upright ? 0 : beyond, upright ? beyond : 0))));
    }

    /** A small square on its corner, which shows which way it is moved or turned. */
    static Region mark(Point at) {
        return Region.enclosedBy(
                List.of(Outline.of(List.of(
                        at.plus(MARK_HALF_MM, 0),
                        at.plus(0, MARK_HALF_MM),
                        at.plus(-MARK_HALF_MM, 0),
                        at.plus(0, -MARK_HALF_MM)))),
                FillRule.NON_ZERO);
    }

    // ---- where

    /**
     * The fewest panels that lie on film so wide (and, on a mat, so long), with their seams where they cross least of
     * it.
     * Seams are chosen by dynamic programming over places a six-hundredth of the film apart.
     *
     * @param alongMm endless off a roll
     * @return empty where it needs none, or where panels do not help
     */
    public static Optional<Panels> fitting(Region film, double acrossMm, double alongMm, double overlapMm) {
        Box box = film.bounds();
        if (fits(box.widthMm(), box.heightMm(), acrossMm, alongMm)) {
            return Optional.empty();
        }
        Optional<Panels> upright = fitting(film, true, most(box.heightMm() + MARKS_MM, acrossMm, alongMm), overlapMm);
        Optional<Panels> level = fitting(film, false, most(box.widthMm() + MARKS_MM, acrossMm, alongMm), overlapMm);
        if (upright.isEmpty() || level.isEmpty()) {
            return upright.or(() -> level);
        }
        int fewer = Integer.compare(upright.get().at.size(), level.get().at.size());
        return fewer < 0
                        || fewer == 0
                                && upright.get().crossedMm(film) <= level.get().crossedMm(film)
                ? upright
                : level;
    }

    /** Two of a film that would lie as a whole, across its longer side and not far from the middle. */
    public static Optional<Panels> two(Region film, double overlapMm) {
        Box box = film.bounds();
        return fitting(
                film,
                box.widthMm() >= box.heightMm(),
                Math.max(box.widthMm(), box.heightMm()) * MOST_OF_TWO + overlapMm,
                overlapMm);
    }

    private static boolean fits(double a, double b, double across, double along) {
        return a <= across && b <= along || b <= across && a <= along;
    }

    /** How wide a panel may be that is so long; 0 where none fits. */
    private static double most(double longMm, double across, double along) {
        return Math.max(longMm <= along ? across : 0, longMm <= across ? along : 0);
    }

    /** How much film all seams go across. */
    public double crossedMm(Region film) {
        return lines(film.bounds()).stream().mapToDouble(l -> crossed(film, l)).sum();
    }

    private static double crossed(Region film, List<Point> line) {
        return film.along(line.getFirst(), line.getLast()).stream()
                .mapToDouble(Interval::lengthMm)
                .sum();
    }

    private static Optional<Panels> fitting(Region film, boolean upright, double mostMm, double overlapMm) {
        Box box = film.bounds();
        double extent = upright ? box.widthMm() : box.heightMm();
        double from = upright ? box.minXMm() : box.minYMm();
        // beyond a seam lies half the overlap, and half a mark; at both sides of a panel in between
        double beyond = Math.max(overlapMm / 2, MARK_HALF_MM);
        int panels = (int) Math.ceil((extent - 2 * beyond) / (mostMm - 2 * beyond));
        if (!(mostMm > 4 * beyond) || panels > MOST || panels < 2) {
            return Optional.empty();
        }
        double step = extent / STEPS;
        double[] cost = IntStream.range(0, STEPS)
                .mapToDouble(i -> crossed(film, line(upright, from + i * step, box)))
                .toArray();
        int seams = panels - 1;
        double[][] best = new double[seams][STEPS];
        int[][] before = new int[seams][STEPS];
        for (int s = 0; s < seams; s++) {
            for (int i = 1; i < STEPS; i++) {
                best[s][i] = Double.POSITIVE_INFINITY;
                double here = cost[i] + ALIKE * Math.abs(i * step - extent * (s + 1) / panels);
                for (int j = s == 0 ? 0 : 1; j < (s == 0 ? 1 : i); j++) {
                    double length = (i - j) * step + (s == 0 ? beyond : 2 * beyond);
                    double sum = (s == 0 ? 0 : best[s - 1][j]) + here;
                    if (length <= mostMm && sum < best[s][i]) {
                        best[s][i] = sum;
                        before[s][i] = j;
                    }
                }
            }
        }
        int last = IntStream.range(1, STEPS)
                .filter(i -> extent - i * step + beyond <= mostMm)
                .boxed()
                .min((a, b) -> Double.compare(best[seams - 1][a], best[seams - 1][b]))
                .orElse(0);
        if (last == 0 || Double.isInfinite(best[seams - 1][last])) {
            return Optional.empty();
        }
        Double[] shares = new Double[seams];
        for (int s = seams - 1, i = last; s >= 0; i = before[s][i], s--) {
            shares[s] = (double) i / STEPS;
        }
        return Optional.of(new Panels(upright, List.of(shares), overlapMm));
    }
}
