package jurren.perf;

import java.util.concurrent.TimeUnit;
import jurren.core.art.Lettering;
import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The demo line on all its sizes, after edits that no memory has seen. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(
        value = 1,
        jvmArgs = {"-Xmx2g", "-Djava.awt.headless=true"})
@Warmup(iterations = 4, time = 3)
@Measurement(iterations = 4, time = 3)
public class PlanBenchmark {
    private final Shop shop = BuiltInShop.read();
    /** The demo's tees alone, so that figures can be compared over time. */
    private final Job demo = DemoJob.simple().withLines(DemoJob.simple().lines().subList(0, 1));

    private final Planner planner = new Planner();
    private int edits;

    /** The name made a little larger: its lettering, all layers, loads and knife paths follow. */
    @Benchmark
    public Plan afterTheNameIsResized() {
        double factor = 1 + ++edits * 1e-7;
        return planner.plan(
                demo.withLine(
                        "A",
                        l -> l.withMotif("m2", m -> m.withSource(((Lettering) m.source()).resized(factor, factor)))),
                shop);
    }

    /** A motif moved: no motif is evaluated, but all that follows is. */
    @Benchmark
    public Plan afterAMotifIsMoved() {
        double by = ++edits * 1e-6;
        return planner.plan(
                demo.withLine(
                        "A", l -> l.withMotif("m3", m -> m.withPose(m.pose().moved(by, 0)))),
                shop);
    }

    /** One more shirt: only loads and paths follow. */
    @Benchmark
    public Plan afterACountIsChanged() {
        int count = 2 + ++edits % 7;
        return planner.plan(demo.withLine("A", l -> l.withSize("XL", s -> s.withCount(count))), shop);
    }
}
