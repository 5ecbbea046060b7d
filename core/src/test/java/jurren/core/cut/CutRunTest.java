package jurren.core.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import jurren.core.Fixtures;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import jurren.core.layer.Layer;
import jurren.core.load.CutItem;
import jurren.core.load.LayoutChoices;
import jurren.core.load.Loading;
import jurren.core.load.Nesting;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.CUTTER;
import static jurren.core.Fixtures.FILM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class CutRunTest {
    private static CutRun run(Region region) {
        Layer layer = Fixtures.layer(region);
        Loading loading = Loading.of(
                List.of(new Loading.Wanted(
                        FILM,
                        CREAM,
                        List.of(new CutItem("A", "front", "M", 1, layer), new CutItem("A", "front", "M", 2, layer)))),
                List.of(),
                CUTTER,
                true,
                LayoutChoices.USUAL,
                new Nesting());
        return CutRun.of(loading.loads().getFirst(), CUTTER, new CutRun.Orders());
    }

    private static Region rings(Random random) {
        List<Region> all = new ArrayList<>();
        for (int i = 0; i < 14; i++) {
            double x = 18 * (i % 5) + 4 * random.nextDouble();
            double y = 18 * (i / 5) + 4 * random.nextDouble();
            all.add(Shapes.ring(x, y, 6, 3));
            all.add(Shapes.disc(x, y, 1.5));
        }
        return Region.weld(all);
    }

    @RepeatedTest(8)
    void everyOutlineIsCutOnceAndInsidesComeFirst(RepetitionInfo repetition) {
        Region region = rings(new Random(repetition.getCurrentRepetition()));
        CutRun run = run(region);
        double perItem = run.paths().stream()
                .filter(p -> p.item() == 0 && p.kind() != CutPath.Kind.FRAME)
                .mapToDouble(p -> p.lengthMm())
                .sum();

        assertThat(perItem)
                .as("but for corners that no cutter tells apart")
                .isCloseTo(region.outlineLengthMm(), within(0.005 * region.outlineLengthMm()));
        assertThat(run.paths()).as("one frame around both").hasSize(2 * 14 * 3 + 1);
        for (int i = 0; i < run.paths().size(); i++) {
            Region filled =
                    Region.enclosedBy(List.of(Outline.of(run.paths().get(i).corners())), FillRule.NON_ZERO);
            for (CutPath later : run.paths().subList(i + 1, run.paths().size())) {
                boolean inside = later.item() == run.paths().get(i).item()
                        && filled.bounds().covers(later.bounds(), 0)
                        && filled.contains(later.start());
                assertThat(inside)
                        .as("path %s lies in one cut before it", later)
                        .isFalse();
            }
        }
    }

    @RepeatedTest(8)
    void improvedOrderTravelsNoFurtherThanPlainReadingOrder(RepetitionInfo repetition) {
        Region region = rings(new Random(repetition.getCurrentRepetition()));
        CutRun run = run(region);
        double plain = 0;
        Point at = Point.ORIGIN;
        for (var piece : region.pieces()) {
            for (Outline o : piece.holes()) {
                plain += at.distanceMm(o.point(0));
                at = o.point(0);
            }
            plain += at.distanceMm(piece.outer().point(0));
            at = piece.outer().point(0);
        }
        assertThat(run.travelMm()).isLessThan(2 * plain);
    }

    @Test
    void knifeRunsOnPastItsStartByTheOvercut() {
        ClosedCut square = new ClosedCut(
                CutPath.Kind.OUTSIDE,
                Outline.of(List.of(new Point(0, 0), new Point(10, 0), new Point(10, 10), new Point(0, 10))),
                0);

        assertThat(square.knife(0.5))
                .containsExactly(
                        new Point(0, 0),
                        new Point(10, 0),
                        new Point(10, 10),
                        new Point(0, 10),
                        new Point(0, 0),
                        new Point(0.5, 0));
        assertThat(square.knife(12)).as("round a corner").endsWith(new Point(10, 0), new Point(10, 2));
        assertThat(square.knife(0)).endsWith(new Point(0, 0));
    }

    @Test
    void timeIsKnifeWayTravelLiftsAndCorners() {
        CutRun run = run(Shapes.rectangle(0, 0, 30, 30));
        double cut = 2 * (4 * 30 + 0.5) + 2 * (38 + 2 * 30 + 3 + 8) + 0.5;

        assertThat(run.cutMm()).isCloseTo(cut, within(1e-6));
        assertThat(run.seconds()).isCloseTo(cut / 300 + 12 * 0.03 + run.travelMm() / 400 + 2 * 3 * 0.06, within(1e-6));
    }
}
