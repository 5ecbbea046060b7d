package jurren.core.blank;

import java.util.List;
import java.util.Optional;
import jurren.core.blank.Fit.Across;
import jurren.core.blank.Fit.Down;
import jurren.core.blank.Fit.Width;
import jurren.core.geometry.Box;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class FitTest {
    private final Face medium = tee(508, 254, 76);
    private final Face large = tee(610, 280, 80);
    private final Box art = Box.ofSize(-100, 90, 200, 120);

    private static Face tee(double chest, double artWidth, double drop) {
        return Face.of(
                "front",
                "front",
                new Garment(Garment.Neck.ROUND, Garment.Sleeve.SHORT, chest, 740, chest - 50, 210, 180, 98),
                new AreaMeasures(280, 330, drop),
                artWidth);
    }

    private static Fit.OnFilm off(double acrossMm) {
        return new Fit.OnFilm(acrossMm, Double.POSITIVE_INFINITY);
    }

    private Box on(Face to, Fit fit) {
        return art.placed(fit.between(medium, to, art, Optional.empty(), off(100)));
    }

    @Test
    void usualWidthFollowsTheSizeUnderTheAreasUpperEdge() {
        Box b = on(large, Fit.USUAL);
        double f = 280.0 / 254;

        assertThat(b.widthMm()).isCloseTo(200 * f, within(1e-9));
        assertThat(b.minYMm()).isCloseTo(80 + (90 - 76) * f, within(1e-9));
        assertThat(b.centre().xMm()).isZero();
    }

    @Test
    void collarAndFootKeepTheirDistanceInMillimetres() {
        assertThat(on(large, Fit.USUAL.with(Down.TOP)).minYMm()).isCloseTo(90, within(1e-9));
        double belowOnMedium = medium.whole().maxYMm() - art.maxYMm();
        assertThat(large.whole().maxYMm() - on(large, Fit.USUAL.with(Down.FOOT)).maxYMm())
                .isCloseTo(belowOnMedium, within(1e-9));
    }

    @Test
    void chestHangsNearerToTheMiddleOnASmallShirt() {
        Fit left = Fit.USUAL.with(Across.LEFT_CHEST);
        Face baby = tee(240, 110, 40);

        assertThat(left.anchorX(medium)).isEqualTo(100);
        assertThat(left.anchorX(baby)).isCloseTo(48, within(1e-9));
        assertThat(left.with(Across.RIGHT_CHEST).anchorX(baby)).isCloseTo(-48, within(1e-9));
    }

    @Test
    void largestFillsTheAreaOneWayAndStaysInsideTheOther() {
        Box b = on(large, new Fit(Across.MIDDLE, Down.AREA_MIDDLE, Width.LARGEST));
        assertThat(b.widthMm()).isCloseTo(280, within(1e-9));
        assertThat(b.heightMm()).isCloseTo(280 * 0.6, within(1e-9)).isLessThan(330);
    }

    /**
     * Art of 200 by 120 mm on film of 100 mm between the rollers: its shorter side is 100, which is less than the area
     * takes.
     */
    @Test
    void largestOnFilmLiesBetweenTheRollersOneWayOrTheOther() {
        Fit onFilm = new Fit(Across.MIDDLE, Down.AREA_MIDDLE, Width.LARGEST_ON_FILM);
        Box b = on(large, onFilm);
        assertThat(b.heightMm()).isCloseTo(100, within(1e-9));
        assertThat(b.widthMm()).isCloseTo(100 / 0.6, within(1e-9));
        assertThat(art.placed(onFilm.between(medium, large, art, Optional.empty(), off(500)))
                        .widthMm())
                .as("no larger than the area takes")
                .isCloseTo(280, within(1e-9));
        assertThat(new Fit.OnFilm(100, 60).factor(Box.ofSize(0, 0, 20, 40)))
                .as("lengthways: 100 / 40, and 60 / 20 is more")
                .isCloseTo(2.5, within(1e-9));
        assertThat(new Fit.OnFilm(100, 60).less(10).factor(Box.ofSize(0, 0, 60, 10)))
                .as("90 / 60 across")
                .isCloseTo(1.5, within(1e-9));
        assertThat(art.placed(onFilm.putWidth(medium, art, off(60))).heightMm()).isCloseTo(60, within(1e-9));
    }

    @Test
    void aTypedWidthWins() {
        assertThat(art.placed(Fit.USUAL.between(medium, large, art, Optional.of(123.0), off(100)))
                        .widthMm())
                .isCloseTo(123, within(1e-9));
    }

    @Test
    void theWidestStretchBetweenObstaclesIsFound() {
        Face lid = Face.of(
                        "lid", "lid", new Panel(Panel.Cut.RECTANGLE, 300, 200, 8), new AreaMeasures(280, 180, 10), 200)
                .withFurther(List.of(
                        new Obstacle(Obstacle.Kind.CAMERA, new Obstacle.Disc(-40, 100, 20)),
                        new Obstacle(Obstacle.Kind.SLOT, new Obstacle.Rect(130, 0, 10, 200))));

        assertThat(Fit.USUAL.with(Across.BETWEEN_OBSTACLES).anchorX(lid))
                .as("from -30 to 130")
                .isCloseTo(50, within(1e-9));
    }

    /** Whatever the rule, a face maps onto itself unchanged. */
    @ParameterizedTest
    @EnumSource(Down.class)
    void onItsOwnFaceNothingMoves(Down down) {
        for (Across across : Across.values()) {
            assertThat(on(medium, new Fit(across, down, Width.USUAL))).isEqualTo(art);
        }
    }
}
