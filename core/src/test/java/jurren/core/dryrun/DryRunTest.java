package jurren.core.dryrun;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import jurren.core.Fixtures;
import jurren.core.cut.CutPath;
import jurren.core.cut.CutRun;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.job.Job;
import jurren.core.job.SizeEntry;
import jurren.core.layer.Join;
import jurren.core.material.Film;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.plan.SizePlan;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

class DryRunTest {
    private static final Job JOB = Fixtures.job(Fixtures.line(SizeEntry.of("S", 1), SizeEntry.of("M", 2)));

    private static Plan plan(Job job) {
        return new Planner().plan(job, Fixtures.shop());
    }

    /** As a plotter would: every point on its grid. */
    private static Point rounded(Point p) {
        return new Point(Math.round(p.xMm() / 0.025) * 0.025, Math.round(p.yMm() / 0.025) * 0.025);
    }

    private static List<CutSheet> sheets(Plan plan, BiFunction<CutRun, CutPath, List<Point>> knife) {
        return plan.runs().stream()
                .map(run -> new CutSheet(
                        run.load().order(),
                        run.paths().stream()
                                .map(path -> knife.apply(run, path))
                                .filter(s -> !s.isEmpty())
                                .toList()))
                .toList();
    }

    private static List<Point> asWritten(CutRun run, CutPath path) {
        return path.knife(run.overcutMm()).stream().map(DryRunTest::rounded).toList();
    }

