package jurren.core.cut;

import java.util.ArrayList;
import java.util.List;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Scale;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class SheetFitTest {
    private static final List<Point> MARKS =
            List.of(new Point(5, 5), new Point(205, 5), new Point(205, 105), new Point(5, 105));

    private static List<Point> lying(Placement p) {
        return MARKS.stream().map(p::apply).toList();
    }

    private static SheetFit fit(List<Point> found) {
        return ((SheetFit.Outcome.Fits) SheetFit.of(MARKS, found)).fit();
    }

    private static SheetFit.Outcome.Refused refused(List<Point> found) {
        return (SheetFit.Outcome.Refused) SheetFit.of(MARKS, found);
    }

    /** By hand: turned by a degree about the origin, a half percent longer along the feed, then moved by 2 and -1. */
    @Test
    void whatAHandDidIsFoundAgain() {
        double c = Math.cos(Math.toRadians(1));
        double s = Math.sin(Math.toRadians(1));
        List<Point> found = MARKS.stream()
                .map(m -> new Point(c * 1.005 * m.xMm() - s * m.yMm() + 2, s * 1.005 * m.xMm() + c * m.yMm() - 1))
                .toList();
        SheetFit fit = fit(found);
        assertThat(fit.degrees()).isCloseTo(1, within(1e-9));
        assertThat(fit.along()).isCloseTo(1.005, within(1e-12));
        assertThat(fit.across()).isCloseTo(1, within(1e-12));
        assertThat(fit.leanDegrees()).isCloseTo(0, within(1e-9));
        assertThat(fit.alongMm()).isCloseTo(c * 5.025 - s * 5 + 2 - 5, within(1e-9));
        assertThat(fit.leftMm()).isLessThan(1e-9);
    }

    @Property(tries = 300)
    void everyCornerOfASheetIsFoundWhereItLies(
            @ForAll @DoubleRange(min = -9, max = 9) double dx,
            @ForAll @DoubleRange(min = -9, max = 9) double dy,
            @ForAll @DoubleRange(min = -1.5, max = 1.5) double degrees,
            @ForAll @Scale(4) @DoubleRange(min = 0.985, max = 1.015) double along,
            @ForAll @Scale(4) @DoubleRange(min = 0.985, max = 1.015) double across,
            @ForAll @Scale(4) @DoubleRange(min = -0.009, max = 0.009) double lean) {
        Placement real = new Placement(along, 0, lean, across, 0, 0)
                .then(Placement.turned(degrees))
                .then(Placement.moved(dx, dy));
        SheetFit fit = fit(lying(real));
        for (Point p : List.of(new Point(0, 0), new Point(210, 0), new Point(100, 60), new Point(0, 110))) {
            assertThat(fit.placement().apply(p).distanceMm(real.apply(p))).isLessThan(1e-9);
        }
    }

    @Test
    void marksReadATenthOffStillFit() {
        List<Point> found = new ArrayList<>(lying(Placement.turned(0.5)));
        found.set(1, found.get(1).plus(0.1, -0.1));
        SheetFit fit = fit(found);
        assertThat(fit.leftMm()).isBetween(0.02, 0.1);
        assertThat(fit.degrees()).isCloseTo(0.5, within(0.05));
    }

    @Test
    void whatNoHandDoesIsRefusedWithItsFigure() {
        assertThat(refused(lying(Placement.moved(12, 10))))
                .isEqualTo(new SheetFit.Outcome.Refused(
                        SheetFit.Doubt.TOO_FAR, Math.hypot(12, 10), SheetFit.MOST_MOVED_MM));
        assertThat(refused(lying(Placement.moved(-105, -55)
                                .then(Placement.turned(4))
                                .then(Placement.moved(105, 55))))
                        .why())
                .isEqualTo(SheetFit.Doubt.TOO_TURNED);
        assertThat(refused(lying(Placement.scaled(1.03, 1)))).satisfies(r -> {
            assertThat(r.why()).isEqualTo(SheetFit.Doubt.STRETCHED);
            assertThat(r.was()).isCloseTo(3, within(1e-9));
        });
        assertThat(refused(lying(new Placement(1, 0, 0.02, 1, 0, 0))).why()).isEqualTo(SheetFit.Doubt.LEANING);
        assertThat(refused(MARKS.subList(0, 3))).isEqualTo(new SheetFit.Outcome.Refused(SheetFit.Doubt.MISSING, 3, 4));
    }

    @Test
    void aMarkThatIsSomethingElseIsContradictedByTheOthers() {
        List<Point> found = new ArrayList<>(lying(Placement.turned(0.4)));
        found.set(2, found.get(2).plus(3, 0));
        assertThat(refused(found).why()).isEqualTo(SheetFit.Doubt.DISAGREE);
    }

    /** A mirror image is no sheet that was turned. */
    @Test
    void aSheetFaceDownIsRefused() {
        assertThat(SheetFit.of(MARKS, lying(new Placement(1, 0, 0, -1, 0, 110))))
                .isInstanceOf(SheetFit.Outcome.Refused.class);
    }
}
