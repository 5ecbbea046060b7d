package jurren.core.art.treat;

import java.awt.geom.Ellipse2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import jurren.core.art.Art;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Chain;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Paint;
import jurren.core.art.Painted;
import jurren.core.art.Pose;
import jurren.core.art.Treatment;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.lettering.ShippedTypeface;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.SKY;
import static jurren.core.Fixtures.TANGERINE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

@Tag("long")
class TreatmentsTest {
    private static final Region SQUARE = square(0, 0, 20);
    private static final Region WINDOW = square(0, 0, 20).minus(square(5, 5, 10));

    private static Region square(double x, double y, double side) {
        return Region.of(Box.ofSize(x, y, side, side));
    }

    private static List<Paint> cream(Region... parts) {
        return List.of(new Paint(CREAM, List.of(parts)));
    }

    private static Region after(Treatment t, Region... parts) {
        return Paint.welded(t.apply(cream(parts)));
    }

    private static BuiltMotif built(List<Treatment> treatments) {
        return new Chain()
                .build(new Motif(
                        "m",
                        "m",
                        Lettering.of("Quay 8", ShippedTypeface.PACIFICO, 30, CREAM),
                        treatments,
                        Pose.at(0, 0)));
    }

    static Stream<Treatments.Kind> kinds() {
        return Treatments.kinds().stream();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyKindGivesValidRegionsAndTheSameEachTime(Treatments.Kind kind) {
        List<Treatment> chain = List.of(new Treatment.Weld(), kind.fresh().apply(TANGERINE));
        BuiltMotif once = built(chain);

        assertThat(once.paints())
                .isNotEmpty()
                .allSatisfy(p -> assertThat(p.region().isValid()).isTrue());
        assertThat(built(chain)).isEqualTo(once);
        assertThat(kind.fresh().apply(TANGERINE).apply(List.of()))
                .as("on nothing")
                .isEmpty();
        assertThat(built(List.of(
                                new Treatment.Weld(),
                                new Treatment.Off(kind.fresh().apply(TANGERINE))))
                        .paints())
                .as("switched off")
                .isEqualTo(built(List.of(new Treatment.Weld())).paints());
        assertThat(Treatments.kind(kind.id())).contains(kind);
    }

    /** Chains of any kinds in any order on real lettering: no exception, all valid, the same to the bit. */
    @Test
    void randomChainsHold() {
        Random random = new Random(20261125);
        List<Treatments.Kind> kinds = Treatments.kinds().stream()
                .filter(k -> k.group() != Treatments.Group.REPEAT)
                .toList();
        for (int i = 0; i < 60; i++) {
            List<Treatment> chain = new ArrayList<>(List.of(new Treatment.Weld()));
            for (int k = 0; k < 3; k++) {
                chain.add(kinds.get(random.nextInt(kinds.size())).fresh().apply(SKY));
            }
            BuiltMotif motif = built(chain);
            assertThat(motif.paints())
                    .as(chain.toString())
                    .allSatisfy(p -> assertThat(p.region().isValid()).isTrue());
            assertThat(built(chain).paints().stream().map(Painted::region).toList())
                    .isEqualTo(motif.paints().stream().map(Painted::region).toList());
            Placement onFace = Placement.scaled(0.37)
                    .then(Placement.turned(random.nextInt(360)))
                    .then(Placement.moved(31.7, 120.3));
            double whole = Paint.welded(motif.paints().stream()
                            .map(p -> new Paint(p.colour(), List.of(p.region())))
                            .toList())
                    .areaMm2();
            double seen = new Art(motif.placed(onFace).paints())
                    .seen().values().stream().mapToDouble(Region::areaMm2).sum();
            assertThat(seen).as("all of it is seen on the face: " + chain).isCloseTo(whole * 0.37 * 0.37, within(0.02));
        }
    }

    @Test
    void areasObeyInclusion() {
        Region plain = Paint.welded(new Treatment.Weld().apply(cream(WINDOW)));
        assertThat(plain.minus(after(new Treatment.Outlined(2, CornerStyle.ROUND, SKY), WINDOW))
                        .isEmpty())
                .as("an outline never shrinks")
                .isTrue();
        assertThat(after(new Stripes(2, 2, 30, true, SKY), WINDOW).minus(plain).isEmpty())
                .as("cut through never grows")
                .isTrue();
        assertThat(after(new Dots(2, 1, true, SKY), SQUARE).minus(SQUARE).isEmpty())
                .isTrue();
        assertThat(plain.minus(after(new FillHoles(), WINDOW)).isEmpty()).isTrue();
        assertThat(plain.minus(after(new Thicken(3), WINDOW)).isEmpty()).isTrue();
    }

    @Test
    void edgesAndHoles() {
        assertThat(after(new FillHoles(), WINDOW).areaMm2()).isCloseTo(400, within(1e-9));
        assertThat(after(new OuterEdges(), WINDOW, square(15, 15, 20)).holeCount())
                .isZero();
        assertThat(after(new InsideOut(5), SQUARE).areaMm2()).isCloseTo(30 * 30 - 400, within(1e-9));
        assertThat(after(new DropCrumbs(4), SQUARE, square(40, 0, 1.9)).pieceCount())
                .isEqualTo(1);
        assertThat(after(new DropCrumbs(4), SQUARE.minus(square(3, 3, 1.9))).holeCount())
                .as("a hole that small is filled")
                .isZero();
        assertThat(after(new RoundCorners(3), SQUARE).areaMm2())
                .as("four corners lose (4 - pi) r² together")
                .isCloseTo(400 - (4 - Math.PI) * 9, within(0.2));
    }

    @Test
    void outlinesOutsideInsideAndSeveral() {
        List<Paint> inner = new InnerOutline(4, CornerStyle.MITRED, SKY).apply(cream(SQUARE));
        assertThat(inner).extracting(Paint::colour).containsExactly(CREAM, SKY);
        assertThat(Paint.welded(inner.subList(1, 2)).areaMm2()).isCloseTo(144, within(1e-6));
        assertThat(new InnerOutline(11, CornerStyle.ROUND, SKY).apply(cream(SQUARE)))
                .as("no room inside")
                .hasSize(1);

        List<Paint> rings = new Rings(3, 2, CornerStyle.ROUND, SKY, TANGERINE).apply(cream(square(0, 0, 10)));
        assertThat(rings).extracting(Paint::colour).containsExactly(SKY, TANGERINE, SKY, CREAM);
        assertThat(Paint.box(rings).orElseThrow().widthMm()).isCloseTo(22, within(0.02));
    }

    @Test
    void thinPartsAreThickenedToTheWidth() {
        Region bar = Region.of(Box.ofSize(0, 0, 30, 0.4));
        assertThat(after(new Thicken(1), bar).thinnest().widthMm()).isCloseTo(1, within(0.05));
        assertThat(after(new Thicken(1), SQUARE).differingFrom(SQUARE).areaMm2())
                .as("wide parts stay")
                .isLessThan(0.01);
    }

    @Test
    void bendingKeepsLengthsAlongTheMiddle() {
        Region strip = Region.of(Box.ofSize(-50, -1, 100, 2));
        Region bent = after(new Bend(80), strip);
        assertThat(bent.areaMm2())
                .as("a ring sector of the same middle length and width")
                .isCloseTo(200, within(0.1));
        assertThat(bent.bounds().widthMm()).isCloseTo(2 * 81 * Math.sin(50 / 80.0), within(0.02));
        assertThat(after(new Bend(-80), strip).bounds().minYMm())
                .as("the other way round")
                .isCloseTo(-bent.bounds().maxYMm(), within(0.02));
        assertThat(after(new Bend(1), strip).isValid()).as("never onto itself").isTrue();
    }

    @Test
    void leaningTaperingSwellingAndWaving() {
        assertThat(after(new Lean(20), SQUARE).areaMm2()).isCloseTo(400, within(1e-6));
        assertThat(after(new Lean(45), Region.of(Box.ofSize(0, -10, 10, 10)))
                        .bounds()
                        .maxXMm())
                .isCloseTo(20, within(1e-9));
        assertThat(after(new Taper(50), SQUARE).areaMm2())
                .as("a trapezium 20 below and 10 above")
                .isCloseTo(300, within(0.01));
        assertThat(after(new Swell(50), SQUARE).bounds().heightMm()).isCloseTo(30, within(0.02));
        assertThat(after(new Wave(6, 20), Region.of(Box.ofSize(0, 0, 100, 2)))
                        .bounds()
                        .heightMm())
                .isCloseTo(8, within(0.02));
        assertThat(after(new Mirror(false), after(new Mirror(false), WINDOW))
                        .differingFrom(WINDOW)
                        .areaMm2())
                .isLessThan(1e-6);
    }

    @Test
    void repeatsInAGridAndRoundACentre() {
        Region grid = after(new RepeatGrid(3, 2, 4), SQUARE);
        assertThat(grid.pieceCount()).isEqualTo(6);
        assertThat(grid.bounds()).isEqualTo(new Box(0, 0, 68, 44));
        Region round = after(new RepeatRound(8, 60), SQUARE);
        assertThat(round.pieceCount()).isEqualTo(8);
        assertThat(round.bounds().centre().distanceMm(new jurren.core.geometry.Point(10, 70)))
                .isLessThan(1e-6);
        assertThatIllegalArgumentException().isThrownBy(() -> new RepeatGrid(0, 1, 1));
    }

    @Test
    void lettersDrawnCloserTouchAndBecomeOne() {
        Region closer = after(new DrawCloser(1, 1000), square(0, 0, 10), square(30, 5, 10), square(80, 2, 10));
        assertThat(closer.pieceCount()).isEqualTo(1);
        assertThat(closer.bounds().widthMm())
                .as("three tens overlapping by one")
                .isCloseTo(28, within(0.01));
        assertThat(closer.bounds().minYMm()).as("the baseline stays").isZero();
        assertThat(closer.bounds().centre().xMm()).isCloseTo(45, within(1e-9));
        Region words = after(new DrawCloser(1, 40), square(0, 0, 10), square(30, 5, 10), square(100, 2, 10));
        assertThat(words.pieces())
                .as("a gap of 60 is a space between words and stays")
                .hasSize(2);
        assertThat(words.bounds().widthMm()).isCloseTo(19 + 60 + 10, within(0.01));
        Region discs = after(new DrawCloser(0.5, 1000), disc(0), disc(50));
        assertThat(discs.bounds().widthMm()).isCloseTo(39.5, within(0.01));
    }

    private static Region disc(double x) {
        return Curves.of(new Ellipse2D.Double(x, 0, 20, 20)).enclosed();
    }

    @Test
    void stripesLeaveEqualEdgesAndDotsStayWhole() {
        Region left = after(new Stripes(3, 3, 0, true, SKY), SQUARE);
        assertThat(left.pieces().getFirst().region().areaMm2())
                .isCloseTo(left.pieces().getLast().region().areaMm2(), within(1e-6));
        assertThat(left.thinnest().widthMm()).as("no sliver at an edge").isGreaterThan(2.4);

        Region holes = SQUARE.minus(after(new Dots(2, 2, true, SKY), SQUARE));
        assertThat(holes.pieceCount()).isGreaterThan(8);
        assertThat(holes.pieces())
                .allSatisfy(p -> assertThat(p.region().areaMm2()).isCloseTo(Math.PI, within(0.02)));
        assertThat(new Stripes(3, 3, 0, false, SKY).apply(cream(SQUARE)))
                .extracting(Paint::colour)
                .containsExactly(CREAM, SKY);
    }
}
