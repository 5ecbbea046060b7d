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
 */
public record FinishSequence(List<Step> steps, List<HeatTaken> heat, double secondsPerPiece, Solved solved) {
    public static final FinishSequence NOTHING = new FinishSequence(List.of(), List.of(), 0, Solved.NOTHING);

    public FinishSequence {
        steps = List.copyOf(steps);
        heat = List.copyOf(heat);
    }

    public FinishSequence(List<Step> steps, List<HeatTaken> heat, double secondsPerPiece) {
        this(steps, heat, secondsPerPiece, Solved.NOTHING);
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
        return new FinishSequence(all, both, secondsPerPiece + next.secondsPerPiece, solved.closings().isEmpty() ? next.solved : solved);
    }

    /** Where each closing heats its piece beside others of the same kind, each takes only its share of the press. */
    public FinishSequence sideBySide(int pieces) {
        double closed = steps.stream().filter(s -> s.kind().heats()).mapToDouble(Step::seconds).sum();
        return pieces < 2 ? this : new FinishSequence(steps, heat, secondsPerPiece - closed + closed / pieces, solved);
    }

    /** What everything has taken once the first steps are done. */
    public List<HeatTaken> heatAfter(int firstSteps) {
        return heat.stream().map(h -> {
            Map<Integer, Integer> closings = new HashMap<>();
            double taken = 0;
            for (Step s : steps.subList(0, Math.clamp(firstSteps, 0, steps.size()))) {
                if (s.kind().heats() && (h.layer() == 0 || s.down().contains(h.layer())) && closings.merge(s.closing(), 1, Integer::sum) <= h.times()) {
                    taken += s.seconds();
                }
            }
            return h.with(taken);
        }).toList();
    }
}
