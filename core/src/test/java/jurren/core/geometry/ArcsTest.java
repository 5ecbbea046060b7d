package jurren.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class ArcsTest {
    private static final double TOLERANCE = 0.5;

    private static List<Point> circle(double radius, int corners, double degrees) {
        return IntStream.rangeClosed(0, corners)
                .mapToObj(i -> Math.toRadians(degrees * i / corners))
                .map(a -> new Point(1000 + radius * Math.cos(a), 500 + radius * Math.sin(a)))
                .toList();
    }

    @Test
    void aCircleIsTwoArcsRoundItsMiddle() {
        List<Arcs.Stretch> all = Arcs.of(circle(400, 90, 360), 1, TOLERANCE);
        assertThat(all)
                .hasSize(2)
                .allSatisfy(s -> assertThat(s.centre().orElseThrow().distanceMm(new Point(1000, 500)))
                        .isLessThan(2));
        assertThat(all.stream().mapToDouble(Arcs.Stretch::degrees).sum()).isCloseTo(360, within(0.2));
        assertThat(all.getLast().to()).isEqualTo(90);
    }

    @Test
    void theOtherWayRoundIsNegative() {
        List<Arcs.Stretch> all = Arcs.of(circle(400, 30, 120).reversed(), 1, TOLERANCE);
        assertThat(all).singleElement().satisfies(s -> assertThat(s.degrees()).isCloseTo(-120, within(0.3)));
    }

    @Test
    void corneredThingsStayStraight() {
        List<Point> star = List.of(
                new Point(0, 0),
                new Point(300, 900),
                new Point(600, 0),
                new Point(-100, 600),
                new Point(700, 600),
                new Point(0, 0));
        assertThat(Arcs.of(star, 1, TOLERANCE))
                .hasSize(5)
                .allMatch(s -> s.centre().isEmpty());
        List<Point> straight = IntStream.rangeClosed(0, 20)
                .mapToObj(i -> new Point(i * 50, i * 20))
                .toList();
        assertThat(Arcs.of(straight, 1, TOLERANCE)).allMatch(s -> s.centre().isEmpty());
    }

    /**
     * Bends of any radius, one after the other: walked again by the sentences that a machine gets, no corner is far
     * off.
     */
    @Property(tries = 500, seed = "20261129")
    void walkedAgainEachCornerIsMet(@ForAll Random random) {
        List<Point> way = new ArrayList<>(List.of(Point.ORIGIN));
        double direction = 0;
        for (int bend = 0; bend < 4; bend++) {
            double turn = (random.nextDouble() - 0.5) * 0.3;
            for (int i = 0; i < 3 + random.nextInt(20); i++) {
                direction += turn;
                Point last = way.getLast();
                way.add(new Point(
                        Math.round(last.xMm() + 60 * Math.cos(direction)),
                        Math.round(last.yMm() + 60 * Math.sin(direction))));
            }
        }
        int at = 0;
        for (Arcs.Stretch s : Arcs.of(way, 1, TOLERANCE)) {
            assertThat(s.to()).isGreaterThan(at);
            if (s.centre().isPresent()) {
                Point c = s.centre().get();
                Point from = way.get(at);
                double cos = Math.cos(Math.toRadians(s.degrees()));
                double sin = Math.sin(Math.toRadians(s.degrees()));
                double dx = from.xMm() - c.xMm();
                double dy = from.yMm() - c.yMm();
                assertThat(new Point(c.xMm() + dx * cos - dy * sin, c.yMm() + dx * sin + dy * cos)
                                .distanceMm(way.get(s.to())))
                        .isLessThanOrEqualTo(TOLERANCE + 1e-6);
                way.subList(at, s.to())
                        .forEach(p -> assertThat(Math.abs(p.distanceMm(c) - from.distanceMm(c)))
                                .isLessThanOrEqualTo(TOLERANCE + 1e-6));
            }
            at = s.to();
        }
        assertThat(at).isEqualTo(way.size() - 1);
    }
}
