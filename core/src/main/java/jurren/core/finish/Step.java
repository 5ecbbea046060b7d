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
 */
public record Step(
        int order,
        Kind kind,
        List<Integer> layers,
        List<Integer> down,
        double celsius,
        double seconds,
        Pressure pressure,
        Peel peel,
        double startS,
        int closing,
        int position) {
    /** What is done. */
    public enum Kind {
        WARM(true),
        TACK(true),
        PEEL(false),
        PRESS(true),
        REPRESS(true),
        CLEAN(false),
        TAPE(false),
        BACKING(false),
        LAY(false),
        BURNISH(false),
        LIFT(false),
        WAIT(false),
        TAPE_SHEET(false),
        TURN(false),
        MASK(false),
        TURN_OVER(false),
        WAY_UP(false),
        PUSH_OUT(false),
        FIX(false),
        PAINT(false),
        LIFT_PLATE(false),
        LIFT_STENCIL(false),
        DRY(false),
        WEED(false),
        PILLOW(false),
        LINT(false),
        HINGE(false),
        COOL(false),
        SLEEVE(false),
        SET_STONES(false);

        private final boolean heats;

        Kind(boolean heats) {
            this.heats = heats;
        }

        public boolean heats() {
            return heats;
        }
    }

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
                position);
    }
}
