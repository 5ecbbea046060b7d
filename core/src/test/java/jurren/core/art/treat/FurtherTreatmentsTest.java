package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Chain;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.OnePiece;
import jurren.core.art.Paint;
import jurren.core.art.Pose;
import jurren.core.art.Treatment;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import jurren.core.lettering.ShippedTypeface;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.SKY;
import static jurren.core.Fixtures.TANGERINE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

/** Bridges, parts, colours, stacking and the patterns, each on an example that can be reckoned by hand. */
class FurtherTreatmentsTest {
    private static final Region SQUARE = Shapes.rectangle(0, 0, 40, 40);

    private static List<Paint> cream(Region... parts) {
        return List.of(new Paint(CREAM, List.of(parts)));
    }

    private static Region after(Treatment t, Region... parts) {
        return Paint.welded(t.apply(cream(parts)));
    }

    @Test
    void loosePartsAreBridgedToTheirNearestNeighbour() {
        Region left = Shapes.rectangle(0, 0, 10, 10);
        Region middle = Shapes.rectangle(14, 0, 6, 10);
        Region right = Shapes.rectangle(26, 3, 4, 4);
        Region bridged = after(new Bridges(2, 1), left, middle, right);
        assertThat(OnePiece.of(bridged).isOne()).isTrue();
        assertThat(bridged.areaMm2() - (100 + 60 + 16))
                .as("gaps of 4 and of 6, each 2 wide")
                .isCloseTo(4 * 2 + 6 * 2, within(0.01));
        assertThat(OnePiece.of(bridged).neck().orElseThrow().widthMm())
                .as("the bridge is the neck")
                .isCloseTo(2, within(0.05));
        assertThat(after(new Bridges(2, 1), left)).isEqualTo(left);

        Region island = Shapes.disc(20, 20, 4);
        Region frame = SQUARE.minus(Shapes.disc(20, 20, 12));
        Region two = after(new Bridges(2, 2), frame, island);
        assertThat(two.pieceCount()).isEqualTo(1);
        assertThat(two.holeCount())
                .as("two bridges part the ring around the island in two")
                .isEqualTo(2);
    }

    @Test
    void islandsOfAStencilAreHeldAcrossTheLetter() {
        Region o = Shapes.ring(0, 0, 20, 10);
        Region held = after(new HoldIslands(3, 2, false), o);
        assertThat(held.holeCount()).as("the middle hangs on the plate").isZero();
        assertThat(held.pieceCount()).isEqualTo(2);
        assertThat(held.minus(o).areaMm2()).as("never beyond the letter").isLessThan(1e-3);
        assertThat(o.areaMm2() - held.areaMm2())
                .as("two bars of 3 across 10 mm")
                .isCloseTo(60, within(2.0));
        Region upright = after(new HoldIslands(3, 2, true), o);
        assertThat(o.minus(upright)
                        .intersect(Shapes.rectangle(-20, -19, 40, 8))
                        .withoutCrumbs(0.01)
                        .bounds()
                        .widthMm())
                .as("one straight up, one straight down")
                .isCloseTo(3, within(0.05));
        assertThat(o.minus(upright).bounds().heightMm()).isGreaterThan(39);
        assertThat(after(new HoldIslands(3, 2, false), SQUARE))
                .as("nothing to hold")
                .isEqualTo(SQUARE);
    }

