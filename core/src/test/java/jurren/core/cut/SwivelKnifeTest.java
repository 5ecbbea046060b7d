package jurren.core.cut;

import java.util.ArrayList;
import java.util.List;
import jurren.core.geometry.Point;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** By hand: along an edge the middle runs ahead by the offset, at a corner it swings round the tip. */
class SwivelKnifeTest {
    private static final double OFF = 0.25;

    private static List<Point> square(double side) {
        return List.of(
                new Point(10, 10),
                new Point(10 + side, 10),
                new Point(10 + side, 10 + side),
                new Point(10, 10 + side),
                new Point(10, 10),
                new Point(10.5, 10));
    }

    @Test
    void roundASquareTheMiddleRunsAheadAndSwingsAtCorners() {
        SwivelKnife knife = new SwivelKnife(OFF);
        assertThat(knife.setting()).containsExactly(new Point(0, 0), new Point(3, 0));
        List<Point> way = knife.way(square(20));
        assertThat(way.getFirst()).isEqualTo(new Point(10.25, 10));
        assertThat(way.getLast().distanceMm(new Point(10.75, 10))).isLessThan(1e-9);
        for (Point corner : List.of(new Point(30, 10), new Point(30, 30), new Point(10, 30), new Point(10, 10))) {
            List<Point> near =
                    way.stream().filter(p -> p.distanceMm(corner) < OFF + 1e-9).toList();
            assertThat(near)
                    .as("a quarter turn in steps of 15 degrees")
                    .hasSizeGreaterThanOrEqualTo(7)
                    .allSatisfy(p -> assertThat(p.distanceMm(corner)).isCloseTo(OFF, within(1e-9)));
        }
        assertThat(way.stream().mapToDouble(Point::xMm).max().orElseThrow())
                .as("it overshoots the edge by the offset and no more")
                .isCloseTo(30.25, within(1e-9));
    }

    /** What an acute corner needs most: the tip waits while the middle goes nearly once about. */
    @Test
    void atAnAcuteCornerItSwingsTheShortWay() {
        SwivelKnife knife = new SwivelKnife(OFF);
        double a = Math.toRadians(170);
        Point tipOfStar = new Point(20, 0);
        List<Point> way =
                knife.way(List.of(new Point(0, 0), tipOfStar, tipOfStar.plus(20 * Math.cos(a), 20 * Math.sin(a))));
        List<Point> swing = way.stream()
                .filter(p -> Math.abs(p.distanceMm(tipOfStar) - OFF) < 1e-9)
                .toList();
        assertThat(swing.getFirst()).isEqualTo(new Point(20.25, 0));
        assertThat(swing).as("above the edge, where the next one goes").allMatch(p -> p.yMm() >= -1e-12);
        for (int i = 1; i < swing.size(); i++) {
            assertThat(swing.get(i - 1).distanceMm(swing.get(i)))
                    .isLessThan(2 * OFF * Math.sin(Math.toRadians(7.5)) + 1e-9);
        }
    }

    @Test
    void roundACircleItGoesOnALargerOne() {
        List<Point> circle = new ArrayList<>();
        for (int i = 0; i <= 360; i++) {
            circle.add(new Point(50 + 15 * Math.cos(Math.toRadians(i)), 50 + 15 * Math.sin(Math.toRadians(i))));
        }
        SwivelKnife knife = new SwivelKnife(OFF);
        knife.setting();
        List<Point> way = knife.way(circle);
        double expected = Math.hypot(15, OFF);
        assertThat(way.subList(20, way.size()))
                .allSatisfy(p -> assertThat(p.distanceMm(new Point(50, 50))).isCloseTo(expected, within(0.005)));
    }

    @Test
    void theNextCutBeginsWithTheKnifeAsTheLastOneLeftIt() {
        SwivelKnife knife = new SwivelKnife(OFF);
        knife.setting();
        knife.way(List.of(new Point(0, 0), new Point(0, 9)));
        List<Point> next = knife.way(List.of(new Point(40, 40), new Point(60, 40)));
        assertThat(next.getFirst().distanceMm(new Point(40, 40.25)))
                .as("it still points up")
                .isLessThan(1e-9);
        assertThat(next.get(next.size() - 1)).isEqualTo(new Point(60.25, 40));
    }

    @Test
    void withoutAnOffsetTheMiddleIsTheTip() {
        assertThat(new SwivelKnife(0).way(square(5)).stream().distinct().toList())
                .containsExactlyElementsOf(square(5).stream().distinct().toList());
    }
}
