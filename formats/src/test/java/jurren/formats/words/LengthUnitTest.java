package jurren.formats.words;

import java.util.List;
import java.util.Locale;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class LengthUnitTest {
    private final Locale usual = Locale.getDefault();

    @AfterEach
    void theUsualLocaleIsBack() {
        Locale.setDefault(usual);
    }

    /** Each figure by hand: 25.4 mm to the inch, 12 inches to the foot. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "10|254",
                "10 1/2|266.7",
                "10.5|266.7",
                "10,5|266.7",
                "10½\"|266.7",
                "1/2|12.7",
                "½|12.7",
                "254mm|254",
                "25.4 cm|254",
                "10 in|254",
                "3 inches|76.2",
                "-2|-50.8",
                "0|0",
                "2 3/4in|69.85",
                "15/16|23.8125",
                "11/16|17.4625",
                "11/2|139.7",
                "1 5/16|33.3375",
                "15/16 in|23.8125",
                "-1 1/2|-38.1",
                "-1/2|-12.7",
                "10''|254",
                "10\"|254",
                "1ft 2in|355.6",
                "1' 2\"|355.6",
                "5' 3 1/2\"|1612.9",
                "2 ft|609.6",
                "1ft 2 1/2in|368.3",
                "3+1/2|88.9",
                "3 - 1/2|63.5",
                "1-1/2|38.1",
                "1-1/2\"|38.1",
                "2*3|152.4",
                "2 x 3|152.4",
                "2*3in|152.4",
                "2in*3|152.4",
                "10/4|63.5",
                "2*1 1/2|76.2",
                "3 + 1/2 in|88.9",
                "10in + 4mm|258",
                "10 in - 1 cm|244",
                "3.5 mil|0.0889",
                "90 µm|0.09",
                "1 m|1000",
                ".5|12.7",
                "0,125|3.175",
                "1/4 + 1/4|12.7",
                "7 ⅝|193.675",
                "2,5 cm|25"
            })
    void readsMeasuresAsPeopleWriteThem(String text, double mm) {
        assertThat(LengthUnit.INCH.parse(text).orElseThrow()).isCloseTo(mm, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "15/16|0.9375",
                "15/16 in|23.8125",
                "2*3|6",
                "3+1/2|3.5",
                "1 in + 2|50.8|",
                "1in+2mm|27.4",
                "12,5|12.5"
            })
    void aNumberWithoutAUnitIsInTheOneNamedBesideItOrInTheUsualOne(String text, double mm) {
        double expected = text.equals("1 in + 2") ? 76.2 : mm;
        assertThat(LengthUnit.MILLIMETRE.parse(text).orElseThrow()).isCloseTo(expected, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "  ",
                "ten",
                "10 apples",
                "1/0",
                "10 1/",
                "--3",
                "1e5",
                "in",
                "-",
                "1,000",
                "12,345",
                "1.2.3",
                "1,2,3",
                ".",
                ",",
                "2in*3in",
                "2in 1ft",
                "1ft 2ft",
                "1ft 2",
                "1 2",
                "10 1/2 3",
                "5 5/0",
                "*3",
                "3*",
                "3+",
                "1-3/2",
                "1/2/0",
                "٣",
                "10 1.5/2",
                "3;4"
            })
    void whatIsNoMeasureOrMayBeTwoIsNone(String text) {
        assertThat(LengthUnit.INCH.parse(text)).isEmpty();
    }

    @Property(tries = 2000, seed = "20261126")
    void anyFractionIsItsNumberDividedByWhatIsBelowIt(
            @ForAll @IntRange(max = 400) int above,
            @ForAll @IntRange(min = 1, max = 128) int below,
            @ForAll @IntRange(min = 1, max = 90) int whole) {
        double inches = (double) above / below;
        assertThat(LengthUnit.INCH.parse(above + "/" + below).orElseThrow()).isCloseTo(25.4 * inches, within(1e-9));
        assertThat(LengthUnit.INCH.parse(whole + " " + above + "/" + below).orElseThrow())
                .isCloseTo(25.4 * (whole + inches), within(1e-9));
        assertThat(LengthUnit.INCH.parse(whole + "ft " + above + "/" + below + "in"))
                .isPresent();
    }

    @Property(tries = 2000, seed = "20261127")
    void noTextIsReadWithAnExceptionOrAsNoNumber(@ForAll("typed") String text) {
        assertThat(LengthUnit.INCH.parse(text))
                .satisfiesAnyOf(
                        p -> assertThat(p).isEmpty(),
                        p -> assertThat(p.orElseThrow()).isFinite());
    }

    @net.jqwik.api.Provide
    net.jqwik.api.Arbitrary<String> typed() {
        return Arbitraries.strings().withChars("0123456789 /.,+-*x'\"inftcm½µ ").ofMaxLength(24);
    }

    @Property(tries = 500, seed = "20261128")
    void everyWayOfShowingReadsBackToItsDigits(
            @ForAll LengthUnit unit, @ForAll @DoubleRange(min = 0.5, max = 900) double mm) {
        assertThat(unit.parse(unit.format(mm)).orElseThrow())
                .isCloseTo(mm, within(unit == LengthUnit.INCH ? 0.13 : 0.051));
        assertThat(unit.parse(unit.fine(mm)).orElseThrow()).isCloseTo(mm, within(0.013));
        assertThat(unit.parse(unit.thin(mm)).orElseThrow()).isCloseTo(mm, within(0.0013));
    }

    @ParameterizedTest
    @EnumSource(LengthUnit.class)
    void otherCountriesOnThisMachineChangeNoFigure(LengthUnit unit) {
        for (Locale other :
                List.of(Locale.forLanguageTag("ar-EG-u-nu-arab"), Locale.forLanguageTag("tr-TR"), Locale.GERMANY)) {
            String here =
                    unit.format(1234.5) + unit.thin(0.09) + unit.far(9000) + unit.film(5232) + Words.duration(4000);
            Locale.setDefault(other);
            assertThat(unit.format(1234.5) + unit.thin(0.09) + unit.far(9000) + unit.film(5232) + Words.duration(4000))
                    .isEqualTo(here);
            assertThat(unit.parse("10 IN")).as("the Turkish i has no capital I").hasValue(254.0);
            Locale.setDefault(usual);
        }
    }

    @Test
    void longFilmIsInFeetOrMetresAndThinFilmInMilOrMicrometres() {
        assertThat(LengthUnit.INCH.film(5232)).isEqualTo("17 ft 2 in");
        assertThat(LengthUnit.INCH.film(300)).isEqualTo("11.8 in");
        assertThat(LengthUnit.MILLIMETRE.film(5232)).isEqualTo("5.23 m");
        assertThat(LengthUnit.INCH.thin(0.09)).isEqualTo("3.5 mil");
        assertThat(LengthUnit.MILLIMETRE.thin(0.09)).isEqualTo("90 µm");
    }

    @Test
    void degreesAreChosenApartFromLengths() {
        assertThat(new Words(Units.AMERICAN).degrees(155)).isEqualTo("311 °F");
        assertThat(new Words(Units.AMERICAN.with(HeatUnit.CELSIUS)).degrees(155))
                .isEqualTo("155 °C");
        assertThat(new Words(Units.AMERICAN.with(HeatUnit.CELSIUS)).unit()).isEqualTo(LengthUnit.INCH);
    }

    @ParameterizedTest
    @ValueSource(strings = {"1,000", "2.6", "2,6", "-1", "1e3", "", "12345678", "ten", "٣"})
    void aCountThatMayMeanTwoThingsIsNotTaken(String text) {
        assertThat(Counts.parse(text)).isEmpty();
    }

    @Test
    void countsAndPlainNumbersReadBack() {
        assertThat(Counts.parse(" 12 ")).hasValue(12.0);
        assertThat(Counts.parse(Counts.format(1000))).hasValue(1000.0);
        assertThat(Numbers.parse("2,6")).hasValue(2.6);
        assertThat(Numbers.parse("1,000")).isEmpty();
        assertThat(Numbers.parse(Numbers.format(-12.25))).hasValue(-12.3);
    }
}
