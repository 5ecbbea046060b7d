package jurren.core.blank;

import java.util.Optional;
import java.util.Random;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

/** Cones and cylinders against figures worked by hand. */
class SurfaceTest {
    private static final Surface.Round TUMBLER = new Surface.Round(87, 66, 165);

    private static Vessel vessel(Surface.Round r) {
        return new Vessel(
                Vessel.Profile.CUP, r.topDiameterMm(), r.footDiameterMm(), r.slantMm(), 0, 0, Optional.empty());
    }

    /** R = sD/(D−d), angle = π(D−d)/s in degrees, area = π(D+d)/2·s. */
    @ParameterizedTest
    @CsvSource({
        "87, 66, 165,  683.5714, 22.9091, 39654.753",
        "100, 50, 100, 200.0,    90.0,    23561.945",
        "66, 87, 165,  -518.5714, 22.9091, 39654.753",
        "74, 74, 208,  ,          0,       48355.395",
        "82, 82, 96,   ,          0,       24730.618"
    })
    void unrolledFaceHasTheClosedFormulasMeasures(
            double top, double foot, double slant, Double radius, double degrees, double areaMm2) {
        Surface.Round r = new Surface.Round(top, foot, slant);
        Region face = vessel(r).picture().getFirst().curves().enclosed();

        assertThat(face.areaMm2()).isCloseTo(areaMm2, within(areaMm2 * 1e-4));
        assertThat(Math.toDegrees(r.angle())).isCloseTo(degrees, within(1e-3));
        if (radius == null) {
            assertThat(r.curvaturePerMm()).isZero();
            assertThat(r.isCylinder()).isTrue();
        } else {
            assertThat(1 / r.curvaturePerMm()).isCloseTo(radius, within(1e-3));
        }
        double edges = r.roundAtMm(0) + r.roundAtMm(slant) + 2 * slant;
        assertThat(face.outlineLengthMm())
                .as("both rims and both ends of the side")
                .isCloseTo(edges, within(0.01));
    }

    @Test
    void pointsLieWhereTheWorkedExampleSays() {
        Point at = Unrolling.of(TUMBLER, 82.5).apply(new Point(100, 0));

        assertThat(at.xMm()).isCloseTo(113.20, within(0.005));
        assertThat(at.yMm()).isCloseTo(9.44, within(0.005));
    }

    @ParameterizedTest
    @CsvSource({"87, 66, 165", "66, 87, 165", "80, 79.999, 150", "80, 80.001, 150", "80, 80, 150", "60, 20, 60"})
    void rollingBackGivesThePointThatWasUnrolled(double top, double foot, double slant) {
        Surface.Round r = new Surface.Round(top, foot, slant);
        Unrolling u = Unrolling.of(r, slant / 3);
        Random random = new Random(7);
        for (int i = 0; i < 2000; i++) {
            Point p = new Point((random.nextDouble() - 0.5) * r.roundAtMm(slant / 3), random.nextDouble() * slant);
            assertThat(u.rolled(u.apply(p)).distanceMm(p)).isLessThan(1e-6);
        }
    }

    @Test
    void levelLinesBecomeArcsAndUprightOnesPointToTheApex() {
        Unrolling u = Unrolling.of(TUMBLER, 40);
        Point apex = new Point(0, 1 / TUMBLER.curvaturePerMm());
        for (double y : new double[] {0, 40, 165}) {
            double radius = apex.yMm() - y;
            for (double x = -130; x <= 130; x += 13) {
                assertThat(u.apply(new Point(x, y)).distanceMm(apex)).isCloseTo(radius, within(1e-9));
            }
        }
        Point high = u.apply(new Point(90, 10));
        Point low = u.apply(new Point(90, 150));
        double cross = (high.xMm() - apex.xMm()) * (low.yMm() - apex.yMm())
                - (high.yMm() - apex.yMm()) * (low.xMm() - apex.xMm());
        assertThat(cross / high.distanceMm(apex))
                .as("both on one line through the apex")
                .isCloseTo(0, within(1e-9));
    }

