package jurren.core.lettering;

import java.util.List;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class LetteringLayoutTest {
    private static List<Region> glyphs(String text, Typeface face, double spacing) {
        return LetteringLayout.of(text, face, 30, spacing).glyphs().stream()
                .map(g -> g.outline().enclosed())
                .toList();
    }

    private static Box box(String text, Typeface face, double spacing) {
        return glyphs(text, face, spacing).stream()
                .map(Region::bounds)
                .reduce(Box::joined)
                .orElseThrow();
    }

    @ParameterizedTest
    @EnumSource(ShippedTypeface.class)
    void capitalsStandOnTheBaselineAtTheirHeight(Typeface face) {
        Box h = box("H", face, 0);
        assertThat(h.heightMm()).isCloseTo(30, within(0.02));
        assertThat(glyphs("Hamburg 27", face, 0)).hasSizeBetween(8, 9).allMatch(Region::isValid);
        assertThat(Typefaces.firstMissing("Hamburg 27", face)).isEmpty();
    }

    @Test
    void kerningDrawsPairsTogetherAndSpacingDrawsThemApart() {
        double kerned = box("AV", ShippedTypeface.ABRIL_FATFACE, 0).widthMm();
        double alone = box("A", ShippedTypeface.ABRIL_FATFACE, 0).widthMm()
                + box("V", ShippedTypeface.ABRIL_FATFACE, 0).widthMm();
        assertThat(kerned).isLessThan(alone);
        assertThat(box("HHH", ShippedTypeface.ANTON, 0.5).widthMm()
                        - box("HHH", ShippedTypeface.ANTON, 0).widthMm())
                .as("two gaps of half a capital")
                .isCloseTo(2 * 0.5 * 30, within(0.01));
    }

    @Test
    void joiningScriptTouchesAndWeldsIntoOne() {
        List<Region> letters = glyphs("mimm", ShippedTypeface.PACIFICO, 0);
        assertThat(letters).hasSizeGreaterThanOrEqualTo(4);
        assertThat(Region.weld(letters).pieceCount())
                .as("the i has a dot of its own")
                .isEqualTo(2);
    }

    @Test
    void missingCharactersAreNamed() {
        assertThat(Typefaces.firstMissing("Ann 漢", ShippedTypeface.ANTON)).hasValue('漢');
        assertThat(LetteringLayout.of("", ShippedTypeface.ANTON, 30, 0).glyphs())
                .isEmpty();
        assertThat(LetteringLayout.of("   ", ShippedTypeface.ANTON, 30, 0).glyphs())
                .isEmpty();
    }

    @Test
    void changingTheTextKeepsBaselineAndMiddle() {
        Box anna = box("Anna", ShippedTypeface.ANTON, 0);
        Box peggy = box("Peggy", ShippedTypeface.ANTON, 0);
        assertThat(anna.maxYMm()).isCloseTo(0, within(1.0));
        assertThat(peggy.maxYMm()).as("descenders hang below the baseline").isGreaterThan(3);
        assertThat(peggy.centre().xMm()).isCloseTo(0, within(1.5));
    }
}
