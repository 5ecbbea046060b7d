package jurren.perf;

import java.util.Arrays;
import java.util.Locale;
import java.util.concurrent.CancellationException;
import jurren.app.make.DryRunner;
import jurren.core.job.Shop;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.plan.JobPapers;

/** How long a stopped dry run or plan of the whole demo still keeps its thread, stopped at forty different moments. */
public final class StopSpeed {
    private static final int TIMES = 40;

    private StopSpeed() {}

    public static void main(String[] args) throws InterruptedException {
        Shop shop = BuiltInShop.read();
        Plan plan = new Planner().plan(DemoJob.simple(), shop);
        measure("dry run", () -> DryRunner.run(plan, JobPapers.cutFiles(plan), JobPapers.printFiles(plan)));
        measure("plan that no memory has seen", () -> new Planner().plan(DemoJob.simple(), shop));
    }

    private interface Work {
        void run() throws Exception;
    }

    private static void measure(String name, Work work) throws InterruptedException {
        for (int k = 0; k < 3; k++) {
            timed(work, Long.MAX_VALUE);
        }
        double whole = timed(work, Long.MAX_VALUE);
        double[] kept = new double[TIMES];
        int ended = 0;
        for (int k = 0; k < TIMES; k++) {
            double ms = timed(work, Math.round(whole * k / TIMES));
            kept[k] = Math.max(0, ms);
            if (ms < 0) {
                ended++;
            }
        }
        Arrays.sort(kept);
        System.out.println(String.format(
                Locale.ROOT,
                "%s: takes %.0f ms; stopped, its thread is free after %.1f ms (median), %.1f ms at worst; %d of %d had ended before",
                name,
                whole,
                kept[TIMES / 2],
                kept[TIMES - 1],
                ended,
                TIMES));
    }

    /** Milliseconds from the stop, or from the start if it is never stopped; negative if it had ended before. */
    private static double timed(Work work, long stopAfterMs) throws InterruptedException {
        boolean[] stopped = {false};
        Thread thread = new Thread(() -> {
            try {
                work.run();
            } catch (CancellationException | InterruptedException _) {
                stopped[0] = true;
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
        long from = System.nanoTime();
        thread.start();
        if (stopAfterMs < Long.MAX_VALUE) {
            Thread.sleep(stopAfterMs);
            from = System.nanoTime();
            thread.interrupt();
        }
        thread.join();
        double ms = (System.nanoTime() - from) / 1e6;
        return stopAfterMs == Long.MAX_VALUE || stopped[0] ? ms : -1;
    }
}