    @Test
    void widthsAreTrueAtTheChosenHeight() {
        for (double t : new double[] {0, 60, 165}) {
            Region band = Region.of(Box.ofSize(-50, t == 165 ? 164.98 : t, 100, 0.02));
            Region unrolled = band.warped(Unrolling.of(TUMBLER, t));
            assertThat(unrolled.areaMm2() / 0.02).as("true at " + t).isCloseTo(100, within(0.01));
        }
    }

    /** A cone that comes ever nearer to a cylinder ends where the cylinder is. */
    @Test
    void nearlyEqualDiametersMakeNoJump() {
        Point p = new Point(100, 120);
        double last = Double.MAX_VALUE;
        for (double d = 1; d > 1e-12; d /= 10) {
            Point at = Unrolling.of(new Surface.Round(80, 80 - d, 150), 75).apply(p);
            double away = at.distanceMm(p);
            assertThat(away).isLessThanOrEqualTo(last);
            last = away;
        }
        assertThat(last).isLessThan(1e-8);
    }

    /** Bent art of 20 m would wind around the tip again and again and take for ever. */
    @Test
    void artFarLargerThanAConeIsBentAsFarAsTheConeGoes() {
        Unrolling u = Unrolling.of(TUMBLER, 82.5);
        Region bent = Region.of(Box.ofSize(-10_000, -10_000, 20_000, 20_000)).warped(u);
        double radius = 1 / TUMBLER.curvaturePerMm();
        // the whole disc around the tip, twice as far as the lip, but for what is next to the tip
        double disc = Math.PI * (4 - 0.01 * 0.01) * radius * radius;
        assertThat(bent.areaMm2()).isCloseTo(disc, within(disc * 1e-4));
        assertThat(bent.isValid()).isTrue();
    }

    @Test
    void bentRegionsStayWithinTheFlatnessOfTheTrueCurve() {
        Unrolling u = Unrolling.of(TUMBLER, 82.5);
        Region box = Region.of(Box.ofSize(-110, 30, 220, 100)).warped(u);
        double radius = 1 / TUMBLER.curvaturePerMm();
        var ring = box.pieces().getFirst().outer();
        for (int i = 0; i < ring.size(); i++) {
            Point a = ring.point(i);
            Point b = ring.point((i + 1) % ring.size());
            Point middle = u.rolled(new Point((a.xMm() + b.xMm()) / 2, (a.yMm() + b.yMm()) / 2));
            boolean onEdge = Math.abs(middle.yMm() - 30) < 0.01
                    || Math.abs(middle.yMm() - 130) < 0.01
                    || Math.abs(Math.abs(middle.xMm()) - 110) < 0.01;
            assertThat(onEdge).as(middle.toString()).isTrue();
        }
        assertThat(box.isValid()).isTrue();
        double half = 110 / (1 - 82.5 / radius) / radius;
        assertThat(box.areaMm2())
                .as("a ring sector of " + half + " rad each side")
                .isCloseTo(half * (Math.pow(radius - 30, 2) - Math.pow(radius - 130, 2)), within(1.5));
    }

    @ParameterizedTest
    @CsvSource({"-1, 66, 165", "87, 0, 165", "9000, 66, 165", "87, 66, 10", "87, NaN, 100"})
    void measuresThatCannotBeAreRefused(double top, double foot, double slant) {
        assertThatIllegalArgumentException().isThrownBy(() -> new Surface.Round(top, foot, slant));
    }

    @Test
    void aHeightTurnsIntoASlantAndBack() {
        assertThat(Surface.Round.ofHeight(100, 40, 40).slantMm()).isEqualTo(50);
        assertThat(new Surface.Round(100, 40, 50).heightMm()).isCloseTo(40, within(1e-9));
    }

    @Test
    void aConeThatEndsInAPointIsBentInAFewThousandCorners() {
        Surface.Round pointed = new Surface.Round(87, 1e-6, 165);
        Region square = Region.of(new Box(-50, 10, 50, 110));
        assertThat(square.warped(Unrolling.of(pointed, 82.5)).vertexCount()).isBetween(100, 10_000);
    }
}
