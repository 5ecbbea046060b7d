package jurren.core.blank;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

class FormTest {
    private static final Vessel MUG =
            new Vessel(Vessel.Profile.MUG, 82, 82, 96, 5, 6, Optional.of(new Vessel.Handle(14, 15, 32)));

    static Stream<Form> forms() {
        return Stream.of(
                new Garment(Garment.Neck.ROUND, Garment.Sleeve.SHORT, 508, 737, 455, 210, 182, 98),
                new Garment(Garment.Neck.VEE, Garment.Sleeve.LONG, 508, 737, 455, 620, 182, 140),
                new Garment(Garment.Neck.HOOD, Garment.Sleeve.LONG, 548, 717, 475, 610, 182, 98),
                new Garment(Garment.Neck.SCOOP, Garment.Sleeve.NONE, 508, 737, 328, 0, 182, 127),
                new Garment(Garment.Neck.BACK, Garment.Sleeve.SHORT, 508, 737, 455, 210, 182, 30),
                new Panel(Panel.Cut.RECTANGLE, 300, 200, 8),
                MUG,
                new Vessel(Vessel.Profile.CUP, 87, 66, 165, 20, 12, Optional.empty()));
    }

    /** Every measure that a form says it has can be changed, and then is what it was changed to. */
    @ParameterizedTest
    @MethodSource("forms")
    void everyMeasureCanBeTakenAnew(Form form) {
        for (Form.Measured m : form.measures()) {
            if (m.mm() > 0) {
                Form changed = form.with(m.measure(), m.mm() * 1.02);
                assertThat(changed.measures())
                        .filteredOn(n -> n.measure() == m.measure())
                        .singleElement()
                        .satisfies(n -> assertThat(n.mm()).isCloseTo(m.mm() * 1.02, within(1e-9)));
                assertThat(changed.measures())
                        .filteredOn(n -> n.measure() != m.measure())
                        .containsExactlyElementsOf(form.measures().stream()
                                .filter(n -> n.measure() != m.measure())
                                .toList());
            }
            assertThatIllegalArgumentException().isThrownBy(() -> form.with(m.measure(), -1));
        }
    }

    @ParameterizedTest
    @MethodSource("forms")
    void picturesAreOnePieceAboutTheMiddle(Form form) {
        Region body = form.picture().stream()
                .filter(p -> p.kind() == BlankPart.Kind.BODY)
                .findFirst()
                .orElseThrow()
                .curves()
                .enclosed();
        assertThat(body.pieceCount()).isEqualTo(1);
        assertThat(body.isValid()).isTrue();
        assertThat(body.bounds().minXMm()).isCloseTo(-body.bounds().maxXMm(), within(1e-6));
    }

    @ParameterizedTest
    @EnumSource(Panel.Cut.class)
    void panelsAreAsLargeAsTheyAreMeasured(Panel.Cut cut) {
        Panel panel = new Panel(cut, 180, 120, 0);
        Region body = panel.picture().stream()
                .filter(p -> p.kind() == BlankPart.Kind.BODY)
                .findFirst()
                .orElseThrow()
                .curves()
                .enclosed();
        assertThat(body.bounds().maxYMm()).isCloseTo(120, within(0.01));
        assertThat(body.bounds().widthMm()).isCloseTo(180, within(0.01));
        assertThat(panel.whole()).isEqualTo(new Box(-90, 0, 90, 120));
        assertThat(panel.surface()).isEqualTo(Surface.FLAT);
    }

    @Test
    void measuresOfOtherFormsAreRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> MUG.with(Form.Measure.CHEST, 500));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Panel(Panel.Cut.DISC, 50, 50, 0).with(Form.Measure.SLANT, 50));
        assertThatIllegalArgumentException().isThrownBy(() -> new Panel(Panel.Cut.RECTANGLE, 50, 50, 30));
    }

    /** Half the handle and 15 mm on each side of the seam, by hand. */
    @Test
    void aHandleStandsHalfOnEachSideOfTheSeam() {
        List<Obstacle> handles = MUG.obstacles().stream()
                .filter(o -> o.kind() == Obstacle.Kind.HANDLE)
                .toList();
        double half = Math.PI * 41;
        assertThat(handles)
                .extracting(o -> o.box().widthMm())
                .allSatisfy(w -> assertThat(w).isCloseTo(22, within(1e-9)));
        assertThat(handles.getFirst().box().maxXMm()).isCloseTo(half, within(1e-9));
        assertThat(handles.getLast().box().minXMm()).isCloseTo(-half, within(1e-9));
        assertThat(MUG.obstacles())
                .filteredOn(o -> o.kind() == Obstacle.Kind.LIP)
                .singleElement()
                .satisfies(o -> assertThat(o.box().maxYMm()).isEqualTo(5));
        assertThat(MUG.obstacles())
                .filteredOn(o -> o.kind() == Obstacle.Kind.FOOT)
                .singleElement()
                .satisfies(o -> assertThat(o.box().minYMm()).isEqualTo(90));
    }

    @Test
    void anAreaFollowsTheThingThatWasMeasuredAnew() {
        Face lid =
                Face.of("lid", "lid", new Panel(Panel.Cut.RECTANGLE, 300, 200, 8), new AreaMeasures(260, 150, 20), 180);
        assertThat(lid.measured(Map.of(Form.Measure.WIDTH, 320.0)).area()).isEqualTo(new AreaMeasures(280, 150, 20));
        assertThat(lid.measured(Map.of(Form.Measure.HEIGHT, 190.0)).area()).isEqualTo(new AreaMeasures(260, 140, 20));
        assertThat(lid.measured(Map.of(Form.Measure.WIDTH, 30.0)).area())
                .as("no room left: all of it")
                .isEqualTo(new AreaMeasures(30, 200, 0));
        assertThat(lid.measured(Map.of())).isSameAs(lid);
    }

    /** Widths true at another height: everything given at half height is wider or narrower there. */
    @Test
    void obstaclesFollowTheHeightWhereWidthsAreTrue() {
        Face cone = Face.of(
                "wrap",
                "wrap",
                new Vessel(Vessel.Profile.CUP, 100, 60, 100, 10, 10, Optional.empty()),
                new AreaMeasures(Math.PI * 80, 80, 10),
                90);
        assertThat(cone.roundMm().orElseThrow()).isCloseTo(Math.PI * 80, within(1e-9));
        Face atLip = cone.withTrueAt(Optional.of(0.0));
        assertThat(atLip.roundMm().orElseThrow()).isCloseTo(Math.PI * 100, within(1e-9));
        assertThat(atLip.whole().widthMm()).isCloseTo(Math.PI * 100, within(1e-9));
        assertThat(atLip.obstacles().getFirst().box().widthMm()).isCloseTo(Math.PI * 100, within(1e-9));
    }
}
