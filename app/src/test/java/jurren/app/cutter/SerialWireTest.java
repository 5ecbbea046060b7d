package jurren.app.cutter;

import java.io.IOException;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import jurren.core.cut.CutRun;
import jurren.core.load.Connection;
import jurren.core.load.Dialect;
import jurren.formats.hpgl.HpglWriter;
import jurren.standins.cutter.CutterStatus;
import jurren.standins.cutter.HpglInterpreter;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

/** A serial port, tried on a pair of pseudo-terminals. */
class SerialWireTest {
    private static final int PATIENCE_S = 30;

    @BeforeEach
    void onlyWhereThereAreSuch() {
        assumeTrue(PseudoTerminal.isPossible());
    }

    private static Connection reach(PseudoTerminal terminal) {
        return new Connection(Connection.Kind.SERIAL, terminal.name() + " 9600 none");
    }

    private static void serve(PlainMachine machine, PseudoTerminal terminal) {
        Thread.ofPlatform().daemon().start(() -> {
            try {
                machine.serve(terminal.in(), terminal.out());
            } catch (IOException _) {
                // its cable was pulled
            }
        });
    }

    private static CutterStatus status(BlockingQueue<Report> heard) throws InterruptedException {
        Report r = heard.poll(PATIENCE_S, TimeUnit.SECONDS);
        assertThat(r).isInstanceOf(Report.At.class);
        return ((Report.At) r).status();
    }

    @Test
    void allThatIsSentIsCutOnce() throws Exception {
        CutRun run = WireLineTest.run(true);
        try (PlainMachine machine = new PlainMachine(true, -1);
                PseudoTerminal terminal = new PseudoTerminal()) {
            serve(machine, terminal);
            assertThat(WireLine.ask(reach(terminal))).isEqualTo("PLAIN MACHINE");
            BlockingQueue<Report> heard = new LinkedBlockingQueue<>();
            try (WireLine _ = new WireLine(
                    reach(terminal),
                    Dialect.Answers.WHEN_THERE,
                    HpglWriter.parts(run, 0),
                    _ -> 0.01,
                    i -> run.paths().get(i).start(),
                    WireLine.Patience.USUAL,
                    heard::add)) {
                int finished = 0;
                while (finished < run.paths().size()) {
                    Report r = heard.poll(PATIENCE_S, TimeUnit.SECONDS);
                    assertThat(r).as("the line holds").isInstanceOf(Report.At.class);
                    finished = ((Report.At) r).status().finishedPaths();
                }
            }
            assertThat(machine.bed()).isEqualTo(HpglInterpreter.strokes(HpglWriter.write(run)));
        }
    }

    @Test
    void aPulledCableIsToldAndWhatWasCutIsKnown() throws Exception {
        CutRun run = WireLineTest.run(false);
        try (PlainMachine machine = new PlainMachine(true, -1)) {
            PseudoTerminal terminal = new PseudoTerminal();
            serve(machine, terminal);
            BlockingQueue<Report> heard = new LinkedBlockingQueue<>();
            try (WireLine line = new WireLine(
                    reach(terminal),
                    Dialect.Answers.WHEN_THERE,
                    HpglWriter.parts(run, 0),
                    _ -> 0.01,
                    i -> run.paths().get(i).start(),
                    WireLine.Patience.USUAL,
                    heard::add)) {
                CutterStatus now = status(heard);
                line.pause();
                while (now.state() != CutterStatus.State.PAUSED) {
                    now = status(heard);
                }
                int finished = now.finishedPaths();
                assertThat(machine.bed().size()).isGreaterThanOrEqualTo(finished);
                terminal.close();
                line.carryOn();
                Report last = heard.poll(PATIENCE_S, TimeUnit.SECONDS);
                while (last instanceof Report.At(CutterStatus at)) {
                    assertThat(at.finishedPaths())
                            .isLessThanOrEqualTo(machine.bed().size());
                    last = heard.poll(PATIENCE_S, TimeUnit.SECONDS);
                }
                assertThat(last).as("the lost line is told").isInstanceOf(Report.Lost.class);
            }
        }
    }

    @Test
    void aPortThatIsNotThereSaysWhichAre() {
        assertThatThrownBy(() -> WireLine.ask(new Connection(Connection.Kind.SERIAL, "/dev/nothing-here")))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("/dev/nothing-here")
                .hasMessageMatching(".*(There are|This computer knows none).*");
    }
}
