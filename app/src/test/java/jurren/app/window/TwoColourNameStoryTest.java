package jurren.app.window;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import jurren.app.cutter.CutTalk;
import jurren.app.session.Bench;
import jurren.core.art.Lettering;
import jurren.core.dryrun.CutSheet;
import jurren.core.dryrun.DryRun;
import jurren.core.finish.Step;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.layer.Join;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typeface;
import jurren.core.plan.Plan;
import jurren.core.plan.SizePlan;
import jurren.formats.hpgl.HpglWriter;
import jurren.formats.jobfile.JobDocument;
import jurren.standins.cutter.Fault;
import jurren.standins.cutter.HpglInterpreter;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** A black tee, a typed name, an outline, two reversed films, both cut on the stand-in, pressed step by step. */
class TwoColourNameStoryTest extends WindowTest {
    @Override
    Job job() {
        return NewJobs.onBlank(SHOP.blanks().getFirst(), "Robin", "Crew tees", "black", "smooth-film");
    }

    @Test
    void fromABlackTeeToPressedFilm() throws IOException {
        blank();
        art();
        layers();
        loads();
        cut();
        finish();
        dryRun();
        papers();
    }

    private void blank() {
        click("cloth-black");
        type("count-M", "2");
        type("count-L", "1");
        assertThat(on(() -> session.line().copies())).isEqualTo(3);
        type("blank-drop", "3 1/2");
        assertThat(on(() -> session.sizePlan().orElseThrow().area().dropMm())).isCloseTo(88.9, within(1e-6));
    }

    private void art() {
        click("bench-art");
        click("add-lettering");
        settle();
        type("letters", "Robin");
        assertThat(on(() -> ((Lettering) session.motif().orElseThrow().source()).text()))
                .isEqualTo("Robin");
        on(() -> {
            @SuppressWarnings("unchecked")
            ComboBox<Typeface> face = (ComboBox<Typeface>) node("typeface");
            face.setValue(ShippedTypeface.FREDOKA);
            return null;
        });
        click("letters-colour-cream");
        click("add-outline");
        settle();
        click("outline-colour-1-tangerine");
        type("outline-distance-1", "3mm");
        type("motif-width", "220mm");
        click("centre");
        settle();

        SizePlan medium = on(() -> session.sizePlan().orElseThrow());
        assertThat(medium.artBounds().orElseThrow().widthMm()).isCloseTo(220, within(0.05));
        assertThat(medium.artBounds().orElseThrow().centre().xMm()).isCloseTo(0, within(0.01));
        assertThat(medium.layers()).hasSize(2);
    }

    private void layers() {
        click("bench-layers");
        settle();
        on(() -> {
            ComboBox<?> join = (ComboBox<?>) node("join-2");
            join.getSelectionModel().select(1);
            return null;
        });
        settle();
        assertThat(on(() -> session.sizePlan().orElseThrow().layers().getLast().join()))
                .isEqualTo(new Join.KnockedOut(1));
        type("join-measure-2", "0.8 mm");
        assertThat(on(() -> session.sizePlan().orElseThrow().layers().getLast().join()))
                .isEqualTo(new Join.KnockedOut(0.8));
    }

    private void loads() {
        click("bench-loads");
        settle();
        Plan plan = on(() -> session.plan().orElseThrow());
        assertThat(plan.runs()).hasSize(2);
        assertThat(plan.runs())
                .allSatisfy(r -> assertThat(r.load().placed())
                        .hasSize(3)
                        .allMatch(p -> p.item().turnedOver()));
        click("frames");
        settle();
        assertThat(on(() ->
                        session.plan().orElseThrow().runs().getFirst().load().framed()))
                .isFalse();
        click("frames");
        settle();
    }

