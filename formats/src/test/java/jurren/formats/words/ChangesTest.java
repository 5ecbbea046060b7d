package jurren.formats.words;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import jurren.core.art.Films;
import jurren.core.art.Motif;
import jurren.core.art.Treatment;
import jurren.core.art.treat.Treatments;
import jurren.core.geometry.CornerStyle;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.Progress;
import jurren.core.layer.Edging;
import jurren.core.layer.Join;
import jurren.core.layer.Panels;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import jurren.formats.demo.DemoJob;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class ChangesTest {
    private static final Job JOB = DemoJob.simple();
    private static final Colour CREAM = Colour.of("#F6EFDC");
    private final Changes changes = new Changes(LengthUnit.MILLIMETRE);

    private String told(Job after) {
        return changes.between(JOB, after);
    }

    private String line(UnaryOperator<Line> change) {
        return told(JOB.withLine("A", change));
    }

    private String motif(UnaryOperator<Motif> change) {
        return line(l -> l.withMotif("m2", change));
    }

    @Test
    void whatConcernsTheWholeJob() {
        assertThat(told(JOB)).isEqualTo("no change");
        assertThat(told(JOB.withName("x"))).isEqualTo("name of the job");
        assertThat(told(JOB.withNumber("x"))).isEqualTo("number of the job");
        assertThat(told(JOB.withCustomer("x"))).isEqualTo("customer");
        assertThat(told(JOB.withDue("x"))).isEqualTo("due date");
        assertThat(told(JOB.withFrames(false))).isEqualTo("no weeding frames");
        assertThat(changes.between(
                        JOB,
                        JOB.withLine(
                                "A",
                                l -> l.withPanels(
                                        Film.of("smooth-film", Colour.of("#F6EFDC")),
                                        Optional.of(new Panels(true, List.of(0.5), 4))))))
                .isEqualTo("panels");
        assertThat(changes.between(JOB, JOB.withLine("A", l -> l.withLineUp(Optional.of(20.0)))))
                .isEqualTo("marks to line up");
        assertThat(changes.between(JOB, JOB.withLine("A", l -> l.withTrimmed(false))))
                .isEqualTo("carriers");
        assertThat(changes.between(JOB.withFrames(false), JOB)).isEqualTo("weeding frames");
        assertThat(told(JOB.withMade(Progress.NOTHING.withPressed("A", 1)))).isEqualTo("pieces made");
        Job cut = JOB.withMade(Progress.NOTHING.with(new Progress.Cut("aa", "f", 2, Instant.EPOCH)));
        assertThat(told(cut)).isEqualTo("load 2 cut");
        assertThat(changes.between(cut, JOB)).isEqualTo("load not cut");
    }

    @Test
    void whatConcernsLines() {
        assertThat(told(JOB.withoutLine("B"))).isEqualTo("line B removed");
        assertThat(told(JOB.withLineCopied("A"))).isEqualTo("line C added");
        assertThat(told(JOB.withLineMoved("A", 1))).isEqualTo("order of the lines");
        assertThat(line(l -> l.withEdging("flock-base", new Edging(1, true, false))))
                .isEqualTo("cut line of a print");
        assertThat(line(l -> l.withMotif("m1", m -> m.withFilms(Films.allOf("glitter-film")))))
                .startsWith("material of ");
        assertThat(line(l -> l.withTitle("x"))).isEqualTo("what the line is");
        assertThat(line(l -> l.withBlankColour("white"))).isEqualTo("colour of the thing");
        assertThat(line(l -> l.withThing(l.thing().withPress(Optional.of("flat-406x508")))))
                .isEqualTo("press");
        assertThat(line(l -> l.withThing(l.thing().withFace("back")))).isEqualTo("place on the thing");
        assertThat(line(l -> l.withMaterial("glow-film"))).isEqualTo("material");
        assertThat(line(l -> l.withSize("M", s -> s.withCount(9)))).isEqualTo("size run");
        assertThat(line(l -> l.withJoin(Film.of("smooth-film", CREAM), new Join.KnockedOut(1))))
                .isEqualTo("join of a layer");
        assertThat(line(l -> l.withEdging("flock-base", new Edging(1, true, false))))
                .isEqualTo("cut line of a print");
        assertThat(line(l -> l.withMotif("m1", m -> m.withFilms(Films.allOf("glitter-film")))))
                .startsWith("material of ");
        assertThat(line(l -> l.withTitle("x").withMaterial("glow-film"))).isEqualTo("what the line is and more");
    }

    @Test
    void whatConcernsMotifs() {
        assertThat(motif(m -> m.withPose(m.pose().moved(1, 0)))).isEqualTo("move OTTERBROOK");
        assertThat(motif(m -> m.withPose(
                        new jurren.core.art.Pose(m.pose().xMm(), m.pose().yMm(), 5))))
                .isEqualTo("turn OTTERBROOK");
        assertThat(motif(m -> m.withSource(m.source().resized(2, 2)))).isEqualTo("OTTERBROOK changed");
        assertThat(motif(m -> m.withName("WREN"))).isEqualTo("name of WREN");
        assertThat(motif(m -> m.withStanding(m.standing().locked(true)))).isEqualTo("lock, group or hide OTTERBROOK");
        assertThat(line(l -> l.withMotifs(l.motifs().subList(0, 2)))).isEqualTo("kite crew removed");
        assertThat(line(l -> l.withMotifs(l.motifs().stream()
                        .map(m -> m.withPose(m.pose().moved(1, 1)))
                        .toList())))
                .isEqualTo("3 motifs");
        List<Motif> turned = new ArrayList<>(JOB.lines().getFirst().motifs());
        Collections.swap(turned, 0, 1);
        assertThat(line(l -> l.withMotifs(turned))).isEqualTo("order of the motifs");
    }

    @Test
    void whatIsDoneToAMotif() {
        Treatment outline = new Treatment.Outlined(3, CornerStyle.ROUND, CREAM);
        assertThat(motif(m -> with(m, outline))).isEqualTo("Outline 3.00 mm");
        assertThat(motif(m -> m.withTreatments(m.treatments().subList(0, 1)))).startsWith("without Round corners");
        assertThat(motif(m -> m.withTreatments(List.of(
                        new Treatment.Off(m.treatments().get(0)), m.treatments().get(1)))))
                .isEqualTo("Weld off");
        assertThat(motif(m -> m.withTreatments(m.treatments().reversed()))).isEqualTo("order of what is done");
        assertThat(new Changes(LengthUnit.INCH)
                        .between(JOB, JOB.withLine("A", l -> l.withMotif("m2", m -> with(m, outline)))))
                .isEqualTo("Outline 0.118 in");
    }

    private static Motif with(Motif m, Treatment more) {
        List<Treatment> all = new ArrayList<>(m.treatments());
        all.add(more);
        return m.withTreatments(all);
    }

    /** Whatever a person adds, it has a name to be undone by. */
    @Test
    void everyKindOfTreatmentHasAName() {
        assertThat(Treatments.kinds())
                .isNotEmpty()
                .allSatisfy(k -> assertThat(Words.treatment(k.id())).isNotBlank());
    }
}
