package jurren.core.geometry;

import java.awt.geom.Path2D;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.io.ParseException;
import org.locationtech.jts.io.WKTReader;

import static jurren.core.geometry.Shapes.disc;
import static jurren.core.geometry.Shapes.polygon;
import static jurren.core.geometry.Shapes.rectangle;
import static jurren.core.geometry.Shapes.ring;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;
import static org.assertj.core.api.Assertions.within;

@Tag("long")
class RegionTest {
    @Test
    void weldKeepsCountersAndMakesOnePieceOfWhatOverlaps() {
        Region welded = Region.weld(List.of(ring(0, 0, 10, 4), ring(15, 0, 10, 4), disc(60, 0, 3)));

        assertThat(welded.pieceCount()).isEqualTo(2);
        assertThat(welded.holeCount())
                .as("two counters, and nothing between the rings")
                .isEqualTo(2);
        assertThat(welded.contains(new Point(0, 0))).isFalse();
        assertThat(welded.contains(new Point(7.5, 0))).isTrue();
    }

    @RepeatedTest(30)
    void regionAlgebraHoldsOnRandomArrangements(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        List<Region> blobs = Shapes.blobs(random, 12, 100);
        Region a = Region.weld(blobs.subList(0, 6));
        Region b = Region.weld(blobs.subList(6, 12));

        assertThat(List.of(a, b, a.minus(b), a.intersect(b), a.weld(b), a.grown(1.5, CornerStyle.ROUND)))
                .allMatch(Region::isValid);
        double both = a.intersect(b).areaMm2();
        assertThat(a.minus(b).areaMm2()).isCloseTo(a.areaMm2() - both, within(1e-6));
        assertThat(a.weld(b).areaMm2()).isCloseTo(a.areaMm2() + b.areaMm2() - both, within(1e-6));
        assertThat(a.differingFrom(b).areaMm2()).isCloseTo(a.areaMm2() + b.areaMm2() - 2 * both, within(1e-6));
        assertThat(a.grown(1.5, CornerStyle.ROUND).intersect(a).areaMm2()).isCloseTo(a.areaMm2(), within(1e-3));
        assertThat(a.grown(-1, CornerStyle.ROUND).minus(a).areaMm2()).isLessThan(1e-3);
        assertThat(Region.weld(blobs))
                .as("the same result on a second evaluation")
                .isEqualTo(Region.weld(blobs));
    }

    @Test
    void growsRoundedAndMitredCornersByTheFormula() {
        Region square = rectangle(0, 0, 20, 20);

        assertThat(square.grown(3, CornerStyle.MITRED).areaMm2()).isCloseTo(26 * 26, within(1e-6));
        assertThat(square.grown(3, CornerStyle.ROUND).areaMm2())
                .isCloseTo(20 * 20 + 4 * 20 * 3 + Math.PI * 9, within(0.05));
        assertThat(square.grown(-3, CornerStyle.MITRED).areaMm2()).isCloseTo(14 * 14, within(1e-6));
        assertThat(square.grown(-10.5, CornerStyle.ROUND).isEmpty()).isTrue();
        assertThat(square.grown(0, CornerStyle.ROUND)).isSameAs(square);
        assertThatIllegalArgumentException().isThrownBy(() -> square.grown(Double.NaN, CornerStyle.ROUND));
    }

