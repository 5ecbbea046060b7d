package jurren.core.way;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import jurren.core.art.Art;
import jurren.core.art.Painted;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import jurren.core.layer.Edging;
import jurren.core.layer.Fabrication;
import jurren.core.layer.Join;
import jurren.core.layer.Layer;
import jurren.core.layer.Separation;
import jurren.core.layer.Stack;
import jurren.core.material.Colour;
import jurren.core.material.CutSettings;
import jurren.core.material.Film;
import jurren.core.material.FilmColour;
import jurren.core.material.Material;
import jurren.core.material.Process;
import jurren.core.way.known.Ways;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.RECIPE;
import static jurren.core.Fixtures.SKY;
import static jurren.core.Fixtures.TANGERINE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Each way from a shape whose figures are known by hand: a disc of 40 mm with a hole of 16 mm. */
public class WaysTest {
    private static final Colour WHITE = new Colour(0xFFFFFF);
    private static final Region RING = Shapes.ring(100, 100, 20, 8);

    public static Material material(Process process) {
        boolean hot = switch (process) {
            case HEAT_FILM, PRINTED_HEAT_FILM, DYE_PRINT, DYE_OVER_BASE, STONES, POWDER_PRINT -> true;
            default -> false;
        };
        return new Material(
                "m-" + process.name().toLowerCase(),
                process.name(),
                process,
                0.1,
                0.8,
                false,
                hot ? Optional.of(RECIPE) : Optional.empty(),
                new CutSettings(90, 300, 0.1, process == Process.RIGID_STENCIL ? 2 : 1),
                9,
                List.of(new FilmColour("Cream", CREAM), new FilmColour("White", WHITE)));
    }

    private static Art art(Material m, Map<Region, Colour> painted) {
        return new Art(painted.entrySet().stream()
                .map(e -> new Painted(e.getValue(), Optional.of(m.id()), e.getKey(), List.of()))
                .toList());
    }

    private static List<Layer> layers(Material m, Art art, Optional<Edging> edging) {
        Function<Painted, Film> by = p -> Ways.of(m).isOnePrint() ? Film.print(m.id()) : p.film();
        return Ways.layers(
                Separation.of(art, by, _ -> Join.LAID_OVER),
                _ -> m,
                _ -> edging.orElse(Ways.edging(m, Map.of())),
                Map.of(),
                art.bounds().orElseThrow(),
                Optional.empty());
    }

    private static List<Layer> ring(Process process, Edging... edging) {
        Material m = material(process);
        return layers(m, art(m, Map.of(RING, CREAM)), List.of(edging).stream().findFirst());
    }

    private static double disc(double r) {
        return Math.PI * r * r;
    }

    private static Layer only(List<Layer> layers) {
        assertThat(layers).hasSize(1);
        return layers.getFirst();
    }

    private static double area(Layer layer) {
        return layer.region().areaMm2();
    }

    private static double ink(Layer layer) {
        return layer.print().everything().areaMm2();
    }

    @Test
    void filmIsCutAsItIsSeenAndOnlyTheWaySaysFromWhichSide() {
        for (Process p : List.of(Process.HEAT_FILM, Process.ADHESIVE, Process.ADHESIVE_BEHIND_GLASS)) {
            Layer film = only(ring(p));
            assertThat(area(film)).isCloseTo(disc(20) - disc(8), within(0.5));
            assertThat(film.making()).isEqualTo(Fabrication.cut(p != Process.ADHESIVE, Fabrication.Cut.KISS));
            assertThat(film.thicknessMm()).isEqualTo(0.1);
        }
        assertThat(Ways.of(material(Process.ADHESIVE_BEHIND_GLASS)).isSeenThrough())
                .isTrue();
        assertThat(Ways.of(material(Process.ADHESIVE)).isSeenThrough()).isFalse();
    }

    @Test
    void aPrintThatIsCutAroundLeavesItsRimOrBleedsOverItsEdge() {
        Layer rim = only(ring(Process.PRINTED_HEAT_FILM));
        assertThat(rim.making()).isEqualTo(new Fabrication(false, Fabrication.Cut.KISS, true));
        assertThat(area(rim)).as("1.5 mm round it, its hole filled").isCloseTo(disc(21.5), within(0.5));
        assertThat(ink(rim)).as("no ink on the rim").isCloseTo(disc(20) - disc(8), within(0.5));
        assertThat(rim.stock()).as("printed on white").isEqualTo(WHITE);

        Layer edge = only(ring(Process.STICKER, new Edging(0, true, true)));
        assertThat(edge.making()).isEqualTo(new Fabrication(false, Fabrication.Cut.THROUGH, true));
        assertThat(area(edge)).isCloseTo(disc(20) - disc(8), within(0.5));
        assertThat(ink(edge)).as("3 mm beyond the cut, inwards too").isCloseTo(disc(23) - disc(5), within(0.5));
    }

