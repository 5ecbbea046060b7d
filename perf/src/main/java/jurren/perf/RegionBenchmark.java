package jurren.perf;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Weld, outline and 100 stripes, ours beside the plain library calls on the same input. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(
        value = 1,
        jvmArgs = {"-Xmx4g", "-Djava.awt.headless=true"})
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 3, time = 4)
public class RegionBenchmark {
    @Param({"2000", "20000", "200000"})
    private int vertices;

    private List<Region> letters;
    private Region welded;
    private List<Region> lettersNow;
    private Region weldedNow;
    private int calls;
    private Region stripes;
    private Geometry plainLetters;
    private Geometry plainWelded;

    @Setup(Level.Trial)
    public void prepare() {
        letters = Texts.letters(vertices);
        welded = Region.weld(letters);
        Box box = welded.bounds();
        List<Region> all = new ArrayList<>();
        for (int i = 0; i < 100; i++) {
            all.add(Region.of(Box.ofSize(
                            box.minXMm() + i * box.widthMm() / 100, box.minYMm(), box.widthMm() / 200, box.heightMm()))
                    .placed(Placement.HERE));
        }
        stripes = Region.weld(all);
        plainLetters = plain(letters);
        plainWelded = plain(List.of(welded));
    }

    /** Ours remember what they made of the same corners: each call gets corners that were never there before. */
    @Setup(Level.Invocation)
    public void moveOn() {
        Placement by = Placement.moved(++calls * 1e-6, 0);
        lettersNow = letters.stream().map(r -> r.placed(by)).toList();
        weldedNow = welded.placed(by);
    }

    /** The same rings as the library's own values. */
    private static Geometry plain(List<Region> regions) {
        GeometryFactory f = new GeometryFactory();
        List<Polygon> polygons = new ArrayList<>();
        regions.forEach(r -> r.pieces()
                .forEach(p -> polygons.add(f.createPolygon(
                        ring(f, p.outer()),
                        p.holes().stream().map(h -> ring(f, h)).toArray(LinearRing[]::new)))));
        return f.createMultiPolygon(polygons.toArray(Polygon[]::new));
    }

    private static LinearRing ring(GeometryFactory f, jurren.core.geometry.Outline o) {
        Coordinate[] c = new Coordinate[o.size() + 1];
        for (int i = 0; i < o.size(); i++) {
            c[i] = new Coordinate(o.xMm(i), o.yMm(i));
        }
        c[o.size()] = c[0].copy();
        return f.createLinearRing(c);
    }

    @Benchmark
    public Region weld() {
        return Region.weld(lettersNow);
    }

    @Benchmark
    public Geometry weldPlainUnion() {
        return OverlayNGRobust.union(plainLetters);
    }

    /** The fastest engine measured; its result is not looked over. */
    @Benchmark
    public Geometry weldPlainBuffer() {
        return BufferOp.bufferOp(plainLetters, 0);
    }

    @Benchmark
    public Region outline() {
        return weldedNow.grown(3, CornerStyle.ROUND);
    }

    @Benchmark
    public Geometry outlinePlainBuffer() {
        BufferParameters how = new BufferParameters(16);
        how.setSimplifyFactor(0.001);
        return BufferOp.bufferOp(plainWelded, 3, how);
    }

    @Benchmark
    public Region stripesMinusLetters() {
        return stripes.minus(weldedNow);
    }
}
