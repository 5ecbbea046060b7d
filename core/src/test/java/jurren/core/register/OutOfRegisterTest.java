package jurren.core.register;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import jurren.core.art.Art;
import jurren.core.art.Painted;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import jurren.core.layer.Fabrication;
import jurren.core.layer.Join;
import jurren.core.layer.Layer;
import jurren.core.layer.Part;
import jurren.core.layer.Print;
import jurren.core.layer.Separation;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.FILM;
import static jurren.core.Fixtures.SKY;
import static jurren.core.Fixtures.TANGERINE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

/** Discs in rings and squares on squares, laid half a millimetre out of place. */
class OutOfRegisterTest {
    private static final double ACCURACY = 0.5;

    private static List<Layer> layers(Join join, Painted... paints) {
        List<Layer> layers = new ArrayList<>();
        for (Part part : Separation.of(new Art(List.of(paints)), Painted::film, _ -> join)) {
            layers.add(new Layer(
                    layers.size() + 1,
                    part.film(),
                    FILM,
                    Layer.Role.FILM,
                    Fabrication.cut(true, Fabrication.Cut.KISS),
                    part.film().colour().orElseThrow(),
                    part.region(),
                    part.seen(),
                    List.of(),
                    part.join(),
                    Print.NONE));
        }
        return layers;
    }

    private static Painted painted(Colour colour, Region region) {
        return new Painted(colour, Optional.of(FILM.id()), region, List.of());
    }

    private static List<Layer> discInDisc(Join join) {
        return layers(join, painted(TANGERINE, Shapes.disc(0, 0, 15)), painted(CREAM, Shapes.disc(0, 0, 5)));
    }

    @Test
    void whatIsLaidOverHidesEverything() {
        OutOfRegister study = OutOfRegister.of(discInDisc(Join.LAID_OVER), ACCURACY, 1);
        assertThat(study.isHidden()).isTrue();
        assertThat(study.proposals()).isEmpty();
        assertThat(study.tries()).isEqualTo(200);
    }

    /**
     * Edge to edge, the disc comes up to half a millimetre out of its hole: that wide is the gap on the other side.
     */
    @Test
    void edgeToEdgeTheGroundShowsAsWideAsHandsAreOff() {
        OutOfRegister study = OutOfRegister.of(discInDisc(new Join.Butted(0)), ACCURACY, 1);
        assertThat(study.withGap()).isGreaterThan(150);
        OutOfRegister.Try worst = study.worst().orElseThrow();
        assertThat(worst.gapMm()).isCloseTo(0.5, within(0.05));
        assertThat(worst.rimMm()).isZero();
        assertThat(Math.hypot(
                        worst.gapAt().orElseThrow().xMm(),
                        worst.gapAt().orElseThrow().yMm()))
                .as("at the disc's edge")
                .isCloseTo(5, within(0.4));
        assertThat(study.proposals()).singleElement().satisfies(p -> {
            assertThat(p.layer()).isEqualTo(2);
            assertThat(p.film()).isEqualTo(Film.of(FILM.id(), CREAM));
            assertThat(p.join().overlapMm()).isCloseTo(0.5, within(1e-9));
        });
    }

    /** A gap that is meant opens by as much as hands are off; two films that both may be off, by twice that. */
    @Test
    void aGapThatIsMeantOpens() {
        for (double gap : List.of(0.1, 0.25, 0.4)) {
            OutOfRegister study = OutOfRegister.of(discInDisc(new Join.Butted(gap)), ACCURACY, 1);
            assertThat(study.widestGapMm()).as("%s mm", gap).isCloseTo(gap + ACCURACY, within(0.05));
        }
    }

    @Test
    void noTryIsOffByMoreThanHandsAre() {
        for (double accuracy : List.of(0.3, 0.5, 1.5)) {
            OutOfRegister.Try worst = OutOfRegister.of(discInDisc(new Join.Butted(0)), accuracy, 7)
                    .worst()
                    .orElseThrow();
            Point moved = worst.moved().get(1).apply(Point.ORIGIN);
            assertThat(Math.hypot(moved.xMm(), moved.yMm())).isLessThanOrEqualTo(accuracy);
            assertThat(worst.gapMm()).isLessThanOrEqualTo(accuracy + 0.05);
        }
    }

