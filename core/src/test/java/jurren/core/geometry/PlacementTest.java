package jurren.core.geometry;

import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

class PlacementTest {
    private final Random random = new Random(7);

    @RepeatedTest(10)
    void inverseBringsEveryPointBack() {
        Placement there = Placement.turned(random.nextDouble() * 360)
                .then(Placement.scaled(0.1 + random.nextDouble()))
                .then(random.nextBoolean() ? Placement.flipped() : Placement.HERE)
                .then(Placement.moved(random.nextDouble() * 100, random.nextDouble() * 100));
        Point p = new Point(random.nextDouble() * 100, random.nextDouble() * 100);

        assertThat(there.then(there.inverse()).apply(p).distanceMm(p)).isLessThan(1e-9);
        assertThat(there.inverse().apply(there.apply(p)).distanceMm(p)).isLessThan(1e-9);
    }

    @Test
    void quarterTurnsAreExactAndOrderMatters() {
        assertThat(Placement.turned(90).apply(new Point(1, 0))).isEqualTo(new Point(0, 1));
        assertThat(Placement.moved(5, 0).then(Placement.scaled(2)).apply(Point.ORIGIN))
                .isEqualTo(new Point(10, 0));
        assertThat(Placement.scaled(2).then(Placement.moved(5, 0)).apply(Point.ORIGIN))
                .isEqualTo(new Point(5, 0));
        assertThat(Placement.scaledAbout(new Point(3, 4), 2).apply(new Point(3, 4)))
                .isEqualTo(new Point(3, 4));
    }

    @Test
    void onlyAFlipTurnsOver() {
        assertThat(Placement.flipped().turnsOver()).isTrue();
        assertThat(Placement.otherYAxis().turnsOver()).isTrue();
        assertThat(Placement.flipped().then(Placement.otherYAxis()).turnsOver()).isFalse();
        assertThat(Placement.turned(33).determinant()).isCloseTo(1, within(1e-12));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Placement.scaled(0, 1).inverse());
    }
}
