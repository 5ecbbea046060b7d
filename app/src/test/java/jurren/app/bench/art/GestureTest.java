package jurren.app.bench.art;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import jurren.core.art.BuiltMotif;
import jurren.core.art.Chain;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.material.Colour;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Drags as values, without a window: a square of 40 mm about (50, 100). */
class GestureTest {
    private static final Motif SQUARE = new Motif("m1", "square",
            new Shape(Shape.Kind.RECTANGLE, 40, 40, 5, 0.5, Colour.of("#F6EFDC")), List.of(), Pose.at(50, 100));

    private static BuiltMotif built(Motif m) {
        return new Chain().build(m);
    }

    private static Box onFace(Motif m) {
        return built(m).bounds().orElseThrow().placed(m.pose().placement());
    }

    @Test
    void movingCarriesTheMotifByAsMuchAsThePointerWent() {
        Gesture move = new Gesture.Move(SQUARE, new Point(60, 110));
        assertThat(move.to(new Point(60, 110))).isEqualTo(SQUARE);
        assertThat(move.to(new Point(75, 90)).pose()).isEqualTo(Pose.at(65, 80));
    }

    @Test
    void theMiddleLineHoldsAMotifThatComesNear() {
        Gesture move = new Gesture.Move(SQUARE, new Point(50, 100));
        assertThat(move.to(new Point(1.2, 100)).pose().xMm()).isZero();
        assertThat(move.to(new Point(-1.2, 100)).pose().xMm()).isZero();
        assertThat(move.to(new Point(2, 100)).pose().xMm()).isEqualTo(2);
    }

    @Test
    void pullingACornerKeepsTheOppositeOneAndTheProportion() {
        Gesture scale = new Gesture.Scale(SQUARE, built(SQUARE), new Point(30, 80), new Point(70, 120));
        Motif twice = scale.to(new Point(110, 160));
        assertThat(onFace(twice).minXMm()).isCloseTo(30, within(1e-9));
        assertThat(onFace(twice).minYMm()).isCloseTo(80, within(1e-9));
        assertThat(onFace(twice).widthMm()).isCloseTo(80, within(1e-9));
        assertThat(onFace(twice).heightMm()).isCloseTo(80, within(1e-9));
        assertThat(onFace(scale.to(new Point(30, 80))).widthMm()).as("never to nothing").isCloseTo(0.8, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 30, 45, 90, 200})
    void aTurnedMotifIsPulledTheSameWay(double degrees) {
        Motif turned = SQUARE.withPose(SQUARE.pose().turnedTo(degrees));
        Point fixed = turned.pose().placement().apply(new Point(-20, -20));
        Point grabbed = turned.pose().placement().apply(new Point(20, 20));
        Motif half = new Gesture.Scale(turned, built(turned), fixed, grabbed).to(fixed.towards(grabbed, 0.5));

        assertThat(half.pose().placement().apply(new Point(-10, -10)).distanceMm(fixed)).isLessThan(1e-6);
        assertThat(((Shape) half.source()).widthMm()).isCloseTo(20, within(1e-9));
    }

    @Test
    void turningGoesRoundTheMiddleAndCatchesWholeSteps() {
        Point middle = new Point(50, 100);
        Gesture turn = new Gesture.Turn(SQUARE, middle, new Point(50, 60));
        Motif quarter = turn.to(new Point(90, 100));
        assertThat(quarter.pose().degrees()).isCloseTo(90, within(1e-9));
        assertThat(onFace(quarter).centre().distanceMm(middle)).isLessThan(1e-9);
        double angle = Math.toRadians(31 - 90);
        assertThat(turn.to(new Point(50 + 40 * Math.cos(angle), 100 + 40 * Math.sin(angle))).pose().degrees())
                .as("31 degrees is held at 30").isCloseTo(30, within(1e-9));
        double free = Math.toRadians(37 - 90);
        assertThat(turn.to(new Point(50 + 40 * Math.cos(free), 100 + 40 * Math.sin(free))).pose().degrees()).isCloseTo(37, within(1e-6));
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
