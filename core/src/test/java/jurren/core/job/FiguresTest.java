package jurren.core.job;

import java.util.List;
import java.util.Optional;
import jurren.core.Fixtures;
import jurren.core.finish.Press;
import jurren.core.load.Cutter;
import jurren.core.material.Material;
import jurren.core.material.Process;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Each figure changes itself and nothing else, and refuses what cannot be. */
class FiguresTest {
    private static final Press PRESS = new Press("p", "press", Press.Kind.FLAT, 381, 400, 220);
    private static final Prices PRICES = new Prices("$", 30, 2, 0.1, 4, 12, 0.3);
    private static final Material COLD = new Material(
            "v", "vinyl", Process.ADHESIVE, 0.08, 1, false, Optional.empty(), Fixtures.FILM.cutting(), 5, List.of());

    private static <T> void eachAlone(List<Figure<T>> figures, T thing) {
        assertThat(figures).extracting(Figure::id).doesNotHaveDuplicates();
        for (Figure<T> one : figures) {
            double was = one.of(thing);
            assertThat(one.with().apply(thing, was)).as(one.id()).isEqualTo(thing);
            double wanted = one.unit() == Figure.Unit.COUNT ? was + 1 : was * 1.02 + 0.001;
            T changed = one.with().apply(thing, wanted);
            assertThat(one.of(changed)).as(one.id()).isCloseTo(wanted, within(1e-12));
            for (Figure<T> other : figures) {
                if (!other.id().equals(one.id())) {
                    assertThat(other.of(changed))
                            .as("%s beside %s", other.id(), one.id())
                            .isEqualTo(other.of(thing));
                }
            }
            assertThat(one.objection(thing, -5)).as(one.id()).isPresent();
            assertThat(one.objection(thing, Double.NaN)).as(one.id()).isPresent();
            assertThat(one.objection(thing, 1e12)).as(one.id()).isPresent();
        }
    }

    @Test
    void ofEveryKind() {
        eachAlone(Figures.film(Fixtures.FILM), Fixtures.FILM);
        eachAlone(Figures.film(COLD), COLD);
        eachAlone(Figures.CUTTER, Fixtures.CUTTER.withMat(305));
        eachAlone(Figures.PRESS, PRESS);
        eachAlone(Figures.PRINTER, Fixtures.PRINTER);
        eachAlone(Figures.PRICES, PRICES);
    }

    @Test
    void whatIsLaidColdHasNoHeat() {
        assertThat(Figures.film(COLD)).extracting(Figure::id).contains("force").doesNotContain("degrees", "tack");
    }

    @Test
    void whatWasTunedIsTold() {
        Material tuned = Fixtures.FILM;
        for (Figure<Material> f : Figures.film(tuned)) {
            if (List.of("force", "degrees").contains(f.id())) {
                tuned = f.with().apply(tuned, f.of(tuned) + 3);
            }
        }
        assertThat(Figures.tuned(Fixtures.FILM, tuned)).containsExactly("force", "degrees");
    }

    @Test
    void ownMachinesAreOthersOfTheSameMake() {
        Cutter second = Fixtures.CUTTER.named("c-2", "the other");
        assertThat(second.named("c", "cutter")).isEqualTo(Fixtures.CUTTER);
        Shop shop = Fixtures.shop();
        MyShop mine = shop.mine().withCutters(List.of(second, Fixtures.CUTTER));
        assertThat(shop.with(mine).cutter()).isEqualTo(second);
        Material own = Fixtures.FILM.named("own", "My film");
        assertThat(shop.with(mine.withFilm(own)).material("own")).contains(own);
        assertThat(shop.with(mine.withFilm(own).withoutFilm("own"))).isEqualTo(shop.with(mine));
        assertThat(mine.withKnife("c", 12.5).withPrices(PRICES).knifeMm("c")).isEqualTo(12.5);
        assertThat(mine.knifeMm("c")).isZero();
        assertThat(mine.withNote("own", "warm peel").notes()).containsEntry("own", "warm peel");
        assertThat(mine.withNote("own", "x").withNote("own", " ").notes()).isEmpty();
    }
}
