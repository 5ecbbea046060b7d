package jurren.perf;

import java.util.concurrent.TimeUnit;
import jurren.core.blank.Surface;
import jurren.core.blank.Unrolling;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** 50,000 vertices of lettering laid on a tapered tumbler, beside merely moving them. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(
        value = 1,
        jvmArgs = {"-Xmx2g", "-Djava.awt.headless=true"})
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 3)
public class WarpBenchmark {
    private final Unrolling unrolling = Unrolling.of(new Surface.Round(87, 66, 165), 82.5);
    private Region letters;
    private Region unrolled;

    @Setup(Level.Trial)
    public void prepare() {
        Region all = Region.weld(Texts.letters(60_000));
        Box b = all.bounds();
        letters = all.placed(Placement.moved(-b.centre().xMm(), -b.minYMm()))
                .placed(Placement.scaled(230 / b.widthMm(), 160 / b.heightMm()));
        unrolled = letters.warped(unrolling);
        System.out.println("vertices before and after: " + letters.vertexCount() + ", " + unrolled.vertexCount());
    }

    @Benchmark
    public Region unroll() {
        return letters.warped(unrolling);
    }

    @Benchmark
    public Region rollBack() {
        return unrolled.warped(unrolling.inverse());
    }

    @Benchmark
    public Region moveOnly() {
        return letters.placed(Placement.moved(1, 2));
    }
}