    @Test
    void partsAreSplitKeptAndColouredFromLeftToRight() {
        Region three = Region.weld(
                List.of(Shapes.rectangle(20, 0, 5, 5), Shapes.rectangle(0, 0, 5, 5), Shapes.rectangle(40, 0, 5, 5)));
        assertThat(new SplitParts().apply(cream(three)).getFirst().parts())
                .extracting(r -> r.bounds().minXMm())
                .containsExactly(0.0, 20.0, 40.0);
        assertThat(after(new OnlyParts(2, 3), three).bounds().minXMm()).isEqualTo(20);
        assertThat(new OnlyParts(7, 9).apply(cream(three)))
                .as("there are no more than three")
                .isEmpty();
        List<Paint> coloured = new ColourParts(List.of(SKY, TANGERINE)).apply(cream(three));
        assertThat(coloured).extracting(Paint::colour).containsExactly(SKY, TANGERINE);
        assertThat(coloured.getFirst().parts())
                .extracting(r -> r.bounds().minXMm())
                .containsExactly(0.0, 40.0);
        assertThat(new Recolour(CREAM, SKY).apply(cream(three)).getFirst().colour())
                .isEqualTo(SKY);
        assertThat(new Recolour(TANGERINE, SKY).apply(cream(three)).getFirst().colour())
                .isEqualTo(CREAM);
        assertThatIllegalArgumentException().isThrownBy(() -> new OnlyParts(3, 2));
        assertThatIllegalArgumentException().isThrownBy(() -> new ColourParts(List.of()));
    }

    @Test
    void stackedColoursGripIntoEachOtherWithTheirGapAndNeverOverlap() {
        Region comb = Region.weld(List.of(
                Shapes.rectangle(0, 0, 60, 10),
                Shapes.rectangle(0, 10, 10, 10),
                Shapes.rectangle(25, 10, 10, 10),
                Shapes.rectangle(50, 10, 10, 10)));
        Region teeth = Region.weld(List.of(
                Shapes.rectangle(0, 40, 60, 10), Shapes.rectangle(8, 30, 12, 10), Shapes.rectangle(40, 30, 8, 10)));
        List<Paint> stacked =
                new Interlock(8, 1, 2).apply(List.of(new Paint(CREAM, List.of(comb)), new Paint(SKY, List.of(teeth))));
        Region upper = Paint.welded(stacked.subList(0, 1));
        Region lower = Paint.welded(stacked.subList(1, 2));
        List<Point> nearest = upper.shortestWayTo(lower);
        assertThat(nearest.getFirst().distanceMm(nearest.getLast()))
                .as("exactly the gap between them")
                .isCloseTo(1, within(0.02));
        assertThat(upper.bounds().maxYMm() - lower.bounds().minYMm())
                .as("they grip")
                .isGreaterThan(1);
        assertThat(lower.areaMm2()).as("the lower one is whole").isCloseTo(teeth.areaMm2(), within(1e-6));
        assertThat(upper.pieces().stream().map(Piece::region)).allMatch(r -> r.areaMm2() >= 2);
        assertThat(new Interlock(8, 1, 2).apply(cream(comb)))
                .as("one colour has nothing to grip")
                .isEqualTo(cream(comb));
    }

    @Test
    void anOutlineAlongTheEdgeLiesOnBothSidesOfIt() {
        List<Paint> both = new OutlineBoth(1, 2, CornerStyle.MITRED, SKY).apply(cream(Shapes.rectangle(0, 0, 10, 10)));
        assertThat(both).extracting(Paint::colour).containsExactly(CREAM, SKY);
        assertThat(Paint.welded(both.subList(1, 2)).areaMm2()).isCloseTo(14 * 14 - 8 * 8, within(1e-6));
    }

    @Test
    void bandsBoxesRowsAndSmoothEdges() {
        assertThat(after(new SplitBand(10, 50), SQUARE).pieces())
                .hasSize(2)
                .allMatch(p -> p.region().areaMm2() == 600);
        assertThat(after(new FitBox(20, 90, false), SQUARE).bounds()).isEqualTo(new Box(-10, -10, 10, 10));
        assertThat(after(new FitBox(20, 90, true), SQUARE).bounds()).isEqualTo(new Box(-10, -45, 10, 45));

        Region row = after(new RepeatRow(5, 200, 0), Shapes.rectangle(-5, -5, 10, 10));
        assertThat(row.pieceCount()).isEqualTo(5);
        assertThat(row.bounds()).isEqualTo(new Box(-105, -5, 105, 5));
        assertThat(row.pieces().stream()
                        .map(p -> p.region().bounds().centre().xMm())
                        .sorted()
                        .toList())
                .containsExactly(-100.0, -50.0, 0.0, 50.0, 100.0);

        Region stairs = Region.weld(java.util.stream.IntStream.range(0, 40)
                .mapToObj(i -> Shapes.rectangle(i, 0, 1, 20 + (i % 2) * 0.4))
                .toList());
        Region smooth = after(new Smooth(4), stairs);
        assertThat(smooth.outlineLengthMm()).as("the steps are gone").isLessThan(stairs.outlineLengthMm() - 12);
        assertThat(smooth.areaMm2()).isCloseTo(stairs.areaMm2(), within(6.0));
        assertThat(after(new Smooth(4), Shapes.rectangle(0, 0, 1, 1)))
                .as("too small to smooth")
                .isEqualTo(Shapes.rectangle(0, 0, 1, 1));
    }

