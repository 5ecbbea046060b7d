package jurren.perf;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import jurren.core.art.Art;
import jurren.core.art.Chain;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Treatment;
import jurren.core.art.treat.DropCrumbs;
import jurren.core.art.treat.FillHoles;
import jurren.core.art.treat.Lean;
import jurren.core.art.treat.Stripes;
import jurren.core.art.treat.Wave;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Placement;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typesetting;
import jurren.core.material.Colour;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** 200 letters under six treatments, evaluated again after one word was changed to one that no memory has seen. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(
        value = 1,
        jvmArgs = {"-Xmx2g", "-Djava.awt.headless=true"})
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 3, time = 3)
public class ArtBenchmark {
    private static final Colour CREAM = Colour.of("#F6EFDC");
    private static final Colour SKY = Colour.of("#7FC4DA");
    private static final int LETTERS = 200;

    /** How many motifs the letters are on. */
    @Param({"20", "5", "1"})
    private int motifs;

    /** Clean: six treatments that leave outlines whole. Striped: one of them cuts every letter into stripes. */
    @Param({"clean", "striped"})
    private String treated;

    private final Chain chain = new Chain();
    private int edits;

    private List<Treatment> treatments() {
        List<Treatment> clean = List.of(
                new Treatment.Weld(),
                new Lean(8),
                new FillHoles(),
                new DropCrumbs(1),
                new Treatment.Outlined(1, CornerStyle.ROUND, SKY),
                new Treatment.Halo(0.8));
        List<Treatment> striped = List.of(
                new Treatment.Weld(),
                new Lean(8),
                new Wave(3, 60),
                new Stripes(1.5, 1, 45, true, SKY),
                new DropCrumbs(1),
                new Treatment.Outlined(1, CornerStyle.ROUND, SKY));
        return treated.equals("clean") ? clean : striped;
    }

    /** Words of five letters, the first of them new each time. */
    private List<Motif> face(int edit) {
        List<Motif> face = new ArrayList<>();
        int each = LETTERS / 5 / motifs;
        for (int m = 0; m < motifs; m++) {
            StringBuilder text = new StringBuilder();
            for (int w = 0; w < each; w++) {
                boolean edited = m == 0 && w == 0;
                text.append(w == 0 ? "" : w % 8 == 0 ? "\n" : " ").append(edited ? word(edit) : "kites");
            }
            face.add(new Motif(
                    "m" + m,
                    "m" + m,
                    Lettering.of(text.toString(), ShippedTypeface.PACIFICO, 12, CREAM)
                            .withSetting(Typesetting.USUAL),
                    treatments(),
                    Pose.at(0, 30 * m)));
        }
        return face;
    }

    private static String word(int edit) {
        StringBuilder word = new StringBuilder();
        for (int n = edit + 1_000_000, i = 0; i < 5; i++, n /= 26) {
            word.append((char) ('a' + n % 26));
        }
        return word.toString();
    }

    @Benchmark
    public Art afterOneWordIsChanged() {
        return chain.art(face(++edits), Placement.HERE);
    }
}
