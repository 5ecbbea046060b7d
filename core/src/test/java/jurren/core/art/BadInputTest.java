package jurren.core.art;

import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import jurren.core.Fixtures;
import jurren.core.art.treat.DropCrumbs;
import jurren.core.art.treat.InnerOutline;
import jurren.core.art.treat.KnockOut;
import jurren.core.art.treat.Stripes;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.job.SizeEntry;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typesetting;
import jurren.core.plan.Planner;
import jurren.core.snag.CutMarks;
import jurren.core.snag.Snag;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.SKY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

/** What nobody wants and somebody will do. */
class BadInputTest {
    private static Motif motif(Source source, Treatment... treatments) {
        return new Motif("m1", "odd", source, List.of(treatments), Pose.at(0, 180));
    }

    private static Drawing squares(int count, double side, double pitch) {
        List<DrawnShape> shapes = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            shapes.add(new DrawnShape(
                    Curves.of(new Rectangle2D.Double(i % 60 * pitch, i / 60 * pitch, side, side)), CREAM));
        }
        return Drawing.atFileSize(new DrawingFile("dust.svg", new byte[] {(byte) count}), shapes, List.of());
    }

    private static List<Snag> snags(Motif m) {
        return new Planner()
                .plan(Fixtures.job(Fixtures.line(SizeEntry.of("M", 1)).withMotifs(List.of(m))), Fixtures.shop())
                .snags();
    }

    @Test
    void fiveThousandLettersAreLetteredAndMoreAreRefused() {
        Lettering many = Lettering.of("kite crew\n".repeat(500), ShippedTypeface.OSWALD, 4, CREAM);
        assertThat(many.text()).hasSize(5000);
        BuiltMotif built = new Chain()
                .build(motif(many, new Treatment.Weld(), new Treatment.Outlined(0.3, CornerStyle.ROUND, SKY)));
        assertThat(built.pieces().getFirst()).isGreaterThanOrEqualTo(4000);
        assertThat(built.paints()).hasSize(2).allMatch(p -> p.region().isValid());
        assertThatIllegalArgumentException()
                .isThrownBy(() -> many.withText(many.text() + "x"))
                .withMessageContaining("5000");
    }

    @Test
    void lettersTurnedOverEachOtherStayOneValidShape() {
        for (double spacing : new double[] {-2, -0.7, -0.45}) {
            Lettering l = Lettering.of("Otterbrook & Co", ShippedTypeface.PACIFICO, 30, CREAM)
                    .withSetting(Typesetting.USUAL.withLetterSpacing(spacing));
            BuiltMotif built = new Chain().build(motif(l, new Treatment.Weld()));
            assertThat(built.region().isValid()).as("spacing " + spacing).isTrue();
            assertThat(built.paints().getFirst().unwelded()).isEmpty();
        }
    }

    @Test
    void thousandsOfCrumbsAreDroppedOrMarkedWithoutEnd() {
        Drawing dust = squares(3000, 0.8, 1.5);
        assertThat(new Chain().build(motif(dust)).pieces()).containsExactly(3000);
        assertThat(new Chain().build(motif(dust, new DropCrumbs(1))).isEmpty()).isTrue();
        Art art = new Chain().art(List.of(motif(dust)), Placement.HERE);
        CutMarks marks = CutMarks.of(art, List.of(art.paints().getFirst().region()), List.of(), 0.5);
        assertThat(marks.marks())
                .as("no more than can be looked at")
                .hasSize(300)
                .allMatch(m -> m.kind() == CutMarks.Kind.CRUMB);
        assertThat(snags(motif(dust, new DropCrumbs(1))))
                .contains(new Snag.NothingLeft("A", "m1", "odd", "drop-crumbs"));
    }

    @Test
    void edgesThatCoincideKnockEachOtherOutClean() {
        Motif plate = motif(new Shape(Shape.Kind.RECTANGLE, 40, 40, 5, 0.5, CREAM), new KnockOut("twin", 0));
        Motif twin = motif(new Shape(Shape.Kind.RECTANGLE, 40, 40, 5, 0.5, SKY)).withId("twin");
        assertThat(new Chain().build(plate, List.of(plate, twin)).isEmpty())
                .as("nothing is left, not even dust")
                .isTrue();
        Motif turned = twin.withPose(new Pose(0, 180, 90));
        assertThat(new Chain().build(plate, List.of(plate, turned)).isEmpty()).isTrue();
        Region twice = new Chain()
                .build(motif(squares(2, 10, 0), new Treatment.Weld()))
                .region();
        assertThat(twice.pieceCount()).isEqualTo(1);
        assertThat(twice.areaMm2()).isEqualTo(100);
    }

    @Test
    void figuresTooLargeForTheShapeAreSaidByTheTreatmentsName() {
        Lettering thin = Lettering.of("I", ShippedTypeface.OSWALD, 20, CREAM);
        assertThat(snags(motif(thin, new Treatment.Weld(), new InnerOutline(9, CornerStyle.ROUND, SKY))))
                .contains(new Snag.NoEffect("A", "m1", "odd", "inner-outline"));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Stripes(0, 2, 45, true, SKY))
                .withMessageContaining("from 0.05");
        assertThatIllegalArgumentException().isThrownBy(() -> new Stripes(2, 0, 45, true, SKY));
    }
}
