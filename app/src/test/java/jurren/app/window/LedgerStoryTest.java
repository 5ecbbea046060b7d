package jurren.app.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import jurren.app.cutter.CutTalk;
import jurren.app.session.Bench;
import jurren.core.job.Job;
import jurren.core.job.Ledger;
import jurren.core.job.MyShop;
import jurren.core.load.Connection;
import jurren.formats.jobfile.JobFile;
import jurren.formats.jobfile.JobRead;
import jurren.standins.cutter.StandInCutter;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Whatever is looked at, changed or closed while it cuts: what was cut stands in the ledger. */
class LedgerStoryTest extends WindowTest {
    @Override
    Job job() {
        return robin();
    }

    private CutTalk talk() {
        return window.shell().cutter();
    }

    private void cutting() {
        run(() -> session.show(Bench.CUT));
        settle();
        run(() -> window.shell().cutBench().show(1, 1));
        click("cut-main");
        until(() -> talk().state() == CutTalk.State.CUTTING && talk().finishedPaths() > 0);
    }

    private void through() {
        run(() -> talk().setSpeedUp(Double.POSITIVE_INFINITY));
        run(() -> {
            try {
                talk().standIn();
            } catch (IOException e) {
                throw new AssertionError(e);
            }
        });
        until(() -> talk().state() == CutTalk.State.DONE);
        settle();
    }

    private List<Ledger.Entry> entries() {
        return on(() -> session.ledger().entries());
    }

    @Test
    void theTextSizeIsChangedAndTheBenchIsLeft() {
        cutting();
        run(() -> session.showText(18));
        settle();
        run(() -> session.show(Bench.ART));
        settle();
        through();
        assertThat(entries()).hasSize(1).first().satisfies(e -> {
            assertThat(e.what()).isEqualTo(Ledger.What.CUT);
            assertThat(e.isWhole()).isTrue();
            assertThat(e.practice()).as("on the stand-in").isTrue();
            assertThat(e.toMm()).isGreaterThan(e.fromMm());
        });
        String mark = entries().getFirst().mark();
        assertThat(on(() -> session.job().made().cut(mark))).isPresent();
        assertThat(on(() -> session.job().made().isCut(mark)))
                .as("no film was cut")
                .isFalse();
        assertThat(on(() -> session.job().laying().taken())).isEmpty();
        run(() -> session.undo());
        assertThat(entries()).hasSize(1);
    }

    @Test
    void anotherCutterIsChosenWhileItCuts() {
        cutting();
        String was = on(() -> session.shop().cutter().name());
        run(() -> session.useShop(session.shop().with(other(session.shop().mine()))));
        settle();
        through();
        assertThat(entries())
                .hasSize(1)
                .first()
                .extracting(Ledger.Entry::machine)
                .isEqualTo(was);
        assertThat(on(() -> session.job().made().cut(entries().getFirst().mark())))
                .isPresent();
    }

    private static MyShop other(MyShop mine) {
        return mine.withCutters(List.of(mine.cutters().get(1), mine.cutters().get(0)));
    }

    @Test
    void theWindowIsClosedInTheMiddleAndOpenedAgain() {
        cutting();
        Path file = folder.resolve("half.jurren");
        run(() -> talk().stop());
        until(() -> talk().state() == CutTalk.State.STOPPED);
        int paths = on(() -> talk().finishedPaths());
        run(() -> session.files().save(file, true, _ -> {}));
        until(() -> !session.files().isUnsaved());
        Ledger kept = ((JobRead.Opened) JobFile.read(file, SHOP)).document().ledger();
        assertThat(kept.entries()).hasSize(1).first().satisfies(e -> {
            assertThat(e.paths()).isEqualTo(paths);
            assertThat(e.isWhole()).isFalse();
        });
        run(() -> session.files().open(file, () -> {}));
        settle();
        assertThat(entries()).isEqualTo(kept.entries());
        assertThat(on(() -> session.job().made().cuts()))
                .as("half of it is no load")
                .isEmpty();
    }

    /** At a network port it is a machine like any other: film leaves the shelf, the knife goes its way. */
    @Test
    void whatAMachineCutsTakesFilmAndWhatIsTriedFirstIsCutBehind() throws IOException {
        try (StandInCutter machine = new StandInCutter(0, Double.POSITIVE_INFINITY)) {
            run(() -> session.useShop(session.shop().with(at(session.shop().mine(), machine.port()))));
            settle();
            run(() -> session.show(Bench.CUT));
            settle();
            run(() -> window.shell().cutBench().show(1, 1));
            click("cut-test");
            click("test-cut");
            until(() -> entries().size() == 1);
            Ledger.Entry tried = entries().getFirst();
            assertThat(tried.what()).isEqualTo(Ledger.What.TRIED);
            assertThat(tried.practice()).isFalse();
            robot.push(javafx.scene.input.KeyCode.ESCAPE);
            settle();
            double before = on(() -> session.shop().shelf().stream()
                    .filter(s -> s.id().equals(tried.stock()))
                    .findFirst()
                    .orElseThrow()
                    .lengthMm());
            click("cut-main");
            until(() -> entries().size() == 2);
            settle();
            Ledger.Entry cut = entries().get(1);
            assertThat(cut.fromMm()).as("behind the squares").isGreaterThan(tried.toMm());
            assertThat(on(() -> session.job().made().isCut(cut.mark()))).isTrue();
            until(() -> session.shop().shelf().stream()
                    .anyMatch(s -> s.id().equals(tried.stock()) && s.lengthMm() < before - cut.toMm()));
        }
    }

    private static MyShop at(MyShop mine, int port) {
        return mine.withCutters(mine.cutters().stream()
                .map(c -> c.withReach(new Connection(Connection.Kind.PORT, "127.0.0.1:" + port)))
                .toList());
    }
}