    @Test
    void aDyePrintIsOneReversedPrintOfNoThicknessHoweverManyColours() {
        Material m = material(Process.DYE_PRINT);
        Layer print = only(layers(
                m,
                art(m, Map.of(Shapes.rectangle(0, 0, 10, 10), CREAM, Shapes.rectangle(20, 0, 10, 20), SKY)),
                Optional.empty()));
        assertThat(print.making()).isEqualTo(Fabrication.print(true));
        assertThat(print.print().flats()).containsOnlyKeys(CREAM, SKY);
        assertThat(print.thicknessMm()).isZero();
        assertThat(print.stock()).as("covers most").isEqualTo(SKY);
    }

    @Test
    void aBaseIsCutFromItsFaceWithAPrintThatRunsOnBeyondIt() {
        List<Layer> both = ring(Process.DYE_OVER_BASE, new Edging(-0.5, true, false));
        assertThat(both).extracting(Layer::role).containsExactly(Layer.Role.BASE, Layer.Role.PRINT);
        assertThat(both.getFirst().making()).isEqualTo(Fabrication.cut(false, Fabrication.Cut.KISS));
        assertThat(area(both.getFirst())).as("set back all round").isCloseTo(disc(19.5) - disc(8.5), within(0.5));
        assertThat(both.getLast().making()).isEqualTo(Fabrication.print(true));
        assertThat(ink(both.getLast())).isCloseTo(disc(23) - disc(5), within(0.5));
        assertThat(area(both.getLast())).as("ink stays on the base").isCloseTo(area(both.getFirst()), within(0.5));

        assertThat(area(ring(Process.DYE_OVER_BASE, new Edging(0, false, false)).getFirst()))
                .as("holes filled")
                .isCloseTo(disc(20), within(0.5));
        assertThat(ring(Process.DYE_OVER_BASE, new Edging(-13, true, false)))
                .as("a base that is set back to nothing")
                .isEmpty();
    }

    @Test
    void aPlateIsWhatIsLeftWithinItsOwnEdgeAndItsIslandFallsOut() {
        Layer plate = only(ring(Process.RIGID_STENCIL));
        assertThat(plate.making()).isEqualTo(Fabrication.cut(false, Fabrication.Cut.THROUGH));
        assertThat(area(plate)).isCloseTo(90 * 90 - (disc(20) - disc(8)), within(0.5));
        assertThat(plate.region().pieceCount()).as("the plate and its island").isEqualTo(2);
        assertThat(plate.colour()).as("of the paint").isEqualTo(CREAM);
        assertThat(Ways.of(plate.material()).losesIslands()).isTrue();
        assertThat(Ways.of(plate.material()).shows(plate, plate.region()).areaMm2())
                .as("with its island lost a plain disc is painted")
                .isCloseTo(disc(20), within(0.5));
    }

    @Test
    void platesOfSeveralColoursShareTheirEdgeAndTheirRegisterHoles() {
        Material m = material(Process.RIGID_STENCIL);
        List<Layer> plates = layers(
                m,
                art(m, Map.of(Shapes.rectangle(0, 0, 30, 30), CREAM, Shapes.rectangle(60, 0, 20, 30), SKY)),
                Optional.empty());
        assertThat(plates).hasSize(2).allSatisfy(p -> {
            assertThat(p.region().bounds().widthMm()).isEqualTo(130, within(1e-9));
            assertThat(p.region().bounds().heightMm()).isEqualTo(80, within(1e-9));
            assertThat(p.region().holeCount())
                    .as("its shape and two register holes")
                    .isEqualTo(3);
        });
        double holes = 2 * disc(2.5);
        assertThat(area(plates.getFirst()) + area(plates.getLast()))
                .isCloseTo(2 * (130 * 80 - holes) - 900 - 600, within(0.5));
        assertThat(Ways.of(m)
                        .shows(plates.getFirst(), plates.getFirst().region())
                        .areaMm2())
                .as("no paint through register holes")
                .isIn(900.0, 600.0);
    }

