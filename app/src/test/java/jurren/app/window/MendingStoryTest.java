package jurren.app.window;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import jurren.app.session.Bench;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.art.treat.KnockOut;
import jurren.core.cure.Cure;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.material.Colour;
import jurren.core.snag.Snag;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** A wild arrangement made clean, from snag to snag by keys alone. */
class MendingStoryTest extends WindowTest {
    private static final Colour CREAM = Colour.of("#F6EFDC");

    @Override
    Job job() {
        Job job = NewJobs.onBlank(SHOP.blank("tee-adult").orElseThrow(), "Fair", "tee", "black", "smooth-film");
        Motif script = new Motif(
                "m1",
                "crew",
                Lettering.of("kite crew", ShippedTypeface.PACIFICO, 24, CREAM),
                List.of(),
                Pose.at(0, 160));
        Motif outside = new Motif(
                "m2",
                "square",
                new Shape(Shape.Kind.RECTANGLE, 30, 30, 4, 0, CREAM),
                List.of(new KnockOut("gone", 1)),
                Pose.at(0, 60));
        Motif pink = new Motif(
                "m3",
                "disc",
                new Shape(Shape.Kind.ELLIPSE, 30, 30, 4, 0, Colour.of("#E97540")),
                List.of(),
                Pose.at(60, 240));
        return job.withLine("A", l -> l.withMotifs(List.of(script, outside, pink)));
    }

    private List<Snag> snags() {
        return on(() -> session.plan().orElseThrow().snags());
    }

    private void untilCured() {
        until(() -> (session.isSettled()
                && (session.plan().orElseThrow().snags().isEmpty()
                        || !session.snags().remedies().cures().isEmpty())));
        settle();
    }

    private boolean isAtACure() {
        return on(() -> stage().getScene().getFocusOwner() instanceof Button b
                && b.getStyleClass().contains("cure"));
    }

    private void key(KeyCode... codes) {
        robot.push(codes);
        settle();
    }

    @Test
    void fromSnagToSnagWithoutAMouse() {
        untilCured();
        assertThat(snags())
                .anyMatch(Snag.NotWelded.class::isInstance)
                .anyMatch(Snag.OutsideArea.class::isInstance)
                .anyMatch(Snag.NotSold.class::isInstance)
                .anyMatch(Snag.NothingToFollow.class::isInstance);
        Job wild = on(() -> session.job());
        int rounds = 0;
        while (!snags().isEmpty() && rounds++ < 12) {
            // cures that are found a moment later make the cards anew: then on to the next
            for (int tries = 0; tries < 40 && !isAtACure(); tries++) {
                key(KeyCode.F8);
                untilCured();
                settle();
            }
            assertThat(isAtACure()).as("a key reaches what mends a snag").isTrue();
            int before = snags().size();
            key(KeyCode.SPACE);
            until(() ->
                    session.isSettled() && session.plan().orElseThrow().snags().size() < before);
            untilCured();
        }
        assertThat(snags()).as("clean after %d touches", rounds).isEmpty();
        for (int i = 0; i < rounds; i++) {
            key(KeyCode.SHORTCUT, KeyCode.Z);
        }
        assertThat(on(() -> session.job())).as("each touch is one undo").isEqualTo(wild);
    }

    /** Asked for by the pointer and by the keyboard; it is seen while one of them asks. */
    @Test
    void aCureIsShownBeforeItIsDone() {
        untilCured();
        Snag outside = snags().stream()
                .filter(Snag.OutsideArea.class::isInstance)
                .findFirst()
                .orElseThrow();
        Cure cure = on(() -> session.snags().cures(outside).getFirst());
        run(() -> session.snags().show("pointer", cure));
        run(() -> session.snags().show("keyboard", cure));
        until(() -> session.snags().change().isPresent());
        assertThat(on(() -> session.snags().change().orElseThrow().come().isEmpty()))
                .as("it would stand elsewhere")
                .isFalse();
        run(() -> session.snags().hide("pointer"));
        assertThat(on(() -> session.snags().change())).isPresent();
        run(() -> session.snags().hide("keyboard"));
        assertThat(on(() -> session.snags().change())).isEmpty();
        assertThat(snags()).as("nothing was done").contains(outside);
    }

    @Test
    void f8OpensTheBenchAndThePlaceOfASnagAndSaysWhenThereIsNone() {
        untilCured();
        Map<Class<?>, Bench> where = Map.of(
                Snag.NotWelded.class, Bench.ART, Snag.OutsideArea.class, Bench.BLANK, Snag.NotSold.class, Bench.LAYERS);
        for (int i = 0; i < snags().size(); i++) {
            key(KeyCode.F8);
            Snag at = on(() -> session.snags().pointed().orElseThrow());
            Optional.ofNullable(where.get(at.getClass()))
                    .ifPresent(bench -> assertThat(on(() -> session.bench())).isEqualTo(bench));
        }
        Snag last = on(() -> session.snags().pointed().orElseThrow());
        key(KeyCode.F8);
        assertThat(on(() -> session.snags().pointed())).as("round and round").hasValue(snags().getFirst());
        key(KeyCode.SHIFT, KeyCode.F8);
        assertThat(on(() -> session.snags().pointed())).hasValue(last);
        run(() -> session.editLine(l -> l.withMotifs(List.of(new Motif(
                "m1", "square", new Shape(Shape.Kind.RECTANGLE, 40, 40, 4, 0, CREAM), List.of(), Pose.at(0, 180))))));
        until(() -> (session.isSettled()));
        key(KeyCode.F8);
        assertThat(on(() -> session.notices().latest())).hasValue("Nothing is wrong with this job.");
    }
}
