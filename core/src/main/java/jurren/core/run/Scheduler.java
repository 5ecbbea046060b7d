package jurren.core.run;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import jurren.core.stop.Stop;

/**
 * Orders tasks over machines and hands: one temperature at a time per press, heating up and changing film cost time,
 * each machine and each pair of hands does one thing at a time.
 *
 * <p>An order is built by dispatching: of the tasks that can begin soonest the most urgent begins. Urgent is what the
 * longest work still waits for; then urgencies are changed at random, a few at a time, and kept where the run is not
 * longer. The same tasks give the same order.
 *
 * <p>The bound is the largest of: the longest chain of tasks; for hands and for each machine, what it has to do, after
 * the soonest it can begin and before the least that follows.
 */
public final class Scheduler {
    /** A press warms at once when it is free; from room temperature it takes about nine minutes to 155 °C. */
    private static final double WARMING_S_A_DEGREE = 4;

    private static final double COOLING_S_A_DEGREE = 8;
    private static final double ROOM_C = 22;
    /** Taking one film out and another in, beyond what each load takes. */
    private static final long MOST_STEPS = 10_000_000;

    private static final int MOST_TRIES = 6000;
    /** Waits for nothing more, and is not looked at again. */
    private static final int BEGUN = -1;

    private final List<RunTask> tasks;
    private final Means means;
    private final int n;
    private final int[][] before;
    private final int[][] following;
    private final int[] machine;
    private final List<Machine> machines;
    private final double[] tail;
    private final double[] head;

    private Scheduler(List<RunTask> tasks, Means means) {
        this.tasks = tasks;
        this.means = means;
        this.n = tasks.size();
        Map<String, Integer> index = new HashMap<>();
        for (int i = 0; i < n; i++) {
            if (index.put(tasks.get(i).id(), i) != null) {
                throw new IllegalArgumentException(
                        "two tasks are called " + tasks.get(i).id());
            }
        }
        this.before = new int[n][];
        for (int i = 0; i < n; i++) {
            before[i] = tasks.get(i).after().stream()
                    .distinct()
                    .filter(index::containsKey)
                    .mapToInt(index::get)
                    .toArray();
        }
        this.following = new int[n][];
        for (int i = 0; i < n; i++) {
            int b = i;
            following[i] = IntStream.range(0, n)
                    .filter(a -> Arrays.stream(before[a]).anyMatch(x -> x == b))
                    .toArray();
        }
        this.machines = tasks.stream().map(RunTask::machine).distinct().toList();
        this.machine =
                tasks.stream().mapToInt(t -> machines.indexOf(t.machine())).toArray();
        this.head = new double[n];
        this.tail = new double[n];
        int[] order = topological();
        for (int i : order) {
            for (int b : before[i]) {
                head[i] = Math.max(head[i], head[b] + tasks.get(b).seconds());
            }
            head[i] = Math.max(head[i], warming(ROOM_C, tasks.get(i)));
        }
        for (int k = n - 1; k >= 0; k--) {
            int i = order[k];
            for (int b : before[i]) {
                tail[b] = Math.max(tail[b], tail[i] + tasks.get(i).seconds());
            }
        }
    }

    public static Schedule of(List<RunTask> tasks, Means means) {
        if (tasks.isEmpty()) {
            return new Schedule(List.of(), 0, 0);
        }
        return new Scheduler(tasks, means).best();
    }

    private int[] topological() {
        int[] order = new int[n];
        boolean[] done = new boolean[n];
        int count = 0;
        while (count < n) {
            int was = count;
            for (int i = 0; i < n; i++) {
                if (!done[i] && Arrays.stream(before[i]).allMatch(b -> done[b])) {
                    done[i] = true;
                    order[count++] = i;
                }
            }
            if (count == was) {
                throw new IllegalArgumentException("tasks wait for each other in a ring");
            }
        }
        return order;
    }

    private Schedule best() {
        Random random = new Random(n);
        double bound = bound();
        double[] urgency = new double[n];
        for (int i = 0; i < n; i++) {
            urgency[i] = tail[i] + tasks.get(i).seconds();
        }
        double scale = Arrays.stream(urgency).max().orElse(1);
        List<Schedule.Slot> best = dispatched(urgency);
        double end = end(best);
        long tries = Math.min(MOST_TRIES, MOST_STEPS / ((long) n * n) + 20);
        for (long k = 0; k < tries && end > bound * 1.0005; k++) {
            Stop.here().look();
            double[] changed = urgency.clone();
            for (int c = 1 + random.nextInt(3); c > 0; c--) {
                changed[random.nextInt(n)] += scale * (random.nextDouble() - 0.5);
            }
            List<Schedule.Slot> tried = dispatched(changed);
            if (end(tried) <= end) {
                end = end(tried);
                best = tried;
                urgency = changed;
            }
        }
        List<Schedule.Slot> sorted = new ArrayList<>(best);
        sorted.sort(Comparator.comparingDouble(Schedule.Slot::startS));
        return new Schedule(sorted, end, Math.min(bound, end));
    }

    private static double end(List<Schedule.Slot> slots) {
        return slots.stream().mapToDouble(Schedule.Slot::endS).max().orElse(0);
    }

    private static double warming(double fromC, RunTask t) {
        if (t.celsius() == 0) {
            return 0;
        }
        return t.celsius() >= fromC
                ? (t.celsius() - fromC) * WARMING_S_A_DEGREE
                : (fromC - t.celsius()) * COOLING_S_A_DEGREE;
    }

    /** What one machine was left with. */
    private final class Unit {
        private double free;
        private double celsius = ROOM_C;
        private String film = "";

