package jurren.core.art;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.SKY;
import static org.assertj.core.api.Assertions.assertThat;

/** What of a motif is made of what. */
class FilmsTest {
    private static final Films MIXED = Films.allOf("flock").with(SKY, Optional.of("glitter"));

    @Test
    void aColourSaysMoreThanItsMotifAndTheMotifMoreThanThePlace() {
        assertThat(MIXED.of(SKY)).contains("glitter");
        assertThat(MIXED.of(CREAM)).contains("flock");
        assertThat(Films.USUAL.of(CREAM)).isEmpty();
        assertThat(MIXED.with(SKY, Optional.empty()).of(SKY)).as("said no more").contains("flock");
        assertThat(MIXED.materials()).containsExactly("flock", "glitter");
    }

    @Test
    void nothingIsSaidOfWhatWouldBeSoAnyway() {
        assertThat(MIXED.plain("smooth")).isEqualTo(MIXED);
        assertThat(MIXED.plain("flock")).isEqualTo(new Films(Optional.empty(), Map.of(SKY, "glitter")));
        assertThat(Films.allOf("smooth").with(SKY, Optional.of("smooth")).plain("smooth"))
                .isEqualTo(Films.USUAL);
        assertThat(Films.allOf("flock").with(SKY, Optional.of("flock")).plain("smooth"))
                .isEqualTo(Films.allOf("flock"));
        Films back = Films.allOf("flock").with(SKY, Optional.of("smooth"));
        assertThat(back.plain("smooth").of(SKY))
                .as("this one must be said: the motif is flock")
                .contains("smooth");
    }

    @Test
    void artTakesTheUsualMaterialOnlyWhereNothingElseWasSaid() {
        Shape square = new Shape(Shape.Kind.RECTANGLE, 20, 20, 4, 0, CREAM);
        Motif plain = new Motif("m1", "plain", square, List.of(), Pose.at(0, 0));
        Motif flock = new Motif("m2", "flock", square, List.of(), Pose.at(10, 0)).withFilms(Films.allOf("flock"));
        Art art = new Chain().art(List.of(plain, flock), Placement.HERE).madeOf("smooth");

        assertThat(art.paints())
                .extracting(Painted::film)
                .containsExactly(Film.of("smooth", CREAM), Film.of("flock", CREAM));
        Map<Film, Region> films = art.seen(Painted::film);
        assertThat(films.get(Film.of("smooth", CREAM)).areaMm2())
                .as("half of it is covered")
                .isEqualTo(200);
        assertThat(films.get(Film.of("flock", CREAM)).areaMm2()).isEqualTo(400);
        Map<Colour, Region> colours = art.seen();
        assertThat(colours).as("to the eye it is one colour").containsOnlyKeys(CREAM);
        assertThat(colours.get(CREAM).areaMm2()).isEqualTo(600);
        assertThat(art.only(p -> p.film().materialId().equals("flock"))
                        .bounds()
                        .orElseThrow()
                        .widthMm())
                .isEqualTo(20);
    }

    @Test
    void whatIsMovedOrBentIsStillMadeOfTheSame() {
        Painted p = new Painted(CREAM, Optional.of("flock"), Shapes.rectangle(0, 0, 10, 10), List.of());
        assertThat(p.placed(Placement.turned(30)).film()).isEqualTo(Film.of("flock", CREAM));
        assertThat(Film.of("flock", CREAM).in("smooth")).isEqualTo(Film.of("smooth", CREAM));
        assertThat(Film.print("flock")).isNotEqualTo(Film.of("flock", CREAM));
    }
}
