package jurren.standins.cutter;

import java.util.ArrayList;
import java.util.List;
import jurren.core.cut.SwivelKnife;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What a dragged knife leaves, with and without a file that allows for it. */
class TrailingKnifeTest {
    private static final double OFF = 0.25;

    private static Region region(List<Point> cut) {
        assertThat(cut.getLast()).as("it came back").isEqualTo(cut.getFirst());
        return Region.enclosedBy(List.of(Outline.of(cut.subList(0, cut.size() - 1))), FillRule.NON_ZERO);
    }

    private static List<Point> closed(List<Point> corners) {
        List<Point> way = new ArrayList<>(corners);
        way.add(corners.getFirst());
        Point a = corners.get(0);
        Point b = corners.get(1);
        way.add(a.towards(b, Math.min(1, 0.6 / a.distanceMm(b))));
        return way;
    }

    private static List<Point> star() {
        List<Point> all = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            double r = i % 2 == 0 ? 20 : 8;
            all.add(new Point(60 + r * Math.cos(Math.PI * i / 5), 60 + r * Math.sin(Math.PI * i / 5)));
        }
        return all;
    }

    private static List<Point> circle() {
        List<Point> all = new ArrayList<>();
        for (int i = 0; i < 240; i++) {
            all.add(new Point(60 + 12 * Math.cos(Math.PI * i / 120), 60 + 12 * Math.sin(Math.PI * i / 120)));
        }
        return all;
    }

    private static double worst(List<Point> corners, boolean allowedFor) {
        SwivelKnife swivel = new SwivelKnife(OFF);
        List<Point> setting = swivel.setting();
        List<Point> way = allowedFor ? swivel.way(closed(corners)) : closed(corners);
        List<Point> cut =
                new TrailingKnife(OFF, 137).cuts(List.of(setting, way)).getLast();
        return region(cut).edgeDistanceMm(Region.enclosedBy(List.of(Outline.of(corners)), FillRule.NON_ZERO));
    }

    @Test
    void allowedForItCutsWhatWasMeant() {
        List<Point> square = List.of(new Point(20, 20), new Point(50, 20), new Point(50, 50), new Point(20, 50));
        assertThat(worst(square, true)).isLessThan(0.03);
        assertThat(worst(star(), true)).isLessThan(0.03);
        assertThat(worst(circle(), true)).isLessThan(0.03);
    }

    /** A square corner is cut off by a tractrix: the tip leaves the edge one offset before it. */
    @Test
    void withoutThatCornersAreRound() {
        List<Point> square = List.of(new Point(20, 20), new Point(50, 20), new Point(50, 50), new Point(20, 50));
        assertThat(worst(square, false)).isGreaterThan(0.1);
        assertThat(worst(star(), false)).isGreaterThan(0.15);
    }

    /** Along a straight line the tip comes to lie behind by the tractrix' own formula. */
    @Test
    void aSidewaysKnifeIsDraggedInAsTheFormulaSays() {
        List<Point> cut = new TrailingKnife(OFF, 90)
                .cuts(List.of(List.of(new Point(0, 0), new Point(1, 0))))
                .getFirst();
        // y = d / cosh(s / d), where s is how far the middle has gone
        Point last = cut.getLast();
        assertThat(Math.abs(last.yMm())).isCloseTo(OFF / Math.cosh(1 / OFF), within(0.002));
        assertThat(last.xMm()).isCloseTo(1 - OFF * Math.tanh(1 / OFF), within(0.002));
    }

    @Test
    void anOpenCutStaysOpen() {
        List<Point> cut = new TrailingKnife(OFF, 0)
                .cuts(List.of(List.of(new Point(0, 0), new Point(9, 0))))
                .getFirst();
        assertThat(cut.getFirst()).isEqualTo(new Point(-OFF, 0));
        assertThat(cut.getLast().distanceMm(new Point(9 - OFF, 0))).isLessThan(0.03);
    }
}