    private void cut() throws IOException {
        click("bench-cut");
        click("speed-100-0");
        CutTalk talk = on(() -> window.shell().cutter());
        click("cut-main");
        until(() -> talk.state() == CutTalk.State.DONE);
        settle();
        assertThat(text("cut-main")).isEqualTo("Next load");
        click("cut-main");
        click("cut-main");
        until(() -> talk.state() == CutTalk.State.DONE
                && session.job().made().cuts().size() == 2);

        Plan plan = on(() -> session.plan().orElseThrow());
        int first = plan.runs().getFirst().paths().size();
        var bed = talk.standIn().bed();
        assertThat(bed).hasSize(first + plan.runs().get(1).paths().size());
        DryRun made = DryRun.of(
                plan, List.of(new CutSheet(1, bed.subList(0, first)), new CutSheet(2, bed.subList(first, bed.size()))));
        assertThat(made.copies()).hasSize(3);
        assertThat(made.matchPercent())
                .as("the parts on the stand-in's bed, put back on the tee")
                .isGreaterThan(99.8);
    }

    private void finish() {
        click("bench-finish");
        settle();
        List<Step> steps = on(() -> session.linePlan().orElseThrow().finish().steps());
        assertThat(steps).as("weed, warm, tack, peel, press, peel, again").hasSize(7);
        for (int piece = 0; piece < 3; piece++) {
            for (int i = 0; i < steps.size(); i++) {
                click("timer-next");
            }
        }
        settle();
        assertThat(on(() -> session.job().made().pressed("A"))).isEqualTo(3);
        click("timer-start");
        assertThat(text("timer-start")).isEqualTo("Hold");
        click("timer-start");
    }

    private void dryRun() {
        click("dry-run");
        until(() -> stage().getScene().lookup("#dry-run-sheet .image-view") != null);
        assertThat(on(() -> stage().getScene().lookup("#dry-run-sheet .card-title")))
                .isNotNull();
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(isThere("dry-run-sheet")).isFalse();
    }

    private void papers() throws IOException {
        Path ticket = folder.resolve("ticket.pdf");
        answers.add(ticket);
        robot.push(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.P);
        until(() -> Files.exists(ticket));
        assertThat(Files.readAllBytes(ticket)).startsWith("%PDF".getBytes());

        Path job = folder.resolve("robin");
        answers.add(job);
        on(() -> {
            session.show(Bench.BLANK);
            return null;
        });
        robot.push(KeyCode.SHORTCUT, KeyCode.S);
        until(() -> Files.exists(folder.resolve("robin.jurren")));
        until(() -> !session.files().isUnsaved());
    }

    @Test
    void troubleInMidCutIsShownAndGoneOnFrom() throws IOException {
        on(() -> {
            session.files().replace(JobDocument.of(few(DEMO)), Optional.empty());
            session.show(Bench.CUT);
            return null;
        });
        settle();
        CutTalk talk = on(() -> window.shell().cutter());
        // as slow as it is, so that it still cuts when the line is lost, however busy this machine is
        click("speed-1-0");
        fault("LID_OPENED");
        click("cut-main");
        until(() -> talk.state() == CutTalk.State.LID_OPEN);
        settle();
        assertThat(text("cut-main")).isEqualTo("Go on cutting");
        click("cut-main");
        until(() -> talk.state() == CutTalk.State.CUTTING || talk.state() == CutTalk.State.DONE);
        fault("CONNECTION_LOST");
        until(() -> talk.state() == CutTalk.State.LINE_LOST);
        int safe = on(talk::finishedPaths);
        settle();
        click("cut-main");
        until(() -> talk.finishedPaths() > safe);
        click("cut-stop");
        until(() -> talk.state() == CutTalk.State.STOPPED);
        settle();
        click("speed-100-0");
        click("cut-main");
        until(() -> talk.state() == CutTalk.State.DONE);

        ByteArrayOutputStream all = new ByteArrayOutputStream();
        all.write(HpglWriter.write(on(() -> session.plan().orElseThrow().runs().getFirst())));
        assertThat(new ArrayList<>(talk.standIn().bed()))
                .as("every path once, in spite of all")
                .containsOnlyOnceElementsOf(HpglInterpreter.strokes(all.toByteArray()));
    }

    private void fault(String name) {
        on(() -> {
            @SuppressWarnings("unchecked")
            ComboBox<Fault> box = (ComboBox<Fault>) node("fault");
            box.setValue(Fault.valueOf(name));
            return null;
        });
    }
}
