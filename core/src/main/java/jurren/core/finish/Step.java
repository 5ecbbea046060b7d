package jurren.core.finish;

import jurren.core.material.Peel;
import jurren.core.material.Pressure;

/**
 * One thing done at the press.
 *
 * @param layer   the layer it is about, 1 for the lowest, 0 for the cloth alone
 * @param seconds under heat; for a peel, the time it takes
 * @param startS  when it begins, from the first step
 */
public record Step(int order, Kind kind, int layer, double celsius, double seconds, Pressure pressure, Peel peel,
                   double startS) {
    /** What is done. */
    public enum Kind {
        WARM, TACK, PEEL, PRESS, REPRESS;

        public boolean heats() {
            return this != PEEL;
        }
    }

    public double endS() {
        return startS + seconds;
    }
}
