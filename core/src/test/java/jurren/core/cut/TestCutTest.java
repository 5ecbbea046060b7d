package jurren.core.cut;

import java.util.List;
import jurren.core.Fixtures;
import jurren.core.geometry.Box;
import jurren.core.load.Roll;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

class TestCutTest {

    private static CutRun row(int count, double width) {
        return TestCut.of(
                Fixtures.FILM,
                Fixtures.CREAM,
                new Roll("r", Fixtures.FILM.id(), Fixtures.CREAM, width, 3000),
                Fixtures.CUTTER,
                TestCut.forces(60, 120, count, Fixtures.CUTTER));
    }

    @Test
    void forcesGrowInEqualSteps() {
        assertThat(TestCut.forces(60, 120, 7, Fixtures.CUTTER))
                .containsExactly(60.0, 70.0, 80.0, 90.0, 100.0, 110.0, 120.0);
        assertThat(TestCut.forces(90, 90, 1, Fixtures.CUTTER)).containsExactly(90.0);
        assertThat(TestCut.forces(5, 405, 5, Fixtures.CUTTER))
                .as("as near as the cutter can, and none twice")
                .containsExactly(20.0, 105.0, 205.0, 210.0);
        assertThatIllegalArgumentException().isThrownBy(() -> TestCut.forces(100, 60, 3, Fixtures.CUTTER));
        assertThatIllegalArgumentException().isThrownBy(() -> TestCut.forces(60, 120, 13, Fixtures.CUTTER));
    }

    @Test
    void eachSquareHasItsTriangleFirstAndItsForce() {
        CutRun run = row(7, 305);
        assertThat(run.isTest()).isTrue();
        assertThat(run.paths()).hasSize(14);
        for (int i = 0; i < 7; i++) {
            CutPath triangle = run.paths().get(2 * i);
            CutPath square = run.paths().get(2 * i + 1);
            assertThat(triangle.kind()).isEqualTo(CutPath.Kind.INSIDE);
            assertThat(square.bounds().covers(triangle.bounds(), -1)).isTrue();
            assertThat(run.forceGf(2 * i)).isEqualTo(60 + 10 * i);
            assertThat(run.forceGf(2 * i + 1)).isEqualTo(60 + 10 * i);
        }
    }

    @Test
    void itLiesBetweenTheRollersAndApart() {
        for (double width : List.of(305.0, 60.0)) {
            CutRun run = row(12, width);
            List<Box> squares = run.paths().stream()
                    .filter(p -> p.kind() == CutPath.Kind.OUTSIDE)
                    .map(p -> p.bounds())
                    .toList();
            for (int i = 0; i < squares.size(); i++) {
                assertThat(squares.get(i).minXMm()).isGreaterThanOrEqualTo(Fixtures.CUTTER.beforeMm());
                assertThat(squares.get(i).minYMm()).isGreaterThanOrEqualTo(Fixtures.CUTTER.rollerMm());
                assertThat(squares.get(i).maxYMm()).isLessThanOrEqualTo(width - Fixtures.CUTTER.rollerMm() + 1e-9);
                assertThat(squares.get(i).maxXMm())
                        .isLessThanOrEqualTo(run.load().usedMm() - Fixtures.CUTTER.afterMm() + 1e-9);
                for (int j = 0; j < i; j++) {
                    assertThat(squares.get(i).grown(1.5).crossed(squares.get(j).grown(1.5)))
                            .isEmpty();
                }
            }
        }
    }
}
