package jurren.core.finish;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How one layer is put on at the table, without a press. */
public interface HandWork {
    double CLEAN_S = 60;

    /** The steps for one layer. */
    void put(StepList steps, int layer);

    /** The wait before the piece is used, after everything. */
    default Optional<Double> waitS() {
        return Optional.empty();
    }

    /** One layer and how it is put on. */
    record Task(int layer, HandWork work) {
    }

    /**
     * Cleaned once, then task after task, then the longest wait once. Waiting is left out of the time per
     * piece: nobody stands by.
     */
    static FinishSequence of(List<Task> tasks) {
        if (tasks.isEmpty()) {
            return FinishSequence.NOTHING;
        }
        StepList steps = new StepList();
        steps.hand(Step.Kind.CLEAN, 0, CLEAN_S);
        tasks.forEach(t -> t.work.put(steps, t.layer));
        double hands = steps.handsS();
        tasks.stream().flatMap(t -> t.work.waitS().stream()).max(Double::compare)
                .ifPresent(s -> steps.hand(Step.Kind.WAIT, tasks.getLast().layer, s));
        return new FinishSequence(steps.steps(), List.of(), hands);
    }

    /** The same work for layers 1 to n. */
    static List<Task> each(HandWork work, int layers) {
        List<Task> tasks = new ArrayList<>();
        for (int layer = 1; layer <= layers; layer++) {
            tasks.add(new Task(layer, work));
        }
        return tasks;
    }
}
