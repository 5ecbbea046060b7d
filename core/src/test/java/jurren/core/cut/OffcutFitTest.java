package jurren.core.cut;

import java.util.List;
import java.util.Random;
import jurren.core.Fixtures;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import jurren.core.load.Offcut;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** An offcut stuck somewhere on its mat, found by two of its corners. */
class OffcutFitTest {
    private static Offcut offcut(Region outline) {
        return new Offcut("no 1", "smooth-film", Fixtures.CREAM, outline, false, "");
    }

    @Test
    void theTwoCornersFarthestApartAreShown() {
        assertThat(OffcutFit.corners(offcut(Shapes.rectangle(0, 0, 80, 60))))
                .as("a diagonal, from the start corner")
                .containsExactly(new Point(0, 0), new Point(80, 60));
        Region missing = Offcut.measured(260, 190, Offcut.Corner.UPPER_RIGHT, 90, 80);
        assertThat(OffcutFit.corners(offcut(missing)))
                .as("the corner that is missing is none")
                .containsExactly(new Point(0, 190), new Point(260, 0));
    }

    /**
     * By hand: 100 long, its second corner straight up instead of along: turned by 90 degrees about where the first was
     * found.
     */
    @Test
    void aQuarterTurnIsFollowed() {
        SheetFit fit =
                fits(List.of(new Point(0, 0), new Point(100, 0)), List.of(new Point(50, 20), new Point(50, 120)));
        assertThat(fit.degrees()).isCloseTo(90, within(1e-9));
        Point p = fit.placement().apply(new Point(30, 10));
        assertThat(p.xMm()).isCloseTo(40, within(1e-9));
        assertThat(p.yMm()).isCloseTo(50, within(1e-9));
    }

    @Test
    void anyTurnAndMoveIsFoundAgain() {
        Random lot = new Random(3);
        Region outline = Shapes.polygon(0, 0, 120, 15, 90, 70, 10, 55);
        for (int i = 0; i < 200; i++) {
            Placement lies = Placement.turned(360 * lot.nextDouble())
                    .then(Placement.moved(200 * lot.nextDouble(), 200 * lot.nextDouble()));
            List<Point> corners = OffcutFit.corners(offcut(outline));
            Region there = outline.placed(
                    fits(corners, corners.stream().map(lies::apply).toList()).placement());
            assertThat(there.differingFrom(outline.placed(lies)).areaMm2()).isLessThan(1e-6);
        }
    }

    @Test
    void anotherCornerIsNoticed() {
        SheetFit.Outcome outcome =
                OffcutFit.of(List.of(new Point(0, 0), new Point(100, 0)), List.of(new Point(0, 0), new Point(0, 60)));
        assertThat(outcome).isEqualTo(new SheetFit.Outcome.Refused(SheetFit.Doubt.OTHER_CORNER, 40, 2));
    }

    @Test
    void aHandThatIsAMillimetreOffIsInTheMiddle() {
        SheetFit fit = fits(List.of(new Point(0, 0), new Point(100, 0)), List.of(new Point(10, 0), new Point(111, 0)));
        assertThat(fit.placement().apply(new Point(50, 0)).xMm()).isCloseTo(60.5, within(1e-9));
        assertThat(fit.leftMm()).isCloseTo(0.5, within(1e-9));
        assertThat(fit.placement().determinant()).as("never stretched").isCloseTo(1, within(1e-12));
    }

    private static SheetFit fits(List<Point> wanted, List<Point> found) {
        return ((SheetFit.Outcome.Fits) OffcutFit.of(wanted, found)).fit();
    }
}
