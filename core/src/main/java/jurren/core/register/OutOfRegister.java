package jurren.core.register;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.ToLongFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.layer.Join;
import jurren.core.layer.Layer;
import jurren.core.material.Film;
import jurren.core.memo.Memo;
import jurren.core.stop.Stop;

/**
 * A stack laid many times, each layer but the lowest up to so far out of its place in any direction. The same for a
 * seed.
 *
 * <p>A border that only moves is no fault. A <em>gap</em> is the thing's own ground where none was wanted anywhere
 * near, or the gap of a join that opens; a <em>rim</em> is a lower layer where nothing of it was wanted anywhere
 * near. Both are looked for in pixels of a fifth of the accuracy. The worst are looked at again where they lie, in pixels
 * of a twenty-fifth, and told by the width of a circle that would fit.
 *
 * @param accuracyMm how far off hands may be
 * @param withGap    in how many tries the ground shows
 * @param withRim    in how many tries a rim shows
 * @param widestGapMm of all tries
 * @param worst      the try that looks worst; empty when none shows anything
 * @param proposals  joins that hide every gap
 */
public record OutOfRegister(
        double accuracyMm,
        int tries,
        int withGap,
        int withRim,
        double widestGapMm,
        Optional<Try> worst,
        List<Proposal> proposals) {
    public static final int TRIES = 200;
    private static final double PX_OF_ACCURACY = 5;
    private static final double FINE_PX_OF_ACCURACY = 25;
    /** Half a side of what is looked at again, in accuracies. */
    private static final double AROUND = 8;
    /** Nobody sees less. */
    private static final double UNSEEN_MM = 0.05;

    private static final double MOST_PX = 8_000_000;
    /** Of so many tries with most to see, how wide it is is measured. */
    private static final int MEASURED = 5;

    private static final double STEP_MM = 0.1;

    /**
     * One way to lay it.
     *
     * @param moved by the order of the layers, from the lowest
     * @param rimOf the order of the layer that shows as a rim; 0 when none does
     */
    public record Try(
            List<Placement> moved,
            double gapMm,
            Optional<Point> gapAt,
            double rimMm,
            Optional<Point> rimAt,
            int rimOf) {
        public double worstMm() {
            return Math.max(gapMm, rimMm);
        }
    }

    /** A join with the least overlap that hides whatever hands do within the accuracy. */
    public record Proposal(int layer, Film film, Join.KnockedOut join) {}

    public OutOfRegister {
        proposals = List.copyOf(proposals);
    }

    public boolean isHidden() {
        return worst.isEmpty();
    }

    /** What of a stack is looked at, and how its layers lie. */
    private record Stacked(Grid grid, List<Layer> layers, List<Mask> masks, boolean[] onBase) {
        /**
         * @param shown what each layer shows
         * @param moved how each lies
         */
        static Stacked of(Grid grid, List<Layer> layers, List<Region> shown, List<Placement> moved) {
            boolean[] onBase = new boolean[layers.size()];
            for (int i = 1; i < onBase.length; i++) {
                onBase[i] = layers.get(i).role() == Layer.Role.PRINT
                        && layers.get(i - 1).role() == Layer.Role.BASE;
            }
            return new Stacked(
                    grid,
                    layers,
                    IntStream.range(0, layers.size())
                            .mapToObj(i -> Mask.of(shown.get(i).placed(moved.get(i)), grid))
                            .toList(),
                    onBase);
        }
    }

    /** How many pixels of a try show the ground, and how many a rim. */
    private record Counted(int number, long gap, long rim) {}

    private record Shift(double rightMm, double downMm) {
        static final Shift NONE = new Shift(0, 0);

        int right(Grid grid) {
            return (int) Math.round(rightMm * grid.pxPerMm());
        }

        int down(Grid grid) {
            return (int) Math.round(downMm * grid.pxPerMm());
        }

        Placement placement() {
            return Placement.moved(rightMm, downMm);
        }
    }

    private record Seen(List<Shift> shifts, Mask gap, Map<Integer, Mask> rims) {}

    private record Key(List<Layer> layers, double accuracyMm, long seed) {}

    private static final int MOST_LARGE = 4;
    /** A bench that is looked at again asks again. */
    private static final Memo<Key, OutOfRegister> STUDIES = new Memo<>(
            MOST_LARGE,
            k -> work(k.layers, k.accuracyMm, k.seed),
            (key, _, scale) -> key.layers.forEach(l -> l.weigh(scale)));

    /** @param layers from the bottom up; what is seen through openings of plates counts as what is painted there */
    public static OutOfRegister of(List<Layer> layers, double accuracyMm, long seed) {
        return STUDIES.get(new Key(List.copyOf(layers), accuracyMm, seed));
    }

    private static OutOfRegister work(List<Layer> layers, double accuracyMm, long seed) {
        if (!(accuracyMm > 0 && accuracyMm <= 10)) {
            throw new IllegalArgumentException("hands are off by more than 0 and at most 10 mm, not " + accuracyMm);
        }
        Stop stop = Stop.here();
        Optional<Box> all = layers.stream()
                .map(OutOfRegister::shows)
                .filter(r -> !r.isEmpty())
                .map(Region::bounds)
                .reduce(Box::joined);
        if (layers.size() < 2 || all.isEmpty()) {
            return new OutOfRegister(accuracyMm, TRIES, 0, 0, 0, Optional.empty(), List.of());
        }
        Box box = all.get().grown(4 * accuracyMm);
        double pxPerMm = Math.min(PX_OF_ACCURACY / accuracyMm, Math.sqrt(MOST_PX / (box.widthMm() * box.heightMm())));
        Grid grid = Grid.over(box, pxPerMm);
        int reach = Math.max(1, (int) Math.ceil(accuracyMm * pxPerMm));
        List<Region> shown = layers.stream().map(OutOfRegister::shows).toList();
        // half a pixel more all round: what rounding opens is no gap
        Stacked stack = Stacked.of(
                grid,
                layers,
                shown.stream()
                        .map(r -> r.isEmpty() ? r : r.grown(0.5 / pxPerMm, CornerStyle.MITRED))
                        .toList(),
                layers.stream().map(_ -> Placement.HERE).toList());
        List<Mask> near = near(stack, reach);
        List<Mask> far = near.stream().map(Mask::inverted).toList();
        List<List<Shift>> tries = tries(layers.size(), accuracyMm, seed);
        List<Counted> counted = IntStream.range(0, TRIES)
                .parallel()
                .mapToObj(i -> {
                    stop.look();
                    return counted(stack, far, i, tries.get(i));
                })
                .toList();
        List<Try> measured = Stream.concat(most(counted, Counted::gap), most(counted, Counted::rim))
                .distinct()
                .parallel()
                .map(c -> {
                    stop.look();
                    return measured(stack, shown, accuracyMm, seen(stack, near, tries.get(c.number)));
                })
                .toList();
        double widestGap = measured.stream().mapToDouble(Try::gapMm).max().orElse(0);
        double widestRim = measured.stream().mapToDouble(Try::rimMm).max().orElse(0);
        int withGap =
                widestGap > 0 ? (int) counted.stream().filter(c -> c.gap > 0).count() : 0;
        int withRim =
                widestRim > 0 ? (int) counted.stream().filter(c -> c.rim > 0).count() : 0;
        return new OutOfRegister(
                accuracyMm,
                TRIES,
                withGap,
                withRim,
                widestGap,
                measured.stream().filter(t -> t.worstMm() > 0).max(Comparator.comparingDouble(Try::worstMm)),
                withGap == 0 ? List.of() : proposals(stack, accuracyMm));
    }

    /**
     * Where each layer, and at last the ground, may be seen without a fault. Two layers may be off in opposite
     * directions, and a pixel is lost to rounding.
     */
    private static List<Mask> near(Stacked stack, int reach) {
        List<Mask> wanted =
                looks(stack, stack.layers.stream().map(_ -> Shift.NONE).toList());
        int ground = wanted.size() - 1;
        List<Mask> near = new ArrayList<>();
        for (int i = 0; i < ground; i++) {
            near.add(wanted.get(i).dilated(2 * reach + 1));
        }
        // the gap of a join was wanted as narrow as it is; what the art leaves open may open further
        near.add(wanted.get(ground).copy().without(slits(stack)).dilated(2 * reach + 1));
        return asOneFilm(stack.layers, near);
    }

    /** The gaps of joins: narrow ground with a layer on one side of it and another on the other. */
    private static Mask slits(Stacked stack) {
        Mask all = Mask.empty(stack.grid.width(), stack.grid.height());
        double gapMm = stack.layers.stream()
                .mapToDouble(l -> l.join() instanceof Join.Butted b ? b.gapMm() : 0)
                .max()
                .orElse(0);
        if (gapMm == 0) {
            return all;
        }
        int across = (int) Math.ceil(gapMm * stack.grid.pxPerMm()) + 1;
        Mask nearOne = all.copy();
        Mask nearTwo = all.copy();
        for (Mask m : stack.masks) {
            Mask about = m.dilated(across);
            nearTwo.or(about.copy().and(nearOne));
            nearOne.or(about);
            all.or(m);
        }
        return all.closed(across / 2 + 1).and(nearTwo);
    }

    /** A panel that shows where another of the same film was wanted is no rim. */
    private static List<Mask> asOneFilm(List<Layer> layers, List<Mask> near) {
        if (layers.stream().allMatch(l -> l.panel().isEmpty())) {
            return near;
        }
        List<Mask> joined = new ArrayList<>(near);
        for (int i = 0; i < layers.size(); i++) {
            Mask all = near.get(i).copy();
            for (int j = 0; j < layers.size(); j++) {
                if (j != i
                        && layers.get(i).panel().isPresent()
                        && layers.get(j).film().equals(layers.get(i).film())) {
                    all.or(near.get(j));
                }
            }
            joined.set(i, all);
        }
        return joined;
    }

    private static Stream<Counted> most(List<Counted> counted, ToLongFunction<Counted> pixels) {
        return counted.stream()
                .filter(c -> pixels.applyAsLong(c) > 0)
                .sorted(Comparator.comparingLong(pixels).reversed().thenComparingInt(Counted::number))
                .limit(MEASURED);
    }

    /** How much of a try is to be seen, without keeping any of it: row by row, from the top layer down. */
    private static Counted counted(Stacked stack, List<Mask> far, int number, List<Shift> shifts) {
        int layers = stack.layers.size();
        Mask farFromGround = far.get(layers);
        int words = farFromGround.wordsARow();
        long[] covered = new long[words];
        long[] lies = new long[words];
        long[] base = new long[words];
        long gap = 0;
        long rim = 0;
        for (int row = 0; row < farFromGround.rows(); row++) {
            Arrays.fill(covered, 0);
            for (int i = layers - 1; i >= 0; i--) {
                if (!stack.masks
                        .get(i)
                        .row(row - shifts.get(i).down(stack.grid), shifts.get(i).right(stack.grid), lies)) {
                    continue;
                }
                if (stack.onBase[i]) {
                    boolean there = stack.masks
                            .get(i - 1)
                            .row(
                                    row - shifts.get(i - 1).down(stack.grid),
                                    shifts.get(i - 1).right(stack.grid),
                                    base);
                    for (int w = 0; w < words; w++) {
                        lies[w] = there ? lies[w] & base[w] : 0;
                    }
                }
                for (int w = 0; w < words; w++) {
                    if (lies[w] != 0) {
                        rim += Long.bitCount(lies[w] & ~covered[w] & far.get(i).word(row, w));
                        covered[w] |= lies[w];
                    }
                }
            }
            for (int w = 0; w < words; w++) {
                gap += Long.bitCount(~covered[w] & farFromGround.word(row, w));
            }
        }
        return new Counted(number, gap, rim);
    }

    private static Region shows(Layer layer) {
        return switch (layer.role()) {
            case PLATE -> layer.seen();
            case PRINT -> layer.isCut() ? layer.region() : layer.print().everything();
            case FILM, BASE -> layer.region();
        };
    }

    private static List<List<Shift>> tries(int layers, double accuracyMm, long seed) {
        Random random = new Random(seed);
        List<List<Shift>> tries = new ArrayList<>();
        for (int i = 0; i < TRIES; i++) {
            List<Shift> shifts = new ArrayList<>(List.of(Shift.NONE));
            while (shifts.size() < layers) {
                double angle = 2 * Math.PI * random.nextDouble();
                double far = accuracyMm * Math.sqrt(random.nextDouble());
                shifts.add(new Shift(far * Math.cos(angle), far * Math.sin(angle)));
            }
            tries.add(shifts);
        }
        return tries;
    }

    /** What is seen of each layer, from the lowest, and at last the ground. Ink stays only where its base is. */
    private static List<Mask> looks(Stacked stack, List<Shift> shifts) {
        List<Mask> lie = new ArrayList<>();
        for (int i = 0; i < stack.masks.size(); i++) {
            Mask m = stack.masks
                    .get(i)
                    .moved(shifts.get(i).right(stack.grid), shifts.get(i).down(stack.grid));
            lie.add(stack.onBase[i] ? m.and(lie.get(i - 1)) : m);
        }
        Mask covered = Mask.empty(stack.grid.width(), stack.grid.height());
        Mask[] seen = new Mask[lie.size() + 1];
        for (int i = lie.size() - 1; i >= 0; i--) {
            seen[i] = lie.get(i).copy().without(covered);
            covered.or(lie.get(i));
        }
        seen[lie.size()] = covered.inverted();
        return List.of(seen);
    }

    private static Seen seen(Stacked stack, List<Mask> near, List<Shift> shifts) {
        List<Mask> looks = looks(stack, shifts);
        int ground = looks.size() - 1;
        Map<Integer, Mask> rims = new LinkedHashMap<>();
        for (int i = 0; i < ground; i++) {
            rims.put(i + 1, looks.get(i).copy().without(near.get(i)));
        }
        return new Seen(shifts, looks.get(ground).copy().without(near.get(ground)), rims);
    }

    /** What is seen of a try, as wide as it really is. */
    private static Try measured(Stacked stack, List<Region> shown, double accuracyMm, Seen seen) {
        Placement toFace = stack.grid.toPx().inverse();
        Optional<Point> gapAt = seen.gap.middle().map(toFace::apply);
        double gap = gapAt.map(at -> fine(stack, shown, accuracyMm, seen.shifts, at, 0))
                .orElse(0.0);
        int rimOf = 0;
        double rim = 0;
        Optional<Point> rimAt = Optional.empty();
        for (Map.Entry<Integer, Mask> e : seen.rims.entrySet()) {
            Optional<Point> at = e.getValue().middle().map(toFace::apply);
            double wide = at.map(p -> fine(stack, shown, accuracyMm, seen.shifts, p, e.getKey()))
                    .orElse(0.0);
            if (wide > rim) {
                rim = wide;
                rimOf = e.getKey();
                rimAt = at;
            }
        }
        return new Try(
                seen.shifts.stream().map(Shift::placement).toList(),
                gap,
                gap > 0 ? gapAt : Optional.empty(),
                rim,
                rimAt,
                rimOf);
    }

    /**
     * How wide it is around a place, in fine pixels.
     *
     * @param of the order of the layer that shows as a rim; 0 for a gap
     */
    private static double fine(
            Stacked stack, List<Region> shown, double accuracyMm, List<Shift> shifts, Point at, int of) {
        double half = AROUND * accuracyMm;
        Grid grid = Grid.over(
                Box.ofSize(at.xMm() - half, at.yMm() - half, 2 * half, 2 * half), FINE_PX_OF_ACCURACY / accuracyMm);
        Region window = Region.of(grid.box().grown(accuracyMm));
        List<Region> here = shown.stream().map(r -> r.intersect(window)).toList();
        List<Placement> still = here.stream().map(_ -> Placement.HERE).toList();
        Stacked meant = Stacked.of(grid, stack.layers, here, still);
        Stacked lies = Stacked.of(
                grid, stack.layers, here, shifts.stream().map(Shift::placement).toList());
        List<Mask> near = near(meant, (int) Math.ceil(FINE_PX_OF_ACCURACY));
        List<Mask> looks = looks(lies, shifts.stream().map(_ -> Shift.NONE).toList());
        int which = of == 0 ? looks.size() - 1 : of - 1;
        Mask fault = looks.get(which).copy().without(near.get(which));
        double mm = fault.widest() / grid.pxPerMm();
        return mm > UNSEEN_MM ? mm : 0;
    }

    /**
     * Of each layer that cuts those below it back: as far as it and any of them may be apart. The lowest lies where it
     * lies, so that is the accuracy; two others may be off in opposite directions.
     */
    private static List<Proposal> proposals(Stacked stack, double accuracyMm) {
        List<Proposal> proposals = new ArrayList<>();
        for (int upper = 1; upper < stack.layers.size(); upper++) {
            Layer layer = stack.layers.get(upper);
            double is = layer.join() instanceof Join.KnockedOut k ? k.overlapMm() : 0;
            double apart = 0;
            for (int lower = 0; lower < upper; lower++) {
                if (meet(stack, upper, lower)) {
                    apart = Math.max(apart, lower == 0 ? accuracyMm : 2 * accuracyMm);
                }
            }
            double needed = Math.ceil(apart / STEP_MM - 1e-9) * STEP_MM;
            if (!(layer.join() instanceof Join.LaidOver) && apart > 0 && needed > is + 1e-9) {
                proposals.add(new Proposal(layer.order(), layer.film(), new Join.KnockedOut(needed)));
            }
        }
        return proposals;
    }

    private static boolean meet(Stacked stack, int a, int b) {
        return !stack.masks.get(a).dilated(2).and(stack.masks.get(b)).isEmpty();
    }
}
