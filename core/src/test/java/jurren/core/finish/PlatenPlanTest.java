package jurren.core.finish;

import java.util.List;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class PlatenPlanTest {
    private static final Press PRESS = new Press("p", "press", Press.Kind.FLAT, 381, 381, 220);

    @Test
    void smallArtIsPressedOnceWhereItUsuallyIs() {
        Box usual = Box.ofSize(-140, 76, 280, 330);
        PlatenPlan plan = PlatenPlan.of(PRESS, Box.ofSize(-100, 90, 200, 200), usual);

        assertThat(plan.positions())
                .singleElement()
                .satisfies(p -> assertThat(p.centre()).isEqualTo(usual.centre()));
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
        assertThat(plan.twice())
                .allSatisfy(b ->
                        assertThat(Math.min(b.widthMm(), b.heightMm())).isCloseTo(PlatenPlan.SHARED_MM, within(1e-9)));
        assertThat(plan.mostTimes()).isEqualTo((across > 1 ? 2 : 1) * (down > 1 ? 2 : 1));
    }

    @Test
    void artOfNonsensicalSizeIsNotFollowedToItsEnd() {
        Press press = new Press("p", "press", Press.Kind.FLAT, 381, 381, 220);
        assertThat(PlatenPlan.of(press, Box.ofSize(0, 0, 1e300, 1e12), Box.ofSize(0, 0, 100, 100))
                        .positions())
                .hasSize(144);
    }

    /**
     * Four marks of 60 mm in the corners of 700 by 300: two positions of 381, each over two of them whole, nothing
     * shared.
     */
    @Test
    void piecesStayWholeAndTheGapBetweenPositionsIsTheWidest() {
        Region marks = Region.weld(List.of(box(0, 0), box(0, 240), box(640, 0), box(640, 240)));
        PlatenPlan plan = PlatenPlan.of(PRESS, marks, Box.ofSize(300, 100, 50, 50));
        assertThat(plan.positions()).hasSize(2);
        assertThat(plan.twice()).isEmpty();
        assertThat(plan.mostTimes()).isEqualTo(1);
        assertThat(plan.reaching(box(640, 240))).containsExactly(1);
        assertThat(plan.reaching(marks)).containsExactlyInAnyOrder(0, 1);
        assertThat(plan.times(box(0, 0))).isEqualTo(1);
    }

    /**
     * Five marks in a row, 150 mm from middle to middle: 660 mm, so two positions; the gap lies between marks, never in
     * one.
     */
    @Test
    void aRowIsPartedBetweenItsPieces() {
        Region row = Region.weld(List.of(box(0, 0), box(150, 0), box(300, 0), box(450, 0), box(600, 0)));
        PlatenPlan plan = PlatenPlan.of(PRESS, row, Box.ofSize(2000, 0, 1, 1));
        assertThat(plan.positions()).hasSize(2);
        row.pieces()
                .forEach(p -> assertThat(plan.positions())
                        .anyMatch(b -> b.covers(p.region().bounds(), 0)));
    }

    /** A plus of 500 by 500 is one piece: two by two positions, its crossing pressed four times, its arms twice. */
    @Test
    void onlyWhatLiesInTheSharedStripIsPressedOftener() {
        Region plus = Region.of(Box.ofSize(-250, -20, 500, 40)).weld(Region.of(Box.ofSize(-20, -250, 40, 500)));
        PlatenPlan plan = PlatenPlan.of(PRESS, plus, Box.ofSize(2000, 0, 1, 1));
        assertThat(plan.positions()).hasSize(4);
        assertThat(plan.mostTimes()).isEqualTo(4);
        assertThat(plan.times(Region.of(Box.ofSize(-250, -20, 100, 40)))).isEqualTo(2);
        assertThat(plan.times(Region.of(Box.ofSize(-250, -240, 60, 60)))).isEqualTo(1);
    }

    @Test
    void smallThingsLieSideBySide() {
        PlatenPlan one = PlatenPlan.of(PRESS, Box.ofSize(0, 0, 90, 90), Box.ofSize(0, 0, 90, 90));
        assertThat(one.together(Box.ofSize(0, 0, 116, 116))).isEqualTo(9);
        assertThat(one.together(Box.ofSize(0, 0, 190, 130))).isEqualTo(4);
        assertThat(one.together(Box.ofSize(0, 0, 900, 10))).isEqualTo(1);
    }

    private static Region box(double x, double y) {
        return Region.of(Box.ofSize(x, y, 60, 60));
    }
}
