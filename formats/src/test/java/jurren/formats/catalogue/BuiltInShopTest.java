package jurren.formats.catalogue;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankSize;
import jurren.core.blank.Face;
import jurren.core.hold.Reason;
import jurren.core.hold.Verdict;
import jurren.core.hold.WhatHolds;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.job.Shop;
import jurren.core.job.Thing;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.load.Load;
import jurren.core.load.Stock;
import jurren.core.material.Colour;
import jurren.core.material.Material;
import jurren.core.material.Process;
import jurren.core.plan.Planner;
import jurren.core.way.known.Ways;
import jurren.formats.words.Units;
import jurren.formats.words.Words;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * The shipped shop against itself: what refers to something finds it, and figures of the trade are where they should
 * be.
 */
class BuiltInShopTest {
    private static final Shop SHOP = BuiltInShop.read();
    private static final Words WORDS = new Words(Units.AMERICAN);

    static Stream<Blank> blanks() {
        return SHOP.blanks().stream();
    }

    static Stream<Material> materials() {
        return SHOP.materials().stream();
    }

    @Test
    void everyProcessHasAMaterialAndEveryRollIsOfOne() {
        assertThat(SHOP.materials()).extracting(Material::process).contains(Process.values());
        assertThat(SHOP.materials()).extracting(Material::id).doesNotHaveDuplicates();
        assertThat(SHOP.shelf()).isNotEmpty().allSatisfy(r -> {
            Material m = SHOP.material(r.materialId()).orElseThrow();
            assertThat(m.sold(r.colour())).as(r.toString()).isPresent();
            assertThat(r.widthMm()).isLessThanOrEqualTo(SHOP.cutter().widthMm());
        });
    }

    @ParameterizedTest
    @MethodSource("materials")
    void everyMaterialHoldsOnSomethingAndIsReachedByItsPress(Material m) {
        boolean somewhere = blanks().anyMatch(b -> b.colours().stream()
                .anyMatch(c -> b.reference().faces().stream()
                        .anyMatch(f -> WhatHolds.of(m, b.madeOf(), c, f).answer() != Verdict.Answer.DOES_NOT_HOLD)));
        assertThat(somewhere).isTrue();
        assertThat(m.celsius()).isLessThanOrEqualTo(SHOP.presses().getFirst().mostCelsius());
        assertThat(m.colours()).isNotEmpty().doesNotHaveDuplicates();
        assertThat(m.colours())
                .allSatisfy(c -> assertThat(m.colourName(c.colour())).isEqualTo(c.name()));
        assertThat(Ways.of(m).byHand().isPresent())
                .as("what is not pressed is laid by hand")
                .isEqualTo(!m.isPressed());
    }

    /** Whatever thing is chosen, there is something to make it with, and a sentence for every process. */
    @ParameterizedTest
    @MethodSource("blanks")
    void everythingCanBeDecoratedWithSomething(Blank b) {
        Face face = b.reference().faces().getFirst();
        assertThat(WhatHolds.best(SHOP.materials(), b.madeOf(), b.colours().getFirst(), face))
                .isPresent();
        List<WhatHolds.Answered> all =
                WhatHolds.byProcess(SHOP.materials(), b.madeOf(), b.colours().getFirst(), face);
        assertThat(all)
                .hasSize(Process.values().length)
                .allSatisfy(
                        a -> assertThat(WORDS.reason(a.verdict())).endsWith(".").hasSizeBetween(15, 90));
        assertThat(all)
                .isSortedAccordingTo(
                        (x, y) -> x.verdict().answer().compareTo(y.verdict().answer()));
        assertThat(SHOP.pressFor(Thing.of(b.id(), ""), b, face).kind()).isEqualTo(Shop.suits(b, face));
    }

    @ParameterizedTest
    @MethodSource("blanks")
    void sizesGrowInOrder(Blank b) {
        List<Double> widths = b.sizes().stream()
                .map(s -> s.faces().getFirst().whole().widthMm())
                .toList();
        assertThat(widths).isSorted();
        List<Double> art =
                b.sizes().stream().map(s -> s.faces().getFirst().artWidthMm()).toList();
        assertThat(art).isSorted();
        assertThat(b.sizes().stream().map(BlankSize::id)).doesNotHaveDuplicates();
        assertThat(Arrays.asList(b.referenceSize()))
                .isSubsetOf(b.sizes().stream().map(BlankSize::id).toList());
    }

