package jurren.core.trace;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.lettering.LetteringLayout;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.material.Colour;
import jurren.core.trace.TraceSettings.Mode;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

@Tag("long")
class TracerTest {
    private static final int PAPER = 0xF5F2EA;
    private static final int INK = 0x1E2230;
    private static final Colour NAVY = Colour.of("#2B3A55");
    private static final Colour SKY = Colour.of("#7FC4DA");
    private static final Colour TANGERINE = Colour.of("#E8743B");

    private static Region region(Shape shape) {
        return Curves.of(shape).enclosed();
    }

    private static Traced one(Picture p) {
        return Tracer.trace(p, TraceSettings.USUAL);
    }

    private static Region ink(Traced t) {
        return t.flats().getFirst().curves().enclosed();
    }

    private static Shape letter(String letter, ShippedTypeface face, double high, double x, double y) {
        Shape shape = LetteringLayout.of(letter, face, high, 0)
                .glyphs()
                .getFirst()
                .outline()
                .toAwt();
        Rectangle2D b = shape.getBounds2D();
        return new Area(
                AffineTransform.getTranslateInstance(x - b.getX(), y - b.getY()).createTransformedShape(shape));
    }

    private static Shape ring() {
        Path2D ring = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        ring.append(new Ellipse2D.Double(20.3, 20.6, 80, 80), false);
        ring.append(new Ellipse2D.Double(42.1, 44.4, 30, 30), false);
        return ring;
    }

    @Test
    void aCircleIsFourCurvesAndASquareFourLinesWithItsCornersKept() {
        Traced circle = one(new Painting(120, 120, PAPER)
                .with(new Ellipse2D.Double(20.3, 20.6, 80, 80), INK)
                .picture());
        assertThat(circle.nodes()).isEqualTo(4);
        assertThat(ink(circle).areaMm2()).isCloseTo(Math.PI * 1600, within(12.0));
        assertThat(ink(circle).bounds().centre().distanceMm(new Point(60.3, 60.6)))
                .isLessThan(0.03);

        Shape turned = AffineTransform.getRotateInstance(0.4, 60, 60)
                .createTransformedShape(new Rectangle2D.Double(30, 35, 60, 50));
        Traced square = one(new Painting(120, 120, PAPER).with(turned, INK).picture());
        assertThat(square.nodes()).isEqualTo(4);
        assertThat(ink(square).edgeDistanceMm(region(turned)))
                .as("corners sharp to a tenth of a pixel")
                .isLessThan(0.1);
    }

    @Test
    void rightAnglesAreRightAndLevelLinesLevel() {
        Shape bar = new Rectangle2D.Double(20.25, 30.5, 70.375, 25.25);
        Region traced = ink(
                one(Painting.noisy(new Painting(120, 90, PAPER).with(bar, INK).picture(), 9, 4)));
        assertThat(traced.vertexCount()).isEqualTo(4);
        assertThat(traced.pieces().getFirst().outer().points().stream()
                        .map(Point::xMm)
                        .distinct()
                        .count())
                .as("upright to the bit")
                .isEqualTo(2);
        assertThat(traced.edgeDistanceMm(region(bar))).isLessThan(0.25);
    }

    @ParameterizedTest
    @CsvSource({"R, ANTON, 60", "8, FREDOKA, 90", "g, GREAT_VIBES, 150", "a, ALFA_SLAB_ONE, 300", "S, PACIFICO, 200"})
    void lettersComeBackWithinATenthOfAPixelWithTheirCountersAndFewPoints(
            String letter, ShippedTypeface face, double high) {
        Shape shape = letter(letter, face, high, 12.3, 11.7);
        Rectangle2D b = shape.getBounds2D();
        Picture clean = new Painting((int) b.getMaxX() + 14, (int) b.getMaxY() + 14, PAPER)
                .with(shape, INK)
                .picture();
        Traced traced = one(clean);
        Region truth = region(shape);
        Region got = ink(traced);
        assertThat(got.holeCount()).isEqualTo(truth.holeCount());
        assertThat(got.pieceCount()).isEqualTo(truth.pieceCount());
        assertThat(got.differingFrom(truth).areaMm2() / truth.outlineLengthMm())
                .as("mean edge error in pixels")
                .isLessThan(0.12);
        assertThat(traced.nodes()).as("points").isLessThanOrEqualTo((int)
                (1.5 * Curves.of(shape).nodes()));

        Traced noisy = one(Painting.noisy(clean, 18, 11));
        assertThat(ink(noisy).withoutCrumbs(9).differingFrom(truth).areaMm2() / truth.outlineLengthMm())
                .as("noisy")
                .isLessThan(0.3);
    }

