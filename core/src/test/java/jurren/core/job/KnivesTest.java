package jurren.core.job;

import java.util.List;
import java.util.Map;
import jurren.core.Fixtures;
import jurren.core.finish.Press;
import jurren.core.load.Head;
import jurren.core.material.CutSettings;
import jurren.core.material.Material;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

class KnivesTest {
    private static final MyShop SHOP = new MyShop(
            List.of(),
            List.of(Fixtures.CUTTER),
            List.of(new Press("p", "press", Press.Kind.FLAT, 381, 381, 220)),
            List.of(Fixtures.PRINTER),
            new Prices("$", 30, 1, 0.1, 0, 0, 0),
            Map.of(),
            Map.of(),
            Map.of());
    private static final String ID = Fixtures.CUTTER.id();

    private static Material film(double gf) {
        Material f = Fixtures.FILM;
        return f.with(
                f.thicknessMm(), f.leastStrokeMm(), f.recipe(), new CutSettings(gf, 300, 0.1, 1), f.pricePerMetre());
    }

    /**
     * By hand: 10 m at twice the force of plain film take as much of the knife as 20 m; lighter films no less than
     * their way.
     */
    @Test
    void aFilmThatIsPressedTwiceAsHardTakesTwiceAsMuch() {
        MyShop after = SHOP.withCut(ID, film(180), 10_000).withCut(ID, film(60), 5_000);
        assertThat(after.knifeMm(ID)).isCloseTo(25_000, within(1e-6));
        assertThat(MyShop.wear(film(90))).isEqualTo(1);
    }

    @Test
    void aFilmMayHaveAKnifeOfItsOwn() {
        String id = Fixtures.FILM.id();
        MyShop own = SHOP.withCut(ID, film(90), 1_000)
                .withKnife(MyShop.pair(ID, id), 0)
                .withCut(ID, film(90), 3_000);
        assertThat(own.knife(ID, id)).isEqualTo(MyShop.pair(ID, id));
        assertThat(own.knifeMm(own.knife(ID, id))).isCloseTo(3_000, within(1e-6));
        assertThat(own.knifeMm(ID)).as("the usual one rests").isCloseTo(1_000, within(1e-6));
        assertThat(own.ownKnives(ID)).containsExactly(id);
        assertThat(own.ownKnives("another")).isEmpty();
        MyShop usual = own.withoutKnife(MyShop.pair(ID, id)).withCut(ID, film(90), 500);
        assertThat(usual.knifeMm(ID)).isCloseTo(1_500, within(1e-6));
    }

    @Test
    void whatAKnifeLastsIsAboveZero() {
        assertThat(Head.USUAL.lastsM()).isEqualTo(Head.USUALLY_LASTS_M);
        assertThat(Head.USUAL.withLasts(150).lastsM()).isEqualTo(150);
        assertThatThrownBy(() -> Head.USUAL.withLasts(0))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("lasts");
    }
}
