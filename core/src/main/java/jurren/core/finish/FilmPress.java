package jurren.core.finish;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import jurren.core.material.Peel;

/**
 * The steps of a solved press sequence.
 *
 * <ol>
 *   <li>A pillow where seams or zips would keep the platen off; warm the cloth, to drive out damp.
 *   <li>For each closing lay what comes down in it (masked films are lifted off their backing first, sheets taped),
 * close
 *       over each position that reaches any of it, let it cool as its peel says, peel.
 *   <li>Where what was bonded last wants it, and everything bears it, cover and press again briefly.
 * </ol>
 *
 * <p>Example: two smooth films (10 to 15 s, 30 s in all, tack 3 s) on cotton, one on the other: warm 4, tack 3, press
 * 12, again 3. The lower takes 3 + 12 + 3 = 18 s of 10 to 30, the upper 15, the cloth 22.
 */
public final class FilmPress {

    private FilmPress() {}

    /** @param pillow whether something stands up under the platen */
    public static FinishSequence of(Pressing p, Solved solved, boolean pillow) {
        if (solved.closings().isEmpty()) {
            return FinishSequence.NOTHING;
        }
        StepList b = new StepList(p.times());
        List<Closing> closings = solved.closings();
        Set<Integer> everywhere =
                p.layers().stream().flatMap(l -> l.positions().stream()).collect(Collectors.toCollection(TreeSet::new));
        if (pillow) {
            b.hand(HeatStep.PILLOW, 0, HandTime.PILLOW);
        }
        if (p.cloth().isCloth()) {
            b.nextClosing();
            for (int position : everywhere) {
                b.press(
                        HeatStep.WARM,
                        List.of(),
                        List.of(),
                        closings.getFirst().celsius(),
                        p.times().of(HandTime.WARM),
                        closings.getFirst().pressure(),
                        position);
            }
        }
        for (Closing c : closings) {
            close(b, p, c);
        }
        double againS = againS(p, closings);
        if (againS > 0) {
            Closing last = closings.getLast();
            b.nextClosing();
            List<Integer> down = last.down();
            for (int position : reached(p, down)) {
                b.press(
                        HeatStep.REPRESS,
                        List.of(),
                        numbers(p, under(p, down, position)),
                        last.celsius(),
                        againS,
                        last.pressure(),
                        position);
            }
        }
        FinishSequence all =
                new FinishSequence(b.steps(), limits(p), b.handsS() + p.times().of(HandTime.HANDLING), solved);
        return new FinishSequence(all.steps(), all.heatAfter(all.steps().size()), all.secondsPerPiece(), solved);
    }

    private static void close(StepList b, Pressing p, Closing c) {
        for (int i : c.laid()) {
            p.layers().get(i).readied().forEach(r -> b.ready(p.layers().get(i).layer(), r));
            if (p.layers().get(i).sheet()) {
                b.hand(SheetStep.TAPE_SHEET, p.layers().get(i).layer(), HandTime.SHEET_TAPE);
            }
        }
        b.nextClosing();
        List<Integer> concerned = new ArrayList<>(c.laid());
        c.bonded().stream().filter(i -> !concerned.contains(i)).forEach(concerned::add);
        for (int position : reached(p, concerned)) {
            List<Integer> here = concerned.stream()
                    .filter(i -> p.layers().get(i).positions().contains(position))
                    .toList();
            List<Integer> laid = c.laid().stream().filter(here::contains).toList();
            StepKind kind = c.bonded().stream().anyMatch(here::contains) ? HeatStep.PRESS : HeatStep.TACK;
            b.press(
                    kind,
                    numbers(p, laid),
                    numbers(p, under(p, c.down(), position)),
                    c.celsius(),
                    c.seconds(),
                    c.pressure(),
                    position);
        }
        for (Peel peel : Peel.values()) {
            List<Integer> off = c.laid().stream()
                    .filter(i -> p.layers().get(i).recipe().peel() == peel)
                    .toList();
            if (!off.isEmpty()) {
                b.peel(
                        numbers(p, off),
                        peel,
                        off.stream()
                                .mapToDouble(i -> Cooling.untilPeeled(p.layers().get(i), c.celsius()))
                                .max()
                                .orElse(0));
            }
        }
    }

    private static Set<Integer> reached(Pressing p, List<Integer> layers) {
        return layers.stream()
                .flatMap(i -> p.layers().get(i).positions().stream())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static List<Integer> under(Pressing p, List<Integer> down, int position) {
        return down.stream()
                .filter(i -> p.layers().get(i).positions().contains(position))
                .toList();
    }

    private static List<Integer> numbers(Pressing p, List<Integer> indices) {
        return indices.stream().map(i -> p.layers().get(i).layer()).toList();
    }

    /** As long as what was bonded last wants, unless something does not bear it. */
    private static double againS(Pressing p, List<Closing> closings) {
        Closing last = closings.getLast();
        double wanted = last.bonded().stream()
                .filter(i -> !p.layers().get(i).sheet())
                .mapToDouble(i -> p.layers().get(i).recipe().againS())
                .max()
                .orElse(0);
        boolean refuses =
                last.down().stream().anyMatch(i -> p.layers().get(i).recipe().once());
        if (wanted == 0 || refuses) {
            return 0;
        }
        List<Closing> with = new ArrayList<>(closings);
        with.add(new Closing(List.of(), List.of(), last.down(), last.celsius(), wanted, last.pressure()));
        return Dwells.isBorne(p, with) ? wanted : 0;
    }

    private static List<HeatTaken> limits(Pressing p) {
        List<HeatTaken> heat = new ArrayList<>();
        heat.add(new HeatTaken(0, 0, 0, p.cloth().mostTotalS(), p.clothTimes()));
        p.layers()
                .forEach(l -> heat.add(new HeatTaken(
                        l.layer(), 0, l.recipe().leastS(), l.recipe().mostTotalS(), l.times())));
        return heat;
    }

    /** What is lifted from all layers before anything else. */
    public static FinishSequence weeding(List<Integer> layers, double seconds) {
        StepList b = new StepList(HandTimes.USUAL);
        b.hand(TableStep.WEED, layers, seconds);
        return new FinishSequence(b.steps(), List.of(), b.endS());
    }

    /** Between two places of a thing: what was pressed faces the lower plate now. */
    public static FinishSequence turningOver(HandTimes times) {
        StepList b = new StepList(times);
        b.hand(HeatStep.TURN_OVER, 0, HandTime.TURN_OVER);
        return new FinishSequence(b.steps(), List.of(), b.endS());
    }

    /** What its owner sees upside down as it lies on the bench, like a lid that is opened. */
    public static FinishSequence wayUp(HandTimes times) {
        StepList b = new StepList(times);
        b.hand(HeatStep.WAY_UP, 0, HandTime.WAY_UP);
        return new FinishSequence(b.steps(), List.of(), b.endS());
    }
}
