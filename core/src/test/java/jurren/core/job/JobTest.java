package jurren.core.job;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.Fixtures;
import jurren.core.blank.AreaMeasures;
import jurren.core.blank.Blank;
import jurren.core.blank.Face;
import jurren.core.blank.Fit;
import jurren.core.blank.Form;
import jurren.core.blank.Panel;
import jurren.core.blank.Vessel;
import jurren.core.finish.Press;
import jurren.core.layer.Join;
import jurren.core.material.Film;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.line;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

class JobTest {
    private final Job three = new Job("Fair", "1", "", true, List.of(line(), line().withId("B"), line().withId("D")));

    private static List<String> letters(Job job) {
        return job.lines().stream().map(Line::id).toList();
    }

    @Test
    void linesAreAddedUnderTheFirstFreeLetter() {
        assertThat(three.freeLetter()).isEqualTo("C");
        assertThat(letters(three.withLineAdded(line().withId("C")))).containsExactly("A", "B", "D", "C");
        Job many = three;
        for (int i = 0; i < 30; i++) {
            many = many.withLineAdded(line().withId(many.freeLetter()));
        }
        assertThat(letters(many)).hasSize(33).doesNotHaveDuplicates().contains("Z", "AA", "AG");
        assertThatIllegalArgumentException().isThrownBy(() -> three.withLineAdded(line()));
    }

    @Test
    void aCopyStandsAfterItsOriginal() {
        assertThat(letters(three.withLineCopied("A"))).containsExactly("A", "C", "B", "D");
        assertThat(three.withLineCopied("A").line("C").orElseThrow().motifs()).isEqualTo(line().motifs());
        assertThat(three.withLineCopied("nobody")).isEqualTo(three);
    }

    @Test
    void linesMoveAsFarAsThereIsAnyPlace() {
        assertThat(letters(three.withLineMoved("B", -1))).containsExactly("B", "A", "D");
        assertThat(letters(three.withLineMoved("B", 9))).containsExactly("A", "D", "B");
        assertThat(three.withLineMoved("A", -1)).isEqualTo(three);
    }

    @Test
    void theLastLineStays() {
        assertThat(letters(three.withoutLine("B"))).containsExactly("A", "D");
        Job one = three.withoutLine("B").withoutLine("D");
        assertThat(one.withoutLine("A")).isEqualTo(one);
    }

    @Test
    void aLineChangesOneThingAtATime() {
        Line l = line(SizeEntry.of("M", 2));
        Film cream = Film.of("smooth-film", CREAM);
        assertThat(l.withJoin(cream, new Join.Butted(0.3)).withMaterial("glow").join(cream.in("glow")))
                .as("what was said of the usual material goes with it")
                .isEqualTo(new Join.Butted(0.3));
        assertThat(l.withTitle("tees")
                        .withFit(Fit.USUAL.with(Fit.Down.FOOT))
                        .withBlankColour("red")
                        .withMaterial("glow")
                        .motifs())
                .isEqualTo(l.motifs());
        assertThat(l.withBlankColour("red").thing()).isEqualTo(Thing.of("tee", "red"));
        assertThat(l.withSize("L", s -> s.withCount(3)).copies()).isEqualTo(5);
        assertThat(l.withJoin(cream, new Join.Butted(0.3)).join(cream)).isEqualTo(new Join.Butted(0.3));
        assertThat(l.join(cream)).isEqualTo(Join.LAID_OVER);
        assertThat(l.freeMotifId()).isEqualTo("m2");
        assertThatIllegalArgumentException()
                .isThrownBy(() ->
                        l.withMotifs(List.of(l.motifs().getFirst(), l.motifs().getFirst())));
    }

