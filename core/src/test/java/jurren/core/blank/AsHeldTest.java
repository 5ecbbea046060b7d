package jurren.core.blank;

import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class AsHeldTest {
    private static final Surface.Round MUG = new Surface.Round(82, 82, 96);
    private static final double ROUND = Math.PI * 82;

    private static AsHeld turned(double degrees) {
        return new AsHeld(MUG, 48, degrees);
    }

    /** x = r·sin(angle), by hand: a quarter of the way round to the side stands at r·sin 45°. */
    @Test
    void pointsAreForeshortenedTruly() {
        assertThat(turned(0).apply(new Point(ROUND / 8, 0)).xMm()).isCloseTo(41 * Math.sqrt(0.5), within(1e-9));
        assertThat(turned(0).apply(new Point(0, 96)).yMm()
                        - turned(0).apply(new Point(0, 0)).yMm())
                .as("height seen from 13 degrees above")
                .isCloseTo(96 * Math.cos(Math.toRadians(13)), within(1e-9));
        assertThat(turned(45).apply(new Point(ROUND / 8, 0)).xMm())
                .as("turned to the front")
                .isCloseTo(0, within(1e-9));
    }

    @Test
    void onlyTheHalfThatFacesTheEyeIsSeen() {
        Region all = Region.of(Box.ofSize(-ROUND / 2, 20, ROUND, 40));
        Region seen = turned(0).seen(all);

        assertThat(seen.bounds().widthMm()).as("from side to side").isCloseTo(82, within(0.1));
        assertThat(turned(0)
                        .seen(Region.of(Box.ofSize(ROUND / 2 - 20, 20, 20, 40)))
                        .isEmpty())
                .isTrue();
        assertThat(turned(180)
                        .seen(Region.of(Box.ofSize(ROUND / 2 - 20, 20, 20, 40)))
                        .isEmpty())
                .isFalse();
        assertThat(turned(0).faces(new Point(0, 0))).isTrue();
        assertThat(turned(0).faces(new Point(ROUND / 2, 0))).isFalse();
    }

    /** Turned by half, the seam is in front and art beside it on both sides is seen as one. */
    @Test
    void artComesRoundAgainOverTheSeam() {
        Region bothSides = Region.weld(java.util.List.of(
                Region.of(Box.ofSize(ROUND / 2 - 15, 20, 15, 40)), Region.of(Box.ofSize(-ROUND / 2, 20, 15, 40))));
        Region seen = turned(180).seen(bothSides);
        assertThat(seen.pieceCount()).isEqualTo(1);
        assertThat(seen.bounds().widthMm()).isCloseTo(2 * 41 * Math.sin(15 / 41.0), within(0.05));
    }

    @Test
    void bodyIsAsWideAsTheThing() {
        AsHeld cup = new AsHeld(new Surface.Round(87, 66, 165), 82, 0);
        assertThat(cup.body().bounds().widthMm()).isCloseTo(87, within(0.01));
        assertThat(cup.lip().bounds().heightMm()).isCloseTo(87 * Math.sin(Math.toRadians(13)), within(0.1));
    }
}
