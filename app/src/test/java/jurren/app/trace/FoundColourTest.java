package jurren.app.trace;

import java.util.Map;
import jurren.core.material.Colour;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class FoundColourTest {
    private static final Colour A = Colour.of("#111111");
    private static final Colour B = Colour.of("#222222");
    private static final Colour C = Colour.of("#333333");

    @Test
    void whatWasPutIntoOneGoesAlongWhenThatIsPutIntoAnother() {
        Map<Colour, Colour> first = FoundColour.merged(Map.of(), A, B);
        assertThat(first).isEqualTo(Map.of(A, B));
        assertThat(FoundColour.merged(first, B, C)).isEqualTo(Map.of(A, C, B, C));
        assertThat(FoundColour.merged(first, C, A))
                .as("onto what is part of another")
                .isEqualTo(Map.of(A, B, C, B));
    }

    @Test
    void onePutOntoItsOwnPartTurnsThePairRound() {
        assertThat(FoundColour.merged(Map.of(A, B), B, A))
                .as("nothing goes round in a ring")
                .isEqualTo(Map.of(A, B));
    }
}
