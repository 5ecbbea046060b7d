package jurren.core.layer;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.art.Art;
import jurren.core.art.Ink;
import jurren.core.art.Painted;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import jurren.core.material.Colour;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.SKY;
import static jurren.core.Fixtures.TANGERINE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** How paints become one sheet of ink. */
class PrintTest {
    private static Painted flat(Colour c, Region r) {
        return new Painted(c, Optional.of("dye-print"), r, List.of());
    }

    private static Painted clear(Colour c, double opacity, Region r) {
        return new Painted(c, Optional.of(new Ink.Clear(c, opacity)), Optional.of("dye-print"), r, List.of());
    }

    private static final Region PAGE = Shapes.rectangle(-100, -100, 300, 300);

    @Test
    void whatHidesLiesBesideAndWhatIsSeenThroughLiesOver() {
        Region all = Shapes.rectangle(0, 0, 100, 100);
        Region part = Shapes.rectangle(20, 20, 20, 20);
        Print print = Print.of(
                new Art(List.of(
                        flat(CREAM, all), flat(SKY, part), clear(TANGERINE, 0.5, Shapes.rectangle(30, 30, 40, 40)))),
                PAGE);
        assertThat(print.inks()).hasSize(3);
        assertThat(print.inks().getFirst().region().areaMm2())
                .as("cream less sky, but not less what is seen through")
                .isCloseTo(9600, within(1e-6));
        assertThat(print.shaded().areaMm2()).isCloseTo(1600, within(1e-6));
        assertThat(print.flats().get(CREAM).areaMm2()).isCloseTo(9600 - 1500, within(1e-6));
        assertThat(print.at(new Point(5, 5))).contains(CREAM);
        // 128 of 255 of #E8743B over #F6EFDC: 239, 177, 139
        assertThat(print.at(new Point(60, 60)).orElseThrow()).isEqualTo(Colour.of("#EFB18B"));
        assertThat(print.at(new Point(150, 150))).isEmpty();
    }

    /** A colour that comes again above something seen through is not moved below it. */
    @Test
    void nothingComesToLieUnderWhatItCovered() {
        Region all = Shapes.rectangle(0, 0, 100, 100);
        Print print = Print.of(
                new Art(List.of(
                        flat(CREAM, Shapes.rectangle(0, 0, 50, 100)),
                        clear(TANGERINE, 0.5, all),
                        flat(CREAM, Shapes.rectangle(60, 0, 20, 20)))),
                PAGE);
        assertThat(print.at(new Point(70, 10))).contains(CREAM);
        assertThat(print.at(new Point(10, 10)).orElseThrow()).isNotEqualTo(CREAM);
    }

    /**
     * Between two colours that end at the same edge, bleed of each goes on straight out; behind both, the nearest gets
     * there.
     */
    @Test
    void bleedComesFromTheNearestColour() {
        Print print = Print.flat(Map.of(CREAM, Shapes.rectangle(0, 0, 50, 50))).bleeding(3);
        assertThat(print.bounds().widthMm()).isCloseTo(56, within(1e-6));
        Print two = new Print(List.of(
                        new Inked(CREAM, Optional.empty(), Shapes.rectangle(0, 0, 50, 50)),
                        new Inked(SKY, Optional.empty(), Shapes.rectangle(50, 0, 50, 50))))
                .bleeding(3);
        assertThat(two.at(new Point(10, -2))).contains(CREAM);
        assertThat(two.at(new Point(90, -2))).contains(SKY);
        assertThat(two.at(new Point(52.5, -2)))
                .as("sky is 2 mm away, cream 2.5")
                .contains(SKY);
        assertThat(two.everything().areaMm2())
                .isCloseTo(
                        Shapes.rectangle(0, 0, 100, 50)
                                .grown(3, jurren.core.geometry.CornerStyle.ROUND)
                                .areaMm2(),
                        within(1.0));
    }

    @Test
    void anEmptyPrintHasNothingToShow() {
        assertThat(Print.NONE.isEmpty()).isTrue();
        assertThat(Print.NONE.at(new Point(0, 0))).isEmpty();
        assertThat(Print.of(
                                new Art(List.of(clear(SKY, 0.2, Shapes.rectangle(0, 0, 10, 10)))),
                                Shapes.rectangle(50, 50, 5, 5))
                        .isEmpty())
                .isTrue();
    }
}
