package jurren.core.run;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jurren.core.cut.CutRun;
import jurren.core.finish.FinishSequence;
import jurren.core.finish.HandTime;
import jurren.core.finish.HandTimes;
import jurren.core.finish.Press;
import jurren.core.finish.Step;
import jurren.core.finish.StepKind;
import jurren.core.finish.Weeding;
import jurren.core.job.Progress;
import jurren.core.layer.Fabrication;
import jurren.core.layer.Layer;
import jurren.core.load.Load;
import jurren.core.load.Placed;
import jurren.core.material.Colour;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.plan.PrintSheet;
import jurren.core.plan.SizePlan;

/** What is left to do of a job, as tasks of a run. */
public final class RunTasks {
    private static final double PRINT_S_A_MM = 0.25;
    /** What is printed has no colour of its own. */
    private static final Colour INK = Colour.of("#F2D27A");

    private final Plan plan;
    private final Progress made;
    private final HandTimes times;
    private final Machine cutter;
    private final Machine printer;
    private final Machine weeding = new Machine(Machine.Kind.WEEDING, "weeding", "");
    private final Machine table = new Machine(Machine.Kind.TABLE, "table", "");
    private final List<RunTask> tasks = new ArrayList<>();
    /** What a line's place must wait for. */
    private final Map<String, Set<String>> first = new HashMap<>();

    private final Map<Layer, Double> weeds = new HashMap<>();

    private RunTasks(Plan plan) {
        this.plan = plan;
        this.made = plan.job().made();
        this.times = plan.shop().prices().times();
        this.cutter = new Machine(
                Machine.Kind.CUTTER,
                plan.shop().cutter().id(),
                plan.shop().cutter().name());
        this.printer = new Machine(
                Machine.Kind.PRINTER,
                plan.shop().printer().id(),
                plan.shop().printer().name());
    }

    /** Without the loads that are cut, the pieces that are finished and what was ticked off. */
    public static List<RunTask> of(Plan plan) {
        RunTasks all = new RunTasks(plan);
        plan.prints().forEach(all::print);
        plan.runs().forEach(all::cut);
        plan.lines().stream().map(l -> l.line().id()).distinct().forEach(all::line);
        return List.copyOf(all.tasks);
    }

    private void add(RunTask t) {
        if (!made.done().contains(t.id())) {
            tasks.add(t);
        }
    }

    private static String at(String line, String place) {
        return line + "/" + place;
    }

    private void print(PrintSheet p) {
        Set<String> lines =
                p.slots().stream().map(PrintSheet.Slot::lineId).collect(Collectors.toCollection(TreeSet::new));
        String id = "print:" + p.order() + ":" + p.material().id() + ":" + Math.round(p.heightMm()) + "x" + p.times();
        add(new RunTask(
                id,
                RunTask.Kind.PRINT,
                printer,
                lines,
                p.order(),
                p.material().name(),
                INK,
                p.times(),
                times.of(HandTime.LOAD_PRINTER) + p.times() * p.heightMm() * PRINT_S_A_MM,
                times.of(HandTime.LOAD_PRINTER),
                0,
                "",
                List.of()));
        p.slots()
                .forEach(s -> first.computeIfAbsent(at(s.lineId(), s.place()), _ -> new LinkedHashSet<>())
                        .add(id));
        if (p.isCut()) {
            first.computeIfAbsent("load:" + p.load(), _ -> new LinkedHashSet<>())
                    .add(id);
        }
    }

    private void cut(CutRun run) {
        Load load = run.load();
        Set<String> lines =
                load.placed().stream().map(p -> p.item().lineId()).collect(Collectors.toCollection(TreeSet::new));
        String film = load.material().id() + load.colour().hex();
        String what = load.material().colourName(load.colour());
        String mark = run.mark();
        String id = "cut:" + mark;
        if (!plan.job().isCut(run)) {
            add(new RunTask(
                    id,
                    RunTask.Kind.CUT,
                    cutter,
                    lines,
                    load.order(),
                    what,
                    load.colour(),
                    load.placed().size(),
                    times.of(HandTime.LOAD_CUTTER) + run.seconds(),
                    times.of(HandTime.LOAD_CUTTER),
                    0,
                    film,
                    List.copyOf(first.getOrDefault("load:" + load.order(), Set.of()))));
        }
        double seconds = load.placed().stream().mapToDouble(this::weedS).sum();
        String last = id;
        if (seconds > 0) {
            last = RunTask.weeding(mark);
            add(new RunTask(
                    last,
                    RunTask.Kind.WEED,
                    weeding,
                    lines,
                    load.order(),
                    what,
                    load.colour(),
                    load.placed().size(),
                    seconds,
                    seconds,
                    0,
                    "",
                    List.of(id)));
        }
        for (Placed p : load.placed()) {
            first.computeIfAbsent(at(p.item().lineId(), p.item().place()), _ -> new LinkedHashSet<>())
                    .add(last);
        }
    }

    private double weedS(Placed p) {
        Layer layer = p.item().layer();
        return layer.making().cut() == Fabrication.Cut.KISS
                ? weeds.computeIfAbsent(layer, l -> Weeding.seconds(l.region(), times))
                : 0;
    }

