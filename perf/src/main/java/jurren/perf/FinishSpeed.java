package jurren.perf;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import jurren.core.blank.Substrate;
import jurren.core.finish.LayerOverlaps;
import jurren.core.finish.PressSolver;
import jurren.core.finish.Pressed;
import jurren.core.finish.Pressing;
import jurren.core.finish.Solved;
import jurren.core.job.Shop;
import jurren.core.material.Colour;
import jurren.core.material.Material;
import jurren.core.run.Machine;
import jurren.core.run.Means;
import jurren.core.run.RunTask;
import jurren.core.run.Schedule;
import jurren.core.run.Scheduler;
import jurren.formats.catalogue.BuiltInShop;

/** How long press sequences take to solve, and how near runs of many lines come to their bound. */
public final class FinishSpeed {
    private static final int CASES = 200;
    private static final int JOBS = 50;

    private FinishSpeed() {}

    public static void main(String[] args) {
        Shop shop = BuiltInShop.read();
        List<Material> films = shop.materials().stream()
                .filter(m -> m.recipe().isPresent() && m.printRecipe().isEmpty() && !m.id().equals("dye-print"))
                .toList();
        Substrate cotton = shop.blank("tee-adult").orElseThrow().madeOf();
        for (int k = 0; k < 30; k++) {
            PressSolver.solve(pressing(new Random(k), films, cotton, 6, 3));
        }
        for (int layers : new int[] {3, 6, 8, 10, 20, 40}) {
            solving("films that meet one in three", layers, films, cotton, 3);
            solving("films that rarely meet", layers, films, cotton, 12);
        }
        runs();
    }

    private static void solving(String what, int layers, List<Material> films, Substrate cotton, int oneIn) {
        double[] ms = new double[layers > 10 ? 10 : CASES];
        int clashes = 0;
        long most = 0;
        for (int k = 0; k < ms.length; k++) {
            Pressing p = pressing(new Random(1000 * layers + k), films, cotton, layers, oneIn);
            long from = System.nanoTime();
            Solved s = PressSolver.solve(p);
            ms[k] = (System.nanoTime() - from) / 1e6;
            clashes += s.clashes().isEmpty() ? 0 : 1;
            most = Math.max(most, s.looked());
        }
        Arrays.sort(ms);
        System.out.printf(
                Locale.ROOT,
                "%2d layers, %-28s median %8.2f ms, worst %9.1f ms, %3d %% clash, at most %,d looked at%n",
                layers,
                what,
                ms[ms.length / 2],
                ms[ms.length - 1],
                100 * clashes / ms.length,
                most);
    }

    private static Pressing pressing(Random random, List<Material> films, Substrate cotton, int layers, int oneIn) {
        List<Pressed> all = new ArrayList<>();
        List<Long> on = new ArrayList<>();
        List<Long> under = new ArrayList<>();
        for (int i = 0; i < layers; i++) {
            Material m = films.get(random.nextInt(films.size()));
            all.add(new Pressed(
                    i + 1, m.recipe().orElseThrow(), false, List.of(), false, m.thicknessMm(), 1, Set.of(0)));
            long above = 0;
            long near = 0;
            for (int j = 0; j < layers; j++) {
                above |= j > i && random.nextInt(oneIn) == 0 ? 1L << j : 0;
                near |= j != i && random.nextInt(oneIn) == 0 ? 1L << j : 0;
            }
            on.add(above);
            under.add(above | near);
        }
        return new Pressing(
                all, new LayerOverlaps(on, under), cotton, 1, 220, OptionalDouble.empty(), List.of(), Set.of());
    }

    private static void runs() {
        for (int lines : new int[] {5, 40}) {
            double[] ratio = new double[JOBS];
            double[] ms = new double[JOBS];
            for (int k = 0; k < JOBS; k++) {
                List<RunTask> tasks = job(new Random(k), lines);
                long from = System.nanoTime();
                Schedule s = Scheduler.of(tasks, Means.ONE_PAIR);
                ms[k] = (System.nanoTime() - from) / 1e6;
                ratio[k] = s.endS() / s.boundS();
            }
            Arrays.sort(ratio);
            Arrays.sort(ms);
            System.out.printf(
                    Locale.ROOT,
                    "run of %2d lines: %.3f times its bound (median of %d), worst %.3f; median %.0f ms, worst %.0f ms%n",
                    lines,
                    ratio[JOBS / 2],
                    JOBS,
                    ratio[JOBS - 1],
                    ms[JOBS / 2],
                    ms[JOBS - 1]);
        }
    }

    /** Lines of every kind: pressed after one or two films, laid at the table, baked. */
    private static List<RunTask> job(Random random, int lines) {
        Machine cutter = new Machine(Machine.Kind.CUTTER, "c", "cutter");
        Machine weeding = new Machine(Machine.Kind.WEEDING, "w", "");
        Machine press = new Machine(Machine.Kind.PRESS, "p", "press");
        Machine oven = new Machine(Machine.Kind.OVEN, "o", "oven");
        Machine printer = new Machine(Machine.Kind.PRINTER, "pr", "printer");
        Machine table = new Machine(Machine.Kind.TABLE, "t", "");
        List<RunTask> tasks = new ArrayList<>();
        for (int i = 0; i < lines; i++) {
            if (random.nextInt(4) == 0) {
                tasks.add(
                        task("print" + i, RunTask.Kind.PRINT, printer, 60 + random.nextInt(600), 30, 0, "", List.of()));
                double prepare = 60 + random.nextInt(600);
                tasks.add(task(
                        "prepare" + i, RunTask.Kind.PREPARE, table, prepare, prepare, 0, "", List.of("print" + i)));
                tasks.add(task(
                        "bake" + i,
                        RunTask.Kind.BAKE,
                        oven,
                        360 * (1 + random.nextInt(3)),
                        0,
                        195,
                        "",
                        List.of("prepare" + i)));
                tasks.add(task("out" + i, RunTask.Kind.TAKE_OUT, table, 60, 60, 0, "", List.of("bake" + i)));
                continue;
            }
            List<String> weeded = new ArrayList<>();
            for (int f = random.nextInt(3); f >= 0; f--) {
                String id = i + "." + f;
                double weed = 20 + random.nextInt(600);
                tasks.add(task(
                        "cut" + id,
                        RunTask.Kind.CUT,
                        cutter,
                        60 + random.nextInt(500),
                        20,
                        0,
                        "film" + random.nextInt(8),
                        List.of()));
                tasks.add(task("weed" + id, RunTask.Kind.WEED, weeding, weed, weed, 0, "", List.of("cut" + id)));
                weeded.add("weed" + id);
            }
            double hands = 60 + random.nextInt(1200);
            tasks.add(
                    random.nextInt(3) == 0
                            ? task("lay" + i, RunTask.Kind.LAY, table, hands, hands, 0, "", weeded)
                            : task(
                                    "press" + i,
                                    RunTask.Kind.PRESS,
                                    press,
                                    hands,
                                    hands,
                                    130 + 5 * random.nextInt(7),
                                    "",
                                    weeded));
        }
        return tasks;
    }

    private static RunTask task(
            String id,
            RunTask.Kind kind,
            Machine machine,
            double seconds,
            double handsS,
            double celsius,
            String film,
            List<String> after) {
        return new RunTask(
                id, kind, machine, Set.of("A"), 0, id, Colour.of("#7C2E57"), 1, seconds, handsS, celsius, film, after);
    }
}
