package jurren.app.window;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import jurren.app.session.Bench;
import jurren.core.art.Films;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.finish.HeatStep;
import jurren.core.finish.Step;
import jurren.core.finish.StepKind;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.job.Place;
import jurren.core.job.SizeEntry;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import jurren.core.plan.LinePlan;
import jurren.core.run.RunTask;
import jurren.core.run.RunTasks;
import jurren.core.snag.Snag;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Two shirts with a front of two films and a back: pressed by keys, one spoiled, the sequence changed by hand, the
 * whole job as a run.
 */
class FinishStoryTest extends WindowTest {
    private static final Colour CREAM = Colour.of("#F6EFDC");
    private static final Colour SKY = Colour.of("#7FC4DA");

    private static Motif square(String id, double mm, Colour colour) {
        return new Motif(
                id, "square " + id, new Shape(Shape.Kind.RECTANGLE, mm, mm, 4, 0, colour), List.of(), Pose.at(0, 170));
    }

    @Override
    Job job() {
        Job job = NewJobs.onBlank(SHOP.blank("tee-adult").orElseThrow(), "Fair", "tee", "black", "smooth-film");
        return job.withLine(
                "A",
                l -> l.withMotifs(List.of(square("m1", 90, SKY), square("m2", 60, CREAM)))
                        .withSizes(List.of(SizeEntry.of("M", 2)))
                        .withPlace(Place.of("back", "smooth-film"))
                        .at(1)
                        .withMotifs(List.of(square("m3", 80, CREAM)))
                        .at(0));
    }

    @BeforeEach
    void finishBench() {
        run(() -> session.show(Bench.FINISH));
        settle();
        focus(node("timer-next"));
    }

    private LinePlan line() {
        return on(() -> session.linePlan().orElseThrow());
    }

    private void next(int times) {
        for (int i = 0; i < times; i++) {
            robot.push(KeyCode.N);
            settle();
        }
    }

    @Test
    void aShirtOfTwoPlacesIsPressedWithOneKey() {
        int front = line().finish().steps().size();
        assertThat(on(() -> session.line().at())).isZero();
        next(front);
        assertThat(on(() -> session.line().at())).as("then its back").isEqualTo(1);
        assertThat(line().finish().steps()).anyMatch(s -> s.kind() == HeatStep.TURN_OVER);
        assertThat(on(() -> session.job().made().pressed("A"))).isZero();
        next(line().finish().steps().size());
        assertThat(on(() -> session.job().made().pressed("A")))
                .as("one shirt is done")
                .isEqualTo(1);
        assertThat(on(() -> session.line().at())).isZero();
        robot.push(KeyCode.T);
        assertThat(text("timer-start")).isEqualTo("Hold");
        robot.push(KeyCode.T);
        assertThat(text("timer-start")).isEqualTo("Start timer");
    }

    @Test
    void aSpoiledShirtIsCutAgainBesideTheOthers() {
        int laid = on(() -> session.plan().orElseThrow().runs().stream()
                .mapToInt(r -> r.load().placed().size())
                .sum());
        assertThat(laid).as("two of each film, and two backs").isEqualTo(6);
        click("piece-spoiled");
        settle();
        assertThat(on(() -> session.plan().orElseThrow().runs().stream()
                        .mapToInt(r -> r.load().placed().size())
                        .sum()))
                .isEqualTo(9);
        assertThat(on(() -> session.job().made().spoiled("A", "M"))).isEqualTo(1);
        assertThat(on(() -> session.job().made().pressed("A"))).isZero();
        run(session::undo);
        settle();
        assertThat(on(() -> session.plan().orElseThrow().runs().stream()
                        .mapToInt(r -> r.load().placed().size())
                        .sum()))
                .isEqualTo(6);
    }

    private void choose(StepKind kind) {
        Step step = line().finish().steps().stream()
                .filter(s -> s.kind() == kind)
                .findFirst()
                .orElseThrow();
        run(() -> ((ToggleButton) stage().getScene().lookup("#step-" + step.order())).fire());
        settle();
    }

