package jurren.core.art;

import java.util.List;
import java.util.stream.Stream;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.lettering.ShippedTypeface;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.TANGERINE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

class SizingTest {
    private final Chain chain = new Chain();

    static Stream<Source> sources() {
        return Stream.of(
                Lettering.of("Kite", ShippedTypeface.ANTON, 30, CREAM),
                Shape.of(Shape.Kind.STAR, 60, CREAM),
                Shape.of(Shape.Kind.BANNER, 80, CREAM));
    }

    private BuiltMotif built(Source source, Treatment... treatments) {
        return chain.build(new Motif("m", "m", source, List.of(treatments), Pose.at(0, 0)));
    }

    private static Box box(BuiltMotif built) {
        return built.bounds().orElseThrow();
    }

    /** The worked example: an outline of 3 mm does not grow with what it goes round. */
    @ParameterizedTest
    @MethodSource("sources")
    void wantedSizesIncludeWhatTreatmentsAdd(Source source) {
        Treatment outline = new Treatment.Outlined(3, CornerStyle.ROUND, TANGERINE);
        BuiltMotif now = built(source, outline);

        BuiltMotif wide = built(Sizing.toWidth(source, now, 206, true), outline);
        assertThat(box(wide).widthMm()).isCloseTo(206, within(0.3));
        double own = box(built(source)).widthMm() / box(built(source)).heightMm();
        BuiltMotif plain = built(Sizing.toWidth(source, now, 206, true));
        assertThat(box(plain).widthMm() / box(plain).heightMm())
                .as("in proportion")
                .isCloseTo(own, within(1e-6));

        BuiltMotif high = built(Sizing.toHeight(source, now, 90, false), outline);
        assertThat(box(high).heightMm()).isCloseTo(90, within(0.3));
        assertThat(box(high).widthMm()).as("the width stays").isCloseTo(box(now).widthMm(), within(0.3));
    }

    @ParameterizedTest
    @MethodSource("sources")
    void sizesThatCannotBeChangeNothing(Source source) {
        BuiltMotif outlined = built(source, new Treatment.Outlined(3, CornerStyle.ROUND, TANGERINE));
        assertThat(Sizing.toWidth(source, outlined, 5, true))
                .as("less than the outline alone")
                .isEqualTo(source);
        assertThatIllegalArgumentException().isThrownBy(() -> source.resized(0, 1));
        assertThatIllegalArgumentException().isThrownBy(() -> source.resized(1, Double.NaN));
        Lettering empty = Lettering.of(" ", ShippedTypeface.ANTON, 30, CREAM);
        assertThat(Sizing.toWidth(empty, built(empty), 100, true)).isEqualTo(empty);
    }

    /** What a drag shows before the new shape is worked out is what then is worked out. */
    @ParameterizedTest
    @MethodSource("sources")
    void whatIsShownMeanwhileIsWhatComes(Source source) {
        Source larger = source.resized(1.7, 1.3);
        Region meanwhile = Region.weld(built(source).placed(Sizing.between(source, larger)).paints().stream()
                .map(Painted::region)
                .toList());
        Region then =
                Region.weld(built(larger).paints().stream().map(Painted::region).toList());

        assertThat(meanwhile.bounds().widthMm()).isCloseTo(then.bounds().widthMm(), within(0.05));
        assertThat(meanwhile.bounds().heightMm()).isCloseTo(then.bounds().heightMm(), within(0.05));
    }

    @Test
    void sourcesOfDifferentKindsHaveNothingBetweenThem() {
        assertThat(Sizing.between(
                        Shape.of(Shape.Kind.STAR, 60, CREAM), Lettering.of("A", ShippedTypeface.ANTON, 9, CREAM)))
                .isEqualTo(jurren.core.geometry.Placement.HERE);
    }
}
