package jurren.formats.catalogue;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import jurren.core.blank.Substrate;
import jurren.core.finish.FilmPress;
import jurren.core.finish.FinishSequence;
import jurren.core.finish.HeatStep;
import jurren.core.finish.HeatTaken;
import jurren.core.finish.LayerOverlaps;
import jurren.core.finish.Limit;
import jurren.core.finish.PressSolver;
import jurren.core.finish.Pressed;
import jurren.core.finish.Pressing;
import jurren.core.finish.Solved;
import jurren.core.finish.Step;
import jurren.core.job.Shop;
import jurren.core.material.Material;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** The cases of docs/finish.md, worked by hand from the figures of the catalogue. */
class FinishCasesTest {
    private static final Shop SHOP = BuiltInShop.read();
    private static final Substrate COTTON =
            SHOP.blank("tee-adult").orElseThrow().madeOf();
    private static final Substrate POLYESTER =
            SHOP.blank("tee-sport").orElseThrow().madeOf();

    private static Pressing asked(Substrate cloth, OptionalDouble dye, LayerOverlaps lying, String... materials) {
        List<Pressed> layers = new ArrayList<>();
        for (String id : materials) {
            Material m = SHOP.material(id.replace("+print", "")).orElseThrow();
            boolean sheet = id.endsWith("+print");
            layers.add(new Pressed(
                    layers.size() + 1,
                    sheet ? m.printRecipe().orElseThrow() : m.recipe().orElseThrow(),
                    sheet,
                    List.of(),
                    m.topOnly() && !sheet,
                    m.thicknessMm(),
                    1,
                    Set.of(0)));
        }
        return new Pressing(layers, lying, cloth, 1, 220, dye, List.of(), Set.of());
    }

    /** Each heated step as "layers laid @ °C × s". */
    private static List<String> told(Pressing asked) {
        FinishSequence f = FilmPress.of(asked, PressSolver.solve(asked), false);
        assertThat(f.heat()).noneMatch(HeatTaken::tooMuch).noneMatch(HeatTaken::tooLittle);
        return f.steps().stream()
                .filter(s -> s.kind().heats())
                .map(s -> s.kind().name().toLowerCase(java.util.Locale.ROOT)
                        + s.layers().stream().map(l -> " " + l).collect(Collectors.joining()) + " @"
                        + Math.round(s.celsius()) + " x" + Math.round(s.seconds()))
                .toList();
    }

    private static List<String> stacked(String... materials) {
        return told(asked(COTTON, OptionalDouble.empty(), LayerOverlaps.stacked(materials.length), materials));
    }

    private static List<String> beside(String... materials) {
        return told(asked(COTTON, OptionalDouble.empty(), LayerOverlaps.apart(materials.length), materials));
    }

    private static Solved solved(LayerOverlaps lying, String... materials) {
        return PressSolver.solve(asked(COTTON, OptionalDouble.empty(), lying, materials));
    }

    @Test
    void smoothFilms() {
        assertThat(stacked("smooth-film")).containsExactly("warm @155 x4", "press 1 @155 x12", "repress @155 x3");
        assertThat(stacked("smooth-film", "smooth-film"))
                .containsExactly("warm @155 x4", "tack 1 @155 x3", "press 2 @155 x12", "repress @155 x3");
        assertThat(stacked("smooth-film", "smooth-film", "smooth-film"))
                .containsExactly(
                        "warm @155 x4", "tack 1 @155 x3", "tack 2 @155 x3", "press 3 @155 x12", "repress @155 x3");
        assertThat(beside("smooth-film", "smooth-film"))
                .as("side by side")
                .containsExactly("warm @155 x4", "press 1 2 @155 x12", "repress @155 x3");
        assertThat(beside(
                        "smooth-film",
                        "smooth-film",
                        "smooth-film",
                        "smooth-film",
                        "smooth-film",
                        "smooth-film",
                        "smooth-film",
                        "smooth-film"))
                .as("eight side by side")
                .hasSize(3);
    }

    /** Glitter 155 to 165 °C, 15 to 20 s; smooth bears 165 °C, 10 to 15 s: both in one press of 15 s at 160 °C. */
    @Test
    void glitterOnAndUnderSmooth() {
        assertThat(stacked("smooth-film", "glitter-film"))
                .containsExactly("warm @160 x4", "tack 1 @160 x3", "press 2 @160 x15", "repress @160 x3");
        assertThat(solved(LayerOverlaps.stacked(2), "glitter-film", "smooth-film")
                        .clashes())
                .containsExactly(Set.of(new Limit(Limit.Kind.TOP_ONLY, 1)));
    }

