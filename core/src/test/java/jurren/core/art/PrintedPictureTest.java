package jurren.core.art;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jurren.core.Fixtures;
import jurren.core.art.treat.KeepInPart;
import jurren.core.art.treat.KeepInside;
import jurren.core.art.treat.Mirror;
import jurren.core.art.treat.RepeatRow;
import jurren.core.art.treat.SoftShadow;
import jurren.core.art.treat.Treatments;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.core.trace.Picture;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

/** Pictures as motifs: where they stand, what is left of them, and what an ink shows at a point. */
class PrintedPictureTest {
    private static final int RED = 0xFFC80000;
    private static final int BLUE = 0xFF0000C8;

    private static PictureFile file(String name, Picture p) {
        return new PictureFile(name, name.getBytes(java.nio.charset.StandardCharsets.UTF_8), p, _ -> p);
    }

    /** 40 by 20 pixels: red on the left half, blue on the right. */
    static PictureFile halves() {
        int[] argb = new int[40 * 20];
        for (int i = 0; i < argb.length; i++) {
            argb[i] = i % 40 < 20 ? RED : BLUE;
        }
        return file("halves.png", Picture.ofOwned(40, 20, argb));
    }

    /** 100 by 100 pixels, clear but for a disc of radius 40 around the middle, its rim as a painter smooths it. */
    private static PictureFile disc() {
        int[] argb = new int[100 * 100];
        for (int i = 0; i < argb.length; i++) {
            double d = Math.hypot(i % 100 + 0.5 - 50, i / 100 + 0.5 - 50);
            argb[i] = (int) Math.round(255 * Math.clamp(40.5 - d, 0, 1)) << 24 | 0x3366AA;
        }
        return file("disc.png", Picture.ofOwned(100, 100, argb));
    }

    private static Motif motif(String id, Source source, Treatment... treatments) {
        return new Motif(id, id, source, List.of(treatments), Pose.at(0, 0));
    }

    private static BuiltMotif built(Source source, Treatment... treatments) {
        return new Chain().build(motif("m", source, treatments));
    }

    private static PrintedPicture wide(double mmPerPx) {
        return new PrintedPicture(halves(), PrintedPicture.Crop.NONE, 1, mmPerPx, mmPerPx);
    }

    private static int shows(BuiltMotif m, double x, double y) {
        return m.paints().stream()
                .filter(p -> p.region().contains(new Point(x, y)))
                .reduce((_, top) -> top)
                .map(p -> p.ink().orElseThrow().argb(x, y))
                .orElse(0);
    }

    @Test
    void itStandsAroundItsMiddleAndShowsItsPixelsWhereTheyAre() {
        BuiltMotif m = built(wide(2));
        assertThat(m.bounds().orElseThrow()).isEqualTo(new Box(-40, -20, 40, 20));
        assertThat(shows(m, -5, 3)).isEqualTo(RED);
        assertThat(shows(m, 5, 3)).isEqualTo(BLUE);
        assertThat(m.paints().getFirst().colour()).as("its mean stands for it").isEqualTo(new Colour(0x640064));
        assertThat(wide(2).perInch()).isEqualTo(12.7, within(1e-9));
        assertThat(PrintedPicture.of(halves(), OptionalDouble.of(254), 1).mmPerPxAcross())
                .isEqualTo(0.1, within(1e-12));
        assertThat(PrintedPicture.of(halves(), OptionalDouble.empty(), 80).mmPerPxAcross())
                .isEqualTo(2);
    }

    /** A quarter off on the left: 30 pixels are left, of which the first ten are red. */
    @Test
    void aCropLeavesTheRestAroundItsOwnMiddle() {
        BuiltMotif m = built(wide(2).withCrop(new PrintedPicture.Crop(0.25, 0, 0, 0.5)));
        assertThat(m.bounds().orElseThrow()).isEqualTo(new Box(-30, -10, 30, 10));
        assertThat(shows(m, -11, 0)).isEqualTo(RED);
        assertThat(shows(m, -9, 0)).isEqualTo(BLUE);
    }

