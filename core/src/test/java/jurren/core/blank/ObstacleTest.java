package jurren.core.blank;

import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

class ObstacleTest {
    private static Obstacle drawn(double... xy) {
        return new Obstacle(
                Obstacle.Kind.CAMERA,
                new Obstacle.Drawn(java.util.stream.IntStream.range(0, xy.length / 2)
                        .mapToObj(i -> new Point(xy[2 * i], xy[2 * i + 1]))
                        .toList()));
    }

    /** An L of 20 by 20 with arms of 5: 175 mm², whichever way round it was drawn. */
    @Test
    void anyOutlineIsInTheWayAsItIsDrawn() {
        Obstacle l = drawn(0, 0, 5, 0, 5, 15, 20, 15, 20, 20, 0, 20);
        assertThat(l.region().areaMm2()).isCloseTo(175, within(1e-9));
        assertThat(l.region().contains(new Point(12, 5))).as("between its arms").isFalse();
        assertThat(drawn(0, 20, 20, 20, 20, 15, 5, 15, 5, 0, 0, 0).region().areaMm2())
                .isCloseTo(175, within(1e-9));
        assertThat(l.box()).isEqualTo(new Box(0, 0, 20, 20));
    }

    @Test
    void anOutlineThatIsNoneIsRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> drawn(0, 0, 5, 5))
                .withMessageContaining("3 to 2000 corners");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> drawn(0, 0, 10, 10, 0, 10, 10, 0))
                .withMessageContaining("cross itself");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> drawn(0, 0, 5, 0, 9, 0))
                .withMessageContaining("larger than zero");
        assertThatIllegalArgumentException().isThrownBy(() -> drawn(0, 0, 10, 0, 0, 10, Double.NaN, 5));
    }

    @Test
    void eachIsPutIntoAnotherBox() {
        Box to = new Box(100, 0, 140, 10);
        assertThat(drawn(0, 0, 5, 0, 5, 15, 20, 15, 20, 20, 0, 20)
                        .in(to)
                        .region()
                        .areaMm2())
                .isCloseTo(175 * 2 * 0.5, within(1e-9));
        assertThat(Obstacle.rect(Obstacle.Kind.SLOT, new Box(0, 0, 1, 1)).in(to).box())
                .isEqualTo(to);
        Obstacle disc = new Obstacle(Obstacle.Kind.EYELET, new Obstacle.Disc(0, 0, 10));
        assertThat(disc.in(new Box(0, 0, 30, 30)).shape()).isEqualTo(new Obstacle.Disc(15, 15, 30));
        assertThat(disc.in(to).region().areaMm2()).as("an ellipse").isCloseTo(Math.PI * 20 * 5, within(0.5));
    }

    /** Widths of a cone are told at half height; at the lip, 80 instead of 70 mm across, an obstacle is 8/7 as wide. */
    @Test
    void onAConeItIsAsWideAsItIsThere() {
        Face cup = OwnBlank.face("face", "wrap", OwnBlank.round(Vessel.Profile.CUP, 80, 60, 100), 0)
                .withFurther(List.of(
                        drawn(0, 40, 7, 40, 7, 54), new Obstacle(Obstacle.Kind.EYELET, new Obstacle.Disc(35, 50, 14))));
        List<Obstacle> there = cup.withTrueAt(Optional.of(0.0)).obstacles();
        assertThat(there.getFirst().region().areaMm2()).isCloseTo(8 * 14 / 2.0, within(1e-6));
        assertThat(there.getLast().box().minXMm()).isCloseTo(32, within(1e-6));
        assertThat(there.getLast().region().areaMm2()).as("round, not its box").isCloseTo(Math.PI * 8 * 7, within(0.5));
    }
}
