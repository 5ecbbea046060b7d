package jurren.app.make;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import jurren.core.dryrun.DryRun;
import jurren.core.job.Job;
import jurren.core.job.MyShop;
import jurren.core.job.Shop;
import jurren.core.load.Cutter;
import jurren.core.load.Dialect;
import jurren.core.load.Head;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.plan.JobPapers;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

/** The written files cut on a machine whose knife trails, and judged by what it leaves. */
class TrailingKnifeRunTest {
    private static final Shop SHOP = BuiltInShop.read();

    private static Plan plan(Cutter cutter) {
        MyShop mine = SHOP.mine();
        return new Planner().plan(oneOfEach(), SHOP.with(mine.withCutters(List.of(cutter))));
    }

    private static Job oneOfEach() {
        Job job = DemoJob.simple();
        return job.withLines(job.lines().stream()
                .map(l -> l.withSizes(l.sizes().stream()
                        .map(s -> s.withCount(Math.min(s.size().equals("M") ? 1 : 0, s.count())))
                        .toList()))
                .toList());
    }

    private static Cutter wide(boolean swings) {
        Cutter c = SHOP.cutters().get(1);
        Head h = c.head();
        return c.withHead(new Head(h.leastGf(), h.mostGf(), h.offsetMm(), swings, true));
    }

    @Test
    void allowedForItIsTrue() {
        assertThat(SHOP.cutters().get(1).head().needsSwivel()).isTrue();
        Plan plan = plan(SHOP.cutters().get(1));
        DryRun run = DryRunner.run(plan, JobPapers.cutFiles(plan), JobPapers.printFiles(plan));
        assertThat(run.isCutTrue()).as("an edge is off by %s mm", run.worstMm()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"FROM_HERE, false, NEAR_LEFT", "FROM_START, true, FAR_LEFT", "FROM_HERE, true, FAR_RIGHT"})
    void howeverItIsTold(Dialect.Moves moves, boolean arcs, Dialect.Start start) {
        Plan plan = plan(SHOP.cutters()
                .get(1)
                .withSpeech(Dialect.USUAL.withMoves(moves).withArcs(arcs).withStart(start)));
        Map<String, byte[]> files = JobPapers.cutFiles(plan);
        assertThat(files.values().stream().anyMatch(f -> new String(f, StandardCharsets.US_ASCII).contains(";AA")))
                .isEqualTo(arcs);
        DryRun run = DryRunner.run(plan, files, JobPapers.printFiles(plan));
        assertThat(run.isCutTrue()).as("an edge is off by %s mm", run.worstMm()).isTrue();
    }

    /** The files of a machine that swings the knife itself, cut on one that does not. */
    @Test
    void notAllowedForItIsNot() {
        Map<String, byte[]> files = JobPapers.cutFiles(plan(wide(true)));
        Plan plan = plan(wide(false));
        DryRun run = DryRunner.run(plan, files, JobPapers.printFiles(plan));
        assertThat(run.isCutTrue()).isFalse();
        assertThat(run.worstMm()).isGreaterThan(0.1);
    }
}
