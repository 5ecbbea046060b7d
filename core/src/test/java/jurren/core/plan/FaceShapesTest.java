package jurren.core.plan;

import jurren.core.Fixtures;
import jurren.core.blank.Face;
import jurren.core.job.Job;
import jurren.core.layer.CrossSection;
import jurren.core.layer.Layer;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class FaceShapesTest {
    private static SizePlan drawn(Job job) {
        return new Planner().plan(job, Fixtures.shop()).lines().getFirst().drawn();
    }

    @Test
    void onAFlatFaceTheAreaIsItsBoxAndTheSheetEightMillimetresMoreAllRound() {
        SizePlan size = drawn(Fixtures.job());
        FaceShapes shapes = size.shapes();
        double w = size.area().widthMm();
        double h = size.area().heightMm();
        assertThat(shapes.area().areaMm2()).isCloseTo(w * h, within(1e-6));
        assertThat(shapes.areaBox()).isEqualTo(size.area().box());
        assertThat(shapes.sheet().areaMm2())
                .as("with round corners")
                .isCloseTo(w * h + 2 * 8 * (w + h) + Math.PI * 64, within(0.5));
    }

    @Test
    void onAFlatFaceTheLayersAreWornAsTheyLie() {
        SizePlan size = drawn(Fixtures.job());
        assertThat(size.shapes().asWorn()).isEqualTo(size.layers()).isNotEmpty();
        assertThat(size.shapes().asWorn().getFirst().region())
                .as("nothing is copied")
                .isSameAs(size.layers().getFirst().region());
    }

    @Test
    void obstaclesAreDrawnOnlyWhereTheFaceIsAndWithoutTheCollar() {
        SizePlan size = drawn(Fixtures.job());
        Face face = size.face();
        assertThat(size.shapes().obstacles().keySet())
                .allMatch(o -> face.obstacles().contains(o))
                .noneMatch(o -> o.kind() == jurren.core.blank.Obstacle.Kind.COLLAR);
        assertThat(size.shapes().obstacles().values())
                .allSatisfy(
                        r -> assertThat(face.whole().covers(r.bounds(), 1e-6)).isTrue());
    }

    /** The edge view cuts through what is worn: two films where they overlap, one beside it. */
    @Test
    void aSectionThroughTheLayersTellsWhatLiesOnWhat() {
        SizePlan size = drawn(Fixtures.job());
        var box = size.artBounds().orElseThrow();
        CrossSection section = CrossSection.of(
                size.shapes().asWorn(),
                new jurren.core.geometry.Point(box.minXMm() - 5, box.centre().yMm()),
                new jurren.core.geometry.Point(box.maxXMm() + 5, box.centre().yMm()),
                _ -> 0.09);
        assertThat(section.lengthMm()).isCloseTo(box.widthMm() + 10, within(1e-6));
        assertThat(section.films())
                .isNotEmpty()
                .allSatisfy(
                        f -> assertThat(f.layer()).isBetween(1, size.layers().size()));
        assertThat(section.thickestMm()).as("a name over its outline").isCloseTo(0.18, within(1e-9));
    }

    @Test
    void anUnchangedFaceIsNotDrawnAnew() {
        Planner planner = new Planner();
        Job job = Fixtures.job();
        FaceShapes before =
                planner.plan(job, Fixtures.shop()).lines().getFirst().drawn().shapes();
        FaceShapes after = planner.plan(job.withName("other"), Fixtures.shop())
                .lines()
                .getFirst()
                .drawn()
                .shapes();
        assertThat(after).isSameAs(before);
        assertThat(after.asWorn()).extracting(Layer::order).containsExactly(1, 2);
    }
}
