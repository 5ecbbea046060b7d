package jurren.core.geometry;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

/** Lines that are measured along, brushes that follow them, and shapes that slide until they touch. */
class TrackTest {
    private static final List<Point> CORNER = List.of(new Point(0, 0), new Point(30, 0), new Point(30, 40));

    @Test
    void anOpenTrackIsMeasuredFromItsFirstPointAndGoesOnStraight() {
        Track track = Track.open(CORNER);
        assertThat(track.lengthMm()).isEqualTo(70);
        assertThat(track.isClosed()).isFalse();
        assertThat(track.at(10)).isEqualTo(new Track.Spot(new Point(10, 0), 0));
        assertThat(track.at(50)).isEqualTo(new Track.Spot(new Point(30, 20), 90));
        assertThat(track.at(-5).point()).isEqualTo(new Point(-5, 0));
        assertThat(track.at(80).point()).isEqualTo(new Point(30, 50));
        assertThat(track.at(30, 20).degrees()).as("round the corner on average").isCloseTo(45, within(1e-9));
        assertThatIllegalArgumentException().isThrownBy(() -> Track.open(List.of(new Point(1, 1), new Point(1, 1))));
    }

    @Test
    void aClosedTrackBeginsAtTheTopAndRunsClockwiseWhicheverWayItWasDrawn() {
        Outline square =
                Outline.of(List.of(new Point(-10, 10), new Point(10, 10), new Point(10, -10), new Point(-10, -10)));
        Outline other = Outline.of(square.points().reversed());
        for (Outline o : List.of(square, other)) {
            Track track = Track.round(o);
            assertThat(track.lengthMm()).isEqualTo(80);
            assertThat(track.at(0).point().yMm()).isEqualTo(-10);
            assertThat(track.at(5).degrees())
                    .as("along the top to the right, or down the right side")
                    .isIn(0.0, 90.0);
            assertThat(track.at(85)).isEqualTo(track.at(5));
            assertThat(track.at(-75)).isEqualTo(track.at(5));
        }
        assertThat(Track.round(square).at(0).point())
                .isEqualTo(Track.round(other).at(0).point());
    }

    /** Every point of a track is as far along as it was asked for. */
    @Test
    void distancesAlongAreTrue() {
        Random random = new Random(7);
        for (int i = 0; i < 50; i++) {
            Track track = Track.round(Shapes.blob(random, 0, 0, 30).largest().outer());
            double from = random.nextDouble() * track.lengthMm();
            double step = track.lengthMm() / 2000;
            double sum = 0;
            for (int k = 0; k < 2000; k++) {
                sum += track.at(from + k * step)
                        .point()
                        .distanceMm(track.at(from + (k + 1) * step).point());
            }
            assertThat(sum).isCloseTo(track.lengthMm(), within(track.lengthMm() * 0.01));
        }
    }

    @Test
    void aBrushCoversItsDiscsAndNothingFurtherAway() {
        Random random = new Random(11);
        for (int i = 0; i < 30; i++) {
            List<Point> line = random.doubles(6, 0, 60)
                    .mapToObj(x -> new Point(x, random.nextDouble() * 60))
                    .toList();
            double begin = 1 + random.nextDouble() * 5;
            double end = random.nextDouble() * 5;
            Region stroke = Brush.stroke(line, begin, end);
            Track track = Track.open(line);
            assertThat(stroke.isValid()).isTrue();
            assertThat(stroke.pieceCount()).isEqualTo(1);
            for (double t = 0; t <= 1; t += 0.05) {
                Point on = track.at(t * track.lengthMm()).point();
                double radius = (begin + (end - begin) * t) / 2;
                assertThat(Shapes.disc(on.xMm(), on.yMm(), Math.max(0.05, radius * 0.97))
                                .minus(stroke)
                                .areaMm2())
                        .isLessThan(0.02);
            }
            double far = Math.max(begin, end) / 2 + 0.01;
            Box within = line.stream()
                    .map(p -> new Box(p.xMm(), p.yMm(), p.xMm(), p.yMm()))
                    .reduce(Box::joined)
                    .orElseThrow()
                    .grown(far);
            assertThat(within.covers(stroke.bounds(), 0)).isTrue();
        }
    }

