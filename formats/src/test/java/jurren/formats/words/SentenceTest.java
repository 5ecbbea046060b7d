package jurren.formats.words;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

class SentenceTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Shown is piece 1, size {0}.|one size|Shown is piece 1.",
                "It reaches out of the area on size {0}. Move it.|one size|It reaches out of the area. Move it.",
                "Pieces in size {0}|one size|Pieces",
                "The print for size {0} is wide.|one size|The print for the one size is wide.",
                "Shown is piece 1, size {0}.|XL|Shown is piece 1, size XL."
            })
    void aThingOfOneSizeIsNotToldByIt(String pattern, String size, String said) {
        assertThat(Sentence.of(pattern, size)).isEqualTo(said);
    }
}
