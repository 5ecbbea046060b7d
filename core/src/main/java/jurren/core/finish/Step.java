package jurren.core.finish;

import jurren.core.material.Peel;
import jurren.core.material.Pressure;

/**
 * One thing done at the press or at the table.
 *
 * @param layer   the layer it is about, 1 for the lowest, 0 for the cloth alone
 * @param seconds under heat, or the time it takes
 * @param startS  when it begins, from the first step
 */
public record Step(int order, Kind kind, int layer, double celsius, double seconds, Pressure pressure, Peel peel,
                   double startS) {
    /** What is done. */
    public enum Kind {
        WARM(true), TACK(true), PEEL(false), PRESS(true), REPRESS(true),
        CLEAN(false), TAPE(false), BACKING(false), LAY(false), BURNISH(false), LIFT(false), WAIT(false),
        TAPE_SHEET(false), TURN(false), MASK(false), TURN_OVER(false), WAY_UP(false),
        PUSH_OUT(false), FIX(false), PAINT(false), LIFT_PLATE(false), LIFT_STENCIL(false), DRY(false);

        private final boolean heats;

        Kind(boolean heats) {
            this.heats = heats;
        }

        public boolean heats() {
            return heats;
        }
    }

    public double endS() {
        return startS + seconds;
    }
}
