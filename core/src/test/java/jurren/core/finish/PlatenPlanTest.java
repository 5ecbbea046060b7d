package jurren.core.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlatenPlanTest {
    private static final Press PRESS = new Press("p", "press", Press.Kind.FLAT, 381, 381, 220);

    @Test
    void smallArtIsPressedOnceWhereItUsuallyIs() {
        Box usual = Box.ofSize(-140, 76, 280, 330);
        PlatenPlan plan = PlatenPlan.of(PRESS, Box.ofSize(-100, 90, 200, 200), usual);

        assertThat(plan.positions()).singleElement().satisfies(p -> assertThat(p.centre()).isEqualTo(usual.centre()));
        assertThat(plan.twice()).isEmpty();
        assertThat(plan.mostTimes()).isEqualTo(1);
    }

    /** n = ceil((art - 15) / (381 - 15)) each way, by hand. */
    @ParameterizedTest
    @CsvSource({"381, 381, 1, 1", "382, 300, 2, 1", "747, 300, 2, 1", "748, 300, 3, 1", "500, 800, 2, 3"})
    void fewestPositionsCoverTheArtWithTheSharedStrip(double width, double height, int across, int down) {
        Box art = Box.ofSize(-width / 2, 40, width, height);
        PlatenPlan plan = PlatenPlan.of(PRESS, art, Box.ofSize(0, 5000, 10, 10));

        assertThat(plan.positions()).hasSize(across * down);
        Region reached = Region.weld(plan.positions().stream().map(Region::of).toList());
        assertThat(Region.of(art).minus(reached).areaMm2()).isCloseTo(0, within(1e-6));
        assertThat(plan.twice()).allSatisfy(b ->
                assertThat(Math.min(b.widthMm(), b.heightMm())).isCloseTo(PlatenPlan.SHARED_MM, within(1e-9)));
        assertThat(plan.mostTimes()).isEqualTo((across > 1 ? 2 : 1) * (down > 1 ? 2 : 1));
    }

    @Test
    void artOfNonsensicalSizeIsNotFollowedToItsEnd() {
        Press press = new Press("p", "press", Press.Kind.FLAT, 381, 381, 220);
        assertThat(PlatenPlan.of(press, Box.ofSize(0, 0, 1e300, 1e12), Box.ofSize(0, 0, 100, 100)).positions()).hasSize(144);
    }
}
