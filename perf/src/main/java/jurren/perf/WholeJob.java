package jurren.perf;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntFunction;
import jurren.app.make.DryRunner;
import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.plan.JobPapers;

/**
 * The whole demo with its mixed films, places and prints: planned after edits that no memory has seen, and made on the
 * stand-ins.
 */
final class WholeJob {
    /** Counted after so many edits of its kind: when the machine has just begun to compile, and when it has done so. */
    private static final List<Integer> WARM = List.of(15, 100);

    private static final int COUNTED = 31;
    private static final int RUNS = 5;

    private WholeJob() {}

    public static void main(String[] args) {
        Job job = DemoJob.make();
        Shop shop = BuiltInShop.read();
        Planner planner = new Planner();
        Map<String, IntFunction<Job>> edits = new LinkedHashMap<>();
        edits.put(
                "a motif moved in front",
                i -> job.withLine(
                        "A", l -> l.withMotif("m2", m -> m.withPose(m.pose().moved(0.37 * i, 0)))));
        edits.put(
                "the name made larger",
                i -> job.withLine(
                        "A",
                        l -> l.withMotif("m2", m -> m.withSource(m.source().resized(1 + i / 800.0, 1 + i / 800.0)))));
        edits.put(
                "a motif moved on the back",
                i -> job.withLine(
                        "A",
                        l -> l.at(1).withMotif("m5", m -> m.withPose(m.pose().moved(0, 0.37 * i)))));
        edits.put("one more shirt", i -> job.withLine("A", l -> l.withSize("M", s -> s.withCount(4 + i))));
        planner.plan(job, shop);
        edits.forEach((name, edit) -> {
            List<Double> times = new ArrayList<>();
            for (int i = 1; i <= WARM.getLast() + COUNTED; i++) {
                Job edited = edit.apply(i);
                long from = System.nanoTime();
                planner.plan(edited, shop);
                times.add(ms(from));
            }
            WARM.forEach(before ->
                    print(name + ", after " + before, new ArrayList<>(times.subList(before, before + COUNTED))));
        });
        Plan plan = planner.plan(job, shop);
        List<Double> dry = new ArrayList<>();
        for (int i = 0; i < RUNS; i++) {
            Map<String, byte[]> cut = JobPapers.cutFiles(plan);
            Map<String, byte[]> prints = JobPapers.printFiles(plan);
            long from = System.nanoTime();
            DryRunner.run(plan, cut, prints);
            dry.add(ms(from));
        }
        print("dry run, prints included", dry);
    }

    private static double ms(long from) {
        return (System.nanoTime() - from) / 1e6;
    }

    private static void print(String name, List<Double> times) {
        Collections.sort(times);
        System.out.printf(
                "%-40s median %5.0f ms  95 %% %5.0f ms%n",
                name, times.get(times.size() / 2), times.get((int) (times.size() * 0.95)));
    }
}
