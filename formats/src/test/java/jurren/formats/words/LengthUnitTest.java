package jurren.formats.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthUnitTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"10|254", "10 1/2|266.7", "10.5|266.7", "10,5|266.7", "10½\"|266.7", "1/2|12.7", "½|12.7",
        "254mm|254", "25.4 cm|254", "10 in|254", "3 inches|76.2", "-2|-50.8", "0|0", "2 3/4in|69.85"})
    void readsMeasuresAsPeopleWriteThem(String text, double mm) {
        assertThat(LengthUnit.INCH.parse(text).orElseThrow()).isCloseTo(mm, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  ", "ten", "10 apples", "1/0", "10 1/", "--3", "1e5", "in", "-"})
    void whatIsNoMeasureIsNone(String text) {
        assertThat(LengthUnit.INCH.parse(text)).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(LengthUnit.class)
    void whatIsShownReadsBackToTheDigitsShown(LengthUnit unit) {
        for (double mm = 0.5; mm < 900; mm *= 1.37) {
            assertThat(unit.parse(unit.format(mm)).orElseThrow()).isCloseTo(mm, within(unit == LengthUnit.INCH ? 0.13 : 0.051));
            assertThat(unit.parse(unit.fine(mm)).orElseThrow()).isCloseTo(mm, within(0.013));
        }
    }

    @Test
    void longFilmIsInFeetOrMetres() {
        assertThat(LengthUnit.INCH.film(5232)).isEqualTo("17 ft 2 in");
        assertThat(LengthUnit.INCH.film(300)).isEqualTo("11.8 in");
        assertThat(LengthUnit.MILLIMETRE.film(5232)).isEqualTo("5.23 m");
    }
}
