package jurren.core.art;

import java.util.List;
import jurren.core.geometry.Region;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import static jurren.core.Fixtures.CREAM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

class ShapeTest {
    @ParameterizedTest
    @EnumSource(Shape.Kind.class)
    void everyShapeIsValidAndExactlyAsLargeAsItSays(Shape.Kind kind) {
        for (double depth : new double[] {0, 0.5, 1}) {
            Shape shape = new Shape(kind, 70, 45, 7, depth, CREAM);
            Region r = shape.region();
            assertThat(r.isValid()).isTrue();
            assertThat(r.pieceCount()).isEqualTo(1);
            assertThat(r.bounds().widthMm()).isCloseTo(70, within(1e-9));
            assertThat(r.bounds().heightMm()).isCloseTo(45, within(1e-9));
            assertThat(r.bounds().centre().distanceMm(new jurren.core.geometry.Point(0, 0)))
                    .isLessThan(1e-9);
        }
        assertThat(new Chain()
                        .build(new Motif("m", "m", Shape.of(kind, 60, CREAM), List.of(), Pose.at(0, 0)))
                        .paints())
                .hasSize(1);
        assertThat(Shape.of(kind, 60, CREAM).resized(2, 3).region().bounds().heightMm())
                .isCloseTo(3 * Shape.of(kind, 60, CREAM).region().bounds().heightMm(), within(1e-9));
    }

    @Test
    void areasAreThoseOfTheFormulas() {
        assertThat(new Shape(Shape.Kind.ELLIPSE, 40, 20, 5, 0.5, CREAM).region().areaMm2())
                .isCloseTo(Math.PI * 200, within(0.5));
        assertThat(new Shape(Shape.Kind.POLYGON, 20, 20, 4, 0.5, CREAM).region().areaMm2())
                .as("a square on its corner")
                .isCloseTo(200, within(1e-6));
        assertThat(new Shape(Shape.Kind.RING, 40, 40, 5, 0.4, CREAM).region().areaMm2())
                .isCloseTo(Math.PI * 400 * (1 - 0.25), within(1.0));
        assertThat(new Shape(Shape.Kind.RING, 40, 40, 5, 0.4, CREAM).region().holeCount())
                .isEqualTo(1);
        assertThatIllegalArgumentException().isThrownBy(() -> new Shape(Shape.Kind.STAR, 40, 40, 2, 0.4, CREAM));
        assertThatIllegalArgumentException().isThrownBy(() -> new Shape(Shape.Kind.STAR, 0, 40, 5, 0.4, CREAM));
    }
}
