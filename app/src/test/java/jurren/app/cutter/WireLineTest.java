package jurren.app.cutter;

import java.io.IOException;
import java.net.ServerSocket;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import jurren.core.cut.CutRun;
import jurren.core.cut.TestCut;
import jurren.core.geometry.Point;
import jurren.core.job.Shop;
import jurren.core.load.Connection;
import jurren.core.load.Cutter;
import jurren.core.load.Dialect;
import jurren.core.load.Roll;
import jurren.core.material.Material;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.hpgl.HpglWriter;
import jurren.standins.cutter.CutterStatus;
import jurren.standins.cutter.HpglInterpreter;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Whatever happens on the way to a machine, no path is cut twice and none is missing. */
class WireLineTest {
    private static final int PATIENCE_S = 30;
    private static final WireLine.Patience PATIENCE = new WireLine.Patience(3, 4, 0.3);
    private static final Dialect.Answers USUAL = Dialect.Answers.WHEN_THERE;
    private static final Shop SHOP = BuiltInShop.read();

    static CutRun run(boolean wide) {
        Material film = SHOP.material("smooth-film").orElseThrow();
        Cutter cutter = SHOP.cutters().get(wide ? 1 : 0);
        return TestCut.of(
                film,
                film.colours().getFirst().colour(),
                new Roll("r", film.id(), film.colours().getFirst().colour(), 305, 3000),
                cutter,
                TestCut.forces(60, 90, 3, cutter));
    }

    private static BlockingQueue<Report> begin(
            Connection reach, Dialect.Answers how, CutRun run, int from, List<WireLine> opened) throws IOException {
        BlockingQueue<Report> heard = new LinkedBlockingQueue<>();
        opened.add(new WireLine(
                reach,
                how,
                HpglWriter.parts(run, from),
                _ -> 0.01,
                i -> run.paths().get(from + i).start(),
                PATIENCE,
                heard::add));
        return heard;
    }

    private static CutterStatus status(BlockingQueue<Report> heard) throws InterruptedException {
        Report r = heard.poll(PATIENCE_S, TimeUnit.SECONDS);
        assertThat(r).isInstanceOf(Report.At.class);
        return ((Report.At) r).status();
    }

    /** Cuts to the end, however often the line is lost; how often it was. */
    private static int cutAll(PlainMachine machine, Dialect.Answers how, CutRun run) throws Exception {
        int finished = 0;
        int lost = 0;
        while (true) {
            List<WireLine> lines = new ArrayList<>();
            int before = finished;
            BlockingQueue<Report> heard = begin(machine.reach(), how, run, before, lines);
            for (Report r = heard.poll(PATIENCE_S, TimeUnit.SECONDS); ; r = heard.poll(PATIENCE_S, TimeUnit.SECONDS)) {
                assertThat(r).as("it says something").isNotNull();
                if (r instanceof Report.Lost l) {
                    lost++;
                    if (l.inDoubt() && machine.bed().size() > finished) {
                        finished++; // somebody looked
                    }
                    break;
                }
                assertThat(r).isInstanceOf(Report.At.class);
                finished = before + ((Report.At) r).status().finishedPaths();
                if (((Report.At) r).status().state() == CutterStatus.State.READY) {
                    lines.getFirst().close();
                    return lost;
                }
            }
            lines.getFirst().close();
        }
    }

    private static List<List<Point>> expected(CutRun run) {
        return HpglInterpreter.strokes(HpglWriter.write(run));
    }

    @Test
    void allThatIsSentIsCut() throws Exception {
        for (boolean wide : new boolean[] {false, true}) {
            try (PlainMachine machine = new PlainMachine(true, -1)) {
                assertThat(cutAll(machine, USUAL, run(wide))).isZero();
                assertThat(machine.bed()).isEqualTo(expected(run(wide)));
            }
        }
    }

    @Test
    void theLineMayBeLostAtEveryTenthByte() throws Exception {
        CutRun run = run(false);
        int bytes = HpglWriter.write(run).length;
        int losses = 0;
        for (int at = 5; at < bytes; at += 10) {
            try (PlainMachine machine = new PlainMachine(true, at)) {
                losses += cutAll(machine, USUAL, run);
                assertThat(machine.bed()).as("lost after %d bytes", at).isEqualTo(expected(run));
            }
        }
        assertThat(losses).isGreaterThan(bytes / 20);
    }

    @Test
    void aMachineThatCannotAnswerIsGivenItsTime() throws Exception {
        try (PlainMachine machine = new PlainMachine(false, -1)) {
            assertThat(cutAll(machine, Dialect.Answers.NEVER, run(false))).isZero();
            for (int i = 0; i < 200 && machine.bed().size() < 6; i++) {
                TimeUnit.MILLISECONDS.sleep(10);
            }
            assertThat(machine.bed()).isEqualTo(expected(run(false)));
        }
    }

    @Test
    void aPauseAndAStopTakeEffectAfterThePathUnderTheKnife() throws Exception {
        CutRun run = run(false);
        try (PlainMachine machine = new PlainMachine(true, -1)) {
            List<WireLine> lines = new ArrayList<>();
            BlockingQueue<Report> heard = begin(machine.reach(), USUAL, run, 0, lines);
            lines.getFirst().pause();
            CutterStatus s = status(heard);
            while (s.state() != CutterStatus.State.PAUSED && s.state() != CutterStatus.State.READY) {
                s = status(heard);
            }
            assertThat(machine.bed()).hasSize(s.finishedPaths());
            lines.getFirst().stop();
            while (s.state() != CutterStatus.State.READY) {
                s = status(heard);
            }
            int finished = s.finishedPaths();
            lines.getFirst().close();
            BlockingQueue<Report> rest = begin(machine.reach(), USUAL, run, finished, lines);
            while (status(rest).state() != CutterStatus.State.READY) {
                assertThat(machine.bed().size()).isLessThanOrEqualTo(run.paths().size());
            }
            lines.getLast().close();
            assertThat(machine.bed()).isEqualTo(expected(run));
        }
    }

    @Test
    void whatIsThereIsFoundOutByTrying() throws Exception {
        try (PlainMachine machine = new PlainMachine(true, -1)) {
            assertThat(WireLine.ask(machine.reach())).isEqualTo("PLAIN MACHINE");
        }
        try (PlainMachine machine = new PlainMachine(false, -1)) {
            assertThat(WireLine.ask(machine.reach())).isEmpty();
        }
        int free;
        try (ServerSocket s = new ServerSocket(0)) {
            free = s.getLocalPort();
        }
        assertThatThrownBy(() -> WireLine.ask(new Connection(Connection.Kind.PORT, "127.0.0.1:" + free)))
                .isInstanceOf(IOException.class);
    }
}
