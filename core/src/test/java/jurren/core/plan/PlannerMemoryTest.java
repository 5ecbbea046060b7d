package jurren.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import jurren.core.Fixtures;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.DrawnShape;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Curves;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.job.Job;
import jurren.core.memo.Memory;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Isolated;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** What is remembered stays within its budget, and within reason. */
@Tag("long")
@Isolated
class PlannerMemoryTest {
    private static final int CORNERS = 58_000;
    private static final int CORNERS_EACH = 100;

    @AfterEach
    void nothingIsLeftForTheNextTest() {
        Thread.interrupted();
        Memory.ofProcess().forget();
    }

    private static Region star(double x, double y, double r, int corners) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            double angle = 2 * Math.PI * i / corners;
            double radius = r * (1 + 0.3 * Math.sin(5 * angle));
            points.add(new Point(x + radius * Math.cos(angle), y + radius * Math.sin(angle)));
        }
        return Region.enclosedBy(List.of(Outline.of(points)), FillRule.NON_ZERO);
    }

    /** 580 stars of 100 corners in one drawing. */
    private static Job crowded() {
        List<DrawnShape> shapes = new ArrayList<>();
        for (int i = 0; i < CORNERS / CORNERS_EACH; i++) {
            shapes.add(new DrawnShape(
                    Curves.around(star(8.0 * (i % 29), 8.0 * (i / 29), 3, CORNERS_EACH)), Fixtures.TANGERINE));
        }
        Drawing drawing = Drawing.atFileSize(new DrawingFile("stars.svg", new byte[] {1}), shapes, List.of());
        return Fixtures.job()
                .withLine(
                        "A",
                        l -> l.withMotifs(List.of(new Motif("m1", "stars", drawing, List.of(), Pose.at(-112, 90)))));
    }

    private static long usedBytes() {
        for (int i = 0; i < 3; i++) {
            System.gc();
        }
        Runtime r = Runtime.getRuntime();
        return r.totalMemory() - r.freeMemory();
    }

    @Test
    void aLargeArtNudgedTenTimesGrowsByLessThanFiftyMegabytes() {
        Planner planner = new Planner();
        Job job = crowded();
        Plan plan = planner.plan(job, Fixtures.shop());
        assertThat(plan.lines().getFirst().drawn().layers().getFirst().region().vertexCount())
                .isGreaterThan(CORNERS * 9 / 10);
        long before = usedBytes();
        for (int i = 1; i <= 10; i++) {
            double by = i;
            job = job.withLine(
                    "A", l -> l.withMotif("m1", m -> m.withPose(m.pose().moved(by, 0))));
            plan = planner.plan(job, Fixtures.shop());
        }
        long grown = usedBytes() - before;
        assertThat(plan.lines()).isNotEmpty();
        assertThat(grown >> 20).as("megabytes").isLessThan(50);
        assertThat(Memory.ofProcess().heldBytes())
                .isLessThanOrEqualTo(Memory.ofProcess().budgetBytes());
    }

    @Test
    void shapesThatShrinkToNothingCostNothing() {
        List<Region> stars = new ArrayList<>();
        for (int i = 0; i < 6000; i++) {
            stars.add(star(10.0 * (i % 77), 10.0 * (i / 77), 4, 60 + i % 7));
        }
        Region all = Region.together(stars);
        Memory.ofProcess().forget();
        assertThat(all.grown(-6, CornerStyle.ROUND).isEmpty()).isTrue();
        assertThat(Memory.ofProcess().heldBytes()).isZero();
        assertThat(all.grown(-1, CornerStyle.ROUND).pieceCount())
                .as("those with room left are still there")
                .isEqualTo(6000);
    }

    @Test
    void aPlanThatNobodyWaitsForIsGivenUp() {
        Planner planner = new Planner();
        Thread.currentThread().interrupt();
        assertThatThrownBy(() -> planner.plan(Fixtures.job(), Fixtures.shop()))
                .isInstanceOf(CancellationException.class);
        assertThat(Thread.interrupted()).isTrue();
        assertThat(planner.plan(Fixtures.job(), Fixtures.shop()).lines())
                .as("and the next is whole")
                .hasSize(1);
    }
}
