package jurren.formats.drawing;

import java.awt.Font;
import java.awt.GraphicsEnvironment;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;

/** On any machine, whatever fonts it has. */
class NearFontsTest {
    @Test
    void whatIsHereIsFoundByItsOwnName() {
        Arrays.stream(GraphicsEnvironment.getLocalGraphicsEnvironment().getAvailableFontFamilyNames(Locale.ROOT))
                .filter(f -> f.startsWith("DejaVu") || f.startsWith("Nimbus"))
                .forEach(f -> {
                    assertThat(NearFonts.family(f)).hasValue(f);
                    assertThat(NearFonts.family(f.toUpperCase(Locale.ROOT).replace(" ", "")))
                            .as("however it is written")
                            .hasValue(f);
                });
    }

    @ParameterizedTest
    @ValueSource(strings = {"serif", "sans-serif", "Monospaced", "Dialog", "No Such Family At All", ""})
    void whatStandsForAnyFontIsNone(String name) {
        assertThat(NearFonts.family(name)).isEmpty();
    }

    @Test
    void oneOfTheSameWidthsIsTheSameForEachOfItsNames() {
        Optional<String> arial = NearFonts.family("Arial");
        assertThat(NearFonts.ofPostScript("ArialMT").map(Font::getFamily)).isEqualTo(arial);
        assertThat(NearFonts.ofPostScript("ABCDEF+Arial-BoldItalicMT").map(Font::getStyle))
                .isEqualTo(arial.map(_ -> Font.BOLD | Font.ITALIC));
        assertThat(NearFonts.ofPostScript("Helvetica-Oblique").map(Font::getStyle))
                .isEqualTo(NearFonts.family("Helvetica").map(_ -> Font.ITALIC));
        assertThat(NearFonts.ofPostScript("TimesNewRomanPS-BoldMT").map(Font::getFamily))
                .isEqualTo(NearFonts.family("Times New Roman"));
        assertThat(NearFonts.family("Helvetica").isPresent()).isEqualTo(arial.isPresent());
    }
}
