package jurren.core.layer;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import jurren.core.art.Art;
import jurren.core.art.Painted;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import jurren.core.way.known.Ways;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.FILM;
import static jurren.core.Fixtures.SKY;
import static jurren.core.Fixtures.TANGERINE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class SeparationTest {
    private static final Region WIDE = Shapes.disc(0, 0, 15);
    private static final Region NARROW = Shapes.disc(0, 0, 5);

    private static Painted paint(Colour colour, Region region) {
        return new Painted(colour, Optional.of("smooth-film"), region, List.of());
    }

    /** All of one heat film, as it is cut. */
    private static List<Layer> layers(Art art, Function<Film, Join> joins) {
        return Ways.layers(
                Separation.of(art, Painted::film, joins),
                _ -> FILM,
                _ -> new Edging(0, true, false),
                Map.of(),
                art.bounds().orElseThrow(),
                Optional.empty());
    }

    private static List<Layer> separate(Join join) {
        Art art = new Art(List.of(paint(TANGERINE, WIDE), paint(CREAM, NARROW)));
        return layers(art, _ -> join);
    }

    private static double ring(double outer, double inner) {
        return Math.PI * (outer * outer - inner * inner);
    }

    @Test
    void joinsCutTheLowerLayerBackAsTheyPromise() {
        assertThat(separate(Join.LAID_OVER).getFirst().region().areaMm2()).isCloseTo(ring(15, 0), within(0.2));
        assertThat(separate(new Join.KnockedOut(1)).getFirst().region().areaMm2())
                .isCloseTo(ring(15, 4), within(0.2));
        assertThat(separate(new Join.Butted(0.5)).getFirst().region().areaMm2()).isCloseTo(ring(15, 5.5), within(0.2));
        assertThat(List.of(Join.LAID_OVER, new Join.KnockedOut(1), new Join.Butted(0.5)))
                .allSatisfy(j -> assertThat(separate(j).get(1).region()).isEqualTo(NARROW));
    }

    @Test
    void layersComeInPaintOrderAndTheLowestLiesOnTheCloth() {
        List<Layer> layers = separate(new Join.KnockedOut(1));

        assertThat(layers).extracting(Layer::colour).containsExactly(TANGERINE, CREAM);
        assertThat(layers).extracting(Layer::order).containsExactly(1, 2);
        assertThat(layers.getFirst().join()).isEqualTo(Join.LAID_OVER);
    }

    @Test
    void anOverlapLiesOnlyWhereBothColoursMeet() {
        Region square = Shapes.rectangle(0, 0, 40, 40);
        Region half = Shapes.rectangle(20, 0, 20, 40);
        Art art = new Art(List.of(paint(TANGERINE, square), paint(SKY, half)));

        Region lower = layers(art, _ -> new Join.KnockedOut(1)).getFirst().region();

        assertThat(lower.areaMm2())
                .as("no rim along the outer edges under the upper film")
                .isCloseTo(21 * 40, within(0.5));
        assertThat(lower.thinnest().widthMm()).isGreaterThan(20);
    }

    @Test
    void whatIsFullyCoveredNeedsNoLayer() {
        Art art = new Art(List.of(paint(TANGERINE, NARROW), paint(CREAM, WIDE)));
        assertThat(layers(art, _ -> Join.LAID_OVER)).extracting(Layer::colour).containsExactly(CREAM);
    }

    @Test
    void unweldedPartsAreCutThroughEachOther() {
        Region left = Shapes.rectangle(0, 0, 10, 10);
        Region right = Shapes.rectangle(8, 0, 10, 10);
        Painted unwelded = new Painted(CREAM, Optional.of("smooth-film"), left.weld(right), List.of(left, right));

        Layer layer = layers(new Art(List.of(unwelded)), _ -> Join.LAID_OVER).getFirst();

        assertThat(layer.region().pieceCount()).isEqualTo(1);
        assertThat(layer.cutPieces()).hasSize(2);
    }

    /** Whatever is painted over whatever: stacked up again, the layers show the art, and nothing is seen twice. */
    @RepeatedTest(20)
    void stackedLayersShowTheArt(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        List<Colour> colours = List.of(CREAM, TANGERINE, SKY);
        Art art = new Art(Shapes.blobs(random, 9, 80).stream()
                .map(r -> paint(colours.get(random.nextInt(3)), r))
                .toList());
        Map<Colour, Region> seen = art.seen();
        double total =
                Region.weld(art.paints().stream().map(Painted::region).toList()).areaMm2();

        assertThat(seen.values().stream().mapToDouble(Region::areaMm2).sum()).isCloseTo(total, within(1e-3));
        for (Join join : List.of(Join.LAID_OVER, new Join.KnockedOut(0.8))) {
            List<Layer> layers = layers(art, _ -> join);
            Region above = Region.EMPTY;
            for (Layer layer : layers.reversed()) {
                Region shows = layer.region().minus(above);
                assertThat(shows.differingFrom(seen.get(layer.colour())).areaMm2())
                        .isLessThan(total * 1e-4);
                above = above.weld(layer.region());
            }
        }
    }

    @Test
    void crossSectionStacksFilmOnWhatLiesUnderIt() {
        List<Layer> layers = separate(new Join.KnockedOut(1));
        CrossSection section = CrossSection.of(
                layers, new jurren.core.geometry.Point(-20, 0), new jurren.core.geometry.Point(20, 0), _ -> 0.1);

        assertThat(section.lengthMm()).isEqualTo(40);
        assertThat(section.thickestMm()).isCloseTo(0.2, within(1e-9));
        assertThat(section.films().stream().filter(f -> f.layer() == 1))
                .hasSize(2)
                .allSatisfy(f -> assertThat(f.along().lengthMm()).isCloseTo(11, within(0.01)));
        assertThat(section.films().stream().filter(f -> f.layer() == 2))
                .as("on the cloth inside, on the overlap at both edges")
                .extracting(f -> Math.round(f.bottomMm() * 100))
                .containsExactly(10L, 0L, 10L);
    }
}
