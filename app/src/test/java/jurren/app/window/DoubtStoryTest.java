package jurren.app.window;

import java.io.IOException;
import java.util.List;
import javafx.scene.control.TextField;
import jurren.app.cutter.CutTalk;
import jurren.app.cutter.PlainMachine;
import jurren.app.session.Bench;
import jurren.core.job.Job;
import jurren.core.job.MyShop;
import jurren.core.load.Connection;
import jurren.core.load.Dialect;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** A machine that does not say that a path is cut: a person is asked, and nothing is guessed. */
class DoubtStoryTest extends WindowTest {
    @Override
    Job job() {
        return DEMO.withLines(DEMO.lines().subList(0, 1));
    }

    private CutTalk talk() {
        return window.shell().cutter();
    }

    private MyShop at(MyShop mine, PlainMachine machine) {
        return mine.withCutters(List.of(mine.cutters()
                .getFirst()
                .withReach(machine.reach())
                .withSpeech(mine.cutters().getFirst().speech().withAnswers(Dialect.Answers.WHEN_THERE))));
    }

    /** Hangs up once, in the middle of a path: nobody knows whether that is cut. */
    @Test
    void whatIsInDoubtIsAskedAndTheCutGoesOnWhereAPersonSays() throws IOException {
        try (PlainMachine machine = new PlainMachine(true, 1500)) {
            assertThat(machine.reach().kind()).isEqualTo(Connection.Kind.PORT);
            run(() -> session.useShop(session.shop().with(at(session.shop().mine(), machine))));
            settle();
            run(() -> session.show(Bench.CUT));
            settle();
            run(() -> window.shell().cutBench().show(1, 1));
            click("cut-main");
            until(() -> talk().state() == CutTalk.State.LINE_LOST);
            settle();
            int finished = on(() -> talk().finishedPaths());
            assertThat(finished).isPositive();
            assertThat(on(() -> talk().phase().isInDoubt())).isTrue();
            assertThat(on(() -> node("cut-main").isDisabled()))
                    .as("first it is asked")
                    .isTrue();
            boolean isCut = machine.bed().size() > finished;
            click(isCut ? "doubt-cut" : "doubt-not-cut");
            settle();
            assertThat(isThere("doubt-cut")
                            && on(() ->
                                    node("doubt-cut").getParent().getParent().isVisible()))
                    .as("it is answered")
                    .isFalse();
            assertThat(on(() -> node("cut-main").isDisabled())).isFalse();
            int next = finished + (isCut ? 1 : 0);
            assertThat(on(() -> talk().finishedPaths())).isEqualTo(next);
            assertThat(on(() -> ((TextField) node("go-on-path")).getText())).isEqualTo(String.valueOf(next + 1));
            int all = on(() -> talk().run().orElseThrow().paths().size());
            int from = all - 2;
            type("go-on-path", String.valueOf(from + 1));
            click("strip-pause"); // wherever one goes on, it is there
            until(() -> talk().state() == CutTalk.State.DONE);
            assertThat(machine.bed()).hasSize(next + 2);
        }
    }
}
