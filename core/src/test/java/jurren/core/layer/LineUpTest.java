package jurren.core.layer;

import java.util.List;
import jurren.core.Fixtures;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class LineUpTest {
    private static List<Layer> marked(double heightMm, Region... regions) {
        return LineUp.marked(
                java.util.stream.Stream.of(regions).map(Fixtures::layer).toList(), heightMm, _ -> true);
    }

    @Test
    void theUpperMarkIsAboveAllArtAndOnTheThing() {
        assertThat(LineUp.heightMm(List.of(Box.ofSize(-50, 60, 100, 20), Box.ofSize(-10, 40, 20, 90))))
                .isEqualTo(32);
        assertThat(LineUp.heightMm(List.of(Box.ofSize(-50, 6, 100, 20))))
                .as("no higher than the thing")
                .isEqualTo(4);
    }

    /** Squares of diagonal 6 around (0, 32) and (0, 8 below the art). */
    @Test
    void everyFilmHasTheSameMarksOnTheMiddleLine() {
        List<Layer> layers = marked(32, Shapes.rectangle(-30, 40, 60, 20), Shapes.rectangle(-10, 45, 20, 40));
        assertThat(layers).allSatisfy(l -> {
            assertThat(l.marks().bounds()).isEqualTo(new Box(-3, 29, 3, 96));
            assertThat(l.marks().areaMm2()).isCloseTo(36, within(1e-9));
            assertThat(l.cutPieces()).hasSize(3);
            assertThat(l.region().pieceCount()).as("not film that stays").isOne();
        });
    }

    @Test
    void whatIsPressedHasNone() {
        List<Layer> layers = List.of(
                Fixtures.layer(Shapes.rectangle(-30, 40, 60, 20)),
                Fixtures.layer(Shapes.rectangle(-10, 45, 20, 40)).withOrder(2));
        assertThat(LineUp.marked(layers, 32, l -> l.order() == 2))
                .extracting(l -> l.marks().isEmpty())
                .containsExactly(true, false);
    }

    @Test
    void aMarkThatArtWouldTouchIsLeftOut() {
        assertThat(marked(4, Shapes.rectangle(-30, 6, 60, 20))
                        .getFirst()
                        .marks()
                        .bounds())
                .isEqualTo(new Box(-3, 31, 3, 37));
        assertThat(marked(32, Region.EMPTY).getFirst().marks().isEmpty()).isTrue();
    }
}
