package jurren.core.finish;

import java.util.ArrayList;
import java.util.List;

/**
 * What is done to one piece, at the press or at the table.
 *
 * @param heat what every layer and the thing itself take; empty for cold work
 */
public record FinishSequence(List<Step> steps, List<HeatTaken> heat, double secondsPerPiece) {
    public static final FinishSequence NOTHING = new FinishSequence(List.of(), List.of(), 0);

    public FinishSequence {
        steps = List.copyOf(steps);
        heat = List.copyOf(heat);
    }

    /** This, and then another. */
    public FinishSequence then(FinishSequence next) {
        if (steps.isEmpty() || next.steps.isEmpty()) {
            return steps.isEmpty() ? next : this;
        }
        List<Step> all = new ArrayList<>(steps);
        double after = steps.getLast().endS();
        next.steps.forEach(s -> all.add(new Step(all.size() + 1, s.kind(), s.layer(), s.celsius(), s.seconds(), s.pressure(), s.peel(),
                s.startS() + after)));
        List<HeatTaken> both = new ArrayList<>(heat);
        both.addAll(next.heat);
        return new FinishSequence(all, both, secondsPerPiece + next.secondsPerPiece);
    }
}
