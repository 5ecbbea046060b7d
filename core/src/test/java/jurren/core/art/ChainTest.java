package jurren.core.art;

import java.awt.geom.Rectangle2D;
import java.util.List;
import jurren.core.Fixtures;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Region;
import jurren.core.lettering.ShippedTypeface;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.SKY;
import static jurren.core.Fixtures.TANGERINE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

class ChainTest {
    private final Chain chain = new Chain();

    private static Motif script(Treatment... treatments) {
        return new Motif(
                "m",
                "minim",
                Lettering.of("minim", ShippedTypeface.PACIFICO, 30, CREAM),
                List.of(treatments),
                Pose.at(0, 0));
    }

    @Test
    void weldMakesOnePieceOfOverlappingLettersAndLeavesNothingToCutThrough() {
        BuiltMotif loose = chain.build(script());
        BuiltMotif welded = chain.build(script(new Treatment.Weld()));

        assertThat(loose.paints().getFirst().unwelded()).hasSizeGreaterThan(2);
        assertThat(welded.paints().getFirst().unwelded()).isEmpty();
        assertThat(welded.pieces()).hasSize(2).isSortedAccordingTo((a, b) -> Integer.compare(b, a));
        assertThat(welded.paints().getFirst().region().areaMm2())
                .isCloseTo(loose.paints().getFirst().region().areaMm2(), within(1e-6));
    }

    @Test
    void outlineReachesItsDistanceBeyondTheLettersAndLiesBehindThem() {
        BuiltMotif plain = chain.build(script(new Treatment.Weld()));
        BuiltMotif built =
                chain.build(script(new Treatment.Weld(), new Treatment.Outlined(3, CornerStyle.ROUND, TANGERINE)));
        Box letters = plain.bounds().orElseThrow();

        assertThat(built.paints()).extracting(Painted::colour).containsExactly(TANGERINE, CREAM);
        assertThat(built.bounds().orElseThrow().widthMm()).isCloseTo(letters.widthMm() + 6, within(0.02));
        Region behind = built.paints().getFirst().region();
        assertThat(plain.paints().getFirst().region().minus(behind).areaMm2()).isLessThan(1e-6);
        assertThat(built.source()).contains(letters);
    }

    @Test
    void onlyWhatChangedIsWorkedOutAgain() {
        Treatment.Weld weld = new Treatment.Weld();
        chain.build(script(weld, new Treatment.Outlined(3, CornerStyle.ROUND, TANGERINE)));
        long before = chain.stagesComputed();

        chain.build(script(weld, new Treatment.Outlined(3, CornerStyle.ROUND, TANGERINE))
                .withPose(Pose.at(40, 7)));
        assertThat(chain.stagesComputed()).as("moved, not changed").isEqualTo(before);

        chain.build(script(weld, new Treatment.Outlined(4, CornerStyle.ROUND, TANGERINE)));
        assertThat(chain.stagesComputed()).as("the last treatment alone").isEqualTo(before + 1);
    }

    @Test
    void sizeIsMadeExactWithWhatTreatmentsAdd() {
        Motif motif = Fixtures.name("Robin");
        BuiltMotif built = chain.build(motif);
        Motif wider = motif.withSource(Sizing.toWidth(motif.source(), built, 200, true));
        Motif lower = motif.withSource(Sizing.toHeight(motif.source(), built, 20, false));

        assertThat(chain.build(wider).bounds().orElseThrow().widthMm()).isCloseTo(200, within(0.05));
        assertThat(chain.build(lower).bounds().orElseThrow().heightMm()).isCloseTo(20, within(0.05));
        assertThat(chain.build(lower).bounds().orElseThrow().widthMm())
                .as("without keeping the proportion")
                .isCloseTo(built.bounds().orElseThrow().widthMm(), within(0.05));
        assertThat(Sizing.toWidth(motif.source(), built, 5, true))
                .as("no room beside a 3 mm outline")
                .isEqualTo(motif.source());
    }

    @Test
    void drawingKeepsItsPaintOrderAndGathersNeighboursOfOneColour() {
        List<DrawnShape> shapes = List.of(
                shape(0, TANGERINE.hex()), shape(5, TANGERINE.hex()), shape(8, SKY.hex()), shape(12, TANGERINE.hex()));
        Drawing drawing = Drawing.atFileSize(new DrawingFile("a.svg", new byte[] {1}), shapes, List.of());
        BuiltMotif built = chain.build(new Motif("m", "a", drawing, List.of(), Pose.at(0, 0)));

        assertThat(built.paints()).extracting(Painted::colour).containsExactly(TANGERINE, SKY, TANGERINE);
        assertThat(built.paints().getFirst().unwelded())
                .as("the first two overlap")
                .hasSize(2);
        assertThat((drawing.resized(2, 2)).widthFactor()).isEqualTo(2);
    }

    private static DrawnShape shape(double x, String colour) {
        return new DrawnShape(Curves.of(new Rectangle2D.Double(x, 0, 10, 10)), jurren.core.material.Colour.of(colour));
    }

    @Test
    void sizesThatCannotBeAreRefused() {
        Lettering l = Lettering.of("A", ShippedTypeface.ANTON, 30, CREAM);
        assertThatIllegalArgumentException().isThrownBy(() -> l.withCapHeight(0));
        assertThatIllegalArgumentException().isThrownBy(() -> l.withCapHeight(-3));
        assertThatIllegalArgumentException().isThrownBy(() -> l.resized(1, Double.NaN));
        assertThatIllegalArgumentException().isThrownBy(() -> new Treatment.Outlined(0, CornerStyle.ROUND, CREAM));
    }
}
