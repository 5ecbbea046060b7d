package jurren.core.finish;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What is done to one piece, at the press or at the table.
 *
 * @param heat           what every layer and the thing itself take; empty for cold work
 * @param secondsPerPiece the time hands are at it for each piece
 * @param solved         how its closings were found, where a press sequence was looked for
 * @param together       how many are pressed side by side in one closing
 */
public record FinishSequence(
        List<Step> steps, List<HeatTaken> heat, double secondsPerPiece, Solved solved, int together) {
    public static final FinishSequence NOTHING = new FinishSequence(List.of(), List.of(), 0, Solved.NOTHING, 1);

    public FinishSequence {
        steps = List.copyOf(steps);
        heat = List.copyOf(heat);
    }

    public FinishSequence(List<Step> steps, List<HeatTaken> heat, double secondsPerPiece) {
        this(steps, heat, secondsPerPiece, Solved.NOTHING, 1);
    }

    FinishSequence(List<Step> steps, List<HeatTaken> heat, double secondsPerPiece, Solved solved) {
        this(steps, heat, secondsPerPiece, solved, 1);
    }

    /** This, and then another. */
    public FinishSequence then(FinishSequence next) {
        if (steps.isEmpty() || next.steps.isEmpty()) {
            return steps.isEmpty() ? next : this;
        }
        List<Step> all = new ArrayList<>(steps);
        int closings = steps.stream().mapToInt(Step::closing).max().orElse(0);
        next.steps.forEach(s -> all.add(s.after(steps.size(), steps.getLast().endS(), closings)));
        List<HeatTaken> both = new ArrayList<>(heat);
        both.addAll(next.heat);
        return new FinishSequence(
                all,
                both,
                secondsPerPiece + next.secondsPerPiece,
                solved.then(next.solved),
                Math.max(together, next.together));
    }

    /** Where each closing heats its piece beside others of the same kind, each takes only its share of the press. */
    public FinishSequence sideBySide(int pieces) {
        double closed = steps.stream()
                .filter(s -> s.kind().heats())
                .mapToDouble(Step::seconds)
                .sum();
        return pieces < 2
                ? this
                : new FinishSequence(steps, heat, secondsPerPiece - closed + closed / pieces, solved, pieces);
    }

    /**
     * How long pieces take one after the other at one press and one pair of hands: while one cools the next goes under
     * the press.
     */
    public double secondsFor(int pieces) {
        return secondsFor(steps, pieces, together);
    }

    /** The same for a part of the steps. */
    public static double secondsFor(List<Step> steps, int pieces, int together) {
        double all = 0;
        double busy = 0;
        for (Step s : steps) {
            if (!s.kind().isAttended()) {
                continue;
            }
            if (s.kind().heats()) {
                busy += s.handsS() + s.seconds() / together;
            } else if (s.kind().does(StepKind.Role.PEELS)) {
                double hands = Math.min(s.seconds(), s.handsS());
                busy += hands;
                all += Math.max(pieces * busy, busy + s.seconds() - hands);
                busy = 0;
            } else {
                busy += s.seconds();
            }
        }
        double opening = steps.stream()
                .filter(s -> s.kind().heats())
                .mapToDouble(Step::handsS)
                .max()
                .orElse(0);
        return all + pieces * (busy + opening);
    }

    /** Whether the thing is turned over before it. */
    public boolean turnsOver() {
        return steps.stream().anyMatch(s -> s.kind().does(StepKind.Role.TURNS_OVER));
    }

    /** What everything has taken once the first steps are done. */
    public List<HeatTaken> heatAfter(int firstSteps) {
        return heat.stream()
                .map(h -> {
                    Map<Integer, Integer> closings = new HashMap<>();
                    double taken = 0;
                    for (Step s : steps.subList(0, Math.clamp(firstSteps, 0, steps.size()))) {
                        if (s.kind().heats()
                                && (h.layer() == 0 || s.down().contains(h.layer()))
                                && closings.merge(s.closing(), 1, Integer::sum) <= h.times()) {
                            taken += s.seconds();
                        }
                    }
                    return h.with(taken);
                })
                .toList();
    }
}
