package jurren.app.cutter;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import jurren.app.cutter.ForeignMachine.Manner;
import jurren.core.cut.CutRun;
import jurren.core.load.Dialect;
import jurren.formats.hpgl.HpglWriter;
import jurren.standins.cutter.CutterStatus;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import static org.assertj.core.api.Assertions.assertThat;

/** Whatever a machine answers: what is cut, in doubt and left is all there is, and nothing is counted that is missing. */
class ForeignMachineTest {
    private static final WireLine.Patience SHORT = new WireLine.Patience(3, 0.6, 0.6);
    private static final int FROM_THE_THIRD = 3;
    private static final long LONGEST_S = 20;

    private final CutRun run = WireLineTest.run(false);
    private final BlockingQueue<Report> heard = new LinkedBlockingQueue<>();
    private int finished;
    private int doubts;
    /** Cut by another machine before. */
    private int elsewhere;

    private WireLine line(ForeignMachine machine, Dialect.Answers how) throws IOException {
        int from = finished;
        return new WireLine(
                machine.reach(),
                how,
                HpglWriter.parts(run, from),
                _ -> 0.01,
                i -> run.paths().get(from + i).start(),
                SHORT,
                heard::add);
    }

    /** Until it is through, in doubt for good or gone; a path in doubt is looked at, for its machine knows. */
    private Report talk(ForeignMachine machine, Dialect.Answers how) throws Exception {
        int from = finished;
        try (WireLine line = line(machine, how)) {
            while (true) {
                Report r = heard.poll(LONGEST_S, TimeUnit.SECONDS);
                assertThat(r).as("nobody waits for ever").isNotNull();
                switch (r) {
                    case Report.At(CutterStatus at) -> {
                        finished = from + at.finishedPaths();
                        assertThat(elsewhere + machine.cut().size())
                                .as("counted is cut")
                                .isGreaterThanOrEqualTo(finished);
                        if (at.state() == CutterStatus.State.READY) {
                            return r;
                        }
                    }
                    case Report.InDoubt d -> {
                        doubts++;
                        boolean isCut = elsewhere + machine.cut().size() > from + d.path();
                        if (!isCut) {
                            return r;
                        }
                        line.looked(true);
                    }
                    case Report.Lost l -> {
                        doubts += l.inDoubt() ? 1 : 0;
                        return r;
                    }
                }
            }
        }
    }

    private List<String> all() throws Exception {
        ForeignMachineTest other = new ForeignMachineTest();
        try (ForeignMachine plain = new ForeignMachine(Manner.PLAIN, 1)) {
            other.talk(plain, Dialect.Answers.WHEN_THERE);
            return plain.cut();
        }
    }

    @ParameterizedTest
    @EnumSource
    void nothingIsMissingAndNothingIsCutTwice(Manner manner) throws Exception {
        List<String> all = all();
        assertThat(all).hasSize(run.paths().size()).hasSizeGreaterThan(FROM_THE_THIRD + 2);
        List<String> cut = new ArrayList<>();
        try (ForeignMachine machine = new ForeignMachine(manner, FROM_THE_THIRD)) {
            talk(machine, Dialect.Answers.WHEN_THERE);
            cut.addAll(machine.cut());
        }
        boolean understood = List.of(
                        Manner.PLAIN,
                        Manner.GREETS,
                        Manner.EMPTY_LINE_FIRST,
                        Manner.ENDS_WITH_LF_CR,
                        Manner.ENDS_WITH_NOTHING,
                        Manner.TWICE)
                .contains(manner);
        assertThat(doubts > 0).as("%d doubts", doubts).isEqualTo(!understood);
        // what is in doubt is looked at; the rest is cut on a machine that is as one expects
        finished = cut.size();
        elsewhere = cut.size();
        if (finished < all.size()) {
            try (ForeignMachine machine = new ForeignMachine(Manner.PLAIN, 1)) {
                talk(machine, Dialect.Answers.WHEN_THERE);
                cut.addAll(machine.cut());
            }
        }
        assertThat(cut).isEqualTo(all);
    }

    @ParameterizedTest
    @EnumSource(names = {"SILENT", "STANDS_STILL", "JAMS"})
    void aMachineThatCutsNothingIsNeverDone(Manner manner) throws Exception {
        try (ForeignMachine machine = new ForeignMachine(manner, FROM_THE_THIRD)) {
            assertThat(talk(machine, Dialect.Answers.WHEN_THERE))
                    .isEqualTo(new Report.InDoubt(
                            FROM_THE_THIRD - 1,
                            switch (manner) {
                                case JAMS -> "E35 JAM";
                                case STANDS_STILL -> place(machine.cut().getLast());
                                default -> "";
                            }));
        }
        assertThat(finished).isEqualTo(FROM_THE_THIRD - 1);
    }

    /** Where the travel to the next stroke ended: the machine stands at its beginning. */
    private String place(String lastStroke) throws Exception {
        return all().get(FROM_THE_THIRD - 1).split(" ")[0] + ",1";
    }

    @ParameterizedTest
    @EnumSource(names = {"PLAIN", "STANDS_STILL"})
    void oneThatAnswersAtOnceIsGivenTheTimeOfEachPath(Manner manner) throws Exception {
        try (ForeignMachine machine = new ForeignMachine(manner, 100)) {
            Report last = talk(machine, Dialect.Answers.AT_ONCE);
            assertThat(last).isInstanceOf(Report.At.class);
            assertThat(machine.cut()).hasSize(run.paths().size());
        }
    }
}
