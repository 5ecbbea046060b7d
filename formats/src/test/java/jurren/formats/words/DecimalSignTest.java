package jurren.formats.words;

import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Isolated;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

@Isolated("the sign is a choice of the whole program")
class DecimalSignTest {
    @BeforeEach
    void comma() {
        DecimalSign.COMMA.use();
    }

    @AfterEach
    void back() {
        DecimalSign.POINT.use();
    }

    @Test
    void everyFigureIsShownWithAComma() {
        assertThat(LengthUnit.INCH.format(281)).isEqualTo("11,06 in");
        assertThat(LengthUnit.INCH.fine(0.8)).isEqualTo("0,031 in");
        assertThat(LengthUnit.MILLIMETRE.format(281.04)).isEqualTo("281,0 mm");
        assertThat(LengthUnit.MILLIMETRE.film(1234)).isEqualTo("1,23 m");
        assertThat(LengthUnit.INCH.thin(0.1)).isEqualTo("3,9 mil");
        assertThat(Words.money(4.5, "$")).isEqualTo("$4,50");
        assertThat(Numbers.format(12.34)).isEqualTo("12,3");
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.8, 25.4, 31.4, 281, 1234.5})
    void whatIsShownReadsBack(double mm) {
        for (LengthUnit unit : LengthUnit.values()) {
            assertThat(unit.parse(unit.fine(mm)).orElseThrow()).isCloseTo(mm, within(0.026));
            assertThat(unit.parse(unit.format(mm)).orElseThrow()).isCloseTo(mm, within(0.13));
        }
        assertThat(Numbers.parse(Numbers.format(mm)).orElseThrow()).isCloseTo(mm, within(0.05));
    }

    @Test
    void theMachineSaysWhatIsUsual() {
        Locale here = Locale.getDefault(Locale.Category.FORMAT);
        try {
            Locale.setDefault(Locale.Category.FORMAT, Locale.forLanguageTag("tr-TR"));
            assertThat(DecimalSign.usual()).isEqualTo(DecimalSign.COMMA);
            Locale.setDefault(Locale.Category.FORMAT, Locale.forLanguageTag("ar-EG-u-nu-arab"));
            assertThat(DecimalSign.usual()).isEqualTo(DecimalSign.POINT);
            Locale.setDefault(Locale.Category.FORMAT, Locale.US);
            assertThat(DecimalSign.usual()).isEqualTo(DecimalSign.POINT);
        } finally {
            Locale.setDefault(Locale.Category.FORMAT, here);
        }
    }

    @Test
    void aPointThatMayPartThousandsIsRefusedAndACommaNoMore() {
        assertThat(LengthUnit.MILLIMETRE.parse("1,234")).hasValue(1.234);
        assertThat(LengthUnit.MILLIMETRE.parse("1.234")).isEmpty();
        assertThat(LengthUnit.MILLIMETRE.parse("12.5")).hasValue(12.5);
        assertThat(Numbers.parse("1.234")).isEmpty();
        DecimalSign.POINT.use();
        assertThat(LengthUnit.MILLIMETRE.parse("1,234")).isEqualTo(Optional.empty());
        assertThat(LengthUnit.MILLIMETRE.parse("1.234")).hasValue(1.234);
    }
}