        double setup(RunTask t) {
            return t.celsius() > 0
                    ? warming(celsius, t)
                    : t.film().isEmpty() || t.film().equals(film) ? 0 : means.filmChangeS();
        }
    }

    private List<Schedule.Slot> dispatched(double[] urgency) {
        Unit[][] units = new Unit[machines.size()][];
        for (int m = 0; m < units.length; m++) {
            int count = machines.get(m).kind().isOne() ? means.units(machines.get(m)) : means.hands();
            units[m] = new Unit[count];
            Arrays.setAll(units[m], _ -> new Unit());
        }
        double[] hands = new double[means.hands()];
        double[] ready = new double[n];
        int[] waiting = new int[n];
        Arrays.setAll(waiting, i -> before[i].length);
        List<Schedule.Slot> slots = new ArrayList<>(n);
        for (int count = 0; count < n; count++) {
            double freeHand = Arrays.stream(hands).min().orElse(0);
            int next = -1;
            double soonest = Double.POSITIVE_INFINITY;
            int unit = 0;
            for (int i = 0; i < n; i++) {
                if (waiting[i] != 0) {
                    continue;
                }
                int u = bestUnit(units[machine[i]], tasks.get(i));
                double start = start(tasks.get(i), units[machine[i]][u], ready[i], freeHand);
                if (start < soonest - 1e-9 || start <= soonest + 1e-9 && urgency[i] > urgency[next]) {
                    soonest = start;
                    next = i;
                    unit = u;
                }
            }
            Schedule.Slot slot = put(next, soonest, unit, units, hands);
            slots.add(slot);
            waiting[next] = BEGUN;
            for (int a : following[next]) {
                waiting[a]--;
                ready[a] = Math.max(ready[a], slot.endS());
            }
        }
        return slots;
    }

    private static int bestUnit(Unit[] units, RunTask t) {
        int best = 0;
        for (int u = 1; u < units.length; u++) {
            best = units[u].free + units[u].setup(t) < units[best].free + units[best].setup(t) ? u : best;
        }
        return best;
    }

    /** Film is changed by hands, as they come to it; a press warms by itself. */
    private static double start(RunTask t, Unit unit, double ready, double freeHand) {
        double setup = unit.setup(t);
        double byItself = t.celsius() > 0 ? setup : 0;
        double byHand = t.celsius() > 0 ? 0 : setup;
        double free = t.handsS() + byHand > 0 ? freeHand : 0;
        return Math.max(Math.max(ready, free), unit.free + byItself) + byHand;
    }

    private Schedule.Slot put(int i, double start, int unit, Unit[][] units, double[] hands) {
        RunTask t = tasks.get(i);
        Unit u = units[machine[i]][unit];
        double setup = u.setup(t);
        int pair = -1;
        if (t.handsS() > 0) {
            pair = 0;
            // the pair that comes from its last work latest, so that others stay free for what comes sooner
            for (int h = 0; h < hands.length; h++) {
                double began = start - (t.celsius() > 0 ? 0 : setup);
                boolean can = hands[h] <= began + 1e-9;
                boolean could = hands[pair] <= began + 1e-9;
                pair = can && (!could || hands[h] > hands[pair]) ? h : pair;
            }
            hands[pair] = start + t.handsS();
        }
        u.free = start + t.seconds();
        u.celsius = t.celsius() > 0 ? t.celsius() : u.celsius;
        u.film = t.film().isEmpty() ? u.film : t.film();
        return new Schedule.Slot(t, start, unit, pair, setup);
    }

    // ---- the bound

    private double bound() {
        double bound = 0;
        for (int i = 0; i < n; i++) {
            bound = Math.max(bound, head[i] + tasks.get(i).seconds() + tail[i]);
        }
        double handsWork = tasks.stream().mapToDouble(RunTask::handsS).sum() + films() * means.filmChangeS();
        double handsHead = Double.POSITIVE_INFINITY;
        double handsTail = Double.POSITIVE_INFINITY;
        for (int i = 0; i < n; i++) {
            if (tasks.get(i).handsS() > 0) {
                handsHead = Math.min(handsHead, tasks.get(i).film().isEmpty() ? head[i] : 0);
                handsTail = Math.min(
                        handsTail,
                        tail[i] + tasks.get(i).seconds() - tasks.get(i).handsS());
            }
        }
        bound = Math.max(bound, handsWork == 0 ? 0 : handsHead + handsWork / means.hands() + handsTail);
        for (int m = 0; m < machines.size(); m++) {
            bound = machines.get(m).kind().isOne() ? Math.max(bound, bound(m)) : bound;
        }
        return bound;
    }

    private long films() {
        return tasks.stream()
                .map(RunTask::film)
                .filter(f -> !f.isEmpty())
                .distinct()
                .count();
    }

    private double bound(int m) {
        double work = 0;
        double first = Double.POSITIVE_INFINITY;
        double last = Double.POSITIVE_INFINITY;
        double coolest = Double.POSITIVE_INFINITY;
        double hottest = 0;
        Set<String> films = new HashSet<>();
        for (int i = 0; i < n; i++) {
            if (machine[i] == m) {
                RunTask t = tasks.get(i);
                work += t.seconds();
                first = Math.min(first, head[i]);
                last = Math.min(last, tail[i]);
                coolest = t.celsius() > 0 ? Math.min(coolest, t.celsius()) : coolest;
                hottest = Math.max(hottest, t.celsius());
                films.add(t.film());
            }
        }
        films.remove("");
        // between its coolest and its hottest work it must be warmed at the least
        double setups = means.units(machines.get(m)) > 1
                ? 0
                : films.size() * means.filmChangeS() + (hottest > 0 ? (hottest - coolest) * WARMING_S_A_DEGREE : 0);
        return first + (work + setups) / means.units(machines.get(m)) + last;
    }
}
