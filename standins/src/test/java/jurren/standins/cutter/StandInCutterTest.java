package jurren.standins.cutter;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import jurren.core.cut.CutRun;
import jurren.core.geometry.Point;
import jurren.core.plan.Planner;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.hpgl.HpglWriter;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

@Timeout(60)
class StandInCutterTest {
    private static final CutterStatus DEAD = new CutterStatus(CutterStatus.State.READY, -1, 0, Point.ORIGIN);
    private static final CutRun RUN =
            new Planner().plan(DemoJob.make(), BuiltInShop.read()).runs().get(1);

    private final BlockingQueue<CutterStatus> answers = new LinkedBlockingQueue<>();
    private StandInCutter cutter;

    @BeforeEach
    void switchOn() throws IOException {
        cutter = new StandInCutter(0, 10_000);
    }

    @AfterEach
    void switchOff() throws IOException {
        cutter.close();
    }

    private CutterLine call() throws IOException {
        return new CutterLine(cutter.port(), s -> answers.add(s == null ? DEAD : s));
    }

    private CutterStatus until(Predicate<CutterStatus> holds) throws InterruptedException {
        for (CutterStatus s = answers.poll(30, TimeUnit.SECONDS); s != null; s = answers.poll(30, TimeUnit.SECONDS)) {
            if (holds.test(s)) {
                return s;
            }
        }
        throw new AssertionError("the cutter did not answer as awaited");
    }

    @Test
    void cutsWhatItIsSentAndTellsHowFarItIs() throws Exception {
        try (CutterLine line = call()) {
            line.send(HpglWriter.write(RUN));
            CutterStatus end = until(s -> s.finishedPaths() == RUN.paths().size());

            assertThat(cutter.bed()).isEqualTo(HpglInterpreter.strokes(HpglWriter.write(RUN)));
            assertThat(cutter.bed()).hasSize(RUN.paths().size());
            assertThat(end.cutMm()).isBetween(RUN.cutMm() * 0.999, RUN.cutMm() * 1.001);
        }
    }

    @Test
    void goesOnAfterTheLidWithoutCuttingAnythingTwice() throws Exception {
        cutter.failAfter(5, Fault.LID_OPENED);
        try (CutterLine line = call()) {
            line.send(HpglWriter.write(RUN));
            assertThat(until(s -> s.state() == CutterStatus.State.LID_OPEN).finishedPaths())
                    .isEqualTo(5);
            assertThat(cutter.bed()).hasSize(5);

            cutter.closeLid();
            line.carryOn();
            until(s -> s.finishedPaths() == RUN.paths().size());
            assertThat(cutter.bed()).isEqualTo(HpglInterpreter.strokes(HpglWriter.write(RUN)));
        }
    }

    @Test
    void afterALostLineTheRestCanBeSentFromTheLastFinishedPath() throws Exception {
        cutter.failAfter(7, Fault.CONNECTION_LOST);
        try {
            call().send(HpglWriter.write(RUN));
        } catch (IOException _) {
            // a fast cutter drops the line while the rest is still on its way
            assertThat(cutter.bed()).isNotEmpty();
        }
        until(s -> s == DEAD);
        int done = cutter.bed().size();
        assertThat(done).isEqualTo(7);

        try (CutterLine again = call()) {
            again.send(HpglWriter.write(RUN, done));
            until(s -> s.finishedPaths() == RUN.paths().size() - done);
        }
        assertThat(cutter.bed()).isEqualTo(HpglInterpreter.strokes(HpglWriter.write(RUN)));
    }

    @Test
    void pausesCarriesOnAndStops() throws Exception {
        cutter.setSpeedUp(50);
        try (CutterLine line = call()) {
            line.send(HpglWriter.write(RUN));
            until(s -> s.finishedPaths() >= 1);
            line.pause();
            int paused = until(s -> s.state() == CutterStatus.State.PAUSED).finishedPaths();
            assertThat(paused).isLessThan(RUN.paths().size());
            line.carryOn();
            until(s -> s.finishedPaths() > paused);
            line.pause();
            until(s -> s.state() == CutterStatus.State.PAUSED);
            line.stop();
            int end = until(s -> s.state() == CutterStatus.State.READY).finishedPaths();
            assertThat(cutter.bed()).hasSize(end).hasSizeLessThan(RUN.paths().size());
            line.send(HpglWriter.write(RUN, end));
            until(s -> s.finishedPaths() == RUN.paths().size());
        }
        assertThat(cutter.bed())
                .as("stopped and begun again from there")
                .isEqualTo(HpglInterpreter.strokes(HpglWriter.write(RUN)));
    }

    @Test
    void aBusyPortIsRefused() {
        assertThatThrownBy(() -> new StandInCutter(cutter.port(), 1)).isInstanceOf(IOException.class);
        assertThatThrownBy(() -> cutter.setSpeedUp(0)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void interpreterReadsTheDialectsOfOthers() {
        String other = "IN;SP1;PU 40 80;PD;PA 80,80,80,120;PR0,40;PU;PA0,0;LBhello;PD;PU;";
        List<List<Point>> strokes = HpglInterpreter.strokes(other.getBytes(StandardCharsets.US_ASCII));

        assertThat(strokes)
                .containsExactly(List.of(new Point(1, 2), new Point(2, 2), new Point(2, 3), new Point(2, 4)));
        assertThat(HpglInterpreter.strokes("PD1,x;PD;;;9".getBytes(StandardCharsets.US_ASCII)))
                .isEmpty();
        assertThat(CutterStatus.parse("nonsense")).isEmpty();
        assertThat(CutterStatus.parse(DEAD.line())).contains(DEAD);
    }
}