    @Test
    void aLevelCanBeSetAndLightInkBeFound() {
        Shape dot = new Ellipse2D.Double(20, 20, 40, 40);
        Picture light = new Painting(80, 80, INK).with(dot, PAPER).picture();
        assertThat(one(light).darkInk()).isFalse();
        assertThat(ink(one(light)).areaMm2()).isCloseTo(Math.PI * 400, within(8.0));
        Traced turned = Tracer.trace(light, TraceSettings.USUAL.withInk(TraceSettings.Ink.DARK));
        assertThat(ink(turned).areaMm2()).isCloseTo(6400 - Math.PI * 400, within(10.0));
        Traced nothing = Tracer.trace(
                light, TraceSettings.USUAL.withInk(TraceSettings.Ink.DARK).withLevel(OptionalDouble.of(0.01)));
        assertThat(nothing.flats()).as("nothing is as dark as that").isEmpty();
    }

    @Test
    void whatIsClearIsTheGround() {
        Traced white = one(new Painting(120, 120, -1).with(ring(), 0xFFFFFF).picture());
        Traced dark = one(new Painting(120, 120, -1).with(ring(), INK).picture());
        assertThat(ink(white).edgeDistanceMm(ink(dark))).isLessThan(0.05);
        assertThat(ink(white).edgeDistanceMm(region(ring()))).isLessThan(0.15);
    }

    @Test
    void aShadowOverThePictureIsEvenedOut() {
        Picture shaded = Painting.shadowed(
                new Painting(400, 200, 0xE8E8E8)
                        .with(new Ellipse2D.Double(30, 60, 80, 80), 0x505050)
                        .with(new Ellipse2D.Double(290, 60, 80, 80), 0x505050)
                        .picture(),
                0.3);
        Region plain = one(shaded).flats().isEmpty() ? Region.EMPTY : ink(one(shaded));
        Region even = ink(Tracer.trace(shaded, TraceSettings.USUAL.withEvenLight(true)));
        double wanted = 2 * Math.PI * 1600;
        assertThat(plain.areaMm2())
                .as("one level for all takes the shadow for ink")
                .isGreaterThan(1.5 * wanted);
        assertThat(even.areaMm2()).isCloseTo(wanted, within(wanted * 0.03));
        assertThat(even.pieceCount()).isEqualTo(2);
    }

    @Test
    void specksGoAndPartsAreDroppedAndBroughtBackByClicking() {
        Painting face = new Painting(120, 120, PAPER)
                .with(ring(), INK)
                .with(new Ellipse2D.Double(5, 5, 2, 2), INK)
                .with(new Rectangle2D.Double(106, 106, 8, 8), INK);
        Picture p = face.picture();
        assertThat(ink(one(p)).pieceCount())
                .as("the speck of three pixels is gone")
                .isEqualTo(2);
        TraceSettings kept = Tracer.toggled(p, TraceSettings.USUAL, new Point(6, 6));
        assertThat(ink(Tracer.trace(p, kept)).pieceCount())
                .as("a speck that was clicked stays")
                .isEqualTo(3);
        TraceSettings withoutBox = Tracer.toggled(p, TraceSettings.USUAL, new Point(110, 110));
        assertThat(ink(Tracer.trace(p, withoutBox)).pieceCount()).isEqualTo(1);
        TraceSettings filled = Tracer.toggled(p, withoutBox, new Point(57, 59));
        assertThat(ink(Tracer.trace(p, filled)).holeCount())
                .as("the eye was clicked")
                .isZero();
        TraceSettings back = Tracer.toggled(p, Tracer.toggled(p, filled, new Point(58, 60)), new Point(109, 111));
        assertThat(back).as("clicked again anywhere inside").isEqualTo(TraceSettings.USUAL);
        assertThat(Tracer.toggled(p, TraceSettings.USUAL, new Point(2, 60)))
                .as("the ground around cannot be dropped")
                .isEqualTo(TraceSettings.USUAL);
        assertThat(ink(Tracer.trace(p, TraceSettings.USUAL.withOuterOnly(true))).holeCount())
                .isZero();
    }

