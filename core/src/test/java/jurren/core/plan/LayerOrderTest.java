package jurren.core.plan;

import java.util.List;
import jurren.core.Fixtures;
import jurren.core.art.Films;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.job.Line;
import jurren.core.job.Shop;
import jurren.core.job.SizeEntry;
import jurren.core.layer.Layer;
import jurren.core.material.Colour;
import jurren.core.material.Material;
import jurren.core.material.Process;
import jurren.core.way.WaysTest;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.SKY;
import static jurren.core.Fixtures.TANGERINE;
import static org.assertj.core.api.Assertions.assertThat;

/** Layers exchanged with their neighbours by exchanging their motifs. */
class LayerOrderTest {
    private static final Material FLOCK = WaysTest.material(Process.DYE_OVER_BASE);

    private static Motif square(String id, Colour colour, double x) {
        return new Motif(id, id, new Shape(Shape.Kind.RECTANGLE, 40, 40, 4, 0, colour), List.of(), Pose.at(x, 180));
    }

    private static LinePlan plan(Material film, Motif... motifs) {
        Shop tees = Fixtures.shop();
        Shop shop = new Shop(
                tees.blanks(),
                List.of(film, FLOCK),
                tees.cutter(),
                tees.printer(),
                tees.presses(),
                tees.shelf(),
                tees.prices());
        return new Planner()
                .plan(
                        Fixtures.job(Fixtures.line(SizeEntry.of("M", 1))
                                .withMaterial(film.id())
                                .withMotifs(List.of(motifs))),
                        shop)
                .lines()
                .getFirst();
    }

    private static Layer layer(LinePlan plan, int order) {
        return plan.drawn().layers().get(order - 1);
    }

    private static LayerOrder.Result moved(LinePlan plan, int order, boolean up) {
        return LayerOrder.moved(plan, plan.line(), layer(plan, order), up);
    }

    private static List<String> ids(LayerOrder.Result r) {
        assertThat(r).isInstanceOf(LayerOrder.Moved.class);
        return ((LayerOrder.Moved) r).line().motifs().stream().map(Motif::id).toList();
    }

    private static LayerOrder.Why why(LayerOrder.Result r) {
        assertThat(r).isInstanceOf(LayerOrder.Stays.class);
        return ((LayerOrder.Stays) r).why();
    }

    /** Sky is shown by two motifs, one of them above everything; both go over the next layer, in their own order. */
    @Test
    void allMotifsOfALayerGoOverTheNext() {
        LinePlan plan = plan(
                Fixtures.FILM,
                square("a", SKY, 0),
                square("b", TANGERINE, 30),
                square("c", CREAM, 60),
                square("d", SKY, 200));
        assertThat(plan.drawn().layers()).extracting(Layer::colour).containsExactly(SKY, TANGERINE, CREAM);
        assertThat(ids(moved(plan, 1, true))).containsExactly("b", "a", "d", "c");
        assertThat(ids(moved(plan, 3, false))).containsExactly("a", "c", "b", "d");
        Line after = ((LayerOrder.Moved) moved(plan, 1, true)).line();
        LinePlan again = plan(Fixtures.FILM, after.motifs().toArray(Motif[]::new));
        assertThat(again.drawn().layers()).extracting(Layer::colour).containsExactly(TANGERINE, SKY, CREAM);
        assertThat(ids(moved(again, 2, false))).as("and back").containsExactly("a", "d", "b", "c");
    }

    @Test
    void theHighestAndTheLowestCannotGoFurther() {
        LinePlan plan = plan(Fixtures.FILM, square("a", SKY, 0), square("b", TANGERINE, 20));
        assertThat(why(moved(plan, 2, true))).isEqualTo(LayerOrder.Why.AT_THE_END);
        assertThat(why(moved(plan, 1, false))).isEqualTo(LayerOrder.Why.AT_THE_END);
    }

    @Test
    void nothingGoesOverWhatTakesNothingOnTop() {
        Material glitter = Fixtures.film(Fixtures.RECIPE, true);
        LayerOrder.Result r = moved(plan(glitter, square("a", SKY, 0), square("b", TANGERINE, 20)), 1, true);
        assertThat(why(r)).isEqualTo(LayerOrder.Why.TOP_ONLY);
        assertThat(((LayerOrder.Stays) r).other()).as("the one on top says no").isEqualTo(2);
        assertThat(why(moved(plan(glitter, square("a", SKY, 0), square("b", TANGERINE, 20)), 2, false)))
                .isEqualTo(LayerOrder.Why.TOP_ONLY);
        assertThat(ids(moved(plan(glitter, square("a", SKY, 0), square("b", TANGERINE, 90)), 1, true)))
                .as("apart they may")
                .containsExactly("b", "a");
    }

    @Test
    void oneMotifThatShowsBothSaysWhichLiesAbove() {
        assertThat(why(moved(plan(Fixtures.FILM, Fixtures.name("KITE")), 1, true)))
                .isEqualTo(LayerOrder.Why.ONE_MOTIF);
    }

    @Test
    void aBaseAndItsPrintStayTogether() {
        LinePlan alone = plan(FLOCK, square("a", SKY, 0));
        assertThat(why(moved(alone, 1, true))).isEqualTo(LayerOrder.Why.PRINT_IN_BASE);
        LinePlan under =
                plan(Fixtures.FILM, square("a", SKY, 0).withFilms(Films.allOf(FLOCK.id())), square("b", TANGERINE, 90));
        assertThat(ids(moved(under, 1, true))).containsExactly("b", "a");
        assertThat(ids(moved(under, 2, true)))
                .as("the print takes its base along")
                .containsExactly("b", "a");
    }
}