    /** What a forgotten or a doubled reversal would cut: each item mirrored within its own slot. */
    private static List<Point> mirrored(CutRun run, CutPath path) {
        Box slot = run.load().placed().get(path.item()).slot();
        return asWritten(run, path).stream()
                .map(p -> rounded(new Point(slot.minXMm() + slot.maxXMm() - p.xMm(), p.yMm())))
                .toList();
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void whatWasCutRightComesOutAsTheArt(boolean framed) {
        Plan plan = plan(JOB.withFrames(framed));
        DryRun run = DryRun.of(plan, sheets(plan, DryRunTest::asWritten));

        assertThat(run.copies()).hasSize(3);
        assertThat(run.matchPercent()).isGreaterThan(99.75);
        assertThat(run.worstMm()).isLessThan(0.1);
    }

    @Test
    void aWrongMirrorComesOutWrong() {
        Plan plan = plan(JOB);
        DryRun run = DryRun.of(plan, sheets(plan, DryRunTest::mirrored));

        assertThat(run.matchPercent()).isLessThan(80);
        assertThat(run.worstMm()).isGreaterThan(2);
        assertThat(run.worst().wrong().isEmpty()).isFalse();
    }

    @Test
    void aCutThatIsMissingOrNeverClosesIsSeen() {
        Plan plan = plan(JOB);
        DryRun oneMissing = DryRun.of(
                plan, sheets(plan, (run, path) -> path == run.paths().getFirst() ? List.of() : asWritten(run, path)));
        DryRun oneOpen = DryRun.of(
                plan,
                sheets(
                        plan,
                        (run, path) -> path == run.paths().getFirst()
                                ? asWritten(run, path).subList(0, path.corners().size() / 2)
                                : asWritten(run, path)));

        assertThat(oneMissing.matchPercent()).isLessThan(99.8);
        assertThat(oneOpen.matchPercent()).isEqualTo(oneMissing.matchPercent());
    }

    @Test
    void aReliefCutHarmsNothingUnlessItGoesThroughAPiece() {
        Plan plan = plan(JOB);
        Box first = plan.runs().getFirst().load().placed().getFirst().box();
        DryRun beside = DryRun.of(
                plan,
                with(
                        plan,
                        List.of(
                                new Point(first.minXMm(), first.maxYMm() + 1),
                                new Point(first.maxXMm(), first.maxYMm() + 1))));
        assertThat(beside.isTrue()).isTrue();
        DryRun across = DryRun.of(
                plan,
                with(
                        plan,
                        List.of(
                                new Point(first.minXMm() - 1, first.centre().yMm()),
                                new Point(first.maxXMm() + 1, first.centre().yMm()))));
        assertThat(across.isTrue()).isFalse();
        assertThat(across.copies())
                .as("the others are as they should be")
                .filteredOn(c -> c.worstMm() > DryRun.TRUE_MM)
                .hasSize(1);
    }

    private static List<CutSheet> with(Plan plan, List<Point> stroke) {
        List<CutSheet> sheets = new ArrayList<>(sheets(plan, DryRunTest::asWritten));
        List<List<Point>> strokes = new ArrayList<>(sheets.getFirst().strokes());
        strokes.add(stroke);
        sheets.set(0, new CutSheet(sheets.getFirst().load(), strokes));
        return sheets;
    }

    @Test
    void aWishedGapIsNoFaultAndTheOnlyBareCloth() {
        Job butted = JOB.withLine("A", l -> l.withJoin(Film.of("smooth-film", Fixtures.CREAM), new Join.Butted(0.4)));
        Plan plan = plan(butted);
        DryRun run = DryRun.of(plan, sheets(plan, DryRunTest::asWritten));

        assertThat(run.isTrue()).isTrue();
        assertThat(run.copies()).allSatisfy(copy -> {
            SizePlan size = plan.lines().getFirst().size(copy.size()).orElseThrow();
            Region bare = Region.weld(size.laid().seen().values())
                    .minus(Region.weld(copy.result().values()));
            double edge = size.layers().getLast().region().outlineLengthMm();
            assertThat(bare.areaMm2()).isCloseTo(edge * 0.4, withinPercentage(10));
        });
    }

    /** A whole layer a little beside its place, in its own slot, as a slipped film would have it. */
    @Test
    void aLayerOutOfPlaceComesOutWrongByAsMuch() {
        Plan plan = plan(JOB.withFrames(false));
        DryRun run = DryRun.of(
                plan,
                sheets(
                        plan,
                        (r, path) -> asWritten(r, path).stream()
                                .map(p -> r == plan.runs().getFirst() ? new Point(p.xMm() + 0.025, p.yMm()) : p)
                                .toList()));
        assertThat(run.isTrue()).as("within the plotter's rounding").isTrue();
        Plan framed = plan(JOB);
        DryRun further = DryRun.of(
                framed,
                sheets(
                        framed,
                        (r, path) -> asWritten(r, path).stream()
                                .map(p -> r == framed.runs().getFirst()
                                                && path.item() == 0
                                                && path.kind() != CutPath.Kind.FRAME
                                        ? new Point(p.xMm(), p.yMm() + 0.5)
                                        : p)
                                .toList()));
        assertThat(further.isTrue()).isFalse();
        assertThat(further.worstMm()).isBetween(0.45, 0.56);
        assertThat(further.copies())
                .as("the others are as they should be")
                .filteredOn(c -> c.worstMm() <= DryRun.TRUE_MM)
                .hasSize(2);
    }

    /** Its thread is free again soon after it was told that nobody waits, wherever it was by then. */
    @Test
    void aDryRunThatNobodyWaitsForIsGivenUpHalfWay() throws InterruptedException {
        Job many = Fixtures.job(Fixtures.line(SizeEntry.of("S", 30), SizeEntry.of("M", 30)));
        Plan plan = plan(many);
        List<CutSheet> sheets = sheets(plan, DryRunTest::asWritten);
        java.util.concurrent.CountDownLatch begun = new java.util.concurrent.CountDownLatch(1);
        java.util.concurrent.atomic.AtomicReference<Throwable> end =
                new java.util.concurrent.atomic.AtomicReference<>();
        Thread worker = Thread.ofPlatform().start(() -> {
            begun.countDown();
            try {
                while (true) {
                    DryRun.of(plan, sheets);
                }
            } catch (java.util.concurrent.CancellationException e) {
                end.set(e);
            }
        });
        begun.await();
        worker.interrupt();
        worker.join(20_000);
        assertThat(worker.isAlive()).isFalse();
        assertThat(end.get()).isInstanceOf(java.util.concurrent.CancellationException.class);
    }
}