    @Test
    void shrinkingAndGrowingARingMovesBothItsEdges() {
        Region ring = ring(0, 0, 20, 10);

        assertThat(ring.grown(2, CornerStyle.ROUND).areaMm2()).isCloseTo(Math.PI * (22 * 22 - 8 * 8), within(2.0));
        assertThat(ring.grown(-2, CornerStyle.ROUND).areaMm2()).isCloseTo(Math.PI * (18 * 18 - 12 * 12), within(2.0));
        assertThat(ring.grown(11, CornerStyle.ROUND).holeCount()).isZero();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.5, 1, 2, 3, 4, 4.9})
    void everyHoleWithRoomLeftSurvivesAnOutline(double distanceMm) throws IOException, ParseException {
        Region component = component();
        List<Region> holesWithRoom = component.pieces().getFirst().holes().stream()
                .map(h -> Region.enclosedBy(List.of(h), FillRule.NON_ZERO).grown(-distanceMm, CornerStyle.ROUND))
                .filter(left -> left.areaMm2() > 0.01)
                .toList();

        Region grown = component.grown(distanceMm, CornerStyle.ROUND);

        assertThat(component.holeCount()).isPositive();
        assertThat(holesWithRoom)
                .allSatisfy(left -> assertThat(grown.contains(left.inside())).isFalse());
        assertThat(grown.isValid()).isTrue();
    }

    /** Rounding made it a figure of eight, of which one lobe runs the other way round. Counted in a grid of points. */
    @Test
    void aRingThatCrossesItselfByRoundingIsWhatItEncloses() throws IOException, ParseException {
        Geometry both = read("ring-crossing-itself-by-rounding.wkt");
        Region ring = Region.of(both.getGeometryN(0));
        Region other = Region.of(both.getGeometryN(1));
        double step = 0.02;
        long inBoth = 0;
        for (double x = ring.bounds().minXMm(); x < ring.bounds().maxXMm(); x += step) {
            for (double y = ring.bounds().minYMm(); y < ring.bounds().maxYMm(); y += step) {
                Point p = new Point(x, y);
                inBoth += ring.contains(p) && other.contains(p) ? 1 : 0;
            }
        }
        Region common = ring.intersect(other);
        assertThat(ring.isValid()).isFalse();
        assertThat(common.isValid()).isTrue();
        assertThat(common.areaMm2()).isCloseTo(inBoth * step * step, within(0.05));
    }

    private static Region component() throws IOException, ParseException {
        return Region.of(read("component-with-a-narrow-hole.wkt"));
    }

    private static Geometry read(String name) throws IOException, ParseException {
        try (InputStream in = RegionTest.class.getResourceAsStream(name)) {
            return new WKTReader().read(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        }
    }

    @Test
    void fillRulesDecideOverlapsNestsAndSelfCrossings() {
        Path2D.Double twice = new Path2D.Double(Path2D.WIND_NON_ZERO);
        twice.append(new java.awt.Rectangle(0, 0, 20, 20), false);
        twice.append(new java.awt.Rectangle(5, 5, 10, 10), false);
        twice.append(new java.awt.Rectangle(15, 15, 10, 10), false);
        Region nonZero = Curves.of(twice).enclosed();
        twice.setWindingRule(Path2D.WIND_EVEN_ODD);
        Region evenOdd = Curves.of(twice).enclosed();

        assertThat(nonZero.areaMm2()).isCloseTo(400 + 100 - 25, within(1e-9));
        assertThat(evenOdd.areaMm2()).isCloseTo(400 - 100 + 100 - 2 * 25, within(1e-9));

        Region bowTie = polygon(0, 0, 10, 10, 10, 0, 0, 10);
        assertThat(bowTie.areaMm2()).isCloseTo(50, within(1e-9));
        assertThat(bowTie.isValid()).isTrue();

        Region pentagram = polygon(0, -10, 5.878, 8.09, -9.511, -3.09, 9.511, -3.09, -5.878, 8.09);
        assertThat(pentagram.contains(new Point(0, 0)))
                .as("wound twice, still covered")
                .isTrue();
    }

    @Test
    void narrowestPlaceIsMeasuredAcrossBetweenEdgesSideBySide() {
        Region lOfTwoBars = rectangle(0, 0, 2, 20).weld(rectangle(0, 17, 20, 3));
        assertThat(lOfTwoBars.thinnest().widthMm()).isCloseTo(2, within(1e-9));
        assertThat(lOfTwoBars.thinnest().where().xMm()).isCloseTo(1, within(1e-9));
        assertThat(ring(0, 0, 10, 9.2).thinnest().widthMm()).isCloseTo(0.8, within(0.01));
        assertThat(disc(0, 0, 5).thinnest().widthMm()).isCloseTo(10, within(0.02));
        assertThat(polygon(0, 0, 10, 0, 5, 8.66).thinnest().widthMm())
                .as("a triangle has no edges side by side: its widest circle")
                .isCloseTo(5.77, within(0.05));
    }

    @Test
    void crossingsOfALineComeInPairsEvenThroughAVertex() {
        Region diamond = polygon(0, -10, 10, 0, 0, 10, -10, 0);
        assertThat(diamond.along(new Point(-20, 0), new Point(20, 0)))
                .hasSize(1)
                .first()
                .satisfies(i -> assertThat(i.lengthMm()).isCloseTo(20, within(1e-9)));
        assertThat(ring(0, 0, 10, 5).along(new Point(-20, 0), new Point(20, 0)))
                .extracting(i -> Math.round(i.fromMm() * 100) / 100.0)
                .containsExactly(10.0, 25.0);
        assertThat(diamond.along(new Point(-5, 0), new Point(5, 0))).containsExactly(new Interval(0, 10));
        assertThat(diamond.along(new Point(1, 1), new Point(1, 1))).isEmpty();
    }

    @Test
    void placingKeepsAreaAndAFlipTurnsLeftToRight() {
        Region foot = Shapes.footToTheRight(0, 0, 20);
        Region flipped = foot.placed(Placement.flipped());

        assertThat(flipped.areaMm2()).isCloseTo(foot.areaMm2(), within(1e-9));
        assertThat(foot.contains(new Point(18, 18))).isTrue();
        assertThat(flipped.contains(new Point(-18, 18))).isTrue();
        assertThat(foot.differingFrom(flipped.placed(Placement.moved(20, 0))).areaMm2())
                .isCloseTo(2 * 5 * 15, within(1e-6));
    }

    @Test
    void edgeDistanceIsWorstPointOfEitherEdge() {
        assertThat(rectangle(0, 0, 10, 10).edgeDistanceMm(rectangle(0, 0, 10, 13)))
                .isCloseTo(3, within(1e-9));
        assertThat(rectangle(0, 0, 10, 10).edgeDistanceMm(Region.EMPTY)).isInfinite();
        assertThat(Region.EMPTY.edgeDistanceMm(Region.EMPTY)).isZero();
    }

    @Test
    void nothingHasNoBoundsAndNoNarrowestPlace() {
        assertThat(Region.weld(List.of()).isEmpty()).isTrue();
        assertThat(rectangle(0, 0, 1, 1).minus(rectangle(-1, -1, 3, 3))).isEqualTo(Region.EMPTY);
        assertThatIllegalStateException().isThrownBy(Region.EMPTY::bounds);
        assertThatIllegalArgumentException().isThrownBy(Region.EMPTY::thinnest);
    }

    @Test
    void openEndsAreThoseThatDoNotComeBack() {
        Path2D.Double path = new Path2D.Double();
        path.moveTo(0, 0);
        path.lineTo(10, 0);
        path.lineTo(10, 10);
        path.moveTo(50, 0);
        path.lineTo(60, 0);
        path.lineTo(60, 10);
        path.closePath();
        path.moveTo(100, 0);
        path.curveTo(110, 0, 110, 10, 100, 0.005);

        assertThat(Curves.of(path).openEnds(0.01)).containsExactly(new Point(10, 10));
    }

    @Test
    void flattenedCurvesStayWithinTheirFlatness() {
        List<Double> off = new ArrayList<>();
        for (Point p : disc(0, 0, 50).pieces().getFirst().outer().points()) {
            off.add(Math.abs(new Coordinate(p.xMm(), p.yMm()).distance(new Coordinate(0, 0)) - 50));
        }
        assertThat(off).allMatch(d -> d < 0.02, "the four-curve circle itself is 0.014 mm off at this radius");
        assertThat(disc(0, 0, 50).areaMm2()).isCloseTo(Math.PI * 2500, within(2.0));
    }

    /**
     * 58,000 corners of which no two edges run side by side: each ray ends at the next flank, so that it stays quick.
     */
    @Test
    void aLongSawIsSearchedInReasonableTimeAndToldItsWidestPlace() {
        List<Point> saw = new ArrayList<>();
        int teeth = 6_000;
        for (int i = 0; i < teeth; i++) {
            saw.add(new Point(i * 0.5, i % 2 == 0 ? 0 : 1.5));
            saw.add(new Point(i * 0.5 + 0.25, -3));
        }
        saw.add(new Point(teeth * 0.5, 40));
        saw.add(new Point(0, 40));
        Region region = Region.enclosedBy(List.of(Outline.of(saw)), FillRule.NON_ZERO);
        assertThat(region.vertexCount()).isGreaterThan(12_000);
        assertThat(region.thinnest().widthMm()).isPositive().isLessThanOrEqualTo(44);
    }

    /** Beside joining whatever two boxes come near, again and again. */
    @Test
    void groupsAreWhatComesNearEachOther() {
        Random random = new Random(4);
        for (int k = 0; k < 100; k++) {
            List<Region> discs = new ArrayList<>();
            for (int i = 0; i < 14; i++) {
                discs.add(Shapes.disc(random.nextDouble(100), random.nextDouble(100), 1 + random.nextDouble(6)));
            }
            Region all = Region.weld(discs);
            double reach = random.nextDouble(8);
            List<List<Region>> joined = new ArrayList<>(all.pieces().stream()
                    .map(p -> (List<Region>) new ArrayList<>(List.of(p.region())))
                    .toList());
            for (boolean again = true; again; ) {
                again = false;
                for (int i = 0; i < joined.size() && !again; i++) {
                    for (int j = i + 1; j < joined.size() && !again; j++) {
                        List<Region> other = joined.get(j);
                        if (joined.get(i).stream()
                                .anyMatch(a -> other.stream()
                                        .anyMatch(b -> a.bounds()
                                                .grown(reach)
                                                .crossed(b.bounds())
                                                .isPresent()))) {
                            joined.get(i).addAll(joined.remove(j));
                            again = true;
                        }
                    }
                }
            }
            List<Region> groups = all.groups(reach);
            assertThat(groups.stream().map(g -> Math.round(g.areaMm2() * 1e6)).sorted())
                    .isEqualTo(joined.stream()
                            .map(g -> Math.round(
                                    g.stream().mapToDouble(Region::areaMm2).sum() * 1e6))
                            .sorted()
                            .toList());
            assertThat(groups.stream().mapToInt(Region::pieceCount).sum()).isEqualTo(all.pieceCount());
        }
    }

    @Test
    void eachPieceIsChangedWhereItLies() {
        Region two = Region.weld(List.of(Shapes.rectangle(10, 20, 8, 4), Shapes.rectangle(50, -5, 2, 2)));
        Region grown = two.eachPiece(p -> {
            assertThat(p.bounds().minXMm()).isZero();
            assertThat(p.bounds().minYMm()).isZero();
            return p.grown(1, CornerStyle.MITRED);
        });
        assertThat(grown.areaMm2()).isCloseTo(10 * 6 + 4 * 4, within(1e-4));
        assertThat(grown.contains(new Point(9.5, 19.5))).isTrue();
        assertThat(grown.contains(new Point(52.5, -5.5))).isTrue();
        assertThat(Region.EMPTY.eachPiece(p -> p).isEmpty()).isTrue();
    }

    @Test
    void whatIsEndlesslyLargeIsSearchedToo() {
        assertThat(Shapes.rectangle(0, 0, 1e12, 1e9).thinnest().widthMm()).isEqualTo(1e9);
    }

    /** An L of bars 2 and 3 mm wide: below a bound it is the same as without one, and above it is nothing. */
    @ParameterizedTest
    @ValueSource(doubles = {1, 1.999, 2.001, 2.5, 5, 100})
    void theThinnestBelowABoundIsTheThinnest(double withinMm) {
        Region l = Region.of(Box.ofSize(0, 0, 10, 2)).weld(Region.of(Box.ofSize(0, 0, 3, 10)));
        Optional<Thinness> below = l.thinnestBelow(withinMm);
        assertThat(below.isPresent()).isEqualTo(withinMm > 2);
        below.ifPresent(t -> assertThat(t.widthMm()).isCloseTo(l.thinnest().widthMm(), within(1e-9)));
        assertThat(Region.EMPTY.thinnestBelow(withinMm)).isEmpty();
    }

    /**
     * A sieve of 2,500 holes and 2,000 discs, of 200 corners each: nothing is lost, joined or moved further than it may
     * be.
     */
    @Test
    void whatHasVeryManyRingsIsSimplifiedRingByRing() {
        List<Outline> rings = new ArrayList<>(List.of(
                Outline.of(List.of(new Point(0, 0), new Point(500, 0), new Point(500, 500), new Point(0, 500)))));
        for (int i = 0; i < 2500; i++) {
            rings.add(circle(5 + 10 * (i % 50), 5 + 10.0 * (i / 50)));
        }
        Region sieve = Region.enclosedBy(rings, FillRule.EVEN_ODD);
        Region fewer = sieve.simplified(0.02);
        assertThat(fewer.holeCount()).isEqualTo(2500);
        assertThat(fewer.isValid()).isTrue();
        assertThat(fewer.vertexCount()).isLessThan(sieve.vertexCount() / 3);
        assertThat(fewer.areaMm2()).isCloseTo(sieve.areaMm2(), within(2500 * 2 * Math.PI * 4 * 0.02));

        Region discs = Region.enclosedBy(rings.subList(1, 2001), FillRule.EVEN_ODD);
        assertThat(discs.simplified(0.02).pieceCount()).isEqualTo(2000);
        assertThat(discs.simplified(0.02).areaMm2()).isCloseTo(discs.areaMm2(), within(2000 * 2 * Math.PI * 4 * 0.02));
    }

    private static Outline circle(double x, double y) {
        return Outline.of(java.util.stream.IntStream.range(0, 200)
                .mapToObj(k -> new Point(x + 4 * Math.cos(Math.PI * k / 100), y + 4 * Math.sin(Math.PI * k / 100)))
                .toList());
    }
}
