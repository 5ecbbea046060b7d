package jurren.app.cutter;

import java.io.IOException;
import java.util.List;
import jurren.core.cut.CutRun;
import jurren.core.cut.PrintMarks;
import jurren.core.cut.SheetFit;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.job.Shop;
import jurren.core.load.Connection;
import jurren.core.load.Cutter;
import jurren.core.load.Dialect;
import jurren.core.load.Sensors;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.hpgl.HpglWriter;
import jurren.standins.cutter.Bed;
import jurren.standins.cutter.CutterLine;
import jurren.standins.cutter.CutterStatus;
import jurren.standins.cutter.HpglInterpreter;
import jurren.standins.cutter.LoadedFilm;
import jurren.standins.cutter.StandInCutter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

/** What a cutter finds out before it cuts, and that the cut follows it, whichever corner the machine counts from. */
class AskingTest {
    private static final Shop SHOP = BuiltInShop.read();
    private static final Plan PLAN = new Planner().plan(DemoJob.make(), SHOP);

    private static CutRun printed(Dialect.Start start, double unitMm) {
        CutRun run = PLAN.runs().stream()
                .filter(r -> !PrintMarks.of(r.load()).isEmpty())
                .findFirst()
                .orElseThrow();
        Cutter c = run.cutter()
                .withSpeech(new Dialect(start, unitMm, Dialect.Ending.CR_LF))
                .withSenses(new Sensors(true, true));
        return new CutRun(
                run.load(), run.paths(), run.forces(), c, run.cutMm(), run.travelMm(), run.seconds(), run.mark());
    }

    private static Asked asked(StandInCutter cutter, CutRun run, LoadedFilm.Care care) throws Exception {
        cutter.feed(care.put(Bed.of(run.cutter(), run.load()), PrintMarks.of(run.load())));
        try (Asking asking = new Asking(new Connection(Connection.Kind.PORT, "127.0.0.1:" + cutter.port()), run)) {
            return asking.all();
        }
    }

    @ParameterizedTest
    @EnumSource(Dialect.Start.class)
    void theKnifeFollowsThePrint(Dialect.Start start) throws Exception {
        CutRun run = printed(start, start == Dialect.Start.FAR_LEFT ? 0.0254 : 0.025);
        Placement lies = LoadedFilm.Care.USUAL.lies();
        try (StandInCutter cutter = new StandInCutter(0, Double.POSITIVE_INFINITY)) {
            Asked asked = asked(cutter, run, LoadedFilm.Care.USUAL);
            assertThat(asked.widthMm())
                    .hasValue(Math.round(run.load().stock().widthMm()
                                    / run.cutter().speech().unitMm())
                            * run.cutter().speech().unitMm());
            SheetFit fit = ((SheetFit.Outcome.Fits) SheetFit.of(PrintMarks.of(run.load()), asked.marks())).fit();
            assertThat(fit.degrees()).isCloseTo(0.6, within(0.02));

            CutRun placed = run.placed(fit.placement());
            java.util.concurrent.CountDownLatch done = new java.util.concurrent.CountDownLatch(1);
            try (CutterLine line = new CutterLine(cutter.port(), s -> {
                if (s != null
                        && s.state() == CutterStatus.State.READY
                        && s.finishedPaths() == run.paths().size()) {
                    done.countDown();
                }
            })) {
                line.send(HpglWriter.write(placed));
                assertThat(done.await(60, java.util.concurrent.TimeUnit.SECONDS))
                        .isTrue();
            }
            List<List<Point>> bed = cutter.bed();
            assertThat(bed).hasSameSizeAs(run.paths());
            double worst = 0;
            double askew = 0;
            for (int i = 0; i < bed.size(); i++) {
                Point start0 = run.paths().get(i).start();
                // back on the sheet as it was printed
                worst = Math.max(
                        worst, lies.inverse().apply(bed.get(i).getFirst()).distanceMm(start0));
                askew = Math.max(askew, lies.inverse().apply(start0).distanceMm(start0));
            }
            assertThat(worst).as("on the print").isLessThan(0.06);
            assertThat(askew).as("where it would have been cut").isGreaterThan(1);
        }
    }