    @Test
    void aSmoothLineGoesThroughItsStopsInTheirOrder() {
        List<Point> stops = List.of(new Point(0, 0), new Point(20, 30), new Point(40, -10), new Point(70, 5));
        List<Point> smooth = Brush.smooth(stops);
        assertThat(smooth).hasSizeGreaterThan(40).startsWith(stops.getFirst());
        int last = -1;
        for (Point stop : stops) {
            int nearest = 0;
            for (int i = 0; i < smooth.size(); i++) {
                nearest = smooth.get(i).distanceMm(stop) < smooth.get(nearest).distanceMm(stop) ? i : nearest;
            }
            assertThat(smooth.get(nearest).distanceMm(stop)).isLessThan(1e-6);
            assertThat(nearest).isGreaterThan(last);
            last = nearest;
        }
        assertThat(Brush.smooth(List.of(new Point(0, 0), new Point(9, 9))))
                .as("two points are straight")
                .hasSize(2);
        assertThat(Brush.smooth(List.of(new Point(0, 0), new Point(0, 0), new Point(9, 9), new Point(9, 0))))
                .allMatch(p -> Double.isFinite(p.xMm()));
    }

    /** Moved by the answer they touch, moved a little less they do not: the same as trying it out. */
    @Test
    void slidingShapesStopWhereTheyTouch() {
        Random random = new Random(5);
        for (int i = 0; i < 60; i++) {
            Region standing = Shapes.blob(random, 0, 0, 15);
            Region moving = Shapes.blob(random, 45, random.nextDouble() * 16 - 8, 12);
            double way = moving.wayLeftTo(standing).orElseThrow();
            assertThat(moving.placed(Placement.moved(-way - 0.01, 0))
                            .intersect(standing)
                            .isEmpty())
                    .isFalse();
            assertThat(moving.placed(Placement.moved(-way + 0.01, 0))
                            .intersect(standing)
                            .isEmpty())
                    .isTrue();
        }
        assertThat(Shapes.disc(40, 50, 5).wayLeftTo(Shapes.disc(0, 0, 5)))
                .as("it passes by")
                .isEmpty();
        assertThat(Shapes.disc(3, 0, 5).wayLeftTo(Shapes.disc(0, 0, 5))).hasValue(0);
        assertThat(Shapes.rectangle(40, 0, 5, 5)
                        .wayLeftTo(Shapes.rectangle(0, 0, 10, 5))
                        .orElseThrow())
                .as("two straight edges")
                .isEqualTo(30);
        Region hollow = Shapes.rectangle(0, 0, 40, 40).minus(Shapes.rectangle(5, 5, 30, 30));
        assertThat(Shapes.disc(25, 20, 5).wayLeftTo(hollow).orElseThrow())
                .as("inside a frame, to its inner edge")
                .isCloseTo(15, within(0.01));
    }

    @Test
    void theShortestWayJoinsTheNearestPoints() {
        List<Point> way = Shapes.disc(0, 0, 10).shortestWayTo(Shapes.disc(50, 0, 10));
        assertThat(way.getFirst().distanceMm(new Point(10, 0))).isLessThan(0.02);
        assertThat(way.getLast().distanceMm(new Point(40, 0))).isLessThan(0.02);
        assertThat(Shapes.disc(0, 0, 10)
                        .shortestWayTo(Shapes.disc(5, 0, 10))
                        .getFirst()
                        .distanceMm(Shapes.disc(0, 0, 10)
                                .shortestWayTo(Shapes.disc(5, 0, 10))
                                .getLast()))
                .as("they touch")
                .isZero();
    }

    @Test
    void regionsKeptTogetherKeepTheirPieces() {
        Region both = Region.together(List.of(Shapes.disc(0, 0, 5), Shapes.ring(30, 0, 8, 4)));
        assertThat(both.pieceCount()).isEqualTo(2);
        assertThat(both.holeCount()).isEqualTo(1);
        assertThat(both.largest().outer().bounds().centre().xMm()).isCloseTo(30, within(1e-6));
        assertThat(Region.together(List.of()).isEmpty()).isTrue();
        Region cornerCut = Shapes.rectangle(0, 0, 10, 10)
                .reshaped(o -> Outline.of(o.points().subList(0, 3)));
        assertThat(cornerCut.areaMm2()).isCloseTo(50, within(1e-9));
        Region crossed = Shapes.rectangle(0, 0, 10, 10)
                .reshaped(o -> Outline.of(List.of(o.point(0), o.point(2), o.point(1), o.point(3))));
        assertThat(crossed.isValid()).as("edges that now cross are resolved").isTrue();
        assertThat(crossed.areaMm2()).isCloseTo(50, within(1e-6));
    }
}
