package jurren.core.finish;

import java.util.List;
import jurren.core.material.Peel;
import jurren.core.material.Pressure;

/**
 * One thing done at the press or at the table.
 *
 * @param layers    the layers it is about, in the order in which they are laid; none for the thing alone
 * @param down      the layers that lie under the press while it is closed, and are heated with it
 * @param seconds   under heat, or the time it takes
 * @param startS    when it begins, from the first step
 * @param closing   which closing of the sequence it belongs to, from 1; 0 for what is no closing
 * @param position  over which of the positions the press closes, from 0
 * @param handsS    that somebody is at it: before the press closes, or while a carrier is pulled
 */
public record Step(
        int order,
        StepKind kind,
        List<Integer> layers,
        List<Integer> down,
        double celsius,
        double seconds,
        Pressure pressure,
        Peel peel,
        double startS,
        int closing,
        int position,
        double handsS) {
    public Step {
        layers = List.copyOf(layers);
        down = List.copyOf(down);
    }

    /** The topmost it is about; 0 for the thing alone. */
    public int layer() {
        return layers.stream().max(Integer::compare).orElse(0);
    }

    public double endS() {
        return startS + seconds;
    }

    Step after(int steps, double laterS, int closings) {
        return new Step(
                order + steps,
                kind,
                layers,
                down,
                celsius,
                seconds,
                pressure,
                peel,
                startS + laterS,
                closing == 0 ? 0 : closing + closings,
                position,
                handsS);
    }
}