    /**
     * 40 by 20 pixels, the left half cropped off, over 30 by 50 mm: as high as it has to be, and wider than it need.
     */
    @Test
    void itCoversABoxInProportion() {
        Box box = built(wide(2).withCrop(new PrintedPicture.Crop(0.5, 0, 0, 0)).covering(new Box(0, 0, 30, 50)))
                .bounds()
                .orElseThrow();
        assertThat(box.heightMm()).isCloseTo(50, within(1e-9));
        assertThat(box.widthMm()).isCloseTo(50, within(1e-9));
    }

    @Test
    void aClearGroundIsNoPartOfIt() {
        Region edge = built(new PrintedPicture(disc(), PrintedPicture.Crop.NONE, 1, 0.5, 0.5))
                .region();
        assertThat(edge.areaMm2()).isCloseTo(Math.PI * 400, within(6.0));
        assertThat(edge.bounds().widthMm()).isCloseTo(40, within(0.2));
    }

    @Test
    void theInkGoesWithWhatIsMirroredRepeatedAndCutOut() {
        BuiltMotif mirrored = built(wide(2), new Mirror(false));
        assertThat(shows(mirrored, -5, 3)).isEqualTo(BLUE);
        BuiltMotif two = built(wide(2), new RepeatRow(2, 100, 0));
        assertThat(two.paints()).hasSize(2);
        assertThat(shows(two, -55, 0)).isEqualTo(RED);
        assertThat(shows(two, 55, 0)).isEqualTo(BLUE);
        Motif window = motif("w", new Shape(Shape.Kind.RECTANGLE, 20, 20, 4, 0, Fixtures.CREAM));
        Motif kept = motif("p", wide(2), new KeepInside("w", 2));
        BuiltMotif inside = new Chain().build(kept, List.of(window, kept));
        assertThat(inside.bounds().orElseThrow().widthMm())
                .as("2 mm within on either side")
                .isCloseTo(16, within(1e-6));
        assertThat(shows(inside, -5, 0)).isEqualTo(RED);
    }

    /** Letters are counted from the left without the outline under them, and each keeps what stands within it. */
    @Test
    void anotherPictureInEachLetter() {
        Motif word = Fixtures.name("HI").withPose(Pose.at(0, 0));
        for (int letter = 1; letter <= 2; letter++) {
            Motif kept = motif("p", wide(10), new KeepInPart(word.id(), letter, 0));
            Box box = new Chain().build(kept, List.of(word, kept)).bounds().orElseThrow();
            Box whole =
                    new Chain().build(word.withTreatments(List.of())).bounds().orElseThrow();
            assertThat(letter == 1 ? box.minXMm() : box.maxXMm())
                    .isCloseTo(letter == 1 ? whole.minXMm() : whole.maxXMm(), within(1e-6));
            assertThat(box.widthMm()).isLessThan(whole.widthMm() * 0.75);
        }
        Motif third = motif("p", wide(10), new KeepInPart(word.id(), 3, 0));
        assertThat(new Chain().build(third, List.of(word, third)).region().isEmpty())
                .as("there is no third")
                .isTrue();
    }

    /** The dot of an i belongs to it, and a second line is counted after the first. */
    @Test
    void lettersAreCountedLineByLine() {
        Motif word = new Motif(
                "w",
                "w",
                Lettering.of("Oi\nTO", jurren.core.lettering.ShippedTypeface.ANTON, 20, Fixtures.CREAM),
                List.of(new Treatment.Weld()),
                Pose.at(0, 146.3));
        List<Paint> paints = new Chain()
                .build(word).paints().stream()
                        .map(p -> new Paint(p.colour(), List.of(p.region())))
                        .toList();
        List<Region> letters = KeepInPart.letters(paints);
        assertThat(letters).hasSize(4);
        assertThat(letters.get(1).pieceCount()).as("i").isEqualTo(2);
        assertThat(letters.get(0).bounds().maxXMm())
                .isLessThan(letters.get(1).bounds().minXMm());
        assertThat(letters.get(2).bounds().minYMm())
                .isGreaterThan(letters.get(1).bounds().maxYMm() - 1);
        assertThat(letters.get(3).holeCount()).as("the second O").isEqualTo(1);
    }