    private static Painting pie() {
        // three colours that meet in one point, on a fourth
        Path2D upper = new Path2D.Double();
        upper.append(new java.awt.geom.Arc2D.Double(20, 20, 160, 160, 0, 140, java.awt.geom.Arc2D.PIE), false);
        Path2D left = new Path2D.Double();
        left.append(new java.awt.geom.Arc2D.Double(20, 20, 160, 160, 140, 90, java.awt.geom.Arc2D.PIE), false);
        Path2D right = new Path2D.Double();
        right.append(new java.awt.geom.Arc2D.Double(20, 20, 160, 160, 230, 130, java.awt.geom.Arc2D.PIE), false);
        return new Painting(200, 200, PAPER).with(upper, NAVY).with(left, SKY).with(right, TANGERINE);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 7})
    void neighboursShareTheirEdgesWithoutGapOrOverlap(double noise) {
        Picture p = noise == 0 ? pie().picture() : Painting.noisy(pie().picture(), noise, 3);
        Traced t = Tracer.trace(
                p,
                TraceSettings.USUAL
                        .withMode(Mode.SEVERAL_COLOURS)
                        .withColours(4)
                        .withSpeck(12));
        assertThat(t.flats()).hasSize(3);
        assertThat(t.ground().map(g -> Math.abs(g.red() - 0xF5) < 8)).contains(true);
        List<Region> parts = t.flats().stream().map(f -> f.curves().enclosed()).toList();
        double sum = parts.stream().mapToDouble(Region::areaMm2).sum();
        Region all = Region.weld(parts);
        assertThat(all.areaMm2()).as("no overlap, no gap").isCloseTo(sum, within(1e-6));
        assertThat(all.pieceCount()).isEqualTo(1);
        assertThat(all.holeCount()).as("not even at the point where three meet").isZero();
        assertThat(sum).isCloseTo(Math.PI * 6400, within(40.0));
        assertThat(parts).as("no rims of a third colour").allMatch(r -> r.pieceCount() == 1);
    }

    @Test
    void softEdgesBetweenTwoColoursAreNotTakenForTheColourBetweenThem() {
        // grey lies between black and white: every soft edge passes through it
        Picture p = new Painting(160, 80, 0xFFFFFF)
                .with(new Ellipse2D.Double(10, 10, 60, 60), 0x000000)
                .with(new Ellipse2D.Double(90, 10, 60, 60), 0x808080)
                .picture();
        Traced t = Tracer.trace(
                p, TraceSettings.USUAL.withMode(Mode.SEVERAL_COLOURS).withColours(3));
        assertThat(t.flats())
                .hasSize(2)
                .allMatch(f -> f.curves().enclosed().pieceCount() == 1
                        && f.curves().enclosed().holeCount() == 0);
        assertThat(t.flats())
                .allSatisfy(f -> assertThat(f.curves().enclosed().areaMm2()).isCloseTo(Math.PI * 900, within(14.0)));
    }

    @Test
    void coloursAreMergedLeftOutAndTheGroundTaken() {
        Picture p = pie().picture();
        TraceSettings s = TraceSettings.USUAL.withMode(Mode.SEVERAL_COLOURS).withColours(4);
        List<Colour> found = Tracer.trace(p, s).found();
        Colour sky = found.stream()
                .filter(c -> c.blue() > 0xC0 && c.red() < 0x90)
                .findFirst()
                .orElseThrow();
        Colour navy =
                found.stream().filter(c -> c.luminance() < 0.1).findFirst().orElseThrow();
        assertThat(Tracer.trace(p, s.withMerged(Map.of(sky, navy))).flats()).hasSize(2);
        assertThat(Tracer.trace(p, s.withWithout(List.of(sky))).flats())
                .extracting(Traced.Flat::colour)
                .hasSize(2)
                .doesNotContain(sky);
        Traced whole = Tracer.trace(p, s.withKeepGround(true));
        assertThat(whole.flats()).hasSize(4);
        assertThat(Region.weld(whole.flats().stream()
                                .map(f -> f.curves().enclosed())
                                .toList())
                        .areaMm2())
                .as("the whole picture")
                .isCloseTo(40_000, within(1e-6));
    }

    @Test
    void strokesComeAsTheirMiddleLinesWithTheirWidth() {
        Path2D path = new Path2D.Double();
        path.moveTo(20, 100);
        path.curveTo(60, 10, 110, 190, 180, 60);
        Shape stroke = new java.awt.BasicStroke(6, java.awt.BasicStroke.CAP_ROUND, java.awt.BasicStroke.JOIN_ROUND)
                .createStrokedShape(path);
        Traced t = Tracer.trace(
                new Painting(200, 150, PAPER).with(stroke, INK).picture(),
                TraceSettings.USUAL.withMode(Mode.MIDDLE_LINES));
        assertThat(t.lines()).hasSize(1);
        assertThat(t.lines().getFirst().widthPx()).isCloseTo(6, within(0.8));
        Region wanted = region(stroke);
        assertThat(ink(t).differingFrom(wanted).areaMm2() / wanted.areaMm2()).isLessThan(0.12);
        Traced cross = Tracer.trace(
                new Painting(100, 100, PAPER)
                        .with(new Rectangle2D.Double(10, 47, 80, 5), INK)
                        .with(new Rectangle2D.Double(47, 10, 5, 80), INK)
                        .picture(),
                TraceSettings.USUAL.withMode(Mode.MIDDLE_LINES));
        assertThat(cross.lines()).as("four arms").hasSizeBetween(4, 5);
    }

    @Test
    void aBadgeSeenAslantIsStraightened() {
        List<Point> corners = List.of(new Point(30, 22), new Point(175, 40), new Point(160, 170), new Point(18, 150));
        Straightening s = new Straightening(corners);
        assertThat(s.toPicture(new Point(0, 0)).distanceMm(corners.get(0))).isLessThan(1e-9);
        assertThat(s.toPicture(new Point(s.width(), s.height())).distanceMm(corners.get(2)))
                .isLessThan(1e-9);
        Path2D seen = new Path2D.Double();
        for (int i = 0; i < 72; i++) {
            Point p = s.toPicture(new Point(
                    s.width() / 2.0 + 40 * Math.cos(i * Math.PI / 36),
                    s.height() / 2.0 + 40 * Math.sin(i * Math.PI / 36)));
            if (i == 0) {
                seen.moveTo(p.xMm(), p.yMm());
            } else {
                seen.lineTo(p.xMm(), p.yMm());
            }
        }
        seen.closePath();
        Picture straight = s.of(new Painting(200, 190, PAPER).with(seen, INK).picture());
        Region round = ink(Tracer.trace(straight, TraceSettings.USUAL));
        assertThat(round.bounds().widthMm()).isCloseTo(80, within(0.6));
        assertThat(round.bounds().heightMm()).isCloseTo(80, within(0.6));
        assertThatThrownBy(() ->
                        new Straightening(List.of(corners.get(0), corners.get(2), corners.get(1), corners.get(3))))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("without crossing");
        Straightening quarter = Straightening.whole(40, 30).quarterTurned();
        assertThat(List.of(quarter.width(), quarter.height())).isEqualTo(List.of(30, 40));
    }

    /** Squares of three pixels, white and black in turn: each is larger than a speck, and their edges never end. */
    @Test
    void whatIsTooRestlessToBeFollowedIsCalmedAndSaid() {
        int side = 2400;
        int[] pixels = new int[side * side];
        Arrays.setAll(pixels, i -> (i % side / 3 + i / side / 3) % 2 == 0 ? 0xFFFFFFFF : 0xFF000000);
        Traced calmed = Tracer.trace(Picture.ofOwned(side, side, pixels), TraceSettings.USUAL);
        assertThat(calmed.speckPx2()).isGreaterThan(9).isLessThan(100);
        assertThat(calmed.nodes())
                .as("black all over, not half a million squares")
                .isLessThan(10_000);
        int part = 240;
        int[] small = new int[part * part];
        Arrays.setAll(small, i -> pixels[i / part * side + i % part]);
        Traced followed = Tracer.trace(Picture.ofOwned(part, part, small), TraceSettings.USUAL);
        assertThat(followed.speckPx2()).isEqualTo(TraceSettings.USUAL.speckPx2());
        assertThat(followed.nodes())
                .as("a few of them are followed as they are")
                .isGreaterThan(10_000);
    }

    @Test
    void theSameGivesTheSameAndAStrangePictureGivesSomething() {
        Picture p = Painting.noisy(pie().picture(), 60, 5);
        TraceSettings s = TraceSettings.USUAL
                .withMode(Mode.SEVERAL_COLOURS)
                .withColours(12)
                .withSpeck(0);
        assertThat(Tracer.trace(p, s)).isEqualTo(Tracer.trace(p, s));
        for (int[] size : new int[][] {{1, 1}, {1, 40}, {2, 2}, {3, 1}}) {
            int[] pixels = new int[size[0] * size[1]];
            java.util.Arrays.setAll(pixels, i -> i % 2 == 0 ? 0xFF000000 : 0xFFFFFFFF);
            Picture tiny = Picture.ofOwned(size[0], size[1], pixels);
            for (Mode mode : Mode.values()) {
                assertThat(Tracer.trace(tiny, TraceSettings.USUAL.withMode(mode).withSpeck(0))
                                .width())
                        .isEqualTo(size[0]);
            }
        }
        Picture clear = Picture.ofOwned(10, 10, new int[100]);
        assertThat(Tracer.trace(clear, TraceSettings.USUAL.withMode(Mode.SEVERAL_COLOURS))
                        .flats())
                .isEmpty();
        assertThat(Optional.of(Tracer.trace(clear, TraceSettings.USUAL).flats()))
                .isPresent();
    }
}
