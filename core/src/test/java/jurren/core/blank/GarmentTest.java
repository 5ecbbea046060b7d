package jurren.core.blank;

import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

class GarmentTest {
    private final Garment medium = tee(508, 737, 455, 210, 182, 98);

    private static Garment tee(
            double chest, double length, double shoulders, double sleeve, double collar, double drop) {
        return new Garment(Garment.Neck.ROUND, Garment.Sleeve.SHORT, chest, length, shoulders, sleeve, collar, drop);
    }

    @Test
    void outlineHasTheMeasuresItWasDrawnFrom() {
        Region garment = medium.outline().enclosed();
        Box box = garment.bounds();

        assertThat(garment.pieceCount()).isEqualTo(1);
        assertThat(box.heightMm()).isCloseTo(737, within(0.01));
        assertThat(box.minYMm())
                .as("the shoulders are a collar's drop above the origin")
                .isCloseTo(-98, within(0.01));
        assertThat(garment.along(new Point(-600, 500), new Point(600, 500)))
                .singleElement()
                .satisfies(i -> assertThat(i.lengthMm()).isCloseTo(508, within(0.01)));
        assertThat(garment.contains(new Point(0, 1))).isTrue();
        assertThat(garment.contains(new Point(0, -1)))
                .as("the collar is open above the origin")
                .isFalse();
        assertThat(box.minXMm()).isCloseTo(-box.maxXMm(), within(1e-6));
    }

    @Test
    void measuresThatCannotBeAreRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> tee(-1, 737, 455, 210, 182, 98));
        assertThatIllegalArgumentException().isThrownBy(() -> tee(508, 737, 150, 210, 182, 98));
        assertThatIllegalArgumentException().isThrownBy(() -> new AreaMeasures(0, 330, 76));
    }
}