    @Test
    void everyTreatmentTakesIt() {
        assertThat(Treatments.kinds())
                .allSatisfy(k -> assertThat(
                                built(wide(2), k.fresh().apply(Fixtures.SKY)).paints())
                        .allMatch(p -> p.region().isValid()));
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> wide(2).withOpacity(0))
                .withMessageContaining("above 0");
        assertThatIllegalArgumentException().isThrownBy(() -> wide(0));
        assertThatIllegalArgumentException().isThrownBy(() -> new PrintedPicture.Crop(0.6, 0, 0.5, 0));
        assertThatIllegalArgumentException().isThrownBy(() -> new Ink.Clear(Fixtures.SKY, 0));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Ink.Shade(false, Placement.HERE, List.of(new Ink.Stop(0, RED)), 1));
    }

    /** Beyond its edge a picture goes on as in a mirror, so that its bleed shows what is beside it. */
    @Test
    void beyondItsEdgeAPictureIsMirrored() {
        Ink ink = new Ink.OfPicture(halves(), Placement.HERE, 1);
        assertThat(ink.argb(-3, 5)).isEqualTo(RED);
        assertThat(ink.argb(43, 5)).isEqualTo(BLUE);
        assertThat(ink.argb(20, 5)).as("halfway between the two").isEqualTo(0xFF640064);
        assertThat(ink.faded(0.5).argb(3, 5)).isEqualTo(0x80C80000);
    }

    /** From black at 0 to white at 100 mm, a quarter along. */
    @Test
    void aShadeIsBetweenItsStops() {
        List<Ink.Stop> stops = List.of(new Ink.Stop(0, 0xFF000000), new Ink.Stop(1, 0xFFFFFFFF));
        Ink along = new Ink.Shade(false, Placement.scaled(100), stops, 1);
        assertThat(along.argb(25, 7)).isEqualTo(0xFF404040);
        assertThat(along.argb(-9, 0)).isEqualTo(0xFF000000);
        assertThat(along.argb(500, 0)).isEqualTo(0xFFFFFFFF);
        Ink round = new Ink.Shade(true, Placement.scaled(10), stops, 1);
        assertThat(round.argb(3, 4)).as("5 of 10 mm out").isEqualTo(0xFF808080);
        assertThat(along.placed(Placement.moved(50, 0)).argb(75, 0)).isEqualTo(0xFF404040);
        assertThat(along.isOpaque()).isTrue();
        assertThat(new Ink.Shade(false, Placement.HERE, List.of(new Ink.Stop(0, 0), new Ink.Stop(1, RED)), 1)
                        .isOpaque())
                .isFalse();
    }

    /**
     * Under the middle of a 20 mm square it is as strong as was said, at its edge half of that, and 3 mm beyond
     * nothing.
     */
    @Test
    void aSoftShadowFadesOverItsBlur() {
        BuiltMotif m = built(
                new Shape(Shape.Kind.RECTANGLE, 20, 20, 4, 0, Fixtures.CREAM),
                new SoftShadow(5, 0, 3, 60, new Colour(0)));
        Painted shadow = m.paints().getFirst();
        Ink ink = shadow.ink().orElseThrow();
        assertThat(shadow.isOnlyInk()).isTrue();
        assertThat(alpha(ink, 5, 0)).isCloseTo(153, within(2));
        assertThat(alpha(ink, 15, 0)).as("at its edge").isCloseTo(76, within(8));
        assertThat(alpha(ink, 17.9, 0)).isLessThan(8);
        assertThat(shadow.region().bounds().maxXMm()).isCloseTo(18, within(1e-6));
        assertThat(m.paints().getLast().ink()).isEqualTo(Optional.empty());
    }

    private static int alpha(Ink ink, double x, double y) {
        return ink.argb(x, y) >>> 24;
    }
}
