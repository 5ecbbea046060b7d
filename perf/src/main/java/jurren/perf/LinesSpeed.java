package jurren.perf;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.Shop;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.plan.Planner.Stage;
import jurren.core.run.WholeRun;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;

/** What an edit on one line costs beside twenty others, stage by stage: medians in one run. */
public final class LinesSpeed {
    private static final int TIMES = 9;
    /** What an edit has to cost for itself alone. */
    private static final Set<Stage> OF_THE_LINE = Set.of(Stage.LINES, Stage.KNIFE, Stage.SNAGS);

    private LinesSpeed() {}

    public static void main(String[] args) {
        Shop shop = BuiltInShop.read();
        System.out.println("| lines | separation | knife | snags | these together | laying | prints, quote | run |");
        System.out.println("|---|---|---|---|---|---|---|---|");
        double one = 0;
        // what is compiled by then is compiled for all
        measure(shop, 1, new EnumMap<>(Stage.class));
        for (int lines : new int[] {1, 5, 20}) {
            Map<Stage, Double> ms = new EnumMap<>(Stage.class);
            double run = measure(shop, lines, ms);
            double own = OF_THE_LINE.stream().mapToDouble(ms::get).sum();
            one = lines == 1 ? own : one;
            System.out.printf(
                    Locale.ROOT,
                    "| %d | %.0f | %.0f | %.0f | %.0f ms (%.2f of one) | %.0f | %.0f | %.0f |%n",
                    lines,
                    ms.get(Stage.LINES),
                    ms.get(Stage.KNIFE),
                    ms.get(Stage.SNAGS),
                    own,
                    own / one,
                    ms.get(Stage.LAYING),
                    ms.get(Stage.PRINTS) + ms.get(Stage.QUOTE),
                    run);
        }
    }

    private static double measure(Shop shop, int lines, Map<Stage, Double> medians) {
        Line tee = DemoJob.make().lines().getFirst();
        List<Line> all = new ArrayList<>();
        Job job = DemoJob.make().withLines(List.of(tee));
        for (int i = 0; i < lines; i++) {
            double by = i * 0.5;
            all.add(tee.withId(job.withLines(all).freeLetter())
                    .withMotif("m1", m -> m.withPose(m.pose().moved(by, 0))));
        }
        job = job.withLines(all);
        Planner planner = new Planner();
        planner.plan(job, shop);
        Map<Stage, double[]> times = new EnumMap<>(Stage.class);
        Arrays.stream(Stage.values()).forEach(s -> times.put(s, new double[TIMES]));
        double[] runs = new double[TIMES];
        for (int t = 0; t < TIMES; t++) {
            job = job.withLine(
                    "A", l -> l.withMotif("m1", m -> m.withPose(m.pose().moved(1, 0))));
            int time = t;
            long[] began = {System.nanoTime()};
            Plan plan = planner.plan(job, shop, stage -> {
                times.get(stage)[time] = (System.nanoTime() - began[0]) / 1e6;
                began[0] = System.nanoTime();
            });
            began[0] = System.nanoTime();
            WholeRun.of(plan);
            runs[t] = (System.nanoTime() - began[0]) / 1e6;
        }
        times.forEach((stage, of) -> {
            Arrays.sort(of);
            medians.put(stage, of[TIMES / 2]);
        });
        Arrays.sort(runs);
        return runs[TIMES / 2];
    }
}
