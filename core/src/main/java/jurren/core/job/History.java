package jurren.core.job;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * The jobs before and after this one. Unlimited: jobs share what did not change. A gesture that makes
 * many jobs on its way (a drag) counts as one step.
 */
public final class History {
    private final Deque<Job> before = new ArrayDeque<>();
    private final Deque<Job> after = new ArrayDeque<>();
    private Job now;
    private Object gesture;

    public History(Job start) {
        this.now = start;
    }

    public Job now() {
        return now;
    }

    /** A step of its own. */
    public void edit(Job next) {
        edit(next, null);
    }

    /** @param gestureOf edits that follow each other with the same gesture are one step; null for none */
    public void edit(Job next, Object gestureOf) {
        if (next.equals(now)) {
            return;
        }
        if (gestureOf == null || !gestureOf.equals(gesture)) {
            before.push(now);
        }
        gesture = gestureOf;
        after.clear();
        now = next;
    }

    /** Something that no undo takes back: it is so in the job as it was, is and may become again. */
    public void always(UnaryOperator<Job> fact) {
        now = fact.apply(now);
        replaceAll(before, fact);
        replaceAll(after, fact);
        gesture = null;
    }

    private static void replaceAll(Deque<Job> jobs, UnaryOperator<Job> fact) {
        List<Job> all = jobs.stream().map(fact).toList();
        jobs.clear();
        jobs.addAll(all);
    }

    /** The job that undoing brings back. */
    public Optional<Job> before() {
        return Optional.ofNullable(before.peek());
    }

    /** The job that doing again brings back. */
    public Optional<Job> after() {
        return Optional.ofNullable(after.peek());
    }

    public boolean canUndo() {
        return !before.isEmpty();
    }

    public boolean canRedo() {
        return !after.isEmpty();
    }

    public void undo() {
        if (canUndo()) {
            after.push(now);
            now = before.pop();
            gesture = null;
        }
    }

    public void redo() {
        if (canRedo()) {
            before.push(now);
            now = after.pop();
            gesture = null;
        }
    }
}
