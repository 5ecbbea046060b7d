package jurren.app.bench.art;

import java.util.List;
import java.util.Optional;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Chain;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.art.Snapping;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.material.Colour;
import jurren.core.plan.Refit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Drags as values, without a window: a square of 40 mm about (50, 100). */
class GestureTest {
    private static final Motif SQUARE = new Motif(
            "m1",
            "square",
            new Shape(Shape.Kind.RECTANGLE, 40, 40, 5, 0.5, Colour.of("#F6EFDC")),
            List.of(),
            Pose.at(50, 100));

    private static BuiltMotif built(Motif m) {
        return new Chain().build(m);
    }

    private static Box onFace(Motif m) {
        return built(m).bounds().orElseThrow().placed(m.pose().placement());
    }

    @Test
    void movingCarriesTheMotifByAsMuchAsThePointerWent() {
        Motif beside = SQUARE.withId("m2").withPose(Pose.at(200, 100));
        Gesture move =
                new Gesture.Move(List.of(SQUARE, beside), Optional.empty(), new Point(60, 110), Optional.empty());
        assertThat(move.to(new Point(60, 110))).containsExactly(SQUARE, beside);
        assertThat(move.to(new Point(75, 90)))
                .extracting(Motif::pose)
                .containsExactly(Pose.at(65, 80), Pose.at(215, 80));
    }

    @Test
    void theMiddleAndTheEdgesOfTheAreaHoldAMotifThatComesNear() {
        Snapping snapping = new Snapping(new Box(-100, 50, 100, 300), List.of(), 1.5);
        Gesture.Move move = new Gesture.Move(
                List.of(SQUARE), Optional.of(onFace(SQUARE)), new Point(50, 100), Optional.of(snapping));
        assertThat(one(move, new Point(1.2, 100)).pose().xMm()).isZero();
        assertThat(one(move, new Point(-1.2, 100)).pose().xMm()).isZero();
        assertThat(one(move, new Point(2, 100)).pose().xMm()).isEqualTo(2);
        assertThat(one(move, new Point(79, 71)).pose())
                .as("its edges at the area's")
                .isEqualTo(Pose.at(80, 70));
        assertThat(move.guides(new Point(79, 71)))
                .extracting(Snapping.Guide::atMm)
                .containsExactly(100.0, 50.0);
        assertThat(one(move.free(), new Point(1.2, 100)).pose().xMm())
                .as("nothing holds it")
                .isCloseTo(1.2, within(1e-9));
    }

    private static Motif one(Gesture gesture, Point pointer) {
        return gesture.to(pointer).getFirst();
    }

    @Test
    void severalAreScaledAndTurnedTogether() {
        Motif beside = SQUARE.withId("m2").withPose(Pose.at(150, 100));
        List<Motif> both = List.of(SQUARE, beside);
        List<Motif> half = new Gesture.ScaleAll(both, both, new Refit(), new Point(30, 80), new Point(170, 120))
                .to(new Point(100, 100));
        assertThat(onFace(half.get(0)).widthMm()).isCloseTo(20, within(1e-6));
        assertThat(onFace(half.get(1)).maxXMm()).isCloseTo(100, within(1e-6));

        List<Motif> turned = new Gesture.Turn(both, new Point(100, 100), new Point(100, 50)).to(new Point(150, 100));
        assertThat(turned.get(0).pose().point().distanceMm(new Point(100, 50))).isLessThan(1e-6);
        assertThat(turned.get(1).pose().point().distanceMm(new Point(100, 150))).isLessThan(1e-6);
    }

    @Test
    void pullingACornerKeepsTheOppositeOneAndTheProportion() {
        Gesture scale = new Gesture.Scale(SQUARE, built(SQUARE), new Point(30, 80), new Point(70, 120));
        Motif twice = one(scale, new Point(110, 160));
        assertThat(onFace(twice).minXMm()).isCloseTo(30, within(1e-9));
        assertThat(onFace(twice).minYMm()).isCloseTo(80, within(1e-9));
        assertThat(onFace(twice).widthMm()).isCloseTo(80, within(1e-9));
        assertThat(onFace(twice).heightMm()).isCloseTo(80, within(1e-9));
        assertThat(onFace(one(scale, new Point(30, 80))).widthMm())
                .as("never to nothing")
                .isCloseTo(0.8, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 30, 45, 90, 200})
    void aTurnedMotifIsPulledTheSameWay(double degrees) {
        Motif turned = SQUARE.withPose(SQUARE.pose().turnedTo(degrees));
        Point fixed = turned.pose().placement().apply(new Point(-20, -20));
        Point grabbed = turned.pose().placement().apply(new Point(20, 20));
        Motif half = one(new Gesture.Scale(turned, built(turned), fixed, grabbed), fixed.towards(grabbed, 0.5));

        assertThat(half.pose().placement().apply(new Point(-10, -10)).distanceMm(fixed))
                .isLessThan(1e-6);
        assertThat(((Shape) half.source()).widthMm()).isCloseTo(20, within(1e-9));
    }

    @Test
    void turningGoesRoundTheMiddleAndCatchesWholeSteps() {
        Point middle = new Point(50, 100);
        Gesture turn = new Gesture.Turn(List.of(SQUARE), middle, new Point(50, 60));
        Motif quarter = one(turn, new Point(90, 100));
        assertThat(quarter.pose().degrees()).isCloseTo(90, within(1e-9));
        assertThat(onFace(quarter).centre().distanceMm(middle)).isLessThan(1e-9);
        double angle = Math.toRadians(31 - 90);
        assertThat(one(turn, new Point(50 + 40 * Math.cos(angle), 100 + 40 * Math.sin(angle)))
                        .pose()
                        .degrees())
                .as("31 degrees is held at 30")
                .isCloseTo(30, within(1e-9));
        double free = Math.toRadians(37 - 90);
        assertThat(one(turn, new Point(50 + 40 * Math.cos(free), 100 + 40 * Math.sin(free)))
                        .pose()
                        .degrees())
                .isCloseTo(37, within(1e-6));
    }

    /** Whatever was turned about, that point stays. */
    @Test
    void anyPointCanBeTurnedAbout() {
        Point corner = new Point(30, 80);
        Motif turned = Gesture.turned(SQUARE, corner, 123);
        Point own = SQUARE.pose().placement().inverse().apply(corner);
        assertThat(turned.pose().placement().apply(own).distanceMm(corner)).isLessThan(1e-9);
    }
}
