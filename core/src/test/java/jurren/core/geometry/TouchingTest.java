package jurren.core.geometry;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;

import static org.assertj.core.api.Assertions.assertThat;

/** Whether two shapes touch: by hand, and beside the geometry library on shapes drawn by lot. */
class TouchingTest {
    private static Polygon square(double x, double y, double side) {
        return Jts.FACTORY.createPolygon(new Coordinate[] {
            new Coordinate(x, y),
            new Coordinate(x + side, y),
            new Coordinate(x + side, y + side),
            new Coordinate(x, y + side),
            new Coordinate(x, y)
        });
    }

    private static Polygon frame(double x, double y, double side, double wide) {
        return (Polygon) square(x, y, side).difference(square(x + wide, y + wide, side - 2 * wide));
    }

    @Test
    void whatSharesAnEdgeOrACornerOrLiesInsideTouches() {
        assertThat(Touching.touch(square(0, 0, 10), square(10, 0, 10)))
                .as("an edge")
                .isTrue();
        assertThat(Touching.touch(square(0, 0, 10), square(10, 10, 10)))
                .as("a corner")
                .isTrue();
        assertThat(Touching.touch(square(0, 0, 10), square(4, 4, 2)))
                .as("inside")
                .isTrue();
        assertThat(Touching.touch(square(4, 4, 2), square(0, 0, 10)))
                .as("around")
                .isTrue();
        assertThat(Touching.touch(square(0, 0, 10), square(2, -5, 2)))
                .as("below")
                .isFalse();
        assertThat(Touching.touch(square(0, 0, 10), square(10.001, 0, 10)))
                .as("a hair beside")
                .isFalse();
    }

    @Test
    void whatLiesInAHoleDoesNotTouchUntilItReachesTheRim() {
        assertThat(Touching.touch(frame(0, 0, 10, 1), square(2, 2, 6))).isFalse();
        assertThat(Touching.touch(square(2, 2, 6), frame(0, 0, 10, 1))).isFalse();
        assertThat(Touching.touch(frame(0, 0, 10, 1), square(1, 2, 6))).isTrue();
        assertThat(Touching.touch(frame(0, 0, 10, 1), square(-1, 4, 12)))
                .as("across both rims")
                .isTrue();
    }

    @Test
    void answersAsTheLibraryDoesOnStarsAndFramesByLot() {
        Random lot = new Random(11);
        int touching = 0;
        for (int i = 0; i < 3000; i++) {
            Polygon a = lot.nextBoolean() ? star(lot) : frame(lot.nextInt(20), lot.nextInt(20), 4 + lot.nextInt(12), 1);
            Polygon b = lot.nextBoolean() ? star(lot) : frame(lot.nextInt(20), lot.nextInt(20), 4 + lot.nextInt(12), 1);
            assertThat(Touching.touch(a, b)).as("%s and %s", a, b).isEqualTo(a.intersects(b));
            touching += a.intersects(b) ? 1 : 0;
        }
        assertThat(touching).as("both answers are met").isBetween(300, 2700);
    }

    private static Polygon star(Random lot) {
        int rays = 5 + lot.nextInt(30);
        double x = lot.nextInt(24);
        double y = lot.nextInt(24);
        Coordinate[] ring = new Coordinate[rays + 1];
        for (int k = 0; k < rays; k++) {
            double r = 1 + 6 * lot.nextDouble();
            ring[k] =
                    new Coordinate(x + r * Math.cos(2 * Math.PI * k / rays), y + r * Math.sin(2 * Math.PI * k / rays));
        }
        ring[rays] = ring[0].copy();
        return Jts.FACTORY.createPolygon(ring);
    }
}
