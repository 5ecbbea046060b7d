package jurren.core.nest;

import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class ContactTest {
    private static final double CELL = 0.5;
    private static final Turned SQUARE = square(40);

    private final Contact bed = new Contact(Box.ofSize(0, 0, 400, 200), CELL);

    private static Turned square(double side) {
        Region r = Shapes.rectangle(0, 0, side, side);
        return Turned.of(0, 0, 0, r, r);
    }

    private double share(Turned shape, double x, double y) {
        return bed.share(Contact.feelers(shape, CELL), x, y, 1);
    }

    @Test
    void aSquareTouchesTheSidesOfTheBedButNotItsFarEnd() {
        assertThat(share(SQUARE, 100, 80)).isZero();
        assertThat(share(SQUARE, 0, 80)).as("where the bed begins").isEqualTo(0.25, within(0.02));
        assertThat(share(SQUARE, 100, 160)).as("its upper side").isEqualTo(0.25, within(0.02));
        assertThat(share(SQUARE, 0, 0)).as("a corner").isEqualTo(0.5, within(0.02));
        assertThat(share(SQUARE, 360, 80)).as("where it is cut off").isZero();
    }

    @Test
    void whatIsLaidIsTouchedAndANarrowGapBesideItIsALoss() {
        bed.take(SQUARE, 100, 80);
        assertThat(share(SQUARE, 140, 80)).as("side by side").isEqualTo(0.25, within(0.02));
        assertThat(share(SQUARE, 140, 100)).as("half of a side").isEqualTo(0.125, within(0.03));
        assertThat(share(SQUARE, 142, 80)).as("two millimetres apart").isEqualTo(-0.25, within(0.02));
        assertThat(share(SQUARE, 160, 80))
                .as("far enough apart for something between")
                .isZero();
    }

    @Test
    void theHoleOfARingIsTouchedFromWithinAndItsCopyIsItsOwn() {
        Region around = Shapes.rectangle(0, 0, 60, 60).minus(Shapes.rectangle(10, 10, 40, 40));
        Contact copy = bed.copy();
        copy.take(Turned.of(1, 1, 0, around, around), 200, 80);
        assertThat(copy.share(Contact.feelers(SQUARE, CELL), 210, 90, 1))
                .as("all round")
                .isEqualTo(1);
        assertThat(share(SQUARE, 210, 90)).as("only the copy knows of it").isZero();
    }

    @Test
    void feelersLieJustOutsideOuterEdgesAndInsideHoles() {
        Region ring = Shapes.rectangle(0, 0, 60, 60).minus(Shapes.rectangle(10, 10, 40, 40));
        double[] feelers = Contact.feelers(Turned.of(1, 1, 0, ring, ring), CELL);
        assertThat(feelers.length).isPositive();
        for (int k = 0; k < feelers.length; k += 6) {
            Region feeler = Shapes.disc(feelers[k], feelers[k + 1], 0.1);
            assertThat(feeler.intersect(ring).areaMm2())
                    .as("%.2f %.2f".formatted(feelers[k], feelers[k + 1]))
                    .isZero();
            assertThat(Shapes.disc(feelers[k], feelers[k + 1], 0.7)
                            .intersect(ring)
                            .areaMm2())
                    .as("near its edge")
                    .isPositive();
        }
    }
}
