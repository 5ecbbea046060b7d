package jurren.core.art;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.art.treat.Stripes;
import jurren.core.art.treat.Treatments;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.core.trace.Picture;
import jurren.core.trace.Straightening;
import jurren.core.trace.TraceSettings;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

class PictureSourcesTest {
    private static final Colour BLACK = new Colour(0);
    private static final Colour CREAM = Colour.of("#F6EFDC");

    /** White with a black block from (20, 30) to (80, 70). */
    private static PictureFile block(byte name) {
        int[] argb = new int[100 * 100];
        for (int i = 0; i < argb.length; i++) {
            int x = i % 100;
            int y = i / 100;
            argb[i] = x >= 20 && x < 80 && y >= 30 && y < 70 ? 0xFF000000 : 0xFFFFFFFF;
        }
        Picture p = Picture.ofOwned(100, 100, argb);
        return new PictureFile("block.png", new byte[] {name}, p, _ -> p);
    }

    private static TracedPicture traced() {
        return new TracedPicture(
                block((byte) 1), Optional.empty(), TraceSettings.USUAL, Map.of(BLACK, CREAM), 0.5, 0.5);
    }

    private static BuiltMotif built(Source source, List<Treatment> treatments) {
        return new Chain().build(new Motif("m", "m", source, treatments, Pose.at(0, 0)));
    }

    @Test
    void aTracedPictureStandsAroundItsMiddleAtItsSizeInItsFilm() {
        BuiltMotif m = built(traced(), List.of());
        assertThat(m.paints()).extracting(Painted::colour).containsExactly(CREAM);
        Box box = m.bounds().orElseThrow();
        assertThat(box.widthMm()).isCloseTo(30, within(1e-6));
        assertThat(box.heightMm()).isCloseTo(20, within(1e-6));
        assertThat(box.centre().distanceMm(new Point(0, 0))).isLessThan(1e-6);
        assertThat(Sizing.toWidth(traced(), m, 60, true)).isEqualTo(traced().resized(2, 2));
        assertThat(built(traced().resized(2, 2), List.of())
                        .bounds()
                        .orElseThrow()
                        .widthMm())
                .isCloseTo(60, within(1e-6));
    }

    @Test
    void itIsASourceInTheChainLikeAnyOther() {
        BuiltMotif m =
                built(traced(), List.of(new Treatment.Weld(), new Treatment.Outlined(2, CornerStyle.MITRED, BLACK)));
        assertThat(m.bounds().orElseThrow().widthMm()).isCloseTo(34, within(1e-3));
        assertThat(Treatments.kinds()).as("every treatment takes it").allSatisfy(k -> {
            Treatment t = k.fresh().apply(BLACK);
            assertThat(built(traced(), List.of(t)).paints())
                    .allMatch(p -> p.region().isValid());
        });
        assertThat(built(traced(), List.of(new Stripes(3, 3, 0, true, BLACK)))
                        .region()
                        .areaMm2())
                .isLessThan(600);
    }

    @Test
    void equalFilesAndSettingsAreEqualWhereverTheirPixelsCameFrom() {
        assertThat(traced()).isEqualTo(traced()).hasSameHashCodeAs(traced());
        assertThat(new TracedPicture(
                        block((byte) 2), Optional.empty(), TraceSettings.USUAL, Map.of(BLACK, CREAM), 0.5, 0.5))
                .isNotEqualTo(traced());
        assertThat(traced().withSettings(Optional.of(Straightening.crop(0, 0, 50, 100)), TraceSettings.USUAL))
                .isNotEqualTo(traced());
        Region cropped = built(
                        traced().withSettings(Optional.of(Straightening.crop(0, 0, 50, 100)), TraceSettings.USUAL),
                        List.of())
                .region();
        assertThat(cropped.bounds().widthMm()).as("of 60 pixels 30 are left").isCloseTo(15, within(1e-6));
    }

    @Test
    void nothingIsMadeOfAGuideAndTwoPointsScaleIt() {
        Guide guide = new Guide(block((byte) 1), Optional.empty(), 0.5, 0.4);
        assertThat(built(guide, List.of(new Treatment.Weld())).isEmpty()).isTrue();
        assertThat(guide.box().widthMm()).isEqualTo(50);
        Guide scaled = guide.scaledBy(new Point(-10, 5), new Point(20, 45), 100);
        assertThat(scaled.mmPerPx()).as("50 mm became 100").isEqualTo(1);
        assertThatThrownBy(() -> guide.scaledBy(new Point(1, 1), new Point(1, 1), 10))
                .hasMessageContaining("two different points");
        assertThatThrownBy(() -> new Guide(guide.file(), Optional.empty(), 0.5, 1.5))
                .hasMessageContaining("between 0 and 1");
    }

    @Test
    void whatIsThinnerThanTheFilmHoldsIsFoundAndCornersAreNot() {
        Region square = Region.of(Box.ofSize(0, 0, 20, 20));
        assertThat(TooThin.of(square, 1)).as("corners hold").isEmpty();
        Region flag = square.weld(Region.of(Box.ofSize(20, 8, 15, 0.4))).weld(Region.of(Box.ofSize(5, 20, 1.2, 10)));
        List<Region> lost = TooThin.of(flag, 1);
        assertThat(lost).hasSize(1);
        assertThat(lost.getFirst().bounds().centre().xMm()).as("the thin arm").isCloseTo(27.5, within(0.5));
        assertThat(TooThin.of(flag, 2)).hasSize(2);
        assertThat(TooThin.of(flag.placed(Placement.scaled(5)), 1))
                .as("made wider it holds")
                .isEmpty();
        assertThat(TooThin.of(Region.EMPTY, 1)).isEmpty();
    }
}