    @Test
    void patternsStayInsideTheirShapeAndAreEvenAboutItsMiddle() {
        for (Treatment t : List.of(
                new Chevrons(2, 2, 8, true, SKY),
                new Stars(5, 1, true, SKY),
                new Grid(1, 5, 0, true, SKY),
                new Bricks(8, 4, 1, true, SKY),
                new Scales(8, 0.8, true, SKY))) {
            Region left = after(t, SQUARE);
            assertThat(left.minus(SQUARE).isEmpty())
                    .as("cut through never grows: " + t)
                    .isTrue();
            assertThat(left.areaMm2()).as(t.toString()).isBetween(300.0, 1550.0);
            Region mirrored = Paint.welded(new Mirror(false).apply(cream(left)));
            assertThat(mirrored.differingFrom(left).areaMm2())
                    .as("left and right alike: " + t)
                    .isLessThan(1.5);
        }
        Region squares = after(new Grid(2, 8, 0, true, SKY), SQUARE);
        assertThat(squares.pieces())
                .as("a cell of 8 mm in the middle")
                .anyMatch(p -> Math.abs(p.region().areaMm2() - 64) < 1e-6
                        && p.region().bounds().centre().distanceMm(new Point(20, 20)) < 1e-6);
        Region stars = SQUARE.minus(after(new Stars(5, 1, true, SKY), SQUARE));
        assertThat(stars.pieces().stream()
                        .map(p -> Math.round(p.region().areaMm2() * 100))
                        .distinct())
                .as("whole stars only")
                .hasSize(1);
        assertThat(new Grid(1, 5, 0, false, SKY).apply(cream(SQUARE)))
                .extracting(Paint::colour)
                .containsExactly(CREAM, SKY);
        assertThat(new Scales(8, 0.8, false, SKY)
                        .apply(cream(SQUARE))
                        .getLast()
                        .parts()
                        .getFirst()
                        .minus(SQUARE)
                        .isEmpty())
                .isTrue();
    }

    @Test
    void figuresThatCannotBeAreRefusedWithASentence() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Grid(0, 5, 0, true, SKY))
                .withMessageContaining("a line must be from 0.05");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Scales(4, 3, true, SKY))
                .withMessageContaining("narrower than half");
        assertThatIllegalArgumentException().isThrownBy(() -> new Treatment.Halo(0));
        assertThatIllegalArgumentException().isThrownBy(() -> new Bridges(2, 9));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Stars(0.05, 0.05, true, SKY).apply(cream(SQUARE)))
                .withMessageContaining("more than");
    }

    /** A treatment that leaves nothing, and one that finds nothing to do, are told apart. */
    @Test
    void whatFindsNothingToDoIsKnown() {
        Motif thin = new Motif(
                "m",
                "m",
                Lettering.of("I", ShippedTypeface.OSWALD, 10, CREAM),
                List.of(
                        new Treatment.Weld(),
                        new InnerOutline(8, CornerStyle.ROUND, SKY),
                        new Treatment.Off(new InnerOutline(8, CornerStyle.ROUND, SKY)),
                        new KnockOut("gone", 0),
                        new OnlyParts(5, 6)),
                Pose.at(0, 0));
        var built = new Chain().build(thin);
        assertThat(built.idle()).containsExactlyInAnyOrder(1, 3);
        assertThat(built.pieces()).containsExactly(1, 1, 1, 1, 1, 0);
    }
}
