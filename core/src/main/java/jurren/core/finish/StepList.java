package jurren.core.finish;

import java.util.ArrayList;
import java.util.List;
import jurren.core.material.Peel;
import jurren.core.material.Pressure;
import jurren.core.material.Recipe;

/** Steps one after the other, with the time at which each begins. */
public final class StepList {
    /** Opening, laying the film and closing, before each press. */
    static final double HANDLING_S = ClosingSearch.HANDLING_S;

    static final double PEEL_S = 5;

    private final List<Step> steps = new ArrayList<>();
    private double now;
    private double unattendedS;
    private int closing;

    /** The next closing begins; what is pressed until then belongs to it. */
    void nextClosing() {
        closing++;
    }

    void press(
            Step.Kind kind,
            List<Integer> layers,
            List<Integer> down,
            double celsius,
            double seconds,
            Pressure pressure,
            int position) {
        now += kind == Step.Kind.WARM ? 0 : HANDLING_S;
        add(new Step(
                steps.size() + 1, kind, layers, down, celsius, seconds, pressure, Peel.COLD, now, closing, position));
    }

    void peel(int layer, Recipe r) {
        peel(List.of(layer), r.peel(), 0);
    }

    /** @param coolS how long it lies before */
    void peel(List<Integer> layers, Peel peel, double coolS) {
        add(new Step(
                steps.size() + 1,
                Step.Kind.PEEL,
                layers,
                List.of(),
                0,
                coolS + PEEL_S * layers.size(),
                Pressure.LIGHT,
                peel,
                now,
                0,
                0));
    }

    /** Something done by hand. */
    void hand(Step.Kind kind, int layer, double seconds) {
        hand(kind, layer == 0 ? List.of() : List.of(layer), seconds);
    }

    void hand(Step.Kind kind, List<Integer> layers, double seconds) {
        add(new Step(steps.size() + 1, kind, layers, List.of(), 0, seconds, Pressure.LIGHT, Peel.COLD, now, 0, 0));
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
