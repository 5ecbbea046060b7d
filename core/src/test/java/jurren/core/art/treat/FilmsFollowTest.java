package jurren.core.art.treat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.Fixtures;
import jurren.core.art.Colouring;
import jurren.core.art.Films;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Treatment;
import jurren.core.geometry.CornerStyle;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.material.Colour;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.SKY;
import static jurren.core.Fixtures.TANGERINE;
import static org.assertj.core.api.Assertions.assertThat;

/** Cream letters with a tangerine outline of glitter: whatever colour takes its place is glitter too. */
class FilmsFollowTest {
    private static final Colour GOLD = Colour.of("#D1A94B");

    private static Motif name(Treatment... treatments) {
        return new Motif(
                        "m1",
                        "KITE",
                        Lettering.of("KITE", ShippedTypeface.ANTON, 50, CREAM),
                        List.of(treatments),
                        Pose.at(0, 0))
                .withFilms(Films.USUAL.with(TANGERINE, Optional.of("glitter-film")));
    }

    private static Treatment.Outlined outline(Colour c) {
        return new Treatment.Outlined(3, CornerStyle.ROUND, c);
    }

    @Test
    void theColourThatTakesItsPlaceIsMadeOfTheSame() {
        Motif before = name(outline(TANGERINE));
        Motif after = FilmsFollow.of(before, before.withTreatments(List.of(outline(GOLD))));
        assertThat(after.films().ofColour()).isEqualTo(Map.of(GOLD, "glitter-film"));
        assertThat(FilmsFollow.of(before, before.withTreatments(List.of(new Treatment.Off(outline(GOLD)))))
                        .films()
                        .ofColour())
                .as("also while it is switched off")
                .isEqualTo(Map.of(GOLD, "glitter-film"));
    }

    @Test
    void lettersInTurnToo() {
        Lettering two = Lettering.of("KITE", ShippedTypeface.ANTON, 50, CREAM)
                .withColouring(new Colouring(Colouring.By.LETTER, List.of(CREAM, TANGERINE)));
        Motif before = name().withSource(two);
        Motif after = FilmsFollow.of(
                before, before.withSource(two.withColouring(new Colouring(Colouring.By.LETTER, List.of(CREAM, SKY)))));
        assertThat(after.films().ofColour()).isEqualTo(Map.of(SKY, "glitter-film"));
    }

    @Test
    void aColourThatIsExchangedByATreatment() {
        Motif before = name(outline(TANGERINE));
        Motif after = FilmsFollow.of(
                before, before.withTreatments(List.of(outline(TANGERINE), new Recolour(TANGERINE, SKY))));
        assertThat(after.films().of(SKY)).contains("glitter-film");
    }

    @Test
    void nothingIsSaidWhereTheColourIsStillThereOrFilmsWereChangedThemselves() {
        Motif before = name(outline(TANGERINE), new Rings(1, 2, CornerStyle.ROUND, TANGERINE, SKY));
        Motif one =
                before.withTreatments(List.of(outline(GOLD), before.treatments().getLast()));
        assertThat(FilmsFollow.of(before, one))
                .as("the ring is still tangerine")
                .isEqualTo(one);
        Motif said = before.withFilms(Films.USUAL)
                .withTreatments(List.of(outline(GOLD), before.treatments().getLast()));
        assertThat(FilmsFollow.of(before, said)).isEqualTo(said);
        Motif moved = before.withPose(Pose.at(5, 5));
        assertThat(FilmsFollow.of(before, moved)).isEqualTo(moved);
        assertThat(Fixtures.name("A").films()).isEqualTo(Films.USUAL);
    }
}