    /** Usual art widths by size, from the trade: least and most in mm. */
    @ParameterizedTest
    @CsvSource({
        "tee-baby, 3M, 100, 125",
        "tee-baby, 18M, 100, 125",
        "tee-toddler, 2T, 125, 150",
        "tee-toddler, 5T, 125, 150",
        "tee-youth, S, 180, 230",
        "tee-youth, L, 180, 230",
        "tee-adult, S, 230, 250",
        "tee-adult, M, 250, 265",
        "tee-adult, L, 265, 280",
        "tee-adult, XL, 280, 290",
        "tee-adult, 2XL, 290, 330",
        "tee-adult, 3XL, 290, 330"
    })
    void artIsAsWideAsTheTradeMakesIt(String blank, String size, double least, double most) {
        assertThat(SHOP.blank(blank)
                        .orElseThrow()
                        .size(size)
                        .orElseThrow()
                        .faces()
                        .getFirst()
                        .artWidthMm())
                .isBetween(least, most);
    }

    /** Under the collar: 75 mm on an adult, 50 on a youth. */
    @ParameterizedTest
    @CsvSource({"tee-adult, 76.2", "tee-youth, 50", "tee-vneck, 76.2", "tee-long-sleeve, 76.2"})
    void artBeginsUnderTheCollarWhereTheTradePutsIt(String blank, double drop) {
        assertThat(SHOP.blank(blank)
                        .orElseThrow()
                        .reference()
                        .faces()
                        .getFirst()
                        .area()
                        .dropMm())
                .isEqualTo(drop);
    }

    @Test
    void whatHoldsOnTheDemosThings() {
        assertThat(answer("tee-adult", "black", "dye-print"))
                .isEqualTo("Dye needs at least 65 % polyester, this has 0 %.");
        assertThat(answer("tee-sport", "white", "dye-print")).isEqualTo("The coat or the fibres take the dye.");
        assertThat(answer("tumbler-tapered-20", "white", "smooth-film"))
                .isEqualTo("No flat press reaches round a curve.");
        assertThat(answer("laptop-lid-14", "grey", "vinyl-permanent")).isEqualTo("It sticks to the smooth face.");
        assertThat(answer("mug-11", "white", "dye-print")).isEqualTo("Round: in a mug press, not a flat one.");
        assertThat(answer("cap-front", "black", "smooth-film")).isEqualTo("The curved front wants a cap press.");
        assertThat(answer("window-pane", "clear", "vinyl-behind-glass")).isEqualTo("It is seen through the glass.");
    }

    private static String answer(String blank, String colour, String material) {
        Blank b = SHOP.blank(blank).orElseThrow();
        return WORDS.reason(WhatHolds.of(
                SHOP.material(material).orElseThrow(),
                b.madeOf(),
                b.colour(colour).orElseThrow(),
                b.reference().faces().getFirst()));
    }

    @Test
    void vinylBehindGlassHoldsOnAJarAndNotOnItsLid() {
        Blank jar = SHOP.blank("jar-16").orElseThrow();
        Material behind = SHOP.material("vinyl-behind-glass").orElseThrow();
        List<Reason> reasons = jar.reference().faces().stream()
                .map(f -> WhatHolds.of(behind, jar.madeOf(f), jar.colours().getFirst(), f)
                        .reason())
                .toList();
        assertThat(reasons).containsExactly(Reason.HAND_WASH, Reason.NOT_SEE_THROUGH);
    }

    @Test
    void vinylBehindGlassComesOffTheRollItIsSoldAs() {
        Blank jar = SHOP.blank("jar-16").orElseThrow();
        Job job = NewJobs.saying(
                "Plum",
                ShippedTypeface.FREDOKA,
                jar,
                jar.colours().getFirst(),
                SHOP.material("vinyl-behind-glass").orElseThrow(),
                Colour.of("#F6EFDC"));
        Load load = new Planner().plan(job, SHOP).runs().getFirst().load();
        assertThat(SHOP.shelf()).contains((Stock) load.stock());
        assertThat(Words.filmName(load, SHOP)).isEqualTo("Permanent vinyl");
    }
}