    @Test
    void theProposalHidesWhatItWasMadeFor() {
        for (double accuracy : List.of(0.3, 0.5, 0.8, 1.5)) {
            OutOfRegister bare = OutOfRegister.of(discInDisc(new Join.KnockedOut(0.1)), accuracy, 7);
            assertThat(bare.withGap()).as("%s mm", accuracy).isPositive();
            Join proposed = bare.proposals().getFirst().join();
            OutOfRegister mended = OutOfRegister.of(discInDisc(proposed), accuracy, 7);
            assertThat(mended.withGap()).as("%s mm, %s", accuracy, proposed).isZero();
        }
    }

    /**
     * Two films with the same outer edge: the lower one peeps out wherever the upper is off, and no join of theirs
     * helps.
     */
    @Test
    void aBackingWithoutARimPeepsOut() {
        Region square = Shapes.rectangle(0, 0, 40, 40);
        List<Layer> layers = new ArrayList<>(
                layers(Join.LAID_OVER, painted(TANGERINE, square), painted(SKY, Shapes.rectangle(60, 0, 10, 10))));
        Layer lower = layers.getFirst();
        Layer upper = new Layer(
                2,
                Film.of(FILM.id(), CREAM),
                FILM,
                Layer.Role.FILM,
                Fabrication.cut(true, Fabrication.Cut.KISS),
                CREAM,
                square,
                square,
                List.of(),
                Join.LAID_OVER,
                Print.NONE);
        OutOfRegister study = OutOfRegister.of(List.of(lower, upper), ACCURACY, 3);
        assertThat(study.withRim()).isGreaterThan(150);
        OutOfRegister.Try worst = study.worst().orElseThrow();
        assertThat(worst.rimOf()).isEqualTo(1);
        assertThat(worst.rimMm()).isCloseTo(0.5, within(0.05));
        assertThat(study.proposals()).isEmpty();
    }

    @Test
    void aBorderThatOnlyMovesIsNoFault() {
        List<Layer> apart = layers(
                Join.LAID_OVER,
                painted(TANGERINE, Shapes.rectangle(0, 0, 20, 20)),
                painted(CREAM, Shapes.rectangle(40, 0, 20, 20)));
        assertThat(OutOfRegister.of(apart, ACCURACY, 5).isHidden()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void itIsTheSameForASeedAndAlwaysHiddenWhenLaidOverAWiderGround(long seed) {
        Random random = new Random(seed);
        Region blobs = Region.weld(Shapes.blobs(random, 5, 60));
        Painted ground = painted(TANGERINE, blobs.grown(4, jurren.core.geometry.CornerStyle.ROUND));
        List<Layer> layers = layers(Join.LAID_OVER, ground, painted(CREAM, blobs));
        assertThat(OutOfRegister.of(layers, ACCURACY, seed)).isEqualTo(OutOfRegister.of(layers, ACCURACY, seed));
        assertThat(OutOfRegister.of(layers, ACCURACY, seed).withGap()).isZero();
        List<Layer> cut = layers(new Join.Butted(0), ground, painted(CREAM, blobs));
        assertThat(OutOfRegister.of(cut, ACCURACY, seed)).isEqualTo(OutOfRegister.of(cut, ACCURACY, seed));
        assertThat(OutOfRegister.of(cut, ACCURACY, seed).worst()).isPresent();
    }

    @Test
    void oneLayerAloneCannotBeOffAndNonsenseIsRefused() {
        assertThat(OutOfRegister.of(List.of(jurren.core.Fixtures.layer(Shapes.rectangle(0, 0, 10, 10))), ACCURACY, 1)
                        .isHidden())
                .isTrue();
        assertThat(OutOfRegister.of(List.of(), ACCURACY, 1).isHidden()).isTrue();
        assertThatIllegalArgumentException().isThrownBy(() -> OutOfRegister.of(List.of(), 0, 1));
        assertThatIllegalArgumentException().isThrownBy(() -> OutOfRegister.of(List.of(), Double.NaN, 1));
    }
}
