package jurren.core.finish;

import jurren.core.material.Peel;
import jurren.core.material.Pressure;
import jurren.core.material.Recipe;
import java.util.ArrayList;
import java.util.List;

/** Steps one after the other, with the time at which each begins. */
public final class StepList {
    /** Opening, laying the film and closing, before each press. */
    static final double HANDLING_S = 10;
    private static final double PEEL_S = 5;

    private final List<Step> steps = new ArrayList<>();
    private double now;
    private double unattendedS;

    void press(Step.Kind kind, int layer, double celsius, double seconds, Pressure pressure, Peel peel) {
        now += kind == Step.Kind.WARM ? 0 : HANDLING_S;
        add(new Step(steps.size() + 1, kind, layer, celsius, seconds, pressure, peel, now));
    }

    void peel(int layer, Recipe r) {
        add(new Step(steps.size() + 1, Step.Kind.PEEL, layer, 0, PEEL_S, r.pressure(), r.peel(), now));
    }

    /** Something done by hand. */
    void hand(Step.Kind kind, int layer, double seconds) {
        add(new Step(steps.size() + 1, kind, layer, 0, seconds, Pressure.LIGHT, Peel.COLD, now));
    }

    /** Something that happens while nobody stands by. */
    void unattended(Step.Kind kind, int layer, double seconds) {
        hand(kind, layer, seconds);
        unattendedS += seconds;
    }

    private void add(Step step) {
        steps.add(step);
        now += step.seconds();
    }

    double endS() {
        return now;
    }

    /** The time hands are at it. */
    double handsS() {
        return now - unattendedS;
    }

    List<Step> steps() {
        return List.copyOf(steps);
    }
}
