package jurren.app.window;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.stage.Stage;
import jurren.app.bench.BenchEntry;
import jurren.app.bench.BenchView;
import jurren.app.bench.art.ArtActions;
import jurren.app.bench.cut.BeforeCut;
import jurren.app.cutter.CutRecorder;
import jurren.app.cutter.CutTalk;
import jurren.app.session.Bench;
import jurren.app.session.Session;
import jurren.core.plan.Planner;
import jurren.formats.jobfile.JobDocument;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** What was opened closes without a trace: nothing listens, nothing works, nothing is told. */
class ClosingTest extends WindowTest {
    @Test
    void aWindowThatIsClosedListensToNothing() {
        for (Bench bench : Bench.values()) {
            run(() -> session.show(bench));
            settle();
        }
        int mine = 1;
        assertThat(on(session::watcherCount))
                .as("the shell, the title, and this test")
                .isEqualTo(2 + mine);
        run(() -> window.shell().close());
        assertThat(on(session::watcherCount)).isEqualTo(1 + mine);
    }

    @Test
    void everyBenchClosesAndStopsWhatItHadWorkedOut() {
        AtomicInteger told = new AtomicInteger();
        CutTalk talk = new CutTalk();
        List<BenchEntry> entries = Benches.of(
                session, new ArtActions(session), new BeforeCut(session, talk, new CutRecorder(session, talk)));
        assertThat(entries).extracting(BenchEntry::id).containsExactly(Bench.values());
        for (BenchEntry entry : entries) {
            BenchView view = on(() -> {
                BenchView made = entry.maker().get();
                session.choose(Optional.of("m2"));
                made.update();
                return made;
            });
            run(view::close);
            run(view::close);
        }
        run(talk::close);
        settle();
        assertThat(on(() -> session.desk().isIdle())).isTrue();
        run(() -> session.desk().watch(told::incrementAndGet));
        Hands.turn();
        assertThat(told).as("nothing that was closed asks for more").hasValue(0);
    }

    @Test
    void everySnagIsMendedOnExactlyOneBench() {
        List<BenchEntry> entries = on(() -> Benches.of(
                session,
                new ArtActions(session),
                new BeforeCut(
                        session,
                        window.shell().cutter(),
                        new CutRecorder(session, window.shell().cutter()))));
        for (var subject : jurren.core.snag.Snag.Subject.values()) {
            assertThat(entries.stream().filter(e -> e.mends().contains(subject)))
                    .as("%s", subject)
                    .hasSize(1);
        }
    }

    @Test
    void twoWindowsWorkAtOnceOverOnePlanner() {
        Planner shared = new Planner();
        Session[] two = new Session[2];
        Stage[] stages = new Stage[2];
        for (int i = 0; i < 2; i++) {
            int n = i;
            run(() -> {
                two[n] =
                        new Session(SHOP, JobDocument.of(DEMO.withName("window " + n)), folder.resolve("both"), shared);
                stages[n] = new Stage();
                new JurrenWindow(stages[n], two[n], new SystemFiles(stages[n], two[n].settings())).show();
            });
        }
        for (int round = 0; round < 5; round++) {
            double x = round;
            run(() -> {
                two[0].editLine(l -> l.withMotif("m2", m -> m.withPose(m.pose().moved(x, 0))));
                two[1].editLine(l -> l.withMotif("m2", m -> m.withPose(m.pose().moved(0, x))));
            });
        }
        until(() -> two[0].isSettled() && two[1].isSettled());
        assertThat(on(() -> two[0].plan().orElseThrow().job().name())).isEqualTo("window 0");
        assertThat(on(() -> two[1].plan().orElseThrow().job().name())).isEqualTo("window 1");
        Planner alone = new Planner();
        for (Session s : two) {
            assertThat(on(() ->
                            s.plan().orElseThrow().lines().getFirst().drawn().layers()))
                    .isEqualTo(alone.plan(on(s::job), on(s::shop))
                            .lines()
                            .getFirst()
                            .drawn()
                            .layers());
        }
        run(() -> {
            two[0].close();
            two[1].close();
            stages[0].close();
            stages[1].close();
        });
    }

    @Test
    void whatIsClosedTellsNothingAnyMore() {
        run(() -> {
            session.editLine(l -> l.withMotif("m2", m -> m.withPose(m.pose().moved(1, 0))));
            window.close();
        });
        Hands.turn();
        assertThat(on(() -> session.desk().isClosed())).isTrue();
        assertThat(on(() -> session.desk().running())).isEmpty();
    }
}
