package jurren.core.run;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.finish.HandTime;
import jurren.core.plan.Plan;

/**
 * A job's run, and what would shorten it.
 *
 * @param wins what another machine or pair of hands would win, the most first
 */
public record WholeRun(List<RunTask> tasks, Schedule schedule, List<Win> wins) {
    /** Less is not worth telling. */
    private static final double LEAST_WIN_S = 30;

    /**
     * Something there might be one more of.
     *
     * @param machine empty for a pair of hands
     * @param endS    of the run with it
     */
    public record Win(Optional<Machine> machine, double endS) {}

    public WholeRun {
        tasks = List.copyOf(tasks);
        wins = List.copyOf(wins);
    }

    public static WholeRun of(Plan plan) {
        return of(
                RunTasks.of(plan),
                new Means(
                        plan.shop().prices().hands(),
                        Map.of(),
                        plan.shop().prices().times().of(HandTime.CHANGE_FILM)));
    }

    public static WholeRun of(List<RunTask> tasks, Means means) {
        Schedule now = Scheduler.of(tasks, means);
        List<Win> wins = new ArrayList<>();
        wins.add(new Win(
                Optional.empty(),
                Scheduler.of(tasks, new Means(means.hands() + 1, means.more(), means.filmChangeS()))
                        .endS()));
        tasks.stream()
                .map(RunTask::machine)
                .distinct()
                .filter(m -> m.kind().isOne())
                .forEach(m -> wins.add(new Win(
                        Optional.of(m),
                        Scheduler.of(
                                        tasks,
                                        new Means(means.hands(), Map.of(m, means.units(m) + 1), means.filmChangeS()))
                                .endS())));
        wins.removeIf(w -> now.endS() - w.endS < LEAST_WIN_S);
        wins.sort(Comparator.comparingDouble(Win::endS));
        return new WholeRun(tasks, now, wins);
    }

    /** The machines in use, as work goes through them. */
    public List<Machine> machines() {
        return tasks.stream()
                .map(RunTask::machine)
                .distinct()
                .sorted(Comparator.comparing(Machine::kind).thenComparing(Machine::name))
                .toList();
    }
}
