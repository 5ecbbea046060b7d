package jurren.core.finish;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** How layers are put on at the table, without a press. */
public interface HandWork {

    /** The steps for layers that go on together. */
    void put(StepList steps, List<Integer> layers);

    /** Whether several that do not meet go on at once, as they lie beside each other. */
    default boolean takesSeveral() {
        return false;
    }

    /** The wait before the piece is used, after everything. */
    default Optional<HandTime> waits() {
        return Optional.empty();
    }

    /** Layers and how they are put on. */
    record Task(List<Integer> layers, HandWork work) {
        public Task {
            layers = List.copyOf(layers);
        }
    }

    /**
     * Cleaned once, then task after task, then the longest wait once. Waiting is left out of the time per
     * piece: nobody stands by.
     *
     * @param cloth whether it is brushed and not wiped
     */
    static FinishSequence of(List<Task> tasks, boolean cloth, HandTimes times) {
        if (tasks.isEmpty()) {
            return FinishSequence.NOTHING;
        }
        StepList steps = new StepList(times);
        steps.hand(cloth ? TableStep.LINT : TableStep.CLEAN, 0, cloth ? HandTime.LINT : HandTime.CLEAN);
        tasks.forEach(t -> t.work.put(steps, t.layers));
        double hands = steps.handsS();
        tasks.stream()
                .flatMap(t -> t.work.waits().stream())
                .max(Comparator.comparingDouble(times::of))
                .ifPresent(s -> steps.hand(TableStep.WAIT, tasks.getLast().layers, s));
        return new FinishSequence(steps.steps(), List.of(), hands);
    }

    /**
     * What goes on by hand in as few goes as it can: whatever meets nothing that came since goes on with the last.
     *
     * @param layers their numbers from the first laid, with how each is put on
     * @param lying  who lies on whom, by the same order
     */
    static List<Task> inGoes(List<Task> layers, LayerOverlaps lying) {
        List<Task> goes = new ArrayList<>();
        List<Integer> last = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            Task t = layers.get(i);
            int index = i;
            boolean joins = !goes.isEmpty()
                    && t.work.takesSeveral()
                    && goes.getLast().work.getClass() == t.work.getClass()
                    && last.stream().noneMatch(j -> lying.isOn(index, j));
            if (joins) {
                List<Integer> more = new ArrayList<>(goes.removeLast().layers);
                more.addAll(t.layers);
                goes.add(new Task(more, t.work));
            } else {
                goes.add(t);
                last.clear();
            }
            last.add(i);
        }
        return goes;
    }

    /** The same work for layers 1 to n, each on the one before. */
    static List<Task> each(HandWork work, int layers) {
        List<Task> tasks = new ArrayList<>();
        for (int layer = 1; layer <= layers; layer++) {
            tasks.add(new Task(List.of(layer), work));
        }
        return tasks;
    }
}
