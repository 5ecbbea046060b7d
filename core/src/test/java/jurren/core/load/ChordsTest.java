package jurren.core.load;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import jurren.core.geometry.Box;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Interval;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class ChordsTest {
    private static Region outlined(double... xy) {
        return Region.enclosedBy(
                List.of(Outline.of(IntStream.range(0, xy.length / 2)
                        .mapToObj(i -> new Point(xy[2 * i], xy[2 * i + 1]))
                        .toList())),
                FillRule.EVEN_ODD);
    }

    /**
     * 60 along the feed and 30 high at its tip: a chord of 10 and more over two thirds of it, of 20 and more over a
     * third.
     */
    @Test
    void aTriangle() {
        Chords chords = Chords.of(outlined(0, 0, 60, 0, 60, 30), 0);
        assertThat(chords.areaMm2()).isEqualTo(900, within(1e-9));
        assertThat(chords.feedMm(10)).isBetween(40 - 2 * 0.1 - 1e-9, 40.0);
        assertThat(chords.feedMm(20)).isBetween(20 - 2 * 0.1 - 1e-9, 20.0);
        assertThat(chords.feedMm(30)).isZero();
    }

    /** 100 x 50 with a hole of 40 x 30: beside it 50, over its length what is left above and below. */
    @Test
    void aHoleIsNotCoveredUnlessNothingFitsIntoIt() {
        Region ring = Region.of(new Box(0, 0, 100, 50)).minus(Region.of(new Box(30, 10, 70, 40)));
        Chords open = Chords.of(ring, 1200);
        assertThat(open.areaMm2()).isEqualTo(3800, within(1e-9));
        assertThat(open.feedMm(19.85)).isEqualTo(100, within(1e-9));
        assertThat(open.feedMm(21)).isEqualTo(60, within(1e-9));
        Chords closed = Chords.of(ring, 1201);
        assertThat(closed.areaMm2()).isEqualTo(5000, within(1e-9));
        assertThat(closed.feedMm(21)).isEqualTo(100, within(1e-9));
    }

    /** Beside lines that the geometry engine draws across, a hundred to the millimetre. */
    @Test
    void ragged() {
        Random random = new Random(5);
        for (int n = 0; n < 20; n++) {
            double[] xy = new double[40];
            for (int i = 0; i < 20; i++) {
                double out = 5 + 15 * random.nextDouble();
                xy[2 * i] = out * Math.cos(i * Math.PI / 10);
                xy[2 * i + 1] = out * Math.sin(i * Math.PI / 10);
            }
            Region region = outlined(xy).minus(outlined(-2, -2, 2, -1, 1, 3));
            Chords chords = Chords.of(region, 0);
            for (double than : new double[] {3, 8, 17, 24}) {
                double counted =
                        IntStream.range(-2000, 2000)
                                        .filter(i -> region
                                                        .along(
                                                                new Point(i * 0.01 + 0.005, -50),
                                                                new Point(i * 0.01 + 0.005, 50))
                                                        .stream()
                                                        .mapToDouble(Interval::lengthMm)
                                                        .sum()
                                                > than)
                                        .count()
                                * 0.01;
                double longer =
                        IntStream.range(-2000, 2000)
                                        .filter(i -> region
                                                        .along(
                                                                new Point(i * 0.01 + 0.005, -50),
                                                                new Point(i * 0.01 + 0.005, 50))
                                                        .stream()
                                                        .mapToDouble(Interval::lengthMm)
                                                        .sum()
                                                > than + 0.1)
                                        .count()
                                * 0.01;
                assertThat(chords.feedMm(than))
                        .as("%d: longer than %s", n, than)
                        .isBetween(longer - 0.1, counted + 0.1);
            }
        }
    }
}
