package jurren.core.art;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import jurren.core.snag.CutMarks;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

/** Arranging, snapping, lines with a width, and what the knife makes a mess of. */
class ArrangingTest {
    private static Map<String, Box> boxes() {
        Map<String, Box> boxes = new LinkedHashMap<>();
        boxes.put("a", Box.ofSize(0, 0, 10, 10));
        boxes.put("b", Box.ofSize(15, 40, 20, 5));
        boxes.put("c", Box.ofSize(90, 20, 10, 30));
        return boxes;
    }

    private static Map<String, Box> moved(Map<String, Point> by) {
        Map<String, Box> moved = new LinkedHashMap<>();
        boxes().forEach((k, b) -> moved.put(
                k,
                Box.ofSize(b.minXMm() + by.get(k).xMm(), b.minYMm() + by.get(k).yMm(), b.widthMm(), b.heightMm())));
        return moved;
    }

    @Test
    void edgesAndMiddlesComeToOneLine() {
        assertThat(moved(Arranging.aligned(boxes(), Arranging.Edge.LEFT)).values())
                .extracting(Box::minXMm)
                .containsOnly(0.0);
        assertThat(moved(Arranging.aligned(boxes(), Arranging.Edge.RIGHT)).values())
                .extracting(Box::maxXMm)
                .containsOnly(100.0);
        assertThat(moved(Arranging.aligned(boxes(), Arranging.Edge.MIDDLE)).values())
                .extracting(b -> b.centre().xMm())
                .containsOnly(50.0);
        assertThat(moved(Arranging.aligned(boxes(), Arranging.Edge.TOP)).values())
                .extracting(Box::minYMm)
                .containsOnly(0.0);
        assertThat(moved(Arranging.aligned(boxes(), Arranging.Edge.FOOT)).values())
                .extracting(Box::maxYMm)
                .containsOnly(50.0);
        assertThat(moved(Arranging.aligned(boxes(), Arranging.Edge.CENTRE)).values())
                .extracting(b -> b.centre().yMm())
                .containsOnly(25.0);
    }

    @Test
    void gapsBecomeEvenBetweenTheOutermost() {
        Map<String, Box> across = moved(Arranging.spaced(boxes(), true));
        assertThat(across.get("a").minXMm()).isZero();
        assertThat(across.get("b").minXMm()).as("60 mm of room on two gaps").isEqualTo(40);
        assertThat(across.get("c").minXMm()).isEqualTo(90);
        Map<String, Box> down = moved(Arranging.spaced(boxes(), false));
        assertThat(down.get("c").minYMm() - down.get("a").maxYMm())
                .isEqualTo(down.get("b").minYMm() - down.get("c").maxYMm(), within(1e-9));
        assertThat(Arranging.spaced(Map.of("a", Box.ofSize(0, 0, 1, 1), "b", Box.ofSize(9, 0, 1, 1)), true)
                        .values())
                .as("two have nothing between them")
                .containsOnly(new Point(0, 0));
    }

    @Test
    void whateverIsNearestHoldsEachWayOnItsOwn() {
        Snapping snapping = new Snapping(new Box(-100, 0, 100, 300), List.of(Box.ofSize(20, 100, 30, 30)), 2);
        Snapping.Held held = snapping.hold(Box.ofSize(51.2, 128.9, 10, 10));
        assertThat(held.by().xMm()).isCloseTo(-1.2, within(1e-9));
        assertThat(held.by().yMm()).as("its top at the other's foot").isCloseTo(1.1, within(1e-9));
        assertThat(held.guides()).extracting(Snapping.Guide::upright).containsExactly(true, false);
        assertThat(held.guides()).extracting(Snapping.Guide::atMm).containsExactly(50.0, 130.0);
        assertThat(snapping.hold(Box.ofSize(-5.5, 60, 10, 10)).by().xMm())
                .as("the middle line")
                .isCloseTo(0.5, within(1e-9));
        assertThat(snapping.hold(Box.ofSize(60, 60, 10, 10)).guides())
                .as("nothing is near")
                .isEmpty();
    }