    private double dwell() {
        return line().finish().steps().stream()
                .filter(s -> s.kind() == HeatStep.PRESS)
                .mapToDouble(Step::seconds)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void secondsAndOrderAreSetByHandAndTheRestIsSolvedAround() {
        double solved = dwell();
        choose(HeatStep.PRESS);
        type("press-seconds", "14");
        assertThat(dwell()).isEqualTo(14).isNotEqualTo(solved);
        assertThat(line().finish().heat()).noneMatch(h -> h.tooMuch());
        choose(HeatStep.PRESS);
        type("press-seconds", "soon");
        assertThat(said()).contains("\u201csoon\u201d is no time");
        assertThat(dwell()).isEqualTo(14);
        type("press-seconds", "5");
        assertThat(on(() -> session.plan().orElseThrow().snags()))
                .as("too short to bond: said, and pressed without that")
                .anyMatch(Snag.PressClash.class::isInstance);
        assertThat(dwell()).isEqualTo(solved);
        choose(HeatStep.PRESS);
        click("press-solved");
        settle();
        assertThat(on(() -> session.plan().orElseThrow().snags())).noneMatch(Snag.PressClash.class::isInstance);
        assertThat(on(() -> session.line().pressWishes())).isEmpty();
    }

    /** As a hand does: pressed in the middle of one card, drawn to the middle of another and let go there. */
    private void draw(Step step, Step onto) {
        run(() -> {
            Node card = stage().getScene().lookup("#step-" + step.order());
            Node other = stage().getScene().lookup("#step-" + onto.order());
            double from = middle(card);
            double to = middle(other);
            for (Map.Entry<EventType<MouseEvent>, Double> e : List.of(
                    Map.entry(MouseEvent.MOUSE_PRESSED, from),
                    Map.entry(MouseEvent.MOUSE_DRAGGED, (from + to) / 2),
                    Map.entry(MouseEvent.MOUSE_DRAGGED, to),
                    Map.entry(MouseEvent.MOUSE_RELEASED, to))) {
                Event.fireEvent(
                        card,
                        new MouseEvent(
                                e.getKey(),
                                e.getValue(),
                                0,
                                e.getValue(),
                                0,
                                MouseButton.PRIMARY,
                                1,
                                false,
                                false,
                                false,
                                false,
                                true,
                                false,
                                false,
                                false,
                                false,
                                false,
                                null));
            }
        });
        settle();
    }

    private static double middle(Node card) {
        return card.localToScene(card.getBoundsInLocal().getCenterX(), 0).getX();
    }

    /** The films lie on each other, so what is wished by the hand cannot be; it is kept, and said. */
    @Test
    void aStepIsDrawnOverAnother() {
        List<Step> laying = line().finish().steps().stream()
                .filter(s -> s.kind() == HeatStep.TACK || s.kind() == HeatStep.PRESS)
                .toList();
        Step first = laying.getFirst();
        Step last = laying.getLast();
        Film lower = line().drawn().layers().get(first.layer() - 1).film();
        Film upper = line().drawn().layers().get(last.layer() - 1).film();
        assertThat(lower).isNotEqualTo(upper);
        draw(first, last);
        assertThat(on(() -> session.line().pressWish(lower).after())).hasValue(upper);
        assertThat(on(() -> session.plan().orElseThrow().snags())).anyMatch(Snag.PressClash.class::isInstance);
        run(() -> session.undo());
        settle();
        assertThat(on(() -> session.line().pressWishes())).isEmpty();
    }

    @Test
    void limitsThatClashAreNamedWithWhatHelps() {
        run(() -> session.editLine(l -> l.withMotif("m1", m -> m.withFilms(Films.allOf("low-heat-film")))));
        settle();
        Snag clash = on(() -> session.plan().orElseThrow().snags()).stream()
                .filter(Snag.PressClash.class::isInstance)
                .findFirst()
                .orElseThrow();
        assertThat(on(() -> session.words().snag(clash, session.plan().orElseThrow())))
                .contains("bears 293 °F")
                .contains("needs 302 °F");
        until(() -> !session.snags().remedies().of(clash).isEmpty());
        run(() -> session.snags().take(session.snags().remedies().of(clash).getFirst()));
        settle();
        assertThat(on(() -> session.plan().orElseThrow().snags())).noneMatch(Snag.PressClash.class::isInstance);
    }

    @Test
    void theWholeJobIsOneRunFromWhichWhatIsDoneGoes() throws Exception {
        run(() -> ((ToggleButton) stage().getScene().lookup("#finish-side-run")).setSelected(true));
        settle();
        until(() -> stage().getScene().lookup("#run-done") != null);
        assertThat(text("run-done")).isEqualTo("To the cutter");
        List<RunTask> before = on(() -> RunTasks.of(session.plan().orElseThrow()));
        assertThat(before).extracting(RunTask::kind).contains(RunTask.Kind.CUT, RunTask.Kind.WEED, RunTask.Kind.PRESS);
        RunTask weed = before.stream()
                .filter(t -> t.kind() == RunTask.Kind.WEED)
                .findFirst()
                .orElseThrow();
        click("run-begin");
        settle();
        until(() -> stage().getScene().lookup("#run-stands") != null);
        assertThat(text("run-stands")).startsWith("as it was to be");
        run(() -> session.editMade(m -> m.withBegun(
                java.time.Instant.now().minusSeconds(7200),
                java.time.Instant.now().minusSeconds(3600))));
        settle();
        until(() -> text("run-stands").contains("late"));
        run(() -> session.editMade(m -> m.withDone(weed.id())));
        settle();
        assertThat(on(() -> RunTasks.of(session.plan().orElseThrow())))
                .hasSize(before.size() - 1)
                .noneMatch(t -> t.id().equals(weed.id()));
        Path file = folder.resolve("run.pdf");
        answers.add(file);
        click("run-print");
        until(() -> Files.exists(file));
        settle();
        assertThat(new String(Files.readAllBytes(file), 0, 5, StandardCharsets.ISO_8859_1))
                .isEqualTo("%PDF-");
        click("run-done");
        settle();
        assertThat(on(() -> session.bench())).isEqualTo(Bench.CUT);
    }
}