    /** Its places one after the other, as they are pressed. */
    private void line(String id) {
        int left = Math.max(0, plan.line(id).orElseThrow().line().copies() - made.pressed(id));
        List<String> before = List.of();
        for (LinePlan place : plan.pressingOrder(id)) {
            before = left == 0 ? before : place(place, left, before);
        }
    }

    /** Parts of the work that go on without leaving their machine or its heat. */
    private record Part(RunTask.Kind kind, Machine machine, double celsius, List<Step> steps) {}

    private List<String> place(LinePlan line, int left, List<String> before) {
        List<SizePlan> sizes = line.sizes().stream().filter(s -> s.count() > 0).toList();
        if (sizes.isEmpty() || line.drawn().layers().isEmpty()) {
            return before;
        }
        double share = left / (double) line.line().copies();
        List<String> wait = Stream.concat(
                        first.getOrDefault(at(line.line().id(), line.place()), Set.of()).stream(), before.stream())
                .toList();
        List<Part> parts = parts(line, line.finish().steps());
        for (int k = 0; k < parts.size(); k++) {
            Part part = parts.get(k);
            double seconds = 0;
            for (SizePlan size : sizes) {
                List<Part> its = parts(line, size.finish().steps());
                // a size that is pressed otherwise has its own steps, in as many parts or all in the first
                List<Step> steps = its.size() == parts.size()
                        ? its.get(k).steps
                        : k == 0 ? size.finish().steps() : List.of();
                seconds += seconds(part, steps, size);
            }
            String id = part.kind.name().toLowerCase(Locale.ROOT) + ":"
                    + line.line().id() + ":" + line.place() + ":" + k;
            double hands = part.kind == RunTask.Kind.BAKE ? 0 : seconds * share;
            add(new RunTask(
                    id,
                    part.kind,
                    part.machine,
                    Set.of(line.line().id()),
                    0,
                    line.face().name(),
                    line.drawn().layers().getLast().colour(),
                    left,
                    seconds * share,
                    hands,
                    part.celsius,
                    "",
                    wait));
            wait = List.of(id);
        }
        return wait;
    }

    /** All that is baked stands in the oven together, as many as it holds. */
    private static double seconds(Part part, List<Step> steps, SizePlan size) {
        int pieces = size.count();
        if (part.kind == RunTask.Kind.BAKE) {
            double dwell = steps.stream()
                    .filter(s -> s.kind().heats())
                    .mapToDouble(Step::seconds)
                    .sum();
            return Math.ceil(pieces / (double) size.finish().together()) * dwell;
        }
        return FinishSequence.secondsFor(steps, pieces, size.finish().together());
    }

    private List<Part> parts(LinePlan line, List<Step> all) {
        Press press = line.platen().press();
        boolean oven = press.kind() == Press.Kind.OVEN_SLEEVE;
        Machine hot = new Machine(oven ? Machine.Kind.OVEN : Machine.Kind.PRESS, press.id(), press.name());
        List<Part> parts = new ArrayList<>();
        List<Step> steps =
                all.stream().filter(s -> !s.kind().does(StepKind.Role.WEEDS)).toList();
        int lastHot = -1;
        for (int i = 0; i < steps.size(); i++) {
            lastHot = steps.get(i).kind().heats() ? i : lastHot;
        }
        List<Step> now = new ArrayList<>();
        double celsius = 0;
        for (int i = 0; i < steps.size(); i++) {
            Step s = steps.get(i);
            if (oven && s.kind().heats() && celsius == 0) {
                close(parts, RunTask.Kind.PREPARE, table, 0, now);
            } else if (!oven && s.kind().heats() && celsius > 0 && s.celsius() != celsius) {
                close(parts, RunTask.Kind.PRESS, hot, celsius, now);
            }
            celsius = s.kind().heats() ? s.celsius() : celsius;
            now.add(s);
            if (i == lastHot && oven) {
                close(parts, RunTask.Kind.BAKE, hot, celsius, now);
            } else if (i > lastHot && lastHot >= 0 && !oven && isLast(steps, i)) {
                close(parts, RunTask.Kind.PRESS, hot, celsius, now);
                lastHot = -2;
            }
        }
        close(
                parts,
                lastHot == -1 || lastHot == -2 ? RunTask.Kind.LAY : oven ? RunTask.Kind.TAKE_OUT : RunTask.Kind.PRESS,
                lastHot >= 0 && !oven ? hot : table,
                lastHot >= 0 && !oven ? celsius : 0,
                now);
        return parts;
    }

    /** Whether what follows the press begins after this step: cleaning for what is laid by hand. */
    private static boolean isLast(List<Step> steps, int i) {
        return i + 1 < steps.size() && steps.get(i + 1).kind().does(StepKind.Role.CLEANS);
    }

    private static void close(List<Part> parts, RunTask.Kind kind, Machine machine, double celsius, List<Step> steps) {
        if (!steps.isEmpty()) {
            parts.add(new Part(kind, machine, celsius, List.copyOf(steps)));
            steps.clear();
        }
    }
}