    @Test
    void whatSticksKeepsItsIslands() {
        Layer film = only(ring(Process.ADHESIVE_STENCIL));
        assertThat(film.making()).isEqualTo(Fabrication.cut(false, Fabrication.Cut.KISS));
        assertThat(Ways.of(film.material()).losesIslands()).isFalse();
        assertThat(Ways.of(film.material()).shows(film, film.region()).areaMm2())
                .isCloseTo(disc(20) - disc(8), within(0.5));
    }

    @Test
    void aTemplateForStonesHasTheOpeningTheyAreSetInto() {
        Layer plate = only(ring(Process.STONES));
        assertThat(plate.making().reversed()).isFalse();
        assertThat(area(plate)).isCloseTo(80 * 80 - (disc(20) - disc(8)), within(0.5));
    }

    /** Whatever is painted over whatever, in every way: what the layers show is what the art shows. */
    @ParameterizedTest
    @EnumSource(Process.class)
    void allLayersTogetherShowTheArt(Process process) {
        Material m = material(process);
        for (int seed = 0; seed < 12; seed++) {
            Random random = new Random(seed);
            List<Colour> colours = List.of(CREAM, TANGERINE, SKY);
            Art art = new Art(Shapes.blobs(random, 6, 80).stream()
                    .map(r -> new Painted(colours.get(random.nextInt(3)), Optional.of(m.id()), r, List.of()))
                    .toList());
            Map<Colour, Region> seen = art.seen();
            double total = seen.values().stream().mapToDouble(Region::areaMm2).sum();
            List<Layer> layers = layers(m, art, Optional.of(new Edging(0, true, false)));
            Region above = Region.EMPTY;
            for (Layer layer : layers.reversed()) {
                for (Map.Entry<Colour, Region> want : seen.entrySet()) {
                    Region got = layer.isPrint()
                            ? layer.print()
                                    .flats()
                                    .getOrDefault(want.getKey(), Region.EMPTY)
                                    .intersect(layer.region())
                            : layer.role() != Layer.Role.BASE && layer.colour().equals(want.getKey())
                                    ? Ways.of(m).shows(layer, layer.region()).minus(above)
                                    : Region.EMPTY;
                    boolean itsOwn = layer.isPrint()
                            || layer.role() != Layer.Role.BASE && layer.colour().equals(want.getKey());
                    // an island of a plate is lost, and with it what it kept bare
                    double lost = Ways.of(m).losesIslands() ? islands(layer) : 0;
                    if (itsOwn) {
                        assertThat(hairless(got.differingFrom(want.getValue())).areaMm2())
                                .as("%s of %d", want.getKey(), seed)
                                .isLessThanOrEqualTo(total * 1e-3 + lost);
                    }
                }
                if (layer.role() != Layer.Role.BASE) {
                    above = above.weld(
                            layer.isPrint() ? layer.region() : Ways.of(m).shows(layer, layer.region()));
                }
            }
        }
    }

    /** Three squares in a row, each meeting only its neighbour: nowhere do all three lie on each other. */
    @Test
    void theThickestPlaceIsWhereFilmsReallyMeet() {
        Material m = material(Process.HEAT_FILM);
        Map<Region, Colour> inTurn = new java.util.LinkedHashMap<>();
        inTurn.put(Shapes.rectangle(0, 0, 10, 10), CREAM);
        inTurn.put(Shapes.rectangle(8, 0, 10, 10), TANGERINE);
        inTurn.put(Shapes.rectangle(16, 0, 10, 10), SKY);
        assertThat(Stack.thickestMm(layers(m, art(m, inTurn), Optional.empty())))
                .isEqualTo(0.2, within(1e-9));
        inTurn.put(Shapes.rectangle(0, 0, 26, 10), WHITE);
        assertThat(Stack.thickestMm(layers(m, art(m, inTurn), Optional.empty())))
                .as("all covered: one film")
                .isEqualTo(0.1, within(1e-9));
        assertThat(Stack.thickestMm(ring(Process.RIGID_STENCIL))).isZero();
        assertThat(Stack.thickestMm(ring(Process.DYE_OVER_BASE)))
                .as("ink adds nothing to its base")
                .isEqualTo(0.1, within(1e-9));
    }

    private static double islands(Layer plate) {
        return area(plate) - plate.region().largest().region().areaMm2();
    }

    private static Region hairless(Region r) {
        return r.grown(-0.02, CornerStyle.MITRED);
    }
}
