package jurren.core.load;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import jurren.core.geometry.Box;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;

/**
 * Straight cuts across the waste of a frame that is too large to come up in one: it stretches, falls back onto the film
 * and sticks. They run across the frame's longer side, where the waste is halved, or parted in three and so on, and
 * near there where they meet the fewest pieces; they end just before a piece, so that no knife that is a little off
 * nicks it.
 */
final class Reliefs {
    /** As much waste as a hand lifts well: a letter sheet. */
    static final double MOST_MM2 = 60_000;
    /** What is left uncut before a piece tears by itself. */
    static final double SHORT_MM = 0.5;
    /** As near beside a cut nothing may be. */
    private static final double[] BESIDE_MM = {0, -SHORT_MM, -SHORT_MM / 2, SHORT_MM / 2, SHORT_MM};

    private static final double[] ON_IT = {0};
    private static final double LEAST_MM = 2;
    private static final int PLACES = 31;
    /** As far from where the waste is parted evenly, as a share of a part. */
    private static final double ASIDE = 0.3;
    /** A piece in the way is worth as much as this share of a part. */
    private static final double PIECE_COUNTS = 0.5;

    private final Box box;
    private final List<Outline> films;
    private final List<Box> boxes;
    private final Outline frame;

    private Reliefs(Outline frame, List<Outline> films) {
        this.frame = frame;
        this.box = frame.bounds();
        this.films = films;
        this.boxes = films.stream().map(Outline::bounds).toList();
    }

    /** A frame with what relieves its waste. */
    static Load.Frame in(Outline frame, int last, List<Placed> lying) {
        Region inside = Region.enclosedBy(List.of(frame), FillRule.NON_ZERO);
        List<Placed> in =
                lying.stream().filter(p -> inside.contains(p.box().centre())).toList();
        double waste = inside.areaMm2()
                - in.stream()
                        .mapToDouble(p -> p.item().layer().weeded().pieces().stream()
                                .mapToDouble(o -> Math.abs(o.outer().signedAreaMm2()))
                                .sum())
                        .sum();
        int parts = (int) Math.ceil(waste / MOST_MM2);
        if (parts < 2) {
            return new Load.Frame(frame, last, List.of(), List.of());
        }
        // across the longer side is up and down here: a frame that is higher than wide is worked on turned
        boolean high = inside.bounds().heightMm() > inside.bounds().widthMm();
        Placement turn = high ? Placement.turned(90) : Placement.HERE;
        List<Outline> films = in.stream()
                .flatMap(p -> p.item().layer().weeded().placed(p.onto().then(turn)).pieces().stream())
                .map(Piece::outer)
                .toList();
        Placement back = turn.inverse();
        List<Load.Relief> reliefs = new Reliefs(frame.placed(turn), films)
                .parting(parts).stream()
                        .map(r -> new Load.Relief(back.apply(r.from()), back.apply(r.to())))
                        .toList();
        return new Load.Frame(frame, last, reliefs, List.of());
    }

    private List<Load.Relief> parting(int parts) {
        double[] at = new double[PLACES * parts];
        double[] wasteTo = new double[at.length + 1];
        int[] stretches = new int[at.length];
        for (int i = 0; i < at.length; i++) {
            at[i] = box.minXMm() + box.widthMm() * (i + 0.5) / at.length;
            List<double[]> free = free(at[i], ON_IT);
            stretches[i] = free.size();
            wasteTo[i + 1] =
                    wasteTo[i] + free.stream().mapToDouble(s -> s[1] - s[0]).sum();
        }
        List<Load.Relief> all = new ArrayList<>();
        for (int k = 1; k < parts; k++) {
            double best = Double.POSITIVE_INFINITY;
            double where = 0;
            for (int i = 0; i < at.length; i++) {
                double aside = Math.abs((wasteTo[i] + wasteTo[i + 1]) / 2 / wasteTo[at.length] * parts - k);
                double cost = aside + PIECE_COUNTS * (stretches[i] - 1);
                if (aside <= ASIDE && cost < best) {
                    best = cost;
                    where = at[i];
                }
            }
            List<Load.Relief> cuts = best < Double.POSITIVE_INFINITY ? across(where) : List.of();
            // the knife goes up one and down the next
            all.addAll(
                    k % 2 == 1
                            ? cuts
                            : cuts.reversed().stream()
                                    .map(r -> new Load.Relief(r.to(), r.from()))
                                    .toList());
        }
        return all;
    }

    private List<Load.Relief> across(double x) {
        double[] ends = ends(frame, x);
        List<Load.Relief> cuts = new ArrayList<>();
        for (double[] s : free(x, BESIDE_MM)) {
            double from = s[0] > ends[0] ? s[0] + SHORT_MM : s[0];
            double to = s[1] < ends[ends.length - 1] ? s[1] - SHORT_MM : s[1];
            if (to - from >= LEAST_MM) {
                cuts.add(new Load.Relief(new Point(x, from), new Point(x, to)));
            }
        }
        return cuts;
    }

    /** The stretches of an upright line within the frame that are outside all pieces, there and so far beside it. */
    private List<double[]> free(double x, double[] beside) {
        double[] ends = ends(frame, x);
        if (ends.length < 2) {
            return List.of();
        }
        List<double[]> taken = new ArrayList<>();
        for (int f = 0; f < films.size(); f++) {
            if (boxes.get(f).maxXMm() < x - SHORT_MM || boxes.get(f).minXMm() > x + SHORT_MM) {
                continue;
            }
            for (double mm : beside) {
                double[] cuts = ends(films.get(f), x + mm);
                for (int i = 0; i + 1 < cuts.length; i += 2) {
                    taken.add(new double[] {cuts[i], cuts[i + 1]});
                }
            }
        }
        taken.sort((a, b) -> Double.compare(a[0], b[0]));
        List<double[]> free = new ArrayList<>();
        double y = ends[0];
        for (double[] t : taken) {
            if (t[0] > y) {
                free.add(new double[] {y, t[0]});
            }
            y = Math.max(y, t[1]);
        }
        if (y < ends[ends.length - 1]) {
            free.add(new double[] {y, ends[ends.length - 1]});
        }
        return free;
    }

    /** Where an upright line crosses an outline, from below. */
    private static double[] ends(Outline o, double x) {
        double[] found = new double[o.size()];
        int n = 0;
        for (int i = 0; i < o.size(); i++) {
            int next = (i + 1) % o.size();
            if (o.xMm(i) <= x != o.xMm(next) <= x) {
                found[n++] = o.yMm(i) + (o.yMm(next) - o.yMm(i)) * ((x - o.xMm(i)) / (o.xMm(next) - o.xMm(i)));
            }
        }
        double[] ends = Arrays.copyOf(found, n);
        Arrays.sort(ends);
        return ends;
    }
}
