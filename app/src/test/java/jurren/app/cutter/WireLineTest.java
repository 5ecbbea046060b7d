package jurren.app.cutter;

import java.io.IOException;
import java.net.ServerSocket;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import jurren.core.cut.CutRun;
import jurren.core.cut.TestCut;
import jurren.core.geometry.Point;
import jurren.core.job.Shop;
import jurren.core.load.Connection;
import jurren.core.load.Cutter;
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

    private static BlockingQueue<Optional<CutterStatus>> begin(
            Connection reach, CutRun run, int from, List<WireLine> opened) throws IOException {
        BlockingQueue<Optional<CutterStatus>> heard = new LinkedBlockingQueue<>();
        opened.add(new WireLine(
                reach,
                HpglWriter.parts(run, from),
                _ -> 0.01,
                i -> run.paths().get(from + i).start(),
                s -> heard.add(Optional.ofNullable(s))));
        return heard;
    }

    /** Cuts to the end, however often the line is lost; how often it was. */
    private static int cutAll(PlainMachine machine, CutRun run) throws Exception {
        int finished = 0;
        int lost = 0;
        while (true) {
            List<WireLine> lines = new java.util.ArrayList<>();
            int before = finished;
            BlockingQueue<Optional<CutterStatus>> heard = begin(machine.reach(), run, before, lines);
            for (Optional<CutterStatus> s = heard.poll(PATIENCE_S, TimeUnit.SECONDS);
                    ;
                    s = heard.poll(PATIENCE_S, TimeUnit.SECONDS)) {
                assertThat(s).as("it says something").isNotNull();
                if (s.isEmpty()) {
                    lost++;
                    break;
                }
                finished = before + s.get().finishedPaths();
                if (s.get().state() == CutterStatus.State.READY) {
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
                assertThat(cutAll(machine, run(wide))).isZero();
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
                losses += cutAll(machine, run);
                assertThat(machine.bed()).as("lost after %d bytes", at).isEqualTo(expected(run));
            }
        }
        assertThat(losses).isGreaterThan(bytes / 20);
    }

    @Test
    void aMachineThatSaysNothingIsGivenItsTime() throws Exception {
        try (PlainMachine machine = new PlainMachine(false, -1)) {
            assertThat(cutAll(machine, run(false))).isZero();
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
            List<WireLine> lines = new java.util.ArrayList<>();
            BlockingQueue<Optional<CutterStatus>> heard = begin(machine.reach(), run, 0, lines);
            lines.getFirst().pause();
            CutterStatus s = heard.poll(PATIENCE_S, TimeUnit.SECONDS).orElseThrow();
            while (s.state() != CutterStatus.State.PAUSED && s.state() != CutterStatus.State.READY) {
                s = heard.poll(PATIENCE_S, TimeUnit.SECONDS).orElseThrow();
            }
            assertThat(machine.bed()).hasSize(s.finishedPaths());
            lines.getFirst().stop();
            while (s.state() != CutterStatus.State.READY) {
                s = heard.poll(PATIENCE_S, TimeUnit.SECONDS).orElseThrow();
            }
            int finished = s.finishedPaths();
            lines.getFirst().close();
            BlockingQueue<Optional<CutterStatus>> rest = begin(machine.reach(), run, finished, lines);
            while (rest.poll(PATIENCE_S, TimeUnit.SECONDS).orElseThrow().state() != CutterStatus.State.READY) {
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
