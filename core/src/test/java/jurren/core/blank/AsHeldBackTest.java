package jurren.core.blank;

import java.util.Random;
import jurren.core.geometry.Point;
import jurren.core.geometry.Warp;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/**
 * What is seen of a round thing leads back to the art: a picture on a mug is drawn by asking where each of its points
 * is.
 */
class AsHeldBackTest {
    @ParameterizedTest
    @CsvSource({
        "82, 82, 95, 0",
        "82, 82, 95, 140",
        "87, 66, 165, 0",
        "87, 66, 165, -75",
        "66, 87, 120, 33",
        "100, 50, 100, 10",
        "60, 60, 20, 179"
    })
    void whatIsSeenLeadsBackToWhereItIs(double top, double foot, double slant, double turned) {
        Surface.Round cup = new Surface.Round(top, foot, slant);
        AsHeld held = new AsHeld(cup, slant / 2, turned);
        Warp back = held.back();
        Random random = new Random((long) (top + foot + turned));
        double round = Math.PI * cup.diameterAtMm(slant / 2);
        int looked = 0;
        for (int i = 0; i < 500; i++) {
            Point art = new Point((random.nextDouble() - 0.5) * round, random.nextDouble() * slant);
            // at the very rim everything becomes a line
            if (!held.faces(art) || Math.abs(held.apply(art).xMm()) > 0.97 * cup.diameterAtMm(art.yMm()) / 2) {
                continue;
            }
            Point found = back.apply(held.apply(art));
            assertThat(found.yMm()).as("down, of %s", art).isCloseTo(art.yMm(), within(0.02));
            double off = Math.abs(found.xMm() - art.xMm());
            assertThat(Math.min(off, Math.abs(off - round)))
                    .as("round, of %s", art)
                    .isLessThan(0.05);
            looked++;
        }
        assertThat(looked).isGreaterThan(120);
    }
}