    @Test
    void sizesRememberWhatWasMeasuredAndForgetItForAnotherFace() {
        SizeEntry s = SizeEntry.of("M", 4)
                .withArtWidth(Optional.of(200.0))
                .withArea(Optional.of(new AreaMeasures(200, 300, 70)))
                .withMeasured(Form.Measure.CHEST, 520)
                .withMeasured(Form.Measure.CHEST, 525);
        assertThat(s.measured()).isEqualTo(Map.of(Form.Measure.CHEST, 525.0));
        assertThat(s.unmeasured()).isEqualTo(SizeEntry.of("M", 4));
        Face face = s.asMeasured(
                Fixtures.shop().blanks().getFirst().reference().faces().getFirst());
        assertThat(face.area()).as("what was typed wins over what follows").isEqualTo(new AreaMeasures(200, 300, 70));
        assertThat(face.whole().widthMm()).isEqualTo(525);
        assertThatIllegalArgumentException().isThrownBy(() -> SizeEntry.of("M", -1));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> SizeEntry.of("M", 1).withArtWidth(Optional.of(0.0)));
    }

    /** What closes on what: flat, cap, mug, oven; a press that was chosen wins. */
    @Test
    void everyFaceGetsThePressThatSuitsIt() {
        Press flat = new Press("flat", "flat", Press.Kind.FLAT, 381, 381, 220);
        Press mug = new Press("mug", "mug", Press.Kind.MUG, 240, 120, 210);
        Shop s = Fixtures.shop();
        Shop shop =
                new Shop(s.blanks(), s.materials(), s.cutter(), s.printer(), List.of(flat, mug), s.shelf(), s.prices());
        Blank tee = s.blanks().getFirst();
        Face cup = Face.of(
                "w",
                "w",
                new Vessel(Vessel.Profile.MUG, 82, 82, 96, 0, 0, Optional.empty()),
                new AreaMeasures(200, 80, 8),
                80);
        Face cone = Face.of(
                "w",
                "w",
                new Vessel(Vessel.Profile.CUP, 82, 62, 96, 0, 0, Optional.empty()),
                new AreaMeasures(200, 80, 8),
                80);
        Face cap = Face.of("f", "f", new Panel(Panel.Cut.CAP_FRONT, 180, 110, 0), new AreaMeasures(120, 60, 30), 100);

        assertThat(Shop.suits(tee, tee.reference().faces().getFirst())).isEqualTo(Press.Kind.FLAT);
        assertThat(Shop.suits(tee, cup)).isEqualTo(Press.Kind.MUG);
        assertThat(Shop.suits(tee, cone)).isEqualTo(Press.Kind.OVEN_SLEEVE);
        assertThat(Shop.suits(tee, cap)).isEqualTo(Press.Kind.CAP);
        Thing thing = Thing.of("tee", "black");
        assertThat(shop.pressFor(thing, tee, cup)).isEqualTo(mug);
        assertThat(shop.pressFor(thing, tee, cone))
                .as("none of that kind: the first")
                .isEqualTo(flat);
        assertThat(shop.pressFor(thing.withPress(Optional.of("flat")), tee, cup))
                .isEqualTo(flat);
        assertThatIllegalArgumentException()
                .isThrownBy(() ->
                        new Shop(s.blanks(), s.materials(), s.cutter(), s.printer(), List.of(), s.shelf(), s.prices()));
    }

    @Test
    void ownBlanksStandFirstAndReplaceTheirNamesakes() {
        Blank tee = Fixtures.shop().blanks().getFirst();
        Blank mine = tee.copied("mine", "Mine");
        assertThat(Fixtures.shop().withOwn(List.of(mine)).blanks())
                .extracting(Blank::id)
                .containsExactly("mine", "tee");
        Blank other = tee.copied("tee", "My tee");
        assertThat(Fixtures.shop().withOwn(List.of(other)).blanks()).containsExactly(other);
        assertThatIllegalArgumentException().isThrownBy(() -> tee.copied("Not An Id", "x"));
    }

    @Test
    void marksToLineUpByAreOnTheThing() {
        assertThat(Fixtures.line().withLineUp(java.util.Optional.of(31.5)).lineUpMm())
                .contains(31.5);
        for (double wrong : new double[] {-1, 1e9, Double.NaN}) {
            org.assertj.core.api.Assertions.assertThatIllegalArgumentException()
                    .isThrownBy(() -> Fixtures.line().withLineUp(java.util.Optional.of(wrong)))
                    .withMessageContaining("3000");
        }
    }
}