    @Test
    void puff() {
        assertThat(stacked("puff-film")).containsExactly("warm @150 x4", "press 1 @150 x9");
        assertThat(beside("puff-film", "smooth-film"))
                .as("the smooth film bonds at 150 too, so the heat need not change")
                .containsExactly("warm @155 x4", "press 2 @155 x12", "press 1 @155 x9");
        assertThat(stacked("smooth-film", "puff-film"))
                .containsExactly("warm @155 x4", "press 1 @155 x12", "press 2 @155 x9");
    }

    /** The dye of polyester moves above 150 °C: stretch film bonds from 145, smooth from 150, glitter not below 155. */
    @Test
    void polyester() {
        OptionalDouble moves = OptionalDouble.of(150);
        assertThat(told(asked(POLYESTER, moves, LayerOverlaps.stacked(1), "stretch-film")))
                .first()
                .isEqualTo("warm @150 x4");
        assertThat(told(asked(POLYESTER, moves, LayerOverlaps.stacked(1), "smooth-film")))
                .first()
                .as("as cool as it still bonds")
                .isEqualTo("warm @150 x4");
        assertThat(PressSolver.solve(asked(POLYESTER, moves, LayerOverlaps.stacked(1), "glitter-film"))
                        .clashes())
                .containsExactly(Set.of(new Limit(Limit.Kind.LEAST_CELSIUS, 1), new Limit(Limit.Kind.DYE_MOVES, 0)));
    }

    /** Low-heat film bears 145 °C and smooth film needs 150: smooth is finished first, the other comes cooler. */
    @Test
    void lowHeatWithSmooth() {
        assertThat(stacked("smooth-film", "low-heat-film"))
                .containsExactly("warm @155 x4", "press 1 @155 x12", "press 2 @130 x12", "repress @130 x3");
        assertThat(beside("low-heat-film", "smooth-film"))
                .containsExactly("warm @155 x4", "press 2 @155 x12", "press 1 @130 x12", "repress @130 x3");
        assertThat(solved(LayerOverlaps.stacked(2), "low-heat-film", "smooth-film")
                        .clashes())
                .containsExactly(Set.of(new Limit(Limit.Kind.MOST_CELSIUS, 1), new Limit(Limit.Kind.LEAST_CELSIUS, 2)));
    }

    /** Metallic is peeled cold, smooth warm: 11.6 ln(133 / 28) = 19 s and 12 ln(133 / 6) = 38 s of waiting, then 5. */
    @Test
    void coldPeelOnWarmPeel() {
        Pressing asked =
                asked(COTTON, OptionalDouble.empty(), LayerOverlaps.stacked(2), "smooth-film", "metallic-film");
        FinishSequence f = FilmPress.of(asked, PressSolver.solve(asked), false);
        assertThat(f.steps())
                .filteredOn(s -> s.kind() == HeatStep.PEEL)
                .extracting(s -> s.peel() + " " + Math.round(s.seconds()))
                .containsExactly("WARM 24", "COLD 43");
    }

    /** On cotton: the base tacked 5 s, the print 35 s at 195 °C, with the warming 44 of 45 s. */
    @Test
    void dyeOverFlock() {
        assertThat(stacked("flock-base", "flock-base+print"))
                .containsExactly("warm @195 x4", "tack 1 @195 x5", "press 2 @195 x35");
        assertThat(beside("smooth-film", "flock-base", "stones"))
                .as("stones and flock share their heat with smooth film")
                .hasSize(3);
    }

    @Test
    void aNameOverTwoPositionsIsHeatedTwiceAtItsSeam() {
        Material smooth = SHOP.material("smooth-film").orElseThrow();
        Pressed wide = new Pressed(1, smooth.recipe().orElseThrow(), false, List.of(), false, 0.09, 2, Set.of(0, 1));
        Pressing asked = new Pressing(
                List.of(wide), LayerOverlaps.stacked(1), COTTON, 2, 220, OptionalDouble.empty(), List.of(), Set.of());
        FinishSequence f = FilmPress.of(asked, PressSolver.solve(asked), false);
        assertThat(f.steps())
                .filteredOn(s -> s.kind() == HeatStep.PRESS)
                .extracting(Step::position)
                .containsExactly(0, 1);
        assertThat(f.heat().get(1).totalS()).isBetween(20.0, 30.0);
    }
}
