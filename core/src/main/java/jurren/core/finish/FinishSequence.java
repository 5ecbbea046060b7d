package jurren.core.finish;

import java.util.List;

/**
 * What is done to one piece, at the press or at the table.
 *
 * @param heat what every layer and the thing itself take; empty for cold work
 */
public record FinishSequence(List<Step> steps, List<HeatTaken> heat, double secondsPerPiece) {
    static final FinishSequence NOTHING = new FinishSequence(List.of(), List.of(), 0);

    public FinishSequence {
        steps = List.copyOf(steps);
        heat = List.copyOf(heat);
    }
}