    @Test
    void whatIsNotFoundIsNotMadeUp() throws Exception {
        CutRun run = printed(Dialect.Start.NEAR_RIGHT, 0.025);
        try (StandInCutter cutter = new StandInCutter(0, Double.POSITIVE_INFINITY)) {
            assertThat(asked(cutter, run, LoadedFilm.Care.A_MARK_HIDDEN).marks())
                    .hasSize(3);
            List<Point> crooked = asked(cutter, run, LoadedFilm.Care.CROOKED).marks();
            assertThat(SheetFit.of(PrintMarks.of(run.load()), crooked)).isInstanceOf(SheetFit.Outcome.Refused.class);
            double narrower =
                    asked(cutter, run, LoadedFilm.Care.NARROWER).widthMm().orElseThrow();
            assertThat(narrower).isCloseTo(run.load().stock().widthMm() - 40, within(0.025));
            assertThat(SheetFit.narrow(run, run.load().stock().widthMm())).isEmpty();
            assertThat(SheetFit.narrow(run, 60))
                    .hasValueSatisfying(r -> assertThat(r.most()).isGreaterThan(60));
        }
    }

    @Test
    void aMachineThatSaysNothingLeavesNothingKnown() throws Exception {
        CutRun run = printed(Dialect.Start.NEAR_RIGHT, 0.025);
        CutRun blind = new CutRun(
                run.load(),
                run.paths(),
                run.forces(),
                run.cutter().withSenses(Sensors.NONE),
                run.cutMm(),
                run.travelMm(),
                run.seconds(),
                run.mark());
        try (PlainMachine machine = new PlainMachine(true, -1);
                Asking asking = new Asking(machine.reach(), blind)) {
            assertThat(asking.all()).isEqualTo(Asked.NOTHING);
        }
    }

    @Test
    void oneThatHungUpBeforeItWasAskedIsNotWaitedFor() throws Exception {
        CutRun run = printed(Dialect.Start.NEAR_RIGHT, 0.025);
        try (PlainMachine machine = new PlainMachine(true, 1);
                Asking asking = new Asking(machine.reach(), run)) {
            assertThatThrownBy(asking::all).isInstanceOf(IOException.class);
            // the second question finds the line dead, without any patience
            assertThatThrownBy(asking::all).isInstanceOf(IOException.class);
        }
    }

    /**
     * All files of the job for a machine that counts otherwise are true in the dry run, and read as the usual they are
     * not.
     */
    @ParameterizedTest
    @EnumSource(
            value = Dialect.Start.class,
            names = {"NEAR_LEFT", "FAR_LEFT", "FAR_RIGHT"})
    void aFileForEachCornerIsTheSameCut(Dialect.Start start) {
        Cutter c = SHOP.cutter().withSpeech(new Dialect(start, 0.02, Dialect.Ending.NONE));
        CutRun usual = PLAN.runs().getFirst();
        CutRun other = new CutRun(
                usual.load(),
                usual.paths(),
                usual.forces(),
                c,
                usual.cutMm(),
                usual.travelMm(),
                usual.seconds(),
                usual.mark());
        List<List<Point>> cut = HpglInterpreter.strokes(HpglWriter.write(other), Bed.of(c, usual.load()));
        List<List<Point>> meant = HpglInterpreter.strokes(HpglWriter.write(usual));
        assertThat(cut).hasSameSizeAs(meant);
        for (int i = 0; i < cut.size(); i++) {
            assertThat(cut.get(i).getFirst().distanceMm(meant.get(i).getFirst()))
                    .isLessThan(0.04);
            assertThat(cut.get(i).getLast().distanceMm(meant.get(i).getLast())).isLessThan(0.04);
        }
        assertThat(HpglInterpreter.strokes(HpglWriter.write(other))
                        .getFirst()
                        .getFirst()
                        .distanceMm(meant.getFirst().getFirst()))
                .isGreaterThan(1);
        assertThat(new String(HpglWriter.write(other), java.nio.charset.StandardCharsets.US_ASCII))
                .doesNotContain("\n");
    }
}
