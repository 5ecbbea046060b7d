package jurren.perf;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.Shop;
import jurren.core.load.LayoutChoices;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.run.WholeRun;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;

/** What an edit on one line costs beside twenty others: medians in one run. */
public final class LinesSpeed {
    private static final int TIMES = 25;

    private LinesSpeed() {}

    public static void main(String[] args) {
        Shop shop = BuiltInShop.read();
        System.out.println("| lines | moved 1 mm, ms | run and its order, ms |");
        System.out.println("|---|---|---|");
        double one = 0;
        for (int lines : new int[] {1, 5, 20}) {
            double[] ms = measure(shop, lines);
            one = lines == 1 ? ms[0] : one;
            System.out.printf(Locale.ROOT, "| %d | %.0f (%.2f of one) | %.0f |%n", lines, ms[0], ms[0] / one, ms[1]);
        }
    }

    /** Each line of its own film colours, so that no edit changes what others are laid with. */
    private static double[] measure(Shop shop, int lines) {
        Line tee = DemoJob.make().lines().getFirst();
        List<Line> all = new ArrayList<>();
        Job job = DemoJob.make().withLines(List.of(tee)).withLaying(LayoutChoices.USUAL);
        for (int i = 0; i < lines; i++) {
            double by = i * 0.5;
            all.add(tee.withId(job.withLines(all).freeLetter())
                    .withMotif("m1", m -> m.withPose(m.pose().moved(by, 0))));
        }
        job = job.withLines(all);
        Planner planner = new Planner();
        planner.plan(job, shop);
        double[] edits = new double[TIMES];
        double[] runs = new double[TIMES];
        for (int t = 0; t < TIMES; t++) {
            job = job.withLine(
                    "A", l -> l.withMotif("m1", m -> m.withPose(m.pose().moved(1, 0))));
            long began = System.nanoTime();
            Plan plan = planner.plan(job, shop);
            edits[t] = (System.nanoTime() - began) / 1e6;
            began = System.nanoTime();
            WholeRun.of(plan);
            runs[t] = (System.nanoTime() - began) / 1e6;
        }
        Arrays.sort(edits);
        Arrays.sort(runs);
        return new double[] {edits[TIMES / 2], runs[TIMES / 2]};
    }
}
