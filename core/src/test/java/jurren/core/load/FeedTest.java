package jurren.core.load;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static jurren.core.Fixtures.CREAM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

/** Rollers 15 mm wide, the left one over three stretches that grip: 0 to 95, 240 to 330, 515 to 610 mm across. */
class FeedTest {
    private static final List<Feed.Zone> ZONES =
            List.of(new Feed.Zone(0, 95), new Feed.Zone(240, 330), new Feed.Zone(515, 610));
    private static final Cutter WIDE =
            new Cutter("w", "wide", 610, 15, 15, 30, 600, 0.05, 0.02, 0.5).withFeed(new Feed(0, ZONES));

    @ParameterizedTest(name = "{0} mm")
    @CsvSource({
        "610, 580",
        "700, 580",
        "540, 510",
        "529, 300",
        "500, 300",
        "330, 300",
        "305, 275",
        "254, 65",
        "255, 225",
        "95, 65",
        "60, 30"
    })
    void whatLiesBetweenTheRollersEndsWhereTheLeftOneCanStand(double film, double between) {
        assertThat(WIDE.usableMm(film)).isCloseTo(between, within(1e-9));
        Roll roll = new Roll("r", "smooth-film", CREAM, film, 1000);
        assertThat(roll.usable(WIDE).bounds().minYMm()).isEqualTo(15);
        assertThat(roll.usable(WIDE).bounds().heightMm()).isCloseTo(between, within(1e-9));
    }

    @Test
    void filmOnWhichNoRollerStandsIsNotTaken() {
        assertThat(new Roll("r", "smooth-film", CREAM, 14, 1000).usable(WIDE).isEmpty())
                .isTrue();
        assertThat(new Roll("r", "smooth-film", CREAM, 30, 1000).usable(WIDE).isEmpty())
                .as("nothing is left between them")
                .isTrue();
    }

    @Test
    void filmNarrowerThanTheNarrowestIsNotTaken() {
        Cutter picky = WIDE.withFeed(Feed.ROLL.withLeast(80).withRollers(3));
        assertThat(picky.usableMm(80)).isEqualTo(50);
        assertThat(new Roll("r", "smooth-film", CREAM, 79.9, 1000).usable(picky).isEmpty())
                .isTrue();
        assertThatThrownBy(() -> WIDE.withFeed(Feed.ROLL.withLeast(611)))
                .hasMessageContaining("not wider than the widest");
        assertThatThrownBy(() -> Feed.ROLL.withRollers(1)).hasMessageContaining("2 to 20 rollers");
    }

    @Test
    void whereNothingIsToldItStandsAnywhere() {
        assertThat(WIDE.withFeed(Feed.ROLL).usableMm(500)).isEqualTo(470);
    }

    @Test
    void placesThatCannotBeAreNone() {
        assertThatThrownBy(() -> new Feed.Zone(90, 40)).hasMessageContaining("farther across");
        assertThatThrownBy(() -> new Feed(0, List.of(new Feed.Zone(0, 95), new Feed.Zone(80, 120))))
                .hasMessageContaining("one after the other");
        assertThatThrownBy(() -> new Feed.Zone(Double.NaN, 40)).hasMessageContaining("farther across");
    }
}
