package jurren.core.finish;

import java.util.ArrayList;
import java.util.List;
import jurren.core.material.Peel;
import jurren.core.material.Pressure;
import jurren.core.material.Recipe;

/** Steps one after the other, with the time at which each begins. */
public final class StepList {

    private final HandTimes times;
    private final List<Step> steps = new ArrayList<>();
    private double now;
    private double unattendedS;
    private int closing;

    StepList(HandTimes times) {
        this.times = times;
    }

    HandTimes times() {
        return times;
    }

    /** The next closing begins; what is pressed until then belongs to it. */
    void nextClosing() {
        closing++;
    }

    void press(
            StepKind kind,
            List<Integer> layers,
            List<Integer> down,
            double celsius,
            double seconds,
            Pressure pressure,
            int position) {
        double handling = kind.isLinedUp() ? times.of(HandTime.HANDLING) : 0;
        now += handling;
        add(new Step(
                steps.size() + 1,
                kind,
                layers,
                down,
                celsius,
                seconds,
                pressure,
                Peel.COLD,
                now,
                closing,
                position,
                handling));
    }

    void peel(int layer, Recipe r) {
        peel(List.of(layer), r.peel(), 0);
    }

    /** @param coolS how long it lies before */
    void peel(List<Integer> layers, Peel peel, double coolS) {
        add(new Step(
                steps.size() + 1,
                HeatStep.PEEL,
                layers,
                List.of(),
                0,
                coolS + times.of(HandTime.PEELING) * layers.size(),
                Pressure.LIGHT,
                peel,
                now,
                0,
                0,
                times.of(HandTime.PEELING) * layers.size()));
    }

    /** Something done by hand. */
    void hand(StepKind kind, int layer, HandTime time) {
        hand(kind, layer == 0 ? List.of() : List.of(layer), time);
    }

    void hand(StepKind kind, List<Integer> layers, HandTime time) {
        hand(kind, layers, times.of(time));
    }

    void hand(StepKind kind, List<Integer> layers, double seconds) {
        add(new Step(
                steps.size() + 1, kind, layers, List.of(), 0, seconds, Pressure.LIGHT, Peel.COLD, now, 0, 0, seconds));
    }

    /** What is done to a layer before it is laid; nobody waits for what is in a heat of its own. */
    void ready(int layer, Readying r) {
        double seconds = times.of(r.time());
        add(new Step(
                steps.size() + 1,
                r.kind(),
                List.of(layer),
                List.of(),
                r.celsius(),
                seconds,
                Pressure.LIGHT,
                Peel.COLD,
                now,
                0,
                0,
                seconds));
        unattendedS += r.kind().isAttended() ? 0 : seconds;
    }

    /** Something that happens while nobody stands by. */
    void unattended(StepKind kind, int layer, HandTime time) {
        hand(kind, layer, time);
        unattendedS += times.of(time);
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
