package jurren.core.cut;

import java.awt.geom.Line2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Point;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class ThinnedTest {
    private static final double TOLERANCE = 0.0125;

    private static Outline circle(double r, int corners) {
        List<Point> points = new ArrayList<>();
        for (int k = 0; k < corners; k++) {
            points.add(new Point(r * Math.cos(2 * Math.PI * k / corners), r * Math.sin(2 * Math.PI * k / corners)));
        }
        return Outline.of(points);
    }

    private static double distance(Point p, Outline o) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < o.size(); i++) {
            Point a = o.point(i);
            Point b = o.point((i + 1) % o.size());
            least = Math.min(least, Line2D.ptSegDist(a.xMm(), a.yMm(), b.xMm(), b.yMm(), p.xMm(), p.yMm()));
        }
        return least;
    }

    /** By hand: chords of a circle whose arrow is the tolerance turn by 2 arccos(1 - t / r). */
    @ParameterizedTest
    @ValueSource(doubles = {1, 5, 20, 100})
    void aCircleHasAsManyCornersAsItsToleranceNeeds(double r) {
        double needed = Math.PI / Math.acos(1 - TOLERANCE / r);
        Outline thin = Thinned.of(circle(r, 4000), TOLERANCE);
        assertThat((double) thin.size()).isBetween(needed, needed * 1.05 + 2);
        assertThat(thin.lengthMm()).isCloseTo(2 * Math.PI * r, within(2 * Math.PI * r * 0.002 + 0.05));
    }

    @Test
    void cornersStayAndStraightsLoseWhatLiesOnThem() {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            points.add(new Point(i, 0));
        }
        for (int i = 0; i < 40; i++) {
            points.add(new Point(40, i));
        }
        points.add(new Point(40, 40));
        points.add(new Point(0, 40));
        assertThat(Thinned.of(Outline.of(points), TOLERANCE).points())
                .containsExactly(new Point(0, 0), new Point(40, 0), new Point(40, 40), new Point(0, 40));
    }

    @Test
    void aNeedleKeepsItsPoint() {
        Outline needle = Outline.of(List.of(
                new Point(0, 0),
                new Point(10, 0.004),
                new Point(20, 0.008),
                new Point(30, 0.01),
                new Point(20, 0.02),
                new Point(10, 0.03)));
        assertThat(Thinned.of(needle, TOLERANCE).points()).contains(new Point(30, 0.01));
    }

    /** Whatever it looks like, nothing of it lies further away than the tolerance, either way. */
    @RepeatedTest(30)
    void allStaysWithinTheTolerance(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        List<Point> points = new ArrayList<>();
        double wave = 2 + random.nextInt(9);
        double depth = random.nextDouble() * 0.8;
        double noise = random.nextInt(3) * 0.01;
        int corners = 50 + random.nextInt(2000);
        for (int k = 0; k < corners; k++) {
            double a = 2 * Math.PI * k / corners;
            double r = 15 * (1 + depth * Math.sin(wave * a)) + noise * random.nextDouble();
            points.add(new Point(r * Math.cos(a), r * Math.sin(a)));
        }
        Outline whole = Outline.of(points);
        Outline thin = Thinned.of(whole, TOLERANCE);
        assertThat(thin.point(0)).isEqualTo(whole.point(0));
        assertThat(thin.size()).isLessThanOrEqualTo(whole.size());
        for (Point p : whole.points()) {
            assertThat(distance(p, thin)).isLessThanOrEqualTo(TOLERANCE + 1e-6);
        }
        assertThat(whole.points()).containsAll(thin.points());
    }
}
