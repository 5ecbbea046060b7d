package jurren.core.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import jurren.core.Fixtures;
import jurren.core.geometry.Shapes;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** The highest place of a stack, beside counting films over every field of a board. */
class StackTest {
    private static final int FIELDS = 12;

    @Test
    void theHighestPlaceIsWhereMostLieOnEachOther() {
        Random random = new Random(21);
        for (int k = 0; k < 400; k++) {
            List<Layer> layers = new ArrayList<>();
            double[][] board = new double[FIELDS][FIELDS];
            for (int i = 0; i < 1 + random.nextInt(6); i++) {
                int x = random.nextInt(FIELDS - 1);
                int y = random.nextInt(FIELDS - 1);
                int w = 1 + random.nextInt(FIELDS - x - 1);
                int h = 1 + random.nextInt(FIELDS - y - 1);
                Layer layer = Fixtures.layer(Shapes.rectangle(x, y, w, h)).withOrder(i + 1);
                layers.add(layer);
                for (int a = x; a < x + w; a++) {
                    for (int b = y; b < y + h; b++) {
                        board[a][b] += layer.thicknessMm();
                    }
                }
            }
            double most = 0;
            for (double[] row : board) {
                for (double height : row) {
                    most = Math.max(most, height);
                }
            }
            assertThat(Stack.thickestMm(layers)).as("%s", layers).isCloseTo(most, within(1e-6));
        }
    }

    @Test
    void edgesThatOnlyTouchDoNotLieOnEachOther() {
        Layer left = Fixtures.layer(Shapes.rectangle(0, 0, 10, 10)).withOrder(1);
        Layer right = Fixtures.layer(Shapes.rectangle(10, 0, 10, 10)).withOrder(2);
        assertThat(Stack.thickestMm(List.of(left, right))).isCloseTo(left.thicknessMm(), within(1e-9));
        assertThat(Stack.thickestMm(List.of())).isZero();
    }
}