    @Test
    void linesHaveTheirWidthAndTaper() {
        Stroke even = new Stroke(new Stroke.Through(List.of(new Point(0, 0), new Point(100, 0)), false), 6, 6, CREAM);
        assertThat(even.region().areaMm2()).isCloseTo(600 + Math.PI * 9, within(0.2));
        Stroke tapering = new Stroke(even.route(), 6, 0, CREAM);
        assertThat(tapering.region().areaMm2())
                .as("a cone and half a disc")
                .isCloseTo(300 + Math.PI * 4.5, within(1.0));
        assertThat(tapering.region().bounds().maxXMm()).isCloseTo(100, within(0.01));
        Region smooth = new Stroke(
                        new Stroke.Through(
                                List.of(new Point(0, 0), new Point(30, 40), new Point(60, 0), new Point(90, 40)), true),
                        2,
                        2,
                        CREAM)
                .region();
        assertThat(smooth.pieceCount()).isEqualTo(1);
        assertThat(smooth.contains(new Point(30, 40)))
                .as("it goes through its points")
                .isTrue();
        Region spiral = new Stroke(new Stroke.Spiral(3, 60), 1, 2, CREAM).region();
        assertThat(spiral.pieceCount()).isEqualTo(1);
        assertThat(spiral.along(new Point(0, 0.001), new Point(40, 0.001)))
                .as("three turns are crossed three times")
                .hasSizeBetween(3, 4);
        assertThat(new Stroke(even.route(), 6, 6, CREAM)
                        .resized(2, 2)
                        .region()
                        .bounds()
                        .heightMm())
                .as("the way grows, the width does not")
                .isCloseTo(6, within(0.01));
        assertThatIllegalArgumentException().isThrownBy(() -> new Stroke(even.route(), 0, 0, CREAM));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Stroke.Through(List.of(new Point(1, 1), new Point(1, 1)), true));
        Stroke loop = new Stroke(
                new Stroke.Through(
                        List.of(new Point(0, 0), new Point(40, 40), new Point(40, 0), new Point(0, 40)), false),
                3,
                3,
                CREAM);
        assertThat(loop.region().isValid()).as("a line may cross itself").isTrue();
        assertThat(loop.region().holeCount()).isEqualTo(1);
    }

    @Test
    void onePieceNamesItsLoosePartsLargestFirst() {
        OnePiece three =
                OnePiece.of(Region.weld(List.of(Shapes.disc(0, 0, 10), Shapes.disc(40, 0, 3), Shapes.disc(60, 0, 5))));
        assertThat(three.parts()).isEqualTo(3);
        assertThat(three.isOne()).isFalse();
        assertThat(three.loose())
                .extracting(r -> Math.round(r.bounds().widthMm()))
                .containsExactly(10L, 6L);
        assertThat(OnePiece.of(Region.EMPTY).parts()).isZero();
    }

    @Test
    void marksTellEachMessApart() {
        Region slit = Shapes.rectangle(0, 0, 40, 40).minus(Shapes.rectangle(20, 5, 0.15, 30));
        Region withCrumbs = Region.weld(List.of(Shapes.rectangle(60, 0, 20, 20), Shapes.rectangle(90, 0, 1.5, 1.5)))
                .minus(Shapes.rectangle(65, 5, 1.2, 1.2));
        Region sliver = Region.weld(List.of(Shapes.rectangle(100, 0, 20, 20), Shapes.rectangle(120, 8, 15, 0.4)));
        Painted overlapping = Painted.ofParts(
                new Paint(CREAM, List.of(Shapes.rectangle(200, 0, 20, 20), Shapes.rectangle(215, 5, 20, 5))));
        CutMarks marks = CutMarks.of(
                new Art(List.of(overlapping)), List.of(slit, withCrumbs, sliver), List.of(new Point(1, 2)), 0.8);

        assertThat(marks.count(CutMarks.Kind.DOUBLED)).isEqualTo(1);
        assertThat(marks.count(CutMarks.Kind.CRUMB)).as("a piece and a hole").isEqualTo(2);
        assertThat(marks.count(CutMarks.Kind.SLIVER)).isEqualTo(1);
        assertThat(marks.count(CutMarks.Kind.OVERLAP)).isEqualTo(1);
        assertThat(marks.count(CutMarks.Kind.OPEN_END)).isEqualTo(1);
        assertThat(marks.marks().stream()
                        .filter(m -> m.kind() == CutMarks.Kind.OVERLAP)
                        .findFirst()
                        .orElseThrow()
                        .region()
                        .areaMm2())
                .isCloseTo(25, within(1e-6));
        assertThat(CutMarks.of(
                                new Art(List.of()),
                                List.of(Shapes.ring(0, 0, 30, 20), Shapes.footToTheRight(50, 0, 30)),
                                List.of(),
                                0.8)
                        .marks())
                .as("round edges and corners are no mess")
                .isEmpty();
    }
}
